/** How garments are sewn: sides, sleeves, and caps into their armholes. */
import type { Seam } from "../project/finishing";
import { sewn, type Start } from "./start";

export type Armholes = "shaped" | "straight";

/** Of the length: from the shoulder to the underarm. */
export const ARMHOLE = 0.37;

/** Sides up to the armholes; straight ones have none of their own, and as much is left open. */
const openFor = (armholes: Armholes, alongMm: number) => (armholes === "straight" ? alongMm * ARMHOLE : null);

export const closedSides =
  (armholes: Armholes): NonNullable<Start["seams"]> =>
  ({ alongMm }) => [sewn("sides", 2, "front side", "back side", openFor(armholes, alongMm))];
export const openSides =
  (armholes: Armholes): NonNullable<Start["seams"]> =>
  ({ alongMm }) =>
    ["right", "left"].map((id) => sewn(id, 1, `${id} side`, "back side", openFor(armholes, alongMm)));

/** Each sleeve down its length; its cap into the armhole of the back and of a front, or its straight top all along. */
const sleeveSeams = (armholes: Armholes, fronts: readonly string[]): readonly Seam[] => [
  sewn("sleeves", 2, "sleeve side", "sleeve side"),
  ...(armholes === "straight"
    ? [sewn("top", 2, "sleeve end")]
    : [
        sewn("cap-back", 2, "sleeve cap", "back above"),
        ...fronts.map((id) => sewn(`cap-${id}`, 2 / fronts.length, "sleeve cap", `${id} above`)),
      ]),
];

export const seamsWithSleeves =
  (armholes: Armholes, closedFront: boolean): NonNullable<Start["seams"]> =>
  (plan) => [
    ...(closedFront ? closedSides : openSides)(armholes)(plan),
    ...sleeveSeams(armholes, closedFront ? ["front"] : ["right", "left"]),
  ];
