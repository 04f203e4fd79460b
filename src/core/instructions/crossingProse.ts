/** Crossings that are told in words: "slip 2 sts to cn and hold in front, k2, k2 from cn". */
import { CROSSING_KINDS, type Crossing, type CrossingKind } from "../stitches/crossings";
import type { Face } from "../stitches/operations";
import { say, type Message } from "../words/message";
import { NUMBER, numberIn, timesIn } from "./numerals";

export type ToldCrossing =
  | { readonly ok: true; readonly crossing: Crossing; readonly length: number }
  | { readonly ok: false; readonly message: Message; readonly length: number };

const CN = "(?:cn|c\\.n\\.|cable[\\s-]+needle)";
const STS = "(?:\\s*(?:sts?|stitch(?:es)?))?";
const WHICH = "(?:first|second|1st|2nd|front|back)";
const HOLD =
  "(?:hold|held|leave|keep|let\\s+hang)(?:\\s+(?:it|them|this|cn))?\\s*(?:in|at|to)?\\s+(?:the\\s+)?(back|front)(?:\\s+of\\s+(?:the\\s+)?work)?";

/** Where a cable needle waits, and the stitches on it, counted in the order in which they came. */
interface Held {
  where: "front" | "back" | null;
  readonly name: string | null;
  readonly stitches: number[];
}

/** What is done with the needles, as the words say it. */
class Needles {
  private next = 0;
  private readonly held: Held[] = [];
  /** Stitches put back on the left needle, worked before the next one. */
  private readonly back: number[] = [];
  readonly worked: { readonly stitch: number; readonly face: Face }[] = [];
  /** Faces that are worked before it is said from which needle. */
  private open: Face[] = [];
  /** The first to be held is told by where it waits. */
  private first: Held | null = null;
  problem: Message | null = null;

  slip(count: number, name: string | null, where: Held["where"]): void {
    const stitches = Array.from({ length: count }, () => (this.next += 1) - 1);
    const held = { where, name, stitches };
    this.first ??= held;
    this.held.push(held);
  }

  hold(where: "front" | "back"): void {
    const last = this.held.at(-1);
    if (last) last.where = where;
  }

  /** The last of those held go back to the left needle. */
  giveBack(count: number): void {
    this.fromLeft();
    const held = this.held.findLast(({ stitches }) => stitches.length > 0);
    this.back.push(...(held?.stitches.splice(-count) ?? []));
  }

  work(faces: readonly Face[]): void {
    this.open.push(...faces);
  }

  /** What has been worked is from the left needle. */
  fromLeft(): void {
    for (const face of this.open) {
      const stitch = this.back.shift() ?? (this.next += 1) - 1;
      this.worked.push({ stitch, face });
    }
    this.open = [];
  }

  /** The last of what was worked is all that is held; before it comes what is from the left needle. */
  fromHeld(own: number, name: string | null): void {
    const named = (held: Held) =>
      held.stitches.length > 0 && (name === null || held.name === name || held.where === name);
    const held = this.held.findLast(named);
    const count = held?.stitches.length ?? 0;
    if (!held || own > count || this.open.length < count) {
      this.problem ??= say("heldOtherwise", { held: count, worked: own });
      return;
    }
    const from = this.open.splice(-count);
    this.fromLeft();
    from.forEach((face, at) => this.worked.push({ stitch: held.stitches[at] ?? 0, face }));
    held.stitches.length = 0;
  }

  /** Whether every needle is empty again. */
  get isDone(): boolean {
    return this.held.length > 0 && this.held.every(({ stitches }) => stitches.length === 0);
  }

  /** The crossing that came of it; null where it is none that Brenok knows. */
  get crossing(): Crossing | null {
    const order = this.worked.map(({ stitch }) => stitch);
    const width = order.length;
    const behind = order.indexOf(0);
    const last = order[0] ?? 0;
    const [first, beyond] = [width - behind, width - last];
    const centre = width - first - beyond;
    const wanted = [
      ...Array.from({ length: beyond }, (_, at) => last + at),
      ...Array.from({ length: centre }, (_, at) => first + at),
      ...Array.from({ length: first }, (_, at) => at),
    ];
    if (first < 1 || beyond < 1 || centre < 0 || order.some((stitch, at) => stitch !== wanted[at]))
      return null;
    const left = this.first?.where === "front";
    const of = { front: left ? first : beyond, centre, back: left ? beyond : first };
    const parts = [
      { part: left ? ("back" as const) : ("front" as const), from: 0, count: beyond },
      { part: "centre" as const, from: beyond, count: centre },
      { part: left ? ("front" as const) : ("back" as const), from: beyond + centre, count: first },
    ];
    for (const kind of Object.keys(CROSSING_KINDS) as CrossingKind[]) {
      const crossing = { ...of, lean: left ? "left" : "right", kind } as const;
      const { faceOf } = CROSSING_KINDS[kind];
      const fits = parts.every(({ part, from, count }) =>
        Array.from({ length: count }, (_, at) => at).every(
          (at) => faceOf(part, at, crossing) === this.worked[from + at]?.face,
        ),
      );
      if (fits) return crossing;
    }
    return null;
  }
}

/** A clause of the prose, and what it does. One more manner of saying is one more row. */
interface Clause {
  readonly pattern: RegExp;
  readonly act: (needles: Needles, parts: readonly (string | undefined)[]) => void;
}

/** More stitches than this cross nowhere. */
const MOST_CROSSED = 120;

const clause = (pattern: string, act: Clause["act"]): Clause => ({
  pattern: new RegExp(`^(?:${pattern})`, "i"),
  act,
});
const countIn = (said: string | undefined) => (said ? numberIn(said) : 1);
const whichOf = (said: string | undefined) =>
  said ? said.toLowerCase().replace("1st", "first").replace("2nd", "second") : null;
const faceOfWord = (word: string | undefined): Face => (/^p/i.test(word ?? "") ? "purl" : "knit");
const facesOf = (said: string): Face[] =>
  [...said.matchAll(new RegExp(`(knit|purl|k|p)\\s*(${NUMBER})`, "gi"))].flatMap(([, word, count]) =>
    Array.from({ length: countIn(count) }, () => faceOfWord(word)),
  );

const FROM_CN = `\\s+(?:off|from)\\s+(?:the\\s+)?(?:(${WHICH})\\s+)?${CN}`;
const FROM_LEFT = "\\s+(?:off|from)\\s+(?:the\\s+)?(?:left|lh)(?:[\\s-]+hand)?\\s+needle";

const CLAUSES: readonly Clause[] = [
  clause(
    `(?:sl|slip|place|put)\\s+(?:the\\s+)?(?:next\\s+|first\\s+)?(${NUMBER})?${STS}(?:\\s*(?:purlwise|pwise))?\\s+(?:on\\s*to|to|on)\\s+(?:a\\s+|the\\s+)?(?:(${WHICH})\\s+)?${CN}(?:\\s*,?\\s*(?:(?:and|&)\\s+)?${HOLD})?`,
    (needles, [count, which, where]) =>
      needles.slip(countIn(count), whichOf(which), (where?.toLowerCase() as Held["where"]) ?? null),
  ),
  clause(HOLD, (needles, [where]) => needles.hold(where?.toLowerCase() === "front" ? "front" : "back")),
  clause(
    `(?:sl|slip|place|put|return)\\s+(?:the\\s+)?(?:last\\s+|next\\s+|centre\\s+|center\\s+)?(${NUMBER})?${STS}\\s+(?:from|on)\\s+(?:the\\s+)?(?:${WHICH}\\s+)?${CN}\\s+(?:back\\s+)?(?:on\\s*)?to\\s+(?:the\\s+)?(?:left|lh)(?:[\\s-]+hand)?\\s+needle`,
    (needles, [count]) => needles.giveBack(countIn(count)),
  ),
  clause(
    `[\\[(]([^\\])]*)[\\])](?:\\s*(twice|${NUMBER}\\s+times))?(?:(${FROM_CN})|${FROM_LEFT})?`,
    (needles, [said = "", times, from, which]) => {
      const once = facesOf(said);
      const often = times === undefined ? 1 : (timesIn(times) ?? 1);
      if (once.length * often > MOST_CROSSED) {
        needles.problem = say("crossingToldUnknown");
        return;
      }
      const faces = Array.from({ length: often }, () => once).flat();
      needles.work(faces);
      if (from) needles.fromHeld(faces.length, whichOf(which));
    },
  ),
  clause(
    `(knit|purl|k|p)\\s*(?:the\\s+)?(?:next\\s+)?(${NUMBER})${STS}(?:\\s+(?:tbl))?(?:(${FROM_CN})|(${FROM_LEFT}))?`,
    (needles, [word, count, from, which, left]) => {
      const faces = Array.from({ length: countIn(count) }, () => faceOfWord(word));
      needles.work(faces);
      if (from) needles.fromHeld(faces.length, whichOf(which));
      if (left) needles.fromLeft();
    },
  ),
  // "knit the sts from cn"
  clause(`(knit|purl|k|p)\\s+(?:the\\s+)?(?:sts?|stitch(?:es)?)${FROM_CN}`, (needles, [word, which]) => {
    needles.work([faceOfWord(word)]);
    needles.fromHeld(1, whichOf(which));
  }),
];

const BETWEEN = /^(?:[\s,;.&]+|and\b|then\b|now\b)+/i;

/** Two stitches crossed without a third needle. */
const BY_HAND: readonly (readonly [RegExp, Crossing["lean"]])[] = [
  [
    new RegExp(
      "^k(?:nit)?\\s+(?:in)?to\\s+(?:the\\s+)?(?:front\\s+of\\s+(?:the\\s+)?(?:2nd|second)\\s+st(?:itch)?|(?:2nd|second)\\s+st(?:itch)?[^.]*?in\\s+front\\s+of\\s+(?:the\\s+)?first)[^.]*?(?:both|2|two)\\s+(?:sts?|stitches)\\s+(?:off|from)(?:\\s+(?:the\\s+)?(?:left\\s+)?needle)?(?:\\s+together)?",
      "i",
    ),
    "right",
  ],
  [
    new RegExp(
      "^k(?:nit)?\\s+(?:in)?to\\s+(?:the\\s+)?(?:back\\s+of\\s+(?:the\\s+)?(?:2nd|second)\\s+st(?:itch)?|(?:2nd|second)\\s+st(?:itch)?[^.]*?(?:behind\\s+(?:the\\s+)?first|through\\s+the\\s+back))[^.]*?(?:both|2|two)\\s+(?:sts?|stitches)\\s+(?:off|from)(?:\\s+(?:the\\s+)?(?:left\\s+)?needle)?(?:\\s+together)?",
      "i",
    ),
    "left",
  ],
];

/**
 * Reads the prose of a crossing from the beginning of a text; null where none begins there.
 * Example: "sl 1 st to cn and hold in back, k2, p1 from cn" is 2/1 RPC.
 */
export function readCrossingProse(text: string): ToldCrossing | null {
  for (const [pattern, lean] of BY_HAND) {
    const match = pattern.exec(text);
    if (match)
      return {
        ok: true,
        crossing: { front: 1, centre: 0, back: 1, lean, kind: "knit" },
        length: match[0].length,
      };
  }
  const [slip] = CLAUSES;
  if (!slip?.pattern.test(text)) return null;
  const needles = new Needles();
  let at = 0;
  for (;;) {
    const rest = text.slice(at);
    const found = CLAUSES.map(({ pattern, act }) => ({ match: pattern.exec(rest), act })).find(
      ({ match }) => match,
    );
    if (!found?.match) break;
    // Nobody crosses so many: told before anything is held.
    if ((found.match[0].match(/\d+/g) ?? []).some((count) => Number(count) > MOST_CROSSED))
      return { ok: false, message: say("crossingToldUnknown"), length: at + found.match[0].length };
    found.act(needles, found.match.slice(1));
    at += found.match[0].length;
    if (needles.problem) return { ok: false, message: needles.problem, length: at };
    if (needles.isDone) {
      const { crossing } = needles;
      return crossing
        ? { ok: true, crossing, length: at }
        : { ok: false, message: say("crossingToldUnknown"), length: at };
    }
    at += BETWEEN.exec(text.slice(at))?.[0].length ?? 0;
  }
  return { ok: false, message: say("crossingToldUnknown"), length: at };
}

/** Where the prose of a crossing may begin in a row. */
export const CROSSING_PROSE = new RegExp(
  `\\b(?:sl|slip|place|put)\\s+(?:the\\s+)?(?:next\\s+|first\\s+)?(?:${NUMBER})?${STS}(?:\\s*(?:purlwise|pwise))?\\s+(?:on\\s*to|to|on)\\s+(?:a\\s+|the\\s+)?(?:${WHICH}\\s+)?${CN}|\\bk(?:nit)?\\s+(?:in)?to\\s+(?:the\\s+)?(?:(?:front|back)\\s+of\\s+(?:the\\s+)?)?(?:2nd|second)\\s+st`,
  "gi",
);
