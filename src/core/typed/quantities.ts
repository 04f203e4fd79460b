/** Reads measures as people write them: "3 1/2 in", "50g/125m", "20 sts to 4 inches", "5 ft 4 in". */
import { GRAMS_IN_OUNCE } from "../units/brands";
import { say } from "../words/message";
import { read, unread, type Reading } from "./reading";

type Kind = "length" | "mass" | "stitches" | "rows";

/** A unit that can be typed: `factor` turns it into mm, g, stitches or rows. */
interface Unit {
  readonly kind: Kind;
  readonly factor: number;
}

/** A number with its unit; `unit` is missing where none was typed; `at` is its index in the text. */
export interface Quantity {
  readonly number: number;
  readonly unit?: Unit;
  readonly at: number;
}

const INCH = 25.4;

const named = (kind: Kind, factor: number, words: string): [string, Unit][] =>
  words.split(" ").map((word) => [word, { kind, factor }]);

const UNITS: ReadonlyMap<string, Unit> = new Map([
  ...named("length", 1, "mm millimetre millimetres millimeter millimeters"),
  ...named("length", 10, "cm centimetre centimetres centimeter centimeters"),
  ...named("length", 1000, "m metre metres meter meters mtr mtrs"),
  ...named("length", INCH, 'in inch inches ins " ″ ”'),
  ...named("length", 12 * INCH, "ft foot feet ' ′ ’"),
  ...named("length", 36 * INCH, "yd yds yard yards"),
  ...named("mass", 1, "g gr gm gms gram grams gramme grammes"),
  ...named("mass", 1000, "kg kilogram kilograms"),
  ...named("mass", GRAMS_IN_OUNCE, "oz ounce ounces"),
  ...named("mass", 16 * GRAMS_IN_OUNCE, "lb lbs pound pounds"),
  ...named("stitches", 1, "st sts stitch stitches"),
  ...named("rows", 1, "row rows r rnd rnds round rounds"),
]);

const JOINING = new Set([
  "in",
  "to",
  "per",
  "over",
  "and",
  "by",
  "x",
  "is",
  "equals",
  "on",
  "a",
  "an",
  "each",
]);

/** Vulgar fractions, and proper ones with a slash: "20/10" is not proper and stays two numbers. */
const VULGAR = "½¼¾⅓⅔⅛⅜⅝⅞";
const VALUES = [1 / 2, 1 / 4, 3 / 4, 1 / 3, 2 / 3, 1 / 8, 3 / 8, 5 / 8, 7 / 8];
const PROPER = String.raw`(?:1\/2|[12]\/3|[13]\/4|[1357]\/8|(?:[13579]|1[135])\/16)(?!\d)`;

const TOKEN = new RegExp(
  [
    String.raw`(?<number>${PROPER}|\d[\d.,]*(?:\s+${PROPER}|\s*[${VULGAR}])?|[${VULGAR}])`,
    String.raw`(?<word>\p{L}+|["″”'′’])`,
    String.raw`(?<mark>[/=:×*+~.,–—-])`,
    String.raw`(?<unknown>\S)`,
  ].join("|"),
  "gu",
);

interface Token {
  readonly text: string;
  readonly at: number;
  readonly type: string;
}

const tokensOf = (text: string): Token[] =>
  [...text.matchAll(TOKEN)].map((match) => {
    const [type = "unknown"] =
      Object.entries(match.groups ?? {}).find(([, part]) => part !== undefined) ?? [];
    return { text: match[0], at: match.index, type };
  });

/** "20", "20.5" and "20,5" are clear; "1,200" could be 1200 or 1.2 and is asked about, not guessed. */
function readDecimal(typed: string, at: number): Reading<number> {
  const text = typed.replace(/[.,]+$/, "");
  if (/^\d*(\.\d+)?$/.test(text)) return read(Number(text));
  if (/^\d{1,3}(,\d{3})+$/.test(text)) {
    const [whole, point] = [text.replaceAll(",", ""), text.replace(",", ".")];
    return unread(say("twoMeanings", { typed: text, whole, point }), at);
  }
  if (/^\d+,\d+$/.test(text)) return read(Number(text.replace(",", ".")));
  return unread(say("notANumber", { typed: text }), at);
}

const NUMBER = new RegExp(
  String.raw`^(?:(?<decimal>[\d.,]+)(?![\d.,/]))?\s*(?:(?<top>\d+)/(?<bottom>\d+)|(?<vulgar>[${VULGAR}]))?$`,
  "u",
);

/** A whole or decimal number, a fraction, or both: "3", "3.5", "3 1/2", "3½", "½". */
function readNumber({ text, at }: Token): Reading<number> {
  const { decimal = "", top, bottom, vulgar } = NUMBER.exec(text)?.groups ?? {};
  const fraction = vulgar ? (VALUES[VULGAR.indexOf(vulgar)] ?? 0) : Number(top ?? 0) / Number(bottom ?? 1);
  const whole = readDecimal(decimal, at);
  return whole.ok ? read(whole.value + fraction) : whole;
}

/** A minus that belongs to the number behind it, not a dash between two measures. */
const isMinus = (text: string, { text: mark, at }: Token) =>
  /^[-–—]$/.test(mark) && /\d/.test(text.charAt(at + 1)) && /^\s?$/.test(text.charAt(at - 1));

/**
 * All quantities in a text, in order; words that join ("per", "to", "=") are passed over, and a unit
 * behind one counts as one of it ("per inch").
 * Errors: empty text, a negative or unclear number, a word that is no unit.
 * Example: `readQuantities("50g/125m")` holds 50 with grams and 125 with metres.
 */
export function readQuantities(text: string): Reading<readonly Quantity[]> {
  const tokens = tokensOf(text);
  const found: Quantity[] = [];
  for (let next = 0; next < tokens.length; next += 1) {
    const token = tokens[next] as Token;
    const follower = tokens[next + 1];
    const { at } = token;
    if (token.type === "number") {
      const number = readNumber(token);
      if (!number.ok) return number;
      const unit = follower?.type === "word" ? UNITS.get(follower.text.toLowerCase()) : undefined;
      found.push(unit ? { number: number.value, unit, at } : { number: number.value, at });
      if (unit) next += 1;
      continue;
    }
    if (isMinus(text, token)) return unread(say("negative"), at);
    const word = token.text.toLowerCase();
    const unit = UNITS.get(word);
    const joins = token.type === "mark" || (JOINING.has(word) && (!unit || follower?.type === "number"));
    if (joins) continue;
    if (!unit || found.length === 0) return unread(say("unknownUnit", { typed: token.text }), at);
    found.push({ number: 1, unit, at });
  }
  return found.length > 0 ? read(found) : unread(say("nothingTyped"));
}
