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
    { percent }: Teller,
  ) =>
    `Steps of ${stepG} g on ${massG} g can be ${percent(off, 1)} off. ${finer ? "A scale in steps of 0.1 g would do, or a larger swatch." : "A larger swatch would do."}`,
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
} as const;
