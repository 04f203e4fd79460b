/** What a pattern says before it begins: gauge, yarn and how much of it, needles, sizes. */
import { METRES_IN_YARD } from "../units/brands";
import { readPutUp, type PutUp } from "../yarn/putUp";
import { lengthMm } from "./forms";

export interface Facts {
  gauge: { readonly stitchesPer10Cm: number; readonly rowsPer10Cm: number | null } | null;
  /** Needles in mm, as they are listed. */
  needles: readonly number[];
  yarn: { readonly name: string; readonly putUp: PutUp | null } | null;
  /** Balls that the pattern asks for, and metres, where it says so. */
  balls: number | null;
  needM: number | null;
}

export const NO_FACTS: Facts = { gauge: null, needles: [], yarn: null, balls: null, needM: null };

const GAUGE =
  /(\d+(?:\.\d+)?)\s*(?:sts?|stitches)\b(?:\s*(?:and|x|by|to|,|&|\/|\+)?\s*(\d+(?:\.\d+)?)\s*(?:rows|rnds|rounds)\b)?/i;
const SQUARE = /(\d+(?:\.\d+)?)\s*(?:cm|in\b|inch(?:es)?|["”″])/gi;
/** A gauge that is counted in another fabric than plain. */
const IN_PATTERN =
  /\b(?:in|over|on) (?:\w+ ){0,3}?(?:cable|cabled|pattern|patt|pat|rib|garter|moss|seed|panel)/i;
/** Between two gauges that one sentence tells. */
const NEXT_GAUGE = /[;,]?\s+(?:and\s+)?(?=\d+(?:\.\d+)?\s*(?:sts?|stitches)\b)/i;

/** Stitches over 10 cm of a sentence on gauge; null where none is told, "pattern" where it is not counted in plain fabric, "beyond" where nobody knits so. */
export function gaugeIn(sentence: string): Facts["gauge"] | "pattern" | "beyond" | null {
  const each = sentence.replace(/\s+/g, " ").split(NEXT_GAUGE).map(oneGaugeIn);
  // Of several the one of plain fabric is meant.
  return (
    each.find((gauge) => gauge !== null && gauge !== "pattern") ??
    each.find((gauge) => gauge !== null) ??
    null
  );
}

function oneGaugeIn(sentence: string): Facts["gauge"] | "pattern" | "beyond" | null {
  const counted = GAUGE.exec(sentence);
  if (!counted) return null;
  if (IN_PATTERN.test(sentence)) return "pattern";
  const [, stitches = "", rows] = counted;
  const over = [...sentence.slice(counted.index + counted[0].length).matchAll(SQUARE)][0]?.[0];
  // Stitches alone are no gauge: "cast on 96 stitches".
  if (over === undefined && rows === undefined) return null;
  const overMm = over ? lengthMm(over.replace(/["”″]/, "in").toLowerCase()) : 100;
  // "10 cm" and "4 in" are the same square.
  const square = Math.abs(overMm - 101.6) < 0.1 ? 100 : overMm;
  const stitchesPer10Cm = (Number(stitches) * 100) / square;
  const rowsPer10Cm = rows === undefined ? null : (Number(rows) * 100) / square;
  const knitted = (count: number, most: number) => count >= 0.5 && count <= most;
  if (!knitted(stitchesPer10Cm, 80) || (rowsPer10Cm !== null && !knitted(rowsPer10Cm, 120))) return "beyond";
  return { stitchesPer10Cm, rowsPer10Cm };
}

const NEEDLE = /(\d+(?:\.\d+)?)\s*mm\b/gi;

/** What else is told in mm: it is no needle that anything is knitted on. */
const NO_NEEDLE = /button|hook|cable needle|bead|ribbon|diameter|wide|marker|pin\b/i;

/**
 * Needles in mm. Where nothing else tells that needles are meant, the words beside a size must.
 * Example: "A pair of 4.5 mm and of 5 mm needles, six 15 mm buttons" are 4.5 and 5.
 */
export function needlesIn(sentence: string, part: string): readonly number[] {
  const told = part === "needles" || part === "gauge";
  const speaksOfNeedles = /needles?\b/i.test(sentence.replace(/cable needles?/gi, ""));
  if (!told && !speaksOfNeedles) return [];
  const sizes = [...sentence.matchAll(NEEDLE)];
  let thing = "needle";
  // "4 mm and 5 mm needles": what stands behind the last of several is what all of them are.
  const found = sizes.toReversed().flatMap(({ index, 0: { length }, 1: mm }, at) => {
    const next = sizes[sizes.length - at]?.index ?? sentence.length;
    const behind = sentence.slice(index + length, next).replace(/(?:and|with)\s+(?:a )?cable needles?/i, "");
    if (/[a-z]{3,}/i.test(behind.replace(/\b(?:and|or|also|pair|each)\b/gi, ""))) thing = behind;
    else if (at === 0) thing = "needle";
    return NO_NEEDLE.test(thing) ? [] : [Number(mm)];
  });
  return found.toReversed().filter((mm) => mm >= 1 && mm <= 25);
}

const QUANTITY = "\\d+(?:\\.\\d+)?";
const BALL = new RegExp(
  `(${QUANTITY}\\s*(?:g|oz)\\b)[^\\d]{0,20}(${QUANTITY}\\s*(?:m|yds?|yards?|metres|meters)\\b)|(${QUANTITY}\\s*(?:m|yds?|yards?|metres|meters)\\b)[^\\d]{0,20}(${QUANTITY}\\s*(?:g|oz)\\b)`,
  "i",
);
const BALLS = /(\d+)\s*(?:x\s*\d+\s*g\s*)?(?:balls?|skeins?|hanks?)\b/i;
const NEED =
  /(?:about|approx(?:imately)?\.?|some)?\s*(\d{2,5})\s*(m|yds?|yards?|metres|meters)\b(?!\s*(?:per|each|\/|in))/i;
const NAME = /(?:balls?|skeins?|hanks?)\s+(?:of\s+)?([A-Z][\w’' -]{2,50}?)\s*(?=[,(;.]|$)/;

/** What a sentence says of yarn: its ball, its name, how much of it; null where it says nothing of that. */
export function yarnIn(sentence: string): Pick<Facts, "yarn" | "balls" | "needM"> | null {
  const ball = BALL.exec(sentence);
  const putUp = ball ? readPutUp(`${ball[1] ?? ball[3]} = ${ball[2] ?? ball[4]}`) : null;
  const without = ball ? sentence.replace(ball[0], " ") : sentence;
  const [, balls] = BALLS.exec(without) ?? [];
  const [, need, unit = "m"] = NEED.exec(without) ?? [];
  const [, name] = NAME.exec(sentence) ?? /^([A-Z][\w’' -]{2,50}?)\s*(?=[,(;.:])/.exec(sentence) ?? [];
  if (!ball && balls === undefined && need === undefined) return null;
  return {
    yarn: putUp?.ok || name ? { name: name ?? "", putUp: putUp?.ok ? putUp.value : null } : null,
    balls: balls === undefined ? null : Number(balls),
    needM: need === undefined ? null : Number(need) * (unit.startsWith("y") ? METRES_IN_YARD : 1),
  };
}
