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

export interface Worn {
  readonly backId: string;
  readonly frontId: string;
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

/** An edge that goes in by less than this has no armhole. */
const ARMHOLE_MM = 10;

/** The edge of a body from where it goes in for the arm up to the shoulder; none where it goes straight up. */
export function armholeOf(outline: readonly OutlinePart[], to: 1 | -1): Line {
  const edge = partsAt(outline, to).flatMap((part) => edgeOf(part, to));
  const out = edge.reduce((most, [x]) => Math.max(most, to * x), -Infinity);
  const begins = edge.findLastIndex(([x]) => to * x === out);
  const top = edge.at(-1);
  return top && out - to * top[0] >= ARMHOLE_MM ? edge.slice(begins) : [];
}

const lowest = (line: Line) => line.reduce((least, [, y]) => Math.min(least, y), Infinity);

/**
 * How the pieces of a garment lie when it is worn; null where no two of them are sewn together at their sides. The one
 * whose neck goes lower is the front. Example: a back and a front with a neckband and two armbands are two bodies and
 * six lines of band.
 */
export function wornOf(pieces: readonly Foldable[], seams: readonly Joined[]): Worn | null {
  const known = (id: string | undefined) =>
    pieces.find((piece) => piece.id === id && piece.outline.length > 0);
  const bodies = seams
    .filter(({ of, to }) => of?.side === "side" && to?.side === "side" && of.pieceId !== to.pieceId)
    .map(({ of, to }) => [known(of?.pieceId), known(to?.pieceId)] as const)
    .find(([one, other]) => one && other && !one.round && !other.round);
  const [one, other] = bodies ?? [];
  if (!one || !other) return null;
  const otherIsFront = lowest(neckOf(other.outline)) < lowest(neckOf(one.outline));
  const [front, back] = otherIsFront ? [other, one] : [one, other];
  const ofBodies = [
    { along: "back", outline: back.outline },
    { along: "front", outline: front.outline },
  ] as const;
  const bandLines = (piece: Foldable): readonly WornBand[] =>
    ofBodies.flatMap(({ along, outline }) =>
      (piece.times === 2 ? SIDES.map((to) => armholeOf(outline, to)) : [neckOf(outline)])
        .filter((line) => line.length > 0)
        .map((line) => ({ pieceId: piece.id, along, line: eased(line), wideMm: 2 * piece.heightMm })),
    );
  const rest = pieces.filter(({ id }) => id !== front.id && id !== back.id);
  const bands = rest
    .filter(({ pickedUp, round, times }) => pickedUp && round && times <= 2)
    .flatMap(bandLines);
  const isBody = (id: string | undefined) => id === front.id || id === back.id;
  const isSleeve = ({ id, times, outline }: Foldable) =>
    times === 2 &&
    outline.length > 0 &&
    seams.some(
      ({ of, to }) =>
        (of?.pieceId === id && of.side !== "side" && isBody(to?.pieceId)) ||
        (to?.pieceId === id && to.side !== "side" && isBody(of?.pieceId)),
    );
  const shoulders = SIDES.map((to) =>
    partsAt(front.outline, to)
      .flatMap((part) => edgeOf(part, to))
      .at(-1),
  );
  const sleeves = rest
    .filter(isSleeve)
    .flatMap(({ id }) => shoulders.flatMap((shoulder) => (shoulder ? [{ pieceId: id, shoulder }] : [])));
  const drawn = new Set([...bands, ...sleeves].map(({ pieceId }) => pieceId));
  return {
    backId: back.id,
    frontId: front.id,
    bands,
    sleeves,
    leftOut: rest.filter(({ id }) => !drawn.has(id)).map(({ id }) => id),
  };
}
