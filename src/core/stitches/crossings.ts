/** Cable crossings: which column goes where, and the yarn that the travelling loops pull out. */
import type { Face } from "./operations";

const { sqrt } = Math;

export type CrossingKind = "knit" | "purl" | "rib" | "allPurl" | "knitCentre" | "ribBehind";

type Part = "front" | "centre" | "back";

interface Kind {
  /** What stands behind the L or R in its name. */
  readonly letters: string;
  /** The face of one stitch: in which part, the how manieth of it from the right, in which crossing. */
  readonly faceOf: (part: Part, index: number, crossing: Crossing) => Face;
  /** What it is when it is worked on the wrong side. */
  readonly fromBehind: (crossing: Crossing) => CrossingKind;
}

const alternating = (index: number, first: Face): Face =>
  (index % 2 === 0) === (first === "knit") ? "knit" : "purl";
const hasOddStrand = ({ front, centre, back }: Crossing) =>
  [front, centre, back].some((count) => count % 2 === 1);

/** Which stitches of a crossing show purl. A new kind is one more row of the table. */
export const CROSSING_KINDS: Readonly<Record<CrossingKind, Kind>> = {
  /** All knit. */
  knit: { letters: "C", faceOf: () => "knit", fromBehind: () => "allPurl" },
  /** The strand behind is purled; where there is a centre, only the centre. */
  purl: {
    letters: "PC",
    faceOf: (part, _, { centre }) => (part === (centre > 0 ? "centre" : "back") ? "purl" : "knit"),
    fromBehind: ({ centre }) => (centre > 0 ? "knitCentre" : "purl"),
  },
  /** Each strand in rib, knit 1 purl 1, so that both faces of the fabric show a cable. */
  rib: {
    letters: "RC",
    faceOf: (_, index) => alternating(index, "knit"),
    fromBehind: (crossing) => (hasOddStrand(crossing) ? "ribBehind" : "rib"),
  },
  /** All purl: what a knitted crossing on the wrong side shows on the right side. */
  allPurl: { letters: "PPC", faceOf: () => "purl", fromBehind: () => "knit" },
  /** The strands purled, the centre knitted. */
  knitCentre: {
    letters: "PKC",
    faceOf: (part) => (part === "centre" ? "knit" : "purl"),
    fromBehind: ({ centre }) => (centre > 0 ? "purl" : "knit"),
  },
  /** Rib seen from behind: a strand of an odd count begins with a purl. */
  ribBehind: {
    letters: "PRC",
    faceOf: (part, index, crossing) => alternating(index, crossing[part] % 2 === 1 ? "purl" : "knit"),
    fromBehind: () => "rib",
  },
};

/**
 * `front` stitches pass over `back` ones, around `centre` stitches that keep to the middle (often 0).
 * All seen from the right side. Named front first: 2/1 LPC is two knit stitches over one purl, to the left.
 */
export interface Crossing {
  readonly front: number;
  readonly centre: number;
  readonly back: number;
  /** Which way the strand in front leans. */
  readonly lean: "left" | "right";
  readonly kind: CrossingKind;
}

/** How far a stitch stands in front of or behind the fabric inside a crossing, in plain stitch widths. */
export const DEPTH = 0.35;
/** Share of the way a loop has to travel that it takes from its own yarn. */
export const GIVE = 0.15;

export const widthOf = ({ front, centre, back }: Crossing) => front + centre + back;

export const sameCrossing = (a: Crossing, b: Crossing) =>
  a.front === b.front && a.centre === b.centre && a.back === b.back && a.lean === b.lean && a.kind === b.kind;

/**
 * The same crossing as the other side shows it: what was in front is behind, and the lean keeps its letter.
 * Example: 2/1 LPC worked on the wrong side is 1/2 LPC on the right side.
 */
export const crossingFromBehind = (crossing: Crossing): Crossing => ({
  ...crossing,
  front: crossing.back,
  back: crossing.front,
  kind: CROSSING_KINDS[crossing.kind].fromBehind(crossing),
});

const run = (from: number, count: number) => Array.from({ length: count }, (_, step) => from + step);

/**
 * For each column of the crossing, from the right, the column of its parent in the row below.
 * Example: 2/2 gives [2, 3, 0, 1]: the strand that leans left comes from the right.
 */
export function parentsOf({ front, centre, back, lean }: Crossing): readonly number[] {
  const [first, last] = lean === "left" ? [front, back] : [back, front];
  return [...run(first + centre, last), ...run(first, centre), ...run(0, first)];
}

/** The face of each stitch after the crossing, from the right. Example: 2/1 LPC gives purl, knit, knit. */
export function facesOf(crossing: Crossing): readonly Face[] {
  const { front, centre, back, lean, kind } = crossing;
  const faces = (part: "front" | "centre" | "back", count: number) =>
    run(0, count).map((index): Face => CROSSING_KINDS[kind].faceOf(part, index, crossing));
  const middle = faces("centre", centre);
  return lean === "left"
    ? [...faces("back", back), ...middle, ...faces("front", front)]
    : [...faces("front", front), ...middle, ...faces("back", back)];
}

/** How many columns each stitch of the crossing moved. Example: 2/2 gives [2, 2, 2, 2]. */
export const spansOf = (crossing: Crossing): readonly number[] =>
  parentsOf(crossing).map((parent, column) => Math.abs(parent - column));

/**
 * Rest length of each leg of a crossing, from the right, in plain stitch widths, at a row height `aspect`
 * (height over width): a leg takes a share `give` of the way that it travels.
 * Example: each leg of 2/2 at aspect 0.72 rests at 0.935.
 */
export const legRestsOf = (crossing: Crossing, aspect: number, give = GIVE): readonly number[] =>
  spansOf(crossing).map((span) => aspect + legExtra(span, aspect, give));

/** What a leg that travels so many columns takes beyond a plain one, in plain stitch widths. */
export const legExtra = (span: number, aspect: number, give = GIVE): number =>
  give * (sqrt(aspect * aspect + span * span + DEPTH * DEPTH) - aspect);

/**
 * Yarn that a crossing takes beyond its plain loops, in plain stitch widths, at a row height `aspect`
 * (height over width): two legs to a loop.
 * Example: 2/2 at aspect 0.72 takes 1.721 stitch widths.
 */
export function crossingExtra(crossing: Crossing, aspect: number, give = GIVE): number {
  return legRestsOf(crossing, aspect, give).reduce((total, leg) => total + 2 * (leg - aspect), 0);
}
