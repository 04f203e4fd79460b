/** Stitches that are told in words: several out of one, bobbles, stitches with the yarn wound round them. */
import { bobble, intoOne, wrapped, type Operation } from "../stitches/operations";
import { NUMBER, numberIn } from "./numerals";

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
  `^(?:[\\[({]\\s*(${PART}(?:\\s*,\\s*${PART})+)\\s*[\\])}]\\s*${ONE}|k(?:nit)?\\s*1?\\s+(?:in)?to\\s+(?:the\\s+)?(${SIDE}(?:(?:\\s*,\\s*(?:and\\s+)?|\\s+and\\s+)${SIDE})+)(?:\\s+loops?)?\\s+of\\s+(?:the\\s+)?(?:next|same|one)\\s+(?:st(?:itch)?)\\b)`,
  "i",
);
/** Rows worked on them to and fro, and how they are closed. */
const TO_AND_FRO = new RegExp(
  `^(?:\\s*[,;.]?\\s*(?:and\\s+|then\\s+)?(?:\\[?turn|\\(?turn)\\b[\\s,;.]*(?:and\\s+)?(?:sl\\s*1\\s*,\\s*)?(?:k(?:nit)?|p(?:url)?)\\s*(${NUMBER})(?!\\d|\\s*tog)[\\])]?(?:\\s*(?:sts?))?(?:\\s*(twice|${NUMBER}\\s+times))?)+`,
  "i",
);
const CLOSED = new RegExp(
  `^\\s*[,;.]?\\s*(?:and\\s+|then\\s+)*(?:turn[\\s,;.]*(?:and\\s+)?)?(?:(?:pass|lift|slip)\\b[^.;]*?\\bover\\b(?:\\s+(?:the\\s+)?(?:first|last|1st|it)(?:\\s+st(?:itch)?)?)?(?:\\s*,?\\s*(?:and\\s+)?off(?:\\s+(?:the\\s+)?needle)?)?|[kp]\\s*\\d+\\s*tog(?:\\s*tbl)?(?![a-z])|sl\\s*\\d+\\s*,\\s*k\\d+tog\\s*,\\s*p\\d?sso)`,
  "i",
);
const WRAP = new RegExp(
  `^wrap\\s+(${NUMBER})(?:\\s*sts?)?(?:\\s*(twice|${NUMBER}\\s+times))?(?:\\s*\\(([^)]*)\\))?`,
  "i",
);
/** A name of the parts that a knitter would write. */
const plainPart = (part: string) =>
  (/^(?:y)/i.test(part) ? "yo" : /^p/i.test(part) ? "p1" : "k1") + (/tbl$/i.test(part) ? " tbl" : "");

const timesIn = (said: string) => (/twice/i.test(said) ? 2 : numberIn(/\S+/.exec(said)?.[0] ?? ""));

/** The most that is worked out of one stitch, or wound round, without being a piece of its own. */
const MOST = 25;

/**
 * Reads a stitch told in words from the beginning of a text; null where none begins there.
 * Example: "(k1, p1, k1) in next st, turn, p3, turn, k3tog" is a bobble of 3 stitches and 1 row.
 */
export function readStitchProse(text: string): ToldStitch | null {
  const wrap = WRAP.exec(text);
  if (wrap) {
    const [all, count = "", times, how = ""] = wrap;
    const told = times ?? /\b(twice|(?:\S+)\s+times)\b/i.exec(how)?.[1];
    const [stitches, winds] = [numberIn(count), told === undefined ? 1 : timesIn(told)];
    const says = how === "" || /\b(?:wind|wrap|round|around)\b/i.test(how);
    if (!says || !(stitches <= MOST && winds <= MOST)) return null;
    return { operation: wrapped(stitches, winds), length: all.length };
  }
  const into = INTO.exec(text);
  if (!into) return null;
  const [all, listed, sides] = into;
  const parts =
    listed !== undefined
      ? listed.split(/\s*,\s*/).map(plainPart)
      : (sides?.match(new RegExp(SIDE, "gi")) ?? []).map((side) => (/front/i.test(side) ? "k1" : "k1 tbl"));
  if (parts.length > MOST) return null;
  const rest = text.slice(all.length);
  const rows = TO_AND_FRO.exec(rest)?.[0] ?? "";
  const closed = CLOSED.exec(rest.slice(rows.length))?.[0] ?? "";
  if (closed === "" || (rows === "" && !/turn/i.test(closed)))
    return { operation: intoOne(parts), length: all.length };
  const again = /(twice|\S+\s+times)\s*$/i.exec(rows)?.[1];
  const plain = [...rows.matchAll(/turn/gi)].length * (again ? timesIn(again) : 1);
  return plain <= MOST
    ? { operation: bobble(parts.length, plain), length: all.length + rows.length + closed.length }
    : null;
}

/** Where a stitch told in words may begin in a row. */
export const STITCH_PROSE = new RegExp(
  `[\\[({]\\s*${PART}(?:\\s*,\\s*${PART})+\\s*[\\])}]\\s*${ONE}|\\bk(?:nit)?\\s*1?\\s+(?:in)?to\\s+(?:the\\s+)?${SIDE}\\b|\\bwrap\\s+${NUMBER}`,
  "gi",
);
