/** What a pattern says between its rows: how often they are worked, over how many stitches, flat or in the round. */
import type { Span } from "./ast";
import { NUMBER, numberIn, timesIn } from "./numerals";

/** What a sentence comes to. */
export type Sentence =
  /** Rows worked again; `rows` null for all of them, `last` for so many before it. */
  | {
      readonly says: "again";
      readonly rows: readonly number[] | null;
      readonly last: number | null;
      /** How many rows it counts, where it does. */
      readonly of: number | null;
      readonly more: number | null;
    }
  /** So many rows in which each stitch is worked as it shows. */
  | { readonly says: "even"; readonly rows: number }
  /** Rows up to that one go on as those before, with the next rows of their panels. */
  | { readonly says: "asSet"; readonly upTo: number }
  /** The stitches that it is worked over; `round` leaves open that more lie beside them. */
  | { readonly says: "stitches"; readonly stitches: number }
  | { readonly says: "manner"; readonly round: boolean }
  /** Nothing that stitches hang on. */
  | { readonly says: "nothing" };

/** What stands between rows and was understood; `after` is how many rows stand before it. */
export interface Said extends Span {
  readonly sentence: Sentence;
  readonly after: number;
}

type Read = (parts: readonly (string | undefined)[], all: string) => Sentence | null;

const NOTHING: Sentence = { says: "nothing" };
const ROWS = "(?:rows?|rnds?|rounds?)";
const LIST = `((?:\\d+(?:st|nd|rd|th)?|,|-|–|and|to|thru|through|&|\\s)+)`;
const STS = "(?:sts?|stitches)";

/** Rows of a list. Example: "1-4" and "1 to 4" are 1, 2, 3, 4; "1 and 3" are 1, 3. */
export function rowsIn(list: string): readonly number[] {
  const rows: number[] = [];
  for (const [, from, to] of list.matchAll(
    /(\d+)(?:st|nd|rd|th)?(?:\s*(?:-|–|to|thru|through)\s*(\d+))?/gi,
  )) {
    const [first, last] = [Number(from), Number(to ?? from)];
    for (let row = first; row <= Math.min(last, first + 2000) && rows.length < 4000; row += 1) rows.push(row);
  }
  return rows;
}

const again = (said: Partial<Extract<Sentence, { says: "again" }>>): Sentence => ({
  says: "again",
  rows: null,
  last: null,
  of: null,
  more: null,
  ...said,
});

/** One more manner of saying is one more row; the first that fits counts. */
const SENTENCES: readonly (readonly [RegExp, Read])[] = [
  // "Rep rows 1-8 five more times", "Work Rows 1-4 three times", "Continue to repeat rows 1-4 until …"
  [
    new RegExp(
      `^(?:\\*+\\s*)?(?:now\\s+|then\\s+)?(?:cont(?:inue)?\\s+(?:to\\s+)?)?(?:rep(?:eat(?:ing)?)?|work)\\s+(?:pattern\\s+)?${ROWS}\\s+${LIST}(.*)$`,
      "is",
    ),
    ([list = "", rest = ""]) =>
      /^\s*(?:once|twice|thrice|(?:\S+\s+)?more\b|\S+\s+(?:more\s+)?times|x\s*\d|for\b|until\b|to\b|as\b|throughout|form|then\b|,|;|\*|in\b|over\b|$)/i.test(
        rest,
      )
        ? again({ rows: rowsIn(list), more: timesIn(rest) })
        : null,
  ],
  // "Repeat from row 1."
  [new RegExp(`^rep(?:eat)?\\s+from\\s+${ROWS}\\s+(?:1|one)\\b.*$`, "is"), () => again({})],
  // "Rep last 2 rows once more."
  [
    new RegExp(
      `^rep(?:eat)?\\s+(?:the\\s+)?(?:last|previous|preceding)\\s+(${NUMBER})\\s+${ROWS}(.*)$`,
      "is",
    ),
    ([count = "", rest = ""]) => again({ last: numberIn(count), more: timesIn(rest) }),
  ],
  // "Rep these 10 rows.", "These 4 rows form the pattern.", "Repeat these rows for pattern."
  [
    new RegExp(
      `^(?:(?:cont(?:inue)?\\s+(?:to\\s+)?)?rep(?:eat(?:ing)?)?\\s+)?(?:these|the|all|last)\\s+(?:(${NUMBER})\\s+)?${ROWS}(.*)$`,
      "is",
    ),
    ([count, rest = ""], all) =>
      /^rep|^cont/i.test(all) || /^\s*(?:form|are|set|make|est)/i.test(rest)
        ? again({ of: count === undefined ? null : numberIn(count), more: timesIn(rest) })
        : null,
  ],
  // "Work 8-row repeat 3 times."
  [
    new RegExp(
      `^(?:work|rep(?:eat)?|cont(?:inue)?)\\s+(?:the\\s+)?(${NUMBER})[\\s-]row\\s+(?:rep(?:eat)?|patt(?:ern)?)\\b(.*)$`,
      "is",
    ),
    ([count = "", rest = ""]) => again({ of: numberIn(count), more: timesIn(rest) }),
  ],
  // "Continue as set until all 4 rows of the panels have been worked."
  [
    new RegExp(
      `^cont(?:inue)?\\s+(?:working\\s+)?(?:as\\s+(?:set|est(?:ablished)?)|in\\s+patt(?:ern)?)\\b[^]*?\\b(?:all\\s+)?(${NUMBER})\\s+${ROWS}\\s+(?:of\\b[^]*)?(?:have|has|are|is)\\b[^]*$`,
      "is",
    ),
    ([count = ""]) => ({ says: "asSet", upTo: numberIn(count) }),
  ],
  // "1st to 6th rows form the patt.", "Rows 1-6 form the pattern."
  [
    new RegExp(`^${LIST}\\s*${ROWS}\\s+(?:form|are|set|make|establish)\\w*\\b.*$`, "is"),
    ([list = ""]) => again({ rows: rowsIn(list) }),
  ],
  [
    new RegExp(`^${ROWS}\\s+${LIST}\\s*(?:form|are|set|make|establish)\\w*\\b.*$`, "is"),
    ([list = ""]) => again({ rows: rowsIn(list) }),
  ],
  // "Work 4 rows even.", "Work 2 more rows in pattern as established."
  [
    new RegExp(
      `^(?:then\\s+)?(?:work|knit|cont(?:inue)?)\\s+(?:another\\s+)?(${NUMBER})\\s+(?:more\\s+)?${ROWS}\\s+(?:even|straight|in\\s+(?:est(?:ablished)?\\s+)?patt(?:ern)?(?:\\s+as\\s+(?:est(?:ablished)?|set))?|as\\s+(?:est(?:ablished)?|set))$`,
      "is",
    ),
    ([count = ""]) => ({ says: "even", rows: numberIn(count) }),
  ],
  // "Panel of 12 sts", "Worked over 12 sts on a ground of …", "Cast on 8 sts.", "WANDERING CORD (10 sts)"
  [
    new RegExp(
      `^(?:[^.\\n]*\\b)?(?:panel\\s*(?:of|is|:|over)?|work(?:ed|s)?\\s+(?:over|on)|over|cast(?:ing)?\\s+on|co|uses|requires)\\s*:?\\s*(?:a\\s+panel\\s+of\\s+)?(${NUMBER})\\s*-?${STS}\\b(?![^.\\n]*\\bmultiple)(?!\\s*(?:=|to|x|\\d|in\\s+\\d|per)).*$`,
      "is",
    ),
    ([count = ""], all) => (isGauge(all) ? NOTHING : { says: "stitches", stitches: numberIn(count) }),
  ],
  [
    new RegExp(
      `^[^.\\n(]*[\\[(]\\s*(?:panel\\s+of\\s+|over\\s+|worked\\s+over\\s+)?(${NUMBER})\\s*${STS}\\s*[\\])]\\s*:?$`,
      "is",
    ),
    ([count = ""], all) => (isGauge(all) ? NOTHING : { says: "stitches", stitches: numberIn(count) }),
  ],
  [
    new RegExp(`^(?:[^.\\n]*\\s)?(${NUMBER})-st(?:itch)?\\s+(?:panel|cable|repeat)\\b.*$`, "is"),
    ([count = ""]) => ({ says: "stitches", stitches: numberIn(count) }),
  ],
  // "Worked flat; for rounds, …" comes before "Worked in the round."
  [
    /^[^]*\b(?:work(?:ed)?|knit(?:ted)?)\s+(?:flat|back\s+and\s+forth|in\s+rows)\b[^]*$/i,
    () => ({ says: "manner", round: false }),
  ],
  [
    /^[^]*\b(?:(?:work(?:ed)?|knit(?:ted)?|in)\b[^.]*\bin\s+(?:the\s+)?rounds?|in\s+the\s+round)\b[^]*$/i,
    () => ({ says: "manner", round: true }),
  ],
  // What is done before the first row and behind the last one.
  [
    /^(?:(?:bind|cast)\s*off|bo|break\s+(?:off\s+)?yarn|cut\s+yarn|fasten\s+off|weave\s+in|block)\b[^]*$/i,
    () => NOTHING,
  ],
  [/^(?:using|with|change\s+to)\b[^]*\bneedles?\b(?![^]*\b(?:cast\s+on|sts?)\b)[^]*$/i, () => NOTHING],
  [/^(?:©|\(c\)|copyright|all\s+rights|page\s+\d+|www\.|note\s*:|\d+\s*\/\s*\d+$)[^]*$/i, () => NOTHING],
  [
    /^(?:gauge|tension|materials?|yarn|needles?|sizes?\s+of\s+needles?|abbreviations?|special\s+(?:abbreviations?|stitches))\b[^]*$/i,
    () => NOTHING,
  ],
  [/^(?:and\s+|then\s+)?turn(?:\s+work)?$/i, () => NOTHING],
  [/^(?:commence|begin|start)\s+(?:the\s+)?(?:cable\s+)?patt(?:ern)?s?:?$/i, () => NOTHING],
];

const isGauge = (said: string) =>
  /\b(?:gauge|tension|cm|in(?:ch(?:es)?)?\b\s*$|mm)\b|=/i.test(said) && !/\bcast\s+on\b|\bco\b/i.test(said);

/** What is longer is no sentence of these. */
const LONGEST = 400;

/** Reads a sentence that is no row; null where it is none of those. Example: "Rep rows 1-4." */
export function readSentence(said: string): Sentence | null {
  if (said.length > LONGEST) return null;
  const plain = said.replace(/^[\s*•·|–—-]+|[\s*.;:|–—-]+$/g, "").replace(/\s+/g, " ");
  for (const [pattern, read] of SENTENCES) {
    const match = pattern.exec(plain);
    const found = match && read(match.slice(1), plain);
    if (found) return found;
  }
  return null;
}

/** Words by which a sentence speaks of what is worked: not understood, it may change the rows. */
const OF_WORK =
  /\b(?:rows?|rnds?|rounds?|rep(?:eat)?|every|each|alternate|until|decrease|increase|dec|inc|turn|cross(?:ing)?\s+(?:on|every|the)|[kp]\d+|(?:on)?to\s+(?:a\s+)?(?:cn|cable\s+needle))\b/i;
/** Before the first row a text speaks of much; what it says of every row hangs on stitches. */
const OF_ALL_ROWS =
  /\b(?:(?:every|each|all)\s+(?:\S+\s+){0,3}(?:rows?|rnds?|rounds?|sts?|stitch(?:es)?)|first\s+st(?:itch)?\s+of|(?:on)?to\s+(?:a\s+)?(?:cn|cable\s+needle))\b/i;

/** Whether stitches may hang on a sentence that was not understood. */
export const speaksOfWork = (said: string, beforeRows: boolean): boolean =>
  (beforeRows ? OF_ALL_ROWS : OF_WORK).test(said) && !/^\s*note\s*:/i.test(said);
