/** The ledger: where the yarn goes, in parts that add up to the total. */
import { millimetres, type Millimetres } from "../units/brands";

/** Parts in the order they are told. One more kind of use is one more row. */
export const LEDGER_PARTS = [
  { id: "plain", name: "Plain fabric", why: "Plain stitches enough to cover the finished size." },
  { id: "drawIn", name: "Draw-in", why: "More plain stitches, because cables and purls pull the width in." },
  { id: "crossings", name: "Crossings", why: "Loops that travel over their neighbours are pulled longer." },
  {
    id: "texture",
    name: "Texture",
    why: "Bobbles and nupps; and a stitch that shows purl takes 2 % more than one that shows knit.",
  },
  {
    id: "castOn",
    name: "Cast on",
    why: "Loops on the needle and the tail beside them; stitches picked up along an edge.",
  },
  { id: "castOff", name: "Cast off", why: "Loops drawn over one another, or sewn." },
  { id: "seams", name: "Seams", why: "One and a half times each seam or hem, and two ends." },
  {
    id: "ends",
    name: "Ends and joins",
    why: "15 cm for each end; two ends where a ball is joined; yarn carried along.",
  },
  { id: "swatch", name: "Swatch", why: "A square of plain fabric with its edges, where it is counted in." },
  {
    id: "extras",
    name: "Extras",
    why: "Pompons, fringe, tassels, cords, buttons, what is kept for mending.",
  },
] as const;

export type LedgerPart = (typeof LEDGER_PARTS)[number]["id"];
export type Ledger = { readonly [Part in LedgerPart]: Millimetres };

/** One line of the ledger: so much of a yarn for a part of a section. */
export interface LedgerLine {
  readonly part: LedgerPart;
  readonly yarnId: string;
  /** Null for what belongs to a whole piece or to the project. */
  readonly sectionId: string | null;
  readonly mm: number;
}

/** Sums lines by part. Example: no lines give noughts. */
export function ledgerOf(lines: Iterable<LedgerLine>): Ledger {
  const sums: { [Part in LedgerPart]?: number } = {};
  for (const { part, mm } of lines) sums[part] = (sums[part] ?? 0) + mm;
  return Object.fromEntries(LEDGER_PARTS.map(({ id }) => [id, millimetres(sums[id] ?? 0)])) as {
    [Part in LedgerPart]: Millimetres;
  };
}

/** Sum of lines. */
export const sumOf = (lines: readonly LedgerLine[]): Millimetres =>
  millimetres(lines.reduce((sum, { mm }) => sum + mm, 0));

/** Sum of all parts. */
export const totalOf = (ledger: Ledger): Millimetres =>
  millimetres(LEDGER_PARTS.reduce((total, { id }) => total + ledger[id], 0));

/**
 * Rounds parts to whole steps so that the rounded parts still add up to the rounded total (largest
 * remainder). Example: [1.4, 1.4, 1.2] in steps of 1 gives [2, 1, 1], which is 4.
 */
export function roundedToSum(parts: readonly number[], step = 1): readonly number[] {
  const inSteps = parts.map((part) => part / step);
  const floors = inSteps.map(Math.floor);
  const total = Math.round(inSteps.reduce((sum, part) => sum + part, 0));
  const missing = total - floors.reduce((sum, part) => sum + part, 0);
  const byRemainder = inSteps
    .map((part, index) => ({ index, remainder: part - Math.floor(part) }))
    .sort((a, b) => b.remainder - a.remainder || a.index - b.index);
  const raised = new Set(byRemainder.slice(0, missing).map(({ index }) => index));
  return floors.map((part, index) => (part + (raised.has(index) ? 1 : 0)) * step);
}
