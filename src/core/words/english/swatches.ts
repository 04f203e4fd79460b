/** What is said of swatches and of what was measured of them. */
import type { Teller } from "../teller";

/** A share in plain words. Example: 0.5 is "half of". */
function shareWords(times: number, { percent }: Teller): string {
  if (times >= 0.47 && times <= 0.53) return "half of";
  if (times >= 10) return `${Math.round(times)} times`;
  if (times >= 1.95) return `${times.toFixed(1)} times`;
  return times < 0.01 ? "next to nothing of" : `${percent(times)} of`;
}

/** What was done when a figure is so far off, as a question. */
const SLIPS = {
  inchesOrCentimetres: "was it read in inches, and typed as centimetres, or the other way round?",
  overRibbing: "was it counted over ribbing, which pulls together? Count over plain fabric.",
  millimetresAsCentimetres: "is it in millimetres, and typed as centimetres?",
  centimetresAsMillimetres: "is it in centimetres, and typed as millimetres?",
  bothEdges: "were both edges counted, or is it folded? It is twice as much.",
  halfOrFolded: "is it only half of the swatch, or folded?",
  gramsAsOunces: "are these grams, typed as ounces?",
  ouncesAsGrams: "are these ounces, typed as grams?",
  twoStrands: "are two strands held together, or is something else on the scale?",
  oneStrand: "is it one strand? Are these grams, and all of the swatch?",
  decimalPoint: "is the decimal point where it should be?",
} as const;

export type Slip = keyof typeof SLIPS;

interface More {
  /** By what share more than usual, less below nought; null where it is as usual. */
  readonly more: number | null;
}
interface Swatched {
  readonly name: string;
}

/** Example: 0.03 is "3.0 % more". */
const moreWords = (more: number, { percent }: Teller) =>
  `${percent(Math.abs(more), 1)} ${more >= 0 ? "more" : "less"}`;
const quoted = (name: string) => (name ? `“${name}”` : "your swatch");

const VERBS = { mm: "measures", g: "weighs" } as const;

export const swatches = {
  smallSwatch: (
    {
      mm,
      off,
      largeMm,
      largeOff,
    }: { readonly mm: number; readonly off: number; readonly largeMm: number; readonly largeOff: number },
    { size, round, percent }: Teller,
  ) =>
    `Over ${size(mm)} a tape is ${percent(off, 1)} uncertain; over ${round(largeMm)} it would be ${percent(largeOff, 1)}. Knit it larger if you can.`,
  coarseScale: (
    {
      stepG,
      massG,
      off,
      finer,
    }: { readonly stepG: number; readonly massG: number; readonly off: number; readonly finer: boolean },
    { percent, weight }: Teller,
  ) =>
    `Steps of ${weight(stepG)} on ${weight(massG)} can be ${percent(off, 1)} off. ${finer ? `A scale in steps of ${weight(0.1)} would do, or a larger swatch.` : "A larger swatch would do."}`,
  notWashedYet: () =>
    "Measured only before it was washed, and what you make will be washed: stitches change by some 4 % then. Wash the swatch and measure it again.",
  ribbedSwatch: ({ ground }: { readonly ground: string }, { stockinette }: Teller) =>
    `${ground} pulls together, differently each time it is laid down: it says little of the plain gauge. Measure over ${stockinette}.`,
  sayCountOfSwatch: ({ thing }: { readonly thing: "stitches" | "rows" }) =>
    `Say how many ${thing} it has: without them its weight says nothing.`,
  countsNeeded: ({ name }: { readonly name: string }) =>
    `The ${name} needs the counts of the swatch: say how many stitches and rows.`,
  outlier: (
    {
      unit,
      times,
      over,
      slip,
    }: {
      readonly unit: keyof typeof VERBS;
      readonly times: number;
      readonly over: string;
      readonly slip: Slip | null;
    },
    teller: Teller,
  ) =>
    `This ${VERBS[unit]} ${shareWords(times, teller)} what ${over} should: ${slip ? SLIPS[slip] : "check the figure, its unit and the count."}`,
  ballGrew: () =>
    "The ball weighs no less than before these rows: was another one joined and not told of? Take the weighing back, tell of the join, and weigh again.",
  /** Where something is known from: what was weighed and measured on the needles. */
  fromKnitting: () => "your knitting",
  stitchGauge: () => "Stitch gauge",
  rowGauge: () => "Row gauge",
  yarnInLoop: () => "Yarn in a loop",
  drawInOfCables: () => "Draw-in of cables",
  yarnInCrossings: () => "Yarn in crossings",
  whatWashingDoes: () => "What washing does",
  lengthInBall: () => "Length in a ball",
  gaugeBelieved: (
    {
      counted,
      per10Cm,
      off,
    }: { readonly counted: "stitches" | "rows"; readonly per10Cm: number; readonly off: number },
    { gauge }: Teller,
  ) => `${gauge(per10Cm, counted)}, give or take ${off.toFixed(1)}.`,
  noCablesToPull: () => "There are no cables here that could pull in.",
  /** Shares of the width that cables take away: of this knitter, and of most. */
  pullAsMost: ({ most }: { readonly most: number }, { percent }: Teller) =>
    `Your cables pull in about as most do: ${percent(most)} of the width.`,
  pullUnlike: ({ mine, most }: { readonly mine: number; readonly most: number }, { percent }: Teller) => {
    const off = Math.abs(mine - most);
    const much = off < 0.03 ? "a little " : off < 0.08 ? "" : "much ";
    return `Your cables pull in ${much}${mine > most ? "more" : "less"} than most: ${percent(mine)} of the width rather than ${percent(most)}.`;
  },
  loopBelieved: (given: More, teller: Teller) =>
    given.more === null
      ? "Your stitches hold about as much yarn as most of this size."
      : `Your stitches hold ${moreWords(given.more, teller)} yarn than most stitches of this size.`,
  crossingsBelieved: (given: More, teller: Teller) =>
    given.more === null
      ? "Your crossings take about what is usual."
      : `Your crossings take ${moreWords(given.more, teller)} than usual.`,
  washingNotMeasured: () => "Not measured: no swatch was measured both before and after washing.",
  washingBelieved: (
    { wider, higher }: { readonly wider: number | null; readonly higher: number | null },
    { percent }: Teller,
  ) => {
    const way = (more: number | null, wide: string, narrow: string) =>
      more === null ? `no ${wide}` : `${percent(Math.abs(more), 1)} ${more > 0 ? wide : narrow}`;
    return `Washing makes your stitches ${way(wider, "wider", "narrower")} and ${way(higher, "higher", "lower")}.`;
  },
  lotBelieved: ({ more, usual }: More & { readonly usual: boolean }, teller: Teller) =>
    more === null
      ? "As far as known, your lot holds what its band says."
      : `A ball of your lot holds ${moreWords(more, teller)} than ${usual ? "is usual" : "its band says"}.`,
  weighSwatch: ({ name, finer }: Swatched & { readonly finer: boolean }, { weight }: Teller) =>
    `weigh ${quoted(name)}${finer ? ` on a scale in steps of ${weight(0.1)}` : ""}`,
  measureSwatch: ({ name, washed }: Swatched & { readonly washed: boolean }) =>
    washed ? `wash ${quoted(name)} and measure it again` : `measure ${quoted(name)}`,
  knitPlainSwatch: ({ mm }: { readonly mm: number }, { round }: Teller) =>
    `knit a plain swatch of ${round(mm)}, wash, measure and weigh it`,
  knitPatternSwatch: ({ repeats }: { readonly repeats: number }, { few }: Teller) =>
    `knit a swatch of ${few(repeats, "repeat")} of your cables, wash, measure and weigh it`,
} as const;
