/** What relaxing a fabric costs: one pass over energy and slope, whole solves, and how they grow. */
import { Bench } from "tinybench";
import { energyAndSlope, sizeOf } from "@/core/fabric/energy";
import { meshOf, type Mesh } from "@/core/fabric/mesh";
import { solving, type Solution } from "@/core/fabric/newton";
import { startOf } from "@/core/fabric/relax";
import { readPattern } from "@/core/instructions/read";

const SIZES = [
  [24, 24],
  [64, 96],
  [100, 100],
  [200, 200],
] as const;

/** Ropes of 2/2 between purls, a honeycomb among them, for any size that 8 divides; crossings staggered. */
function patternOf(columns: number, rows: number): string {
  const cross = (row: number, at: number) => {
    if ((row + 2 * at) % 4 !== 1) return "p2, k4, p2";
    return `p2, 2/2 ${at % 2 === 0 ? "L" : "R"}C, p2`;
  };
  const comb = (row: number, at: number) => {
    if (row % 4 !== 1) return "k8";
    return row % 8 === 1 ? "2/2 RC, 2/2 LC" : "2/2 LC, 2/2 RC";
  };
  return Array.from({ length: rows }, (_, index) => {
    const parts = Array.from({ length: Math.floor(columns / 8) }, (__, at) =>
      at % 3 === 1 ? comb(index + 1, at) : cross(index + 1, at),
    );
    const rest = columns % 8;
    return `Rnd ${index + 1}: ${parts.join(", ")}${rest > 0 ? `, k${rest}` : ""}.`;
  }).join("\n");
}

function meshFor(columns: number, rows: number): Mesh {
  const { panel } = readPattern(patternOf(columns, rows));
  const mesh = panel && meshOf(panel, { aspect: 0.72, ribPull: 1 });
  if (!mesh || "message" in mesh) throw new Error("no mesh");
  return mesh;
}

function solve(mesh: Mesh): Solution {
  const steps = solving(mesh, startOf(mesh));
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}

test("energy passes and solves", async () => {
  const solves: { stitches: number; ms: number }[] = [];
  for (const [columns, rows] of SIZES) {
    const mesh = meshFor(columns, rows);
    const [state, slope] = [startOf(mesh), new Float64Array(sizeOf(mesh))];
    const bench = new Bench({ time: 400, warmupTime: 200 });
    bench.add("pass", () => {
      energyAndSlope(mesh, state, slope);
    });
    bench.add("solve", () => {
      solve(mesh);
    });
    await bench.run();
    const figures = bench.tasks.map(({ result }) => {
      if (!("latency" in result)) throw new Error("not measured");
      return { median: result.latency.p50, p95: result.latency.p99 };
    });
    const [pass, whole] = figures;
    if (!pass || !whole) throw new Error("not measured");
    const { evaluations, products, converged } = solve(mesh);
    expect(converged).toBe(true);
    solves.push({ stitches: columns * rows, ms: whole.median });
    process.stdout.write(
      `${columns} x ${rows}: pass ${(1000 * pass.median).toFixed(1)} us; solve median ${whole.median.toFixed(2)} ms, p99 ${whole.p95.toFixed(2)} ms = ${(whole.median / pass.median).toFixed(0)} passes, ${evaluations} energies, ${products} products\n`,
    );
  }
  const [small, large] = [solves[0], solves.at(-1)];
  if (!small || !large) throw new Error("not measured");
  const growth = Math.log(large.ms / small.ms) / Math.log(large.stitches / small.stitches);
  process.stdout.write(`The cost of a solve grows as stitches^${growth.toFixed(2)}\n`);
});
