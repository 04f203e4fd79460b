/** Where everything is kept that is typed of the chosen swatch. */
import type { Draft } from "immer";
import type { Swatch, SwatchState } from "@/core/project/swatches";
import type { Place } from "./field";
import { chosenSwatchIn, chosenSwatchOf } from "../chosen/chosen";

/** A figure of the chosen swatch, wherever in it that stands. */
const ofSwatch = (
  get: (swatch: Swatch) => number | null,
  set: (swatch: Draft<Swatch>, value: number | null) => void,
): Place<number> => ({
  get: (project, at) => {
    const swatch = chosenSwatchOf(project, at);
    return swatch && get(swatch);
  },
  set: (draft, value, at) => {
    const swatch = chosenSwatchIn(draft, at);
    if (swatch) set(swatch, value);
  },
});

/** What was measured of a swatch in one of its states. */
const swatchState = (state: "asKnit" | "finished", key: keyof SwatchState) =>
  ofSwatch(
    (swatch) => swatch[state][key],
    (swatch, value) => {
      swatch[state][key] = value;
    },
  );

/** A count that a swatch cannot be without keeps its last value. */
const swatchFabric = (key: "ropes" | "purls" | "edge") =>
  ofSwatch(
    ({ fabric }) => fabric[key],
    (swatch, value) => {
      if (value !== null) swatch.fabric[key] = value;
    },
  );

const swatchFigure = (key: "stitches" | "rows" | "needleMm" | "massG") =>
  ofSwatch(
    (swatch) => swatch[key],
    (swatch, value) => {
      swatch[key] = value;
    },
  );

const unravelled = (key: "stitches" | "lengthMm") =>
  ofSwatch(
    (swatch) => swatch.unravelled[key],
    (swatch, value) => {
      swatch.unravelled[key] = value;
    },
  );

export const SWATCH_PLACES = {
  swatchStitches: swatchFigure("stitches"),
  swatchRows: swatchFigure("rows"),
  swatchNeedle: swatchFigure("needleMm"),
  swatchRopes: swatchFabric("ropes"),
  swatchPurls: swatchFabric("purls"),
  swatchEdge: swatchFabric("edge"),
  swatchBorder: ofSwatch(
    ({ borderRows }) => borderRows,
    (swatch, value) => {
      swatch.borderRows = value ?? 0;
    },
  ),
  asKnitWidth: swatchState("asKnit", "widthMm"),
  asKnitStitches: swatchState("asKnit", "stitches"),
  asKnitHeight: swatchState("asKnit", "heightMm"),
  asKnitRows: swatchState("asKnit", "rows"),
  finishedWidth: swatchState("finished", "widthMm"),
  finishedStitches: swatchState("finished", "stitches"),
  finishedHeight: swatchState("finished", "heightMm"),
  finishedRows: swatchState("finished", "rows"),
  swatchMass: swatchFigure("massG"),
  unravelledStitches: unravelled("stitches"),
  unravelledLength: unravelled("lengthMm"),
} as const;
