/** Figures of a project that are typed as a measure or a count: what they are called, whose they are, how they are read. */
import type { PutUp } from "../yarn/putUp";
import { COUNTS, EXTRA_G, LENGTHS, SWATCH_G } from "./bounds";
import {
  counted,
  ease,
  fine,
  gauge,
  mass,
  percent,
  putUp,
  share,
  size,
  yarnMetres,
  type FigureKind,
} from "./figureKinds";

export interface Figure<Value> extends FigureKind<Value> {
  /** As it is called in a sentence: "the needle". */
  readonly name: string;
  /** Whose it is, so that each yarn, piece and section keeps what was typed for it. */
  readonly of: "project" | "yarn" | "piece" | "section" | "swatch" | "seam" | "extra";
  /** May be left empty; what is empty is assumed. */
  readonly optional: boolean;
}

type Of = Figure<unknown>["of"];
const optional = <Value>(of: Of, name: string, kind: FigureKind<Value>): Figure<Value> => ({
  ...kind,
  name,
  of,
  optional: true,
});
/** One that its owner cannot be without: emptied, it keeps its last value and says so. */
const needed = <Value>(of: Of, name: string, kind: FigureKind<Value>): Figure<Value> => ({
  ...kind,
  name,
  of,
  optional: false,
});

/** One more thing to type is one more row, here and in the page's table of where it is kept. */
export const FIGURES = {
  sizeAcross: optional("project", "the measure", size(LENGTHS.width)),
  sizeEase: optional("project", "the ease", ease),
  sizeAlong: optional("project", "the length", size(LENGTHS.piece)),
  swatch: optional("project", "the swatch to count in", size(LENGTHS.swatch)),
  stitchGauge: optional("project", "the stitch gauge", gauge("stitches")),
  rowGauge: optional("project", "the row gauge", gauge("rows")),
  gaugeNeedle: optional("project", "the needle of the gauge", fine(LENGTHS.needle)),
  cableStitches: optional("project", "the stitches counted on the cables", counted(COUNTS.measuredStitches)),
  cableWidth: optional("project", "the width counted on the cables", size(LENGTHS.width)),
  needle: optional("project", "the needle", fine(LENGTHS.needle)),
  allowance: needed("project", "the allowance", percent),
  asksBalls: optional("project", "the balls that the pattern asks for", counted(COUNTS.balls)),
  asksBall: optional<PutUp>("project", "what a ball of the pattern’s yarn holds", putUp),
  asksLength: optional("project", "the yarn that the pattern asks for", yarnMetres),
  asksStitches: optional("project", "the pattern’s stitch gauge", gauge("stitches")),
  asksRows: optional("project", "the pattern’s row gauge", gauge("rows")),
  asksAcross: optional("project", "the measure of the pattern’s size", size(LENGTHS.width)),
  asksAlong: optional("project", "the length of the pattern’s size", size(LENGTHS.piece)),
  putUp: needed<PutUp>("yarn", "what a ball holds", putUp),
  twenty: optional("piece", "the length of twenty stitches", size(LENGTHS.twenty)),
  ropes: needed("section", "the ropes", counted(COUNTS.ropes)),
  purls: needed("section", "the purls between ropes", counted(COUNTS.purls)),
  edge: needed("section", "the edge stitches", counted(COUNTS.edge)),
  rows: optional("section", "the rows", counted(COUNTS.rows)),
  length: optional("section", "the length", size(LENGTHS.piece)),
  repeats: needed("section", "the repeats", counted(COUNTS.repeats)),
  endRow: needed("section", "the row to end with", counted(COUNTS.endRow)),
  stitches: optional("section", "the stitches", counted(COUNTS.stitches)),
  to: optional("section", "the stitches to come to", counted(COUNTS.stitches)),
  shaped: needed("section", "the stitches of each shaping", counted(COUNTS.shaped)),
  every: needed("section", "the rows between shapings", counted(COUNTS.every)),
  shapings: needed("section", "the times", counted(COUNTS.shapings)),
  atEdge: needed("section", "the stitches at the edge", counted(COUNTS.stitches)),
  turns: needed("section", "the turns", counted(COUNTS.turns)),
  step: needed("section", "the stitches of each turn", counted(COUNTS.shaped)),
  centre: needed("section", "the stitches in the middle", counted(COUNTS.centre)),
  between: needed("section", "the stitches between the sides", counted(COUNTS.centre)),
  along: optional("section", "the length of the edge", size(LENGTHS.piece)),
  holeCount: needed("section", "the buttonholes", counted(COUNTS.holes)),
  holeStitches: needed("section", "the stitches of a buttonhole", counted(COUNTS.holeStitches)),
  holeMargin: needed("section", "the stitches before the first buttonhole", counted(COUNTS.centre)),
  holeOver: optional("section", "the stitches that the buttonholes are over", counted(COUNTS.stitches)),
  askedCabled: needed("section", "how much is cabled", share),
  hemRows: needed("section", "the rows of the hem", counted(COUNTS.hem)),
  sectionNeedle: optional("section", "the needle", fine(LENGTHS.needle)),
  measuredWidth: optional("section", "the measured width", size(LENGTHS.width)),
  measuredStitches: optional("section", "the stitches measured across", counted(COUNTS.measuredStitches)),
  swatchStitches: optional("swatch", "the stitches", counted(COUNTS.stitches)),
  swatchRows: optional("swatch", "the rows", counted(COUNTS.rows)),
  swatchNeedle: optional("swatch", "the needle", fine(LENGTHS.needle)),
  swatchRopes: needed("swatch", "the ropes", counted(COUNTS.ropes)),
  swatchPurls: needed("swatch", "the purls between ropes", counted(COUNTS.purls)),
  swatchEdge: needed("swatch", "the edge stitches", counted(COUNTS.edge)),
  swatchBorder: optional("swatch", "the border", counted(COUNTS.borderRows)),
  asKnitWidth: optional("swatch", "the width as knit", size(LENGTHS.span)),
  asKnitStitches: optional("swatch", "the stitches measured as knit", counted(COUNTS.stitches)),
  asKnitHeight: optional("swatch", "the height as knit", size(LENGTHS.span)),
  asKnitRows: optional("swatch", "the rows measured as knit", counted(COUNTS.rows)),
  finishedWidth: optional("swatch", "the finished width", size(LENGTHS.span)),
  finishedStitches: optional("swatch", "the stitches measured when finished", counted(COUNTS.stitches)),
  finishedHeight: optional("swatch", "the finished height", size(LENGTHS.span)),
  finishedRows: optional("swatch", "the rows measured when finished", counted(COUNTS.rows)),
  swatchMass: optional("swatch", "the weight", mass(SWATCH_G)),
  unravelledStitches: optional("swatch", "the stitches unravelled", counted(COUNTS.stitches)),
  unravelledLength: optional("swatch", "the yarn unravelled", size(LENGTHS.unravelled)),
  seamTimes: needed("seam", "the number of seams", counted(COUNTS.sewn)),
  seamOpen: optional("seam", "the gap left open", size(LENGTHS.open)),
  seamLength: optional("seam", "the length of the seam", size(LENGTHS.piece)),
  extraTimes: needed("extra", "how many of them", counted(COUNTS.extras)),
  extraDiameter: needed("extra", "the diameter", size(LENGTHS.span)),
  extraMass: needed("extra", "the weight", mass(EXTRA_G)),
  extraKnots: needed("extra", "the knots", counted(COUNTS.knots)),
  extraStrands: needed("extra", "the strands", counted(COUNTS.bundle)),
  extraWinds: needed("extra", "the winds", counted(COUNTS.bundle)),
  extraHang: needed("extra", "the length", size(LENGTHS.span)),
  extraTie: needed("extra", "the yarn for each", size(LENGTHS.tie)),
  extraCord: needed("extra", "the length of the cord", size(LENGTHS.cord)),
  extraCut: needed("extra", "the length of a strand", counted(COUNTS.cut)),
  extraStitches: needed("extra", "the stitches", counted(COUNTS.cordStitches)),
  extraRows: needed("extra", "the rows", counted(COUNTS.rows)),
  extraYarn: needed("extra", "the yarn kept", yarnMetres),
} as const satisfies Record<string, Figure<number> | Figure<PutUp>>;

export type FigureId = keyof typeof FIGURES;
