/** The names that patterns give to crossings, read and told. */
import { CROSSING_KINDS, sameCrossing, type Crossing, type CrossingKind } from "./crossings";

export type CrossingNaming = "halves" | "total";

/** A name that schools read in two ways: which, in full names. */
export interface Ambiguous {
  readonly ambiguous: readonly string[];
}

const LEAN = { L: "left", R: "right", F: "left", B: "right" } as const;
const lean = (letter: string) => LEAN[letter as keyof typeof LEAN];

const of = (
  front: number,
  back: number,
  leaning: Crossing["lean"],
  kind: CrossingKind = "knit",
  centre = 0,
): Crossing => ({ front, centre, back, lean: leaning, kind });

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
    pattern: /^(\d+)\/(?:(\d+)\/)?(\d+)([LR])(C|[PR]C|P[PKR]C)$/,
    read: ([front, centre, back, side = "", letters = ""]) =>
      of(Number(front), Number(back), lean(side), kindOf(letters), Number(centre ?? 0)),
  },
  {
    // C6F: so many in all, half over half. An odd count means two things.
    pattern: /^C(\d+)([FB])$/,
    read: ([total, side = ""]) => {
      const count = Number(total);
      const leaning = lean(side);
      if (count % 2 === 0) return of(count / 2, count / 2, leaning);
      const letter = leaning === "left" ? "L" : "R";
      const [more, less] = [(count + 1) / 2, (count - 1) / 2];
      return {
        ambiguous: [
          `${count}/${count} ${letter}C`,
          ...(less > 0 ? [`${more}/${less} ${letter}C`, `${less}/${more} ${letter}C`] : []),
        ],
      };
    },
  },
  {
    // T3F: the knit strand travels over purl; the larger half is in front.
    pattern: /^T(\d+)([FB])$/,
    read: ([total, side = ""]) =>
      of(Math.ceil(Number(total) / 2), Math.floor(Number(total) / 2), lean(side), "purl"),
  },
  {
    // CR3F: as T3F, but knitted throughout.
    pattern: /^CR(\d+)([FB])$/,
    read: ([total, side = ""]) => of(Math.ceil(Number(total) / 2), Math.floor(Number(total) / 2), lean(side)),
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
  const plain = name.replace(/\s+/g, "").toUpperCase();
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
