/** Slips of swatching, caught while it is typed: nothing is refused, but what it costs is said in per cent. */
import { say, type Says } from "../words/message";
import type { Blocking } from "../fabric/blocking";
import { GROUNDS } from "../panels/grounds";
import { isMeasured, isPlainSwatch, tapeSd } from "./measurementKinds";
import type { SwatchModel } from "./swatchModel";

export interface SwatchWarning {
  readonly about: "size" | "scale" | "blocking" | "ribbing" | "rows" | "panels";
  readonly message: Says;
}

/** A swatch should be so long where it is measured, and a scale so fine. */
const LEAST_MM = 100;
/** What a small one is put beside. */
const LARGE_MM = 200;
const COARSE_STEP = 0.06;

function sizeHint({ swatch }: SwatchModel): readonly SwatchWarning[] {
  const spans = [swatch.asKnit, swatch.finished].flatMap(({ widthMm, heightMm }) => [widthMm, heightMm]);
  const smallest = Math.min(...spans.filter((mm) => mm !== null));
  if (!(smallest < LEAST_MM)) return [];
  return [
    {
      about: "size",
      message: say("smallSwatch", {
        mm: smallest,
        off: tapeSd(smallest),
        largeMm: LARGE_MM,
        largeOff: tapeSd(LARGE_MM),
      }),
    },
  ];
}

function scaleHint({ swatch: { massG, scaleStepG } }: SwatchModel): readonly SwatchWarning[] {
  if (massG === null || scaleStepG / massG < COARSE_STEP) return [];
  return [
    {
      about: "scale",
      message: say("coarseScale", {
        stepG: scaleStepG,
        massG,
        off: scaleStepG / 2 / massG,
        finer: scaleStepG > 0.1,
      }),
    },
  ];
}

function blockingHint({ swatch }: SwatchModel, finish: Blocking): readonly SwatchWarning[] {
  if (finish === "asKnit" || !isMeasured(swatch.asKnit) || isMeasured(swatch.finished)) return [];
  return [
    {
      about: "blocking",
      message: say("notWashedYet"),
    },
  ];
}

function ribbingHint({ swatch }: SwatchModel): readonly SwatchWarning[] {
  const { content, ground } = swatch.fabric;
  if (content !== "ground" || isPlainSwatch(swatch) || !ground.toLowerCase().includes("rib")) return [];
  return [
    {
      about: "ribbing",
      message: say("ribbedSwatch", { ground: GROUNDS[ground].name }),
    },
  ];
}

function lackHint({ swatch, stitches, problem }: SwatchModel): readonly SwatchWarning[] {
  if (problem) return [{ about: "panels", message: problem }];
  if (swatch.rows === null || stitches === null)
    return [
      {
        about: "rows",
        message: say("sayCountOfSwatch", { thing: stitches === null ? "stitches" : "rows" }),
      },
    ];
  return [];
}

/** Everything to be said of a swatch. Example: one of 6 cm is told what its tape costs. */
export const swatchWarnings = (of: SwatchModel, finish: Blocking): readonly SwatchWarning[] => [
  ...lackHint(of),
  ...ribbingHint(of),
  ...blockingHint(of, finish),
  ...sizeHint(of),
  ...scaleHint(of),
];
