import { sentence } from "@testing/sentence";
import { grams, metres, millimetres } from "./brands";
import { readCount } from "../typed/count";
import {
  formatChance,
  formatFine,
  formatGauge,
  formatMass,
  formatOff,
  formatSize,
  formatYarn,
} from "./format";
import { readGauge } from "../typed/gauge";
import { readLength } from "../typed/length";
import type { Bounds, Reading } from "../typed/reading";

const bounds: Bounds = { least: 1, most: 5000, tooSmall: "widthTooSmall", tooLarge: "widthTooLarge" };
const valueOf = (reading: Reading<unknown>) => (reading.ok ? reading.value : sentence(reading.message));

test.each([
  ["20 st / 10 cm", 20],
  ["18 sts 4in", 17.7165],
  ["20", 20],
  ["5 st/in", 19.685],
  ["20 sts = 10cm", 20],
])("a gauge of %s is %d stitches in 10 cm", (text, expected) => {
  expect(valueOf(readGauge(text, "stitches", "metric"))).toBeCloseTo(expected, 3);
});

test("a bare gauge is over 4 inches where measures are imperial", () => {
  expect(valueOf(readGauge("20", "stitches", "imperial"))).toBeCloseTo(19.685, 3);
});

test.each([
  ["200 st / 10 cm", /finer than sewing thread/],
  ["0.4 st / 10 cm", /not knitting/],
  ["38 cable stitches = 16 cm", /Counted on the cables/],
  ["20 st x 28 rows / 10 cm", /rows have a field of their own/],
  ["20 / 0 cm", /over nothing/],
  ["20 24", /Two counts/],
  ["4 in", /how many stitches/],
  ["20 st / 50 g", /no weight/],
])("%s is refused as a stitch gauge", (text, problem) => {
  expect(valueOf(readGauge(text, "stitches", "metric"))).toMatch(problem);
});

test("lengths add up their parts and take the unit of the system when none is typed", () => {
  expect(valueOf(readLength("9 1/2 in", 10, bounds))).toBeCloseTo(241.3);
  expect(valueOf(readLength("3 ft 4 in", 10, bounds))).toBeCloseTo(1016);
  expect(valueOf(readLength("24", 10, bounds))).toBe(240);
  expect(valueOf(readLength("24", 25.4, bounds))).toBeCloseTo(609.6);
});

test.each([
  ["0 cm", "This must be more than zero."],
  ["0.5 mm", "Under 1 mm is too little to measure: check the unit."],
  ["9 m", "Over 5 m is wider than anybody knits: check the unit."],
  ["100 g", "Enter a length: use mm, cm, m, in, ft or yd."],
  ["10 cm 5", "One of these numbers has no unit: add cm or in to each."],
])("a length of %s is refused", (text, problem) => {
  expect(valueOf(readLength(text, 10, bounds))).toBe(problem);
});

test("counts are whole and in their bounds", () => {
  const rows = { least: 1, most: 5000, thing: "row" } as const;
  expect(valueOf(readCount("120 rows", rows))).toBe(120);
  expect(valueOf(readCount("0", rows))).toMatch(/at least 1 row\./);
  expect(valueOf(readCount("2.5", rows))).toMatch(/whole rows/);
  expect(valueOf(readCount("12 cm", rows))).toMatch(/leave the unit out/);
  expect(valueOf(readCount("10 20", rows))).toMatch(/one number/);
  expect(valueOf(readCount("9000", rows))).toMatch(/beyond/);
});

test("what is off has a sign only where the figure that is shown is not nought", () => {
  const off = (mm: number) => formatOff(millimetres(mm), "metric");
  expect([off(-3), off(3), off(-0.4), off(0.4), off(0)]).toEqual([
    "−0.3\u00a0cm",
    "+0.3\u00a0cm",
    "0.0\u00a0cm",
    "0.0\u00a0cm",
    "0.0\u00a0cm",
  ]);
});

test("measures are told in either system", () => {
  const shown = [
    formatSize(millimetres(452), "metric"),
    formatSize(millimetres(452), "imperial"),
    formatYarn(metres(1062.4), "metric"),
    formatYarn(metres(100), "imperial"),
    formatYarn(metres(3.25), "metric"),
    formatMass(grams(100), "imperial"),
    formatGauge(20, "stitches", "imperial"),
    formatGauge(28, "rows", "metric"),
    formatFine(millimetres(5)),
    formatFine(millimetres(3.25)),
  ].map((text) => text.replaceAll("\u00a0", " "));
  expect(shown).toEqual([
    "45.2 cm",
    "17.8 in",
    "1062 m",
    "109 yd",
    "3.3 m",
    "3.5 oz",
    "20.3 st / 4 in",
    "28 rows / 10 cm",
    "5 mm",
    "3.25 mm",
  ]);
});

test("chances never claim certainty", () => {
  expect([0.9534, 0.9999, 0.0001].map((chance) => formatChance(chance, true))).toEqual([
    "95 in 100",
    "over 99 in 100",
    "under 1 in 100",
  ]);
});
