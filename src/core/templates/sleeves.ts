/** Sleeves: narrower at the wrist, with a cap that is set in or straight at the top. */
import type { Body } from "./body";
import type { ProjectPiece } from "../project/project";
import { newSection } from "../project/sections";
import { ARMHOLE, type Armholes } from "./garmentSeams";
import { countOf, piece, ribbed, ropesOver, rowsIn, stitchesIn, type StartPlan } from "./start";

/** Of the upper arm: the wrist. */
const WRIST = 0.62;

const CUFF_MM = 50;

const CAP = 0.35;

/** Of the chest: the upper arm of a sleeve; of the length: a sleeve with its cap. */
const ARM = 0.36;

const SLEEVE = 0.95;

/** Of an armhole's height: no sleeve that is wider can be set into it. */
const WIDEST_CAP = 1.6;

/** A pair of sleeves, narrower at the wrist; with a cap that is set in, or straight at the top for a drop shoulder. */
export function sleeves(plan: StartPlan, armholes: Armholes = "shaped"): readonly ProjectPiece[] {
  const wristMm = plan.acrossMm * WRIST;
  const capMm = armholes === "shaped" ? plan.acrossMm * CAP : 0;
  const taperMm = Math.max(10, plan.alongMm - CUFF_MM - capMm);
  const cuff = ropesOver("sleeve/ropes", wristMm, plan, false, { by: "rows", rows: 2 });
  const from = countOf(cuff, false);
  const more = stitchesIn(plan.acrossMm - wristMm, plan, 2);
  const pairs = Math.max(1, Math.round(more / 2));
  const every = Math.max(2, Math.floor(rowsIn(taperMm, plan) / pairs / 2) * 2);
  const straight = rowsIn(taperMm, plan) - every * pairs;
  const stitchesAtCap = from + 2 * pairs;
  const underarm = Math.max(2, Math.round(stitchesAtCap * 0.06));
  const cap = [
    newSection("castOffAt", "sleeve/underarm", { at: "edges", stitches: underarm }),
    newSection("shape", "sleeve/cap", {
      at: "edges",
      by: "count",
      to: Math.max(4, Math.round(stitchesAtCap * 0.28)),
      over: "length",
      lengthMm: Math.max(plan.rowMm, capMm),
    }),
  ];
  return [
    piece(
      "sleeve",
      "Sleeve",
      [
        ...ribbed("sleeve", CUFF_MM, plan),
        cuff,
        newSection("shape", "sleeve/taper", {
          way: "increase",
          at: "edges",
          stitches: 2,
          every,
          times: pairs,
        }),
        ...(straight > 0
          ? [newSection("fabric", "sleeve/straight", { content: "asBefore", rows: straight })]
          : []),
        ...(armholes === "shaped" ? cap : []),
        newSection("castOff", "sleeve/off"),
      ],
      { times: 2 },
    ),
  ];
}

/** The sleeves of a body: as wide as its upper arm, or as its straight armholes are high. */
export function sleevesOf({ plan, armholes }: Body): readonly ProjectPiece[] {
  const holeMm = plan.alongMm * ARMHOLE;
  const armMm = armholes === "shaped" ? Math.min(plan.acrossMm * ARM, WIDEST_CAP * holeMm) : 2 * holeMm;
  const lengthMm = plan.alongMm * (armholes === "shaped" ? SLEEVE : SLEEVE * 0.8);
  return sleeves({ ...plan, acrossMm: armMm, alongMm: lengthMm }, armholes);
}
