/** A garment folded as it is worn: the front over the back, bands along their edges, sleeves at their shoulders. */
import type { EdgeSide } from "../project/finishing";
import type { ProjectPiece } from "../project/project";
import { isPickedUp } from "../project/sectionKinds";
import type { OutlinePart } from "./outline";

type Point = readonly [x: number, y: number];
export type Line = readonly Point[];

/** What is to be known of a piece to fold it; lengths in mm. */
export interface Foldable {
  readonly id: string;
  readonly times: number;
  readonly round: boolean;
  /** Whether its first stitches are picked up from an edge. */
  readonly pickedUp: boolean;
  readonly outline: readonly OutlinePart[];
  readonly heightMm: number;
}

/** A piece that was worked, with what its project says of it, as it can be folded. */
export const foldable = (
  {
    id,
    times,
    outline,
    estimate,
  }: Pick<Foldable, "id" | "times" | "outline"> & { readonly estimate: { readonly heightMm: number } },
  piece: Pick<ProjectPiece, "round" | "sections"> | undefined,
): Foldable => ({
  id,
  times,
  outline,
  heightMm: estimate.heightMm,
  round: piece?.round === true,
  pickedUp: piece?.sections[0] !== undefined && isPickedUp(piece.sections[0]),
});

interface Joined {
  readonly of: { readonly pieceId: string; readonly side: EdgeSide } | null;
  readonly to: { readonly pieceId: string; readonly side: EdgeSide } | null;
}

/** A band along an edge of the front or of the back: half of a line so wide, the other half is under the body. */
interface WornBand {
  readonly pieceId: string;
  readonly along: "front" | "back";
  readonly line: Line;
  readonly wideMm: number;
}

/** A front as it lies over the back: sideways from the back's middle, to the left. */
interface WornFront {
  readonly pieceId: string;
  readonly shiftMm: number;
}

export interface Worn {
  readonly backId: string;
  /** One that is closed, or the two halves of an open one. */
  readonly fronts: readonly WornFront[];
  readonly bands: readonly WornBand[];
  /** Sleeves, folded along their length, and the shoulder that each hangs from: to the left, and to the right. */
  readonly sleeves: readonly { readonly pieceId: string; readonly shoulder: Point }[];
  /** Pieces that nobody can say where they lie. */
  readonly leftOut: readonly string[];
}

const SIDES = [1, -1] as const;

/** The edge of a part from the bottom to the top: to the left of it, or to the right. */
const edgeOf = ({ points, atRight }: OutlinePart, to: 1 | -1): Line =>
  to === 1 ? points.slice(atRight).toReversed() : points.slice(0, atRight);

/** An edge without the steps of its rows: through the middles of what it runs between its ends. */
function eased(line: Line): Line {
  const [first, last] = [line[0], line.at(-1)];
  if (!first || !last) return [];
  const middles = line.slice(1).map(([x, y], index): Point => {
    const [beforeX = x, beforeY = y] = line[index] ?? [];
    return [(x + beforeX) / 2, (y + beforeY) / 2];
  });
  return [first, ...middles, last];
}

const middleX = ({ points }: OutlinePart) => points.reduce((sum, [x]) => sum + x, 0) / points.length;

/** The parts of a body at one of its two sides, from the bottom to the top. */
const partsAt = (outline: readonly OutlinePart[], to: 1 | -1) =>
  outline.filter((part) => part.side === "whole" || Math.sign(middleX(part)) === to);

/** The edge of its opening at the top, down from the left and up to the right; none where it was not divided. */
export function neckOf(outline: readonly OutlinePart[]): Line {
  const [left, right] = SIDES.map((to) =>
    partsAt(outline, to)
      .filter(({ side }) => side !== "whole")
      .flatMap((part) => edgeOf(part, to === 1 ? -1 : 1)),
  );
  return left?.length && right?.length ? [...left.toReversed(), ...right] : [];
}

/** How far an edge goes outwards. */
const outermost = (edge: Line, to: 1 | -1) => edge.reduce((most, [x]) => Math.max(most, to * x), -Infinity);

/** The whole edge of a body at one of its sides, from the bottom to the shoulder. */
const outerEdge = (outline: readonly OutlinePart[], to: 1 | -1): Line =>
  partsAt(outline, to).flatMap((part) => edgeOf(part, to));

/** An edge that goes in by less than this has no armhole. */
const ARMHOLE_MM = 10;

/** The edge of a body from where it goes in for the arm up to the shoulder; none where it goes straight up. */
export function armholeOf(outline: readonly OutlinePart[], to: 1 | -1): Line {
  const edge = outerEdge(outline, to);
  const out = outermost(edge, to);
  const begins = edge.findLastIndex(([x]) => to * x === out);
  const top = edge.at(-1);
  return top && out - to * top[0] >= ARMHOLE_MM ? edge.slice(begins) : [];
}

const lowest = (line: Line) => line.reduce((least, [, y]) => Math.min(least, y), Infinity);

/** The bodies of a garment as they lie on one another. */
interface Laid {
  readonly back: Foldable;
  readonly fronts: readonly { readonly front: Foldable; readonly shiftMm: number }[];
}

type Pairs = readonly (readonly [Foldable, Foldable])[];

/** A back and one front: the one whose neck goes lower is the front. */
function layClosed([pair]: Pairs): Laid | null {
  if (!pair) return null;
  const [one, other] = pair;
  const otherIsFront = lowest(neckOf(other.outline)) < lowest(neckOf(one.outline));
  const [front, back] = otherIsFront ? [other, one] : [one, other];
  return { back, fronts: [{ front, shiftMm: 0 }] };
}

/**
 * A back with two fronts sewn to it, each at the side where its shoulder comes to lie on the back's. Null where no
 * piece has two others at its sides.
 */
function layHalves(pairs: Pairs): Laid | null {
  const back = pairs.flat().find((piece) => sewnTo(piece).length === 2);
  if (!back) return null;
  const halves = sewnTo(back);
  const at = (front: Foldable, to: 1 | -1) => {
    const [side, half] = [outerEdge(back.outline, to), outerEdge(front.outline, to)];
    const shiftMm = to * (outermost(side, to) - outermost(half, to));
    return { front, shiftMm, off: Math.abs((half.at(-1)?.[0] ?? 0) + shiftMm - (side.at(-1)?.[0] ?? 0)) };
  };
  const ways = SIDES.map((to) => halves.map((front, index) => at(front, index === 0 ? to : (-to as 1 | -1))));
  const offOf = (way: readonly { readonly off: number }[] = []) => way.reduce((sum, { off }) => sum + off, 0);
  const [one = [], other = []] = ways;
  return { back, fronts: offOf(other) < offOf(one) ? other : one };

  function sewnTo({ id }: Foldable) {
    return [...new Set(pairs.flatMap(([of, to]) => (of.id === id ? [to] : to.id === id ? [of] : [])))];
  }
}

/** The edges along which a band can lie: round both armholes where it is worked twice, else round the neck. */
function linesOf({ back, fronts }: Laid, { times, round }: Foldable) {
  const open = fronts.length === 2;
  const shifted = (line: Line, by: number): Line => line.map(([x, y]) => [x + by, y]);
  if (times === 2)
    return [
      ...SIDES.map((to) => ({ along: "back" as const, line: armholeOf(back.outline, to) })),
      ...fronts.flatMap(({ front, shiftMm }) =>
        SIDES.filter((to) => !open || Math.sign(shiftMm) === to).map((to) => ({
          along: "front" as const,
          line: shifted(armholeOf(front.outline, to), shiftMm),
        })),
      ),
    ].filter(({ line }) => line.length > 0);
  // What is worked in rows begins and ends somewhere: at the hem of a front that is open.
  if (round === open) return [];
  return [
    { along: "back" as const, line: neckOf(back.outline) },
    ...fronts.map(({ front, shiftMm }) => ({
      along: "front" as const,
      line: open ? shifted(outerEdge(front.outline, shiftMm < 0 ? 1 : -1), shiftMm) : neckOf(front.outline),
    })),
  ].filter(({ line }) => line.length > 0);
}

/**
 * How the pieces of a garment lie when it is worn; null where no two of them are sewn together at their sides.
 * Example: a back and a front with a neckband and two armbands are two bodies and
 * six lines of band.
 */
export function wornOf(pieces: readonly Foldable[], seams: readonly Joined[]): Worn | null {
  const known = (id: string | undefined) =>
    pieces.find((piece) => piece.id === id && piece.outline.length > 0);
  const bodies = seams
    .filter(({ of, to }) => of?.side === "side" && to?.side === "side" && of.pieceId !== to.pieceId)
    .flatMap(({ of, to }) => {
      const [one, other] = [known(of?.pieceId), known(to?.pieceId)];
      return one && other && !one.round && !other.round ? [[one, other] as const] : [];
    });
  const laid = layHalves(bodies) ?? layClosed(bodies);
  if (!laid) return null;
  const { back, fronts } = laid;
  const bandLines = (piece: Foldable): readonly WornBand[] =>
    linesOf(laid, piece).map(({ along, line }) => ({
      pieceId: piece.id,
      along,
      line: eased(line),
      wideMm: 2 * piece.heightMm,
    }));
  const isBody = (id: string | undefined) => id === back.id || fronts.some(({ front }) => front.id === id);
  const rest = pieces.filter(({ id }) => !isBody(id));
  const bands = rest.filter(({ pickedUp, times }) => pickedUp && times <= 2).flatMap(bandLines);
  const isTube = (id: string) =>
    seams.some(({ of, to }) => of?.pieceId === id && to?.pieceId === id && of.side === "side");
  const isSleeve = ({ id, times, outline }: Foldable) =>
    times === 2 &&
    outline.length > 0 &&
    seams.some(
      ({ of, to }) =>
        (of?.pieceId === id && of.side !== "side" && isBody(to?.pieceId)) ||
        (to?.pieceId === id && to.side !== "side" && isBody(of?.pieceId)) ||
        // Sewn into what the sides leave open: straight armholes have no edge of their own to name.
        (of?.pieceId === id && of.side === "end" && to === null && isTube(id)),
    );
  const shoulders = SIDES.map((to) => outerEdge(back.outline, to).at(-1));
  const sleeves = rest
    .filter(isSleeve)
    .flatMap(({ id }) => shoulders.flatMap((shoulder) => (shoulder ? [{ pieceId: id, shoulder }] : [])));
  const drawn = new Set([...bands, ...sleeves].map(({ pieceId }) => pieceId));
  return {
    backId: back.id,
    fronts: fronts.map(({ front, shiftMm }) => ({ pieceId: front.id, shiftMm })),
    bands,
    sleeves,
    leftOut: rest.filter(({ id }) => !drawn.has(id)).map(({ id }) => id),
  };
}
