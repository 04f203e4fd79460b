/** What is said while a piece is on the needles. */
import type { Nested, Teller } from "../teller";

interface Stitches {
  readonly stitches: number;
}

interface Moved {
  readonly count: number;
  readonly side: "front" | "back";
}

const HELD = { front: "in front of the work", back: "behind the work" } as const;

const EDGES = {
  edges: "both edges",
  outer: "the outer edge",
  inner: "the inner edge",
  evenly: "evenly along the row",
} as const;

const small = (words: string) => words.charAt(0).toLowerCase() + words.slice(1);

export const knit = {
  castOnSo: ({ stitches, method }: Stitches & { readonly method: string }, { count }: Teller) =>
    `Cast on ${count(stitches, "stitch")}, ${small(method)}`,
  castOffSo: ({ stitches, method }: Stitches & { readonly method: string }, { count, CastOff }: Teller) =>
    `${CastOff} ${count(stitches, "stitch")}, ${small(method)}`,
  leaveOnHold: ({ stitches }: Stitches, { count }: Teller) => `Leave ${count(stitches, "stitch")} on hold`,
  divideInTwo: (
    {
      centre,
      goes,
      each,
    }: { readonly centre: number; readonly goes: "castOff" | "hold"; readonly each: number },
    { count, castOff }: Teller,
  ) =>
    `Divide in two, ${count(each, "stitch")} to each side${centre > 0 ? `: ${goes === "hold" ? "hold" : castOff} ${centre} in the middle` : ""}`,
  joinTwoSides: ({ stitches }: Stitches, { count }: Teller) =>
    `Join the two sides${stitches > 0 ? `, ${count(stitches, "stitch")} cast on between them` : ""}`,
  pickUpSo: ({ stitches }: Stitches, { count }: Teller) => `Pick up ${count(stitches, "stitch")}`,
  takeFromHold: ({ stitches }: Stitches, { count }: Teller) => `Take ${count(stitches, "stitch")} from hold`,
  castOffAtEdges: (
    { stitches, at, goes }: Stitches & { readonly at: keyof typeof EDGES; readonly goes: "castOff" | "hold" },
    { count, CastOff }: Teller,
  ) => `${goes === "hold" ? "Hold" : CastOff} ${count(stitches, "stitch")} at ${EDGES[at]}`,
  changeCountTo: ({ from, to }: { readonly from: number; readonly to: number }, { count }: Teller) =>
    `${to < from ? "Decrease" : "Increase"} from ${from} to ${count(to, "stitch")}, evenly`,
  shapeAt: ({ way, at }: { readonly way: "decrease" | "increase"; readonly at: keyof typeof EDGES }) =>
    `${way === "decrease" ? "Decrease" : "Increase"} at ${EDGES[at]}`,
  otherSideNow: () => "Join the yarn at the other side",
  /** Something that comes in so many rows, counted from the row in hand. */
  inRows: ({ rows, what }: { readonly rows: number; readonly what: Nested }, { count, tell }: Teller) =>
    `${rows === 0 ? "After this row" : `In ${count(rows, "row")}`}: ${small(tell(what))}`,
  crossingInRow: (given: Crossings, teller: Teller) => `This row: ${crossingsTold(given, teller)}`,
  crossingAhead: (given: Crossings & { readonly rows: number }, teller: Teller) =>
    `In ${teller.count(given.rows, "row")}: ${crossingsTold(given, teller)}`,
  colourAhead: (
    { rows, yarns }: { readonly rows: number; readonly yarns: readonly string[] },
    { count, list }: Teller,
  ) => `In ${count(rows, "row")}: ${list(yarns)}`,
  /** Of a section that goes on until it is so high. */
  workUntil: (
    { lengthMm, rows }: { readonly lengthMm: number; readonly rows: number },
    { round, count }: Teller,
  ) => `Work until this section measures ${round(lengthMm)}: some ${count(rows, "row")}`,
  noCrossingAhead: () => "No more crossings in this piece",
  stepSlip: ({ count, side }: Moved, { count: countOf }: Teller) =>
    `Slip the next ${countOf(count, "stitch")} onto a cable needle and hold it ${HELD[side]}`,
  stepGiveBack: ({ count }: Pick<Moved, "count">, { count: countOf }: Teller) =>
    `Slip the last ${countOf(count, "stitch")} from the cable needle back onto the left needle`,
  /** `works` is what is worked, in the abbreviations of the row. */
  stepWork: ({ works, from }: { readonly works: string; readonly from: "left" | "front" | "back" }) =>
    `Work ${works} from ${from === "left" ? "the left needle" : `the cable needle ${HELD[from]}`}`,
  stepReach: ({ past, count, side }: Moved & { readonly past: number }, { count: countOf }: Teller) =>
    `Go past the first ${countOf(past, "stitch")} ${HELD[side]}, and put the right needle into the ${count === 1 ? "next one" : `${count} behind them`}, as if to purl`,
  stepLetGo: ({ count }: Pick<Moved, "count">) =>
    `Let all ${count} off the left needle; pinch the fabric below, so that those that hang free stay as they are`,
  stepCatch: ({ count, side }: Moved, { count: countOf }: Teller) =>
    `Catch the ${countOf(count, "stitch")} that hang free with the left needle, ${HELD[side]}`,
  stepPutBack: ({ count }: Pick<Moved, "count">, { count: countOf }: Teller) =>
    `Put the ${countOf(count, "stitch")} from the right needle back onto the left one`,
  crossingLooks: (
    { front, lean }: { readonly front: number; readonly lean: "left" | "right" },
    { count }: Teller,
  ) => `${count(front, "stitch")} lie on top and lean to the ${lean}, as you look at this side`,
  techniqueTakes: ({ m, each }: { readonly m: number; readonly each: boolean }, { yarn }: Teller) =>
    each ? `Takes ${yarn(m)} of yarn each time` : `In this project it takes ${yarn(m)} of yarn in all`,
  slipTwisted: () =>
    "Stitches twisted: they were put onto the cable needle with their legs turned. Slip them as if to purl, and work them in the order in which they were slipped",
  slipYarn: () =>
    "A bar of yarn lies across: the yarn was on the wrong side while stitches were slipped. Bring it to the back before a knit, to the front before a purl",
  slipSide: ({ width }: { readonly width: number }, { count }: Teller) =>
    `It leans the other way: the cable needle was held on the wrong side. On this row, work these ${count(width, "stitch")} back and cross them again`,
  /** A crossing some rows down, mended in its columns alone; `from` and `to` count them from the right, null where unknown. */
  mendFind: (
    { width, from, to }: { readonly width: number; readonly from: number | null; readonly to: number | null },
    { count }: Teller,
  ) =>
    from === null || to === null
      ? `Count the rows down to it, and find its ${count(width, "stitch")} on the needle`
      : `Count the rows down to it, and find its columns: stitches ${from} to ${to} from the right, as you look at this side`,
  mendDrop: ({ width }: { readonly width: number }, { count }: Teller) =>
    `Work up to them. Let these ${count(width, "stitch")} alone off the needle, and run them down to the row below the crossing; all others stay`,
  mendHold: ({ right, left }: { readonly right: number; readonly left: number }, { count }: Teller) =>
    `Put the ${count(right, "stitch")} at the right on one cable needle and the ${left} at the left on another`,
  mendCross: (
    { front, lean }: { readonly front: number; readonly lean: "left" | "right" },
    { count }: Teller,
  ) =>
    `Cross them: the ${count(front, "stitch")} from the ${lean === "left" ? "right" : "left"} pass in front, to the ${lean}`,
  mendLatch: () =>
    "With a hook draw the lowest bar of the ladder through each column, then the next, row by row: knit columns from the front, purl ones from behind",
  mendBack: () =>
    "Put them back onto the left needle, none of them twisted, and draw the slack of the bars along into their neighbours",
} as const;

interface Crossings {
  /** Each with the markers behind which it lies, counted from the right of the right side; 0 is the edge. */
  readonly each: readonly { readonly name: string; readonly markers: readonly number[] }[];
}

function crossingsTold({ each }: Crossings, { list }: Teller): string {
  return each
    .map(({ name, markers }) => {
      const places = runsOf(markers.filter((marker) => marker > 0));
      if (places.length === 0) return name;
      const several = markers.length > 1;
      return `${name} at ${several ? "markers" : "marker"} ${list(places)}`;
    })
    .join("; ");
}

/** Numbers one after the other are told as from one to another. Example: 1, 2, 3, 5 is "1 to 3", "5". */
function runsOf(numbers: readonly number[]): readonly string[] {
  const runs: [number, number][] = [];
  for (const number of numbers) {
    const last = runs.at(-1);
    if (last && number === last[1] + 1) last[1] = number;
    else runs.push([number, number]);
  }
  return runs.flatMap(([from, to]) =>
    to === from ? [`${from}`] : to === from + 1 ? [`${from}`, `${to}`] : [`${from} to ${to}`],
  );
}
