/** What knitters count, one and several of it. */
const THINGS = {
  bar: ["bar", "bars"],
  ball: ["ball", "balls"],
  buttonhole: ["buttonhole", "buttonholes"],
  edgeStitch: ["edge stitch", "edge stitches"],
  flatThing: ["flat thing", "flat things"],
  hat: ["hat", "hats"],
  hole: ["hole", "holes"],
  line: ["line", "lines"],
  kit: ["kit", "kits"],
  entry: ["entry", "entries"],
  join: ["join", "joins"],
  knot: ["knot", "knots"],
  ofThem: ["of them", "of them"],
  piece: ["piece", "pieces"],
  ply: ["ply", "plies"],
  project: ["project", "projects"],
  purlColumn: ["purl column", "purl columns"],
  repeat: ["repeat", "repeats"],
  rope: ["rope", "ropes"],
  size: ["size", "sizes"],
  sleevedTop: ["top with sleeves", "tops with sleeves"],
  sleevelessTop: ["top without sleeves", "tops without sleeves"],
  row: ["row", "rows"],
  rowOrStitch: ["row or stitch", "rows or stitches"],
  sentence: ["sentence", "sentences"],
  seam: ["seam", "seams"],
  extra: ["extra", "extras"],
  stitch: ["stitch", "stitches"],
  stitchAMinute: ["stitch a minute", "stitches a minute"],
  strand: ["strand", "strands"],
  time: ["time", "times"],
  timesAsLong: ["time as long", "times as long"],
  tube: ["thing in the round", "things in the round"],
  turn: ["turn", "turns"],
  wind: ["wind", "winds"],
  yarn: ["yarn", "yarns"],
} as const;

export type Thing = keyof typeof THINGS;

const plurals = new Intl.PluralRules("en");

/** Whether a count is spoken of as of one thing. */
export const isOne = (count: number) => plurals.select(count) === "one";

/** Example: `countOf(1, "ball")` is "1 ball", and `countOf(3, "stitch")` is "3 stitches". */
export const countOf = (count: number, thing: Thing) => `${count} ${THINGS[thing][isOne(count) ? 0 : 1]}`;

/** The same with one in words. Example: `fewOf(1, "row")` is "one row". */
export const fewOf = (count: number, thing: Thing) =>
  isOne(count) ? `one ${THINGS[thing][0]}` : countOf(count, thing);

/** Several of a thing that are not counted. Example: `several("rope")` is "ropes". */
export const several = (thing: Thing) => THINGS[thing][1];
