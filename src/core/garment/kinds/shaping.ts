/** Rows that add stitches or take them away: at the edges or evenly, in the pattern. */
import { type SectionOf } from "../../project/sections";
import { facesOfRow } from "../../panels/panel";
import { operationOf, type Operation } from "../../stitches/operations";
import { type StitchContent } from "../stitchContent";
import { type Columns } from "../cutRow";
import { sharesOf } from "../spread";
import { centred, columnsFrom, widthOn, type Needle, type WorkState } from "../work/workState";
import { edgesAt } from "./onNeedle";

/** Stitches to add at each edge in one row, or over all of it; negative to take away. */
interface Change {
  readonly right: number;
  readonly left: number;
  readonly evenly: number;
}

/** Shares a change of so many stitches out to where it is worked. */
export function changeAt(stitches: number, { at }: SectionOf<"shape">, state: WorkState): Change {
  if (at === "evenly") return { right: 0, left: 0, evenly: stitches };
  const { right, left } = edgesAt(at, state.side);
  if (!right || !left) return { right: right ? stitches : 0, left: left ? stitches : 0, evenly: 0 };
  const half = Math.trunc(stitches / 2);
  return { right: stitches - half, left: half, evenly: 0 };
}

const DECREASES = {
  right: { knit: "ssk", purl: "ssp" },
  left: { knit: "k2tog", purl: "p2tog" },
} as const;

/** Columns behind a change at the edges, the stitches that change one from each edge where there is room. */
function changedEdges({ columns, row }: Needle, content: StitchContent, { right, left }: Change) {
  const trimmed = columns.slice(Math.max(0, -right), columns.length - Math.max(0, -left));
  const [first = 0, last = -1] = [trimmed[0], trimmed.at(-1)];
  const changed: Columns = [
    ...columnsFrom(first - Math.max(0, right), Math.max(0, right)),
    ...trimmed,
    ...columnsFrom(last + 1, Math.max(0, left)),
  ];
  const reserved = new Map<number, Operation>();
  const inset = changed.length >= Math.abs(right) + Math.abs(left) + 2 ? 1 : 0;
  const reserve = (index: number, edge: "right" | "left", amount: number) => {
    const column = changed[index];
    if (column === undefined) return;
    const [shows = "knit"] = facesOfRow(content.rowOn(row, [column]));
    const decrease = DECREASES[edge][shows];
    reserved.set(column, operationOf(amount < 0 ? decrease : edge === "right" ? "m1r" : "m1l"));
  };
  for (let index = 0; index < Math.abs(right); index += 1) reserve(inset + index, "right", right);
  for (let index = 0; index < Math.abs(left); index += 1)
    reserve(changed.length - 1 - inset - index, "left", left);
  return { columns: changed, reserved };
}

/** Which stitches go where they are decreased evenly: of each share a purl if there is one, for cables last. */
function lostEvenly({ columns, row }: Needle, content: StitchContent, count: number) {
  const faces = facesOfRow(content.rowOn(row, columns));
  const lost = new Set<number>();
  const reserved = new Map<number, Operation>();
  let from = 0;
  for (const share of sharesOf(columns.length, count)) {
    const places = columnsFrom(from, share);
    const middle = from + Math.floor(share / 2);
    const at =
      places.slice(1).find((index) => faces[index] === "purl" && faces[index - 1] === "purl") ??
      Math.max(middle, from + 1);
    const [gone, kept] = [columns[at], columns[at - 1]];
    if (gone !== undefined) lost.add(gone);
    if (kept !== undefined) reserved.set(kept, operationOf(faces[at - 1] === "purl" ? "p2tog" : "k2tog"));
    from += share;
  }
  return { columns: columns.filter((column) => !lost.has(column)), reserved };
}

const TRIPLES = { knit: "k3tog", purl: "p3tog" } as const;

const DOUBLES = { knit: "k2tog", purl: "p2tog" } as const;

/**
 * More stitches go than every second one: each stitch that is left is two or three together, as evenly as they come.
 * Example: 6 to 2 are two times three together; 5 to 2 are two and three.
 */
function lostInAll({ columns, row }: Needle, content: StitchContent, count: number) {
  const left = columns.length - count;
  const faces = facesOfRow(content.rowOn(row, columns));
  const reserved = new Map<number, Operation>();
  const kept: number[] = [];
  let from = 0;
  for (const share of sharesOf(columns.length, left)) {
    const column = columns[from];
    if (column !== undefined) {
      kept.push(column);
      const face = faces[from] ?? "knit";
      const together = share >= 3 ? TRIPLES[face] : share === 2 ? DOUBLES[face] : null;
      if (together) reserved.set(column, operationOf(together));
    }
    from += share;
  }
  return { columns: kept, reserved };
}

/** New stitches evenly over a ground; where panels lie, which have no room between their columns, at both edges. */
function gainedEvenly(needle: Needle, content: StitchContent, count: number) {
  if (content.stitches !== null) {
    const half = Math.floor(count / 2);
    return changedEdges(needle, content, { right: count - half, left: half, evenly: 0 });
  }
  const columns = columnsFrom(0, needle.columns.length + count);
  const reserved = new Map<number, Operation>();
  let end = 0;
  for (const share of sharesOf(columns.length, count)) {
    end += share;
    reserved.set(end - 1, operationOf("m1l"));
  }
  return { columns, reserved };
}

/** Stitches that a change takes away. */
export const goingIn = ({ right, left, evenly }: Change) =>
  Math.max(0, -right) + Math.max(0, -left) + Math.max(0, -evenly);

export function changed(needle: Needle, content: StitchContent, change: Change) {
  const going = goingIn(change);
  if (change.evenly < 0 || 2 * going > needle.columns.length) {
    const some =
      2 * going > needle.columns.length
        ? lostInAll(needle, content, going)
        : lostEvenly(needle, content, going);
    // A ground goes on over the stitches that are left as if there had never been more.
    return content.stitches === null
      ? { columns: columnsFrom(0, some.columns.length), reserved: renumbered(some.columns, some.reserved) }
      : some;
  }
  if (change.evenly > 0) return gainedEvenly(needle, content, change.evenly);
  return changedEdges(needle, content, change);
}

const renumbered = (columns: Columns, reserved: ReadonlyMap<number, Operation>) =>
  new Map(
    columns.flatMap((column, index) => {
      const operation = reserved.get(column);
      return operation ? [[index, operation] as const] : [];
    }),
  );

/** The needle after a change: each edge moves by what was added or taken there. */
export function moved(
  needle: Needle,
  columns: Columns,
  content: StitchContent,
  change: Change,
  scale: number,
): Needle {
  if (change.evenly !== 0) return centred(needle, columns, content, scale);
  const width = widthOn(columns, content, scale);
  const off = width - (needle.left - needle.right);
  const all = Math.abs(change.right) + Math.abs(change.left) || 1;
  const right = needle.right - (off * Math.abs(change.right)) / all;
  return { ...needle, content, columns, right, left: right + width };
}

/** The most stitches that can go in one row: three together leave one. */
const mostGoing = (have: number) => have - Math.ceil(have / 3);

/** A change that takes away no more than can go; where less goes, as evenly as it comes. */
export function possible(change: Change, have: number): Change {
  const most = mostGoing(have);
  return goingIn(change) <= most ? change : { right: 0, left: 0, evenly: -most };
}
