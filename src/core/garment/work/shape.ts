/** Sections that change the count over rows: by rule or to a count, at the edges or evenly, in the pattern. */
import { COUNTS } from "../../project/bounds";
import type { SectionOf } from "../../project/sections";
import { facesOfRow } from "../../panels/panel";
import { operationOf, type Operation } from "../../stitches/operations";
import { NONE_RESERVED, type Columns, type StitchContent } from "../stitchContent";
import { sharesOf } from "../spread";
import { knittable } from "./fabric";
import {
  after,
  centred,
  columnsFrom,
  plural,
  stitchesOn,
  widthOn,
  workedOn,
  type Needle,
  type Worked,
  type Side,
  type WorkState,
  type WorkedRow,
  type WorkPlan,
} from "./workState";

/** Stitches to add at each edge in one row, or over all of it; negative to take away. */
interface Change {
  readonly right: number;
  readonly left: number;
  readonly evenly: number;
}

type At = SectionOf<"shape">["at"];

/** Which edges are meant. Outer is the right edge of the first side and of what is not divided. */
export function edgesAt(at: Exclude<At, "evenly">, side: Side): { right: boolean; left: boolean } {
  if (at === "edges") return { right: true, left: true };
  const right = (at === "outer") === (side !== "second");
  return { right, left: !right };
}

/** Shares a change of so many stitches out to where it is worked. */
function changeAt(stitches: number, { at }: SectionOf<"shape">, state: WorkState): Change {
  if (at === "evenly") return { right: 0, left: 0, evenly: stitches };
  const { right, left } = edgesAt(at, state.side);
  if (!right || !left) return { right: right ? stitches : 0, left: left ? stitches : 0, evenly: 0 };
  const half = Math.trunc(stitches / 2);
  return { right: stitches - half, left: half, evenly: 0 };
}

/** How many stitches change in each row, without their sign; or why that cannot be. */
function amountsOf(section: SectionOf<"shape">, state: WorkState, rowMm: number): readonly number[] | string {
  const { by, stitches, every, times, to } = section;
  if (by === "rule" && every * times > COUNTS.rows.most) return String(knittable(every * times));
  if (by === "rule")
    return Array.from({ length: every * times }, (_, row) => (row % every === 0 ? stitches : 0));
  const have = stitchesOn(state.needle);
  if (to === null) return "No count yet: say to how many stitches.";
  const total = section.way === "decrease" ? have - to : to - have;
  if (total <= 0)
    return `There are ${plural(have, "stitch")} already: ${section.way === "decrease" ? "decrease to fewer" : "increase to more"}, or turn the shaping round.`;
  const rows =
    section.over === "rows" ? section.rows : section.lengthMm && Math.round(section.lengthMm / rowMm);
  if (rows === null)
    return section.over === "rows" ? "No rows yet: say over how many." : "No length yet: say over how long.";
  if (rows > COUNTS.rows.most) return String(knittable(rows));
  if (rows < 1) return `That is under one row: a row here is ${rowMm.toFixed(1)} mm high.`;
  const per = section.at === "edges" ? 2 : 1;
  if (section.at === "evenly")
    return section.way === "decrease" ? towards(to, total, rows) : onRightSides(total, rows);
  // Shaping goes on right-side rows as long as there are enough of them.
  const pairs = Math.ceil(total / per);
  const shares = pairs <= Math.ceil(rows / 2) ? onRightSides(pairs, rows) : sharesOf(pairs, rows);
  let left = total;
  return shares.map((share) => {
    const now = Math.min(left, share * per);
    left -= now;
    return now;
  });
}

/** Shares spread over every other row, beginning with the first. */
const onRightSides = (total: number, rows: number) => {
  const shares = sharesOf(total, Math.ceil(rows / 2));
  return Array.from({ length: rows }, (_, row) => (row % 2 === 0 ? (shares[row / 2] ?? 0) : 0));
};

/**
 * Decreases over the rows as evenly as stitches allow: each takes one and leaves one, so that no row can take
 * more than half. Every other row where that is enough, else every row.
 */
function towards(to: number, total: number, rows: number): readonly number[] {
  for (const step of [2, 1]) {
    const amounts = new Array<number>(rows).fill(0);
    let [left, stitches] = [total, to];
    const last = rows - 1 - ((rows - 1) % step);
    for (let row = last; row >= 0 && left > 0; row -= step) {
      const now = Math.min(stitches, Math.ceil((left * step) / (row + step)));
      amounts[row] = now;
      stitches += now;
      left -= now;
    }
    if (left === 0) return amounts;
  }
  return onRightSides(total, rows);
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
const goingIn = ({ right, left, evenly }: Change) =>
  Math.max(0, -right) + Math.max(0, -left) + Math.max(0, -evenly);

function changed(needle: Needle, content: StitchContent, change: Change) {
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
function moved(
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
function possible(change: Change, have: number): Change {
  const most = mostGoing(have);
  return goingIn(change) <= most ? change : { right: 0, left: 0, evenly: -most };
}

export function workShape(section: SectionOf<"shape">, state: WorkState, plan: WorkPlan): Worked {
  const { content } = state.needle;
  const scale = plan.scaleOf(section);
  if (!content) return { problem: "There is no fabric to shape yet: put one before it." };
  const height = scale * content.heightFactor;
  const amounts = amountsOf(section, state, plan.rowMm * height);
  if (typeof amounts === "string") return { problem: amounts };
  const sign = section.way === "decrease" ? -1 : 1;
  const rows: WorkedRow[] = [];
  let needle = centred(state.needle, state.needle.columns, content, scale);
  let lacking = 0;
  for (const amount of amounts) {
    const asked = changeAt(sign * amount, section, state);
    const change = possible(asked, stitchesOn(needle));
    lacking += goingIn(asked) - goingIn(change);
    const changes = amount > 0 && (sign > 0 || goingIn(change) > 0);
    const next = changes
      ? changed(needle, content, change)
      : { columns: needle.columns, reserved: NONE_RESERVED };
    const row = content.rowOn(needle.row, next.columns, next.reserved);
    needle = changes ? moved(needle, next.columns, content, change, scale) : needle;
    rows.push(workedOn(row, needle, height));
    needle = { ...needle, row: needle.row + 1 };
  }
  return {
    state: after(state, needle, rows.length),
    rows,
    ...(lacking > 0 && { partly: reached(needle, lacking) }),
  };
}

/** Three together take two stitches at a time, and no more: what the rule asks for beyond that is told, not worked. */
const reached = (needle: Needle, lacking: number) =>
  `It ends on ${plural(stitchesOn(needle), "stitch")}: the rule would take ${lacking} more than three together can. Decrease less often, or draw the yarn through what is left.`;
