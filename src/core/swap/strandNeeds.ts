/** What is bought of each of the yarns that are held together. */
import type { Candidate } from "../project/candidates";
import { fullName } from "../project/label";
import { CERTAINTIES, type Certainty } from "../forecast/forecast";
import type { KnownForecast } from "../forecast/projectForecast";
import { enoughOf, isEnough } from "../order/enough";
import { SHELF_ID, type Offer, type Seller } from "../order/offers";
import { planOrder } from "../order/plan";
import { metres, toMetres } from "../units/brands";
import { massOf } from "../yarn/putUp";
import { inStrands } from "../yarn/strands";
import { heldOf } from "./candidateYarn";

/** One of the yarns that are held, as it is bought. */
export interface StrandNeed {
  readonly name: string;
  readonly metres: number;
  /** By what its balls are believed to hold. */
  readonly grams: number;
  /** Balls as its label says they are wound, and the chance that so many are enough. */
  readonly ballG: number;
  readonly balls: number;
  readonly chance: number;
  /** The cheapest way to have them, whatever they are wound in; null where there is not enough to be had. */
  readonly bought: {
    /** With postage. */
    readonly cost: number;
    readonly balls: number;
    /** Of them, those that lie on the shelf. */
    readonly fromShelf: number;
  } | null;
}

/** What can be bought of a yarn, by its full name. */
export type OffersOf = (name: string) => {
  readonly offers: readonly Offer[];
  readonly sellers: readonly Seller[];
};

const NOTHING: ReturnType<OffersOf> = { offers: [], sellers: [] };

/** What can be bought where so much is known of each yarn: of one that is not there, nothing. */
export const offersIn =
  (markets: Readonly<Record<string, ReturnType<OffersOf>>>): OffersOf =>
  (name) =>
    markets[name] ?? NOTHING;

/** Balls of all strands together, and what they cost with postage; null where a price is not known. */
export function totalOf(strands: readonly StrandNeed[]): {
  readonly balls: number;
  readonly cost: number | null;
} {
  const costs = strands.map(({ bought }) => bought?.cost ?? null);
  return {
    balls: strands.reduce((sum, { balls }) => sum + balls, 0),
    cost: costs.includes(null) ? null : costs.reduce((sum: number, cost) => sum + (cost ?? 0), 0),
  };
}

/** What is bought of each yarn that is held, each for the certainty wanted. */
export function strandNeeds(
  candidate: Candidate,
  answer: KnownForecast,
  { certainty, offersOf }: { readonly certainty: Certainty; readonly offersOf: OffersOf },
): readonly StrandNeed[] {
  const [first] = answer.yarns;
  const held = heldOf(candidate);
  if (!held) return [];
  const { needsMm, putUps, putUpMean } = first.drawn;
  // The same strand is knitted whatever it is held of.
  const enough = enoughOf(needsMm, putUps, putUpMean, first.yarn.joinMm);
  const chance = CERTAINTIES[certainty];
  return held.map(({ putUp, strands }, index) => {
    const label = index === 0 ? candidate.label : (candidate.beside?.label ?? candidate.label);
    const name = fullName(label) || "A yarn";
    // Balls are counted as far as they go in so many strands.
    const goes = inStrands({ putUp, strands });
    // One strand is bought as the headline of that project says, by whichever way its balls are advised.
    const single = held.length === 1 && strands === 1;
    let balls = single ? first.advised.balls : 1;
    while (!single && !isEnough(enough, { lengthM: goes.lengthM * balls, balls, chance })) balls += 1;
    const { offers, sellers } = offersOf(fullName(label));
    const ordered = planOrder({
      offers: offers.map((offer) => ({ ...offer, lengthM: offer.lengthM / strands })),
      sellers,
      enough,
      chance,
      lots: "few",
    });
    const needM = toMetres(first.totalMm) * strands;
    return {
      name,
      metres: needM,
      grams: massOf(metres(needM * Math.exp(-putUpMean)), putUp),
      ballG: putUp.massG,
      balls,
      chance: enough.chanceOf(balls * goes.lengthM, balls),
      bought: ordered.ok
        ? {
            cost: ordered.plan.cost,
            balls: ordered.plan.balls,
            fromShelf: ordered.plan.lines.reduce(
              (sum, line) => (line.offer.sellerId === SHELF_ID ? sum + line.balls : sum),
              0,
            ),
          }
        : null,
    };
  });
}
