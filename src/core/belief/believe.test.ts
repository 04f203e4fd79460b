import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { answerTo } from "@testing/anyProject";
import { MEASURE_IDS } from "../project/swatches";
import { beliefOf, patternSwatch, plainSwatch, readOff, unswatched, withSwatches } from "@testing/anySwatch";
import { marginal } from "./prior";

const plain = readOff(plainSwatch());
const pattern = readOff(patternSwatch());

test("without a swatch nothing is moved, and all is as wide as its source", () => {
  const belief = beliefOf(unswatched());
  expect([...belief.mean].every((value) => value === 0)).toBe(true);
  expect(marginal(belief, "width").sd).toBeCloseTo(0.05, 9);
  expect(marginal(belief, "height").sd).toBeCloseTo(0.06, 9);
  expect(marginal(belief, "loop").sd).toBeCloseTo(0.08, 9);
  expect(belief.movedBy("width")).toBeNull();
});

test("rows that are only assumed go with the stitches", () => {
  const belief = beliefOf({
    ...unswatched(),
    gauge: { stitchesPer10Cm: 18, rowsPer10Cm: null, source: "band" },
  });
  expect(marginal(belief, "height").sd).toBeCloseTo(Math.hypot(0.05, 0.05), 9);
});

test("a plain swatch settles the gauge and the loop, and leaves what only cables show", () => {
  const [before, after] = [beliefOf(unswatched()), beliefOf(withSwatches(plain))];
  for (const id of ["width", "height", "loop"] as const)
    expect(marginal(after, id).sd).toBeLessThan(0.6 * marginal(before, id).sd);
  expect(marginal(after, "drawWidth").sd).toBeCloseTo(marginal(before, "drawWidth").sd, 3);
  expect([after.movedBy("width"), after.movedBy("drawWidth")]).toEqual(["plain", null]);
});

test("a pattern swatch beside it tells how far the cables pull in", () => {
  const belief = beliefOf(withSwatches(plain, pattern));
  expect(marginal(belief, "drawWidth").sd).toBeLessThan(0.16);
  expect(belief.movedBy("drawWidth")).toBe("pattern");
  const narrow = { ...pattern.finished, widthMm: 0.94 * (pattern.finished.widthMm ?? 0) };
  const pulled = beliefOf(withSwatches(plain, { ...pattern, finished: narrow }));
  expect(marginal(pulled, "drawWidth").mean).toBeGreaterThan(0.08);
});

test("ten stitches fewer over the same width make wider stitches, and more yarn in each", () => {
  const looser = beliefOf(withSwatches({ ...plain, finished: { ...plain.finished, stitches: 24 } }));
  expect(looser.gauge.stitchesPer10Cm).toBeLessThan(17.2);
  const heavier = beliefOf(withSwatches({ ...plain, massG: 1.08 * (plain.massG ?? 0) }));
  expect(marginal(heavier, "loop").mean).toBeGreaterThan(0.05);
});

test("the same measurements in any order give the same belief", () => {
  const swatches = [
    plain,
    pattern,
    { ...plain, id: "other", finished: { ...plain.finished, widthMm: 1.03 * (plain.finished.widthMm ?? 0) } },
  ];
  const one = beliefOf(withSwatches(...swatches));
  const other = beliefOf(withSwatches(...swatches.toReversed()));
  for (const id of one.axes) {
    const [a, b] = [marginal(one, id), marginal(other, id)];
    expect(Math.abs(a.mean - b.mean)).toBeLessThan(0.01 * a.sd);
    expect(b.sd / a.sd).toBeCloseTo(1, 6);
  }
});

test("measured before the bath, the gauge of what will be washed stays wide", () => {
  const unwashed = {
    ...plain,
    asKnit: plain.finished,
    finished: { widthMm: null, stitches: null, heightMm: null, rows: null },
  };
  const [before, after] = [beliefOf(withSwatches(unwashed)), beliefOf(withSwatches(plain))];
  expect(marginal(before, "width").sd).toBeGreaterThan(1.4 * marginal(after, "width").sd);
  const unfinished = { ...withSwatches(unwashed) };
  const [piece] = unfinished.pieces;
  if (!piece) throw new Error("no piece");
  const neverWashed = beliefOf({ ...unfinished, pieces: [{ ...piece, blocking: "asKnit" }] });
  expect(marginal(neverWashed, "width").sd).toBeCloseTo(marginal(after, "width").sd, 2);
});

test("on another needle a swatch tells a little less, and of the project's needle", () => {
  const thick = readOff({ ...plainSwatch(), needleMm: 6 });
  const [same, other] = [beliefOf(withSwatches(plain)), beliefOf(withSwatches(thick))];
  expect(other.gauge.stitchesPer10Cm).toBeCloseTo(same.gauge.stitchesPer10Cm, 1);
  expect(marginal(other, "width").sd).toBeGreaterThan(marginal(same, "width").sd);
});

test("yarn that is unravelled tells of the loop without a scale", () => {
  const loopMm = answerTo(unswatched()).estimate.pieces[0]?.estimate.plain.loopMm ?? 0;
  const belief = beliefOf(
    withSwatches({ ...plainSwatch(), unravelled: { stitches: 50, lengthMm: 50 * loopMm } }),
  );
  expect(marginal(belief, "loop").sd).toBeLessThan(0.055);
  expect(marginal(belief, "loop").mean).toBeCloseTo(0, 3);
});

test("what cannot well be is asked about with the slip that explains it, and left out until it is stood by", () => {
  const half = { ...plain, massG: (plain.massG ?? 0) / 2 };
  const asked = beliefOf(withSwatches(half));
  const mass = asked.measured.find(({ kind }) => kind === "mass");
  expect(mass).toMatchObject({ taken: false });
  expect(sentence(mass?.question)).toMatch(
    /^This weighs half of what 884 stitches should: is it one strand\? Are these grams/,
  );
  expect(marginal(asked, "loop").sd).toBeCloseTo(marginal(beliefOf(unswatched()), "loop").sd, 3);
  const stood = beliefOf(withSwatches({ ...half, seen: ["mass"] }));
  expect(stood.measured.find(({ kind }) => kind === "mass")).toMatchObject({ taken: true, question: null });
  expect(marginal(stood, "loop").mean).toBeLessThan(-0.3);
});

test.each([
  ["inches", 1 / 2.54, /inches/],
  ["ribbing", 0.69, /ribbing/],
  ["millimetres", 10, /millimetres/],
])("a width that was taken in %s is asked about", (_, times, words) => {
  const finished = { ...plain.finished, widthMm: times * (plain.finished.widthMm ?? 0) };
  const measured = beliefOf(withSwatches({ ...plain, massG: null, finished })).measured;
  expect(sentence(measured.find(({ kind }) => kind === "finishedWidth")?.question)).toMatch(words);
});

test("one wrong figure does not cast doubt on those that agree", () => {
  const off = { ...pattern, massG: 3 * (pattern.massG ?? 0) };
  const { measured } = beliefOf(withSwatches(plain, off));
  expect(measured.filter(({ taken }) => !taken).map(({ swatchId, kind }) => [swatchId, kind])).toEqual([
    ["pattern", "mass"],
  ]);
});

test("whatever is measured, no figure is ever absurd, and what is absurd is never taken in silently", () => {
  const measure = fc.option(fc.double({ min: 5, max: 1000, noNaN: true }));
  const swatch = fc.record({
    widthMm: measure,
    heightMm: measure,
    massG: fc.option(fc.double({ min: 0.5, max: 500, noNaN: true })),
    seen: fc.subarray([...MEASURE_IDS]),
    stitches: fc.option(fc.integer({ min: 1, max: 2000 })),
    rows: fc.option(fc.integer({ min: 1, max: 5000 })),
  });
  fc.assert(
    fc.property(swatch, fc.boolean(), ({ widthMm, heightMm, massG, seen, stitches, rows }, cabled) => {
      const base = cabled ? patternSwatch() : plainSwatch();
      const project = withSwatches({
        ...base,
        massG,
        seen,
        finished: { widthMm, stitches, heightMm, rows },
      });
      const { belief, estimate } = answerTo(project);
      expect([...belief.mean, ...belief.covariance, estimate.totalMm].every(Number.isFinite)).toBe(true);
      expect(estimate.totalMm).toBeGreaterThan(0);
      for (const { kind, taken, found, expected } of belief.measured) {
        const off = Math.abs(Math.log(found / (expected ?? found)));
        if (taken && off > 0.6) expect(seen).toContain(kind);
      }
    }),
    { numRuns: 60 },
  );
});
