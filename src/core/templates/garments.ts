/** Garments: slipover, vest, jumpers and cardigans with set-in or drop sleeves; a pair of sleeves by itself. */
import type { ProjectPiece } from "../project/project";
import { withFabric } from "../project/sectionKinds";
import { newSection, type ProjectSection } from "../project/sections";
import { ARMHOLE, closedSides, openSides, seamsWithSleeves, type Armholes } from "./garmentSeams";
import {
  band,
  cabledIn,
  countOf,
  overLength,
  piece,
  ribbed,
  ropesOver,
  rowsIn,
  sewn,
  stitchesIn,
  type Start,
  type StartPlan,
} from "./start";

const RIB_MM = 60;
/** Of the width of a back: cast off and decreased at each armhole; the neck. */
const UNDERARM = 0.05;
const SLOPE = 0.07;
const NECK = 0.32;
/** A neck of fewer stitches has no room for its curve. */
const LEAST_NECK = 8;

/** All counts of a body, so that what is joined has as many stitches on both sides. */
interface Body {
  readonly plan: StartPlan;
  readonly widthMm: number;
  readonly armholes: Armholes;
  /** Cast off at each underarm, and decreased one by one after it. */
  readonly underarm: number;
  readonly slope: number;
  /** Stitches of the back behind its armholes; of its neck; of each shoulder. */
  readonly upper: number;
  readonly neck: number;
  readonly shoulder: number;
}

/** A count near another one that is odd or even as a third: halves of what is left are whole. */
const likeOdd = (count: number, other: number) => count + ((count + other) % 2);

function bodyOf(plan: StartPlan, armholes: Armholes): Body {
  const widthMm = plan.acrossMm / 2;
  const shaped = armholes === "shaped";
  const underarm = shaped ? cabledIn(widthMm * UNDERARM, plan, 2) : 0;
  const slope = shaped ? cabledIn(widthMm * SLOPE, plan, 2) : 0;
  const upper = countOf(ropesOver("", widthMm, plan, false, {}), false) - 2 * (underarm + slope);
  const wanted = Math.max(LEAST_NECK, cabledIn(widthMm * NECK, plan));
  const neck = likeOdd(Math.min(wanted, Math.max(2, upper - 6)), upper);
  return { plan, widthMm, armholes, underarm, slope, upper, neck, shoulder: (upper - neck) / 2 };
}

/** From the cast-on to behind the armholes. `at` is the edge or the edges with an armhole. */
function toArmhole(
  id: string,
  widthMm: number,
  { plan, underarm, slope }: Body,
  at: "edges" | "outer",
): readonly ProjectSection[] {
  return [
    ...ribbed(id, RIB_MM, plan),
    ropesOver(`${id}/ropes`, widthMm, plan, false, overLength(plan.alongMm * (1 - ARMHOLE) - RIB_MM)),
    ...(underarm > 0
      ? [
          newSection("castOffAt", `${id}/armhole`, { at, stitches: underarm }),
          newSection("shape", `${id}/slope`, {
            at,
            stitches: at === "edges" ? 2 : 1,
            every: 2,
            times: slope,
          }),
        ]
      : []),
  ];
}

const even = (count: number, least: number) => Math.max(least, 2 * Math.round(count / 2));

/** Rows from behind the slope of the armhole to the shoulder: the same for all that is sewn or knitted together. */
function upperRows({ plan, underarm, slope }: Body) {
  const sloped = underarm > 0 ? 2 + 2 * slope : 0;
  return even(rowsIn(plan.alongMm * ARMHOLE, plan) - sloped, 8);
}

/** Continue in pattern over counted rows; nothing where there are none. */
const onFor = (id: string, rows: number) =>
  rows > 0 ? [newSection("fabric", id, { content: "asBefore", rows })] : [];

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

/** How deep a front neck is, in mm and in rows. */
const NECK_MM = 90;
const deepRows = (body: Body) => even(Math.min(rowsIn(NECK_MM, body.plan), upperRows(body) * 0.6), 2);

/** Stitches that a front neck takes one by one at each side; what is left of it rests in the middle. */
const frontCurve = (body: Body) =>
  Math.max(1, Math.min(deepRows(body) / 2, Math.round(body.neck * 0.3), Math.floor((body.neck - 1) / 2)));

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

/** Half a front of a cardigan, its neck shaped so that its shoulder has the stitches of the back's. */
function halfFront(body: Body, mirrored: boolean): ProjectPiece {
  const { plan, widthMm, underarm, slope, shoulder } = body;
  const id = mirrored ? "left" : "right";
  const ropes = ropesOver("", widthMm / 2, plan, false, {});
  const upper = countOf(ropes, false) - underarm - slope;
  const rows = upperRows(body);
  const neckRows = even(rows * 0.4, 2);
  const straight = rows - neckRows;
  // A front is half as wide as the back as near as its ropes allow: what it has more than a shoulder is its neck.
  const more = upper - shoulder;
  const neck =
    more === 0
      ? onFor(`${id}/on`, neckRows)
      : [
          newSection("shape", `${id}/neck`, {
            way: more > 0 ? "decrease" : "increase",
            at: "inner",
            by: "count",
            to: shoulder,
            over: "rows",
            rows: neckRows,
          }),
        ];
  return piece(
    id,
    mirrored ? "Left front" : "Right front",
    [
      ...toArmhole(id, widthMm / 2, body, "outer"),
      ...onFor(`${id}/upper`, straight),
      ...neck,
      newSection("castOff", `${id}/shoulder`, { method: "threeNeedle" }),
    ],
    { mirrored },
  );
}

/** One band up a front, round the neck and down the other: both edges, and what rests of the back's neck. */
function frontBand({ plan, neck }: Body): ProjectPiece {
  const bands = band("bands", "Bands", 2 * plan.alongMm + neck * plan.stitchMm * plan.kept, 35, plan, {
    round: false,
  });
  return {
    ...bands,
    sections: bands.sections.map((section) =>
      withFabric(section, ({ rows }) => ({ rows: Math.max(3, rows ?? 0), holes: holesOf(plan) })),
    ),
  };
}

/** A buttonhole about every so many mm of one front, each for a button of so many. */
const HOLE_APART_MM = 80;
const BUTTON_MM = 18;

/** Buttonholes along one front, as many as there is room for. */
function holesOf(plan: StartPlan) {
  const over = stitchesIn(plan.alongMm, plan, 8);
  const stitches = Math.max(1, stitchesIn(BUTTON_MM, plan));
  const margin = 2;
  const most = Math.floor((over - 2 * margin + 1) / (stitches + 1));
  return { count: Math.min(most, 1 + Math.round(plan.alongMm / HOLE_APART_MM)), stitches, margin, over };
}

const openBody = (body: Body) => [back(body), halfFront(body, false), halfFront(body, true), frontBand(body)];

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
function sleeves(plan: StartPlan, armholes: Armholes = "shaped"): readonly ProjectPiece[] {
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
function sleevesOf({ plan, armholes }: Body): readonly ProjectPiece[] {
  const holeMm = plan.alongMm * ARMHOLE;
  const armMm = armholes === "shaped" ? Math.min(plan.acrossMm * ARM, WIDEST_CAP * holeMm) : 2 * holeMm;
  const lengthMm = plan.alongMm * (armholes === "shaped" ? SLEEVE : SLEEVE * 0.8);
  return sleeves({ ...plan, acrossMm: armMm, alongMm: lengthMm }, armholes);
}

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
