/** What relaxing a fabric costs: one pass over energy and slope, whole solves, and how they grow. */
import { drawingFabric } from "@/core/fabric/drawnFabric";
import { energyAndSlope, sizeOf } from "@/core/fabric/energy";
import { meshOf, type Mesh } from "@/core/fabric/mesh";
import { solving, type Solution } from "@/core/fabric/newton";
import { toEnd } from "@/core/steps";
import { startOf } from "@/core/fabric/relax";
import { readPattern } from "@/core/instructions/read";
import type { Panel } from "@/core/panels/panel";
import { timesOf } from "./times";

const SIZES = [
  [24, 24],
  [64, 96],
  [100, 100],
  [200, 200],
] as const;

/** Ropes of 2/2 between purls and honeycombs between them, crossings staggered: what is left of 8 is plain. */
function panelOf(columns: number, rows: number): Panel {
  const rope = (row: number, at: number) =>
    (row + 2 * at) % 4 === 1 ? `p2, 2/2 ${at % 2 === 0 ? "L" : "R"}C, p2` : "p2, k4, p2";
  const comb = (row: number) => {
    if (row % 4 !== 1) return "k8";
    return row % 8 === 1 ? "2/2 RC, 2/2 LC" : "2/2 LC, 2/2 RC";
  };
  const text = Array.from({ length: rows }, (_, index) => {
    const parts = Array.from({ length: Math.floor(columns / 8) }, (__, at) =>
      at % 3 === 1 ? comb(index + 1) : rope(index + 1, at),
    );
    return `Rnd ${index + 1}: ${[...parts, ...(columns % 8 > 0 ? [`k${columns % 8}`] : [])].join(", ")}.`;
  });
  const { panel } = readPattern(text.join("\n"));
  if (!panel) throw new Error("no panel");
  return panel;
}

function meshFor(panel: Panel): Mesh {
  const mesh = meshOf(panel, { aspect: 0.72, ribPull: 1 });
  if ("message" in mesh) throw new Error(mesh.message.code);
  return mesh;
}

const solve = (mesh: Mesh): Solution => toEnd(solving(mesh, startOf(mesh)));
const ms = (value: number) => (value < 1 ? `${(1000 * value).toFixed(1)} µs` : `${value.toFixed(2)} ms`);

const solves: { stitches: number; ms: number }[] = [];
for (const [columns, rows] of SIZES) {
  const panel = panelOf(columns, rows);
  const mesh = meshFor(panel);
  const [state, slope] = [startOf(mesh), new Float64Array(sizeOf(mesh))];
  const pass = await timesOf(() => energyAndSlope(mesh, state, slope));
  // With the mesh made anew, as whoever asks for a panel's fabric pays for it.
  const whole = await timesOf(() => solve(meshFor(panel)), 2000);
  const { evaluations, products, converged, force } = solve(mesh);
  if (!converged) throw new Error(`${columns} x ${rows} did not settle`);
  solves.push({ stitches: columns * rows, ms: whole.medianMs });
  console.log(
    `${columns} x ${rows}: energy and slope ${ms(pass.medianMs)}; solve median ${ms(whole.medianMs)}, p95 ${ms(whole.p95Ms)}` +
      ` = ${(whole.medianMs / pass.medianMs).toFixed(0)} passes; ${evaluations} energies, ${products} products, force left ${force.toExponential(1)}`,
  );
}
const [small, large] = [solves[0], solves.at(-1)];
if (!small || !large) throw new Error("not measured");
const growth = Math.log(large.ms / small.ms) / Math.log(large.stitches / small.stitches);
console.log(`The cost of a solve grows as stitches^${growth.toFixed(2)} from 24 x 24 to 200 x 200`);

const drawn = panelOf(24, 24);
for (const quick of [true, false]) {
  const draw = await timesOf(() => toEnd(drawingFabric(drawn, { aspect: 0.72, blocking: "asKnit", quick })));
  console.log(
    `Relaxing and drawing 24 x 24, twice in each direction, ${quick ? "at once" : "well"}: median ${ms(draw.medianMs)}, p95 ${ms(draw.p95Ms)}`,
  );
}
