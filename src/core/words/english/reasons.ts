/** What is said of why a figure is what it is. */
import { grams, METRES_IN_YARD } from "../../units/brands";
import { formatChance, plain } from "../../units/format";
import type { Teller } from "../teller";

/** Figures of formulas by name. */
const NAMES = {
  span: "the span that is counted over",
  stitchesOverSpan: "stitches counted over it",
  rowsOverSpan: "rows counted over it",
  otherNeedle: "your needle against the one it was counted on",
  movedWidth: "what your swatches and knitting say beside that",
  movedHeight: "what your swatches and knitting say beside that",
  movedLoop: "your loops against usual ones",
  movedGive: "yarn in your crossings against usual",
  movedLot: "what your scale says of this lot",
  usualStitch: "width that a stitch of this yarn usually has",
  stitchWidthGiven: "width of a plain stitch, before any swatch",
  usualAspect: "height of a usual row, in widths of its stitch",
  stitchWidth: "width of a plain stitch",
  rowHeight: "height of a plain row",
  loop: "yarn in a loop",
  density: "stitch density of relaxed plain fabric",
  usualStitches: "stitches over it, of a middling yarn",
  metresIn100G: "metres in 100 g of your yarn",
  metresOfIt: "metres in 100 g of the middling yarn",
  finerBy: "how much finer a thinner yarn knits",
  trustInYarn: "how far the yarn is trusted",
  trustInNeedle: "how far the needle is trusted",
  needle: "needle",
  needleShare: "needle against its stitch",
  aspect: "height of a row, in widths of a stitch",
  columnsTravelled: "columns travelled",
  depth: "how far a strand stands in front or behind",
  give: "share of the way that comes out of new yarn",
  endsOfIt: "ends to weave in",
  three: "three",
  pi: "π",
  lengthOnBand: "length on the band",
  castOffMore: "your edge against a usual one",
  guessMore: "your extras against usual ones",
  tailMore: "your wraps against usual ones",
  widthsAcross: "stitch widths of yarn carried or laid across",
  widthsSewn: "stitch widths, each as often as it is sewn",
  rowsAlong: "row heights along which it runs",
  fixedLengths: "ends and other fixed lengths",
  guessed: "by a guess",
  coveringLoops: "plain loops that would cover the finished size",
  looserLoops: "loops of fabric that is not pulled in",
  workedLoops: "loops that are worked",
  savedBySlipped: "saved by slipped stitches",
  timesWorked: "times it is worked",
  joins: "joins",
  join: "yarn in a join",
  swatchStitches: "stitches of the swatch",
  swatchRows: "its rows",
  swatchEdges: "rows' worth of yarn in its edges",
  end: "length of an end",
  seamTimes: "yarn against the length that is sewn",
  seamLength: "length of the seam",
  stitchesCastOn: "stitches cast on",
  yarnShare: "share of the yarn that lies on the needle",
  thickness: "thickness of the yarn",
  ofTwenty: "for each of twenty stitches",
  twenty: "yarn that twenty stitches take",
  edgeWidth: "width of the edge",
  measuredOff: "step that it is measured off in",
  stitchesAcross: "stitches across",
  sectionNeedle: "its needle against the main one",
  keptWidth: "share of the plain width that it keeps",
  pulledLess: "width if your fabric pulls in less than most",
  pulledMore: "width if it pulls in more than most",
  keptByMesh: "share kept as computed from the chart",
  keptByTape: "share kept by your tape",
  keptByAll: "share kept by all of it, edge stitches and all",
  pull: "how strongly your fabric pulls in against most",
  rowsUp: "rows",
  keptHeight: "share of the plain height that they keep",
  tenInHundred: "less than this is needed in 10 of 100 cases",
  ninetyInHundred: "more than this in 10 of 100 cases",
  ninetyFiveInHundred: "more than this is needed in 5 of 100 cases",
  ballLength: "yarn in a ball",
  ballMass: "mass of a ball",
  need: "yarn needed",
  needByRule: "yarn needed without draw-in, crossings and texture",
  allowance: "with your allowance",
  wholeBall: "whole balls",
  chanceWanted: "how sure you want to be",
  drawsEnough: "drawn projects for which it is enough",
  draws: "drawn projects",
  ballsAdvised: "balls",
  tex: "grams in 1000 m of what is knitted",
  centimetre: "a centimetre",
  usualClarity: "a yarn of which nothing is known",
  stitchesWorked: "stitches to work",
  crossingsWorked: "crossings to work",
  crossingSeconds: "seconds for placing a crossing",
  secondsInHour: "seconds in an hour",
  minutesInHour: "minutes in an hour",
  pace: "stitches a minute",
  priceOfBall: "price of each of them",
  postage: "postage",
  costsAtLeast: "any plan costs at least",
  lengthBought: "length of the balls",
  tail: "tail",
  unlikeRows: "rows of one pattern differ by",
  massLeft: "what the scale showed",
  scaleStep: "step of the scale",
} as const;

export type FigureName = keyof typeof NAMES;

interface Words {
  readonly name: string;
  /** How it is calculated. */
  readonly says: string;
  /** Where the relation comes from. */
  readonly from: string;
}

const OURS = "An engineering estimate of ours, wide on purpose";
const COUNTED = "Counted in your pattern; what each of them takes has a reason of its own.";
const DRAWN =
  "Each drawn project takes its own gauge, loop, draw-in, tail and ball length from what is known of yours and how well.";

/** What is said of each figure that can be asked about. */
const FIGURES = {
  balls: {
    name: "Balls to buy",
    says: "The fewest whole balls that are enough as surely as you want to be, joins counted in.",
    from: `Counted over 20,000 projects drawn at random. ${DRAWN}`,
  },
  chance: {
    name: "Chance",
    says: "The share of drawn projects for which so many balls are enough.",
    from: DRAWN,
  },
  need: {
    name: "Yarn needed",
    says: "All parts of the work, added up: what is most likely.",
    from: "Each part is counted in your rows and multiplied by what it takes.",
  },
  total: {
    name: "Yarn needed, all yarns together",
    says: "The yarns of the project, added up.",
    from: "Each is counted in your rows and multiplied by what it takes.",
  },
  mass: {
    name: "Weight of the yarn needed",
    says: "The share of a ball that is needed, times the weight of a ball.",
    from: "The band of your yarn.",
  },
  allMass: {
    name: "Weight of the yarn needed",
    says: "The yarns of the project, added up.",
    from: "The bands of your yarns.",
  },
  leftOver: {
    name: "Left over",
    says: "What the balls hold, less what is most likely needed.",
    from: "The band of your yarn, and the yarn needed.",
  },
  ballLength: {
    name: "Yarn in a ball",
    says: "What the band says, and what weighing your swatches and balls has told of this lot.",
    from: "Balls of one lot are about 2 % off their band: an engineering estimate of ours.",
  },
  part: { name: "", says: "", from: COUNTED },
  pieceYarn: {
    name: "Yarn of the piece",
    says: "All parts of it, added up, as often as it is worked.",
    from: COUNTED,
  },
  sectionYarn: {
    name: "Yarn of the section",
    says: "All parts of it, added up, as often as its piece is worked.",
    from: COUNTED,
  },
  stretch: {
    name: "Yarn of some rows",
    says: "What their stitches, crossings and edges take.",
    from: COUNTED,
  },
  ballLeft: {
    name: "Left on the ball",
    says: "Its share of a whole ball by weight, times what a ball holds; less what has been worked since.",
    from: "Your scale and the band. Wool takes up about 2 % of water more or less with the weather.",
  },
  stitchWidth: {
    name: "Width of a plain stitch",
    says: "The span that was counted over, divided by the stitches in it; and what your swatches say beside that.",
    from: "Your gauge. What is measured is weighed against what was expected, each by how well it is known.",
  },
  rowHeight: {
    name: "Height of a plain row",
    says: "The span that was counted over, divided by the rows in it; and what your swatches say beside that.",
    from: "Your gauge. What is measured is weighed against what was expected, each by how well it is known.",
  },
  usualStitch: {
    name: "Width that a stitch of this yarn usually has",
    says: "A thinner yarn gives more stitches; a needle that is known counts too, each as far as it can be trusted.",
    from: `${OURS}: 8 % either way by the yarn, 10 % by the needle.`,
  },
  loop: {
    name: "Yarn in a loop",
    says: "The root of the density of plain fabric, times the width and the height of a stitch.",
    from: "Munden (1959), Journal of the Textile Institute 50, T448: stitches in an area are 20.5 divided by the loop squared; published values run from 19.0 to 21.6.",
  },
  leg: {
    name: "Yarn that a travelling loop takes beyond a plain one",
    says: "The way over its neighbours, slantwise and in front or behind, less the way straight up; a part of that is new yarn, on either side of the loop.",
    from: `${OURS}: by half as much again either way, until a pattern swatch is weighed.`,
  },
  seam: {
    name: "Seam",
    says: "One and a half times the length that is sewn, and an end at each side.",
    from: "Mattress stitch takes about one and a half times the seam; the length follows from your rows and stitches.",
  },
  extra: {
    name: "Extra",
    says: "What it is made of, counted.",
    from: `${OURS}; make one and weigh it to know.`,
  },
  tail: {
    name: "Tail for a long-tail cast-on",
    says: "What the stitches take, and an end, rounded up: a short tail costs the whole edge.",
    from: "The way that you have chosen for tails; one wrap round the needle for each stitch where you have chosen none.",
  },
  width: {
    name: "Width",
    says: "Stitches across, times the width of a plain stitch, times the share of it that the fabric keeps.",
    from: "The widest row of this fabric.",
  },
  kept: {
    name: "Share of the plain width that it keeps",
    says: "Your chart as a mesh of stitches, relaxed until nothing pulls any more; and how strongly your own fabric pulls.",
    from: `${OURS} for the pull of most knitters, a quarter of it either way; the mesh is in the page on the model.`,
  },
  height: {
    name: "Length",
    says: "Rows, times the height of a plain row, times the share of it that they keep.",
    from: "Rows of garter and of crossings are lower than plain ones, as computed from your charts.",
  },
  firmness: {
    name: "Firmness",
    says: "The root of the yarn's thickness by weight, divided by the loop in centimetres.",
    from: "The cover factor of knitted fabric: over 15 % more or less than the pattern's yarn makes another cloth.",
  },
  clothWeight: {
    name: "Weight of the plain fabric",
    says: "Yarn in a loop, times what it weighs, divided by the room of a stitch.",
    from: "The gauge, the loop and the band of the yarn.",
  },
  clarity: {
    name: "How clearly cables show",
    says: "Points for what an eye sees, added up between 0 and 100.",
    from: `${OURS}: knit a swatch and look at it from across the room.`,
  },
  hours: {
    name: "Hours",
    says: "Stitches at your pace, and some seconds for each crossing.",
    from: "Your pace, or 22 stitches a minute where you have not said it; 7 seconds a crossing are an estimate of ours.",
  },
  cost: {
    name: "Cost",
    says: "Balls of each kind, times their price, and the postage.",
    from: "Every way to buy enough is looked at, and this is the cheapest.",
  },
  boughtChance: {
    name: "Chance that it is enough",
    says: "The share of drawn projects for which these balls are enough, joins counted in.",
    from: DRAWN,
  },
} as const satisfies { readonly [Id in string]: Words };

/** Figures that can be asked about. */
type ToldFigure = keyof typeof FIGURES;

interface Of {
  readonly of: ToldFigure;
}

/** Figures that a reader can calculate with again: never fewer than three that count. */
function told(value: number): string {
  const size = Math.abs(value);
  if (size >= 1000) return Math.round(value).toLocaleString("en");
  if (size >= 100) return plain(value, 1);
  return String(Number(value.toPrecision(size >= 10 ? 4 : 3)));
}

const NO_BREAK = "\u00a0";
const unit = (value: number, name: string) => `${told(value)}${NO_BREAK}${name}`;
const negative = (text: string) => text.replace("-", "−");

/**
 * What a figure is, and so how it is told: lengths are given in mm, masses in g, weights of fabric in g of a square metre, the
 * rest as it is.
 */
const QUANTITIES = {
  size: (mm, { units }) => (units === "metric" ? unit(mm / 10, "cm") : unit(mm / 25.4, "in")),
  fine: (mm, { units }) => (units === "metric" ? unit(mm, "mm") : unit(mm / 25.4, "in")),
  yarn: (mm, { units }) =>
    units === "metric" ? unit(mm / 1000, "m") : unit(mm / 1000 / METRES_IN_YARD, "yd"),
  mass: (g, { weight }) => weight(grams(Number(g.toPrecision(4)))),
  count: (value) => told(value),
  balls: (value, { count }) => count(value, "ball"),
  times: (value) => String(Number(value.toPrecision(4))),
  chance: (value) => formatChance(value, true),
  share: (value, { percent }) => percent(value, 1),
  unweighedChance: (value) => formatChance(value, false),
  density: (value, { units }) => (units === "metric" ? unit(value, "g/m²") : unit(value / 33.906, "oz/yd²")),
  money: (value, { money }) => money(value),
  hours: (value) => unit(value, "h"),
  points: (value) => `${value > 0 ? "+" : ""}${told(value)}`,
} as const satisfies { readonly [Kind in string]: (value: number, teller: Teller) => string };

export type QuantityKind = keyof typeof QUANTITIES;

export const reasons = {
  figureName: ({ of }: { readonly of: FigureName }) => NAMES[of],
  /** A figure with its unit, so that it can be calculated with again. */
  quantity: (
    { value, quantity }: { readonly value: number; readonly quantity: QuantityKind },
    teller: Teller,
  ) => negative(QUANTITIES[quantity](value, teller)),
  whyName: ({ of }: Of) => FIGURES[of].name,
  whySays: ({ of }: Of) => FIGURES[of].says,
  whyFrom: ({ of }: Of) => FIGURES[of].from,
  thingNamed: ({ name }: { readonly name: string }) => name,
  loopsOfPart: ({ part }: { readonly part: string }, { castOff }: Teller) =>
    ({
      castOn: "loops to cast on and to pick up",
      castOff: `loops to ${castOff}`,
      texture: "loops beyond plain ones",
      extras: "loops",
    })[part] ?? "loops",
  legsOver: ({ columns }: { readonly columns: number }) =>
    `legs that travel ${columns === 1 ? "one column" : `${columns} columns`}`,
  legTakes: ({ columns }: { readonly columns: number }) =>
    `what such a leg takes, over ${columns === 1 ? "one column" : `${columns} columns`}`,
  tailOf: ({ piece }: { readonly piece: string }) => `tail of ${piece || "the piece"}`,
  joinTakes: ({ join }: { readonly join: string }) => `yarn in a join: ${join.toLowerCase()}`,
  yarnNamed: ({ yarn }: { readonly yarn: string }) => yarn || "yarn without a name",
  chanceOfBalls: ({ balls }: { readonly balls: number }, { count }: Teller) =>
    `that ${count(balls, "ball")} ${balls === 1 ? "is" : "are"} enough`,
  lengthOfBalls: ({ balls }: { readonly balls: number }, { count }: Teller) =>
    `${count(balls, "ball")} without their joins`,
  ballsFrom: ({ seller, lot }: { readonly seller: string; readonly lot: string }) =>
    `balls from ${seller}${lot ? `, lot ${lot}` : ""}`,
  ballsByAllowance: () =>
    "Everything but draw-in, crossings and texture, more by your allowance, in whole balls.",
  chanceAsWritten: () => "The share of drawn projects for which so many balls are enough, worked as written.",
  chanceAtKeptWidth: () =>
    "The share of drawn projects for which so many balls are enough, where stitches are added until it is as wide as planned.",
  yarnOfRows: ({ from, to }: { readonly from: number; readonly to: number }) =>
    from === to ? `yarn of row ${from}` : `yarn of rows ${from} to ${to}`,
  sharperScale: () => "Weigh it once more, on a finer scale.",
  sharperGauge: () => "Knit a plain swatch, count and measure it after washing.",
  sharperLoop: () => "Weigh a swatch that you have counted.",
  sharperCrossings: () => "Knit a swatch of the pattern and weigh it.",
  sharperDrawIn: () => "Knit a swatch of the pattern and measure its width.",
  sharperTail: () => "Put twenty stitches on the needle, and measure what they took.",
  sharperPutUp: () => "Read the length off the band: this is only what such a yarn usually has.",
  sharperLot: () => "Weigh a swatch or your balls: a scale says how this lot is wound.",
  sharperRows: () => "Measure a swatch along its rows: their height is what a length hangs on.",
};
