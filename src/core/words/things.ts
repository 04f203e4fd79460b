/** What knitters count, one and several of it. */
const THINGS = {
  ball: ["ball", "balls"],
  rope: ["rope", "ropes"],
  row: ["row", "rows"],
  stitch: ["stitch", "stitches"],
  turn: ["turn", "turns"],
  yarn: ["yarn", "yarns"],
} as const;

export type Thing = keyof typeof THINGS;

const plurals = new Intl.PluralRules("en");

/** Whether a count is spoken of as of one thing. */
export const isOne = (count: number) => plurals.select(count) === "one";

/** Example: `countOf(1, "ball")` is "1 ball", and `countOf(3, "stitch")` is "3 stitches". */
export const countOf = (count: number, thing: Thing) => `${count} ${THINGS[thing][isOne(count) ? 0 : 1]}`;
