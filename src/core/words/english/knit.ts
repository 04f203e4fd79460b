/** What is said while a piece is on the needles. */
import type { Nested, Teller } from "../teller";

interface Stitches {
  readonly stitches: number;
}

const EDGES = {
  edges: "both edges",
  outer: "the outer edge",
  inner: "the inner edge",
  evenly: "evenly along the row",
} as const;

const REACHES = {
  row: "This row",
  repeat: "To the end of the repeat",
  section: "To the end of this section",
  piece: "To the end of the piece",
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
  /** What is left of a ball now, in m. */
  ballLeft: (
    { p10, p50, p90 }: { readonly p10: number; readonly p50: number; readonly p90: number },
    { yarn }: Teller,
  ) => `${yarn(p50)} left on this ball, likely ${yarn(p10)} to ${yarn(p90)}`,
  /** How far it goes: the last sure row, and before which the next ball is joined. */
  ballLasts: ({
    rows,
    sureTo,
    joinBefore,
    all,
  }: {
    readonly rows: number;
    readonly sureTo: number;
    readonly joinBefore: number;
    readonly all: number;
  }) => {
    if (sureTo >= all) return "It lasts to the end of this piece, its edge counted in";
    const left = sureTo - rows;
    if (left <= 0) return "It may not last this row: join the next ball now";
    return `${left} more ${left === 1 ? "row is" : "rows are"} safe: join the next ball before row ${joinBefore}`;
  },
  rowTakes: ({ rowM, ruleM }: { readonly rowM: number; readonly ruleM: number }, { yarn }: Teller) =>
    `This row takes ${yarn(rowM)}; three widths would say ${yarn(ruleM)}`,
  reaches: (
    {
      what,
      chance,
      needM,
    }: {
      readonly what: "row" | "repeat" | "section" | "piece";
      readonly chance: number;
      readonly needM: number;
    },
    { yarn, chance: chanceOf }: Teller,
  ) => `${REACHES[what]}: ${chanceOf(chance)}, takes ${yarn(needM)}`,
  noMassNoBall: () =>
    "What a ball of this yarn weighs is not known: type it on the Pieces bench, and weighing can tell how far it goes",
  noCrossingAhead: () => "No more crossings in this piece",
  pieceDone: () => "All rows of it are worked",
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
