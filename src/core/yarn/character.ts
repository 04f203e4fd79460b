/** How a yarn looks when it is drawn, by what its label says: an estimate of ours, for the eye alone. */
import { readFibres } from "./fibres";

export interface Character {
  /** How far fibres stand out of it as fuzz, and how far it shines; 0 to 1. */
  readonly halo: number;
  readonly sheen: number;
  /** How far its fibres differ from one another in colour, and how far its colour changes along it; 0 to 1. */
  readonly heather: number;
  readonly variegation: number;
  /** Plies that wind about one another; 1 is a single, which shows none. */
  readonly plies: number;
}

interface Label {
  readonly fibres: string;
  readonly plies: number | null;
  readonly dyed: "solid" | "heathered" | "variegated";
}

/** What a yarn is taken for of which its label says nothing: most are of two plies or look so. */
const USUAL_PLIES = 2;
const MOST_PLIES = 6;

export const PLAIN_CHARACTER: Character = {
  halo: 0,
  sheen: 0.1,
  heather: 0,
  variegation: 0,
  plies: USUAL_PLIES,
};

/** Example: "60 % mohair, 40 % silk" of one ply has a halo of 0.6, a sheen of 0.61 and shows no plies. */
export function characterOf({ fibres, plies, dyed }: Label): Character {
  const blend = readFibres(fibres);
  return {
    halo: blend?.halo ?? PLAIN_CHARACTER.halo,
    sheen: blend?.sheen ?? PLAIN_CHARACTER.sheen,
    heather: dyed === "heathered" ? 1 : 0,
    variegation: dyed === "variegated" ? 1 : 0,
    plies: Math.min(MOST_PLIES, Math.max(1, plies ?? USUAL_PLIES)),
  };
}
