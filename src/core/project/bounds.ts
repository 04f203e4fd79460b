/** The least and the most of everything that is typed: one place for the fields and for the files. */
import type { CountBounds } from "../units/count";
import type { Bounds } from "../units/reading";

export const COUNTS = {
  ropes: { least: 1, most: 120, things: "ropes" },
  purls: { least: 0, most: 20, things: "purl columns" },
  edge: { least: 0, most: 600, things: "edge stitches" },
  repeats: { least: 1, most: 1000, things: "repeats" },
  endRow: { least: 0, most: 400, things: "rows" },
  stitches: { least: 1, most: 2000, things: "stitches" },
  shaped: { least: 1, most: 200, things: "stitches" },
  every: { least: 1, most: 400, things: "rows" },
  shapings: { least: 1, most: 500, things: "times" },
  turns: { least: 1, most: 60, things: "turns" },
  hem: { least: 1, most: 200, things: "rows" },
  holes: { least: 1, most: 60, things: "buttonholes" },
  holeStitches: { least: 1, most: 20, things: "stitches" },
  centre: { least: 0, most: 2000, things: "stitches" },
  band: { least: 1, most: 2000, things: "rows or stitches" },
  sewn: { least: 1, most: 1000, things: "seams" },
  extras: { least: 1, most: 1000, things: "of them" },
  knots: { least: 1, most: 5000, things: "knots" },
  bundle: { least: 1, most: 500, things: "strands" },
  cut: { least: 1, most: 12, things: "times as long" },
  cordStitches: { least: 2, most: 12, things: "stitches" },
  /** Repeats of a panel; stitches of a ground, which fills any count. */
  across: { least: 1, most: 600, things: "times" },
  times: { least: 1, most: 40, things: "times" },
  rows: { least: 1, most: 5000, things: "rows" },
  borderRows: { least: 0, most: 40, things: "rows" },
  measuredStitches: { least: 4, most: 600, things: "stitches" },
  plies: { least: 1, most: 24, things: "plies" },
  strands: { least: 1, most: 4, things: "strands" },
  balls: { least: 0, most: 9999, things: "balls" },
  kits: { least: 1, most: 200, things: "kits" },
} as const satisfies Record<string, CountBounds>;

export const LENGTHS = {
  width: {
    least: 10,
    most: 5000,
    tooSmall: "Under 1 cm is too little to measure: check the unit.",
    tooLarge: "Over 5 m is wider than anybody knits: check the unit.",
  },
  piece: {
    least: 1,
    most: 10_000,
    tooSmall: "Under 1 mm is not even one row: check the unit.",
    tooLarge: "Over 10 m is longer than anybody knits in one go: check the unit.",
  },
  swatch: {
    least: 20,
    most: 600,
    tooSmall: "A swatch under 2 cm says nothing: check the unit.",
    tooLarge: "A swatch over 60 cm is a piece: check the unit.",
  },
  /** What is measured on a swatch, and the yarn that is unravelled from one. */
  span: {
    least: 5,
    most: 1000,
    tooSmall: "Under 5 mm is less than a stitch or two: check the unit.",
    tooLarge: "Over 1 m is no swatch: check the unit.",
  },
  unravelled: {
    least: 20,
    most: 100_000,
    tooSmall: "Under 2 cm of yarn says nothing: unravel more, or check the unit.",
    tooLarge: "Over 100 m is more than a swatch: check the unit.",
  },
  extras: {
    least: 100,
    most: 5_000_000,
    tooSmall: "Under 10 cm of yarn need not be counted: check the unit.",
    tooLarge: "Over 5 km for extras is another project: check the unit.",
  },
  open: {
    least: 0,
    most: 5000,
    tooSmall: "A gap cannot be less than nothing.",
    tooLarge: "Over 5 m is no gap: check the unit.",
  },
  tie: {
    least: 20,
    most: 10_000,
    tooSmall: "Under 2 cm of yarn ties nothing: check the unit.",
    tooLarge: "Over 10 m for one is another thing: check the unit.",
  },
  cord: {
    least: 20,
    most: 20_000,
    tooSmall: "Under 2 cm is no cord: check the unit.",
    tooLarge: "Over 20 m is longer than anybody twists: check the unit.",
  },
  needle: {
    least: 0.5,
    most: 50,
    tooSmall: "Needles start at 0.5 mm: check the unit.",
    tooLarge: "Needles go up to 50 mm: check the unit.",
  },
  twenty: {
    least: 20,
    most: 5000,
    tooSmall: "Twenty stitches take at least 2 cm of yarn: check the unit.",
    tooLarge: "Twenty stitches never take over 5 m of yarn: check the unit.",
  },
} as const satisfies Record<string, Bounds>;

/** What may lie on a kitchen scale, and what it may show steps of, in g. */
export const SWATCH_G = {
  least: 0.5,
  most: 500,
  tooSmall: "Under half a gram cannot be weighed: check the unit.",
  tooLarge: "Over 500 g is a garment, not a swatch: check the unit.",
} as const satisfies Bounds;
/** What a pompon or another extra may weigh, in g. */
export const EXTRA_G = {
  least: 0.5,
  most: 2000,
  tooSmall: "Under half a gram need not be counted: check the unit.",
  tooLarge: "Over 2 kg is another project: check the unit.",
} as const satisfies Bounds;
export const STEP_G = { least: 0.01, most: 10 } as const;

/** Ease may take away as well as add. */
export const EASE = { least: -1000, most: 1000 } as const;
