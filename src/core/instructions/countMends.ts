/** One-click mends for a row whose stitches do not add up: a count or a crossing changed, or a stray stitch left out. */
import { facesOfRow, stitchesUsedBy, type PanelRow } from "../panels/panel";
import { crossingMeant, crossingName } from "../stitches/crossingNames";
import { say } from "../words/message";
import type { Item } from "./ast";
import { expandRow, type RowTask } from "./expand";
import type { Mend } from "./findings";

/** More than these at once help nobody. */
const MOST_OFFERED = 3;

/** Share of the work that is left which the mends of one row may be. */
const TRIED = 0.05;

type Counted = Extract<Item, { type: "operation" }> & { readonly extent: { readonly times: number } };

/** Plain stitches stand with a count; a decrease or a bobble is one of its kind. */
const isCounted = (item: Item): item is Counted =>
  item.type === "operation" && "times" in item.extent && /^(k|p|sl)\b/.test(item.name);

/** Counts that can be changed, also inside repeats. */
const countsIn = (items: readonly Item[]): readonly Counted[] =>
  items.flatMap((item) => (item.type === "group" ? countsIn(item.items) : isCounted(item) ? [item] : []));

const withTimes = (items: readonly Item[], changed: Counted, times: number): readonly Item[] =>
  items.map((item) => {
    if (item === changed) return { ...changed, extent: { times }, counted: true };
    return item.type === "group" ? { ...item, items: withTimes(item.items, changed, times) } : item;
  });

/** Columns of the row that show what the row below shows. */
function likeness(works: PanelRow, below: PanelRow | null): number {
  const under = below ? facesOfRow(below) : [];
  return facesOfRow(works).filter((face, column) => face === under[column]).length;
}

/** The words of one item with another count. Example: "K5" with 6 is "K6", "k tbl" with 2 is "k2 tbl". */
const recounted = (said: string, times: number) =>
  /\d/.test(said)
    ? said.replace(/\d+/, String(times))
    : said.replace(/^(\p{L}+)/u, (word) => `${word}${word.length > 2 ? " " : ""}${times}`);

/** A mend of a row, before it is known whether its words mean one place only. */
interface Recount {
  /** What is to stand there; empty where nothing is. */
  readonly mended: string;
  readonly said: string;
  readonly edit: Mend["edit"];
}

/** Mends with the same words say which of the places they mean. Example: "P2 instead of P1, the 2nd". */
function told(mends: readonly Recount[]): readonly Mend[] {
  const inOrder = [...mends].sort((a, b) => a.edit.from - b.edit.from);
  return mends.map((mend) => {
    const { mended, said, edit } = mend;
    const alike = inOrder.filter((other) => other.mended === mended && other.said === said);
    const nth = alike.length > 1 ? alike.indexOf(mend) : null;
    return {
      label: mended === "" ? say("withoutIt", { said, nth }) : say("insteadOf", { mended, said, nth }),
      edit,
    };
  });
}

/** An item of a row in place of another, or nothing; what is then to be written there. */
interface Change {
  readonly items: readonly Item[];
  readonly mended: string;
  readonly said: string;
  readonly edit: Mend["edit"];
}

const replaced = (items: readonly Item[], item: Item, by: readonly Item[]): readonly Item[] =>
  items.flatMap((one) => (one === item ? by : [one]));

/** Crossings of the row that are wider or narrower by what is missing or too many. */
function otherCrossings(items: readonly Item[], more: number, text: string): readonly Change[] {
  return items.flatMap((item) => {
    if (item.type !== "crossing" || item.times !== 1) return [];
    const crossing = crossingMeant(item.name);
    if (!crossing) return [];
    const { front, back, centre } = crossing;
    const half = (front + back + more) / 2;
    // One of two equal strands stays so.
    const widths =
      front === back
        ? [[half, half] as const]
        : [[front + more, back] as const, [front, back + more] as const];
    const { from, to } = item;
    const said = text.slice(from, to);
    return widths.flatMap(([before, behind]) => {
      if (before < 1 || behind < 1 || !Number.isInteger(before)) return [];
      const naming = said.includes("/") ? "halves" : "total";
      const mended = crossingName({ ...crossing, front: before, back: behind, centre }, naming);
      const change = { items: replaced(items, item, [{ ...item, name: mended }]), mended, said };
      return [{ ...change, edit: { from, to, text: mended } }];
    });
  });
}

/** A single stitch of the row that is just the one too many. */
function strayStitches(items: readonly Item[], tooMany: number, text: string): readonly Change[] {
  if (tooMany !== 1) return [];
  return items.flatMap((item, index) => {
    if (!isCounted(item) || item.extent.times !== tooMany || items.length < 2) return [];
    const before = items[index - 1];
    const [from, to] = before ? [before.to, item.to] : [item.from, items[1]?.from ?? item.to];
    const said = text.slice(item.from, item.to);
    return [{ items: replaced(items, item, []), mended: "", said, edit: { from, to, text: "" } }];
  });
}

/**
 * Ways to make the row work as many stitches as the row below has, those that continue its knits and purls
 * best first. Example: "P2, K3, P2." over 8 stitches offers "K4 instead of K3".
 */
export function countMends(task: RowTask, text: string): readonly Mend[] {
  const { below, items, rowBelow } = task;
  if (below === null) return [];
  // Mends are tried with a part of what the text may be: where that is over, fewer are offered.
  const trying = { ...task, budget: task.budget.part(TRIED) };
  const now = expandRow(trying).works;
  if (!now) return [];
  const missing = below - stitchesUsedBy(now);
  const recounts = countsIn(items).flatMap((item): readonly Change[] => {
    if (trying.budget.isOver) return [];
    const { times } = item.extent;
    const oneMore = expandRow({ ...trying, items: withTimes(items, item, times + 1) }).works;
    const each = oneMore ? stitchesUsedBy(oneMore) - stitchesUsedBy(now) : 0;
    const wanted = times + missing / each;
    if (!Number.isInteger(wanted) || wanted < 1) return [];
    const { from, to } = item;
    const said = text.slice(from, to);
    const mended = recounted(said, wanted);
    return [{ items: withTimes(items, item, wanted), mended, said, edit: { from, to, text: mended } }];
  });
  const others = [...otherCrossings(items, missing, text), ...strayStitches(items, -missing, text)];
  const offered = [...recounts, ...others].flatMap(({ items: changed, mended, said, edit }) => {
    if (trying.budget.isOver) return [];
    const { works } = expandRow({ ...trying, items: changed });
    if (!works || stitchesUsedBy(works) !== below) return [];
    return [{ mend: { mended, said, edit }, fit: likeness(works, rowBelow) }];
  });
  const best = offered.sort((a, b) => b.fit - a.fit).slice(0, MOST_OFFERED);
  return told(best.map(({ mend }) => mend));
}
