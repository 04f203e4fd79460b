/** Ropes of the library: every width from 2 to 12 stitches, both ways, and some at other spacings. */
import type { LibraryPanel } from "./libraryPanel";

/** Half the stitches, and rows from one crossing to the next. */
const USUAL = [
  [1, 2],
  [2, 4],
  [3, 6],
  [4, 10],
  [5, 12],
  [6, 14],
] as const;
const OTHERS = [
  [2, 6],
  [2, 8],
  [3, 4],
  [3, 8],
  [4, 8],
] as const;

function rope(half: number, every: number, side: "L" | "R"): LibraryPanel {
  const straight = `P2, K${2 * half}, P2.`;
  const between = every === 4 ? "Row 3" : `Rows 3-${every - 1} odd`;
  return {
    id: `rope-${half}-${half}-${side.toLowerCase()}-${every}`,
    name: `Rope, ${half} over ${half}, leaning ${side === "L" ? "left" : "right"}, every ${every} rows`,
    family: "Ropes",
    lies: half * 2 > every ? "Pulls in hard." : "Pulls in.",
    sides: "Two purls at each side, so that it stands out; side by side, ropes share them.",
    text: [
      `multiple of ${2 * half + 2} + 2`,
      `Row 1 (RS): P2, ${half}/${half} ${side}C, P2.`,
      `Row 2 and all WS rows: K2, P${2 * half}, K2.`,
      ...(every > 2 ? [`${between}: ${straight}`] : []),
    ].join("\n"),
  };
}

export const ROPE_PANELS: readonly LibraryPanel[] = [
  ...USUAL.flatMap(([half, every]) => [rope(half, every, "L"), rope(half, every, "R")]),
  ...OTHERS.map(([half, every]) => rope(half, every, "L")),
];
