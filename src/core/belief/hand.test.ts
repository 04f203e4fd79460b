/** Knitters who close three projects and begin a fourth: what the three have told of their hands. */
import { answerTo, cabledBack, calculated } from "@testing/anyProject";
import { plainSwatch, readOff } from "@testing/anySwatch";
import { KNITTERS, trulyHolds, trulyOff } from "@testing/knitters";
import { joinWaste } from "../estimate/balls";
import { deviated } from "../estimate/measures";
import { yarnNeeds } from "../estimate/yarnNeed";
import { normalsFrom } from "../forecast/draws";
import { withAct, type Act } from "../progress/merge";
import { HAND_IDS, HAND_SIZE } from "../project/hand";
import type { Log } from "../project/log";
import { GENERAL_SD } from "./prior";
import { widthsOf } from "../estimate/sectionWidths";
import { plainStitch } from "../stitches/plainStitch";
import { rowsHigh } from "./onNeedles";
import { believedHand, handOf, withSaid, WITHIN, type KnownProject } from "./hand";

const base = cabledBack(
  { by: "rows", rows: 180, measured: { widthMm: null, stitches: null } },
  { gauge: { stitchesPer10Cm: 18, rowsPer10Cm: 25, source: "band" } },
);
const { plan, belief: known } = calculated(base);
const { axes, covariance } = known;
const [first] = plan.pieces;
const [taking] = yarnNeeds(plan).values();
if (!first || !taking) throw new Error("no piece");
const [piece, need] = [first, taking];
const OF = { pieceId: piece.id, copy: 1 };
const { massG: WHOLE_G = NaN, lengthM: LENGTH_M = NaN } = plan.yarns[0]?.putUp ?? {};

const { main } = widthsOf(piece.sections, plainStitch(plan.gauge), 0);
const stitches = (main?.plainWidthMm ?? NaN) / plainStitch(plan.gauge).widthMm;
const kept = main?.kept.all ?? NaN;
const high = rowsHigh(piece, 10_000, { width: 1, height: 1 });

/** Standard normals one after the other; every second one is its forerunner turned over. */
function normals(seed: number) {
  const all = normalsFrom(seed, 400_000);
  let at = 0;
  return () => all[(at += 2)] ?? 0;
}
const noise = normals(90_210);

type HandTruth = readonly number[];

const anyHand = (): HandTruth => HAND_IDS.map((id) => Math.sqrt(1 - WITHIN ** 2) * GENERAL_SD[id] * noise());

/** What is off of one project of a knitter. */
function truthOf(hand: HandTruth): Float64Array {
  return Float64Array.from(axes, (id, at) => {
    const place = HAND_IDS.findIndex((one) => one === id);
    if (place < 0) return Math.sqrt(covariance[at * axes.length + at] ?? 0) * noise();
    const of = HAND_IDS[place] ?? "loop";
    return (hand[place] ?? 0) + WITHIN * GENERAL_SD[of] * noise();
  });
}

/** What a knitter tells who closes a project: what is left of the balls, and the size. */
function closed(truth: Float64Array): Log {
  const off = trulyOff(truth);
  let log: Log = [];
  const tell = (act: Act) => {
    log = withAct(log, act, `e${log.length}`, 1000 * log.length);
  };
  const ballMm = trulyHolds(truth);
  const fill = Math.exp(0.025 * noise());
  const mm = need.at(off) * Math.exp(0.01 * noise());
  let balls = 1;
  while (balls * fill * ballMm < mm + joinWaste(balls)) balls += 1;
  const left = balls * fill * WHOLE_G - ((mm + joinWaste(balls)) / ballMm) * WHOLE_G;
  tell({ kind: "atRow", ...OF, rows: 10_000 });
  tell({ kind: "finished", ...OF });
  tell({
    kind: "leftOver",
    yarnId: piece.yarnId,
    balls,
    leftG: Math.max(0, Math.round(left * Math.exp(0.02 * noise()))),
    stepG: 1,
  });
  const plain = deviated(plan.gauge, off);
  const taped = (mm: number) => mm * Math.exp(0.015 * noise()) + 3 * noise();
  const across = stitches * kept ** Math.exp(off.drawWidth) * plain.widthMm;
  const along = high({ drawHeight: off.drawHeight }) * plain.heightMm;
  tell({ kind: "sized", ...OF, which: "across", mm: taped(across) });
  tell({ kind: "sized", ...OF, which: "along", mm: taped(along) });
  return log;
}

/** A hand that is still so much what it was; the rest is anybody's. */
function moved(hand: HandTruth, keeps: number): HandTruth {
  const other = anyHand();
  return hand.map((one, at) => keeps * one + Math.sqrt(1 - keeps ** 2) * (other[at] ?? 0));
}

const swatched = (truth: Float64Array) => readOff(plainSwatch(), truth, [noise(), noise(), noise()]);

/** What a project tells of its knitter's hand, swatched and closed. */
function told(hand: HandTruth): KnownProject {
  const truth = truthOf(hand);
  const { belief } = calculated({ ...base, swatches: [swatched(truth)], log: [...closed(truth)] });
  return { evidence: belief.evidence, gramsPerM: WHOLE_G / LENGTH_M };
}

/** A knitter with the hands of four projects, of which three are told. */
type Hands = (hand: HandTruth) => readonly [HandTruth, HandTruth, HandTruth, HandTruth];

/** How often the truth of the fourth project lies in its band, without the hand and with it; and how wide both are. */
function fourth(hands: Hands, { swatches = false, both = false } = {}) {
  const inside = { without: 0, with: 0 };
  const widths = { without: [] as number[], with: [] as number[] };
  for (let knitter = 0; knitter < KNITTERS; knitter += 1) {
    const [last, ...before] = [...hands(anyHand())].reverse();
    const hand = handOf(before.reverse().map(told));
    const truth = truthOf(last ?? []);
    const project = { ...base, swatches: swatches ? [swatched(truth)] : [] };
    for (const which of both ? (["without", "with"] as const) : (["with"] as const)) {
      const answer = answerTo({ ...project, hand: which === "with" ? hand : null });
      const [{ quantilesMm, balls }] = answer.yarns;
      const { p5, p95 } = quantilesMm;
      const takes = need.at(trulyOff(truth)) + joinWaste(balls);
      if (takes >= p5 && takes <= p95) inside[which] += 1;
      widths[which].push(Math.log(p95 / p5));
    }
  }
  const middle = (all: number[]) => all.sort((a, b) => a - b)[KNITTERS / 2] ?? NaN;
  return {
    without: inside.without / KNITTERS,
    with: inside.with / KNITTERS,
    narrower: middle(widths.with) / middle(widths.without),
  };
}

function holds(share: number) {
  expect(share).toBeGreaterThanOrEqual(0.84);
  expect(share).toBeLessThanOrEqual(0.96);
}

test("the next project after three closed ones begins with a band a third narrower, which holds the truth", () => {
  const next = fourth((hand) => [hand, hand, hand, hand], { both: true });
  holds(next.without);
  holds(next.with);
  expect(next.narrower).toBeLessThan(2 / 3);
}, 600_000);

test("it holds the truth of a knitter whose hand became another one before the last of the three", () => {
  holds(
    fourth((hand) => {
      const other = moved(hand, 0);
      return [hand, hand, other, other];
    }).with,
  );
}, 600_000);

test("it holds the truth of a knitter whose hand has moved a little in each project", () => {
  holds(
    fourth((first) => {
      const second = moved(first, 0.85);
      const third = moved(second, 0.85);
      return [first, second, third, moved(third, 0.85)];
    }).with,
  );
}, 600_000);

test("a hand that became another one behind the three is heard of by the swatch", () => {
  const next = fourth((hand) => [hand, hand, hand, moved(hand, 0)], { swatches: true });
  expect(next.with).toBeGreaterThan(0.8);
}, 600_000);

test("where nothing was measured nothing is told of a hand, and a hand of which nothing was told is anybody's", () => {
  const { evidence } = known;
  for (const figure of [...evidence.information, ...evidence.vector]) expect(figure).toBeCloseTo(0, 6);
  const hand = handOf([{ evidence, gramsPerM: 0.5 }]);
  if (!hand) throw new Error("no hand");
  const { mean, covariance: spread } = believedHand(hand);
  HAND_IDS.forEach((id, at) => {
    expect(mean[at]).toBeCloseTo(0, 6);
    expect(Math.sqrt(spread[at * HAND_SIZE + at] ?? 0)).toBeCloseTo(GENERAL_SD[id], 6);
  });
});

test("what a hand keeps is read again as it was, and what is said of one thing stands by itself", () => {
  const hand = handOf([told(anyHand()), told(anyHand())]);
  if (!hand) throw new Error("no hand");
  const said = believedHand(withSaid(hand, "loop", { mean: 0.05, sd: 0.02 }));
  const before = believedHand(hand);
  const loop = HAND_IDS.indexOf("loop");
  expect(said.mean[loop]).toBe(0.05);
  HAND_IDS.forEach((_, row) => {
    HAND_IDS.forEach((_, column) => {
      const at = row * HAND_SIZE + column;
      const mine = row === loop && column === loop ? 0.02 ** 2 : 0;
      const wanted = row === loop || column === loop ? mine : (before.covariance[at] ?? NaN);
      expect(said.covariance[at]).toBeCloseTo(wanted, 12);
    });
  });
});

test("a hand seen in yarn of another thickness says less of this one", () => {
  const hand = handOf([0, 1, 2].map(() => told(anyHand())));
  if (!hand) throw new Error("no hand");
  const widthIn = (gramsPerM: number) => {
    const [{ quantilesMm }] = answerTo({ ...base, hand: { ...hand, gramsPerM } }).yarns;
    return Math.log(quantilesMm.p95 / quantilesMm.p5);
  };
  expect(widthIn(hand.gramsPerM)).toBeLessThan(widthIn(2 * hand.gramsPerM));
  expect(widthIn(2 * hand.gramsPerM)).toBeLessThan(widthIn(8 * hand.gramsPerM));
});
