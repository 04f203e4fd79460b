/** Garments: slipover, vest, jumpers and cardigans with set-in or drop sleeves; a pair of sleeves by itself. */
import { halfFront, frontBand } from "./openFront";
import { sleeves, sleevesOf } from "./sleeves";
import type { Body } from "./body";
import { NECK, bodyOf, toArmhole, upperRows, onFor, deepRows, frontCurve } from "./body";
import type { ProjectPiece } from "../project/project";
import { newSection } from "../project/sections";
import { ARMHOLE, closedSides, openSides, seamsWithSleeves, type Armholes } from "./garmentSeams";
import { band, piece, sewn, type Start, type StartPlan } from "./start";

const BACK_CURVE = 2;

function back(body: Body): ProjectPiece {
  const { neck, widthMm } = body;
  const curve = Math.max(1, Math.min(BACK_CURVE, Math.floor((neck - 1) / 2)));
  return piece("back", "Back", [
    ...toArmhole("back", widthMm, body, "edges"),
    ...onFor("back/upper", upperRows(body) - 2 * curve),
    newSection("divide", "back/neck", { centre: neck - 2 * curve, centreTo: "hold" }),
    newSection("shape", "back/curve", { at: "inner", stitches: 1, every: 2, times: curve }),
    newSection("hold", "back/shoulders"),
  ]);
}

function front(body: Body): ProjectPiece {
  const { neck, widthMm } = body;
  const times = frontCurve(body);
  const deep = deepRows(body);
  return piece("front", "Front", [
    ...toArmhole("front", widthMm, body, "edges"),
    ...onFor("front/upper", upperRows(body) - deep),
    newSection("divide", "front/neck", { centre: neck - 2 * times, centreTo: "hold" }),
    newSection("shape", "front/curve", { at: "inner", stitches: 1, every: 2, times }),
    ...onFor("front/straight", deep - 2 * times),
    newSection("castOff", "front/shoulders", { method: "threeNeedle" }),
  ]);
}

/** A neckband takes up both middles that rest, and the sides of the front neck by their length. */
const neckband = (body: Body) => {
  const { plan, neck, widthMm } = body;
  const resting = neck + Math.max(0, neck - 2 * frontCurve(body));
  const sidesMm = 2 * deepRows(body) * plan.rowMm;
  const roundMm = Math.max(widthMm * NECK, resting * plan.stitchMm * plan.kept) + sidesMm;
  return band("neck", "Neckband", roundMm, 30, plan);
};

/** An armband goes round the armhole: up one side, down the other, and over what was cast off. */
const armbands = ({ plan, underarm }: Body) =>
  band("arm", "Armband", 2 * plan.alongMm * ARMHOLE + 2 * underarm * plan.stitchMm, 25, plan, { times: 2 });

const openBody = (body: Body) => [
  back(body),
  halfFront(body, "right"),
  halfFront(body, "left"),
  frontBand(body),
];

const slipover = (plan: StartPlan) => {
  const body = bodyOf(plan, "shaped");
  return [back(body), front(body), neckband(body), armbands(body)];
};
const vest = (plan: StartPlan) => {
  const body = bodyOf(plan, "shaped");
  return [...openBody(body), armbands(body)];
};
const jumper = (armholes: Armholes) => (plan: StartPlan) => {
  const body = bodyOf(plan, armholes);
  return [back(body), front(body), ...sleevesOf(body), neckband(body)];
};
const cardigan = (armholes: Armholes) => (plan: StartPlan) => {
  const body = bodyOf(plan, armholes);
  return [...openBody(body), ...sleevesOf(body)];
};

const CHEST = { name: "Chest, all round", usualMm: 960 };
const twice = () => 2;
const open = { across: CHEST, along: { name: "Shoulder to hem", usualMm: 620 }, easeMm: 120, around: twice };
const closed = { across: CHEST, along: { name: "Shoulder to hem", usualMm: 600 }, easeMm: 80, around: twice };

export const GARMENTS = {
  slipover: { ...closed, name: "Slipover", build: slipover, seams: closedSides("shaped") },
  jumper: {
    ...closed,
    name: "Jumper, sleeves set in",
    build: jumper("shaped"),
    seams: seamsWithSleeves("shaped", true),
  },
  jumperDrop: {
    ...closed,
    name: "Jumper, drop shoulders",
    build: jumper("straight"),
    seams: seamsWithSleeves("straight", true),
  },
  vest: { ...open, name: "Vest with an open front", build: vest, seams: openSides("shaped") },
  cardigan: {
    ...open,
    name: "Cardigan body",
    build: (plan) => openBody(bodyOf(plan, "shaped")),
    seams: openSides("shaped"),
  },
  cardiganSleeves: {
    ...open,
    name: "Cardigan, sleeves set in",
    build: cardigan("shaped"),
    seams: seamsWithSleeves("shaped", false),
  },
  cardiganDrop: {
    ...open,
    name: "Cardigan, drop shoulders",
    build: cardigan("straight"),
    seams: seamsWithSleeves("straight", false),
  },
  sleeve: {
    name: "Pair of sleeves",
    across: { name: "Upper arm, all round", usualMm: 310 },
    along: { name: "Length", usualMm: 560 },
    easeMm: 50,
    build: (plan) => sleeves(plan),
    seams: () => [sewn("sleeves", 2, "sleeve side", "sleeve side")],
  },
} as const satisfies Record<string, Start>;
