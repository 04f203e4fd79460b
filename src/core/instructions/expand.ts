/** From what a row says to what is worked, stitch by stitch, on the stitches of the row below. */
import { say } from "../words/message";
import { seenFromTheFront } from "./seenFromTheFront";
import { Impossible, impossible } from "./impossible";
import { widthOf } from "../stitches/crossings";
import { operationOf, passedOver, type Face } from "../stitches/operations";
import { facesOfRow, joined, stitchesOf, stitchesUsedBy, type PanelRow, type Work } from "../panels/panel";
import type { Extent, Item, Span } from "./ast";
import { MOST_DEPTH, type Budget } from "./budget";
import type { UnplacedFinding } from "./findings";
import type { NamedPanels } from "./namedPanels";
import { crossingNamed, operationNamed, plainName, type Definitions } from "./names";

export interface RowTask {
  readonly row: number;
  readonly side: "RS" | "WS";
  readonly items: readonly Item[];
  /** Stitches on the needle, from the row below; null where there is none yet to hold against. */
  readonly below: number | null;
  /** How often a repeat "to end" has to be worked at least: once while the count itself is being sought. */
  readonly leastRepeats: 0 | 1;
  /** The row below, whose faces can be followed. */
  readonly rowBelow: PanelRow | null;
  readonly definitions: Definitions;
  /** The rows that its heading names, of which it is one. */
  readonly among: readonly number[];
  readonly itemsOfRow: (row: number) => readonly Item[] | null;
  readonly panels: NamedPanels;
  /** Work that the whole text may still be. */
  readonly budget: Budget;
}

/** Columns of one repetition of the row's open repeat, from the right. */
export interface RepeatColumns {
  readonly from: number;
  readonly to: number;
}

/** One repetition of a repeat that goes on to the end: stitches that it takes, and those that it leaves. */
export interface RepeatUnit {
  readonly uses: number;
  readonly leaves: number;
}

export interface Expanded {
  /** As it shows on the right side, columns from the right; null where the row cannot be worked. */
  readonly works: PanelRow | null;
  readonly repeat: RepeatColumns | null;
  /** Of the row's first open repeat; null where it has none, or where it is worked not even once. */
  readonly unit: RepeatUnit | null;
  readonly findings: readonly UnplacedFinding[];
}

/** More stitches than this in a row is a slip of the pen. */
const MOST_STITCHES = 10_000;

/** Works one row. What cannot be worked comes back as a finding, with no works. */
export function expandRow(task: RowTask): Expanded {
  const worker = new RowWorker(task);
  try {
    const worked = worker.workAll();
    const works = task.side === "RS" ? worked : seenFromTheFront(worked);
    const repeat = task.side === "RS" ? worker.repeatColumns : null;
    return { works: joined(works), repeat, unit: worker.unit, findings: [] };
  } catch (error) {
    if (!(error instanceof Impossible)) throw error;
    const message = say("inRow", { row: task.row, why: error.told.message });
    return { works: null, repeat: null, unit: null, findings: [{ row: task.row, ...error.told, message }] };
  }
}

class RowWorker {
  private readonly works: Work[] = [];
  /** Stitches of the row below used so far. */
  private used = 0;
  private depth = 0;
  /** Repeats that are open. */
  private repeats = 0;
  /** The first repetition of the first repeat that goes on to the end. */
  repeatColumns: RepeatColumns | null = null;
  unit: RepeatUnit | null = null;

  constructor(private readonly task: RowTask) {}

  workAll(): readonly Work[] {
    this.workInstruction(this.task.items, 0);
    return this.works;
  }

  /** All that a row says. An operation by itself and without a count, as "Row 2: Purl.", means all of it. */
  private workInstruction(items: readonly Item[], after: number) {
    const [only] = items;
    if (items.length === 1 && only?.type === "operation" && !only.counted)
      this.work({ ...only, extent: { leaving: 0 } }, after);
    else this.workList(items, after);
  }

  /** Works items in order; `after` stitches are spoken for by what stands behind them. */
  private workList(items: readonly Item[], after: number) {
    items.forEach((item, index) => {
      if (index > 0 && item.type === "group" && item.counted && items.slice(0, index).every(isPlain))
        throw impossible(say("acrossWhat"), item);
      const open = "extent" in item && "leaving" in item.extent;
      this.work(item, open ? after + this.usesOf(items.slice(index + 1)) : after);
    });
  }

  private work(item: Item, after: number) {
    this.spend(1, item);
    switch (item.type) {
      case "operation":
        return this.operate(item, after);
      case "crossing":
        return this.cross(item);
      case "group":
        return this.repeat(item, after);
      case "psso":
        return this.passOver(item);
      case "asRows":
        return this.likeRow(item, after);
      case "panelRow":
        return this.workPanel(item, after);
      case "faces":
        return this.followFaces(item, after);
    }
  }

  /** Counts work, so that no text can ask for more of it than a panel can be. */
  private spend(steps: number, at: Span) {
    if (!this.task.budget.spend(steps)) throw impossible(say("tooMuchToWork"), at);
  }

  private put(work: Work, at: Span) {
    const uses = stitchesUsedBy([work]);
    this.spend(uses, at);
    this.works.push(work);
    this.used += uses;
    if (this.works.length > MOST_STITCHES || this.used > MOST_STITCHES)
      throw impossible(say("moreStitchesThan", { most: MOST_STITCHES }), at);
  }

  private operate(item: Extract<Item, { type: "operation" }>, after: number) {
    const operation = this.named(item);
    const times = this.timesOf(item.extent, operation.uses, after, item);
    if (times > MOST_STITCHES) throw impossible(say("stitchesTooMany", { times }), item);
    if (times > 0) this.put({ operation, times }, item);
  }

  private named({ name, from, to }: Span & { readonly name: string }) {
    const operation = operationNamed(name, this.task.side, this.task.definitions);
    if (!operation) {
      const unread = this.task.definitions.unread.get(plainName(name));
      throw impossible(unread?.message ?? say("unknownStitch", { name }), { from, to });
    }
    return operation;
  }

  private cross(item: Extract<Item, { type: "crossing" }>) {
    const crossing = crossingNamed(item.name, this.task.definitions);
    if (crossing === null) throw impossible(say("crossingCannotBe", { name: item.name }), item);
    if ("ambiguous" in crossing)
      throw new Impossible({
        severity: "question",
        message: say("crossingAmbiguous", { name: item.name }),
        from: item.from,
        to: item.to,
        mends: crossing.ambiguous.map((meaning) => ({
          label: meaning,
          edit: { from: 0, to: 0, text: `${plainName(item.name)} = ${meaning}\n` },
        })),
      });
    for (let time = 0; time < item.times; time += 1) this.put({ crossing }, item);
  }

  private repeat(item: Extract<Item, { type: "group" }>, after: number) {
    const { items, extent, more } = item;
    if (more && "times" in extent) throw moreThanWhat(extent.times, more);
    if (items.length === 0) throw impossible(say("emptyRepeat"), item);
    this.depth += 1;
    this.repeats += 1;
    if (this.depth > MOST_DEPTH) throw impossible(say("nestedTooDeep"), item);
    const unit = this.usesOf(items);
    const times = this.timesOf(extent, unit, after, item);
    if (times * items.length > MOST_STITCHES) throw impossible(say("repeatsTooMany", { times }), item);
    const from = "leaving" in extent && !this.repeatColumns ? stitchesOf(this.works) : 0;
    for (let time = 0; time < times; time += 1) {
      this.workList(items, after);
      if (time > 0 || !("leaving" in extent) || this.repeatColumns) continue;
      this.repeatColumns = { from, to: stitchesOf(this.works) };
      if (this.repeats === 1) this.unit = { uses: unit, leaves: this.repeatColumns.to - from };
    }
    this.depth -= 1;
    this.repeats -= 1;
  }

  /** How often something of `unit` stitches is worked. An open extent must come out even. */
  private timesOf(extent: Extent, unit: number, after: number, at: Span): number {
    if ("times" in extent) return extent.times;
    const { below } = this.task;
    if (below === null) throw impossible(say("countUnknown"), at);
    if (unit === 0) throw impossible(say("repeatUsesNothing"), at);
    const room = below - this.used - Math.max(after, extent.leaving);
    if (room >= this.task.leastRepeats * unit && room % unit === 0) return room / unit;
    const [fewer, more] = [
      below - (((room % unit) + unit) % unit),
      below + unit - (((room % unit) + unit) % unit),
    ];
    const fits = fewer - this.used - after >= 0 ? [fewer, more] : [more];
    throw impossible(say("repeatDoesNotFit", { unit, room: Math.max(0, room), below, fits }), at);
  }

  /** Stitches that items use; open ones use none of their own. */
  private usesOf(items: readonly Item[]): number {
    return items.reduce((sum, item) => {
      this.spend(1, item);
      if (item.type === "crossing") return sum + item.times * this.crossingWidth(item.name);
      if (item.type === "psso") return sum;
      if (item.type === "asRows" || item.type === "faces") return sum;
      if (item.type === "panelRow") return sum + this.usesOf(this.panelItems(item) ?? []);
      const times = "times" in item.extent ? item.extent.times : 0;
      return sum + times * (item.type === "group" ? this.usesOf(item.items) : this.named(item).uses);
    }, 0);
  }

  private crossingWidth(name: string): number {
    const crossing = crossingNamed(name, this.task.definitions);
    return crossing && !("ambiguous" in crossing) ? widthOf(crossing) : 0;
  }

  /** "sl 1, k1, psso" and its kin become the one decrease that they are. */
  private passOver(item: Extract<Item, { type: "psso" }>) {
    const [slipped, knitted] = this.works.slice(-2);
    const isOne = (work: Work | undefined, id: string, times: number) =>
      work !== undefined && "operation" in work && work.operation.id === id && work.times === times;
    const id =
      item.count === 2 && this.slipped(slipped, 2) && isOne(knitted, "knit", 1)
        ? "cdd"
        : this.slipped(slipped, 1) && isOne(knitted, "knit", 1)
          ? "skp"
          : this.slipped(slipped, 1) && isOne(knitted, "k2tog", 1)
            ? "sk2p"
            : null;
    if (id) this.works.splice(-2, 2, { operation: operationOf(id), times: 1 });
    else this.passOverSeveral(item);
  }

  /** "sl 1, k2, psso", "sl 1, k1, yo, k1, psso": a stitch slipped over several. */
  private passOverSeveral(item: Extract<Item, { type: "psso" }>) {
    const at = this.works.findLastIndex((work) => this.slipped(work, 1));
    const after = at < 0 ? [] : this.works.slice(at + 1);
    const parts = after.flatMap((work) => {
      if (!("operation" in work)) return [];
      const { id } = work.operation;
      return id === "knit"
        ? [`k${work.times}`]
        : id === "yo"
          ? Array.from({ length: work.times }, () => "yo")
          : [];
    });
    if (item.count !== 1 || after.length === 0 || after.length > 3 || parts.length < after.length)
      throw impossible(say("passedOverNothing"), item);
    const operation = passedOver(parts, stitchesUsedBy(after), stitchesOf(after));
    this.works.splice(at, after.length + 1, { operation, times: 1 });
  }

  private slipped(work: Work | undefined, times: number) {
    return (
      work !== undefined && "operation" in work && /^slip/.test(work.operation.id) && work.times === times
    );
  }

  private likeRow(item: Extract<Item, { type: "asRows" }>, after: number) {
    const { row: own, among, itemsOfRow } = this.task;
    const count = item.rows.length * (item.times ?? 1);
    if (item.times !== null && count !== among.length)
      throw impossible(say("likeOtherRows", { rows: among.length, like: count }), item);
    if (item.rows.length > 1 && among.length % item.rows.length !== 0)
      throw impossible(say("likeOtherRows", { rows: among.length, like: item.rows.length }), item);
    const row = item.rows[Math.max(0, among.indexOf(own)) % item.rows.length] ?? 0;
    const items = itemsOfRow(row);
    this.depth += 1;
    if (!items || this.depth > MOST_DEPTH) throw impossible(say("likeNoRow", { row }), item);
    this.workInstruction(items, after);
    this.depth -= 1;
  }

  private panelItems({ panel, row }: Extract<Item, { type: "panelRow" }>): readonly Item[] | null {
    const rows = this.task.panels.get(panel);
    if (!rows || rows.size === 0) return null;
    // A panel of fewer rows begins again.
    const wanted = row ?? ((this.task.row - 1) % Math.max(...rows.keys())) + 1;
    return rows.get(wanted) ?? null;
  }

  private workPanel(item: Extract<Item, { type: "panelRow" }>, after: number) {
    const items = this.panelItems(item);
    this.depth += 1;
    if (!items || this.depth > MOST_DEPTH)
      throw impossible(say("noSuchPanelRow", { panel: item.panel, row: item.row ?? this.task.row }), item);
    this.workList(items, after);
    this.depth -= 1;
  }

  /** Knits what shows knit and purls what shows purl on the side that is worked, or the other way round. */
  private followFaces(item: Extract<Item, { type: "faces" }>, after: number) {
    const { rowBelow, side } = this.task;
    if (!rowBelow) throw impossible(say("noRowBelow"), item);
    const facesBelow = facesOfRow(rowBelow);
    const seen = side === "RS" ? facesBelow : facesBelow.map(other).reverse();
    const open = seen.slice(this.used, seen.length - after);
    for (const face of open)
      this.put({ operation: operationOf(item.keep ? face : other(face)), times: 1 }, item);
  }
}

/** "[C4B, p2] twice more": so often in all, or once more than that. */
const moreThanWhat = (times: number, { from, to }: Span) =>
  new Impossible({
    severity: "question",
    message: say("moreThanWhat", { times }),
    from,
    to,
    mends: [times, times + 1].map((count) => ({
      label: say("timesInAll", { times: count }),
      edit: { from, to, text: `${count} times` },
    })),
  });

const isPlain = (item: Item) => item.type === "operation" && "times" in item.extent;

const other = (face: Face): Face => (face === "knit" ? "purl" : "knit");
