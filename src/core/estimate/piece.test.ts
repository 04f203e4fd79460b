import fc from "fast-check";
import { ropesAcross, withEdges, type RopesPlan } from "../panels/across";
import { relaxSection } from "../fabric/section";
import { ROPES } from "../panels/ropes";
import { grams, metres, millimetres } from "../units/brands";
import { fewestBalls, joinWaste } from "./balls";
import { TAIL_SCHOOLS, tailLength } from "./castOn";
import { CAST_OFF_IDS, CAST_ON_IDS } from "./edges";
import { LEDGER_PARTS, roundedToSum, type LedgerPart } from "./ledger";
import { estimatePiece, type PiecePlan } from "./piece";
import { rowTotal } from "./rowYarn";
import { layStrand, middleOfRow, placeOn, workedAt } from "./strand";
import { estimateProject, type ProjectPlan } from "./wholeProject";

/** Each composition is relaxed once for all tests. */
const KNOWN = new Map();

/** Ropes across, relaxed wet-blocked at the usual aspect. */
function laid(plan: RopesPlan): Pick<PiecePlan, "across" | "fabric"> {
  const across = ropesAcross(plan);
  const fabric = relaxSection(withEdges(across), { aspect: 0.72, blocking: "wetBlocked" }, KNOWN);
  if (!fabric.ok) throw new Error(fabric.message);
  return { across, fabric };
}

/** One rope 2/2 between two purls each side, 8 stitches by 8 rows, at 20 x 28. */
const ropePanel: PiecePlan = {
  ...laid({ rope: ROPES[0], lean: "left", ropes: 1, purls: 2, edge: 0 }),
  rows: 8,
  gauge: { stitchesPer10Cm: 20, rowsPer10Cm: 28 },
  putUp: { massG: grams(100), lengthM: metres(165) },
  needleMm: millimetres(5),
  castOn: "longTail",
  castOff: "plain",
  seams: 0,
  tail: { school: "wraps", twentyMm: millimetres(400) },
  measured: { widthMm: millimetres(30), stitches: 8 },
};

const anyRopes: fc.Arbitrary<RopesPlan> = fc.record({
  rope: fc.constantFrom(...ROPES),
  lean: fc.constantFrom("left" as const, "right" as const),
  ropes: fc.integer({ min: 1, max: 12 }),
  purls: fc.integer({ min: 0, max: 5 }),
  edge: fc.integer({ min: 0, max: 12 }),
});

const anyPlanBut: fc.Arbitrary<Omit<PiecePlan, "across" | "fabric">> = fc.record({
  rows: fc.integer({ min: 1, max: 400 }),
  gauge: fc.record({
    stitchesPer10Cm: fc.double({ min: 6, max: 40, noNaN: true }),
    rowsPer10Cm: fc.double({ min: 8, max: 56, noNaN: true }),
  }),
  putUp: fc
    .tuple(fc.integer({ min: 20, max: 400 }), fc.integer({ min: 30, max: 800 }))
    .map(([massG, lengthM]) => ({ massG: grams(massG), lengthM: metres(lengthM) })),
  castOn: fc.constantFrom(...CAST_ON_IDS),
  castOff: fc.constantFrom(...CAST_OFF_IDS),
  seams: fc.integer({ min: 0, max: 4 }),
  needleMm: fc.double({ min: 2, max: 12, noNaN: true }).map(millimetres),
  tail: fc.record({
    school: fc.constantFrom("wraps" as const, "twenty" as const, "widths" as const),
    twentyMm: fc.integer({ min: 150, max: 900 }).map(millimetres),
  }),
  measured: fc.option(
    fc.record({ widthMm: fc.integer({ min: 40, max: 120 }).map(millimetres), stitches: fc.constant(20) }),
  ),
});

const anyPlan: fc.Arbitrary<PiecePlan> = fc
  .tuple(anyRopes, anyPlanBut)
  .map(([ropes, plan]) => ({ ...plan, ...laid(ropes) }));

test("a rope panel, worked out by hand, to 0.1 %", () => {
  const { ledger, totalMm, widthMm, heightMm, kept } = estimatePiece(ropePanel);
  const byHand = {
    plain: 918.39 * kept.height, // 48 of 64 loops of 19.133 mm: the measured 30 mm hold 6 of 8 stitches
    drawIn: 1224.52 - 918.39 * kept.height, // the rest, and what the rows are lower
    crossings: 17.257, // two crossings of 1.7257 widths of 5 mm at aspect 0.714
    texture: 12.245, // 32 purls, 2 % of a loop each
    castOn: 153.06 + 350, // a loop a stitch; 8 π (5 + 0.7 · 2.831) + 150 = 325.5, up to 350
    castOff: 183.68,
    ends: 150,
    seams: 0,
    swatch: 0,
    extras: 0,
  };
  for (const { id } of LEDGER_PARTS)
    expect(Math.abs(ledger[id] - byHand[id])).toBeLessThanOrEqual(0.001 * byHand[id]);
  expect(totalMm / 2090.76).toBeCloseTo(1, 3);
  expect([widthMm, kept.measured]).toEqual([30, 0.75]);
  expect(kept.height).toBeCloseTo(0.979, 2);
  expect(heightMm).toBeCloseTo(28.571 * kept.height, 3);
});

test("the ledger adds up to what the rows, the edges and the ends take one by one", () => {
  fc.assert(
    fc.property(anyPlan, (plan) => {
      const { ledger, totalMm, repeat } = estimatePiece(plan);
      let byRow = 150 + ledger.castOn + ledger.castOff + ledger.seams;
      for (let row = 0; row < plan.rows; row += 1) byRow += rowTotal(repeat[row % repeat.length] ?? fail());
      expect(Math.abs(totalMm - byRow)).toBeLessThan(1e-6 * byRow);
      const parts = LEDGER_PARTS.map(({ id }) => ledger[id]);
      expect(parts.reduce((sum, part) => sum + part, 0)).toBe(totalMm);
      expect(roundedToSum(parts).reduce((sum, part) => sum + part, 0)).toBe(Math.round(totalMm));
      expect(parts.every(Number.isFinite)).toBe(true);
    }),
  );
});

const fail = (): never => {
  throw new Error("a row without yarn");
};

test("more rows, a rope more, or looser stitches never take less yarn", () => {
  fc.assert(
    fc.property(anyRopes, anyPlanBut, (ropes, others) => {
      const plan = { ...others, ...laid(ropes) };
      const { totalMm } = estimatePiece(plan);
      const { gauge } = plan;
      const looser = { ...gauge, stitchesPer10Cm: gauge.stitchesPer10Cm * 0.9 };
      expect(estimatePiece({ ...plan, rows: plan.rows + 1 }).totalMm).toBeGreaterThan(totalMm);
      const wider = { ...plan, ...laid({ ...ropes, ropes: ropes.ropes + 1 }) };
      expect(estimatePiece(wider).totalMm).toBeGreaterThan(totalMm);
      expect(estimatePiece({ ...plan, gauge: looser }).totalMm).toBeGreaterThan(totalMm);
    }),
  );
});

test("without a measured width the mesh tells the draw-in, and the total is the same", () => {
  const computed = estimatePiece({ ...ropePanel, measured: null });
  const { kept, ledger, totalMm, widthMm, plainWidthMm } = computed;
  expect(kept.computed).toBeCloseTo(0.78, 1);
  expect(kept.width).toBeCloseTo(kept.computed, 9);
  expect(widthMm / plainWidthMm).toBeCloseTo(kept.width, 9);
  expect(ledger.drawIn).toBeCloseTo((ledger.drawIn + ledger.plain) * (1 - kept.width * kept.height), 6);
  expect(totalMm).toBeCloseTo(estimatePiece(ropePanel).totalMm, 6);
});

test("the width may be off by the draw-in: wider on one side, narrower on the other, less where measured", () => {
  for (const plan of [ropePanel, { ...ropePanel, measured: null }]) {
    const { widthMm, widthBandMm } = estimatePiece(plan);
    expect(widthBandMm.narrow).toBeLessThan(widthMm);
    expect(widthBandMm.wide).toBeGreaterThan(widthMm);
  }
  const spread = ({ wide, narrow }: { wide: number; narrow: number }) => wide - narrow;
  const computed = estimatePiece({ ...ropePanel, measured: null });
  expect(spread(estimatePiece(ropePanel).widthBandMm)).toBeLessThan(spread(computed.widthBandMm));
});

test("the finished area of plain fabric and the draw-in are all the loops, whatever the panels", () => {
  fc.assert(
    fc.property(anyPlan, (plan) => {
      const { ledger, stitches, plain } = estimatePiece(plan);
      const loops = (stitches * plan.rows * plain.loopMm) / 1;
      expect(Math.abs(ledger.plain + ledger.drawIn - loops)).toBeLessThan(1e-6 * loops);
    }),
  );
});

test("three schools of tail for twenty stitches on 5 mm needles, each rounded up to 5 cm", () => {
  const basis = {
    stitches: 20,
    needleMm: millimetres(5),
    thicknessMm: millimetres(2.8311),
    twentyMm: millimetres(400),
    finishedWidthMm: millimetres(100),
  };
  expect(TAIL_SCHOOLS.wraps.lengthMm(basis)).toBeCloseTo(438.7, 1);
  expect(tailLength("wraps", basis)).toBe(600);
  expect(tailLength("twenty", basis)).toBe(550);
  expect(tailLength("widths", basis)).toBe(450);
});

test("balls are the fewest that hold the yarn and their own joins", () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 3_000_000 }), fc.integer({ min: 5, max: 800 }), (need, ball) => {
      const count = fewestBalls(millimetres(need), metres(ball));
      const holds = (balls: number) => balls * ball * 1000 - joinWaste(balls) >= need;
      expect(holds(count)).toBe(true);
      expect(count === 1 || !holds(count - 1)).toBe(true);
    }),
  );
});

/** Up to four pieces of one yarn, each worked up to three times. */
const anyProject: fc.Arbitrary<ProjectPlan> = fc
  .array(fc.tuple(anyPlan, fc.integer({ min: 1, max: 3 })), { minLength: 1, maxLength: 4 })
  .map((pieces) => {
    const [[{ gauge, needleMm, putUp }]] = pieces as [(typeof pieces)[number]];
    const shared = { gauge, needleMm, putUp, swatchMm: millimetres(120), extrasMm: millimetres(5000) };
    return {
      ...shared,
      pieces: pieces.map(([plan, times], index) => ({ id: `${index}`, times, plan: { ...plan, ...shared } })),
    };
  });

test("the parts of a project are those of its pieces, each as often as it is worked, and the joins", () => {
  fc.assert(
    fc.property(anyProject, (project) => {
      const { pieces, ledger, totalMm, balls } = estimateProject(project);
      for (const { id } of LEDGER_PARTS) {
        const sum = pieces.reduce((all, { times, estimate }) => all + times * estimate.ledger[id], 0);
        const more: Partial<Record<LedgerPart, number>> = {
          ends: joinWaste(balls),
          swatch: ledger.swatch,
          extras: 5000,
        };
        expect(ledger[id]).toBeCloseTo(sum + (more[id] ?? 0), 4);
      }
      expect(LEDGER_PARTS.reduce((sum, { id }) => sum + ledger[id], 0)).toBeCloseTo(totalMm, 4);
    }),
  );
});

const NOTHING_MORE = { swatchMm: millimetres(0), extrasMm: millimetres(0) };

test("a piece worked twice takes as much as two alike, and so does a mirrored twin", () => {
  fc.assert(
    fc.property(anyRopes, anyPlanBut, (ropes, others) => {
      const plan = { ...others, ...laid(ropes) };
      const mirrored = { ...others, ...laid({ ...ropes, lean: ropes.lean === "left" ? "right" : "left" }) };
      const total = (pieces: ProjectPlan["pieces"]) =>
        estimateProject({ ...others, ...NOTHING_MORE, pieces }).totalMm;
      const twice = total([{ id: "a", times: 2, plan }]);
      const two = [plan, mirrored].map((one, index) => ({ id: `${index}`, times: 1, plan: one }));
      expect(total(two) / twice).toBeCloseTo(1, 9);
    }),
  );
});

test("every place on the strand is found again, and the strand is as long as the ledger", () => {
  fc.assert(
    fc.property(anyProject, fc.double({ min: 0, max: 1, noNaN: true }), (project, at) => {
      const estimate = estimateProject(project);
      const strand = layStrand(estimate);
      expect(strand.stretches.at(-1)?.toMm).toBe(estimate.totalMm);
      const row = 1 + Math.floor(at * (strand.rowEndsMm.length - 1));
      const place = placeOn(strand, middleOfRow(strand, row));
      expect([place.part, place.row]).toEqual(["rows", row]);
      expect(place.worked).toEqual(workedAt(strand, row));
      expect(placeOn(strand, millimetres(0)).part).toBe("swatch");
      expect(placeOn(strand, millimetres(2 * estimate.totalMm)).part).toBe("ends");
    }),
  );
});
