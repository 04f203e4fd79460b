/** Balls laid along the rows of any project, held against what its ledger says of all its yarn. */
import fc from "fast-check";
import { anyProject, answerTo, cabledBack } from "@testing/anyProject";
import { ballMap, type BallMap, type BallOptions, type Done } from "./ballMap";
import { joinWaste } from "./balls";
import { layStrand } from "./layStrand";
import type { Strand } from "./strand";

function strandsOf(project: Parameters<typeof answerTo>[0]) {
  const { estimate, yarns } = answerTo(project);
  return yarns.map((yarn) => ({
    strand: layStrand(estimate, yarn),
    joinsMm: joinWaste(yarn.balls, yarn.yarn.joinMm),
    totalMm: yarn.totalMm,
    options: {
      partsMm: [],
      parts: "first",
      wholeMm: yarn.yarn.putUp.lengthM * 1000,
      joinMm: yarn.yarn.joinMm,
      turns: null,
      done: [],
    } satisfies BallOptions as BallOptions,
  }));
}

/** Every row that takes yarn of the strand, by name. */
function rowsOf({ worked, rowEndsMm, stretches }: Strand): readonly string[] {
  const starts = new Map(
    stretches.filter(({ part }) => part === "rows").map((one) => [one.firstRow, one.fromMm]),
  );
  return worked.flatMap(({ pieceId, copy, rows, firstRow }) =>
    Array.from({ length: rows }, (_, row) => firstRow + row)
      .filter((row) => (rowEndsMm[row] ?? 0) > (starts.get(row) ?? rowEndsMm[row - 1] ?? 0))
      .map((row) => `${pieceId} ${copy} ${row - firstRow + 1}`),
  );
}

const mapped = ({ balls }: BallMap) =>
  balls.flatMap(({ rows }) =>
    rows.flatMap(({ pieceId, copy, from, to }) =>
      Array.from({ length: to - from + 1 }, (_, row) => `${pieceId} ${copy} ${from + row}`),
    ),
  );

const sum = (all: readonly number[]) => all.reduce((one, other) => one + other, 0);

const anyOptions = fc.record({
  parts: fc.constantFrom("first" as const, "last" as const),
  partsMm: fc.array(fc.integer({ min: 4000, max: 60_000 }), { maxLength: 3 }),
  turns: fc.constantFrom(null, 1, 2),
  rows: fc.nat(60),
  cut: fc.nat(60),
});

test("a map's work is the estimate without its joins, to the millimetre, each row once, whatever is asked of it", () => {
  fc.assert(
    fc.property(anyProject, anyOptions, (project, { rows, cut, ...asked }) => {
      for (const { strand, joinsMm, totalMm, options } of strandsOf(project)) {
        const [first] = strand.worked;
        const of = { pieceId: first?.pieceId ?? "", copy: first?.copy ?? 1 };
        const done: readonly Done[] =
          rows > 0 ? [{ ...of, rows, joins: cut < rows ? [{ row: cut, holdsMm: 70_000 }] : [] }] : [];
        const map = ballMap(strand, joinsMm, { ...options, ...asked, done });
        expect(Math.abs(map.workMm - (totalMm - joinsMm))).toBeLessThan(1e-3);
        const spent = map.balls.map(({ rowsMm, besideMm }) => rowsMm + besideMm);
        expect(Math.abs(sum(spent) - map.workMm)).toBeLessThan(1e-3);
        for (const { holdsMm, rowsMm, besideMm, joinsMm: own, leftMm, told } of map.balls) {
          expect(holdsMm - rowsMm - besideMm - own - leftMm).toBeCloseTo(0, 6);
          if (done.length === 0 && !told) expect(leftMm).toBeGreaterThan(-1e-6);
        }
        const all = mapped(map);
        expect(new Set(all)).toEqual(new Set(rowsOf(strand)));
      }
    }),
    { numRuns: 60 },
  );
});

test("joins lie before rows in which nothing crosses, and as few balls are taken as the estimate says, or one more", () => {
  const [one] = strandsOf(cabledBack());
  if (!one) throw new Error("no strand");
  const map = ballMap(one.strand, one.joinsMm, one.options);
  for (const { rows } of map.balls.slice(1)) {
    const [first] = rows;
    expect(one.strand.crosses[(first?.from ?? 1) - 1]).toBe(0);
  }
  const fewest = answerTo(cabledBack()).yarns[0].balls;
  expect(map.balls.length).toBeGreaterThanOrEqual(fewest);
  expect(map.balls.length).toBeLessThanOrEqual(fewest + 1);
  expect(mapped(map)).toEqual(rowsOf(one.strand));
});

test("where more was worked than the balls hold that were told of, others must have been begun", () => {
  const [one] = strandsOf(cabledBack());
  if (!one) throw new Error("no strand");
  const { strand, joinsMm, options } = one;
  const of = { pieceId: strand.worked[0]?.pieceId ?? "", copy: 1 };
  const rows = strand.worked[0]?.rows ?? 0;
  const { balls } = ballMap(strand, joinsMm, {
    ...options,
    done: [{ ...of, rows, joins: [{ row: 0, holdsMm: options.wholeMm }] }],
  });
  expect(balls.map(({ untold }) => untold)).toEqual(balls.map((_, ball) => ball > 0));
  for (const { leftMm } of balls) expect(leftMm).toBeGreaterThanOrEqual(0);
  const least = strand.worked[0]?.rows ?? 0;
  expect(balls.flatMap((ball) => ball.rows).reduce((sum, run) => sum + run.to - run.from + 1, 0)).toBe(least);
});

test("what was told of joins stands, in turns two balls follow each other, and part balls come when they are wanted", () => {
  const [one] = strandsOf(cabledBack());
  if (!one) throw new Error("no strand");
  const { strand, joinsMm, options } = one;
  const of = { pieceId: strand.worked[0]?.pieceId ?? "", copy: 1 };
  const told = ballMap(strand, joinsMm, {
    ...options,
    done: [{ ...of, rows: 30, joins: [{ row: 12, holdsMm: 50_000 }] }],
  });
  expect(told.balls[0]?.rows).toEqual([{ ...of, from: 1, to: 12 }]);
  expect(told.balls[1]).toMatchObject({ told: true, holdsMm: 50_000 });
  expect(told.balls[1]?.rows[0]?.from).toBe(13);
  const turns = ballMap(strand, joinsMm, { ...options, turns: 2 });
  expect(turns.balls[0]?.rows.slice(0, 2)).toEqual([
    { ...of, from: 1, to: 2 },
    { ...of, from: 5, to: 6 },
  ]);
  expect(turns.balls[1]?.rows[0]).toEqual({ ...of, from: 3, to: 4 });
  const parted = (parts: "first" | "last") =>
    ballMap(strand, joinsMm, { ...options, parts, partsMm: [30_000] }).balls.map(({ holdsMm }) => holdsMm);
  expect(parted("first")[0]).toBe(30_000);
  expect(parted("last").slice(0, 2)).toEqual([options.wholeMm, options.wholeMm]);
  expect(parted("last")).toContain(30_000);
});
