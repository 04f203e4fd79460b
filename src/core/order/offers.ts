/** What can be bought or taken: balls by put-up, dye lot and who has them. */

/** A shop, or the knitter's own shelf. */
export interface Seller {
  readonly id: string;
  readonly name: string;
  /** Paid once, for whatever is bought there. */
  readonly postage: number;
  /** Nothing is paid for postage from so much on; null where it always is. */
  readonly freeFrom: number | null;
  /** Days within which unopened balls can be given back; null where they cannot. */
  readonly returnDays: number | null;
}

/** Balls that are all alike. */
export interface Offer {
  readonly id: string;
  readonly sellerId: string;
  /** Empty where nobody knows. */
  readonly lot: string;
  /** What it lies together with; not said where it lies by itself. Without a lot such balls are of one. */
  readonly with?: string;
  readonly massG: number;
  readonly lengthM: number;
  /** Of one ball. */
  readonly price: number;
  /** How many there are. */
  readonly balls: number;
}

export const SHELF_ID = "shelf";

/** The shelf sells for nothing and sends nothing. */
export const THE_SHELF: Seller = {
  id: SHELF_ID,
  name: "your shelf",
  postage: 0,
  freeFrom: null,
  returnDays: null,
};

/** Balls of one lot match one another; of an unknown lot only those that lie together do. */
export const lotOf = ({ lot, id, with: together = id }: Offer) => (lot === "" ? `unknown ${together}` : lot);
