/** The least and the most of everything that is typed: one place for the fields and for the files. */
import type { CountBounds } from "../typed/count";
import type { Bounds } from "../typed/reading";

export const COUNTS = {
  ropes: { least: 1, most: 120, thing: "rope" },
  purls: { least: 0, most: 20, thing: "purlColumn" },
  edge: { least: 0, most: 600, thing: "edgeStitch" },
  repeats: { least: 1, most: 1000, thing: "repeat" },
  endRow: { least: 0, most: 400, thing: "row" },
  stitches: { least: 1, most: 2000, thing: "stitch" },
  shaped: { least: 1, most: 200, thing: "stitch" },
  every: { least: 1, most: 400, thing: "row" },
  shapings: { least: 1, most: 500, thing: "time" },
  turns: { least: 1, most: 60, thing: "turn" },
  hem: { least: 1, most: 200, thing: "row" },
  holes: { least: 1, most: 60, thing: "buttonhole" },
  holeStitches: { least: 1, most: 20, thing: "stitch" },
  centre: { least: 0, most: 2000, thing: "stitch" },
  band: { least: 1, most: 2000, thing: "rowOrStitch" },
  sewn: { least: 1, most: 1000, thing: "seam" },
  extras: { least: 1, most: 1000, thing: "ofThem" },
  knots: { least: 1, most: 5000, thing: "knot" },
  bundle: { least: 1, most: 500, thing: "strand" },
  cut: { least: 1, most: 12, thing: "timesAsLong" },
  cordStitches: { least: 2, most: 12, thing: "stitch" },
  /** Repeats of a panel; stitches of a ground, which fills any count. */
  across: { least: 1, most: 600, thing: "time" },
  times: { least: 1, most: 40, thing: "time" },
  rows: { least: 1, most: 5000, thing: "row" },
  borderRows: { least: 0, most: 40, thing: "row" },
  measuredStitches: { least: 4, most: 600, thing: "stitch" },
  plies: { least: 1, most: 24, thing: "ply" },
  strands: { least: 1, most: 4, thing: "strand" },
  balls: { least: 0, most: 9999, thing: "ball" },
  kits: { least: 1, most: 200, thing: "kit" },
} as const satisfies Record<string, CountBounds>;

/** How many times as wide or as long a thing can be as its pattern tells of. */
export const ALONG = { least: 0.05, most: 20 } as const;

export const LENGTHS = {
  width: {
    least: 10,
    most: 5000,
    tooSmall: "widthTooSmall",
    tooLarge: "widthTooLarge",
  },
  piece: {
    least: 1,
    most: 10_000,
    tooSmall: "pieceTooSmall",
    tooLarge: "pieceTooLarge",
  },
  swatch: {
    least: 20,
    most: 600,
    tooSmall: "swatchTooSmall",
    tooLarge: "swatchTooLarge",
  },
  /** What is measured on a swatch, and the yarn that is unravelled from one. */
  span: {
    least: 5,
    most: 1000,
    tooSmall: "spanTooSmall",
    tooLarge: "spanTooLarge",
  },
  unravelled: {
    least: 20,
    most: 100_000,
    tooSmall: "unravelledTooShort",
    tooLarge: "unravelledTooLong",
  },
  extras: {
    least: 100,
    most: 5_000_000,
    tooSmall: "extraYarnTooShort",
    tooLarge: "extraYarnTooLong",
  },
  open: {
    least: 0,
    most: 5000,
    tooSmall: "gapTooSmall",
    tooLarge: "gapTooLarge",
  },
  tie: {
    least: 20,
    most: 10_000,
    tooSmall: "tieTooShort",
    tooLarge: "tieTooLong",
  },
  cord: {
    least: 20,
    most: 20_000,
    tooSmall: "cordTooShort",
    tooLarge: "cordTooLong",
  },
  needle: {
    least: 0.5,
    most: 50,
    tooSmall: "needleTooThin",
    tooLarge: "needleTooThick",
  },
  twenty: {
    least: 20,
    most: 5000,
    tooSmall: "twentyTooShort",
    tooLarge: "twentyTooLong",
  },
} as const satisfies Record<string, Bounds>;

/** What may lie on a kitchen scale, and what it may show steps of, in g. */
export const SWATCH_G = {
  least: 0.5,
  most: 500,
  tooSmall: "swatchTooLight",
  tooLarge: "swatchTooHeavy",
} as const satisfies Bounds;
/** What a pompon or another extra may weigh, in g. */
export const EXTRA_G = {
  least: 0.5,
  most: 2000,
  tooSmall: "extraTooLight",
  tooLarge: "extraTooHeavy",
} as const satisfies Bounds;
export const STEP_G = { least: 0.01, most: 10 } as const;

/** Ease may take away as well as add. */
export const EASE = { least: -1000, most: 1000 } as const;
