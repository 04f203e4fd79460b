/** What is said of figures that are typed, wherever that is done. */
import type { Teller } from "../teller";
import type { Thing } from "../things";

interface Typed {
  /** What was typed, to the letter. */
  readonly typed: string;
}

interface Counted {
  readonly thing: Thing;
  readonly count: number;
}

interface Limit {
  /** The least or the most that there may be: mm, g, or a gauge over 100 mm. */
  readonly limit: number;
}

const CHECK = "check the unit.";
const usualBall = ({ putUp, units }: Teller) =>
  units === "metric" ? putUp(100, 165) : putUp(99.2233, 164.592);
const ASK_PUT_UP = (teller: Teller) => `Type what the band says, as ${usualBall(teller)}.`;
const ASK_AT_HAND = ({ units }: Teller) =>
  units === "metric"
    ? "Type whole balls, weights or lengths, as 3, or 48 g, 35 g, 22 g, or 95 m."
    : "Type whole balls, weights or lengths, as 3, or 1.7 oz, 1.2 oz, 0.8 oz, or 104 yd.";
const KINDS = { mass: "weight", length: "length", stitches: "stitches", rows: "rows" } as const;

/** A round figure in the chosen unit. */
const likeSize = ({ mm }: { readonly mm: number }, { units }: Teller) =>
  units === "metric" ? `${mm / 10} cm` : `${Math.max(1, Math.round(mm / 25.4))} in`;

/** Of figures outside their bounds. */
export const limits = {
  widthTooSmall: ({ limit }: Limit, { span }: Teller) =>
    `Under ${span(limit)} is too little to measure: ${CHECK}`,
  widthTooLarge: ({ limit }: Limit, { span }: Teller) =>
    `Over ${span(limit)} is wider than anybody knits: ${CHECK}`,
  pieceTooSmall: ({ limit }: Limit, { span }: Teller) => `Under ${span(limit)} is not even one row: ${CHECK}`,
  pieceTooLarge: ({ limit }: Limit, { span }: Teller) =>
    `Over ${span(limit)} is longer than anybody knits in one go: ${CHECK}`,
  swatchTooSmall: ({ limit }: Limit, { span }: Teller) =>
    `A swatch under ${span(limit)} says nothing: ${CHECK}`,
  swatchTooLarge: ({ limit }: Limit, { span }: Teller) => `A swatch over ${span(limit)} is a piece: ${CHECK}`,
  spanTooSmall: ({ limit }: Limit, { span }: Teller) =>
    `Under ${span(limit)} is less than a stitch or two: ${CHECK}`,
  spanTooLarge: ({ limit }: Limit, { span }: Teller) => `Over ${span(limit)} is no swatch: ${CHECK}`,
  unravelledTooShort: ({ limit }: Limit, { span }: Teller) =>
    `Under ${span(limit)} of yarn says nothing: unravel more, or ${CHECK}`,
  unravelledTooLong: ({ limit }: Limit, { span }: Teller) =>
    `Over ${span(limit)} is more than a swatch: ${CHECK}`,
  extraYarnTooShort: ({ limit }: Limit, { span }: Teller) =>
    `Under ${span(limit)} of yarn need not be counted: ${CHECK}`,
  extraYarnTooLong: ({ limit }: Limit, { span }: Teller) =>
    `Over ${span(limit)} for extras is another project: ${CHECK}`,
  gapTooSmall: ({ limit }: Limit, { span }: Teller) => `A gap cannot be less than ${span(limit)}.`,
  gapTooLarge: ({ limit }: Limit, { span }: Teller) => `Over ${span(limit)} is no gap: ${CHECK}`,
  tieTooShort: ({ limit }: Limit, { span }: Teller) => `Under ${span(limit)} of yarn ties nothing: ${CHECK}`,
  tieTooLong: ({ limit }: Limit, { span }: Teller) =>
    `Over ${span(limit)} for one is another thing: ${CHECK}`,
  cordTooShort: ({ limit }: Limit, { span }: Teller) => `Under ${span(limit)} is no cord: ${CHECK}`,
  cordTooLong: ({ limit }: Limit, { span }: Teller) =>
    `Over ${span(limit)} is longer than anybody twists: ${CHECK}`,
  needleTooThin: ({ limit }: Limit, { fine }: Teller) => `Needles start at ${fine(limit)}: ${CHECK}`,
  needleTooThick: ({ limit }: Limit, { fine }: Teller) => `Needles go up to ${fine(limit)}: ${CHECK}`,
  twentyTooShort: ({ limit }: Limit, { span }: Teller) =>
    `Twenty stitches take at least ${span(limit)} of yarn: ${CHECK}`,
  twentyTooLong: ({ limit }: Limit, { span }: Teller) =>
    `Twenty stitches never take over ${span(limit)} of yarn: ${CHECK}`,
  easeTooSmall: ({ limit }: Limit, { span }: Teller) => `Under ${span(limit)} of ease is none: type 0.`,
  easeTooLarge: ({ limit }: Limit, { span }: Teller) =>
    `Over ${span(limit)} of ease is another garment: ${CHECK}`,
  yarnTooShort: ({ limit }: Limit, { span }: Teller) =>
    `Under ${span(limit)} of yarn is too little to work with: ${CHECK}`,
  yarnTooLong: ({ limit }: Limit, { span }: Teller) =>
    `Over ${span(limit)} of yarn is more than anybody has: ${CHECK}`,
  yarnTooThin: ({ limit }: Limit, { fine }: Teller) =>
    `No knitting yarn is thinner than ${fine(limit)}: ${CHECK}`,
  yarnTooThick: ({ limit }: Limit, { span }: Teller) =>
    `No knitting yarn is thicker than ${span(limit)}: ${CHECK}`,
  swatchTooLight: ({ limit }: Limit, { mass }: Teller) => `Under ${mass(limit)} cannot be weighed: ${CHECK}`,
  swatchTooHeavy: ({ limit }: Limit, { mass }: Teller) =>
    `Over ${mass(limit)} is a garment, not a swatch: ${CHECK}`,
  extraTooLight: ({ limit }: Limit, { mass }: Teller) => `Under ${mass(limit)} need not be counted: ${CHECK}`,
  extraTooHeavy: ({ limit }: Limit, { mass }: Teller) => `Over ${mass(limit)} is another project: ${CHECK}`,
  partTooLight: ({ limit }: Limit, { mass }: Teller) => `Under ${mass(limit)} is not worth keeping: ${CHECK}`,
  partTooHeavy: ({ limit }: Limit, { mass }: Teller) => `Over ${mass(limit)} is no part of a ball: ${CHECK}`,
  stitchTooWide: ({ limit }: Limit, { span }: Teller) =>
    `A stitch wider than ${span(100 / limit)} is not knitting: check the number and its unit.`,
  stitchTooNarrow: ({ limit }: Limit, { perSpan, gaugeSpan }: Teller) =>
    `More than ${perSpan(limit)} stitches in ${gaugeSpan} is finer than sewing thread: check the number and its unit.`,
  rowTooHigh: ({ limit }: Limit, { span }: Teller) =>
    `A row higher than ${span(100 / limit)} is not knitting: check the number and its unit.`,
  rowTooLow: ({ limit }: Limit, { perSpan, gaugeSpan }: Teller) =>
    `More than ${perSpan(limit)} rows in ${gaugeSpan} is finer than sewing thread: check the number and its unit.`,
} as const;

export const typed = {
  ...limits,
  /** What an empty field shows, in mm: a round figure in the chosen unit. */
  exampleSize: (given: { readonly mm: number }, teller: Teller) => `e.g. ${likeSize(given, teller)}`,
  /** The same for a field too narrow for more than the figure. */
  narrowSize: (given: { readonly mm: number }, teller: Teller) => likeSize(given, teller),
  exampleYarn: ({ m }: { readonly m: number }, { units }: Teller) =>
    `e.g. ${units === "metric" ? `${m} m` : `${Math.round(m / 0.9144)} yd`}`,
  exampleMass: ({ g }: { readonly g: number }, { weight }: Teller) => `e.g. ${weight(g)}`,
  exampleParts: (_given: undefined, { units }: Teller) =>
    units === "metric" ? "e.g. 32 g; 14 g" : "e.g. 1.1 oz; 0.5 oz",
  exampleAtHand: (_given: undefined, { units }: Teller) =>
    units === "metric" ? "e.g. 3, or 48 g, 35 g, 22 g" : "e.g. 3, or 1.7 oz, 1.2 oz, 0.8 oz",
  exampleGauge: (
    { count, counted }: { readonly count: number; readonly counted: "stitches" | "rows" },
    { gaugeSpan }: Teller,
  ) => `e.g. ${count} ${counted === "rows" ? "rows" : "st"} / ${gaugeSpan}`,
  exampleBall: (_given: undefined, teller: Teller) => `e.g. ${usualBall(teller)}`,
  nothingTyped: () => "Nothing is typed here yet.",
  /** Of what can be read in two ways; `whole` and `point` are the two. */
  twoMeanings: ({ typed, whole, point }: Typed & { readonly whole: string; readonly point: string }) =>
    `“${typed}” can mean ${whole} or ${point}: type one of these.`,
  notANumber: ({ typed }: Typed) => `“${typed}” is not a number: type it as 12 or 12.5.`,
  negative: () => "A measure cannot be negative.",
  unknownUnit: ({ typed }: Typed) => `“${typed}” is not a number or a unit that Brenok knows.`,
  notOverZero: () => "This must be more than zero.",
  oneNumber: ({ thing }: Pick<Counted, "thing">, { several }: Teller) =>
    `Type one number of ${several(thing)}.`,
  countHasNoUnit: ({ thing }: Pick<Counted, "thing">, { several }: Teller) =>
    `This counts ${several(thing)}: leave the unit out.`,
  onlyWhole: ({ thing }: Pick<Counted, "thing">, { several }: Teller) =>
    `Only whole ${several(thing)} can be worked.`,
  atLeast: ({ count, thing }: Counted, { count: countOf }: Teller) =>
    `There must be at least ${countOf(count, thing)}.`,
  countTooLarge: ({ count, thing }: Counted, { count: countOf }: Teller) =>
    `More than ${countOf(count, thing)} is beyond what can be knitted.`,
  noLength: () => "Enter a length: use mm, cm, m, in, ft or yd.",
  lengthWithoutUnit: () => "One of these numbers has no unit: add cm or in to each.",
  noMass: () => "Enter a weight: use g or oz.",
  massWithoutUnit: () => "One of these numbers has no unit: add g or oz to each.",
  noAmount: ({ typed }: Typed) => `“${typed}” is not an amount: type it as 7.90.`,
  oneAmount: () => "Type one amount, as 7.90.",
  amountTooLarge: () => "No yarn costs that much: check the amount.",
  onePercentage: () => "Type one number in per cent, as 25 %.",
  percentageTooLarge: ({ most }: { readonly most: number }) =>
    `Over ${most} % is more than any cable takes: check the number.`,
  gaugeOnCables: () => "Cables pull in, so this is no plain gauge: type it under “Counted on the cables”.",
  gaugeHasNoMass: (_given: undefined, { gaugeSpan }: Teller) =>
    `A gauge has no weight in it: type it as 20 / ${gaugeSpan}.`,
  twoSpans: () => "Two lengths stand here; a gauge is counted over one.",
  otherCount: ({ counted }: { readonly counted: "stitches" | "rows" }) =>
    `Only the ${counted} here; the ${counted === "rows" ? "stitches" : "rows"} have a field of their own.`,
  twoCounts: (_given: undefined, { gaugeSpan }: Teller) =>
    `Two counts stand here: type one, as 20 / ${gaugeSpan}.`,
  sayHowManyCounted: ({ counted }: { readonly counted: "stitches" | "rows" }, { gaugeSpan }: Teller) =>
    `Say how many ${counted}, as 20 / ${gaugeSpan}.`,
  overNothing: (_given: undefined, { gaugeSpan }: Teller) =>
    `A gauge cannot be counted over nothing: type the length, as ${gaugeSpan}.`,
  sayEase: () => "Type how much is added, 0 for nothing.",
  putUpWithoutUnit: ({ number }: { readonly number: number }, teller: Teller) =>
    `${number} has no unit here. ${ASK_PUT_UP(teller)}`,
  putUpTwoMasses: (_given: undefined, teller: Teller) => `Two weights stand here. ${ASK_PUT_UP(teller)}`,
  putUpTwoLengths: (_given: undefined, teller: Teller) => `Two lengths stand here. ${ASK_PUT_UP(teller)}`,
  putUpOfOther: ({ kind }: { readonly kind: "stitches" | "rows" }, teller: Teller) =>
    `A ball has no ${kind}. ${ASK_PUT_UP(teller)}`,
  putUpLacksMass: (_given: undefined, teller: Teller) =>
    `The weight of the ball is missing. ${ASK_PUT_UP(teller)}`,
  putUpLacksLength: (_given: undefined, teller: Teller) =>
    `The length in the ball is missing. ${ASK_PUT_UP(teller)}`,
  putUpNotOverZero: () => "Weight and length must both be more than zero.",
  ballMass: ({ least, most }: { readonly least: number; readonly most: number }, { mass }: Teller) =>
    `A ball weighs from ${mass(least)} to ${mass(most)}: check the weight.`,
  ballTooShort: ({ least }: { readonly least: number }, { span }: Teller) =>
    `A ball holds at least ${span(1000 * least)}: check the length.`,
  ballTooLong: ({ most }: { readonly most: number }, { span }: Teller) =>
    `A ball holds at most ${span(1000 * most)}: check the length.`,
  thickAsAnArm: ({ metresIn100G }: { readonly metresIn100G: number }, { fineness }: Teller) =>
    `${fineness(metresIn100G)} is thicker than an arm: check weight and length.`,
  fineAsCobweb: ({ metresIn100G }: { readonly metresIn100G: number }, { fineness }: Teller) =>
    `${fineness(metresIn100G)} is finer than cobweb: check weight and length.`,
  askAtHand: (_given: undefined, teller: Teller) => ASK_AT_HAND(teller),
  /** What was typed of yarn at hand cannot be read as quantities at all. */
  atHandNotRead: (_given: undefined, teller: Teller) => `That cannot be read. ${ASK_AT_HAND(teller)}`,
  partOfABall: ({ number }: { readonly number: number }) =>
    `${number} of a ball: give its weight or its length.`,
  wholeShop: ({ most }: { readonly most: number }, { count }: Teller) =>
    `Over ${count(most, "ball")} is a whole shop: check the number.`,
  ballMassMissing: () => "The weight of a ball of this yarn is missing: give lengths.",
  atHandOfOther: ({ kind }: { readonly kind: keyof typeof KINDS }, teller: Teller) =>
    `Yarn at hand has no ${KINDS[kind]}. ${ASK_AT_HAND(teller)}`,
} as const;
