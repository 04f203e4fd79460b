/** Kinds of measurement, a table: what each reads off a swatch, what it should be, and how far it can be off. */
import type { MeasureId, Swatch, SwatchState } from "../project/swatches";
import { OTHER_NEEDLE } from "../garment/projectGauge";
import { countOf } from "../words/things";
import type { Deviations } from "./unknowns";
import type { SwatchModel, SwatchStateId } from "./swatchModel";
import type { Slip } from "../words/english/swatches";

/** A slip that explains a figure which is so many times what it should be. */
export interface Explains {
  readonly times: number;
  readonly slip: Slip;
}

export interface MeasurementKind {
  readonly name: string;
  readonly unit: "mm" | "g";
  readonly find: (swatch: Swatch) => number | null;
  /** What it should be for a vector of unknowns; null where the swatch does not say enough of itself. */
  readonly predict: (of: SwatchModel) => ((unknowns: Deviations) => number) | null;
  /** Standard deviation in ln. */
  readonly sd: (swatch: Swatch, found: number) => number;
  /** What it is read over, in words: "24 stitches". */
  readonly over: (of: SwatchModel) => string;
  readonly slips: readonly Explains[];
}

/** A tape is read to 3 mm, and knitting lies so far otherwise each time it is laid down. */
const TAPE_MM = 3;
const LAID_DOWN_SD = 0.015;
export const tapeSd = (mm: number) => Math.hypot(TAPE_MM / mm, LAID_DOWN_SD);

/** A scale rounds to its step; and wool holds a little more or less water. */
export const MOISTURE_SD = 0.02;
export const scaleSdG = (stepG: number) => stepG / Math.sqrt(12);
const scaleSd = (stepG: number, massG: number) => Math.hypot(scaleSdG(stepG) / massG, MOISTURE_SD);

const UNRAVELLED_SD = 0.02;

export const LENGTH_SLIPS: readonly Explains[] = [
  { times: 2.54, slip: "inchesOrCentimetres" },
  { times: 1 / 2.54, slip: "inchesOrCentimetres" },
  { times: 10, slip: "millimetresAsCentimetres" },
  { times: 1 / 10, slip: "centimetresAsMillimetres" },
  { times: 2, slip: "bothEdges" },
  { times: 0.5, slip: "halfOrFolded" },
];
const PLAIN_SLIPS: readonly Explains[] = [
  { times: 0.69, slip: "overRibbing" },
  { times: 0.8, slip: "overRibbing" },
];
export const GRAM_SLIPS: readonly Explains[] = [
  { times: 28.35, slip: "gramsAsOunces" },
  { times: 1 / 28.35, slip: "ouncesAsGrams" },
  { times: 10, slip: "decimalPoint" },
  { times: 0.1, slip: "decimalPoint" },
];
const MASS_SLIPS: readonly Explains[] = [
  { times: 2, slip: "twoStrands" },
  { times: 0.5, slip: "oneStrand" },
  ...GRAM_SLIPS,
];

const needleSd = (scaleLn: number) => OTHER_NEEDLE * Math.abs(scaleLn);

export const isPlainSwatch = ({ fabric }: Swatch) =>
  fabric.content === "ground" && fabric.ground === "stockinette";

const width = (state: SwatchStateId, name: string, slips: readonly Explains[]): MeasurementKind => ({
  name,
  unit: "mm",
  find: (swatch) => swatch[state].widthMm,
  predict: (of) => of.widthOf(state, of.swatch[state].stitches),
  sd: (_, found) => tapeSd(found),
  over: ({ swatch, stitches }) => countOf(swatch[state].stitches ?? stitches ?? 0, "stitch"),
  slips,
});

const height = (state: SwatchStateId, name: string): MeasurementKind => ({
  name,
  unit: "mm",
  find: (swatch) => swatch[state].heightMm,
  predict: (of) => of.heightOf(state, of.swatch[state].rows),
  sd: (_, found) => tapeSd(found),
  over: ({ swatch, rows }) => countOf(swatch[state].rows ?? rows ?? 0, "row"),
  slips: LENGTH_SLIPS,
});

export const MEASUREMENT_KINDS: { readonly [Id in MeasureId]: MeasurementKind } = {
  asKnitWidth: width("asKnit", "width as knit", [...LENGTH_SLIPS, ...PLAIN_SLIPS]),
  asKnitHeight: height("asKnit", "height as knit"),
  finishedWidth: width("finished", "width finished", [...LENGTH_SLIPS, ...PLAIN_SLIPS]),
  finishedHeight: height("finished", "height finished"),
  mass: {
    name: "weight",
    unit: "g",
    find: ({ massG }) => massG,
    predict: ({ massOf }) => massOf,
    sd: ({ scaleStepG }, found) => scaleSd(scaleStepG, found),
    over: ({ stitches, rows }) => countOf((stitches ?? 0) * (rows ?? 0), "stitch"),
    slips: MASS_SLIPS,
  },
  unravelled: {
    name: "yarn unravelled",
    unit: "mm",
    find: ({ unravelled }) => (unravelled.stitches === null ? null : unravelled.lengthMm),
    predict: ({ yarnOf, swatch }) => yarnOf?.(swatch.unravelled.stitches ?? 0) ?? null,
    sd: () => UNRAVELLED_SD,
    over: ({ swatch }) => countOf(swatch.unravelled.stitches ?? 0, "stitch"),
    slips: LENGTH_SLIPS,
  },
};

/** How far a reading can be off in ln, another needle counted in. Its mass hangs on the needle as its width does. */
export const noiseOf = (kind: MeasurementKind, { swatch, scale }: SwatchModel, found: number) =>
  Math.hypot(kind.sd(swatch, found), needleSd(Math.log(scale)));

/** Whether anything was read off in a state. */
export const isMeasured = ({ widthMm, heightMm }: SwatchState) => widthMm !== null || heightMm !== null;
