/** Stitches that are told in words: several out of one, bobbles, stitches with the yarn wound round them. */
import { bobble, intoOne, wrapped, type Operation } from "../stitches/operations";
import { NUMBER, numberIn, timesIn } from "./numerals";

interface ToldStitch {
  readonly operation: Operation;
  readonly length: number;
}

const PART = "(?:k1?|p1?|knit\\s*1?|purl\\s*1?|yo|yrn|yon|yfwd|yarn\\s+over)(?:\\s*-?\\s*tbl)?";
const ONE =
  "(?:all\\s+|loosely\\s+)?(?:in|into)\\s+(?:the\\s+)?(?:next|same|one|following)\\s+(?:st(?:itch)?)\\b";
const SIDE = "(?:front|back)";

/** Several loops out of one stitch: "(k1, yo, k1) in next st", "k into front, back and front of next st". */
const INTO = new RegExp(
  `^(?:[\\[({]\\s*(${PART}(?:\\s*,\\s*${PART})+)\\s*[\\])}]\\s*(twice\\s+|${NUMBER}\\s+times\\s+)?${ONE}|k(?:nit)?\\s*1?\\s+(?:in)?to\\s+(?:the\\s+)?(${SIDE}(?:(?:\\s*,\\s*(?:and\\s+)?|\\s+and\\s+)${SIDE})+)(?:\\s+loops?)?\\s+of\\s+(?:the\\s+)?(?:next|same|one)\\s+(?:st(?:itch)?)\\b)`,
  "i",
);
/** What is done to the stitches of a bobble, and how many it takes and leaves. */
const ON_BOBBLE: readonly (readonly [RegExp, (count: number, left: number) => readonly [number, number]])[] =
  [
    [new RegExp(`^[kp]\\s*(${NUMBER})\\s*tog(?:\\s*tbl)?(?![a-z])`, "i"), (count) => [count, 1]],
    [
      new RegExp(
        `^(?:k(?:nit)?|p(?:url)?|sl(?:ip)?)\\s*(${NUMBER})(?!\\d)(?:\\s*sts?\\b)?(?:\\s*(?:tbl|[kp]wise|purlwise|knitwise)\\b)?`,
        "i",
      ),
      (count) => [count, count],
    ],
    [/^ss[kp](?![a-z])/i, () => [2, 1]],
    [/^psso(?![a-z])/i, () => [0, -1]],
    [/^p2sso(?![a-z])/i, () => [0, -2]],
    [
      /^(?:pass|lift|slip)\b[^.;]*?\bover\b(?:\s+(?:the\s+)?(?:first|last|1st|it)(?:\s+st(?:itch)?)?)?(?:\s*,?\s*(?:and\s+)?off(?:\s+(?:the\s+)?needle)?)?/i,
      (_, left) => [0, 1 - left],
    ],
  ];
const TURN = /^[[(]?turn\b/i;
const BETWEEN = /^(?:[\s,;.\])]+|and\b|then\b)+/i;

/** Rows to and fro on stitches out of one, until one is left: their number, and how long the words are. */
function toAndFro(text: string, stitches: number): { readonly rows: number; readonly length: number } | null {
  let at = BETWEEN.exec(text)?.[0].length ?? 0;
  if (!TURN.test(text.slice(at))) return null;
  let [have, taken, left, rows] = [stitches, stitches, stitches, 0];
  for (;;) {
    const rest = text.slice(at);
    const turn = TURN.exec(rest);
    const work = ON_BOBBLE.map(([pattern, does]) => ({ match: pattern.exec(rest), does })).find(
      ({ match }) => match,
    );
    if (turn) {
      if (taken !== have || left < 1) return null;
      [have, taken, left] = [left, 0, 0];
      at += turn[0].length;
    } else if (work?.match) {
      const [uses, leaves] = work.does(numberIn(work.match[1] ?? ""), left);
      const plain = taken === have && left === have;
      [taken, left] = [taken + uses, left + leaves];
      at += work.match[0].length;
      // Plain rows count; the one that closes them is the bobble's own.
      if (taken === have && left === 1)
        return { rows: Math.round(rows + (plain ? have / stitches : 0)), length: at };
    } else return null;
    if (turn === null && taken === have && nextTurns(text.slice(at))) rows += left / stitches;
    at += BETWEEN.exec(text.slice(at))?.[0].length ?? 0;
    if (at >= text.length) return null;
  }
}

const nextTurns = (rest: string) => TURN.test(rest.slice(BETWEEN.exec(rest)?.[0].length ?? 0));

const WRAP = new RegExp(
  `^wrap\\s+(${NUMBER})(?:\\s*sts?)?(?:\\s*(twice|${NUMBER}\\s+times))?(?:\\s*\\(([^)]*)\\))?`,
  "i",
);
/** A name of the parts that a knitter would write. */
const plainPart = (part: string) =>
  (/^(?:y)/i.test(part) ? "yo" : /^p/i.test(part) ? "p1" : "k1") + (/tbl$/i.test(part) ? " tbl" : "");

/** The most that is worked out of one stitch, or wound round, without being a piece of its own. */
export const MOST_OUT_OF_ONE = 25;

/**
 * Reads a stitch told in words from the beginning of a text; null where none begins there.
 * Example: "(k1, p1, k1) in next st, turn, p3, turn, k3tog" is a bobble of 3 stitches and 1 row.
 */
export function readStitchProse(text: string): ToldStitch | null {
  const wrap = WRAP.exec(text);
  if (wrap) {
    const [all, count = "", times, how = ""] = wrap;
    const told = times ?? /\b(twice|(?:\S+)\s+times)\b/i.exec(how)?.[1];
    const [stitches, winds] = [numberIn(count), told === undefined ? 1 : (timesIn(told) ?? NaN)];
    const says = how === "" || /\b(?:wind|wrap|round|around)\b/i.test(how);
    const knitted = new RegExp(`\\bk(?:nit)?\\s*(${NUMBER})`, "i").exec(how)?.[1];
    if (knitted !== undefined && numberIn(knitted) !== stitches) return null;
    if (!says || !(stitches <= MOST_OUT_OF_ONE && winds <= MOST_OUT_OF_ONE)) return null;
    return { operation: wrapped(stitches, winds), length: all.length };
  }
  const into = INTO.exec(text);
  if (!into) return null;
  const [all, listed, times, sides] = into;
  const again = times === undefined ? 1 : (timesIn(times) ?? NaN);
  if (!(again <= MOST_OUT_OF_ONE)) return null;
  const parts =
    listed !== undefined
      ? Array.from({ length: again }, () => listed.split(/\s*,\s*/).map(plainPart)).flat()
      : (sides?.match(new RegExp(SIDE, "gi")) ?? []).map((side) => (/front/i.test(side) ? "k1" : "k1 tbl"));
  if (parts.length > MOST_OUT_OF_ONE) return null;
  const rest = text.slice(all.length);
  if (!nextTurns(rest)) return { operation: intoOne(parts), length: all.length };
  const worked = toAndFro(rest, parts.length);
  if (!worked || worked.rows > MOST_OUT_OF_ONE) return null;
  return { operation: bobble(parts.length, worked.rows), length: all.length + worked.length };
}

/** Where a stitch told in words may begin in a row. */
export const STITCH_PROSE = new RegExp(
  `[\\[({]\\s*${PART}(?:\\s*,\\s*${PART})+\\s*[\\])}]\\s*(?:twice\\s+|${NUMBER}\\s+times\\s+)?${ONE}|\\bk(?:nit)?\\s*1?\\s+(?:in)?to\\s+(?:the\\s+)?${SIDE}\\b|\\bwrap\\s+${NUMBER}`,
  "gi",
);
