/** The ledger: where the yarn goes, in parts that add up to the total. */
import { millimetres, type Millimetres } from "../units/brands";

/** Parts in the order they are told. */
export const LEDGER_PARTS = [
  "plain",
  "drawIn",
  "crossings",
  "texture",
  "castOn",
  "castOff",
  "seams",
  "ends",
  "swatch",
  "extras",
] as const;

export type LedgerPart = (typeof LEDGER_PARTS)[number];
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
  return Object.fromEntries(LEDGER_PARTS.map((part) => [part, millimetres(sums[part] ?? 0)])) as {
    [Part in LedgerPart]: Millimetres;
  };
}

/** Sum of lines. */
export const sumOf = (lines: readonly LedgerLine[]): Millimetres =>
  millimetres(lines.reduce((sum, { mm }) => sum + mm, 0));

/** Sum of all parts. */
export const totalOf = (ledger: Ledger): Millimetres =>
  millimetres(LEDGER_PARTS.reduce((total, part) => total + ledger[part], 0));

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
