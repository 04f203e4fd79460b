/** The names that patterns give to crossings, read and told. */
import { CROSSING_KINDS, sameCrossing, type Crossing, type CrossingKind } from "./crossings";

export type CrossingNaming = "halves" | "total";

/** A name that schools read in two ways: which, in full names. */
export interface Ambiguous {
  readonly ambiguous: readonly string[];
}

const LEAN = { L: "left", R: "right", F: "left", B: "right" } as const;
const lean = (letter: string) => LEAN[letter as keyof typeof LEAN];

/** Counts that schools write in words: one and on. */
const COUNTS = "one two three four five six seven eight nine ten eleven twelve".split(" ");
/** "Cable 4 front" is C4F, and so on. */
const WRITTEN_OUT: Readonly<Record<string, string>> = { cable: "c", cross: "cr", twist: "t" };

/**
 * A name in the signs that schools share: capitals, no spaces, figures for words.
 * Example: "cable six back" is "C6B", "2x2 right cross" is "2/2RC", "4-st left cable" is "4-LC".
 */
export const plainCrossingName = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[a-z]+/g, (word) => (COUNTS.includes(word) ? String(COUNTS.indexOf(word) + 1) : word))
    .replace(
      /(right|left)\s+(purl\s+)?(?:cross(?:ing)?|cable|twist)/,
      (_, side: string, purl: string | undefined) => side.charAt(0) + (purl ? "pc" : "c"),
    )
    .replace(
      /^(cable|cross|twist)\s+(\d+)\s+([fblr])[a-z]*$/,
      (_, kind: string, count: string, side: string) => `${WRITTEN_OUT[kind] ?? ""}${count}${side}`,
    )
    .replace(/(\d)\s*(?:[x-]|over)\s*(?=\d)/g, "$1/")
    .replace(/^(\d+)\s*-?\s*st(?:s|itch)?\s*-?\s*/, "$1-")
    .replace(/([lr])cp$/, "$1pc")
    .replace(/\s+/g, "")
    .toUpperCase();

const of = (
  front: number,
  back: number,
  leaning: Crossing["lean"],
  kind: CrossingKind = "knit",
  centre = 0,
): Crossing => ({ front, centre, back, lean: leaning, kind });

/** What an odd count in all may mean: more of it in front, or behind; `more` comes before. */
function inThree(
  count: number,
  leaning: Crossing["lean"],
  letters: string,
  more: readonly string[] = [],
): Ambiguous {
  const name = `${leaning === "left" ? "L" : "R"}${letters}`;
  const [larger, smaller] = [(count + 1) / 2, (count - 1) / 2];
  const halves = smaller > 0 ? [`${larger}/${smaller}`, `${smaller}/${larger}`] : [];
  return { ambiguous: [...more, ...halves].map((strands) => `${strands} ${name}`) };
}

interface School {
  readonly pattern: RegExp;
  readonly read: (parts: readonly string[]) => Crossing | Ambiguous | null;
}

const kindOf = (letters: string): CrossingKind =>
  (Object.keys(CROSSING_KINDS) as CrossingKind[]).find((kind) => CROSSING_KINDS[kind].letters === letters) ??
  "knit";

/** How each school writes a crossing. One more school is one more row. */
const SCHOOLS: readonly School[] = [
  {
    // 2/2 LC, 2/1 RPC, 2/1/2 RPC: the strand in front first, then the centre, then the strand behind.
    pattern: /^(\d+)\/(?:(\d+)\/)?(\d+)-?([LR])(C|[PR]C|P[PKR]C|P?T)$/,
    read: ([front, centre, back, side = "", letters = ""]) =>
      of(Number(front), Number(back), lean(side), kindOf(letters.replace("T", "C")), Number(centre ?? 0)),
  },
  {
    // 6-st RC: half over half.
    pattern: /^(\d+)-([LR])(P?)[CT]$/,
    read: ([total, side = "", purl]) =>
      Number(total) % 2 === 0
        ? of(Number(total) / 2, Number(total) / 2, lean(side), purl ? "purl" : "knit")
        : inThree(Number(total), lean(side), purl ? "PC" : "C"),
  },
  {
    // C6F: so many in all, half over half. An odd count means two things.
    pattern: /^C(\d+)([FBLR])$/,
    read: ([total, side = ""]) => {
      const count = Number(total);
      return count % 2 === 0
        ? of(count / 2, count / 2, lean(side))
        : inThree(count, lean(side), "C", [`${count}/${count}`]);
    },
  },
  {
    // T3F: the knit strand travels over purl; the larger half is in front.
    pattern: /^T(\d+)([FBLR])$/,
    read: ([total, side = ""]) =>
      of(Math.ceil(Number(total) / 2), Math.floor(Number(total) / 2), lean(side), "purl"),
  },
  {
    // CR3F: as T3F, but knitted throughout. CR4L is half over half in one school, three over one in another.
    pattern: /^CR(\d+)([FBLR])$/,
    read: ([total, side = ""]) => {
      const count = Number(total);
      const letter = lean(side) === "left" ? "L" : "R";
      const [more, less] = [Math.ceil(count / 2), Math.floor(count / 2)];
      if (/[FB]/.test(side) || count < 4) return of(more, less, lean(side));
      return {
        ambiguous: [
          `${more}/${less} ${letter}C`,
          `${count - 1}/1 ${letter}C`,
          `${count - 1}/1 ${letter}PC`,
          `${more}/${less} ${letter}PC`,
        ],
      };
    },
  },
  { pattern: /^([LR])T$/, read: ([side = ""]) => of(1, 1, lean(side)) },
];

/** Wider than this is no crossing that a needle can hold. */
const WIDEST = 40;

/**
 * Reads a name in any school, letters in any case, with or without a space.
 * Null where it is no such name or has an impossible count; a list of full names where it is ambiguous.
 * Example: `readCrossingName("c6f")` is 3/3 leaning left; `readCrossingName("C3F")` is ambiguous.
 */
export function readCrossingName(name: string): Crossing | Ambiguous | null {
  const plain = plainCrossingName(name);
  for (const { pattern, read } of SCHOOLS) {
    const match = pattern.exec(plain);
    if (!match) continue;
    const found = read(match.slice(1));
    if (!found || "ambiguous" in found) return found;
    const { front, centre, back } = found;
    return front > 0 && back > 0 && front + centre + back <= WIDEST ? found : null;
  }
  return null;
}

/** The one crossing that a name means; null where it means none, or more than one. Example: "C3F" is null. */
export function crossingMeant(name: string): Crossing | null {
  const crossing = readCrossingName(name);
  return crossing && !("ambiguous" in crossing) ? crossing : null;
}

/**
 * The name of a crossing. By halves every crossing has one; by total only those that the total names
 * without doubt, the others keep their halves.
 * Example: 3/3 leaning left is "3/3 LC", or "C6F" by total.
 */
export function crossingName(crossing: Crossing, naming: CrossingNaming = "halves"): string {
  const { front, centre, back, lean: leaning, kind } = crossing;
  const letter = leaning === "left" ? "L" : "R";
  const byTotal = `${kind === "purl" ? "T" : "C"}${front + back}${leaning === "left" ? "F" : "B"}`;
  const total = readCrossingName(byTotal);
  if (naming === "total" && total && !("ambiguous" in total) && sameCrossing(total, crossing)) return byTotal;
  const halves = centre > 0 ? `${front}/${centre}/${back}` : `${front}/${back}`;
  return `${halves} ${letter}${CROSSING_KINDS[kind].letters}`;
}

const KIND_WORDS: Readonly<Record<CrossingKind, string>> = {
  knit: "",
  purl: "",
  rib: ", in rib",
  allPurl: ", all purl",
  knitCentre: ", purl round a knit centre",
  ribBehind: ", in rib from behind",
};

/** A crossing in words. Example: "2 over 1 purl, leaning left". */
export function crossingWords({ front, centre, back, lean: leaning, kind }: Crossing): string {
  const behind = kind === "purl" && centre === 0 ? `${back} purl` : `${back}`;
  const middle = centre > 0 ? ` around ${centre}${kind === "purl" ? " purl" : ""}` : "";
  return `${front} over ${behind}${middle}, leaning ${leaning}${KIND_WORDS[kind]}`;
}
