/** The parts of a pattern, by their headings: what it says of itself, its panels, its pieces, how it is finished. */
import { PARTS, PIECES, type Phrase } from "./cut";

export type Part =
  "sizes" | "gauge" | "yarn" | "needles" | "keys" | "notes" | "piece" | "panel" | "finishing" | "top";

const PART_NAMES: readonly (readonly [RegExp, Part])[] = [
  [/^(?:sizes?|to fit|finished|measurements?)/i, "sizes"],
  [/^(?:gauge|tension)/i, "gauge"],
  [/^(?:yarn|materials?|you will need)/i, "yarn"],
  [/^needles?/i, "needles"],
  [/^(?:abbreviations|key|special)/i, "keys"],
  [
    /^(?:notions|(?:pattern )?notes?|instructions|directions|pattern$|stitch patterns?|pattern stitch)/i,
    "notes",
  ],
  [/^(?:finishing|making up|assembly|to make up|to finish)/i, "finishing"],
];

export const PIECE = new RegExp(`^(?:${PIECES})\\b`, "i");
export const FACT = new RegExp(`^(?:${PARTS})\\b`, "i");

/** A heading without its signs. */
export const bare = (heading: string) =>
  heading
    .replace(/^#+\s*|^\*+|\*+$/g, "")
    .replace(/:$/, "")
    .trim();

/** What a heading begins, by its name and by what stands under it. */
export function partOf(heading: string, under: Phrase | undefined, inPiece: boolean): Part {
  const name = bare(heading);
  const known = FACT.test(name) ? PART_NAMES.find(([pattern]) => pattern.test(name))?.[1] : undefined;
  if (known) return known;
  const firstRow = under?.kind === "row" && /^\s*(?:row|rnd|round)s?\s*1\b|^\s*1st\b/i.test(under.text);
  const begins =
    under?.kind === "sentence" && /\b(?:cast on|co \d|pick up|work as|make as|work same)\b/i.test(under.text);
  if (under?.kind === "chart") return "panel";
  if (begins || (PIECE.test(name) && !firstRow)) return "piece";
  if (firstRow) return "panel";
  return inPiece ? "piece" : "notes";
}
