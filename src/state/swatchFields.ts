/** Everything that is typed of the chosen swatch. */
import type { Draft } from "immer";
import { COUNTS, LENGTHS, SWATCH_G } from "@/core/files/bounds";
import type { Swatch, SwatchState } from "@/core/files/swatches";
import { grams } from "@/core/units/brands";
import type { CountBounds } from "@/core/units/count";
import { formatMassFine } from "@/core/units/format";
import { readMass } from "@/core/units/mass";
import { counted, fine, size, type Field, type FigureKind } from "./field";
import { chosenSwatchIn, chosenSwatchOf } from "./swatches";

/** A figure of the chosen swatch, wherever in it that stands. */
const ofSwatch = (
  field: FigureKind,
  get: (swatch: Swatch) => number | null,
  set: (swatch: Draft<Swatch>, value: number | null) => void,
): Field<number> => ({
  ...field,
  of: "swatch",
  get: (project) => {
    const swatch = chosenSwatchOf(project);
    return swatch && get(swatch);
  },
  set: (draft, value) => {
    const swatch = chosenSwatchIn(draft);
    if (swatch) set(swatch, value);
  },
  optional: true,
});

/** What was measured of a swatch in one of its states. */
const swatchState = (state: "asKnit" | "finished", key: keyof SwatchState, field: FigureKind) =>
  ofSwatch(
    field,
    (swatch) => swatch[state][key],
    (swatch, value) => {
      swatch[state][key] = value;
    },
  );

/** A count that a swatch cannot be without keeps its last value. */
const swatchFabric = (key: "ropes" | "purls" | "edge", bounds: CountBounds): Field<number> => ({
  ...ofSwatch(
    counted(bounds),
    ({ fabric }) => fabric[key],
    (swatch, value) => {
      if (value !== null) swatch.fabric[key] = value;
    },
  ),
  optional: false,
});

const swatchFigure = (key: "stitches" | "rows" | "needleMm" | "massG", field: FigureKind) =>
  ofSwatch(
    field,
    (swatch) => swatch[key],
    (swatch, value) => {
      swatch[key] = value;
    },
  );

const mass: FigureKind = {
  read: (text, units) => readMass(text, units, SWATCH_G),
  tell: (value, units) => formatMassFine(grams(value), units),
};

export const SWATCH_FIELDS = {
  swatchStitches: swatchFigure("stitches", counted(COUNTS.stitches)),
  swatchRows: swatchFigure("rows", counted(COUNTS.rows)),
  swatchNeedle: swatchFigure("needleMm", fine(LENGTHS.needle)),
  swatchRopes: swatchFabric("ropes", COUNTS.ropes),
  swatchPurls: swatchFabric("purls", COUNTS.purls),
  swatchEdge: swatchFabric("edge", COUNTS.edge),
  swatchBorder: ofSwatch(
    counted(COUNTS.borderRows),
    ({ borderRows }) => borderRows,
    (swatch, value) => {
      swatch.borderRows = value ?? 0;
    },
  ),
  asKnitWidth: swatchState("asKnit", "widthMm", size(LENGTHS.span)),
  asKnitStitches: swatchState("asKnit", "stitches", counted(COUNTS.stitches)),
  asKnitHeight: swatchState("asKnit", "heightMm", size(LENGTHS.span)),
  asKnitRows: swatchState("asKnit", "rows", counted(COUNTS.rows)),
  finishedWidth: swatchState("finished", "widthMm", size(LENGTHS.span)),
  finishedStitches: swatchState("finished", "stitches", counted(COUNTS.stitches)),
  finishedHeight: swatchState("finished", "heightMm", size(LENGTHS.span)),
  finishedRows: swatchState("finished", "rows", counted(COUNTS.rows)),
  swatchMass: swatchFigure("massG", mass),
  unravelledStitches: ofSwatch(
    counted(COUNTS.stitches),
    ({ unravelled }) => unravelled.stitches,
    (swatch, value) => {
      swatch.unravelled.stitches = value;
    },
  ),
  unravelledLength: ofSwatch(
    size(LENGTHS.unravelled),
    ({ unravelled }) => unravelled.lengthMm,
    (swatch, value) => {
      swatch.unravelled.lengthMm = value;
    },
  ),
} as const satisfies Record<string, Field<number>>;
