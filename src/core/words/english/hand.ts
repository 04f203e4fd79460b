/** What is said of a knitter's hand, learned from finished projects, and of a project at its end. */
import type { Teller } from "../teller";

/** What each thing of a hand is called; and what more and less of it is. */
const THINGS = {
  width: { name: "Stitch width against the ball band", more: "wider", less: "narrower" },
  height: { name: "Row height against the ball band", more: "higher", less: "lower" },
  driftWidth: { name: "Stitch width in the work against the swatch", more: "wider", less: "narrower" },
  driftHeight: { name: "Row height in the work against the swatch", more: "higher", less: "lower" },
  loop: { name: "Yarn in a loop", more: "more", less: "less" },
  drawWidth: { name: "How far cables pull in across", more: "more", less: "less" },
  drawHeight: { name: "How far cables pull in along", more: "more", less: "less" },
  give: { name: "Yarn in crossings", more: "more", less: "less" },
  tail: { name: "Yarn in a long-tail cast-on", more: "more", less: "less" },
  castOff: { name: "", more: "more", less: "less" },
} as const;

/** A thing of a hand: as `HandId` of a project has it. */
type HandThing = keyof typeof THINGS;

const AS_MOST = 0.005;

export const hand = {
  handThing: ({ axis }: { readonly axis: HandThing }, { castOffEdge }: Teller) =>
    axis === "castOff" ? `Yarn in a ${castOffEdge}` : THINGS[axis].name,
  /** Where it lies against what most knitters do, as a share, and how far that can be off. */
  handLies: (
    { axis, more, off }: { readonly axis: HandThing; readonly more: number; readonly off: number },
    { percent }: Teller,
  ) => {
    const { more: above, less: below } = THINGS[axis];
    const by =
      Math.abs(more) < AS_MOST
        ? "as most"
        : `${percent(Math.abs(more), 1)} ${more > 0 ? above : below} than most`;
    return `${by}, give or take ${percent(off, 1)}`;
  },
  fromHand: ({ projects }: { readonly projects: number }, { count }: Teller) =>
    `your hand in ${count(projects, "project")}`,
  handMayHaveChanged: (
    { projects, changed }: { readonly projects: number; readonly changed: number },
    { count, chance }: Teller,
  ) =>
    `What was measured here does not look like your hand in ${count(projects, "project")}: it has changed, ${chance(changed)}, and counts for so much less`,
  /** Before the first row: yarn in m, and balls. */
  wasEstimated: (
    {
      p10: low,
      p50: middle,
      p90: high,
      balls,
    }: { readonly p10: number; readonly p50: number; readonly p90: number; readonly balls: number },
    { yarn, count }: Teller,
  ) => `Estimated: ${yarn(middle)}, likely ${yarn(low)} to ${yarn(high)}; ${count(balls, "ball")} advised`,
  wasUsed: (
    {
      m,
      g,
      balls,
      more,
    }: { readonly m: number; readonly g: number; readonly balls: number; readonly more: number },
    { yarn, mass, percent }: Teller,
  ) =>
    `Used: ${yarn(m)}, ${mass(g)}, ${balls.toFixed(1)} balls: ${
      Math.abs(more) < AS_MOST
        ? "just as estimated"
        : `${percent(Math.abs(more), 0)} ${more > 0 ? "more" : "less"}`
    }`,
};
