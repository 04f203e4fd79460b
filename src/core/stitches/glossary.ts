/** The glossary: operations and crossings in both words and both namings, and the search through them. */
import { crossingMeant, crossingName, crossingWords } from "./crossingNames";
import { allOperations, bobble, nupp } from "./operations";

export interface Entry {
  readonly name: string;
  /** Other names for the same thing: the British abbreviation, the other naming. */
  readonly also: string;
  readonly us: string;
  readonly uk: string;
  /** Stitches used and left. */
  readonly counts: string;
}

const CROSSINGS = ["1/1", "2/1", "1/2", "2/2", "3/3", "4/4", "5/5", "6/6", "2/1/2"].flatMap((sides) =>
  ["LC", "RC", "LPC", "RPC", "LRC", "RRC"].map((side) => `${sides} ${side}`),
);

const operations: readonly Entry[] = [...allOperations, bobble(5, 2), nupp(5)].map((operation) => ({
  name: operation.abbreviation,
  also: operation.ukAbbreviation ?? "",
  us: operation.us,
  uk: operation.uk ?? operation.us,
  counts: `${operation.uses} > ${operation.leaves}`,
}));

const crossings: readonly Entry[] = CROSSINGS.flatMap((name) => {
  const crossing = crossingMeant(name);
  if (!crossing) return [];
  const total = crossingName(crossing, "total");
  const words = crossingWords(crossing);
  const all = crossing.front + crossing.centre + crossing.back;
  return [{ name, also: total === name ? "" : total, us: words, uk: words, counts: `${all} > ${all}` }];
});

const GLOSSARY: readonly Entry[] = [...operations, ...crossings];

/**
 * Entries that fit what is looked for: first those so named, then those that hold it anywhere.
 * Example: "C4F" finds "2/2 LC"; "together" finds all such decreases; an empty search finds everything.
 */
export function lookUp(wanted: string): readonly Entry[] {
  const plain = wanted.trim().toLowerCase();
  const named = ({ name, also }: Entry) => [name, also].some((one) => one.toLowerCase() === plain);
  const holds = ({ name, also, us, uk }: Entry) =>
    [name, also, us, uk].some((text) => text.toLowerCase().includes(plain));
  return [...GLOSSARY.filter(named), ...GLOSSARY.filter((entry) => !named(entry) && holds(entry))];
}
