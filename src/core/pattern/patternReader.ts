/** Reads a whole pattern phrase by phrase. */
import type { ProjectPanel } from "../project/project";
import type { Seam } from "../project/finishing";
import type { Gauge } from "../stitches/plainStitch";
import { grams, metres } from "../units/brands";
import { say, type Message } from "../words/message";
import { usualPutUp } from "../yarn/classes";
import { assumedGauge } from "../yarn/thickness";
import { WITHIN, type Phrase } from "./cut";
import { gaugeIn, needlesIn, NO_FACTS, yarnIn, type Facts } from "./facts";
import { bare, FACT, partOf, PIECE, type Part } from "./parts";
import { repeatOfPanel, type KnownPanel } from "./knownPanel";
import { PieceReader } from "./pieceReader";
import { plainWords } from "./plainWords";
import { withoutCount } from "./printedCount";
import { seamsIn } from "./sewing";
import { forSize, sizesIn } from "./sizes";
import type { Step } from "./steps";
import type { Taken, TakenPhrase, WholeOptions } from "./taken";
import { readWork } from "./workForms";

/** What a sentence of work is headed by: "Shape armholes: …". */
const LEAD =
  /^\s*(?:(?:shap(?:e|ing)|divid(?:e|ing))[\w ]{0,30}|(?:(?:back|front|left|right|first|second) )?(?:armholes?|necks?|shoulders?|raglans?|caps?|v-neck|neckline|crown|body|hem|ribbing|rib)(?: shaping)?):\s*/i;

/** Rows with a number of their own. */
const NUMBERED = /^\s*(?:(?:rows?|rnds?|rounds?)\s*\d|\d+(?:st|nd|rd|th)\b)/i;

/** What makes another yarn of it than the one that is read. */
const SEVERAL_YARNS =
  /\bheld (?:double|together|doubled|triple)\b|\b(?:two|2|three|3|double|triple) strands?\b|\bcontrast(?:ing)? colou?r\b|\b(?:MC|CC\d?)\b|\bcolou?r [B-F]\b/i;

/** "Cast on 64 sts", and no key that says how it is done. */
const CASTS_ON = /^[^=:]*\b(?:cast on|CO) \d/i;

const ROUNDS = /\b(?:rnds?|rounds?)\b/i;

const NOTHING = "";

const slug = (name: string, taken: ReadonlySet<string>): string => {
  const base =
    bare(name)
      .toLowerCase()
      .replace(/\(.*?\)/g, "")
      .replace(/[^a-z\d]+/g, "-")
      .replace(/^-|-$/g, "")
      .slice(0, 24) || "piece";
  let id = base;
  for (let next = 2; taken.has(id); next += 1) id = `${base}-${next}`;
  return id;
};

/** More pieces than this no project has; what comes behind them is not read. */
const MOST_PIECES = 40;

/** More panels than this no pattern has. */
const MOST_PANELS = 200;

/** A row as it is written in one line. */
const oneLine = (said: string) => said.replace(/\s+/g, " ").trim();

/** What a row says behind "Next row (RS):". */
const withoutLabel = (said: string) => said.replace(/^[^:]*:\s*/, "");

/** "Inc row (RS):" and "Foundation row:" are the next one. */
const asNextRow = (said: string) =>
  said.replace(
    /^(\s*)(?:set-?up|foundation|inc(?:rease)?|dec(?:rease)?|buttonhole|pattern)\s+(row|rnd|round)\b/i,
    "$1Next $2",
  );

/** A row with its full stop. */
const ended = (said: string) => (/[.)]$/.test(said) ? said : `${said}.`);

const sameEdges = (one: Seam, other: Seam) =>
  JSON.stringify([one.of, one.to]) === JSON.stringify([other.of, other.to]);

/** Names by which a panel can be called: "Panel A (24 sts)" is "panel a", and "rope" is "rope panel" too. */
function namesOf(name: string): readonly string[] {
  const plain = name
    .toLowerCase()
    .replace(/\(.*?\)/g, "")
    .trim();
  const words = plainWords(plain).trim();
  return [
    ...new Set([
      plain,
      words,
      words.replace(/ (?:panel|pattern)$/, ""),
      words.replace(/^(?:panel|pattern) /, ""),
    ]),
  ];
}

/** Goes through the phrases of a pattern from the first to the last, and keeps what it makes of them. */
export class PatternReader {
  facts: Facts = { ...NO_FACTS };
  title = "";
  sizes: readonly string[] = [];
  readonly taken: TakenPhrase[] = [];
  readonly pieces: PieceReader[] = [];
  readonly panels: ProjectPanel[] = [];
  readonly known = new Map<string, KnownPanel>();
  private readonly unreadPanels = new Set<string>();
  readonly seams: Seam[] = [];
  private keys = "";
  private marksPassed = 0;
  private part: Part = "top";
  private piece: PieceReader | null = null;
  private heading = "";
  /** The last heading that can be the name of a chart. */
  private named = "";

  constructor(
    private readonly phrases: readonly Phrase[],
    private readonly marks: readonly number[],
    private readonly options: WholeOptions,
  ) {}

  run() {
    this.sizes = this.findSizes();
    for (let index = 0; index < this.phrases.length; index += 1) {
      const phrase = this.phrases[index] as Phrase;
      this.passMarks(phrase.from);
      if (phrase.kind === "heading") this.begin(phrase, this.phrases[index + 1]);
      else if (phrase.kind === "row") index = this.rowsFrom(index) - 1;
      else if (phrase.kind === "chart") this.chart(phrase);
      else if (phrase.key)
        this.put(phrase, {
          as: "fact",
          fact: say("signExplained", { name: phrase.key.sign, key: phrase.key.words }),
        });
      else this.sentence(phrase);
    }
  }

  /** Marks before a place in the text stand where the piece is that is worked. */
  private passMarks(before: number) {
    while ((this.marks[this.marksPassed] ?? Infinity) < before) {
      this.piece?.markHere();
      this.marksPassed += 1;
    }
  }

  private findSizes(): readonly string[] {
    const told = this.phrases.find(
      ({ kind }, index) =>
        kind !== "heading" &&
        this.phrases[index - 1]?.kind === "heading" &&
        /^\s*(?:sizes?|to fit)/i.test(this.phrases[index - 1]?.text ?? ""),
    );
    const inline = this.phrases.find(({ text }) => /^\s*(?:sizes?|to fit)\b/i.test(text));
    return sizesIn(told?.text ?? inline?.text ?? "");
  }

  private put({ from, to, text, chart }: Phrase, taken: Taken, printed: number | null = null) {
    this.taken.push({ from, to, text, taken, printed, ...(chart && { chart }) });
  }

  private begin(phrase: Phrase, under: Phrase | undefined) {
    const name = bare(phrase.text);
    const isTitle = this.part === "top" && this.title === "" && under?.kind !== "chart";
    if (isTitle && !FACT.test(name) && !PIECE.test(name)) {
      this.title = name;
      return this.put(phrase, { as: "title" });
    }
    const inPiece = this.piece !== null;
    if (inPiece && WITHIN.test(name) && under?.kind !== "heading") {
      this.part = "piece";
      return this.put(phrase, { as: "heading", pieceId: null });
    }
    this.heading = name;
    this.part = partOf(phrase.text, under, inPiece);
    if (this.part !== "keys") this.named = name;
    if (this.part === "piece") {
      if (inPiece && !PIECE.test(name) && !/cast on|pick up|as for/i.test(under?.text ?? ""))
        return this.put(phrase, { as: "heading", pieceId: null });
      const begun = this.beginPiece(name);
      if (begun?.oftenBeyond) return this.unread(phrase, null, say("patternBeyond"), null);
    } else if (this.part !== "panel") this.piece = null;
    this.put(phrase, { as: "heading", pieceId: this.part === "piece" ? (this.piece?.id ?? null) : null });
  }

  /** Begins a piece; null where there are as many as a project can have. */
  private beginPiece(name: string): PieceReader | null {
    if (this.pieces.length >= MOST_PIECES) {
      this.piece = null;
      this.part = "notes";
      return null;
    }
    const id = slug(name, new Set(this.pieces.map((one) => one.id)));
    this.piece = new PieceReader(id, name, {
      gauge: this.gauge,
      needles: this.needles,
      panels: this.known,
      unreadPanels: this.unreadPanels,
      keys: this.keys,
      pieces: this.pieces,
      addPanel: (title, text) => this.addPanel(title, text).id,
    });
    this.pieces.push(this.piece);
    return this.piece;
  }

  /** Begins a piece with a sentence of its work. */
  private beginWith(name: string, phrase: Phrase, said: string) {
    this.part = "piece";
    const piece = this.beginPiece(name);
    if (piece) this.work(phrase, piece, said);
    else this.unread(phrase, null, say("patternTooLong"), null);
  }

  get gauge(): Gauge {
    const { gauge, yarn } = this.facts;
    const usual = usualPutUp("aran");
    const putUp = yarn?.putUp ?? { massG: grams(usual.massG), lengthM: metres(usual.lengthM) };
    const assumed = assumedGauge(putUp);
    if (!gauge) return assumed;
    return {
      stitchesPer10Cm: gauge.stitchesPer10Cm,
      rowsPer10Cm:
        gauge.rowsPer10Cm ?? (gauge.stitchesPer10Cm * assumed.rowsPer10Cm) / assumed.stitchesPer10Cm,
    };
  }

  get needles() {
    const all = this.facts.needles;
    const mainMm = all.length > 0 ? Math.max(...all) : null;
    // Of three sizes nobody knows which is the smaller one.
    const smallerMm = all.length === 2 ? Math.min(...all) : null;
    return { mainMm, smallerMm };
  }

  private addPanel(name: string, text: string): ProjectPanel {
    const id = slug(`own ${name}`, new Set(this.panels.map((one) => one.id)));
    const panel = {
      id,
      name,
      text,
      notes: "",
      origin: { from: this.title.slice(0, 200), version: "", date: "", text },
    };
    this.panels.push(panel);
    return panel;
  }

  /** Words of a phrase as they hold for the chosen size, or as the knitter settled them. */
  private said(phrase: Phrase): string {
    const settled = this.options.settled?.[phrase.text.trim()];
    const { size = 0 } = this.options;
    return forSize(settled ?? phrase.text, size, this.sizes.length);
  }

  private sentence(phrase: Phrase) {
    const said = this.said(phrase);
    if (said === NOTHING) return this.put(phrase, { as: "note" });
    if (this.part === "piece" && this.piece) return this.work(phrase, this.piece, said);
    if (this.part === "finishing") return this.sew(phrase, said);
    // What casts stitches on ends a list of abbreviations, heading or not.
    if (this.part === "keys" && !CASTS_ON.test(said)) {
      this.keys += `${said}\n`;
      return this.put(phrase, { as: "note" });
    }
    const several = SEVERAL_YARNS.test(said);
    const fact =
      several || /\b(?:cast on|bind off|cast off|pick up)\b/i.test(said) ? null : this.factOf(said);
    if (fact) return this.put(phrase, { as: "fact", fact });
    if (this.part === "gauge" && gaugeIn(said) === "beyond")
      return this.unread(phrase, null, say("patternBeyond"), null);
    if (this.part === "top" && this.title === "") {
      this.title = bare(said).slice(0, 120);
      return this.put(phrase, { as: "title" });
    }
    if (CASTS_ON.test(said) && this.part !== "panel") {
      return this.beginWith(this.title || "Piece", phrase, said);
    }
    if (several) return this.unread(phrase, null, say("patternSeveralYarns"), null);
    if (readWork(plainWords(said))?.some(({ does }) => does !== "nothing" && does !== "needle"))
      return this.unread(phrase, null, say("patternOutside"), null);
    this.put(phrase, { as: "note" });
  }

  private factOf(said: string): Message | null {
    if (this.part === "gauge" || (this.part === "top" && /gauge|tension/i.test(said))) {
      const gauge = gaugeIn(said);
      if (gauge === "pattern") return say("patternGaugeInPattern");
      if (gauge === "beyond") return null;
      if (gauge && !this.facts.gauge) {
        this.facts = { ...this.facts, gauge };
        this.addNeedles(needlesIn(said, this.part));
        return say("patternGauge", { stitches: gauge.stitchesPer10Cm, rows: gauge.rowsPer10Cm });
      }
    }
    if (this.part === "sizes")
      return this.sizes.length > 1 ? say("patternSizes", { sizes: this.sizes.length }) : null;
    const needles = needlesIn(said, this.part);
    if (needles.length > 0 && ["needles", "yarn", "gauge", "top"].includes(this.part)) {
      this.addNeedles(needles);
      if (this.part !== "yarn" || !yarnIn(said))
        return say("patternNeedles", { least: Math.min(...needles), most: Math.max(...needles) });
    }
    if (this.part !== "yarn" && this.part !== "top") return null;
    const yarn = yarnIn(said);
    if (!yarn) return null;
    this.facts = {
      ...this.facts,
      yarn: this.facts.yarn?.putUp ? this.facts.yarn : (yarn.yarn ?? this.facts.yarn),
      balls: this.facts.balls ?? yarn.balls,
      needM: this.facts.needM ?? yarn.needM,
    };
    return say("patternYarn", { balls: yarn.balls, name: yarn.yarn?.name ?? "" });
  }

  private addNeedles(needles: readonly number[]) {
    this.facts = { ...this.facts, needles: [...new Set([...this.facts.needles, ...needles])] };
  }

  private work(phrase: Phrase, piece: PieceReader, given: string): void {
    const { said: whole, printed } = withoutCount(given);
    const said = whole.replace(LEAD, "");
    let steps = readWork(plainWords(said)) ?? this.parted(said);
    // "Next row: dec 1 st each end" is work as any other.
    if (!steps && phrase.kind === "row") {
      const behind = withoutLabel(said);
      steps =
        readWork(plainWords(behind)) ?? readWork(plainWords(`next row ${behind}`)) ?? this.parted(behind);
    }
    if (!steps) return this.unread(phrase, piece, say("patternNotUnderstood"), printed);
    const sections: string[] = [];
    const before = piece.mark();
    // "Work 6 rounds in rib" is said of a round, whether or not a join was told.
    const inRound: readonly Step[] = ROUNDS.test(said) && !piece.round ? [{ does: "inRound" }] : [];
    for (const step of [...inRound, ...steps]) {
      if (step.does === "sew") continue;
      const done = piece.do(step, printed);
      if (!done.ok) {
        // Of a sentence of several parts all are worked, or none.
        piece.backTo(before);
        return this.unread(phrase, piece, done.message, printed);
      }
      sections.push(...done.sections);
    }
    if (steps.every(({ does }) => does === "sew")) return this.sew(phrase, said);
    const have = piece.stitches;
    const off = printed !== null && have !== null && have > 0 && have !== printed;
    const wrong = off ? say("patternOtherCount", { printed, have }) : null;
    this.put(phrase, { as: "work", pieceId: piece.id, sections, wrong }, printed);
  }

  /** A sentence of several that are joined by commas or semicolons, each of which is understood by itself. */
  private parted(said: string) {
    for (const sign of [/;\s+/, /,\s+(?:and\s+)?(?:then\s+)?/, /\s+and,?\s+(?:then\s+)?/]) {
      const parts = said.split(sign).filter((part) => part.trim() !== "");
      if (parts.length < 2 || parts.length > 6) continue;
      // "Bind off 8 sts at beg of next 4 rows, then 7 sts at beg of foll 2 rows": the verb is said once.
      const verb = /^[^\d]*/.exec(parts[0] ?? "")?.[0] ?? "";
      const each = parts.map((part) => readWork(plainWords(/^\s*\d/.test(part) ? verb + part : part)));
      if (each.every((steps) => steps !== null)) return each.flatMap((steps) => steps ?? []);
    }
    return null;
  }

  private unread(phrase: Phrase, piece: PieceReader | null, why: Message, printed: number | null) {
    const sectionId = piece?.unread(phrase.text.slice(0, 2000)) ?? null;
    this.put(phrase, { as: "unread", why, pieceId: piece?.id ?? null, sectionId }, printed);
  }

  private sew(phrase: Phrase, said: string): void {
    const found = seamsIn(plainWords(said), this.pieces, this.seams.length);
    if (found) {
      // "Join right shoulder … Join left shoulder" is one seam that is sewn twice, told in two places.
      const known = (seam: Seam) => this.seams.find((one) => sameEdges(one, seam));
      const seams = found.map((seam) => known(seam)?.id ?? seam.id);
      this.seams.push(...found.filter((seam) => !known(seam)));
      return this.put(phrase, { as: "seam", seams });
    }
    const steps = readWork(plainWords(said)) ?? this.parted(said);
    if (steps?.every(({ does }) => does === "nothing")) return this.put(phrase, { as: "note" });
    if (/\b(?:pick up|cast on|knit|work)\b/i.test(said)) {
      return this.beginWith("Band", phrase, said);
    }
    this.unread(phrase, null, say("patternNotUnderstood"), null);
  }

  /** Rows that stand one behind the other; the index of what follows them. */
  private rowsFrom(index: number): number {
    let end = index;
    while (this.phrases[end]?.kind === "row") end += 1;
    const rows = this.phrases.slice(index, end);
    const { part, piece } = this;
    if (part === "piece" && piece) {
      this.rowsOf(piece, rows);
      return end;
    }
    const misplaced = part === "finishing" ? say("patternOutside") : null;
    const tooMany = this.panels.length >= MOST_PANELS ? say("patternTooLong") : null;
    const why = misplaced ?? tooMany;
    if (why) {
      for (const row of rows) this.unread(row, null, why, null);
      return end;
    }
    const said = rows.filter((row) => this.said(row) !== NOTHING);
    const text = this.keys + said.map((row) => oneLine(this.said(row))).join("\n");
    const { panel, known } = this.learn(this.heading || "Panel", text);
    for (const row of rows)
      this.put(
        row,
        !said.includes(row)
          ? { as: "note" }
          : known
            ? { as: "panel", panelId: panel.id }
            : { as: "unread", why: say("patternPanelNotRead"), pieceId: null, sectionId: null },
      );
    return end;
  }

  /** A panel of the pattern, and what is known of it; null where not all of its rows are read. */
  private learn(title: string, text: string) {
    const panel = this.addPanel(title, text);
    const known = repeatOfPanel(panel);
    for (const name of namesOf(title))
      if (known) this.known.set(name, known);
      else this.unreadPanels.add(name);
    return { panel, known };
  }

  /** A chart that is drawn in signs: a panel, as rows are. */
  private chart(phrase: Phrase) {
    const { rows = null, faults = [] } = phrase.chart ?? {};
    const tooMany = this.panels.length >= MOST_PANELS ? say("patternTooLong") : null;
    if (rows === null) for (const name of namesOf(this.named || "Chart")) this.unreadPanels.add(name);
    if (rows === null || tooMany)
      return this.unread(phrase, null, tooMany ?? faults[0]?.why ?? say("patternNotUnderstood"), null);
    const { panel, known } = this.learn(this.named || "Chart", rows);
    if (known) this.put(phrase, { as: "panel", panelId: panel.id });
    else this.unread(phrase, null, say("patternPanelNotRead"), null);
  }

  /** Rows of a piece: those that say what other sentences do are worked as these; the others stand as they are written. */
  private rowsOf(piece: PieceReader, rows: readonly Phrase[]) {
    let block: Phrase[] = [];
    const flush = () => {
      if (block.length === 0) return;
      const printed = withoutCount(this.said(block.at(-1) as Phrase)).printed;
      // The counts behind the rows stay with them: each is held against its own row.
      const lines = block.map((row) => ended(oneLine(asNextRow(this.said(row)))));
      const done = piece.write(lines.join("\n"), printed);
      const taken: Taken = done.ok
        ? { as: "work", pieceId: piece.id, sections: done.sections, wrong: null }
        : {
            as: "unread",
            why: done.message,
            pieceId: piece.id,
            sectionId: piece.unread(
              block
                .map(({ text }) => text)
                .join("\n")
                .slice(0, 20_000),
            ),
          };
      for (const row of block) this.put(row, taken, row === block.at(-1) ? printed : null);
      block = [];
    };
    for (const row of rows) {
      const said = this.said(row);
      if (said === NOTHING) {
        this.put(row, { as: "note" });
        continue;
      }
      const { said: bareSaid } = withoutCount(said);
      const behind = withoutLabel(bareSaid);
      const asWork =
        !NUMBERED.test(bareSaid) &&
        (readWork(plainWords(bareSaid)) ?? readWork(plainWords(behind)) ?? this.parted(behind));
      if (asWork) {
        flush();
        this.work(row, piece, said);
        continue;
      }
      // A row without a number is worked once, by itself.
      const numbered = NUMBERED.test(bareSaid);
      if (!numbered) flush();
      block.push(row);
      if (!numbered) flush();
    }
    flush();
  }
}
