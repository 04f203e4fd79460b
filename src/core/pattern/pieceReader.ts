/** The sections of a piece, made of what its sentences ask for, one after the other. */
import { isWrong } from "../instructions/findings";
import { readPattern } from "../instructions/read";
import { repeatOf } from "../instructions/repeated";
import { stitchesOf } from "../panels/panel";
import { COUNTS, LENGTHS } from "../project/bounds";
import type { ProjectPiece, ProjectPanel } from "../project/project";
import { emptyPiece } from "../project/project";
import {
  sectionSchema,
  type FabricSection,
  type ProjectSection,
  type SectionKind,
  type SectionOf,
} from "../project/sections";
import { begins, behind, heightOf, rowsOf, swapped } from "./soFar";
import type { Gauge } from "../stitches/plainStitch";
import { say, type Message } from "../words/message";
import type { Edge, Extent, Needle, RowsMeant, Step } from "./steps";

/** A panel of the pattern, read. */
export interface KnownPanel {
  readonly panel: ProjectPanel;
  readonly rows: number;
  /** Stitches that come again, and what stands once at both sides of them. */
  readonly repeat: { readonly before: number; readonly of: number; readonly after: number };
}

interface Needles {
  readonly smallerMm: number | null;
  readonly mainMm: number | null;
}

interface Context {
  readonly gauge: Gauge;
  readonly needles: Needles;
  /** Panels by their names in small letters. */
  readonly panels: ReadonlyMap<string, KnownPanel>;
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

interface Turned {
  /** The section that divides. */
  readonly id: string;
  readonly centre: number;
  readonly rejoined: boolean;
}

interface Marked {
  readonly turned: Turned | null;
  readonly sections: readonly ProjectSection[];
  readonly needleMm: number | null;
  readonly set: Partial<FabricSection> | null;
  readonly rows: WrittenRows | null;
  readonly round: boolean;
  readonly times: number;
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

/** What cannot come before a fabric that was set has begun. */
const NEEDS_FABRIC: ReadonlySet<Step["does"]> = new Set(["castOffAt", "castOff", "hold", "divide"]);

/** What can come before the second side is said to match the first. */
const BESIDE: ReadonlySet<Step["does"]> = new Set(["match", "nothing", "sew"]);

/** "k18", "p2", "panel a over next 12 sts". */
const PLACED =
  /(?<![^ ])(?:([kp]) ?(\d+)(?: sts)?(?= |$)|(?:work )?(?:rows 1 )?([a-z][^]*?) over (?:next )?(\d+) sts(?= |$))/g;

/** Room for what one sentence adds, and for one that is not read, below what a piece can have. */
const MOST_SECTIONS = 70;

const WORDS_OF_TIMES: Readonly<Record<string, number>> = { two: 2, three: 3, four: 4 };
/** What is worked twice where nothing else is said. */
const IN_PAIRS = /\b(?:sleeves|mittens|mitts|socks|gloves|arm(?:hole)? ?bands)\b/i;

/** Where a ground is another on one side of one row alone. */
const SINGLE = { knit: "stockinette", purl: "reverse" } as const;

export class PieceReader {
  sections: ProjectSection[] = [];
  times = 1;
  round = false;
  /** Whether its name tells that it is worked oftener than any piece is, or never. */
  readonly oftenBeyond: boolean;
  /** Stitches behind sections that only their rows tell. */
  readonly counts = new Map<string, number>();
  /** Rows of sections that only their panels or their text tell. */
  readonly rowCounts = new Map<string, number>();
  private needleMm: number | null = null;
  /** What was set, and is worked over the next length that is said. */
  private set: Partial<FabricSection> | null = null;
  private rows: WrittenRows | null = null;
  /** The needle divided by turning: the second side is still to be worked. */
  private turned: Turned | null = null;

  constructor(
    readonly id: string,
    readonly name: string,
    private readonly context: Context,
  ) {
    const told = /\((?:make|work|knit)\s+(\d+|two|three|four)/i.exec(name)?.[1]?.toLowerCase();
    const times = told ? Number(WORDS_OF_TIMES[told] ?? told) : IN_PAIRS.test(name) ? 2 : 1;
    this.oftenBeyond = times < COUNTS.times.least || times > COUNTS.times.most;
    this.times = this.oftenBeyond ? 1 : times;
  }

  get stitches(): number | null {
    return this.sections.reduce<number | null>((have, section) => behind(section, have, this.counts), null);
  }

  private get divided(): boolean {
    return this.sections.some(({ kind }) => kind === "divide");
  }

  private add<Kind extends SectionKind>(kind: Kind, given: Partial<SectionOf<Kind>> = {}): string {
    const id = `${this.id}/${this.sections.length + 1}`;
    const made = sectionSchema.safeParse({ kind, id, needleMm: this.needleMm, ...given });
    if (!made.success) throw new Beyond();
    this.sections.push(made.data);
    return id;
  }

  /** A fabric over an extent; `repeat` are the rows after which it comes again, where it may be counted by them. */
  private fabric(given: Partial<FabricSection>, extent: Extent, repeat: number | null = null): Done {
    const over = this.extent(extent);
    if (over === null) return { ok: true, sections: [] };
    if ("code" in over) return no(over);
    if (extent.by === "times" && repeat === null) return no(say("patternNoRowsToRepeat"));
    const id = this.add("fabric", { ...given, ...over });
    if (extent.by === "times" && repeat !== null) this.rowCounts.set(id, repeat * extent.times);
    return { ok: true, sections: [id] };
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
    return { by: "length", lengthMm: rest };
  }

  private get rowMm(): number {
    return 100 / this.context.gauge.rowsPer10Cm;
  }

  /** How high the work is since its first edge, or since its armhole, in plain rows. */
  private heightMm(from: "piece" | "armhole", sections: readonly ProjectSection[]): number {
    const first = from === "armhole" ? sections.findIndex(({ kind }) => kind === "castOffAt") : 0;
    return sections
      .slice(Math.max(0, first))
      .reduce((sum, section) => sum + heightOf(section, this.rowCounts, this.rowMm), 0);
  }

  private needleOf(needle: Needle): number | null {
    const { smallerMm, mainMm } = this.context.needles;
    if ("mm" in needle) {
      const { least, most } = LENGTHS.needle;
      if (needle.mm < least || needle.mm > most) throw new Beyond();
      return needle.mm === mainMm ? null : needle.mm;
    }
    return needle.which === "smaller" ? smallerMm : null;
  }

  /** Which edge is meant: the right one is the outer one, unless this is a front that is worn at the right. */
  private at(edge: Edge, side: "RS" | "WS" | null): "edges" | "outer" | "inner" {
    const rightFront = /\bright\b/i.test(this.name) && !this.divided;
    if (edge === "edges") return this.divided ? "outer" : "edges";
    if (edge === "beginning") {
      const right = side === null ? this.nextIsRight : side === "RS";
      return right ? "outer" : "inner";
    }
    if (edge === "neck") return rightFront ? "outer" : "inner";
    return rightFront ? "inner" : "outer";
  }

  /** Whether the next row is one of the right side; what is worked to a length ends with one of the wrong side. */
  private get nextIsRight(): boolean {
    const odd = this.sections.reduce(
      (sum, section) =>
        section.kind === "fabric" && section.by === "length"
          ? 0
          : sum + (rowsOf(section, this.rowCounts) ?? 0),
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
    if (this.turned?.rejoined && !BESIDE.has(step.does)) return no(say("patternSecondSide"));
    if (this.set && NEEDS_FABRIC.has(step.does)) return no(say("patternHowFar"));
    switch (step.does) {
      case "nothing":
      case "sew":
        return { ok: true, sections: [] };
      case "needle":
        if ("which" in step.needle && !this.context.needles.smallerMm) return no(say("patternWhichNeedle"));
        this.needleMm = this.needleOf(step.needle);
        return { ok: true, sections: [] };
      case "inRound":
        if (this.hasRows && !this.round) return no(say("patternRoundsInRows"));
        this.round = true;
        this.sections = this.sections.map((section) =>
          section.kind === "pickUp" ? { ...section, round: true } : section,
        );
        return { ok: true, sections: [] };
      case "castOn": {
        if (step.needle && "which" in step.needle && !this.context.needles.smallerMm)
          return no(say("patternWhichNeedle"));
        if (step.needle) this.needleMm = this.needleOf(step.needle);
        if (step.round) this.round = true;
        return {
          ok: true,
          sections: [this.add("castOn", { stitches: step.stitches, method: step.method ?? "longTail" })],
        };
      }
      case "pickUp": {
        const total = step.stitches > 0 ? step.stitches : (printed ?? 1);
        return {
          ok: true,
          sections: [this.add("pickUp", { stitches: total, round: step.round, held: step.held })],
        };
      }
      case "ground":
        if (!step.extent) {
          this.set = { content: "ground", ground: step.ground };
          return { ok: true, sections: [] };
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
        if (!step.extent) return { ok: true, sections: [] };
        if (this.set) {
          const { set } = this;
          this.set = null;
          return this.fabric(set, step.extent);
        }
        if (this.rows && this.sections.at(-1)?.id === this.rows.sectionId)
          return this.repeatRows("these", step.extent);
        if (step.inPattern && !this.hasPattern && this.context.panels.size > 0)
          return this.onlyPanel(step.extent);
        if (!this.sections.some(({ kind }) => kind === "fabric" || kind === "written"))
          return no(say("patternNothingToGoOn"));
        return this.fabric({ content: "asBefore" }, step.extent);
      }
      case "repeatRows":
        return this.repeatRows(step.rows, step.extent);
      case "panel":
        return this.panel(step.named, step.extent);
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
        const at = this.at(step.at, step.side);
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
        if (step.stitches !== null && have !== null && step.stitches !== have)
          return no(say("patternOtherCount", { printed: step.stitches, have }));
        return { ok: true, sections: [this.add("castOff", { method: step.method })] };
      case "hold":
        if (step.stitches !== null && have !== null && step.stitches !== have)
          return no(say("patternOtherCount", { printed: step.stitches, have }));
        return { ok: true, sections: [this.add("hold")] };
      case "divide": {
        const centre = step.centre ?? 0;
        const told = step.each === null ? have : 2 * step.each + centre;
        if (have !== null && told !== have) return no(say("patternOtherCount", { printed: told ?? 0, have }));
        return { ok: true, sections: [this.add("divide", { centre, centreTo: step.goes })] };
      }
      case "turn": {
        if (have === null) return no(say("patternCountUnknown"));
        const centre = have - 2 * step.each;
        if (centre < 0) return no(say("patternOtherCount", { printed: 2 * step.each, have }));
        const id = this.add("divide", { centre, centreTo: "hold" });
        this.turned = { id, centre, rejoined: false };
        return { ok: true, sections: [id] };
      }
      case "rejoin":
        return this.rejoin(step);
      case "match":
        if (!this.turned?.rejoined) return no(say("patternNoFirstSide"));
        this.turned = null;
        return { ok: true, sections: [] };
      case "as":
        return this.as(step);
      case "more":
        // A second one of what is worked in pairs is one of the two.
        if (this.times >= COUNTS.times.most) throw new Beyond();
        this.times = step.second ? Math.max(2, this.times) : this.times + 1;
        return { ok: true, sections: [] };
    }
  }

  private shape(step: Extract<Step, { does: "shape" }>, printed: number | null): Done {
    const have = this.stitches;
    const at = this.at(step.at, null);
    const edges = at === "edges" ? 2 : 1;
    const each = step.stitches * edges;
    const to = step.to ?? (step.times === null || step.andNext ? printed : null);
    let { times } = step;
    if (to !== null && have !== null) {
      const counted = Math.abs(have - to) / each;
      if (!Number.isInteger(counted)) return no(say("patternOtherCount", { printed: to, have }));
      // "Next and every following 4th row 5 times" is five or six: the count behind it says which.
      const oneMore = step.andNext && counted === (times ?? 0) + 1;
      if (times !== null && counted !== times && !oneMore)
        return no(say("patternOtherCount", { printed: to, have }));
      times = counted;
    } else if (step.andNext && step.how === "more") times = (times ?? 0) + 1;
    else if (step.andNext && times !== null) return no(say("patternHowOften", { times }));
    if (times === null) return no(say("patternCountUnknown"));
    if (times === 0) return { ok: true, sections: [] };
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
    const rows = first > 1 ? first - 1 : this.set ? Math.max(2, every - 1) : 0;
    if (rows === 0) return [];
    const fabric = this.set ?? { content: "asBefore" as const };
    this.set = null;
    return [this.add("fabric", { ...fabric, by: "rows", rows })];
  }

  /** The middle, of which the first side did not say what becomes of it. */
  private rejoin({ centre, goes }: Extract<Step, { does: "rejoin" }>): Done {
    const { turned } = this;
    if (!turned) return no(say("patternNoFirstSide"));
    const told = centre ?? 0;
    if (told !== turned.centre) return no(say("patternOtherCount", { printed: told, have: turned.centre }));
    this.sections = this.sections.map((section) =>
      section.id === turned.id && section.kind === "divide" ? { ...section, centreTo: goes } : section,
    );
    this.turned = { ...turned, rejoined: true };
    return { ok: true, sections: [] };
  }

  private panel(named: string, extent: Extent): Done {
    const known =
      this.context.panels.get(named.replace(/ (?:panel|pattern)$/, "")) ?? this.context.panels.get(named);
    return known ? this.panelOver(known, extent) : no(say("patternNoSuchPanel", { name: named }));
  }

  private panelOver(known: KnownPanel, extent: Extent): Done {
    const have = this.stitches;
    const { before, of, after } = known.repeat;
    const times = have === null ? NaN : (have - before - after) / of;
    if (!Number.isInteger(times) || times < 1)
      return no(
        say("patternPanelDoesNotFit", { name: known.panel.name, of, have: have ?? 0, more: before + after }),
      );
    return this.fabric(
      { content: "panels", edge: 0, across: [{ panelId: known.panel.id, times, joined: "repeat" }] },
      extent,
      known.rows,
    );
  }

  /** Panels side by side, with knits and purls between them; they are worked with what comes next. */
  private place(across: string): Done {
    const parts = [...across.matchAll(PLACED)];
    const rest = across.replace(PLACED, "").trim();
    if (parts.length === 0 || rest !== "") return no(say("patternNotUnderstood"));
    const placed: FabricSection["across"] = [];
    let sum = 0;
    for (const [, face, count, named, over] of parts) {
      if (face !== undefined) {
        const times = Number(count);
        sum += times;
        placed.push({
          panelId: face === "k" ? "stockinette" : "reverse-stockinette",
          times,
          joined: "repeat",
        });
        continue;
      }
      const known = this.context.panels.get((named ?? "").trim());
      if (!known) return no(say("patternNoSuchPanel", { name: (named ?? "").trim() }));
      const { before, of, after } = known.repeat;
      const times = (Number(over) - before - after) / of;
      if (!Number.isInteger(times) || times < 1)
        return no(
          say("patternPanelDoesNotFit", {
            name: known.panel.name,
            of,
            have: Number(over),
            more: before + after,
          }),
        );
      sum += Number(over);
      placed.push({ panelId: known.panel.id, times, joined: "repeat" });
    }
    const have = this.stitches;
    if (have !== null && sum !== have) return no(say("patternOtherCount", { printed: sum, have }));
    this.set = { content: "panels", edge: 0, across: placed };
    return { ok: true, sections: [] };
  }

  /** Rows as they are written; they are worked once, and may come again by a sentence behind them. */
  write(text: string, printed: number | null): Done {
    const have = this.stitches;
    const whole = `${this.context.keys}${have === null ? "" : `Cast on ${have} sts.\n`}${this.round ? "Worked in the round.\n" : ""}${text}`;
    const read = readPattern(whole, have);
    const wrong = read.findings.find(isWrong);
    if (!read.panel || !read.complete || wrong) {
      if (wrong) return no(wrong.message);
      return no(say("patternNotUnderstood"));
    }
    const id = this.add("written", { text: this.context.keys + text });
    const left = read.panel.rows.at(-1);
    const count = left ? stitchesOf(left) : have;
    if (count !== null) this.counts.set(id, count);
    this.rowCounts.set(id, read.panel.rows.length);
    this.rows = { text, sectionId: id, first: read.numbers[0] ?? 1, count: read.panel.rows.length };
    this.set = null;
    if (printed !== null && count !== null && printed !== count)
      return no(say("patternOtherCount", { printed, have: count }));
    return { ok: true, sections: [id] };
  }

  /** The rows before become a panel that is worked so often, the time that they are written counted in. */
  private repeatRows(meant: RowsMeant, extent: Extent): Done {
    const { rows } = this;
    const last = this.sections.at(-1);
    if (!rows || !last || last.id !== rows.sectionId) return no(say("patternNoRowsToRepeat"));
    const all =
      meant === "these" ||
      ("last" in meant
        ? meant.last === rows.count
        : meant.from === rows.first && meant.to === rows.first + rows.count - 1);
    if (!all) return no(say("patternOtherRows", { from: rows.first, to: rows.first + rows.count - 1 }));
    if (extent.by === "times" && extent.how === "said")
      return no(say("patternHowOften", { times: extent.times }));
    const before = this.sections
      .slice(0, -1)
      .reduce<number | null>((have, section) => behind(section, have, this.counts), null);
    if (before === null) return no(say("patternCountUnknown"));
    if (this.counts.get(last.id) !== before) return no(say("patternRowsDoNotClose"));
    this.sections.pop();
    const over: Extent =
      extent.by === "times" && extent.how === "more" ? { ...extent, times: extent.times + 1 } : extent;
    const text = `${this.context.keys}${this.round ? "Worked in the round.\n" : ""}Cast on ${before} sts.\n${rows.text}`;
    const panelId = this.context.addPanel(`${this.name}, rows from ${before} sts`, text);
    this.rows = null;
    return this.fabric(
      { content: "panels", edge: 0, across: [{ panelId, times: 1, joined: "whole" }] },
      over,
      rows.count,
    );
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
    const place = typeof upTo === "object" ? "shoulder" : upTo;
    const end =
      upTo === null
        ? like.sections.length
        : like.sections.findIndex((section, index) =>
            begins(place ?? "shoulder", section, like.sections.slice(0, index)),
          );
    if (end < 1) return no(say("patternNoSuchPlace", { name: like.name }));
    this.round ||= like.round;
    const ids: string[] = [];
    for (const section of like.sections.slice(0, end)) {
      const id = `${this.id}/${this.sections.length + 1}`;
      const count = like.counts.get(section.id);
      if (count !== undefined) this.counts.set(id, count);
      const rows = like.rowCounts.get(section.id);
      if (rows !== undefined) this.rowCounts.set(id, rows);
      this.sections.push({ ...(reversed ? swapped(section) : section), id });
      ids.push(id);
    }
    if (upTo === null || typeof upTo !== "object") return { ok: true, sections: ids };
    // Up to a height: what goes on evenly at the end ends there.
    const last = this.sections.at(-1);
    if (last?.kind !== "fabric") return no(say("patternNoSuchPlace", { name: like.name }));
    const over = this.extent(upTo, this.sections.slice(0, -1));
    if (over === null) return no(say("patternNoSuchPlace", { name: like.name }));
    if ("code" in over) return no(over);
    this.sections[this.sections.length - 1] = { ...last, ...over };
    return { ok: true, sections: ids };
  }

  /** Where the work is, to come back to it. */
  mark(): Marked {
    const { needleMm, set, rows, round, times, turned } = this;
    return { sections: [...this.sections], needleMm, set, rows, round, times, turned };
  }

  backTo({ sections, needleMm, set, rows, round, times, turned }: Marked) {
    this.turned = turned;
    this.sections = [...sections];
    this.needleMm = needleMm;
    this.set = set;
    this.rows = rows;
    this.round = round;
    this.times = times;
  }

  /** Something that nobody understood: it stands in the piece as rows that are not read, so that the answer says so. */
  unread(text: string): string | null {
    return this.sections.length > MOST_SECTIONS ? null : this.add("written", { text });
  }

  /** Whether a second side was never told of. */
  get halfDone(): boolean {
    return this.turned !== null;
  }

  /** Whether something was set, and no sentence said how far it is worked. */
  get waits(): boolean {
    return this.set !== null;
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
      sections: this.sections,
    };
  }
}

/** A name in capitals as it is spoken. */
const spoken = (name: string) =>
  name === name.toUpperCase() ? name.charAt(0) + name.slice(1).toLowerCase() : name;

export const repeatOfPanel = (panel: ProjectPanel): KnownPanel | null => {
  const read = readPattern(panel.text);
  const wrong = read.findings.some(isWrong);
  if (!read.panel || !read.complete || wrong) return null;
  return { panel, rows: read.panel.rows.length, repeat: repeatOf(panel.text, read) };
};
