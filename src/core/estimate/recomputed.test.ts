/**
 * Twenty projects calculated anew, part by part, from the gauge and the counts alone: nothing of the estimate is used
 * here but its answer. Figures are those of the model: Munden's loop, a purl of 1.02 loops, legs of crossings, edges.
 */
import { newExtra, newSeam } from "../project/finishing";
import { newSection } from "../project/sections";
import { uniformsFrom } from "../forecast/draws";
import { pieceOf, projectOf, calculated } from "@testing/anyProject";

const { PI, sqrt, ceil, max } = Math;

/** How often a rope of so many over as many crosses where nothing else is said. */
const EVERY: Readonly<Record<number, number>> = { 1: 2, 2: 4, 3: 6, 4: 10 };
const CAST_ON_LOOPS = { knittedOn: 2, cable: 2, tubular: 2.2 } as const;
const CAST_OFF_LOOPS = { plain: 1.2, threeNeedle: 1.25, grafted: 1.1 } as const;
const GROUNDS = ["stockinette", "garter", "rib2", "seed"] as const;

const uniform = uniformsFrom(77);
const between = (least: number, most: number) => least + Math.floor(uniform() * (most - least + 1));
const oneOf = <Value>(values: readonly Value[]): Value => values[between(0, values.length - 1)] as Value;

/** Everything that a project of one rope fabric and one ground is made of. */
const drawn = () => ({
  stitches: between(12, 30),
  rows: between(16, 42),
  needleMm: between(6, 16) / 2,
  ball: { massG: 50, lengthM: between(60, 220) },
  half: between(1, 4),
  ropes: between(1, 9),
  purls: between(1, 3),
  edge: between(1, 9),
  ropeRows: between(4, 90),
  ground: oneOf(GROUNDS),
  groundRows: between(1, 40),
  round: uniform() < 0.5,
  times: between(1, 3),
  castOn: oneOf(["longTail", "knittedOn", "cable", "tubular"] as const),
  castOff: oneOf(["plain", "threeNeedle", "grafted"] as const),
  join: oneOf(["knot", "splice", "overlap"] as const),
  seamMm: between(50, 600),
  seams: between(1, 4),
  cordRows: between(10, 90),
});
type Drawn = ReturnType<typeof drawn>;

const projectFrom = (one: Drawn) =>
  projectOf(
    [
      pieceOf(
        [
          newSection("castOn", "on", { method: one.castOn }),
          newSection("fabric", "ropes", {
            content: "ropes",
            ropeId: `rope-${one.half}-${one.half}`,
            ropes: one.ropes,
            purls: one.purls,
            edge: one.edge,
            rows: one.ropeRows,
          }),
          newSection("fabric", "ground", { content: "ground", ground: one.ground, rows: one.groundRows }),
          newSection("castOff", "off", { method: one.castOff }),
        ],
        { round: one.round, times: one.times },
      ),
    ],
    {
      gauge: { stitchesPer10Cm: one.stitches, rowsPer10Cm: one.rows, source: "measured" },
      needleMm: one.needleMm,
      yarns: projectOf([]).yarns.map((yarn) => ({ ...yarn, putUp: one.ball })),
      join: one.join,
      seams: [newSeam("seam", { lengthMm: one.seamMm, times: one.seams })],
      extras: [newExtra("knitted", "cord", { stitches: 4, rows: one.cordRows })],
    },
  );

/** Purls that a ground shows over so many stitches and rows. */
function purlsOf(ground: Drawn["ground"], stitches: number, rows: number): number {
  let count = 0;
  for (let row = 0; row < rows; row += 1)
    for (let stitch = 0; stitch < stitches; stitch += 1) {
      if (ground === "garter") count += row % 2;
      if (ground === "rib2") count += stitch % 4 < 2 ? 0 : 1;
      if (ground === "seed") count += (row + stitch) % 2;
    }
  return count;
}

/** The ledger in mm. */
function byHand(one: Drawn) {
  const [w, h] = [100 / one.stitches, 100 / one.rows];
  const loop = sqrt(20.5 * w * h);
  const across = one.ropes * (2 * one.half + one.purls) + (one.round ? 0 : one.purls) + 2 * one.edge;
  const purlColumns = (one.ropes + (one.round ? 0 : 1)) * one.purls;
  const purls = purlColumns * one.ropeRows + purlsOf(one.ground, across, one.groundRows);
  const aspect = h / w;
  const leg = 0.15 * (sqrt(aspect ** 2 + one.half ** 2 + 0.35 ** 2) - aspect);
  const crossings = one.ropes * ceil(one.ropeRows / (EVERY[one.half] ?? 0));
  const thickness = 0.115 * sqrt((1000 * one.ball.massG) / one.ball.lengthM);
  const tail = across * PI * (one.needleMm + 0.7 * thickness) + 150;
  const castOn =
    one.castOn === "longTail"
      ? across * loop + 50 * ceil(tail / 50 - 1e-9)
      : CAST_ON_LOOPS[one.castOn] * across * loop + 150;
  const parts = {
    fabric: one.times * (across * (one.ropeRows + one.groundRows) + 0.02 * purls) * loop,
    crossings: one.times * crossings * 2 * one.half * 2 * leg * w,
    castOn: one.times * castOn,
    castOff: one.times * CAST_OFF_LOOPS[one.castOff] * across * loop,
    seams: one.seams * (1.5 * one.seamMm + 300),
    extras: 4 * one.cordRows * loop + 300,
  };
  const needed = Object.values(parts).reduce((sum, part) => sum + part, 0) + one.times * 150;
  const joinMm = { knot: 300, overlap: 200, splice: 60 }[one.join];
  const balls = max(1, ceil((needed - joinMm) / (1000 * one.ball.lengthM - joinMm)));
  const ends = one.times * 150 + (balls - 1) * joinMm;
  return { parts, ends, balls, total: needed + (balls - 1) * joinMm };
}

test.each(Array.from({ length: 20 }, (_, index) => [index + 1, drawn()] as const))(
  "project %d comes to the same, part by part",
  (_, one) => {
    const { parts, ends, balls, total } = byHand(one);
    const [{ ledger, totalMm, balls: told }] = calculated(projectFrom(one)).yarns;
    const same = (got: number, wanted: number) => expect(got / wanted).toBeCloseTo(1, 9);
    same(ledger.plain + ledger.drawIn + ledger.texture, parts.fabric);
    same(ledger.crossings, parts.crossings);
    same(ledger.castOn, parts.castOn);
    same(ledger.castOff, parts.castOff);
    same(ledger.seams, parts.seams);
    same(ledger.extras, parts.extras);
    same(ledger.ends, ends);
    same(totalMm, total);
    expect(told).toBe(balls);
  },
);
