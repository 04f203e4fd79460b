/** Slips of swatching, caught while it is typed: nothing is refused, but what it costs is said in per cent. */
import type { Blocking } from "../fabric/blocking";
import { GROUNDS } from "../panels/grounds";
import { isMeasured, isPlainSwatch, tapeSd } from "./measurementKinds";
import type { SwatchModel } from "./swatchModel";

export interface SwatchWarning {
  readonly about: "size" | "scale" | "blocking" | "ribbing" | "rows" | "panels";
  readonly message: string;
}

/** A swatch should be so long where it is measured, and a scale so fine. */
const LEAST_MM = 100;
/** What a small one is put beside. */
const LARGE_MM = 200;
const COARSE_STEP = 0.06;

const percent = (share: number) => `${(100 * share).toFixed(1)} %`;
const centimetres = (mm: number) => `${(mm / 10).toFixed(1)} cm`;

function sizeHint({ swatch }: SwatchModel): readonly SwatchWarning[] {
  const spans = [swatch.asKnit, swatch.finished].flatMap(({ widthMm, heightMm }) => [widthMm, heightMm]);
  const smallest = Math.min(...spans.filter((mm) => mm !== null));
  if (!(smallest < LEAST_MM)) return [];
  return [
    {
      about: "size",
      message: `Over ${centimetres(smallest)} a tape is ${percent(tapeSd(smallest))} uncertain; over ${LARGE_MM / 10} cm it would be ${percent(tapeSd(LARGE_MM))}. Knit it larger if you can.`,
    },
  ];
}

function scaleHint({ swatch: { massG, scaleStepG } }: SwatchModel): readonly SwatchWarning[] {
  if (massG === null || scaleStepG / massG < COARSE_STEP) return [];
  const finer =
    scaleStepG > 0.1
      ? " A scale in steps of 0.1 g would do, or a larger swatch."
      : " A larger swatch would do.";
  return [
    {
      about: "scale",
      message: `Steps of ${scaleStepG} g on ${massG} g can be ${percent(scaleStepG / 2 / massG)} off.${finer}`,
    },
  ];
}

function blockingHint({ swatch }: SwatchModel, finish: Blocking): readonly SwatchWarning[] {
  if (finish === "asKnit" || !isMeasured(swatch.asKnit) || isMeasured(swatch.finished)) return [];
  return [
    {
      about: "blocking",
      message:
        "Measured only before it was washed, and what you make will be washed: stitches change by some 4 % then. Wash the swatch and measure it again.",
    },
  ];
}

function ribbingHint({ swatch }: SwatchModel): readonly SwatchWarning[] {
  const { content, ground } = swatch.fabric;
  if (content !== "ground" || isPlainSwatch(swatch) || !ground.toLowerCase().includes("rib")) return [];
  return [
    {
      about: "ribbing",
      message: `${GROUNDS[ground].name} pulls together, more or less at each laying down: it says little of the plain gauge. Measure over stockinette (UK stocking stitch).`,
    },
  ];
}

function lackHint({ swatch, stitches, problem }: SwatchModel): readonly SwatchWarning[] {
  if (problem) return [{ about: "panels", message: problem }];
  if (swatch.rows === null || stitches === null)
    return [
      {
        about: "rows",
        message: `Say how many ${stitches === null ? "stitches" : "rows"} it has: what it weighs cannot be told without.`,
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
