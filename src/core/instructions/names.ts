/** What the words of a pattern mean: operations and crossings by name, the pattern's own names first. */
import type { Crossing } from "../stitches/crossings";
import { plainCrossingName, readCrossingName, type Ambiguous } from "../stitches/crossingNames";
import { allOperations, bobble, nupp, operationOf, type Operation } from "../stitches/operations";
import type { Message } from "../words/message";
import { numberIn } from "./numerals";

/** Names that the pattern itself explains: MB = 5 sts, 2 rows; C3F = 2/1 LC. */
export interface Definitions {
  /** By their names in small letters. */
  readonly operations: ReadonlyMap<string, Operation>;
  /** By their plain names. */
  readonly crossings: ReadonlyMap<string, Crossing>;
  /** All of them as they are written, in small letters: those of crossings, and those of anything else. */
  readonly names: ReadonlyMap<string, "crossing" | "operation">;
  /** Names whose explanation is not understood, and what is to be said where they are used. */
  readonly unread: ReadonlyMap<string, { readonly message: Message }>;
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
  "yarn over": "yo",
  kb: "k tbl",
  kb1: "k tbl",
  pb: "p tbl",
  pb1: "p tbl",
};
const BY_NAME: ReadonlyMap<string, Operation> = new Map(allOperations.map((one) => [one.abbreviation, one]));

/** A slip that says nothing of the yarn keeps it away from the right side, whichever side is worked. */
const slipOn = (side: "RS" | "WS") => operationOf(side === "RS" ? "slip" : "slipf");

/** The operation of a name in small letters; null where there is none. Bobbles and nupps have usual counts. */
export function operationNamed(name: string, side: "RS" | "WS", definitions: Definitions): Operation | null {
  const defined = definitions.operations.get(name);
  if (defined) return defined;
  const plainly = BY_NAME.get(name);
  if (plainly) return plainly;
  if (/^make\s/.test(name)) return operationNamed("mb", side, definitions);
  if (/^mb\d*$/.test(name)) return bobble(5, 2);
  if (/^nupp\d*$/.test(name)) return nupp(5);
  if (name === "sl") return slipOn(side);
  const plain = name
    .replace(/\s+/g, " ")
    .replace(
      /^([kp])(?:nit|url)? ?(\d+|two|three) (?:sts? |stitches )?tog(?:ether)?$|^([kp]) ?(\d+) ?tog$/,
      (_, face?: string, count?: string, letter?: string, figures?: string) =>
        `${face ?? letter ?? ""}${numberIn(count ?? figures ?? "")}tog`,
    );
  return BY_NAME.get(SPELLINGS[plain] ?? plain) ?? null;
}

/** A name as names are compared. Example: "2/2 lc" is "2/2LC", "cable 4 front" is "C4F". */
export const plainName = plainCrossingName;

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

/** The crossing of a name, by the pattern's own answer where it gives one. */
export const crossingNamed = (name: string, { crossings }: Definitions): Crossing | Ambiguous | null =>
  (crossings.size > 0 ? crossings.get(plainName(name)) : undefined) ?? readOnce(name);
