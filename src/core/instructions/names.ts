/** What the words of a pattern mean: operations and crossings by name, the pattern's own names first. */
import type { Crossing } from "../stitches/crossings";
import { readCrossingName, type Ambiguous } from "../stitches/crossingNames";
import { allOperations, bobble, nupp, operationOf, type Operation } from "../stitches/operations";

/** Names that the pattern itself explains: MB = 5 sts, 2 rows; C3F = 2/1 LC. */
export interface Definitions {
  readonly operations: ReadonlyMap<string, Operation>;
  readonly crossings: ReadonlyMap<string, string>;
}

/** Words with more than one spelling; the rest are found by their abbreviations. */
const SPELLINGS: Readonly<Record<string, string>> = {
  m1: "m1l",
  m1p: "m1lp",
  skpo: "skp",
  sk2po: "sk2p",
  s2kp: "cdd",
  s2kpo: "cdd",
  yfwd: "yo",
  yfd: "yo",
  yf: "yo",
  yrn: "yo",
  yon: "yo",
};
const BY_NAME: ReadonlyMap<string, Operation> = new Map(allOperations.map((one) => [one.abbreviation, one]));

/** A slip that says nothing of the yarn keeps it away from the right side, whichever side is worked. */
const slipOn = (side: "RS" | "WS") => operationOf(side === "RS" ? "slip" : "slipf");

/** The operation of a name in small letters; null where there is none. Bobbles and nupps have usual counts. */
export function operationNamed(name: string, side: "RS" | "WS", definitions: Definitions): Operation | null {
  const defined = definitions.operations.get(name);
  if (defined) return defined;
  if (/^mb\d*$/.test(name)) return bobble(5, 2);
  if (/^nupp\d*$/.test(name)) return nupp(5);
  if (name === "sl") return slipOn(side);
  return BY_NAME.get(SPELLINGS[name] ?? name) ?? null;
}

/** A crossing's name without spaces, in capitals. Example: "2/2 lc" is "2/2LC". */
export const plainName = (name: string) => name.replace(/\s+/g, "").toUpperCase();

/** Names are few and stand in a pattern many thousand times. */
const READ = new Map<string, Crossing | Ambiguous | null>();
const MOST_KEPT = 500;

function readOnce(name: string): Crossing | Ambiguous | null {
  let crossing = READ.get(name);
  if (crossing === undefined) {
    if (READ.size > MOST_KEPT) READ.clear();
    crossing = readCrossingName(name);
    READ.set(name, crossing);
  }
  return crossing;
}

/** The crossing of a name, by the pattern's own answer where the name means two things. */
export const crossingNamed = (name: string, { crossings }: Definitions): Crossing | Ambiguous | null =>
  readOnce((crossings.size > 0 && crossings.get(plainName(name))) || name);
