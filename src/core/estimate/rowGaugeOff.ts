/** What if the row gauge comes out otherwise: the length that the rows give, and the rows that keep the length. */
import type { PiecePlan } from "./plan";
import { millimetres, type Millimetres } from "../units/brands";
import { estimatePiece } from "./piece";
import type { ProjectPlan } from "./wholeProject";

export interface RowGaugeOff {
  /** Rows more in 10 cm than calculated with; fewer where negative. */
  readonly off: number;
  /** Height of the same rows. */
  readonly heightMm: Millimetres;
  /** Rows that give the height that was wanted, and the yarn that the piece then takes. */
  readonly rows: number;
  readonly totalMm: Millimetres;
}

/** The gauge of a project, and what else is off as it is believed. */
type GaugedPlan = Pick<ProjectPlan, "gauge" | "likely">;

/** Parts of the ledger that grow with the rows. */
const BY_ROWS = ["plain", "drawIn", "crossings", "texture"];

/**
 * The piece at `off` rows more in 10 cm. The stitch gauge stays; so does the draw-in.
 * Example: 150 rows at 25 to 10 cm are 60 cm; at 26 they are 57.7 cm, and 156 rows keep the 60 cm.
 */
export function rowGaugeOff(plan: PiecePlan, { gauge, likely }: GaugedPlan, off: number): RowGaugeOff {
  const rowsPer10Cm = gauge.rowsPer10Cm + off;
  const otherwise = estimatePiece(plan, { ...gauge, rowsPer10Cm }, likely);
  const before = otherwise.rows;
  const rows = Math.max(1, Math.round((before * rowsPer10Cm) / gauge.rowsPer10Cm));
  const totalMm = otherwise.lines.reduce(
    (sum, { part, mm }) => sum + (BY_ROWS.includes(part) ? (mm * rows) / Math.max(1, before) : mm),
    0,
  );
  return { off, heightMm: otherwise.heightMm, rows, totalMm: millimetres(totalMm) };
}
