/** The body of a garment: its counts, and its way from the cast-on to behind the armholes. */
import { newSection, type ProjectSection } from "../project/sections";
import { ARMHOLE, type Armholes } from "./garmentSeams";
import { cabledIn, countOf, overLength, ribbed, ropesOver, rowsIn, type StartPlan } from "./start";

const RIB_MM = 60;

/** Of the width of a back: cast off and decreased at each armhole; the neck. */
const UNDERARM = 0.05;

const SLOPE = 0.07;

export const NECK = 0.32;

/** A neck of fewer stitches has no room for its curve. */
const LEAST_NECK = 8;

/** All counts of a body, so that what is joined has as many stitches on both sides. */
export interface Body {
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

export function bodyOf(plan: StartPlan, armholes: Armholes): Body {
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
export function toArmhole(
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

export const even = (count: number, least: number) => Math.max(least, 2 * Math.round(count / 2));

/** Rows from behind the slope of the armhole to the shoulder: the same for all that is sewn or knitted together. */
export function upperRows({ plan, underarm, slope }: Body) {
  const sloped = underarm > 0 ? 2 + 2 * slope : 0;
  return even(rowsIn(plan.alongMm * ARMHOLE, plan) - sloped, 8);
}

/** Continue in pattern over counted rows; nothing where there are none. */
export const onFor = (id: string, rows: number) =>
  rows > 0 ? [newSection("fabric", id, { content: "asBefore", rows })] : [];

/** How deep a front neck is, in mm and in rows. */
const NECK_MM = 90;

export const deepRows = (body: Body) => even(Math.min(rowsIn(NECK_MM, body.plan), upperRows(body) * 0.6), 2);

/** Stitches that a front neck takes one by one at each side; what is left of it rests in the middle. */
export const frontCurve = (body: Body) =>
  Math.max(1, Math.min(deepRows(body) / 2, Math.round(body.neck * 0.3), Math.floor((body.neck - 1) / 2)));
