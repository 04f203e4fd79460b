/** The cheapest way to cover a length with whole balls, found exactly: every choice is tried or shown to be dearer. */
import type { Pile } from "./piles";
import { PER_METRE, pilesOf } from "./piles";
import { isEnough, SLACK_M, type Enough } from "./enough";
import type { Offer, Seller } from "./offers";

const NOUGHT = 1e-9;

export interface Cover {
  /** Balls of each offer, in the order of the offers. */
  readonly counts: readonly number[];
  readonly balls: number;
  readonly lengthM: number;
  /** Postage in it. */
  readonly cost: number;
  readonly postage: number;
  /** What is compared: the cost, and a trifle for each metre. */
  readonly weighed: number;
}

/** What a seller asks for the post where so much was spent there. */
export const postageOf = ({ postage, freeFrom }: Seller, spent: number) =>
  spent <= 0 || (freeFrom !== null && spent >= freeFrom - NOUGHT) ? 0 : postage;

interface Wanted {
  readonly enough: Enough;
  readonly chance: number;
  /** Only what weighs less than this is looked for. */
  readonly under?: number;
  /** Choices that may still be tried; counted down, so that planning ends. Not said where all are. */
  readonly budget?: { left: number };
}

/** A seller that something is bought from: what is paid for the post, and how much must be spent there. */
interface Terms {
  readonly postage: number;
  readonly least: number;
}

interface Counted {
  readonly piles: readonly Pile[];
  readonly counts: readonly number[];
  readonly weighed: number;
}

/**
 * The cheapest counts under given terms. Branch and bound (Land and Doig 1960): a choice is given up only when even
 * fractions of the cheapest balls left could not bring it under the best one.
 */
function search(piles: readonly Pile[], terms: readonly Terms[], { enough, chance, under, budget }: Wanted) {
  const counts = piles.map(() => 0);
  const spent = terms.map(() => 0);
  let best: number[] | null = null;
  let bar = (under ?? Infinity) - NOUGHT;

  /** Post of those that are bought from, and what must still be spent at them. */
  const owed = (): readonly [number, number] => {
    let [post, more] = [0, 0];
    for (const [index, { postage, least }] of terms.entries()) {
      const paid = spent[index] ?? 0;
      if (paid <= 0) continue;
      post += postage;
      more += Math.max(0, least - paid);
    }
    return [post, more];
  };

  /** What the rest costs at least: fractions of balls, each pile at its cheapest. */
  function leastFor(from: number, lengthM: number, balls: number): number {
    let wanted = enough.boundsFor(balls + 1, chance).least - SLACK_M - lengthM;
    let cost = 0;
    for (let index = from; index < piles.length && wanted > 0; index += 1) {
      const pile = piles[index] as Pile;
      const taken = Math.min(wanted, pile.offers.length * pile.lengthM);
      cost += taken * pile.perMetre;
      wanted -= taken;
    }
    return wanted > NOUGHT ? Infinity : cost;
  }

  /** So many balls of a length are enough, however many joins they bring. */
  function surelyEnough(each: number, lengthM: number, balls: number): number {
    const { joinM } = enough;
    if (each <= joinM) return Infinity;
    const { most } = enough.boundsFor(balls + 1, chance);
    return Math.max(0, Math.ceil((most - lengthM - joinM) / (each - joinM)));
  }

  /** Ways to the same length with the piles before: one of no more balls and no more money was followed already. */
  const followed = new Map<string, { readonly balls: number; readonly price: number }[]>();
  function isDominated(at: number, lengthM: number, balls: number, price: number): boolean {
    let key = `${at} ${lengthM.toFixed(3)}`;
    for (const [index, { postage, least }] of terms.entries())
      if (least > 0) key += ` ${spent[index] ?? 0}`;
      else if (postage > 0) key += (spent[index] ?? 0) > 0 ? "+" : "-";
    const others = followed.get(key);
    if (!others) followed.set(key, [{ balls, price }]);
    else if (others.some((one) => one.balls <= balls && one.price <= price + NOUGHT)) return true;
    else others.push({ balls, price });
    return false;
  }

  function choose(at: number, lengthM: number, balls: number, price: number) {
    if (budget) budget.left -= 1;
    if (budget && budget.left < 0) return;
    const covered = isEnough(enough, { lengthM, balls, chance });
    const [post, more] = owed();
    const so = price + post + PER_METRE * lengthM;
    if (covered && more <= NOUGHT) {
      if (so < bar) {
        bar = so - NOUGHT;
        best = [...counts];
      }
      return;
    }
    const pile = piles[at];
    if (!pile || so + Math.max(more, covered ? 0 : leastFor(at, lengthM, balls)) >= bar) return;
    if (isDominated(at, lengthM, balls, price)) return;
    const { lengthM: each, paid, sellerIndex } = pile;
    const before = spent[sellerIndex] ?? 0;
    const likely = covered ? 0 : Math.min(pile.offers.length, surelyEnough(each, lengthM, balls));
    const highest = (terms[sellerIndex]?.least ?? 0) > 0 ? pile.offers.length : likely;
    // From the likely count down, which finds a good way early; then up, where more must be spent.
    for (let step = 0; step <= highest; step += 1) {
      const count = step <= likely ? likely - step : step;
      const cost = paid[count] ?? 0;
      if (so + cost >= bar) {
        if (count > likely) break;
        continue;
      }
      counts[at] = count;
      spent[sellerIndex] = before + cost;
      choose(at + 1, lengthM + count * each, balls + count, price + cost);
    }
    counts[at] = 0;
    spent[sellerIndex] = before;
  }
  choose(0, 0, 0, 0);
  return best === null ? null : { piles, counts: best as readonly number[], weighed: bar + NOUGHT };
}

/** Which of the sellers that send for nothing from so much on are to do so: every combination. */
function* freed(sellers: readonly Seller[]): Generator<readonly boolean[]> {
  const [first, ...rest] = sellers;
  if (!first) return yield [];
  for (const others of freed(rest)) {
    yield [false, ...others];
    if (first.freeFrom !== null && first.postage > 0) yield [true, ...others];
  }
}

/**
 * The cheapest whole balls that are enough with a chance; null where all of them together are not, or where nothing
 * weighs less than `under`.
 */
export function cheapestCover(
  offers: readonly Offer[],
  sellers: readonly Seller[],
  wanted: Wanted,
): Cover | null {
  const nowhere = sellers.map(() => false);
  const plain = pilesOf(offers, sellers, nowhere);
  let best: Counted | null = null;
  for (const free of freed(sellers)) {
    const termsOf = (bound: boolean) =>
      sellers.map(({ postage, freeFrom }, index) => ({
        postage: free[index] ? 0 : postage,
        least: free[index] && bound ? (freeFrom ?? 0) : 0,
      }));
    const under = Math.min(best?.weighed ?? Infinity, wanted.under ?? Infinity);
    // Mostly enough is spent by itself; only where it is not, more is to be spent on purpose.
    const unbound = search(plain, termsOf(false), { ...wanted, under });
    const spends = unbound && spentIn(unbound, sellers.length);
    const enoughSpent = sellers.every(
      ({ freeFrom }, index) =>
        !free[index] || (spends?.[index] ?? 0) <= 0 || (spends?.[index] ?? 0) >= (freeFrom ?? 0) - NOUGHT,
    );
    const found =
      unbound && !enoughSpent
        ? search(pilesOf(offers, sellers, free), termsOf(true), { ...wanted, under })
        : unbound;
    if (found) best = found;
  }
  return best === null ? null : coverOf(best, offers, sellers);
}

function spentIn({ piles, counts }: Pick<Counted, "piles" | "counts">, sellers: number): readonly number[] {
  const spent = Array.from({ length: sellers }, () => 0);
  for (const [index, { sellerIndex, paid }] of piles.entries())
    spent[sellerIndex] = (spent[sellerIndex] ?? 0) + (paid[counts[index] ?? 0] ?? 0);
  return spent;
}

function coverOf(counted: Counted, offers: readonly Offer[], sellers: readonly Seller[]): Cover {
  const each = offers.map(() => 0);
  for (const [index, pile] of counted.piles.entries())
    for (const offer of pile.offers.slice(0, counted.counts[index] ?? 0))
      each[offer] = (each[offer] ?? 0) + 1;
  const spent = spentIn(counted, sellers.length);
  const postage = sellers.reduce((sum, seller, index) => sum + postageOf(seller, spent[index] ?? 0), 0);
  return {
    counts: each,
    balls: each.reduce((sum, count) => sum + count, 0),
    lengthM: each.reduce((sum, count, index) => sum + count * (offers[index]?.lengthM ?? 0), 0),
    cost: spent.reduce((sum, one) => sum + one, postage),
    postage,
    weighed: counted.weighed,
  };
}
