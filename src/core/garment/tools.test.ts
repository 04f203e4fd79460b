import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { inHand } from "../estimate/inHand";
import { plainStitch } from "../stitches/plainStitch";
import { readPattern } from "../instructions/read";
import { stitchesOf, stitchesUsedBy } from "../panels/panel";
import { metres, millimetres } from "../units/brands";
import type { Reading } from "../typed/reading";
import { buttonholes } from "./buttonholes";
import { changeCount } from "./changeCount";
import { matchingEnds } from "./matchEnds";
import { mixedSeam, pickUp } from "./pickUp";
import { inBrackets, sharesOf } from "./spread";

const GAUGE = { stitchesPer10Cm: 18, rowsPer10Cm: 25 };

function given<Value>(reading: Reading<Value>): Value {
  if (!reading.ok) throw new Error(sentence(reading.message));
  return reading.value;
}
const refusal = (reading: Reading<unknown>) => (reading.ok ? "" : sentence(reading.message));

test("shares add up and differ by one at most", () => {
  expect(sharesOf(11, 4)).toEqual([2, 3, 3, 3]);
  fc.assert(
    fc.property(fc.nat(5000), fc.integer({ min: 1, max: 400 }), (total, parts) => {
      const shares = sharesOf(total, parts);
      expect(shares.reduce((sum, share) => sum + share, 0)).toBe(total);
      expect(Math.max(...shares) - Math.min(...shares)).toBeLessThanOrEqual(1);
    }),
  );
});

test("what comes again stands in brackets, and nothing is lost", () => {
  expect(inBrackets(["k3, m1", "k4, m1", "k3, m1", "k4, m1", "k2"])).toBe("[k3, m1, k4, m1] twice, k2");
  expect(inBrackets(["a", "a", "a", "b"])).toBe("[a] 3 times, b");
  expect(inBrackets([])).toBe("");
});

test("a changed count is written as a row that reads, uses what there is and leaves what is wanted", () => {
  expect(given(changeCount(78, 96))).toContain("m1");
  fc.assert(
    fc.property(fc.integer({ min: 2, max: 300 }), fc.integer({ min: 1, max: 600 }), (from, to) => {
      const change = changeCount(from, to);
      if (to > 2 * from || 2 * (from - to) > from) {
        expect(refusal(change)).toMatch(/over two rows/);
        return;
      }
      const { panel, findings } = readPattern(`Rnd 1: ${given(change)}.`);
      const row = panel?.rows[0] ?? [];
      expect(findings.filter(({ message }) => /not understood/.test(sentence(message)))).toEqual([]);
      expect([stitchesUsedBy(row), stitchesOf(row)]).toEqual([from, to]);
    }),
    { numRuns: 300 },
  );
});

test("increases stand evenly: no two runs between them differ by more than two stitches", () => {
  const runs = [...given(changeCount(100, 127)).matchAll(/k(\d+), m1/g)].map(([, run]) => Number(run));
  expect(Math.max(...runs.slice(1)) - Math.min(...runs.slice(1))).toBeLessThanOrEqual(2);
});

test("picked-up stitches lie flat by the two gauges, and the words add up to them", () => {
  expect(given(pickUp(40, GAUGE)).stitches).toBe(29);
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 400 }), (rows) => {
      const { stitches, text } = given(pickUp(rows, GAUGE));
      const [taken, passed] = countWords(text, rows);
      expect([taken, passed]).toEqual([stitches, rows - stitches]);
    }),
  );
  expect(refusal(pickUp(40, { stitchesPer10Cm: 25, rowsPer10Cm: 18 }))).toMatch(/right way round/);
});

/** Rows taken and rows passed in the words of a pick-up. */
function countWords(text: string, rows: number): readonly [number, number] {
  const each = /one in each of/.test(text);
  if (each) return [rows, 0];
  const opened = text.replace(
    /\[([^\]]+)\] (twice|(\d+) times)/g,
    (_, once: string, how: string, times?: string) =>
      Array.from({ length: how === "twice" ? 2 : Number(times) }, () => once).join(", "),
  );
  const sum = (word: RegExp) =>
    [...opened.matchAll(word)].reduce((total, [, count]) => total + Number(count), 0);
  return [sum(/pick up (\d+)/g), sum(/pass (\d+)/g)];
}

test("7 stitches to 9 rows: one bar each, two for stitches 4 and 7", () => {
  expect(mixedSeam(7, 9)).toMatchObject({ times: 1, wider: [4, 7], each: 1 });
  expect(mixedSeam(70, 90)).toMatchObject({ times: 10, few: 7, many: 9, left: [0, 0] });
  expect(sentence(mixedSeam(5, 5).text)).toBe("Take one bar for each stitch.");
  expect(sentence(mixedSeam(9, 7).text)).toBe(
    "Of every 7 rows: one stitch for each, but 2 stitches for rows 4 and 7.",
  );
  expect(mixedSeam(97, 151).few).toBeLessThanOrEqual(20);
  const any = fc.integer({ min: 1, max: 400 });
  fc.assert(
    fc.property(any, any, (one, other) => {
      const { times, few, many, wider, each, left, text } = mixedSeam(one, other);
      expect(few * each + wider.length).toBe(many);
      expect([times * few + left[0], times * many + left[1]]).toEqual([
        Math.min(one, other),
        Math.max(one, other),
      ]);
      // What is left is told, and is little beside the seam.
      expect(sentence(text).includes("left")).toBe(left.some((count) => count > 0));
      expect(Math.min(...left)).toBeLessThan(2 * Math.max(few, many));
    }),
  );
});

test("buttonholes fill the band to the last stitch, or say how many fit", () => {
  expect(given(buttonholes(80, 5, 2, 4)).between).toEqual([15, 16, 15, 16]);
  expect(given(buttonholes(20, 1, 2, 4)).text).toBe("work 9, hole of 2, work 9");
  expect(refusal(buttonholes(20, 9, 2, 2))).toMatch(/at most 5 do/);
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 300 }),
      fc.integer({ min: 1, max: 20 }),
      fc.integer({ min: 1, max: 6 }),
      fc.integer({ min: 0, max: 12 }),
      (band, holes, wide, margin) => {
        const placed = buttonholes(band, holes, wide, margin);
        if (!placed.ok) return;
        const worked = [...placed.value.text.matchAll(/(?:work|hole of) (\d+)/g)];
        expect(worked.reduce((sum, [, count]) => sum + Number(count), 0)).toBe(band);
      },
    ),
  );
});

test("ends that match: the nearest below and above end with the named row", () => {
  expect(matchingEnds(148, 6, 3)).toEqual({
    below: { rows: 147, off: -1, repeats: 24 },
    above: { rows: 153, off: 5, repeats: 25 },
  });
  expect(matchingEnds(2, 6, 3)).toEqual({ below: null, above: { rows: 3, off: 1, repeats: 0 } });
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 3000 }),
      fc.integer({ min: 1, max: 60 }),
      fc.nat(),
      (wanted, repeat, end) => {
        const endRow = 1 + (end % repeat);
        const { below, above } = matchingEnds(wanted, repeat, endRow);
        for (const one of [below, above]) if (one) expect((one.rows - endRow) % repeat).toBe(0);
        expect(above.rows).toBeGreaterThanOrEqual(wanted);
        expect(below?.rows ?? 0).toBeLessThanOrEqual(wanted);
        expect(above.rows - (below?.rows ?? above.rows)).toBeLessThanOrEqual(repeat);
      },
    ),
  );
});

test("ten metres over 96 stitches: four rows, or three and the cast-off; the rule of three widths beside it", () => {
  const left = inHand(
    metres(10),
    96,
    plainStitch({ stitchesPer10Cm: 18, rowsPer10Cm: 25 }),
    millimetres(433),
  );
  expect(left.rowMm / 1000).toBeCloseTo(96 * 0.02134 * 1.05, 2);
  expect([left.rows, left.rowsBeforeCastOff]).toEqual([4, 3]);
  expect(left.byWidthsMm).toBe(1299);
  expect(left.rowsByWidths).toBe(7);
});
