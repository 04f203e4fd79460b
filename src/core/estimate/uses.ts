/** Every use of yarn in a plan, counted once: the ledger, the need and the strand are all read off these records. */
import type { ExtraPlan, PiecePlan, PlannedSection, SeamPlan } from "./plan";
import type { WorkedSection } from "../garment/work/workPiece";
import { isAsked } from "../project/sectionKinds";
import { millimetres } from "../units/brands";
import type { PlainStitch } from "../stitches/plainStitch";
import { END_MM, TAIL_RULES, tailLength, type TailBasis, type TailRule } from "./longTail";
import { edgeYarn, type ColourExtras } from "./colourWork";
import { castOffCounts, castOnCounts, seamCounts } from "./edges";
import type { LedgerPart } from "./ledger";
import { lengthOf, rowsFactor, type Counts, type Measures } from "./measures";
import { countsOf } from "./tally";
import type { Unknowns } from "./unknowns";

/** A tail is measured off by hand, in whole steps, so that it is no sum of measures. */
export interface Tail {
  readonly school: TailRule;
  /** But for the width, which hangs on the gauge. */
  readonly basis: Omit<TailBasis, "finishedWidthMm">;
  /** Finished width of the edge in widths of a plain stitch. */
  readonly width: number;
}

/** So much yarn of one part of the work. */
export interface Use {
  readonly part: LedgerPart;
  readonly yarnId: string;
  /** Null for what belongs to no section. */
  readonly sectionId: string | null;
  readonly counts: Counts;
  /** Size of its stitches against those of the gauge, where what is counted does not hold it already. */
  readonly scale?: number;
  /** What stitches and rows of it follow where more or fewer of them are worked than planned. */
  readonly follows: Follows;
  /** The tail beside it. */
  readonly tail?: Tail;
  /** Of rows of fabric: what the ledger splits into fabric and draw-in. */
  readonly fabric?: {
    /** Loops that would cover its finished area. */
    readonly covering: number;
    readonly texture: Counts;
  };
}

export interface Follows {
  /** The share of its height that a fabric keeps which is worked to a length; null where its rows are counted. */
  readonly toLength: number | null;
  /** The share of its width that the fabric keeps; null for what is as long however many stitches there are. */
  readonly kept: number | null;
  /** Whether it is only by what a pattern asks for that its amount is known. */
  readonly asked?: true;
}

/** What hangs neither on rows nor on stitches. */
const FIXED: Follows = { toLength: null, kept: null };

/**
 * Share of its plain width that a section is believed to keep; all of it where a tape has said how wide it is. What is
 * cast on is as many as the fabric above it takes.
 */
function keptWidth({ sections }: PiecePlan, section: PlannedSection): number {
  const above = sections.slice(sections.indexOf(section)).find(({ worked }) => worked.content !== null);
  const kept = above?.worked.content?.kept;
  return !kept || kept.measured !== null ? 1 : kept.all;
}

/** Rows of a section by yarn: its stitches, and what they take beyond plain ones. */
function usesOfRows(section: PlannedSection, kept: number): readonly Use[] {
  const { worked, shares, area, toLength } = section;
  const all = shares.reduce((sum, { tally }) => sum + tally.stitches, 0);
  const follows = { toLength, kept, ...(isAsked(worked.section) && { asked: true as const }) };
  return shares.flatMap(({ yarnId, tally }): readonly Use[] => {
    const { plain, texture, crossings, castOn, castOff } = countsOf(tally);
    const covering = all > 0 ? (area * tally.stitches) / all : 0;
    const of = { yarnId, sectionId: worked.section.id, scale: worked.scale, follows };
    return [
      { ...of, part: "plain", counts: plain, fabric: { covering, texture } },
      { ...of, part: "crossings", counts: crossings },
      { ...of, part: "texture", counts: texture },
      { ...of, part: "castOn", counts: castOn },
      { ...of, part: "castOff", counts: castOff },
    ];
  });
}

/** Twists take about a stitch's width, carried yarn the height of the rows that it passes. */
export const usesOfColours = ({ worked, extras }: PlannedSection): readonly Use[] =>
  extras.map(({ yarnId, ends, carriedRows, twists }: ColourExtras) => ({
    part: "ends",
    yarnId,
    sectionId: worked.section.id,
    counts: {
      mm: ends * END_MM,
      heights: worked.scale * carriedRows,
      widths: worked.scale * twists,
    },
    follows: FIXED,
  }));

type Edge = WorkedSection["edges"][number];

/** What the tail of a cast-on is calculated from. */
const tailOf = (
  { needleMm }: PlannedSection,
  { stitches, width }: { readonly stitches: number; readonly width: number },
  { thicknessMm, tail: { school, twentyMm } }: PiecePlan,
): Tail => ({ school, basis: { stitches, needleMm, thicknessMm, twentyMm }, width });

/** What an edge takes, and of which part it is. */
function edgeTakes(
  edge: Edge,
  section: PlannedSection,
  piece: PiecePlan,
): Pick<Use, "part" | "counts" | "tail" | "follows"> {
  const { scale } = section.worked;
  if (edge.kind === "end") return { part: "ends", counts: { mm: END_MM }, follows: FIXED };
  if (edge.kind === "sewn")
    return { part: "seams", counts: seamCounts(1, { widths: edge.width }), follows: FIXED };
  const follows = { toLength: null, kept: keptWidth(piece, section) };
  if (edge.kind === "castOff")
    return { part: "castOff", counts: castOffCounts(edge.method, { ...edge, scale }), follows };
  return {
    part: "castOn",
    counts: castOnCounts(edge.method, { ...edge, scale }),
    ...(edge.method === "longTail" && { tail: tailOf(section, edge, piece) }),
    follows,
  };
}

/** Cast-ons, cast-offs, hems and ends of a section, in its one yarn, or in the piece's own where it has several. */
export const usesOfEdges = (section: PlannedSection, piece: PiecePlan): readonly Use[] =>
  section.worked.edges.map((edge) => ({
    ...edgeTakes(edge, section, piece),
    yarnId: edgeYarn(section.worked.section, piece.yarnId),
    sectionId: section.worked.section.id,
  }));

const known = new WeakMap<PlannedSection, readonly Use[]>();

/** All uses of a section, of one copy of the piece that it belongs to. */
function usesOfSection(section: PlannedSection, piece: PiecePlan): readonly Use[] {
  const uses = known.get(section) ?? [
    ...usesOfRows(section, keptWidth(piece, section)),
    ...usesOfColours(section),
    ...usesOfEdges(section, piece),
  ];
  known.set(section, uses);
  return uses;
}

/** All uses of one copy of a piece. */
export const usesOfPiece = (piece: PiecePlan): readonly Use[] =>
  piece.sections.flatMap((section) => usesOfSection(section, piece));

/** What sewing a seam takes, all that are like it together. */
export const takenBySeam = ({ yarnId, times, ...along }: SeamPlan): Use => ({
  part: "seams",
  yarnId,
  sectionId: null,
  counts: seamCounts(times, along),
  follows: FIXED,
});

export const takenByExtra = ({ yarnId, loops, mm, guessedMm }: ExtraPlan): Use => ({
  part: "extras",
  yarnId,
  sectionId: null,
  counts: { loops, mm, guessedMm },
  follows: FIXED,
});

/** The basis of a tail at a plain stitch, on so many times the stitches. */
export const tailBasis = (
  { basis, width }: Tail,
  { widthMm }: Pick<PlainStitch, "widthMm">,
  more = 1,
): TailBasis => ({
  ...basis,
  stitches: more * basis.stitches,
  finishedWidthMm: millimetres(width * widthMm),
});

/** Length of a tail, on so many times the stitches. */
export const tailMm = (tail: Tail, at: Pick<PlainStitch, "widthMm">, off: number, more = 1) =>
  tailLength(tail.school, tailBasis(tail, at, more), off);

/** What a tail takes without its end: so much by its stitches, so much by each mm that a plain stitch is wide. */
export function tailRates(tail: Tail) {
  const lengthMm = (widthMm: number) =>
    TAIL_RULES[tail.school].lengthMm(tailBasis(tail, { widthMm: millimetres(widthMm) }));
  return { perStitches: lengthMm(0), perWidthMm: lengthMm(1) - lengthMm(0) };
}

/** How much of a use there is against what was planned: by its rows, and by what a pattern may ask for. */
export const factorOf = ({ toLength, asked }: Pick<Follows, "toLength" | "asked">, unknowns: Unknowns) =>
  rowsFactor(toLength, unknowns) * (asked ? Math.exp(unknowns.amount) : 1);

/** Yarn of a use in mm, of the stitches as they are written. */
export function yarnOfUse(
  { counts, tail, follows, scale = 1 }: Use,
  at: Measures,
  unknowns: Unknowns,
): number {
  const measured = scale * factorOf(follows, unknowns) * lengthOf(counts, at);
  return tail ? measured + tailMm(tail, at, unknowns.tail) : measured;
}
