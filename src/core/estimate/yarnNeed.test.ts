/** Need if you keep the width: what a knitter takes who adds stitches until the piece is as wide as it was planned. */
import fc from "fast-check";
import { newSection } from "../project/sections";
import { anyProject, pieceOf, projectOf, calculated } from "@testing/anyProject";
import { drawnMeasures, type DrawnUnknowns } from "./drawnMeasures";
import { yarnNeeds } from "./yarnNeed";
import { NOTHING_OFF, type Unknowns } from "./unknowns";

const needed = (stitches: number, ground: "stockinette" | "rib2") => {
  const piece = pieceOf([
    newSection("castOn", "on", { stitches, method: "knittedOn" }),
    newSection("fabric", "fabric", { content: "ground", ground, rows: 100 }),
    newSection("castOff", "off"),
  ]);
  const { plan, estimate } = calculated(projectOf([piece]));
  const need = yarnNeeds(plan).get("yarn-1");
  if (!need) throw new Error("no need");
  return { need, kept: estimate.pieces[0]?.estimate.widths.main?.kept.all ?? 1 };
};

test("stitches that come out 4 % narrower are 4 % more of them, cast on, knitted and cast off", () => {
  const off = { ...NOTHING_OFF, width: -Math.log(1.04) };
  expect(needed(100, "stockinette").need.at(off, "width")).toBeCloseTo(
    needed(104, "stockinette").need.at(off),
    6,
  );
  expect(needed(100, "stockinette").need.at(off)).toBeLessThan(
    needed(100, "stockinette").need.at(NOTHING_OFF),
  );
});

test("a fabric that pulls in harder than computed wants as many more stitches as it is narrower", () => {
  const off = { ...NOTHING_OFF, drawWidth: Math.log(1.35) };
  const { need, kept } = needed(1000, "rib2");
  const narrower = kept ** 1.35 / kept;
  const ends = 2 * needed(1000, "rib2").need.at(NOTHING_OFF) - needed(2000, "rib2").need.at(NOTHING_OFF);
  const expected = (need.at(NOTHING_OFF) - ends) / narrower + ends;
  expect(need.at(off, "width") / expected).toBeCloseTo(1, 9);
  expect(need.at(off)).toBe(need.at(NOTHING_OFF));
});

test("what is drawn in columns is what each drawn project needs by itself, of stitches and if you keep the width", () => {
  const draws = 12;
  const column = fc.float64Array({ min: -0.3, max: 0.3, minLength: draws, maxLength: draws, noNaN: true });
  const ids = Object.keys(NOTHING_OFF) as (keyof Unknowns)[];
  const anyDrawn = fc.record(
    Object.fromEntries(ids.map((id) => [id, column])),
  ) as fc.Arbitrary<DrawnUnknowns>;
  fc.assert(
    fc.property(anyProject, anyDrawn, (project, off) => {
      const { plan } = calculated(project);
      const measures = drawnMeasures(plan.gauge, off);
      for (const need of yarnNeeds(plan).values())
        for (const keeping of ["stitches", "width"] as const) {
          const drawn = need.drawn(measures, keeping);
          const alone = Array.from({ length: draws }, (_, draw) => {
            const unknowns = Object.fromEntries(ids.map((id) => [id, off[id][draw] ?? 0]));
            return need.at(unknowns as unknown as Unknowns, keeping);
          });
          alone.forEach((mm, draw) => expect((drawn[draw] ?? 0) / mm).toBeCloseTo(1, 9));
        }
    }),
    { numRuns: 60 },
  );
});
