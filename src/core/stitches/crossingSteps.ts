/** How a crossing is worked, step by step, made of what it is: with a cable needle, and without one. */
import { facesOf, widthOf, type Crossing } from "./crossings";
import type { Face } from "./operations";

/** Where stitches wait: on a cable needle in front of the work or behind it, or free in the air. */
type Side = "front" | "back";

export type CrossingStep =
  /** The next stitches from the left needle onto a cable needle. */
  | { readonly does: "slip"; readonly count: number; readonly side: Side }
  /** The stitches that were slipped last from that cable needle back onto the left needle. */
  | { readonly does: "giveBack"; readonly count: number; readonly side: Side }
  /** Works stitches, from the left needle or from a cable needle. */
  | { readonly does: "work"; readonly faces: readonly Face[]; readonly from: "left" | Side }
  /** The right needle goes past the first stitches, on that side of the work, into those behind them. */
  | { readonly does: "reach"; readonly past: number; readonly count: number; readonly side: Side }
  /** All off the left needle: those that were passed hang free. */
  | { readonly does: "letGo"; readonly count: number }
  /** The free stitches back onto the left needle, on that side of the work. */
  | { readonly does: "catch"; readonly count: number; readonly side: Side }
  /** The stitches on the right needle back onto the left one. */
  | { readonly does: "putBack"; readonly count: number };

/** Faces of the parts as they come off the needle: what moves to the right first. */
function partsOf(crossing: Crossing) {
  const { front, centre, back, lean } = crossing;
  const faces = facesOf(crossing);
  const first = lean === "left" ? back : front;
  return {
    first: faces.slice(0, first),
    middle: faces.slice(first, first + centre),
    last: faces.slice(first + centre),
  };
}

const work = (faces: readonly Face[], from: "left" | Side): readonly CrossingStep[] =>
  faces.length > 0 ? [{ does: "work", faces, from }] : [];

/**
 * Steps with a cable needle, and where there is a centre with a second one, or the same needle twice.
 * Example: 3/3 LC slips three to the front, knits three, and knits the three that wait.
 */
export function withCableNeedle(crossing: Crossing): readonly CrossingStep[] {
  const { front, centre, back, lean } = crossing;
  const { first, middle, last } = partsOf(crossing);
  if (lean === "left")
    return [
      { does: "slip", count: front, side: "front" },
      ...(centre > 0 ? [{ does: "slip", count: centre, side: "back" } as const] : []),
      ...work(first, "left"),
      ...work(middle, "back"),
      ...work(last, "front"),
    ];
  return [
    { does: "slip", count: back + centre, side: "back" },
    ...work(first, "left"),
    ...(centre > 0 ? [{ does: "giveBack", count: centre, side: "back" } as const] : []),
    ...work(middle, "left"),
    ...work(last, "back"),
  ];
}

/**
 * Steps with the two needles alone; null around a centre, where stitches would have to hang free on both sides.
 * Example: 2/2 LC reaches behind past two, lets four go, catches the first two in front.
 */
export function withoutCableNeedle(crossing: Crossing): readonly CrossingStep[] | null {
  const { front, centre, back, lean } = crossing;
  if (centre > 0) return null;
  const { first, last } = partsOf(crossing);
  const [past, count] = lean === "left" ? [front, back] : [back, front];
  // What is passed waits on its own side: the strand in front in front, the other one behind.
  const waits: Side = lean === "left" ? "front" : "back";
  return [
    { does: "reach", past, count, side: lean === "left" ? "back" : "front" },
    { does: "letGo", count: widthOf(crossing) },
    { does: "catch", count: past, side: waits },
    { does: "putBack", count },
    ...work([...first, ...last], "left"),
  ];
}
