/** Knitters who weigh what is left of their balls at a quarter, half and three quarters of the work. */
import { answerTo, cabledBack, calculated } from "@testing/anyProject";
import { plainSwatch } from "@testing/anySwatch";
import { harsherWorld, KNITTERS, ownWorld, trulyHolds, trulyOff, type World } from "@testing/knitters";
import { joinWaste } from "../estimate/balls";
import { END_MM } from "../estimate/longTail";
import { pieceRows } from "../estimate/plan";
import { stretchNeed } from "../estimate/stretchNeed";
import { yarnNeeds } from "../estimate/yarnNeed";
import { withAct, type Act } from "../progress/merge";
import type { Log } from "../project/log";

const base = cabledBack(
  { by: "rows", rows: 180, measured: { widthMm: null, stitches: null } },
  { gauge: { stitchesPer10Cm: 18, rowsPer10Cm: 25, source: "band" } },
);
const { plan: planned } = calculated(base);
const need = [...yarnNeeds(planned).values()][0];
const trulyTakes = (truth: Float64Array) => need?.at(trulyOff(truth)) ?? NaN;
const [only] = planned.pieces;
if (!only) throw new Error("no piece");
const piece = only;
const ROWS = pieceRows(piece);
const WHOLE_G = planned.yarns[0]?.putUp.massG ?? NaN;
const OF = { pieceId: piece.id, copy: 1 };
const YARN = { yarnId: piece.yarnId };

/** What a knitter has told after each of three weighings. */
function logsOf(world: World, knitter: number, weighsBalls: boolean): readonly Log[] {
  const truth = world.truthOf(knitter);
  const off = trulyOff(truth);
  const mmPerG = trulyHolds(truth) / WHOLE_G;
  const takes = (from: number, to: number) =>
    stretchNeed(piece, YARN.yarnId, { from, to }, planned.gauge).at(off);
  const fill = world === ownWorld ? Math.exp(0.025 * world.noise()) : world.ball;
  const water = 0.015 * world.noise();
  const onScale = (g: number) => Math.max(0, Math.round(g * Math.exp(water + 0.013 * world.noise())));
  let log: Log = [];
  const tell = (act: Act) => {
    log = withAct(log, act, `e${log.length}`, 1000 * log.length);
  };
  const logs: Log[] = [];
  tell({ kind: "joined", ...OF, ...YARN, massG: weighsBalls ? onScale(fill * WHOLE_G) : null, leftG: null });
  let left = fill * WHOLE_G;
  const stages = [0.25, 0.5, 0.75].map((share) => Math.round(share * ROWS));
  for (let row = 0; row < (stages[2] ?? 0); row += 1) {
    const each = (takes(row, row + 1) * Math.exp(0.03 * world.noise())) / mmPerG;
    if (each + END_MM / mmPerG > left) {
      tell({ kind: "atRow", ...OF, rows: row });
      tell({
        kind: "joined",
        ...OF,
        ...YARN,
        massG: weighsBalls ? onScale(fill * WHOLE_G) : null,
        leftG: Math.round(Math.max(0, left - END_MM / mmPerG)),
      });
      left = fill * WHOLE_G - END_MM / mmPerG;
    }
    left -= each;
    if (!stages.includes(row + 1)) continue;
    tell({ kind: "atRow", ...OF, rows: row + 1 });
    tell({ kind: "weighed", ...OF, ...YARN, massG: onScale(left), stepG: 1 });
    logs.push(log);
  }
  return logs;
}

/** How often the truth lies in the band that was told, and how wide that was in the middle, before and at each stage. */
function told(world: World, weighsBalls: boolean) {
  const inside = [0, 0, 0, 0];
  const widths: number[][] = [[], [], [], []];
  for (let knitter = 0; knitter < KNITTERS; knitter += 1) {
    const project = { ...base, swatches: [world.read(plainSwatch(), knitter)] };
    [[], ...logsOf(world, knitter, weighsBalls)].forEach((log, stage) => {
      const [{ quantilesMm, balls }] = answerTo({ ...project, log: [...log] }).yarns;
      const { p5, p95 } = quantilesMm;
      const takes = trulyTakes(world.truthOf(knitter)) + joinWaste(balls);
      if (takes >= p5 && takes <= p95) inside[stage] = (inside[stage] ?? 0) + 1;
      widths[stage]?.push(Math.log(p95 / p5));
    });
  }
  return {
    shares: inside.map((count) => count / KNITTERS),
    widths: widths.map((all) => all.sort((a, b) => a - b)[KNITTERS / 2] ?? 0),
  };
}

function holdsAndNarrows({ shares, widths }: ReturnType<typeof told>) {
  for (const share of shares.slice(1)) {
    expect(share).toBeGreaterThanOrEqual(0.84);
    expect(share).toBeLessThanOrEqual(0.96);
  }
  widths.forEach((width, stage) => {
    if (stage > 0) expect(width).toBeLessThan(widths[stage - 1] ?? 0);
  });
  expect(widths[1]).toBeLessThan(0.75 * (widths[0] ?? 0));
}

test("each weighing narrows the band, and it holds the truth for 84 to 96 in 100", () => {
  holdsAndNarrows(told(ownWorld, true));
}, 600_000);

test("it does so in a harsher world, where balls that nobody weighed are light", () => {
  holdsAndNarrows(told(harsherWorld(), false));
}, 600_000);
