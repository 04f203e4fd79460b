/** Grounds: small fabrics that fill any count of stitches, as ribs and hems do. One more is one more row. */
import type { Face } from "../stitches/operations";

interface Ground {
  readonly name: string;
  readonly uk?: string;
  /** Faces from the right, row by row from the bottom, k for knit and p for purl, until they come again. */
  readonly rows: readonly string[];
}

export const GROUNDS = {
  rib1: { name: "Rib, k1 p1", rows: ["kp", "kp"] },
  rib2: { name: "Rib, k2 p2", rows: ["kkpp", "kkpp"] },
  twistedRib: { name: "Rib, k1 p1 with k through the back", rows: ["tp", "tp"] },
  garter: { name: "Garter", rows: ["k", "p"] },
  stockinette: { name: "Stockinette", uk: "Stocking stitch", rows: ["k", "k"] },
  reverse: { name: "Reverse stockinette", uk: "Reverse stocking stitch", rows: ["p", "p"] },
  seed: { name: "Seed", uk: "Moss", rows: ["kp", "pk"] },
} as const satisfies Record<string, Ground>;

export type GroundId = keyof typeof GROUNDS;
export const GROUND_IDS = Object.keys(GROUNDS) as readonly GroundId[];

const faceOf = (letter: string): Face => (letter === "p" ? "purl" : "knit");

/** Stitches to add to whole repeats so that both edges look alike: k2 p2 rib begins and ends with k2. */
export function groundBalance(id: GroundId): number {
  const row: string = GROUNDS[id].rows[0];
  const other = [...row].findIndex((letter) => faceOf(letter) !== faceOf(row[0] ?? "k"));
  return other > 0 ? other : 0;
}

/** Panels of the library that are grounds: among others they fill so many stitches. */
const FILLING: readonly string[] = [
  "rib-1-1",
  "rib-2-2",
  "rib-3-2",
  "garter",
  "seed",
  "moss",
  "stockinette",
  "reverse-stockinette",
];

export const isFilling = (panelId: string) => FILLING.includes(panelId);
