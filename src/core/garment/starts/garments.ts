/** Garments: a slipover, a cardigan's body, a pair of sleeves. */
import type { ProjectPiece } from "../../files/project";
import { newSection, type ProjectSection } from "../../files/sections";
import {
  band,
  goingOn,
  overLength,
  piece,
  ribbed,
  ropesOver,
  rowsIn,
  cabledIn,
  stitchesIn,
  type Start,
  type StartPlan,
} from "./start";

const RIB_MM = 60;
/** Of the length: from the shoulder to the underarm. */
const ARMHOLE = 0.37;
/** Of the width of a back: cast off and decreased at each armhole; the neck. */
const UNDERARM = 0.05;
const SLOPE = 0.07;
const NECK = 0.32;

const even = (count: number) => 2 * Math.max(1, Math.round(count / 2));

/** From the cast-on to behind the armholes. `slopes` are the edges with an armhole: two of a back, one of a front. */
function toArmhole(id: string, widthMm: number, plan: StartPlan, slopes: 1 | 2): readonly ProjectSection[] {
  const bodyMm = plan.alongMm * (1 - ARMHOLE) - RIB_MM;
  const backMm = slopes === 2 ? widthMm : 2 * widthMm;
  const at = slopes === 2 ? "edges" : "outer";
  return [
    ...ribbed(id, RIB_MM, plan),
    ropesOver(`${id}/ropes`, widthMm, plan, false, overLength(bodyMm)),
    newSection("castOffAt", `${id}/armhole`, { at, stitches: cabledIn(backMm * UNDERARM, plan, 2) }),
    newSection("shape", `${id}/slope`, {
      at,
      stitches: slopes,
      every: 2,
      times: cabledIn(backMm * SLOPE, plan, 2),
    }),
  ];
}

/** Height from behind the slope of the armhole to the shoulder. */
function upperMm(widthMm: number, plan: StartPlan) {
  const slopeMm = (2 + 2 * cabledIn(widthMm * SLOPE, plan, 2)) * plan.rowMm;
  return Math.max(4 * plan.rowMm, plan.alongMm * ARMHOLE - slopeMm);
}

function back(widthMm: number, plan: StartPlan): ProjectPiece {
  const shapedMm = 4 * plan.rowMm;
  return piece("back", "Back", [
    ...toArmhole("back", widthMm, plan, 2),
    goingOn("back/upper", upperMm(widthMm, plan) - shapedMm),
    newSection("divide", "back/neck", {
      centre: even(cabledIn(widthMm * NECK * 0.8, plan)),
      centreTo: "hold",
    }),
    newSection("shape", "back/curve", { at: "inner", stitches: 1, every: 2, times: 2 }),
    newSection("hold", "back/shoulders"),
  ]);
}

function slipover(plan: StartPlan): readonly ProjectPiece[] {
  const widthMm = plan.acrossMm / 2;
  const deepMm = Math.min(90, upperMm(widthMm, plan) * 0.6);
  const times = Math.max(
    1,
    Math.min(Math.floor(rowsIn(deepMm, plan) / 2), cabledIn(widthMm * NECK * 0.3, plan)),
  );
  const straightMm = deepMm - 2 * times * plan.rowMm;
  const front = piece(
    "front",
    "Front",
    [
      ...toArmhole("front", widthMm, plan, 2),
      goingOn("front/upper", upperMm(widthMm, plan) - deepMm),
      newSection("divide", "front/neck", {
        centre: even(cabledIn(widthMm * NECK, plan) - 2 * times),
        centreTo: "hold",
      }),
      newSection("shape", "front/curve", { at: "inner", stitches: 1, every: 2, times }),
      ...(straightMm > plan.rowMm ? [goingOn("front/straight", straightMm)] : []),
      newSection("castOff", "front/shoulders", { method: "threeNeedle" }),
    ],
    { seams: 2 },
  );
  const neckMm = widthMm * NECK * 2 + 2 * deepMm;
  return [
    back(widthMm, plan),
    front,
    band("neck", "Neckband", neckMm, 30, plan),
    band("arm", "Armband", 2 * plan.alongMm * ARMHOLE, 25, plan, { times: 2 }),
  ];
}

function cardigan(plan: StartPlan): readonly ProjectPiece[] {
  const widthMm = plan.acrossMm / 2;
  const frontMm = widthMm / 2;
  const upper = upperMm(widthMm, plan);
  const times = Math.max(
    1,
    Math.min(Math.floor(rowsIn(upper, plan) / 4), cabledIn((widthMm * NECK) / 2, plan)),
  );
  const half = (mirrored: boolean): ProjectPiece => {
    const id = mirrored ? "left" : "right";
    return piece(
      id,
      mirrored ? "Left front" : "Right front",
      [
        ...toArmhole(id, frontMm, plan, 1),
        goingOn(`${id}/upper`, Math.max(plan.rowMm, upper - 4 * times * plan.rowMm)),
        newSection("shape", `${id}/neck`, { at: "inner", stitches: 1, every: 4, times }),
        newSection("castOff", `${id}/shoulder`, { method: "threeNeedle" }),
      ],
      { mirrored, seams: 1 },
    );
  };
  return [
    back(widthMm, plan),
    half(false),
    half(true),
    band("bands", "Bands", 2 * plan.alongMm + widthMm * NECK, 35, plan, { round: false }),
  ];
}

/** Of the upper arm: the wrist. */
const WRIST = 0.62;
const CUFF_MM = 50;

function sleeves(plan: StartPlan): readonly ProjectPiece[] {
  const wristMm = plan.acrossMm * WRIST;
  const capMm = plan.acrossMm * 0.35;
  const taperMm = Math.max(10, plan.alongMm - CUFF_MM - capMm);
  const cuff = ropesOver("sleeve/ropes", wristMm, plan, false, { by: "rows", rows: 2 });
  const from = stitchesIn(wristMm / plan.kept, plan);
  const more = stitchesIn(plan.acrossMm - wristMm, plan, 2);
  const pairs = Math.max(1, Math.round(more / 2));
  const every = Math.max(2, Math.floor(rowsIn(taperMm, plan) / pairs / 2) * 2);
  const straight = rowsIn(taperMm, plan) - every * pairs;
  const stitchesAtCap = from + 2 * pairs;
  const underarm = Math.max(2, Math.round(stitchesAtCap * 0.06));
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
        newSection("castOffAt", "sleeve/underarm", { at: "edges", stitches: underarm }),
        newSection("shape", "sleeve/cap", {
          at: "edges",
          by: "count",
          to: Math.max(4, Math.round(stitchesAtCap * 0.28)),
          over: "length",
          lengthMm: capMm,
        }),
        newSection("castOff", "sleeve/off"),
      ],
      { times: 2, seams: 1 },
    ),
  ];
}

export const GARMENTS = {
  slipover: {
    name: "Slipover",
    across: { name: "Chest, all round", usualMm: 960 },
    along: { name: "Shoulder to hem", usualMm: 600 },
    easeMm: 80,
    around: () => 2,
    build: slipover,
  },
  cardigan: {
    name: "Cardigan body",
    across: { name: "Chest, all round", usualMm: 960 },
    along: { name: "Shoulder to hem", usualMm: 620 },
    easeMm: 120,
    around: () => 2,
    build: cardigan,
  },
  sleeve: {
    name: "Pair of sleeves",
    across: { name: "Upper arm, all round", usualMm: 310 },
    along: { name: "Length", usualMm: 560 },
    easeMm: 50,
    build: sleeves,
  },
} as const satisfies Record<string, Start>;
