/** The key of a chart: which sign stands for which stitch, as the text says it or as the knitter linked it. */
import type { Span } from "../instructions/ast";
import { isWrong } from "../instructions/findings";
import { readPattern } from "../instructions/read";
import { stitchesOf, type PanelRow } from "../panels/panel";
import { placeableOf } from "../panels/placeable";
import { isWord } from "./signGrid";

/** What a sign stands for, as its stitches show on the right side. */
export interface SignMeaning {
  readonly right: PanelRow;
  /** The same in a wrong-side row; another one where the key says so. */
  readonly wrong: PanelRow;
  /** Columns of the chart that it covers. */
  readonly columns: number;
}

/** A line of a key. */
export interface KeyLine extends Span {
  /** The sign; empty for a cell that is left blank. */
  readonly sign: string;
  readonly words: string;
}

/** Signs linked to stitches by the knitter: the id of a placeable stitch, or `NO_STITCH`. */
export type SignLinks = Readonly<Record<string, string>>;

/** Stands in a cell where there is no stitch. */
export const NO_STITCH = "no stitch";

/** "A = 2/2 LC", "| : knit on RS", "blank square = k on RS, p on WS", "“-” purl". */
const ENTRY =
  /(?:^|[;\n])[ \t]*(?:(?<blank>(?:an? )?(?:blank|empty|white)(?: (?:square|box|cell))?|square)|["'“‘`[(]?(?<sign>[^\s"'”’]{1,8}?)["'”’`\])]?)(?:[ \t]*(?:[=:→–—]|\bmeans\b)[ \t]*|(?:\t| {2,})\s*(?=(?:[a-z(]|\d\/)[^\t;\n]*(?:[;\n]|$)))(?<words>[^;\n]{25,}\n[ \t]*[a-z]{2,}[^;\n=:]*|[^;\n]+)/giu;

/** Several entries in one line, with commas between them: "v = knit, - = purl". */
const NEXT_ENTRY = /[,.][ \t]+(?=["'“]?[^\s"'”,]{1,8}["'”]?[ \t]*=)/g;

/** Words that never are a sign. */
const NO_SIGN = /^(?:row|rnd|round|rows|rnds|rs|ws|st|sts|rep|note|key|chart|size|sizes|\d+)$/i;

/** The lines of a text that could be a key; only those of signs that are drawn somewhere are one. */
export function keyLines(text: string): readonly KeyLine[] {
  // Each entry in a line of its own; the text keeps its length, so that places hold.
  const parted = text.replaceAll(NEXT_ENTRY, (sign) => ";".padEnd(sign.length));
  return [...parted.matchAll(ENTRY)].flatMap((found) => {
    const { sign, blank, words = "" } = found.groups ?? {};
    const lead = /^[;\n]?[ \t]*/.exec(found[0])?.[0].length ?? 0;
    const from = found.index + lead;
    const said = words.trim().replace(/[.,]$/, "");
    if (!/[a-z]/i.test(said)) return [];
    if (blank === undefined && (sign === undefined || NO_SIGN.test(sign) || isWord(sign))) return [];
    return [
      {
        sign: blank === undefined ? (sign ?? "") : "",
        words: said,
        from,
        to: found.index + found[0].trimEnd().length,
      },
    ];
  });
}

/** More lines than this are not tried as lines of a key that has no sign between sign and stitch. */
const MOST_TRIED = 60;

/** Lines that begin with one of these signs and go on with what could be a stitch: "k knit". */
export function plainKeyLines(text: string, signs: ReadonlySet<string>): readonly KeyLine[] {
  return [...text.matchAll(/^[ \t]*(\S{1,8}) ([a-z(\d][^\n]{0,80})$/gim)]
    .filter(([, sign = ""]) => signs.has(sign))
    .slice(0, MOST_TRIED)
    .map((found) => {
      const [line, sign = "", words = ""] = found;
      return {
        sign,
        words: words.trim(),
        from: found.index + line.indexOf(sign),
        to: found.index + line.length,
      };
    });
}

const ON_RIGHT = "(?:(?:on|in)? ?(?:the )?(?:rs|right[- ]sides?)(?: rows?)?)";
const ON_WRONG = "(?:(?:on|in)? ?(?:the )?(?:ws|wrong[- ]sides?)(?: rows?)?)";
const BOTH_SIDES = new RegExp(
  `^(?<what>.+?),? (?:on (?:both|all) (?:sides|rows)|${ON_RIGHT} and ${ON_WRONG})$`,
  "i",
);
const EACH_SIDE: readonly RegExp[] = [
  new RegExp(
    `^(?<right>.+?),? \\(?${ON_RIGHT}\\)?[,;:.]?(?: and| but)? (?<wrong>.+?) \\(?${ON_WRONG}\\)?$`,
    "i",
  ),
  new RegExp(`^${ON_RIGHT} ?[:=-]? ?(?<right>.+?)[,;.] ?(?:and )?${ON_WRONG} ?[:=-]? ?(?<wrong>.+)$`, "i"),
  new RegExp(
    `^(?<wrong>.+?),? \\(?${ON_WRONG}\\)?[,;:.]?(?: and| but)? (?<right>.+?) \\(?${ON_RIGHT}\\)?$`,
    "i",
  ),
];
const ONE_SIDE = new RegExp(`^(?<right>.+?),? \\(?${ON_RIGHT}\\)?$`, "i");

const PLAIN: readonly (readonly [RegExp, string])[] = [
  [/^(?:k|knit|stockinette|stocking stitch|plain)$/i, "k1"],
  [/^(?:p|purl|reverse stockinette)$/i, "p1"],
  [/^(?:k|knit)(?: 1)?(?: st(?:itch)?)? ?(?:tbl|through (?:the )?back loop)$/i, "k1 tbl"],
  [/^yarn ?over$/i, "yo"],
];

/** What stands for no stitch of its own. */
const NONE = /^(?:no ?-?st(?:itch)?(?: here)?|not a st(?:itch)?|placeholder)$/i;

/** Words behind a stitch that say how wide it is. */
const WIDE = /\s*(?:\(\d+ sts?\)|,? (?:worked )?over (?:the )?(?:next )?\d+ sts?)$/i;

/** Reads what is worked in one row; null where it is none. `keys` explain the names in it. */
function worksOf(words: string, keys: string, side: "RS" | "WS"): PanelRow | null {
  const bare = words
    .trim()
    .replace(WIDE, "")
    .replace(/^(\S+(?: \S+)?) st(?:itch)?$/i, "$1");
  const plain = PLAIN.find(([pattern]) => pattern.test(bare))?.[1] ?? bare;
  const text = `${keys}\nRow 1 (${side}): ${plain}.`;
  const { panel, complete, findings } = readPattern(text);
  const wrong = findings.some((finding) => isWrong(finding) && finding.to > keys.length);
  const [row] = panel?.rows ?? [];
  return row && complete && !wrong && row.length > 0 ? row : null;
}

/** Columns that a row of works covers: those it leaves, and one where it leaves none. */
export const columnsOf = (row: PanelRow) => Math.max(1, stitchesOf(row));

const meaningOf = (right: PanelRow, wrong: PanelRow): SignMeaning => ({
  right,
  wrong,
  columns: columnsOf(right),
});

/** What the words of a key mean; null where they are not understood. Example: "k on RS, p on WS" is one knit stitch. */
export function meaningOfWords(words: string, keys = ""): SignMeaning | null {
  const said = words.trim().replace(/\s+/g, " ").replace(/\.$/, "");
  if (NONE.test(said)) return { right: [], wrong: [], columns: 1 };
  const both = BOTH_SIDES.exec(said)?.groups?.["what"];
  if (both !== undefined) {
    const [right, wrong] = [worksOf(both, keys, "RS"), worksOf(both, keys, "WS")];
    return right && wrong ? meaningOf(right, wrong) : null;
  }
  for (const pattern of EACH_SIDE) {
    const { right: onRight, wrong: onWrong } = pattern.exec(said)?.groups ?? {};
    if (onRight === undefined || onWrong === undefined) continue;
    const [right, wrong] = [worksOf(onRight, keys, "RS"), worksOf(onWrong, keys, "WS")];
    return right && wrong && stitchesOf(right) === stitchesOf(wrong) ? meaningOf(right, wrong) : null;
  }
  // What is said of right-side rows only, or of none, shows so on every row.
  const shown = worksOf(ONE_SIDE.exec(said)?.groups?.["right"] ?? said, keys, "RS");
  return shown ? meaningOf(shown, shown) : null;
}

/** What a linked sign stands for; null where the link is none. */
export function meaningOfLink(link: string): SignMeaning | null {
  if (link === NO_STITCH) return { right: [], wrong: [], columns: 1 };
  const work = placeableOf(link)?.work;
  return work ? meaningOf([work], [work]) : null;
}
