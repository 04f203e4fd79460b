import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { readPattern } from "../instructions/read";
import type { Panel } from "../panels/panel";
import { curvatureAt, curve, energyAndSlope, noCurvature, sizeOf } from "./energy";
import { applyLines, factor, linesFor } from "./lines";
import { meshOf, type Mesh } from "./mesh";
import { startOf } from "./relax";
import { restHeights, restWidths } from "./rests";

const panelOf = (text: string): Panel => {
  const { panel } = readPattern(text);
  if (!panel) throw new Error(text);
  return panel;
};
function meshFor(text: string, ribPull = 1): Mesh {
  const mesh = meshOf(panelOf(text), { aspect: 0.72, ribPull });
  if ("message" in mesh) throw new Error(sentence(mesh.message));
  return mesh;
}
const row = (values: ArrayLike<number>, columns: number, at = 0) =>
  Array.from(values).slice(at * columns, (at + 1) * columns);

test("a crossing stands on the stitches that it crossed, a decrease on both that it took, a yarn over on none", () => {
  const mesh = meshFor("Rnd 1: K1, 2/2 LC, k2tog, yo.\nRnd 2: K7.");
  // The first row stands on the last.
  expect(row(mesh.parentA, 7)).toEqual([7, 10, 11, 8, 9, 12, -1]);
  expect(row(mesh.parentB, 7)).toEqual([7, 10, 11, 8, 9, 13, -1]);
  expect(row(mesh.parentA, 7, 1)).toEqual([0, 1, 2, 3, 4, 5, 6]);
});

test("legs rest longer the further they travel, and only inside crossings", () => {
  const { legRest } = meshFor("Rnd 1: 3/3 LC, 1/1 RC, K1.\nRnd 2: K9.");
  const reach = (span: number) => 0.72 + 0.15 * (Math.hypot(0.72, span, 0.35) - 0.72);
  expect(row(legRest, 9).map((rest) => Number(rest.toFixed(6)))).toEqual(
    [3, 3, 3, 3, 3, 3, 1, 1].map((span) => Number(reach(span).toFixed(6))).concat(0),
  );
  expect(row(legRest, 9, 1)).toEqual(Array.from({ length: 9 }, () => 0));
});

const faces = (...rows: readonly string[]) => ({
  rows: rows.length,
  columns: rows[0]?.length ?? 0,
  faces: Uint8Array.from(
    rows
      .join("")
      .split("")
      .map((face) => (face === "k" ? 1 : 0)),
  ),
});

test("rest widths: folds by the shorter run, steps that are not repeated push wider", () => {
  const close = (values: Float64Array, wanted: readonly number[]) =>
    wanted.forEach((value, at) => expect(values[at]).toBeCloseTo(value, 9));
  // Runs of one inside: 0.30; a run at the edge counts as three.
  close(restWidths(faces("kkpkk"), 1), [1, 0.7, 0.7, 1]);
  close(restWidths(faces("kkppkk"), 1), [1, 0.3, 1, 0.3, 1]);
  close(restWidths(faces("kkpppkk"), 1), [1, 0.2, 1, 1, 0.2, 1]);
  close(restWidths(faces("kkppkk"), 0.35), [1, 1 - 0.245, 1, 1 - 0.245, 1]);
  // Seed: no step is repeated above or below.
  close(restWidths(faces("kpk", "pkp"), 1), [1.05, 1.05]);
});

test("rest heights: garter lies flat, seed half as much, plain fabric not at all", () => {
  expect(restHeights(faces("kkkk", "pppp"), 0.72)[0]).toBeCloseTo(0.72 * 0.7, 9);
  expect(restHeights(faces("kpkp", "pkpk"), 0.72)[0]).toBeCloseTo(0.72 * 0.88, 9);
  expect([...restHeights(faces("kkkk", "kkkk"), 0.72)]).toEqual([0.72, 0.72]);
  // One of five differs from the row below, and no neighbour does.
  expect(restHeights(faces("kkpkk", "kkkkk"), 1)[0]).toBeCloseTo((4 + 0.88) / 5, 9);
});

const MESHES = [
  "Rnd 1: P2, 3/3 LC, P2.\nRnds 2-6: P2, K6, P2.",
  "Rnd 1: [2/2 LC] 3 times.\nRnds 2, 4: K12.\nRnd 3: K2, [2/2 RC] twice, K2.",
  "Rnd 1: k2tog, yo, 1/1 RC, P2.\nRnd 2: K4, P2.",
  "Rnd 1: K5.",
].map((text) => meshFor(text));

const anyState = fc.tuple(
  fc.constantFrom(...MESHES),
  fc.infiniteStream(fc.integer({ min: -300, max: 300 }).map((step) => (step + 0.5) / 1000)),
);
const noisy = (mesh: Mesh, noise: fc.Stream<number>) =>
  startOf(mesh).map((value) => value + (noise.next().value as number));

test("the curvature is the slope's, by finite differences", () => {
  fc.assert(
    fc.property(anyState, ([mesh, noise]) => {
      const size = sizeOf(mesh);
      const state = noisy(mesh, noise);
      const way = Float64Array.from({ length: size }, () => noise.next().value as number);
      const step = 1e-6;
      const at = (by: number) => state.map((value, index) => value + by * (way[index] ?? 0));
      const slopeAt = (by: number) => {
        const slope = new Float64Array(size);
        energyAndSlope(mesh, at(by), slope);
        return slope;
      };
      const curvedAt = (by: number) => {
        const curvature = noCurvature(mesh);
        curvatureAt(mesh, at(by), curvature);
        const product = new Float64Array(size);
        curve(mesh, curvature, way, product);
        return product;
      };
      const [ahead, behind] = [slopeAt(step), slopeAt(-step)];
      // Where a stitch comes to touch its neighbour within the step, the curvature jumps; it lies between.
      const [after, before] = [curvedAt(step), curvedAt(-step)];
      for (let index = 0; index < size; index += 1) {
        const difference = ((ahead[index] ?? 0) - (behind[index] ?? 0)) / (2 * step);
        const ends = [after[index] ?? 0, before[index] ?? 0];
        expect(difference).toBeGreaterThan(Math.min(...ends) - 1e-4);
        expect(difference).toBeLessThan(Math.max(...ends) + 1e-4);
      }
    }),
    { numRuns: 80 },
  );
});

test("the preconditioner is symmetric and pushes with the force, never against it", () => {
  fc.assert(
    fc.property(anyState, ([mesh, noise]) => {
      const size = sizeOf(mesh);
      const curvature = noCurvature(mesh);
      curvatureAt(mesh, noisy(mesh, noise), curvature);
      const lines = linesFor(mesh);
      factor(lines, mesh, curvature);
      const force = () => Float64Array.from({ length: size }, () => noise.next().value as number);
      const applied = (to: Float64Array) => {
        const step = new Float64Array(size);
        applyLines(lines, mesh, curvature, to, step);
        return step;
      };
      const dot = (a: Float64Array, b: Float64Array) =>
        a.reduce((sum, value, at) => sum + value * (b[at] ?? 0), 0);
      const [one, other] = [force(), force()];
      expect(dot(one, applied(one))).toBeGreaterThan(0);
      const [there, back] = [dot(one, applied(other)), dot(other, applied(one))];
      expect(Math.abs(there - back)).toBeLessThan(1e-7 * (1 + Math.abs(there)));
    }),
    { numRuns: 80 },
  );
});
