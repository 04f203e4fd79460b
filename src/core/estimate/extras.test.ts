/** Extras against sums by hand: each figure is calculated anew here, from measures and the yarn alone. */
import { english } from "../words/english";
import { tell } from "../words/tell";
import fc from "fast-check";
import { EXTRA_KINDS, newExtra } from "../project/finishing";
import { omissionsOf } from "../forecast/omissions";
import { plainStitch } from "../stitches/plainStitch";
import { grams, metres, millimetres } from "../units/brands";
import { cabledBack, answerTo, anyExtra, calculated } from "@testing/anyProject";
import { extraName, planExtra, tellExtra } from "./extras";
import type { ExtraPlan } from "./plan";
import { lengthOf, measuresOf } from "./measures";
import { takenByExtra } from "./uses";

/** 165 m in 100 g: tex 606.06, 2.831 mm thick. */
const aran = { id: "yarn-1", putUp: { massG: grams(100), lengthM: metres(165) } };
const LOOP_MM = 19.133;
/** At a loop of so many mm, guesses off so far in ln. */
const extraYarn = (plan: ExtraPlan, loopMm: number, off: number) =>
  lengthOf(takenByExtra(plan).counts, {
    ...measuresOf(plainStitch({ stitchesPer10Cm: 20, rowsPer10Cm: 28 }), {
      extras: off,
      give: 0,
      castOff: 0,
    }),
    loopMm: millimetres(loopMm),
  });
const takes = (...given: Parameters<typeof newExtra>) =>
  extraYarn(planExtra(newExtra(...given), aran), LOOP_MM, 0);

test("a pompon by its size is a ball of so many grams in each cubic centimetre; by grams it is those", () => {
  // 4/3 π 4.5³ = 381.7 cm³ at 0.065 g are 24.81 g, of 1.65 m each.
  expect(takes("pompon", "one", { diameterMm: 90 })).toBeCloseTo(40_938, -1);
  expect(takes("pompon", "one", { by: "mass", massG: 15, times: 2 })).toBeCloseTo(2 * 15 * 1650, 6);
});

test("a pompon by its size can be off by a quarter, one by grams cannot", () => {
  const off = (given: object) => extraYarn(planExtra(newExtra("pompon", "one", given), aran), LOOP_MM, 0.25);
  expect(off({}) / takes("pompon", "one")).toBeCloseTo(Math.exp(0.25), 9);
  expect(off({ by: "mass" })).toBe(takes("pompon", "one", { by: "mass" }));
});

test("fringe, tassels, cords and buttons are lengths that can be laid out on a table", () => {
  // 8 ends of 2.831 mm, four fifths of the bundle yarn: 8.95 mm thick; three of that and 10 mm beyond 120 mm, double.
  expect(takes("fringe", "one", { knots: 60, strands: 4, lengthMm: 120 })).toBeCloseTo(240 * 2 * 156.86, -2);
  expect(takes("tassel", "one", { winds: 30, lengthMm: 100 })).toBeCloseTo(
    6000 + 8 * Math.PI * 24.52 + 400,
    -1,
  );
  expect(takes("twisted", "one", { strands: 2, lengthMm: 600, cut: 3 })).toBe(3600);
  expect(takes("knitted", "one", { stitches: 4, rows: 100 })).toBeCloseTo(400 * LOOP_MM + 300, 6);
  expect(takes("buttons", "one", { times: 6, lengthMm: 400 })).toBe(2400);
  expect(takes("kept", "one", { lengthM: 5 })).toBe(5000);
  expect(takes("kept", "one", { by: "mass", massG: 10 })).toBeCloseTo(16_500, 6);
});

test("each extra adds just what it takes to the project, in its own yarn", () => {
  const bare = calculated(cabledBack());
  fc.assert(
    fc.property(fc.array(anyExtra, { minLength: 1, maxLength: 5 }), (extras) => {
      const { estimate, yarns, plan } = calculated(cabledBack({}, { extras }));
      const loopMm = estimate.pieces[0]?.estimate.plain.loopMm ?? 0;
      const alone = plan.extras.reduce((sum, one) => sum + extraYarn(one, loopMm, 0), 0);
      expect(yarns[0].ledger.extras).toBeCloseTo(alone, 6);
      const joins = yarns[0].ledger.ends - bare.yarns[0].ledger.ends;
      expect(estimate.totalMm - bare.estimate.totalMm - joins).toBeCloseTo(alone, 4);
    }),
    { numRuns: 20 },
  );
});

test("every kind has a name and tells how it is calculated, in either system", () => {
  for (const kind of EXTRA_KINDS) {
    const extra = newExtra(kind, kind);
    expect(extraName(extra)).not.toBe("");
    expect(extraName({ ...extra, name: "For the crown" })).toBe("For the crown");
    expect(tell(tellExtra(extra, aran.putUp), { words: "US", units: "imperial" }, english)).not.toMatch(
      /\d (cm|m)\b(?!³)/,
    );
  }
});

test("grams of a yarn of which nobody knows the weight are owned up to; metres of it are counted", () => {
  const yarns = cabledBack().yarns.map((yarn) => ({
    ...yarn,
    putUp: { massG: 50, lengthM: 82, noMass: true as const },
  }));
  const extras = [newExtra("pompon", "crown"), newExtra("kept", "mending")];
  const project = cabledBack({}, { yarns, extras });
  const answer = answerTo(project);
  expect(omissionsOf(project, answer)).toMatchObject([{ kind: "finishing", of: "extras", id: "crown" }]);
  expect(answer.yarns[0].ledger.extras).toBeCloseTo(5000, 6);
  const without = { ...project, without: ["extras" as const] };
  expect(omissionsOf(without, answerTo(without))).toEqual([]);
});
