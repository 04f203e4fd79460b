/** The sections of a piece, made of what its sentences ask for, one after the other. */
import { isWrong } from "../instructions/findings";
import { numberIn } from "../instructions/numerals";
import { readPattern } from "../instructions/read";
import { stitchesOf } from "../panels/panel";
import { COUNTS, LENGTHS } from "../project/bounds";
import type { ProjectPiece } from "../project/project";
import { emptyPiece } from "../project/project";
import {
  sectionSchema,
  type FabricSection,
  type ProjectSection,
  type SectionKind,
  type SectionOf,
} from "../project/sections";
import { panelOver, placedAcross, type KnownPanel, type KnownPanels } from "./knownPanel";
import { begins, heightOf, rowsOf, stitchesBehind, swapped, type Told, type ToldOfSections } from "./soFar";
import type { Gauge } from "../stitches/plainStitch";
import { say, type Message } from "../words/message";
import type { Edge, Extent, Needle, RowsMeant, Step, UpTo } from "./steps";

interface Needles {
  readonly smallerMm: number | null;
  readonly mainMm: number | null;
}

interface Context {
  readonly gauge: Gauge;
  readonly needles: Needles;
  readonly panels: KnownPanels;
  /** Names of panels that are there, and could not be read. */
  readonly unreadPanels: ReadonlySet<string>;
  /** What goes before rows, so that they are understood: keys of the pattern. */
  readonly keys: string;
  readonly pieces: readonly PieceReader[];
  readonly addPanel: (name: string, text: string) => string;
}

/** Rows that may come again. */
interface WrittenRows {
  readonly text: string;
  readonly sectionId: string;
  readonly first: number;
  readonly count: number;
}

/** The needle divided by turning: the second side is still to be worked. */
interface Turned {
  /** The section that divides. */
  readonly id: string;
  readonly centre: number;
  readonly rejoined: boolean;
}

/** How far a piece is; a new one with every change, so that one can go back to it. */
interface Work {
  readonly sections: readonly ProjectSection[];
  readonly times: number;
  readonly round: boolean;
  readonly needleMm: number | null;
  /** What was set, and is worked over the next length that is said. */
  readonly set: Partial<FabricSection> | null;
  /** Rows after which what was set comes again, where it is one panel. */
  readonly setRows: number | null;
  readonly rows: WrittenRows | null;
  readonly turned: Turned | null;
}

/** A panel that was worked so often, or is to be worked, and the sections before it. */
interface PanelBefore {
  readonly fabric: Partial<FabricSection>;
  readonly rows: number;
  readonly times: number;
  readonly sections: readonly ProjectSection[];
}

/** A figure that no section can have: thrown where one is made, and caught where its step is done. */
class Beyond extends Error {
  override readonly name = "Beyond";
}

/** A step that was worked, or why it cannot be. */
type Done =
  | { readonly ok: true; readonly sections: readonly string[] }
  | { readonly ok: false; readonly message: Message };

const no = (message: Message): Done => ({ ok: false, message });
const doneUnless = (wrong: Message | null): Done => (wrong ? no(wrong) : DONE);
const differ = (printed: number | null, have: number | null): boolean =>
  printed !== null && have !== null && printed !== have;
const otherCount = (printed: number | null, have: number | null) =>
  no(say("patternOtherCount", { printed: printed ?? 0, have: have ?? 0 }));
const DONE: Done = { ok: true, sections: [] };

/** What cannot come before a fabric that was set has begun. */
const NEEDS_FABRIC: ReadonlySet<Step["does"]> = new Set(["castOffAt", "castOff", "hold", "divide"]);

/** What can come before the second side is said to match the first. */
const BESIDE: ReadonlySet<Step["does"]> = new Set(["match", "nothing", "sew"]);

/** Room for what one sentence adds, and for one that is not read, below what a piece can have. */
const MOST_SECTIONS = 70;

/** What is worked twice where nothing else is said. */
const IN_PAIRS = /\b(?:sleeves|mittens|mitts|socks|gloves|arm(?:hole)? ?bands)\b/i;

/** Where a ground is another on one side of one row alone. */
const SINGLE = { knit: "stockinette", purl: "reverse" } as const;

/** Works the steps of a piece one after the other. */
export class PieceReader {
  /** Whether its name tells that it is worked oftener than any piece is, or never. */
  readonly oftenBeyond: boolean;
  private at: Work;
  /** What only their rows or their panels tell of sections. */
  private readonly told: ToldOfSections = new WeakMap();
  /** How many sections come before each mark. */
  private readonly marks: number[] = [];

  constructor(
    readonly id: string,
    readonly name: string,
    private readonly context: Context,
  ) {
    const told = /\((?:make|work|knit)\s+(\d+|two|three|four)/i.exec(name)?.[1];
    const times = told ? numberIn(told) : IN_PAIRS.test(name) ? 2 : 1;
    this.oftenBeyond = times < COUNTS.times.least || times > COUNTS.times.most;
    this.at = {
      sections: [],
      times: this.oftenBeyond ? 1 : times,
      round: false,
      needleMm: null,
      set: null,
      setRows: null,
      rows: null,
      turned: null,
    };
  }

  get sections(): readonly ProjectSection[] {
    return this.at.sections;
  }

  get times(): number {
    return this.at.times;
  }

  get round(): boolean {
    return this.at.round;
  }

  private go(on: Partial<Work>) {
    this.at = { ...this.at, ...on };
  }

  /** Another piece may come back to what stands here. */
  markHere() {
    this.marks.push(this.sections.length);
  }

  /** Where the work is, to come back to it. */
  mark(): Work {
    return this.at;
  }

  backTo(before: Work) {
    this.at = before;
  }

  get stitches(): number | null {
    return stitchesBehind(this.sections, this.told);
  }

  private get divided(): boolean {
    return this.sections.some(({ kind }) => kind === "divide");
  }

  private add<Kind extends SectionKind>(
    kind: Kind,
    given: Partial<SectionOf<Kind>> = {},
    told?: Told,
  ): string {
    const id = `${this.id}/${this.sections.length + 1}`;
    const made = sectionSchema.safeParse({ kind, id, needleMm: this.at.needleMm, ...given });
    if (!made.success) throw new Beyond();
    this.go({ sections: [...this.sections, made.data] });
    if (told) this.told.set(made.data, told);
    return id;
  }

  /** A fabric over an extent; `repeat` are the rows after which it comes again, where it may be counted by them. */
  private fabric(given: Partial<FabricSection>, extent: Extent, repeat: number | null = null): Done {
    const over = this.extent(extent);
    if (over === null) return DONE;
    if ("code" in over) return no(over);
    if (extent.by === "times" && repeat === null) return no(say("patternNoRowsToRepeat"));
    const told = extent.by === "times" && repeat !== null ? { rows: repeat * extent.times } : undefined;
    return { ok: true, sections: [this.add("fabric", { ...given, ...over }, told)] };
  }

  /** An extent as a section has it. */
  private extent(extent: Extent, sections = this.sections): Partial<FabricSection> | Message | null {
    if (extent.by === "rows") return { by: "rows", rows: extent.rows };
    if (extent.by === "times") return { by: "repeats", repeats: extent.times };
    const before = extent.from === "here" ? 0 : this.heightMm(extent.from, sections);
    const rest = extent.lengthMm - before;
    // What is as high already, to half a row, needs no more.
    if (Math.abs(rest) < this.rowMm / 2) return null;
    if (rest <= 0) return say("patternHigherAlready", { lengthMm: extent.lengthMm, haveMm: before });
    // Half rows would fall to one side or the other by what is lost of figures in reckoning.
    return { by: "length", lengthMm: Math.round(100 * rest) / 100 };
  }

  private get rowMm(): number {
    return 100 / this.context.gauge.rowsPer10Cm;
  }

  /** How high the work is since its first edge, or since its armhole, in plain rows. */
  private heightMm(from: "piece" | "armhole", sections: readonly ProjectSection[]): number {
    const first = from === "armhole" ? sections.findIndex(({ kind }) => kind === "castOffAt") : 0;
    return sections
      .slice(Math.max(0, first))
      .reduce((sum, section) => sum + heightOf(section, this.told, this.rowMm), 0);
  }

  /** Takes a needle; says why where it is not known which. */
  private take(needle: Needle): Message | null {
    const { smallerMm, mainMm } = this.context.needles;
    if ("which" in needle) {
      if (!smallerMm) return say("patternWhichNeedle");
      this.go({ needleMm: needle.which === "smaller" ? smallerMm : null });
      return null;
    }
    const { least, most } = LENGTHS.needle;
    if (needle.mm < least || needle.mm > most) throw new Beyond();
    this.go({ needleMm: needle.mm === mainMm ? null : needle.mm });
    return null;
  }

  /** Which edge is meant: the right one is the outer one, unless this is a front that is worn at the right. */
  private edge(edge: Edge, side: "RS" | "WS" | null): "edges" | "outer" | "inner" {
    const rightFront = /\bright\b/i.test(this.name) && !this.divided;
    if (edge === "edges") return this.divided ? "outer" : "edges";
    if (edge === "beginning") {
      const right = side === null ? this.nextIsRight : side === "RS";
      return right ? "outer" : "inner";
    }
    if (edge === "end") {
      // In the row in which stitches were bound off at its beginning.
      const last = this.sections.at(-1);
      return last?.kind === "castOffAt" && last.at === "outer" ? "inner" : "outer";
    }
    if (edge === "neck") return rightFront ? "outer" : "inner";
    return rightFront ? "inner" : "outer";
  }

  /** Whether the next row is one of the right side; what is worked to a length ends with one of the wrong side. */
  private get nextIsRight(): boolean {
    const odd = this.sections.reduce(
      (sum, section) =>
        section.kind === "fabric" && section.by === "length" ? 0 : sum + (rowsOf(section, this.told) ?? 0),
      0,
    );
    return odd % 2 === 0;
  }

  /** Whether something is worked that a pattern calls its pattern: panels, or rows that are written. */
  private get hasPattern(): boolean {
    return this.sections.some(
      (section) => section.kind === "written" || (section.kind === "fabric" && section.content === "panels"),
    );
  }

  /** "In pattern" before any pattern was worked is the only panel that there is. */
  private onlyPanel(extent: Extent): Done {
    const [only, ...others] = new Set(this.context.panels.values());
    return only && others.length === 0 ? this.panelOver(only, extent) : no(say("patternWhichPanel"));
  }

  private get hasRows(): boolean {
    return this.sections.some(({ kind }) => kind !== "castOn" && kind !== "pickUp");
  }

  /** Works a step; `printed` is the count that stands behind its sentence. */
  do(step: Step, printed: number | null): Done {
    const before = this.mark();
    try {
      return this.work(step, printed);
    } catch (error) {
      if (!(error instanceof Beyond)) throw error;
      this.backTo(before);
      return no(say("patternBeyond"));
    }
  }

  private work(step: Step, printed: number | null): Done {
    const have = this.stitches;
    if (this.sections.length >= MOST_SECTIONS) return no(say("patternPieceFull"));
    if (this.at.turned?.rejoined && !BESIDE.has(step.does)) return no(say("patternSecondSide"));
    if (this.at.set && NEEDS_FABRIC.has(step.does)) return no(say("patternHowFar"));
    switch (step.does) {
      case "nothing":
      case "sew":
        return DONE;
      case "needle":
        return doneUnless(this.take(step.needle));
      case "inRound":
        if (this.hasRows && !this.round) return no(say("patternRoundsInRows"));
        this.go({
          round: true,
          sections: this.sections.map((section) =>
            section.kind === "pickUp" ? { ...section, round: true } : section,
          ),
        });
        return DONE;
      case "castOn": {
        const wrong = step.needle && this.take(step.needle);
        if (wrong) return no(wrong);
        if (step.round) this.go({ round: true });
        return {
          ok: true,
          sections: [this.add("castOn", { stitches: step.stitches, method: step.method ?? "longTail" })],
        };
      }
      case "pickUp": {
        const total = step.stitches > 0 ? step.stitches : (printed ?? 1);
        return {
          ok: true,
          sections: [this.add("pickUp", { stitches: total, held: step.held })],
        };
      }
      case "ground":
        if (!step.extent) {
          this.go({ set: { content: "ground", ground: step.ground }, setRows: null });
          return DONE;
        }
        return this.fabric({ content: "ground", ground: step.ground }, step.extent);
      case "face": {
        const wrongSide = !this.nextIsRight && !this.round;
        const shows = wrongSide === (step.face === "purl") ? "knit" : "purl";
        const single = step.rows === 1 || this.round;
        const ground = single ? SINGLE[this.round ? step.face : shows] : "garter";
        return this.fabric({ content: "ground", ground }, { by: "rows", rows: step.rows });
      }
      case "asBefore": {
        if (!step.extent) return DONE;
        const { set, setRows, rows } = this.at;
        if (set) {
          this.go({ set: null });
          return this.fabric(set, step.extent, setRows);
        }
        if (rows && this.sections.at(-1)?.id === rows.sectionId) return this.repeatRows("these", step.extent);
        if (step.inPattern && !this.hasPattern && this.context.panels.size > 0)
          return this.onlyPanel(step.extent);
        if (!this.sections.some(({ kind }) => kind === "fabric" || kind === "written"))
          return no(say("patternNothingToGoOn"));
        return this.fabric({ content: "asBefore" }, step.extent);
      }
      case "repeatRows":
        return this.repeatRows(step.rows, step.extent);
      case "panel":
        return this.panel(step);
      case "place":
        return this.place(step.across);
      case "change": {
        if (have === null && !("to" in step.change)) return no(say("patternCountUnknown"));
        const to =
          "to" in step.change
            ? step.change.to
            : (have ?? 0) + (step.change.way === "increase" ? 1 : -1) * step.change.by;
        return { ok: true, sections: [this.add("change", { to })] };
      }
      case "shape":
        return this.shape(step, printed);
      case "castOffAt": {
        const at = this.edge(step.at, step.side);
        const often = at === "edges" || (step.at === "edges" && this.divided) ? step.rows / 2 : step.rows;
        if (step.rows > 1 && !Number.isInteger(often)) return no(say("patternOddRows", { rows: step.rows }));
        const count = Math.max(1, Math.round(often));
        return {
          ok: true,
          sections: Array.from({ length: count }, () =>
            this.add("castOffAt", { at, stitches: step.stitches }),
          ),
        };
      }
      case "castOff":
        if (differ(step.stitches, have)) return otherCount(step.stitches, have);
        return { ok: true, sections: [this.add("castOff", { method: step.method })] };
      case "hold":
        if (differ(step.stitches, have)) return otherCount(step.stitches, have);
        return { ok: true, sections: [this.add("hold")] };
      case "divide": {
        const centre = step.centre ?? 0;
        const told = step.each === null ? have : 2 * step.each + centre;
        if (differ(told, have)) return otherCount(told, have);
        return { ok: true, sections: [this.add("divide", { centre, centreTo: step.goes })] };
      }
      case "turn": {
        if (have === null) return no(say("patternCountUnknown"));
        const centre = have - 2 * step.each;
        if (centre < 0) return otherCount(2 * step.each, have);
        const id = this.add("divide", { centre, centreTo: "hold" });
        this.go({ turned: { id, centre, rejoined: false } });
        return { ok: true, sections: [id] };
      }
      case "rejoin":
        return this.rejoin(step);
      case "match":
        if (!this.at.turned?.rejoined) return no(say("patternNoFirstSide"));
        this.go({ turned: null });
        return DONE;
      case "as":
        return this.as(step);
      case "more":
        // A second one of what is worked in pairs is one of the two.
        if (this.times >= COUNTS.times.most) throw new Beyond();
        this.go({ times: step.second ? Math.max(2, this.times) : this.times + 1 });
        return DONE;
    }
  }

  private shape(step: Extract<Step, { does: "shape" }>, printed: number | null): Done {
    const have = this.stitches;
    const at = this.edge(step.at, null);
    const edges = at === "edges" ? 2 : 1;
    const each = step.stitches * edges;
    const to = step.to ?? (step.times === null || step.andNext ? printed : null);
    let { times } = step;
    if (to !== null && have !== null) {
      const counted = Math.abs(have - to) / each;
      if (!Number.isInteger(counted)) return otherCount(to, have);
      // "Next and every following 4th row 5 times" is five or six: the count behind it says which.
      const oneMore = step.andNext && counted === (times ?? 0) + 1;
      if (times !== null && counted !== times && !oneMore) return otherCount(to, have);
      times = counted;
    } else if (step.andNext && step.how === "more") times = (times ?? 0) + 1;
    else if (step.andNext && times !== null) return no(say("patternHowOften", { times }));
    if (times === null) return no(say("patternCountUnknown"));
    if (times === 0) return DONE;
    const sections = this.before(step);
    const begun = sections.length > 0;
    const add = (often: number, every: number) =>
      sections.push(
        this.add("shape", { way: step.way, at, by: "rule", stitches: each, every, times: often }),
      );
    // Behind even rows the last of the shaping ends it; else the rows behind each belong to it.
    if (times > 1) add(begun ? times - 1 : times, step.every);
    if (times === 1 || begun) add(1, 1);
    return { ok: true, sections };
  }

  /** Rows that go before the first shaping: those that are said, and those in which a fabric begins that was only set. */
  private before({ first, every }: Extract<Step, { does: "shape" }>): string[] {
    const { set } = this.at;
    const rows = first > 1 ? first - 1 : set ? Math.max(2, every - 1) : 0;
    if (rows === 0) return [];
    const fabric = set ?? { content: "asBefore" as const };
    this.go({ set: null });
    return [this.add("fabric", { ...fabric, by: "rows", rows })];
  }

  /** The middle, of which the first side did not say what becomes of it. */
  private rejoin({ centre, goes }: Extract<Step, { does: "rejoin" }>): Done {
    const { turned } = this.at;
    if (!turned) return no(say("patternNoFirstSide"));
    const told = centre ?? 0;
    if (told !== turned.centre) return otherCount(told, turned.centre);
    this.go({
      turned: { ...turned, rejoined: true },
      sections: this.sections.map((section) =>
        section.id === turned.id && section.kind === "divide" ? { ...section, centreTo: goes } : section,
      ),
    });
    return DONE;
  }

  private panel({ named, rows, extent }: Extract<Step, { does: "panel" }>): Done {
    const { panels } = this.context;
    const [only, ...others] = new Set(panels.values());
    // "The chart" is the only one that there is.
    const alone = /^(?:chart|panel)$/.test(named) && only && others.length === 0 ? only : undefined;
    const known = panels.get(named) ?? panels.get(named.replace(/ (?:panel|pattern)$/, "")) ?? alone;
    if (!known && this.context.unreadPanels.has(named)) return no(say("patternPanelNotYet", { name: named }));
    if (!known) return no(say("patternNoSuchPanel", { name: named }));
    if (rows && rows.from !== 1) return no(say("patternFromRowOne", { name: known.panel.name }));
    const whole = rows === null || rows.to === known.rows;
    if (rows && rows.to > known.rows)
      return no(say("patternNoSuchRow", { row: rows.to, name: known.panel.name }));
    if (extent)
      return whole ? this.panelOver(known, extent) : no(say("patternFromRowOne", { name: known.panel.name }));
    if (rows)
      return this.panelOver(
        known,
        whole ? { by: "times", times: 1, how: "inAll" } : { by: "rows", rows: rows.to },
      );
    const one = panelOver(known, this.stitches);
    if ("code" in one) return no(one);
    this.go({ set: { content: "panels", edge: 0, across: [one] }, setRows: known.rows });
    return DONE;
  }

  private panelOver(known: KnownPanel, extent: Extent): Done {
    const one = panelOver(known, this.stitches);
    if ("code" in one) return no(one);
    return this.fabric({ content: "panels", edge: 0, across: [one] }, extent, known.rows);
  }

  /** Panels side by side; they are worked with what comes next. */
  private place(told: string): Done {
    const placed = placedAcross(told, this.context.panels);
    if ("code" in placed) return no(placed);
    const have = this.stitches;
    if (differ(placed.stitches, have)) return otherCount(placed.stitches, have);
    this.go({ set: { content: "panels", edge: 0, across: [...placed.across] }, setRows: null });
    return DONE;
  }

  /** Rows with all that must be known to read them. */
  private headed(rows: string, stitches: number | null): string {
    const round = this.round ? "Worked in the round.\n" : "";
    return `${this.context.keys}${round}${stitches === null ? "" : `Cast on ${stitches} sts.\n`}${rows}`;
  }

  /** Rows as they are written; they are worked once, and may come again by a sentence behind them. */
  write(text: string, printed: number | null): Done {
    const have = this.stitches;
    const { panel, numbers, complete, findings } = readPattern(this.headed(text, have), have);
    const wrong = findings.find(isWrong);
    if (!panel || !complete || wrong) return no(wrong?.message ?? say("patternNotUnderstood"));
    const left = panel.rows.at(-1);
    const count = left ? stitchesOf(left) : have;
    if (differ(printed, count)) return otherCount(printed, count);
    const rows = panel.rows.length;
    const told = { rows, ...(count !== null && { stitches: count }) };
    const sectionId = this.add("written", { text: this.context.keys + text }, told);
    this.go({ set: null, rows: { text, sectionId, first: numbers[0] ?? 1, count: rows } });
    return { ok: true, sections: [sectionId] };
  }

  /** The rows before become a panel that is worked so often, the time that they are written counted in. */
  private repeatRows(meant: RowsMeant, extent: Extent): Done {
    const { rows } = this.at;
    const last = this.sections.at(-1);
    const panel = this.panelBefore();
    if (panel) return this.repeatPanel(panel, meant, extent);
    if (!rows || !last || last.id !== rows.sectionId) return no(say("patternNoRowsToRepeat"));
    const all =
      meant === "these" ||
      ("last" in meant
        ? meant.last === rows.count
        : meant.from === rows.first && meant.to === rows.first + rows.count - 1);
    if (!all) return no(say("patternOtherRows", { from: rows.first, to: rows.first + rows.count - 1 }));
    if (extent.by === "times" && extent.how === "said")
      return no(say("patternHowOften", { times: extent.times }));
    const others = this.sections.slice(0, -1);
    const before = stitchesBehind(others, this.told);
    if (before === null) return no(say("patternCountUnknown"));
    if (this.told.get(last)?.stitches !== before) return no(say("patternRowsDoNotClose"));
    this.go({ sections: others, rows: null });
    const over: Extent =
      extent.by === "times" && extent.how === "more" ? { ...extent, times: extent.times + 1 } : extent;
    const panelId = this.context.addPanel(
      `${this.name}, rows from ${before} sts`,
      this.headed(rows.text, before),
    );
    return this.fabric(
      { content: "panels", edge: 0, across: [{ panelId, times: 1, joined: "whole" }] },
      over,
      rows.count,
    );
  }

  /** A panel that was set, or worked just now, whose rows can be named again; null where there is none. */
  private panelBefore(): PanelBefore | null {
    const { set, setRows } = this.at;
    if (set && setRows !== null) return { fabric: set, rows: setRows, times: 1, sections: this.sections };
    const last = this.sections.at(-1);
    if (last?.kind !== "fabric" || last.content !== "panels" || last.by !== "repeats") return null;
    const rows = this.told.get(last)?.rows;
    if (rows === undefined || last.repeats < 1) return null;
    const fabric = { content: last.content, edge: last.edge, across: last.across };
    return { fabric, rows: rows / last.repeats, times: last.repeats, sections: this.sections.slice(0, -1) };
  }

  private repeatPanel(
    { fabric, rows, times, sections }: PanelBefore,
    meant: RowsMeant,
    extent: Extent,
  ): Done {
    const all =
      meant === "these" || ("last" in meant ? meant.last === rows : meant.from === 1 && meant.to === rows);
    if (!all) return no(say("patternOtherRows", { from: 1, to: rows }));
    if (extent.by === "times" && extent.how === "said")
      return no(say("patternHowOften", { times: extent.times }));
    this.go({ set: null, setRows: null, sections });
    const over: Extent =
      extent.by === "times" && extent.how === "more" ? { ...extent, times: extent.times + times } : extent;
    return this.fabric(fabric, over, rows);
  }

  private as({ piece, upTo, reversed }: Extract<Step, { does: "as" }>): Done {
    const named = piece.replace(/\b(?:sleeves?)\b/, "sleeve").trim();
    const like = this.context.pieces.find(
      (one) =>
        one !== this &&
        one.sections.length > 0 &&
        one.name
          .toLowerCase()
          .replace(/\bsleeves?\b/, "sleeve")
          .replace(/\(.*?\)/, "")
          .trim() === named,
    );
    if (!like) return no(say("patternNoSuchPiece", { name: piece }));
    const end = this.endOfLike(like, upTo);
    const start = upTo === "marks" ? (like.marks.at(-2) ?? end) : 0;
    if (end <= start) return no(say("patternNoSuchPlace", { name: like.name }));
    this.go({ round: this.round || like.round });
    const ids = like.sections
      .slice(start, end)
      .map((section) => this.copy(reversed ? swapped(section) : section, like.told.get(section)));
    // Up to a height: what goes on evenly at the end ends there.
    return typeof upTo === "object" && upTo ? this.upTo(upTo, like, ids) : { ok: true, sections: ids };
  }

  /** How many sections of another piece come before a place: where something begins, or where it is so high. */
  private endOfLike(like: PieceReader, upTo: UpTo | null): number {
    const { sections } = like;
    if (upTo === null) return sections.length;
    if (upTo === "mark" || upTo === "marks") return like.marks.at(-1) ?? -1;
    if (typeof upTo !== "object")
      return sections.findIndex((section, index) => begins(upTo, section, sections.slice(0, index)));
    if (upTo.by !== "length") return -1;
    const from = upTo.from === "here" ? "piece" : upTo.from;
    // An armhole is so high only where it has begun.
    const first = from === "armhole" ? sections.findIndex(({ kind }) => kind === "castOffAt") : 0;
    if (first < 0) return -1;
    const isHigh = (index: number) => like.heightMm(from, sections.slice(0, index + 1)) >= upTo.lengthMm;
    return 1 + sections.findIndex((_, index) => index >= first && isHigh(index));
  }

  /** A section of another piece as one of this. */
  private copy(section: ProjectSection, told: Told | undefined): string {
    const mine = { ...section, id: `${this.id}/${this.sections.length + 1}` };
    this.go({ sections: [...this.sections, mine] });
    if (told) this.told.set(mine, told);
    return mine.id;
  }

  private upTo(extent: Extent, like: PieceReader, ids: readonly string[]): Done {
    const last = this.sections.at(-1);
    const others = this.sections.slice(0, -1);
    const over = last?.kind === "fabric" ? this.extent(extent, others) : null;
    if (last?.kind !== "fabric" || over === null) return no(say("patternNoSuchPlace", { name: like.name }));
    if ("code" in over) return no(over);
    this.go({ sections: [...others, { ...last, ...over }] });
    return { ok: true, sections: ids };
  }

  /** Something that nobody understood: it stands in the piece as rows that are not read, so that the answer says so. */
  unread(text: string): string | null {
    return this.sections.length > MOST_SECTIONS ? null : this.add("written", { text });
  }

  /** The piece as it stands in a project. */
  piece(): ProjectPiece {
    return {
      ...emptyPiece(
        this.id,
        spoken(this.name)
          .replace(/\s*\((?:make|work|knit)[^)]*\)/i, "")
          .replace(/:$/, "")
          .trim(),
      ),
      times: this.times,
      round: this.round,
      sections: [...this.sections],
    };
  }
}

/** A name in capitals as it is spoken. */
const spoken = (name: string) =>
  name === name.toUpperCase() ? name.charAt(0) + name.slice(1).toLowerCase() : name;
