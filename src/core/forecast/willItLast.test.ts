/** Balls in the hands of knitters whose true loops are known: what is called sure has to be so, and no more than that. */
import { deviationsOf, ofProject, putUpId } from "../belief/unknowns";
import { answerTo } from "@testing/anyProject";
import { plainSwatch, readOff, unswatched, withSwatches } from "@testing/anySwatch";
import { END_MM } from "../estimate/longTail";
import { endNeed, stretchNeed } from "../estimate/stretchNeed";
import { drawsOf, normalsFrom } from "./draws";
import type { Project } from "../project/project";
import { newSection } from "../project/sections";
import type { KnownForecast } from "./projectForecast";
import { willItLast } from "./willItLast";

const KNITTERS = 40;
const noise = normalsFrom(4711, 4 * KNITTERS);

function setting(project: ReturnType<typeof unswatched>) {
  const answer = answerTo(project);
  if (!answer.known) throw new Error("no answer");
  const [piece] = answer.plan.pieces;
  if (!piece) throw new Error("no piece");
  const all = piece.sections.reduce((sum, { worked }) => sum + worked.rows.length, 0);
  return { answer, piece, all, yarnId: piece.yarnId };
}

/** A plain border below all else. */
const withHem = ([piece, ...others]: Project["pieces"]): Project["pieces"] => {
  if (!piece) throw new Error("no piece");
  const [castOn, ...rest] = piece.sections;
  const border = newSection("fabric", "border", { content: "ground", ground: "garter", rows: 6 });
  return castOn ? [{ ...piece, sections: [castOn, border, ...rest] }, ...others] : [piece, ...others];
};

/** How often a ball does what was called sure, over knitters drawn from the belief itself. */
function kept({ answer, piece, all, yarnId }: ReturnType<typeof setting>) {
  const { belief, plan } = answer as KnownForecast;
  const draws = drawsOf(belief);
  const yarn = plan.yarns.find(({ id }) => id === yarnId);
  const perG = (1000 * (yarn?.putUp.lengthM ?? NaN)) / (yarn?.putUp.massG ?? NaN);
  let good = 0;
  for (let knitter = 0; knitter < KNITTERS; knitter += 1) {
    const truth = Float64Array.from(draws, (axis) => axis[97 * knitter + 3] ?? 0);
    const row = (7 * knitter) % (all - 10);
    const massG = 8 + ((5 * knitter) % 30);
    const holds = massG * perG * Math.exp(truth[belief.axes.indexOf(putUpId(yarnId))] ?? 0);
    const read = Math.round(massG * (1 + 0.02 * (noise[4 * knitter] ?? 0)));
    const told = willItLast(
      answer as KnownForecast,
      { pieceId: piece.id, yarnId, row, massG: read, stepG: 1 },
      { rows: row, to: [row + 1, all], certainty: "steady" },
    );
    if (!told) throw new Error("nothing is told");
    expect(told.reaches[0]?.chance).toBeGreaterThanOrEqual(told.reaches[1]?.chance ?? 1);
    expect(told.sureTo).toBeGreaterThanOrEqual(row);
    const takes = (to: number) =>
      stretchNeed(piece, yarnId, { from: row, to }, plan.gauge).at(
        ofProject(deviationsOf(belief.axes, truth)),
      ) *
        Math.exp((0.03 * (noise[4 * knitter + 2] ?? 0)) / Math.sqrt(Math.max(1, to - row))) +
      (to < all ? END_MM : 0);
    if (takes(told.sureTo) <= holds || told.sureTo === row) good += 1;
  }
  return good / KNITTERS;
}

test("rows that are called safe at 95 in 100 are reached by at least 90 of 100 knitters, swatched or not", () => {
  for (const project of [unswatched(), withSwatches(readOff(plainSwatch({ name: "Plain" })))]) {
    const share = kept(setting(project));
    expect(share).toBeGreaterThan(0.9);
    expect(share).toBeLessThanOrEqual(1);
  }
});

test("a ball as worked on tells less by what the rows since took; the join is put before no crossing", () => {
  const { answer, piece, all, yarnId } = setting(unswatched());
  const ball = { pieceId: piece.id, yarnId, row: 30, massG: 20, stepG: 0.1 };
  const told = (rows: number) => {
    const lasts = willItLast(answer as KnownForecast, ball, { rows, to: [all], certainty: "steady" });
    if (!lasts) throw new Error("nothing is told");
    return lasts;
  };
  const [now, later] = [told(30), told(35)];
  expect(now.leftM.p50).toBeCloseTo(
    (20 * ((answer as KnownForecast).plan.yarns[0]?.putUp.lengthM ?? 0)) /
      ((answer as KnownForecast).plan.yarns[0]?.putUp.massG ?? 1),
    0,
  );
  expect(later.leftM.p50).toBeLessThan(now.leftM.p50 - 4 * now.rowM);
  expect(later.sureTo).toBe(now.sureTo);
  const rows = piece.sections.flatMap(({ worked }) => worked.rows);
  for (let massG = 5; massG < 45; massG += 1) {
    const { joinBefore, sureTo } =
      willItLast(answer as KnownForecast, { ...ball, massG }, { rows: 30, to: [], certainty: "steady" }) ??
      now;
    expect(joinBefore).toBeLessThanOrEqual(sureTo + 1);
    expect(rows[joinBefore - 1]?.row.some((work) => "crossing" in work) ?? false).toBe(false);
  }
});

test("a piece may be stopped behind whole repeats, and is told so by as many as the yarn and a spare ball do", () => {
  const { answer, piece, all, yarnId } = setting(unswatched());
  const known = answer as KnownForecast;
  const ball = { pieceId: piece.id, yarnId, row: 30, massG: 30, stepG: 1 };
  const stop = (massG: number, spare = 0) =>
    willItLast(known, { ...ball, massG }, { rows: 30, to: [], certainty: "steady", spare })?.stop ?? null;
  const { gauge, likely } = known.plan;
  const takes = (to: number) =>
    stretchNeed(piece, yarnId, { from: 30, to }, gauge).at(likely) +
    (endNeed(piece, yarnId, 30, gauge)?.at(likely) ?? NaN);
  const [putUp] = known.plan.yarns.map((yarn) => yarn.putUp);
  const holds = (massG: number) => (1000 * massG * (putUp?.lengthM ?? NaN)) / (putUp?.massG ?? NaN);
  const at = stop(30);
  expect((at?.rows ?? 1) % 6).toBe(0);
  expect(at?.repeats).toBe(((at?.rows ?? 0) - 30) / 6);
  expect(takes(at?.rows ?? 0)).toBeLessThan(holds(30));
  expect(takes((at?.rows ?? 0) + 12)).toBeGreaterThan(holds(30));
  expect(stop(30, 1)?.rows).toBeGreaterThan((at?.rows ?? 0) + 12);
  expect(stop(30, 20)?.rows).toBe(all);
  expect(stop(4)).toEqual({ rows: 30, repeats: 0 });
  const below = answerTo({ ...unswatched(), pieces: withHem(unswatched().pieces) });
  expect(
    below.known && willItLast(below, { ...ball, row: 2 }, { rows: 2, to: [], certainty: "steady" })?.stop,
  ).toBeNull();
});

test("of a yarn whose weight nobody knows nothing is told by weight", () => {
  const project = unswatched();
  const [yarn] = project.yarns;
  const bare = {
    ...project,
    yarns: [
      {
        ...(yarn as (typeof project.yarns)[number]),
        putUp: { massG: 50, lengthM: 82, noMass: true as const },
      },
    ],
  };
  const { answer, piece, yarnId } = setting(bare as typeof project);
  const ball = { pieceId: piece.id, yarnId, row: 3, massG: 20, stepG: 1 };
  expect(willItLast(answer as KnownForecast, ball, { rows: 3, to: [], certainty: "steady" })).toBeNull();
});
