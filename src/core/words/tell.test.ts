import fc from "fast-check";
import { english } from "./english";
import { files } from "./english/files";
import { order } from "./english/order";
import { pieces } from "./english/pieces";
import { rows } from "./english/rows";
import { swap } from "./english/swap";
import { swatches } from "./english/swatches";
import { tools } from "./english/tools";
import { typed } from "./english/typed";
import { say } from "./message";
import type { Says } from "./message";
import { tell as tellFrom, tellerIn } from "./tell";
import type { Voice } from "./teller";

const tell = (says: Says, voice: Voice) => tellFrom(says, voice, english);
const US_INCHES = { words: "US", units: "imperial" } as const;
const UK_METRIC = { words: "UK", units: "metric" } as const;

test("a length is said in the chosen units, and a cast-off in the chosen words", () => {
  const short = say("underOneRow", { lengthMm: 1, rowMm: 3.57 });
  expect(tell(short, UK_METRIC)).toMatch(/^0\.1\s?cm is under one row: a row here is 3\.6\s?mm high\.$/);
  expect(tell(short, US_INCHES)).toMatch(/^0(\.0)?\s?in is under one row/);
  const off = say("castOffTooMany", { going: 12, have: 10 });
  expect(tell(off, UK_METRIC)).toBe("12 stitches to cast off, and 10 are on the needle: cast off fewer.");
  expect(tell(off, US_INCHES)).toBe("12 stitches to bind off, and 10 are on the needle: bind off fewer.");
});

test("one is one, and several are several", () => {
  expect(tell(say("strandedAtEnd", { have: 1 }), UK_METRIC)).toMatch(/^1 stitch is still/);
  expect(tell(say("strandedAtEnd", { have: 2 }), UK_METRIC)).toMatch(/^2 stitches are still/);
});

test("a share is half, so many times, or so many per cent", () => {
  const said = (times: number) =>
    tell(say("outlier", { unit: "g", times, over: "24 stitches", slip: null }), UK_METRIC).replaceAll(
      "\u00a0",
      " ",
    );
  expect(said(0.5)).toMatch(/^This weighs half of what 24 stitches should: check the figure/);
  expect(said(2.54)).toMatch(/^This weighs 2\.5 times what/);
  expect(said(0.3)).toMatch(/^This weighs 30 % of what/);
});

test("no code stands in two files of the catalogue", () => {
  const all = [files, order, pieces, rows, swap, swatches, tools, typed];
  expect(Object.keys(english)).toHaveLength(all.flatMap((file) => Object.keys(file)).length);
});

/** Quantities that any sentence may ask for: what it does not know of it does not use. */
const anything = fc.record({
  have: fc.nat(500),
  going: fc.nat(500),
  need: fc.nat(500),
  lengthMm: fc.double({ min: 0.1, max: 5000, noNaN: true }),
  rowMm: fc.double({ min: 0.5, max: 50, noNaN: true }),
  mm: fc.double({ min: 10, max: 500, noNaN: true }),
  off: fc.double({ min: 0, max: 1, noNaN: true }),
});

test("no sentence speaks British words to Americans, or centimetres to those who measure in inches", () => {
  fc.assert(
    fc.property(anything, fc.constantFrom(...Object.values(english)), (given, sentence) => {
      const all = {
        ...given,
        largeMm: 200,
        largeOff: 0.02,
        share: 0.5,
        over: 0.1,
        slip: null,
        ground: "Rib",
        name: "weight",
        thing: "row",
        count: 3,
        limit: 20,
        counted: "rows",
        typed: "x",
        all: ["x"],
        near: ["x"],
        fits: [8],
        wider: [],
        left: [1, 0],
        few: 4,
        of: "row",
        taken: "stitch",
        each: [],
        ends: [],
        part: "castOff",
        side: "end",
        across: [300, 240],
        along: null,
        ratio: 1.2,
        why: say("nothingTyped"),
        kind: "mass",
        metresIn100G: 1,
        least: 5,
        most: 10,
        number: 5,
        force: 1,
        written: "RS",
        falls: "WS",
        does: "works",
        massG: 12,
        stepG: 1,
        m: 5,
        g: 12,
        per10Cm: 18,
        plies: 3,
        more: 0.03,
        cost: 12,
        postage: 4,
        price: null,
        lengthM: 5,
        density: 0.06,
        cut: 3,
        repeats: 2,
        winds: 30,
        strands: 2,
        castOffMm: 400,
        byWidthsMm: 400,
        neckMm: 30,
        hangerMm: 400,
        windMm: 100,
        wasted: 0,
      };
      const said = (sentence as (given: unknown, teller: unknown) => string)(
        all,
        tellerIn(US_INCHES, english),
      );
      expect(said).not.toMatch(/cast(ing)? off|stocking stitch/i);
      expect(said).not.toMatch(/\d\s?c?m\b/);
      expect(said).not.toMatch(/NaN|\[object/);
    }),
  );
});
