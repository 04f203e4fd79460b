/** A sentence of a pattern in plain words: abbreviations written out, numbers in figures, articles and commas gone. */
import { NUMBER_WORDS, ORDINAL_WORDS } from "../instructions/numerals";

/** What stands for the same, in the order in which it is replaced. */
const SAME: readonly (readonly [RegExp, string])[] = [
  [
    /\b(?:keeping|maintaining) (?:continuity of )?(?:the )?(?:pattern|patt\b\.?|cables?)(?: as (?:set|established))?(?: correct)?\b/g,
    " ",
  ],
  [/(?<=\b(?:from|to) )\*{2,3}/g, "mark"],
  [/[’‘]/g, "'"],
  [/[–—−]/g, "-"],
  [/[½]/g, ".5"],
  [/["”″]/g, " inches "],
  [/\(\s*(?:rs|ws|right side|wrong side)\s*\)/g, " "],
  [/\b(?:rs|right[ -]side)\b/g, "rightside"],
  [/\b(?:ws|wrong[ -]side)\b/g, "wrongside"],
  [/\brev(?:erse)?\.? (?:st st|stocking st(?:itch)?|stockinette)(?: st(?:itch)?)?\b/g, "reversestockinette"],
  [/\b(?:st\.? st\.?|stocking st(?:itch)?|stockinette)(?: st(?:itch)?)?(?=\W|$)/g, "stockinette"],
  [/\b(?:cast|bind)[ -]+(?:off|them off)\b|\bb\.?o\b\.?|\bbinding off\b|\bcasting off\b/g, "bindoff"],
  [/\bcast[ -]?on\b|\bc\.?o\b\.?|\bcasting on\b/g, "caston"],
  [/\b(?:beg(?:inning|in)?s?|start|commencing)\b\.?/g, "beginning"],
  [/\btaking care\b/g, "being careful"],
  [/\bshapings\b/g, "shaping"],
  [/\b(?:foll(?:owing|ows?)?)\b\.?/g, "following"],
  [/\brem(?:ain(?:ing|s)?)?\b\.?/g, "remain"],
  [/\brep(?:eat(?:ing|s)?)?\b\.?/g, "repeat"],
  [/\b(?:cont(?:inue|inuing|inues)?)\b\.?/g, "continue"],
  [/\bpatt?(?:ern)?s?\b\.?/g, "pattern"],
  [/\b(?:est(?:ab(?:lished)?)?|(?<=as )set)\b\.?/g, "established"],
  [/\bdec(?:rease|reasing|s)?\b\.?/g, "decrease"],
  [/\binc(?:rease|reasing|s)?\b\.?(?! ?\d?(?:cm|mm))/g, "increase"],
  [/\b(?:sts?|stitch(?:es)?)\b\.?/g, "sts"],
  [/\b(?:rnds?|rounds?|rows?)\b\.?/g, "rows"],
  [/\b(?:ea|each)\b\.?/g, "each"],
  [/\b(?:inch(?:es)?|ins?)(?=\W|$)(?= (?:from|ending|after|or|and)|\s*[.,;)]|\s*$)/g, "inches"],
  [/\b(?:ndls?|needles?)\b\.?/g, "needles"],
  [/\b(?:every other|alt(?:ernate)?\.?|every alternate|each alternate)\b/g, "every 2nd"],
  [/\b(?:every|each) (following )?every\b/g, "every $1"],
  [
    /\b(?:work(?:ing)? (?:both|each) (?:sides?|shoulders?) (?:at once|at (?:the )?same time|separately)(?: with separate balls(?: of yarn)?)?|at (?:the )?same time)\b/g,
    " ",
  ],
  [
    /\b(?:approx(?:imately)?\.?|about|of|then|the|an|(?<!\b(?:panel|chart|pattern|cable|motif) )a|same time|for a total|a total)\b/g,
    " ",
  ],
  [/\bonce\b/g, "1 times"],
  [/\btwice\b/g, "2 times"],
  [/\btimes? (?:in all|altogether|in total|total)\b/g, "timesinall"],
  [/[,;:()!]|\.(?!\d)/g, " "],
];

const NUMBER = new RegExp(`\\b(?:${NUMBER_WORDS.join("|")})\\b`, "g");
const ORDINAL = new RegExp(`\\b(?:${ORDINAL_WORDS.join("|")})\\b`, "g");

/**
 * The words of a sentence, each with a blank behind it.
 * Example: "BO 5 sts at beg of the next two rows." is "bindoff 5 sts at beginning next 2 rows ".
 */
export function plainWords(sentence: string): string {
  const figures = sentence
    .toLowerCase()
    .replace(/\s+/g, " ")
    .replace(NUMBER, (word) => String(NUMBER_WORDS.indexOf(word) + 1))
    .replace(ORDINAL, (word) => `${ORDINAL_WORDS.indexOf(word) + 1}th`);
  const plain = SAME.reduce((text, [from, to]) => text.replace(from, to), figures);
  return `${plain
    .replace(/(\d)(?:st|nd|rd|th)\b/g, "$1th")
    .replace(/\s+/g, " ")
    .trim()} `;
}
