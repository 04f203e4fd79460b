/** A worked piece, from gauge to yarn. */
import { plainStitch, type Gauge, type PlainStitch } from "../fabric/plainStitch";
import { DRAW_IN_SD } from "../fabric/drawIn";
import type { Content } from "../garment/content";
import type { WorkedSection } from "../garment/work/workPiece";
import type { PlannedSection } from "./plannedSection";
import { millimetres, type Millimetres } from "../units/brands";
import { aboveRib, type AboveRib } from "./aboveRib";
import { END_MM, type TailBasis, type TailSchool } from "./castOn";
import { edgeYarn, type ColourExtras } from "./colourWork";
import { castOffYarn, castOnYarn, seamYarn } from "./edges";
import { sumOf, type LedgerLine, type LedgerPart } from "./ledger";
import { widthsOf, type PieceWidths } from "./sectionWidths";
import { yarnOfTally } from "./tally";
import type { Unknowns } from "./unknowns";

const { exp, log } = Math;

/** A fabric of a piece, on so many stitches. */
export interface PieceFabric {
  readonly sectionId: string;
  readonly content: Content;
  readonly stitches: number;
}

/** Everything that the yarn of a piece depends on, but the gauge. */
export interface PiecePlan {
  readonly id: string;
  /** How often it is worked; a mirrored one takes as much as its twin. */
  readonly times: number;
  readonly yarnId: string;
  readonly thicknessMm: Millimetres;
  readonly sections: readonly PlannedSection[];
  /** The first panels that are worked, by which draw-in is told; null where nothing is cabled. */
  readonly cabled: PieceFabric | null;
  readonly tail: { readonly school: TailSchool; readonly twentyMm: Millimetres };
  /** Standard deviation of the draw-in's scale, as it is believed. */
  readonly drawInSd: number;
}

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

/** The plain stitch of a gauge with its deviations. */
export function deviated(
  { stitchesPer10Cm, rowsPer10Cm }: Gauge,
  { width, height, loop }: Unknowns,
): PlainStitch {
  const gauged = plainStitch({
    stitchesPer10Cm: stitchesPer10Cm * exp(-width),
    rowsPer10Cm: rowsPer10Cm * exp(-height),
  });
  return { ...gauged, loopMm: millimetres(gauged.loopMm * exp(loop)) };
}

/**
 * Rows of a section against those that were planned. One that is worked to a length has as many as fill it.
 * Example: rows 2 % higher than planned give 2 % fewer of them.
 */
export function rowsFactor(toLength: number | null, { height, drawHeight }: Unknowns): number {
  if (toLength === null) return 1;
  return exp(-height - (exp(drawHeight) - 1) * log(toLength));
}

/** The same stitch on another needle. */
export const scaled = ({ widthMm, heightMm, loopMm, aspect }: PlainStitch, by: number): PlainStitch => ({
  widthMm: millimetres(widthMm * by),
  heightMm: millimetres(heightMm * by),
  loopMm: millimetres(loopMm * by),
  aspect,
});

/** Twists take about a stitch's width, carried yarn the height of the rows that it passes. */
const colourYarn = ({ ends, carriedRows, twists }: ColourExtras, { widthMm, heightMm }: PlainStitch) =>
  ends * END_MM + carriedRows * heightMm + twists * widthMm;

interface Basis {
  readonly plain: PlainStitch;
  readonly unknowns: Unknowns;
  readonly plan: PiecePlan;
}

/** What the tail of a cast-on is reckoned from. */
export const tailOf = (
  { needleMm }: PlannedSection,
  edge: { readonly stitches: number; readonly width: number },
  { plan, plain }: Pick<Basis, "plan" | "plain">,
): TailBasis => ({
  stitches: edge.stitches,
  needleMm,
  thicknessMm: plan.thicknessMm,
  twentyMm: plan.tail.twentyMm,
  finishedWidthMm: millimetres(edge.width * plain.widthMm),
});

/** Cast-ons, cast-offs, hems and ends of a section, in its one yarn, or in the piece's own where it has several. */
export function edgeLines(planned: PlannedSection, basis: Basis): readonly LedgerLine[] {
  const { worked } = planned;
  const { plan, unknowns } = basis;
  const plain = scaled(basis.plain, worked.scale);
  return worked.edges.map((edge): LedgerLine => {
    const line = (part: LedgerPart, mm: number) => ({
      part,
      yarnId: edgeYarn(worked.section, plan.yarnId),
      sectionId: worked.section.id,
      mm,
    });
    if (edge.kind === "end") return line("ends", END_MM);
    const widthMm = millimetres(edge.width * basis.plain.widthMm);
    if (edge.kind === "sewn") return line("seams", seamYarn(1, widthMm));
    const { stitches } = edge;
    const of = { stitches, plain, widthMm };
    if (edge.kind === "castOff") return line("castOff", castOffYarn(edge.method, of, unknowns.castOff));
    const tail = { school: plan.tail.school, basis: tailOf(planned, edge, basis), deviation: unknowns.tail };
    return line("castOn", castOnYarn(edge.method, of, tail));
  });
}

/**
 * The yarn of a section. The draw-in is the plain fabric beyond what its finished area needs: the stitches
 * are counted, so it moves yarn from plain to draw-in and leaves the total.
 */
function sectionLines(planned: PlannedSection, basis: Basis): readonly LedgerLine[] {
  const { worked, shares, extras, area } = planned;
  const plain = scaled(basis.plain, worked.scale);
  const rows = rowsFactor(planned.toLength, basis.unknowns);
  const all = shares.reduce((sum, { tally }) => sum + tally.stitches, 0);
  const lines: LedgerLine[] = [];
  for (const { yarnId, tally } of shares) {
    const yarn = yarnOfTally(tally, plain, basis.unknowns);
    const covering = all > 0 ? ((area * tally.stitches) / all) * plain.loopMm : 0;
    const put = (part: LedgerPart, mm: number) => {
      if (mm !== 0) lines.push({ part, yarnId, sectionId: worked.section.id, mm: rows * mm });
    };
    // What saves yarn, as slipped stitches or a fabric that spreads, is less of what it saves from: no part is below nothing.
    const drawIn = yarn.plainMm - covering + Math.min(0, yarn.textureMm);
    put("plain", covering + Math.min(0, drawIn));
    put("drawIn", Math.max(0, drawIn));
    put("crossings", yarn.crossingMm);
    put("texture", Math.max(0, yarn.textureMm));
    put("castOn", yarn.castOnMm);
    put("castOff", yarn.castOffMm);
  }
  for (const one of extras) {
    const mm = colourYarn(one, plain);
    if (mm > 0) lines.push({ part: "ends", yarnId: one.yarnId, sectionId: worked.section.id, mm });
  }
  return [...lines, ...edgeLines(planned, basis)];
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

const isArmhole = ({ section, side }: WorkedSection) =>
  section.kind === "castOffAt" && section.goes === "off" && side === "whole";

/** Height in plain rows of a side up to the armhole, where there is one. */
export const seamRows = (sections: readonly PlannedSection[]) => risen(sections, isArmhole);

/** Which of the sections begins the armhole; behind the last where none does. */
export function armholeAt(sections: readonly PlannedSection[]): number {
  const at = sections.findIndex(({ worked }) => isArmhole(worked));
  return at < 0 ? sections.length : at;
}

/** The lines of a piece alone, with `unknowns` as given: what is reckoned again and again for the doubts. */
function pieceLines(plan: PiecePlan, plain: PlainStitch, unknowns: Unknowns): readonly LedgerLine[] {
  const basis = { plan, plain, unknowns };
  return plan.sections.flatMap((planned) => sectionLines(planned, basis));
}

/** The figures of a piece at a gauge. Example: 100 plain stitches by 100 rows at 20 x 28 are 50 by 35.7 cm. */
export function estimatePiece(plan: PiecePlan, gauge: Gauge, unknowns: Unknowns): PieceEstimate {
  const { sections, cabled } = plan;
  const plain = deviated(gauge, unknowns);
  const widths = widthsOf(sections, plain, plan.drawInSd);
  const [firstOn] = sections.flatMap(({ worked }) => worked.edges.filter((edge) => edge.kind === "castOn"));
  const longTail = sections.find(({ worked }) =>
    worked.edges.some((edge) => edge.kind === "castOn" && edge.method === "longTail"),
  );
  const tailEdge = longTail?.worked.edges.find((edge) => edge.kind === "castOn");
  const lines = pieceLines(plan, plain, unknowns);
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
    tailBasis: longTail && tailEdge ? tailOf(longTail, tailEdge, { plan, plain }) : null,
    lines,
    totalMm: sumOf(lines),
  };
}
