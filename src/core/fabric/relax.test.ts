import { say } from "../words/message";
import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { readPattern } from "../instructions/read";
import { LIBRARY } from "../panels/library";
import type { Panel, PanelRow, Work } from "../panels/panel";
import { mirror } from "../panels/transforms";
import type { Crossing } from "../stitches/crossings";
import { operationOf } from "../stitches/operations";
import type { Blocking } from "./blocking";
import { energyAndSlope, sizeOf } from "./energy";
import { meshOf, type Mesh } from "./mesh";
import { TOLERANCE, solving, type Solution } from "./newton";
import { toEnd } from "../steps";
import { relaxPanel, startOf, type Relaxed } from "./relax";

const panelOf = (text: string): Panel => {
  const { panel, findings } = readPattern(text);
  if (!panel || findings.some(({ severity }) => severity === "error"))
    throw new Error(sentence(findings[0]?.message) || text);
  return panel;
};

const relaxed = (panel: Panel, blocking: Blocking | number = "asKnit", aspect = 0.72): Relaxed => {
  const fabric = relaxPanel(panel, { aspect, blocking });
  if (!fabric.ok) throw new Error(sentence(fabric.message));
  return fabric;
};

const rope = (half: number, every: number) =>
  `Rnd 1: P2, ${half}/${half} LC, P2.\nRnds 2-${every}: P2, K${2 * half}, P2.`;
const HONEYCOMB = `Rnd 1: P2, [2/2 RC, 2/2 LC] twice, P2.
Rnds 2-4, 6-8: P2, K16, P2.
Rnd 5: P2, [2/2 LC, 2/2 RC] twice, P2.`;
const LATTICE = `Rnd 1: [2/2 LC] 6 times.\nRnds 2, 4: K24.\nRnd 3: K2, [2/2 RC] 5 times, K2.`;

/** Panel, width as knit, width wet-blocked, height, crossing yarn: the reference figures, aspect 0.72. */
test.each([
  ["stockinette", "Rnds 1, 2: K12.", 1, 1, 1, 0],
  ["garter", "Rnd 1: K12.\nRnd 2: P12.", 1, 1, 0.7, 0],
  ["seed", "Rnd 1: [K1, P1] 6 times.\nRnd 2: [P1, K1] 6 times.", 1.05, 1.05, 0.88, 0],
  ["rib 1x1", "Rnds 1, 2: [K1, P1] 6 times.", 0.7, 0.895, 1, 0],
  ["rib 2x2", "Rnds 1, 2: [K2, P2] 3 times.", 0.682, 0.889, 1, 0],
  ["rope 2/2", rope(2, 4), 0.641, 0.78, 0.979, 1.721],
  ["rope 3/3", rope(3, 6), 0.648, 0.754, 0.982, 4.293],
  ["rope 4/4", rope(4, 10), 0.693, 0.78, 0.987, 8.062],
  ["honeycomb", HONEYCOMB, 0.703, 0.754, 0.967, 13.769],
  ["lattice", LATTICE, 0.625, 0.625, 0.937, 18.932],
])("%s: the reference figures", (_, text, width, blocked, height, extra) => {
  const panel = panelOf(text);
  const knit = relaxed(panel);
  const wet = relaxed(panel, "wetBlocked");
  expect(Math.abs(knit.widthFactor - width)).toBeLessThan(0.002);
  expect(Math.abs(wet.widthFactor - blocked)).toBeLessThan(0.002);
  for (const { heightFactor } of [knit, wet]) expect(Math.abs(heightFactor - height)).toBeLessThan(0.002);
  expect(Math.abs(knit.crossingExtra - extra)).toBeLessThan(0.002);
});

/** A row of so many stitches: knits, purls, eyelets that keep the count, and crossings of every kind. */
function anyRow(stitches: number): fc.Arbitrary<PanelRow> {
  const run = (id: string, times: number): Work[] => [{ operation: operationOf(id), times }];
  const crossing = fc.record({
    front: fc.integer({ min: 1, max: 3 }),
    centre: fc.integer({ min: 0, max: 1 }),
    back: fc.integer({ min: 1, max: 3 }),
    lean: fc.constantFrom<Crossing["lean"][]>("left", "right"),
    kind: fc.constantFrom<Crossing["kind"][]>("knit", "purl", "allPurl"),
  });
  const part = fc.oneof(
    fc.integer({ min: 1, max: 4 }).map((times) => ({ wide: times, works: run("knit", times) })),
    fc.integer({ min: 1, max: 3 }).map((times) => ({ wide: times, works: run("purl", times) })),
    fc.constant({ wide: 2, works: [...run("k2tog", 1), ...run("yo", 1)] }),
    crossing.map((one) => ({ wide: one.front + one.centre + one.back, works: [{ crossing: one }] })),
  );
  return fc.array(part, { minLength: stitches, maxLength: stitches }).map((parts) => {
    const row: Work[] = [];
    let left = stitches;
    for (const { wide, works } of parts)
      if (wide <= left) {
        row.push(...works);
        left -= wide;
      }
    return left > 0 ? [...row, ...run("knit", left)] : row;
  });
}

const anyPanel: fc.Arbitrary<Panel> = fc
  .tuple(fc.integer({ min: 2, max: 14 }), fc.integer({ min: 1, max: 9 }))
  .chain(([stitches, rows]) => fc.array(anyRow(stitches), { minLength: rows, maxLength: rows }))
  .map((rows) => ({ rows }));

function meshFor(panel: Panel, ribPull = 1): Mesh {
  const mesh = meshOf(panel, { aspect: 0.72, ribPull });
  if ("message" in mesh) throw new Error(sentence(mesh.message));
  return mesh;
}

const solved = (mesh: Mesh, start = startOf(mesh)) => toEnd(solving(mesh, start));

test("the slope is the energy's, by finite differences, on random panels in random states", () => {
  fc.assert(
    fc.property(
      anyPanel,
      fc.infiniteStream(fc.integer({ min: -400, max: 400 }).map((step) => step / 1000)),
      (panel, noise) => {
        const mesh = meshFor(panel);
        const state = startOf(mesh).map((value) => value + (noise.next().value as number));
        const slope = new Float64Array(sizeOf(mesh));
        energyAndSlope(mesh, state, slope);
        const step = 1e-6;
        const moved = (at: number, by: number) => {
          const other = state.slice();
          other[at] = (other[at] ?? 0) + by;
          return energyAndSlope(mesh, other, new Float64Array(sizeOf(mesh)));
        };
        for (let at = 0; at < state.length; at += 1) {
          const difference = (moved(at, step) - moved(at, -step)) / (2 * step);
          // The energy bends where stitches touch; there the two sides differ by the stiffness times the step.
          expect(Math.abs((slope[at] ?? NaN) - difference)).toBeLessThan(1e-4 + 1e-5 * Math.abs(difference));
        }
      },
    ),
    { numRuns: 60 },
  );
});

test("whatever the panel, the solver settles, and nothing pulls any more", () => {
  fc.assert(
    fc.property(anyPanel, fc.constantFrom(1, 0.6, 0.35), (panel, ribPull) => {
      const mesh = meshFor(panel, ribPull);
      const { state, force, converged } = solved(mesh);
      const slope = new Float64Array(sizeOf(mesh));
      energyAndSlope(mesh, state, slope);
      expect(converged).toBe(true);
      expect(Math.max(...slope.map(Math.abs))).toBeCloseTo(force, 12);
      expect(force).toBeLessThanOrEqual(TOLERANCE);
    }),
    { numRuns: 150 },
  );
});

const gaps = ({ state }: Solution, { rows, columns }: Mesh) =>
  Array.from({ length: rows }, (_, row) =>
    Array.from(
      { length: columns - 1 },
      (__, column) => (state[row * columns + column + 1] ?? 0) - (state[row * columns + column] ?? 0),
    ),
  ).flat();

test("the answer is one, from a start near it, a crowded one, and a wild one", () => {
  for (const text of [rope(3, 6), HONEYCOMB, LATTICE]) {
    const mesh = meshFor(panelOf(text));
    const near = solved(mesh);
    const crowded = solved(mesh, new Float64Array(sizeOf(mesh)).fill(0.1));
    const wild = solved(
      mesh,
      Float64Array.from({ length: sizeOf(mesh) }, (_, index) => 5 * Math.sin(1 + index * index)),
    );
    for (const other of [crowded, wild]) {
      expect(other.converged).toBe(true);
      expect(other.energy).toBeCloseTo(near.energy, 9);
      const wanted = gaps(near, mesh);
      gaps(other, mesh).forEach((gap, at) => expect(gap).toBeCloseTo(wanted[at] ?? NaN, 5));
    }
  }
});

test("a mirrored panel is as wide, as high and as hungry; so is one turned up or down by any rows", () => {
  fc.assert(
    fc.property(anyPanel, fc.nat(), (panel, turn) => {
      const by = turn % panel.rows.length;
      const turned = { rows: [...panel.rows.slice(by), ...panel.rows.slice(0, by)] };
      const one = relaxed(panel);
      for (const other of [relaxed(mirror(panel)), relaxed(turned)]) {
        expect(other.widthFactor).toBeCloseTo(one.widthFactor, 5);
        expect(other.heightFactor).toBeCloseTo(one.heightFactor, 5);
        expect(other.crossingExtra).toBeCloseTo(one.crossingExtra, 9);
      }
    }),
    { numRuns: 60 },
  );
});

test("every panel of the library relaxes; none grows wider than its bumps push it", () => {
  for (const { id, text } of LIBRARY) {
    const { widthFactor, heightFactor } = relaxed(panelOf(text), "steamed");
    expect([id, widthFactor > 0.5 && widthFactor <= 1.0501]).toEqual([id, true]);
    expect([id, heightFactor > 0.69 && heightFactor <= 1.0001]).toEqual([id, true]);
  }
});

test("crossings, purl ones, with a centre, eyelets and decreases may stand in one panel", () => {
  const fabric = relaxed(
    panelOf("Rnd 1: P2, 2/1/2 RPC, P1, k2tog, yo, P2.\nRnds 2-6: P2, K2, P1, K2, P1, K2, P2."),
  );
  expect([fabric.stitches, fabric.rows]).toEqual([12, 6]);
  expect(fabric.crossingExtra).toBeCloseTo(
    2 * 0.15 * 4 * (Math.hypot(0.72, 3, 0.35) - 0.72) + 0.3 * (Math.hypot(0.72, 0.35) - 0.72),
    6,
  );
  expect(fabric.narrowest).not.toBe(fabric.widest);
});

test("blocking moves the ribs between as knit and wet-blocked, and stops where they are", () => {
  const widths = [1, 0.8, 0.6, 0.35].map((pull) => relaxed(panelOf(rope(2, 4)), pull).widthFactor);
  expect(widths).toEqual([...widths].sort((a, b) => a - b));
  expect(widths[2]).toBe(relaxed(panelOf(rope(2, 4)), "steamed").widthFactor);
});

test("a panel that changes its count is refused with its row and both counts", () => {
  const panel = { rows: [...panelOf("Rnd 1: K6.").rows, [{ operation: operationOf("knit"), times: 5 }]] };
  expect(relaxPanel(panel, { aspect: 0.72, blocking: "asKnit" })).toEqual({
    ok: false,
    row: 2,
    message: say("countChanges", { row: 2, does: "works", count: 5, first: 6 }),
  });
  expect(relaxPanel({ rows: [] }, { aspect: 0.72, blocking: "asKnit" })).toMatchObject({ ok: false, row: 1 });
});

test("what was relaxed before is known again by its content, and the oldest is forgotten", () => {
  const known = new Map();
  const options = { aspect: 0.72, blocking: "asKnit" } as const;
  const first = relaxPanel(panelOf(rope(2, 4)), options, known);
  expect(relaxPanel(panelOf(`${rope(2, 4)}\n`), { aspect: 0.72, blocking: 1 }, known)).toBe(first);
  expect(relaxPanel(panelOf(rope(2, 4)), { ...options, aspect: 0.8 }, known)).not.toBe(first);
  for (let wide = 2; wide < 210; wide += 1)
    relaxPanel({ rows: [[{ operation: operationOf("knit"), times: wide }]] }, options, known);
  expect(known.size).toBe(200);
  expect([...known.values()]).not.toContain(first);
});
