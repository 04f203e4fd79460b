/** What has been knitted of the demo: half way up the back, over three evenings. */
import type { Log, LogEvent } from "@/core/project/log";
import { withAct, type Act } from "@/core/progress/merge";

const BACK = { pieceId: "back", copy: 1 };
/** Seven in the evening, five minutes a row. */
const FIRST_EVENING = Date.UTC(2026, 9, 5, 19);
const DAY = 86_400_000;
const ROW = 300_000;

const rows = (count: number): readonly Act[] =>
  Array.from({ length: count }, () => ({ kind: "rowDone", ...BACK }));

const weighed = (massG: number): Act => ({ kind: "weighed", ...BACK, yarnId: "yarn-1", massG, stepG: 1 });
/** She weighs a ball before its first row. */
const joined: Act = { kind: "joined", ...BACK, yarnId: "yarn-1", massG: 50, leftG: null };

/** This knitter's loops take some 2 % more than her swatch said. */
const EVENINGS: readonly (readonly Act[])[] = [
  [joined, ...rows(24), weighed(16)],
  [...rows(9), joined, ...rows(17), weighed(22)],
  [
    ...rows(10),
    { kind: "rippedBack", ...BACK, rows: 6 },
    { kind: "note", ...BACK, text: "Row 57 leaned to the right. Ripped back to row 54." },
    ...rows(9),
    joined,
    ...rows(19),
    weighed(19),
  ],
];

export const demoLog = (): LogEvent[] => {
  let log: Log = [];
  EVENINGS.forEach((acts, evening) =>
    acts.forEach((act, index) => {
      const at = FIRST_EVENING + evening * DAY + index * ROW;
      log = withAct(log, act, `demo-${log.length + 1}`, at);
    }),
  );
  return [...log];
};
