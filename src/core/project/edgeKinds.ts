/** Kinds of cast-ons and cast-offs, and what each takes. One more kind is one more row of a table. */

interface Edge {
  readonly name: string;
  readonly why: string;
  /** Yarn of the edge without its end: so many loops a stitch, so many times the width. */
  readonly takes: { readonly loops: number; readonly widths: number };
}

const loops = (each: number) => ({ loops: each, widths: 0 });
const widths = (times: number) => ({ loops: 0, widths: times });

/** Cast-ons without a tail, each with an end to weave in; the long-tail one stands by itself. */
export const CAST_ONS_ALONE = {
  knittedOn: {
    name: "Knitted on",
    why: "Two loops a stitch, from the ball: no tail to measure.",
    takes: loops(2),
  },
  cable: { name: "Cable cast-on", why: "Two loops a stitch, from the ball; firm.", takes: loops(2) },
  tubular: { name: "Tubular", why: "2.2 loops a stitch; stretches with a rib.", takes: loops(2.2) },
} as const satisfies Record<string, Edge>;

export const CAST_ONS = {
  longTail: { name: "Long-tail", why: "One loop a stitch on the needle, and a tail to measure off." },
  ...CAST_ONS_ALONE,
} as const;
export type CastOn = keyof typeof CAST_ONS;

export const CAST_OFFS = {
  plain: { name: "Plain", why: "1.2 loops a stitch, drawn over one another.", takes: loops(1.2) },
  threeNeedle: {
    name: "Three-needle",
    why: "1.25 loops a stitch, and it closes a seam.",
    takes: loops(1.25),
  },
  sewn: { name: "Sewn", why: "3.5 times the width; stretches.", takes: widths(3.5) },
  tubular: { name: "Tubular", why: "3.5 times the width; stretches with a rib.", takes: widths(3.5) },
  grafted: {
    name: "Grafted",
    why: "1.1 loops a stitch, sewn to the other piece’s live stitches.",
    takes: loops(1.1),
  },
  gathered: {
    name: "Drawn together",
    why: "The yarn drawn twice through what is left, as at a crown.",
    takes: widths(2),
  },
  threeWidths: {
    name: "As long as three widths",
    why: "Three times the width kept in hand, however it is worked: a rule of thumb.",
    takes: widths(3),
  },
} as const satisfies Record<string, Edge>;
export type CastOff = keyof typeof CAST_OFFS;

export const CAST_ON_IDS = Object.keys(CAST_ONS) as readonly CastOn[];
export const CAST_OFF_IDS = Object.keys(CAST_OFFS) as readonly CastOff[];
