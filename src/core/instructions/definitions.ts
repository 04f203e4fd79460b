/** Names that a pattern explains for itself: "MB = 5 sts, 2 rows", "C3F = 2/1 LC", "FC: sl 2 sts to cn, hold in front …" */
import { readCrossingName } from "../stitches/crossingNames";
import type { Crossing } from "../stitches/crossings";
import { bobble, nupp, type Operation } from "../stitches/operations";
import { say, type Message } from "../words/message";
import type { Span } from "./ast";
import { CROSSING_PROSE, readCrossingProse } from "./crossingProse";
import { remark, type UnplacedFinding } from "./findings";
import { plainName, type Definitions } from "./names";
import { MOST_OUT_OF_ONE, readStitchProse, STITCH_PROSE } from "./stitchProse";

/** A line that explains a name, with all that belongs to it. */
interface Explained extends Span {
  readonly name: string;
  readonly meaning: string;
  /** Whether an equals sign says that it is one; a colon may stand behind any word. */
  readonly sure: boolean;
}

const ROW = /^\W*(?:(?:RS|WS)\s+)?(?:all\s+|every\s+)?(?:rows?|rnds?|rounds?|r\d|\d+(?:st|nd|rd|th)\b)/i;
const NAME = "[\\p{L}\\d](?:[\\p{L}\\d/'’ -]{0,22}[\\p{L}\\d])?";
const LINE = new RegExp(
  `^[^\\S\\n]*(?:[•*-][^\\S\\n]+)?["“”'‘]?(${NAME})["”'’]?[^\\S\\n]*(?:[([]([^)\\]\\n]{0,60})[)\\]][^\\S\\n]*)?(=|:|[^\\S\\n][—–-][^\\S\\n]|\\t+|[^\\S\\n]{2,}|[^\\S\\n](?=(?:[Ss]l|SL|[Ss]lip|SLIP|[Pp]lace|[Ww]rap)\\b))[^\\S\\n]*(\\S.*)$`,
  "u",
);
/** What an explanation of a stitch speaks of, and a title does not. */
const SPEAKS =
  /\b(?:sl|slip|cn|cable needle|needle|hold|tog|together|knit|purl|k\d|p\d|yo|yarn|into?|sts?|stitch(?:es)?|as|wrap)\b|\d\/\d/i;

/** The lines that explain a name, each with the lines that go on with it. */
function explainedIn(text: string): readonly Explained[] {
  const found: { name: string; meaning: string; sure: boolean; from: number; to: number }[] = [];
  let at = 0;
  let open = false;
  for (const line of text.split("\n")) {
    const match = ROW.test(line) ? null : LINE.exec(line);
    const [, said = "", beside = "", sign = "", meaning = ""] = match ?? [];
    // "Cable 4 Front (C4F): …" explains what rows call C4F.
    const name = isCalledSo(said, beside) ? beside : said;
    const sure = sign === "=";
    const last = found.at(-1);
    if (match && name !== "" && (sure || (isName(name) && SPEAKS.test(meaning)))) {
      found.push({ name, meaning, sure, from: at, to: at + line.length });
      open = true;
    } else if (open && last && line.trim() !== "" && !ROW.test(line) && isUnfinished(last.meaning, line)) {
      last.meaning += `\n${line}`;
      last.to = at + line.length;
    } else open = false;
    at += line.length + 1;
  }
  return found;
}

/** A name is short and no sentence: "FPC", "RC4-rib", "2/2/2 LC", "Nupp"; not "Special stitches". */
const isName = (name: string) =>
  !/^\d+$/.test(name) && (/\d/.test(name) || !/\s/.test(name.trim()) || readCrossingName(name) !== null);

/** Whether rows use the name in brackets rather than the one before them: "FPC (front purl cross)" is used itself. */
const isCalledSo = (said: string, beside: string) =>
  /^[\p{L}\d/-]{2,8}$/u.test(beside) && /\s/.test(said.trim()) && /\d|^[A-Z]/.test(beside);

/** An explanation goes on in the next line where it breaks off, or where that one begins small or indented. */
const isUnfinished = (meaning: string, next: string) => !/[.!]\s*$/.test(meaning) || /^\s+\S/.test(next);

/** "knit the next 2 sts together", but not through their back loops. */
function together(face: string, count: string): RegExp {
  return new RegExp(
    `^${face}\\s+(?:the\\s+)?(?:next\\s+)?(?:${count})\\s+(?:sts?\\s+|stitches\\s+)?tog(?![^]*\\b(?:back|tbl)\\b)`,
  );
}

/** Words that patterns explain and that mean here what they mean everywhere. */
const USUAL: readonly (readonly [RegExp, RegExp])[] = [
  [/^k$/, /^knit\b/],
  [/^p$/, /^purl\b/],
  [/^sl$/, /^slip\b/],
  [/^k2tog$/, together("knit", "2|two")],
  [/^k3tog$/, together("knit", "3|three")],
  [/^p2tog$/, together("purl", "2|two")],
  [/^p3tog$/, together("purl", "3|three")],
  [/^ssk$/, /^(?:slip|sl)\b.*(?:slip|sl|2|two)\b.*(?:knit|k)\b/s],
  [/^(?:yo|yrn|yon|yfwd)$/, /^(?:yarn|wool)\b/],
  [/^m1[lr]?p?$/, /^(?:make|inc|pick up|lift|with)\b/],
  [/^kfb$/, /^(?:knit|k|inc)\b.*\bfront\b.*\bback\b/s],
  [/^pfb$/, /^(?:purl|p|inc)\b.*\bfront\b.*\bback\b/s],
  [/^psso$/, /^pass\b.*\bslip/s],
  [/^(?:skp|skpo)$/, /^(?:slip|sl)\b.*(?:knit|k)\b.*\bpass\b/s],
  [/^tbl$/, /^through\b.*\bback\b/s],
  [/^wyi[bf]$/, /^with\s+yarn\b/],
  [/^rs$/, /^right\b/],
  [/^ws$/, /^wrong\b/],
  [/^sts?$/, /^stitch/],
  [/^rep$/, /^repeat/],
  [/^tog$/, /^together\b/],
  [/^cn$/, /^cable\b/],
  [/^rnds?$/, /^round/],
  [/^(?:pm|sm)$/, /^(?:place|slip)\b.*\bmarker/],
  [/^(?:beg|foll|rem|cont|alt|patt?|inc|dec|approx)$/, /^(?:beg|foll|rem|cont|alt|patt|incr|decr|approx)/],
];

type Meaning =
  | { readonly crossing: Crossing }
  | { readonly operation: Operation }
  | { readonly usual: true }
  | { readonly unread: Message | null };

/** "as C4B, but hold the cable needle in front": another crossing, leaning the other way where it says so. */
const LIKE =
  /^(?:work(?:ed)?\s+)?(?:as|like)\s+(?:for\s+)?([\p{L}\d/ -]{2,20}?)\s*(?:,|;|\bbut\b|\bexcept\b)[^]*?\b(front|back)\b/iu;

function meaningOf({ name, meaning }: Explained, known: ReadonlyMap<string, Crossing>): Meaning {
  const said = meaning.trim().replace(/[.;]+$/, "");
  const small = name.toLowerCase();
  if (USUAL.some(([word, means]) => word.test(small) && means.test(said.toLowerCase())))
    return { usual: true };
  const numbers = (said.match(/\d+/g) ?? []).map(Number);
  const [count = 0, rows = 1] = numbers;
  const fits = count >= 1 && count <= MOST_OUT_OF_ONE && rows <= MOST_OUT_OF_ONE;
  const counted = /^\d+\s*(?:sts?|stitches|loops?)\b/i.test(said);
  if (/^mb\d*$/i.test(name) && counted && fits) return { operation: bobble(count, rows) };
  if (/^nupp\d*$/i.test(name) && counted && fits) return { operation: nupp(count) };
  const named = readCrossingName(said);
  if (named && !("ambiguous" in named)) return { crossing: named };
  const like = LIKE.exec(said);
  const other = like && (known.get(plainName(like[1] ?? "")) ?? readCrossingName(like[1] ?? ""));
  if (like && other && !("ambiguous" in other)) return { crossing: heldAt(other, like[2] ?? "") };
  // A name in full may come before how it is worked: "Back cross — slip 1 st to cn …"
  const crossing = firstOf(CROSSING_PROSE, said, readCrossingProse);
  if (crossing) return crossing.ok ? { crossing: crossing.crossing } : { unread: crossing.message };
  const stitch = firstOf(STITCH_PROSE, said, readStitchProse);
  if (stitch) return { operation: stitch.operation };
  return { unread: null };
}

/** A crossing with its needle held there: in front it leans left, and what was in front is behind. */
function heldAt(crossing: Crossing, where: string): Crossing {
  const lean = /front/i.test(where) ? "left" : "right";
  if (crossing.lean === lean) return crossing;
  const { front, back } = crossing;
  return { ...crossing, front: back, back: front, lean };
}

/** What is read where a pattern first matches; null where nothing is. */
function firstOf<Read>(pattern: RegExp, text: string, read: (text: string) => Read | null): Read | null {
  for (const { index } of text.matchAll(pattern)) {
    const found = read(text.slice(index));
    if (found) return found;
  }
  return null;
}

interface TakenOut {
  /** The text without its explanations, as long as it was. */
  readonly text: string;
  readonly definitions: Definitions;
}

/** Takes all explanations out of a text; one that cannot be read is told where it stands, or where it is used. */
export function takeDefinitions(text: string, told: UnplacedFinding[]): TakenOut {
  const operations = new Map<string, Operation>();
  const crossings = new Map<string, Crossing>();
  const unread = new Map<string, { readonly message: Message }>();
  const names = new Map<string, "crossing" | "operation">();
  const rest: string[] = [];
  let done = 0;
  for (const one of explainedIn(text)) {
    const { name, from, to, sure } = one;
    const meaning = meaningOf(one, crossings);
    const known =
      /^(?:mb|nupp)\d*$/i.test(name) ||
      readCrossingName(name) !== null ||
      (sure && USUAL.some(([word]) => word.test(name.toLowerCase())));
    if ("unread" in meaning) {
      // What has a sign of its own must be understood where it is one of ours; other words may be explained freely.
      const message = meaning.unread
        ? say("definitionTells", { name, why: meaning.unread })
        : say("definitionNotRead", { name });
      // Without a sign of its own, and not understood, it may be any sentence.
      if (!sure && !known && !meaning.unread) continue;
      const asked = known || meaning.unread !== null;
      const mends = known ? [{ label: say("onlyANote"), edit: { from, to: from, text: "Note: " } }] : [];
      told.push({ ...remark(asked ? "error" : "remark", from, to, message), mends });
      unread.set(plainName(name), { message });
      names.set(name.toLowerCase(), "operation");
    } else if ("crossing" in meaning) {
      crossings.set(plainName(name), meaning.crossing);
      names.set(name.toLowerCase(), "crossing");
    }
    if ("operation" in meaning) {
      operations.set(name.toLowerCase(), meaning.operation);
      names.set(name.toLowerCase(), "operation");
    }
    rest.push(text.slice(done, from), text.slice(from, to).replace(/[^\n]/g, " "));
    done = to;
  }
  return { text: rest.join("") + text.slice(done), definitions: { operations, crossings, names, unread } };
}
