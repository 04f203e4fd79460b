/** Balls of one length from one seller, the cheapest first. */
import type { Offer, Seller } from "./offers";

/** Of two ways that cost the same, the one that leaves less over: far less than a cent on any purchase. */
export const PER_METRE = 1e-7;

/** Balls of one length from one seller, the cheapest first. */
export interface Pile {
  readonly sellerIndex: number;
  readonly lengthM: number;
  /** Which offer each ball is of, and what the first so many cost. */
  readonly offers: readonly number[];
  readonly paid: readonly number[];
  /** What a metre costs at least, the trifle in it. */
  readonly perMetre: number;
}

/** Where so much must be spent at a seller, a dearer ball of the same length may be the better one. */
export function pilesOf(
  offers: readonly Offer[],
  sellers: readonly Seller[],
  spendAt: readonly boolean[],
): readonly Pile[] {
  const piles = new Map<string, { offer: Offer; index: number }[]>();
  for (const [index, offer] of offers.entries()) {
    const { sellerId, lengthM, price } = offer;
    const split = spendAt[sellers.findIndex(({ id }) => id === sellerId)] ?? false;
    const key = `${sellerId} ${lengthM} ${split ? price : ""}`;
    piles.set(key, [...(piles.get(key) ?? []), { offer, index }]);
  }
  return [...piles.values()]
    .flatMap((alike): readonly Pile[] => {
      const sorted = alike.toSorted((a, b) => a.offer.price - b.offer.price);
      const balls = sorted.flatMap(({ offer, index }) =>
        Array.from({ length: offer.balls }, () => ({ index, price: offer.price })),
      );
      const [first] = sorted;
      if (!first || balls.length === 0) return [];
      const paid = [0];
      for (const { price } of balls) paid.push((paid.at(-1) ?? 0) + price);
      return [
        {
          sellerIndex: sellers.findIndex(({ id }) => id === first.offer.sellerId),
          lengthM: first.offer.lengthM,
          offers: balls.map(({ index }) => index),
          paid,
          perMetre: first.offer.price / first.offer.lengthM + PER_METRE,
        },
      ];
    })
    .toSorted((a, b) => a.perMetre - b.perMetre || b.lengthM - a.lengthM);
}
