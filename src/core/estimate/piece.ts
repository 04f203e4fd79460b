/** A worked piece, from gauge to yarn. */
import type { Gauge, PlainStitch } from "../stitches/plainStitch";
import { DRAW_IN_SD } from "../fabric/drawIn";
import type { WorkedSection } from "../garment/work/workPiece";
import type { PiecePlan, PlannedSection } from "./plan";
import { millimetres, type Millimetres } from "../units/brands";
import { aboveRib, type AboveRib } from "./aboveRib";
import type { TailBasis } from "./longTail";
import { sumOf, type LedgerLine, type LedgerPart } from "./ledger";
import { deviated, lengthOf, measuresOf, type Measures } from "./measures";
import { widthsOf, type PieceWidths } from "./sectionWidths";
import type { Unknowns } from "./unknowns";
import { factorOf, tailBasis, usesOfPiece, yarnOfUse, type Use } from "./uses";
import { isArmhole } from "../project/sectionKinds";

export interface PieceEstimate {
  /** Stitches of the first cast-on; rows of one copy. */
  readonly castOn: number;
  readonly rows: number;
  readonly plain: PlainStitch;
  readonly widths: PieceWidths;
  /** Stitches and width of the fabric that makes up most of it: short for `widths.main`. */
  readonly stitches: number;
  readonly widthMm: Millimetres;
  readonly heightMm: Millimetres;
  readonly aboveRib: AboveRib | null;
  /** Null where nothing is cast on with a long tail. */
  readonly tailBasis: TailBasis | null;
  /** Without joins: where they fall hangs on all that is knitted of the yarn. */
  readonly lines: readonly LedgerLine[];
  readonly totalMm: Millimetres;
}

/** Whether a pattern swatch has said how far this knitter's cables pull in. */
export const isDrawInSwatched = ({ drawInSd }: Pick<PiecePlan, "drawInSd">) => drawInSd < 0.9 * DRAW_IN_SD;

/**
 * The lines of a use. The draw-in is the plain fabric beyond what its finished area needs: the stitches are counted, so
 * it moves yarn from plain to draw-in and leaves the total. What saves yarn, as slipped stitches or a fabric that
 * spreads, is less of what it saves from: no part is below nothing.
 */
export function linesOfUse(use: Use, at: Measures, unknowns: Unknowns): readonly LedgerLine[] {
  const { part, yarnId, sectionId, fabric, scale = 1 } = use;
  const mm = yarnOfUse(use, at, unknowns);
  const line = (of: LedgerPart, length: number) => ({ part: of, yarnId, sectionId, mm: length });
  if (!fabric) return mm === 0 || (part === "texture" && mm < 0) ? [] : [line(part, mm)];
  const rows = scale * factorOf(use.follows, unknowns);
  const covering = rows * fabric.covering * at.loopMm;
  const drawIn = mm - covering + rows * Math.min(0, lengthOf(fabric.texture, at));
  return [line("plain", covering + Math.min(0, drawIn)), line("drawIn", Math.max(0, drawIn))].filter(
    (one) => one.mm !== 0,
  );
}

/** Height in plain rows of what stands on the first cast-on; the second side grows beside the first. */
function risen(sections: readonly PlannedSection[], until?: (section: WorkedSection) => boolean): number {
  let sum = 0;
  for (const { worked } of sections) {
    if (until?.(worked)) break;
    if (worked.strip > 0 || worked.side === "second") continue;
    for (const { rise } of worked.rows) sum += rise;
  }
  return sum;
}

const beginsArmhole = ({ section, side }: WorkedSection) => isArmhole(section) && side === "whole";

/** Height in plain rows of a side up to the armhole, where there is one. */
export const seamRows = (sections: readonly PlannedSection[]) => risen(sections, beginsArmhole);

/** Which of the sections begins the armhole; behind the last where none does. */
export function armholeAt(sections: readonly PlannedSection[]): number {
  const at = sections.findIndex(({ worked }) => beginsArmhole(worked));
  return at < 0 ? sections.length : at;
}

/** The first time that a plan is asked about is at its own gauge; what if it were another one is not kept. */
const estimated = new WeakMap<PiecePlan, { readonly key: string; readonly estimate: PieceEstimate }>();

/**
 * The figures of a piece at a gauge; asked again at its own gauge they are the same object.
 * Example: 100 plain stitches by 100 rows at 20 x 28 are 50 by 35.7 cm.
 */
export function estimatePiece(plan: PiecePlan, gauge: Gauge, unknowns: Unknowns): PieceEstimate {
  const key = JSON.stringify([gauge, unknowns]);
  const before = estimated.get(plan);
  if (before?.key === key) return before.estimate;
  const estimate = figuresOf(plan, gauge, unknowns);
  if (!before) estimated.set(plan, { key, estimate });
  return estimate;
}

function figuresOf(plan: PiecePlan, gauge: Gauge, unknowns: Unknowns): PieceEstimate {
  const { sections, cabled } = plan;
  const plain = deviated(gauge, unknowns);
  const widths = widthsOf(sections, plain, plan.drawInSd);
  const [firstOn] = sections.flatMap(({ worked }) => worked.edges.filter((edge) => edge.kind === "castOn"));
  const uses = usesOfPiece(plan);
  const tail = uses.find((use) => use.tail)?.tail;
  const at = measuresOf(plain, unknowns);
  const lines = uses.flatMap((use) => linesOfUse(use, at, unknowns));
  return {
    castOn: firstOn?.stitches ?? sections[0]?.worked.to ?? 0,
    rows: sections.reduce((sum, { worked }) => sum + worked.rows.length, 0),
    plain,
    widths,
    stitches: widths.main?.stitches ?? 0,
    widthMm: widths.main?.widthMm ?? millimetres(0),
    heightMm: millimetres(risen(sections) * plain.heightMm),
    aboveRib: cabled
      ? aboveRib(cabled.stitches, cabled.content.kept.all, cabled.content.crossingsAcross)
      : null,
    tailBasis: tail ? tailBasis(tail, plain) : null,
    lines,
    totalMm: sumOf(lines),
  };
}
