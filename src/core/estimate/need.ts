/** Yarn needed as a function of what is unknown: everything counted once, so that one answer is a few products. */
import type { Gauge, PlainStitch } from "../fabric/plainStitch";
import { legExtra, spansOf } from "../stitches/crossings";
import { millimetres } from "../units/brands";
import { tailLength, END_MM } from "./castOn";
import { CAST_OFFS, castOnCount, seamYarn, swatchYarn } from "./edges";
import { deviated, rowsFactor, seamRows, tailOf, type PiecePlan, type PlannedSection } from "./piece";
import type { Tally } from "./tally";
import type { Unknowns } from "./unknowns";
import type { ProjectPlan } from "./wholeProject";

const { exp } = Math;

/** What rows take, in loops, widths and crossings; sizes of needles are in it. */
interface RowCounts {
  loops: number;
  castOffLoops: number;
  widths: number;
  /** Legs of crossings by how many columns they travel: what they take hangs on nothing else. */
  readonly legs: Map<number, number>;
}

/** How much a yarn takes of each measure, all pieces as often as they are worked. */
interface Counts {
  /** Rows by the share of its height that a fabric keeps which is worked to a length; null for counted rows. */
  readonly rows: Map<number | null, RowCounts>;
  /** What is no row: edges, seams, ends. */
  loops: number;
  castOffLoops: number;
  castOffWidths: number;
  widths: number;
  heights: number;
  constantMm: number;
  /** Tails are rounded up one by one. */
  readonly tails: {
    readonly section: PlannedSection;
    readonly piece: PiecePlan;
    readonly stitches: number;
    readonly width: number;
    readonly times: number;
  }[];
}

const nothing = (): Counts => ({
  rows: new Map(),
  loops: 0,
  castOffLoops: 0,
  castOffWidths: 0,
  widths: 0,
  heights: 0,
  constantMm: 0,
  tails: [],
});

type CountsOf = (yarnId: string) => Counts;

/** Adds rows that were counted, each so many times as large. */
function countTally(counts: Counts, toLength: number | null, tally: Tally, by: number) {
  const rows = counts.rows.get(toLength) ?? { loops: 0, castOffLoops: 0, widths: 0, legs: new Map() };
  counts.rows.set(toLength, rows);
  rows.loops += by * (tally.stitches + tally.textureLoops + tally.castOnLoops);
  rows.castOffLoops += by * tally.castOffLoops;
  rows.widths += by * tally.textureWidths;
  for (const [crossing, count] of tally.crossings)
    for (const span of spansOf(crossing)) rows.legs.set(span, (rows.legs.get(span) ?? 0) + 2 * by * count);
}

function countShares({ worked, shares, extras, toLength }: PlannedSection, times: number, of: CountsOf) {
  const by = times * worked.scale;
  for (const { yarnId, tally } of shares) countTally(of(yarnId), toLength, tally, by);
  for (const { yarnId, ends, carriedRows, twists } of extras) {
    const counts = of(yarnId);
    counts.constantMm += times * ends * END_MM;
    counts.heights += by * carriedRows;
    counts.widths += by * twists;
  }
}

/** An edge takes loops or widths: what it takes of either is found by asking for one of each. */
function countEdges(section: PlannedSection, piece: PiecePlan, counts: Counts) {
  const { worked } = section;
  const { times } = piece;
  for (const edge of worked.edges) {
    if (edge.kind === "end") counts.constantMm += times * END_MM;
    else if (edge.kind === "sewn") {
      counts.widths += times * SEWN_TIMES * edge.width;
      counts.constantMm += times * 2 * END_MM;
    } else if (edge.kind === "castOff") {
      const { loops, widths } = CAST_OFFS[edge.method].takes;
      counts.castOffLoops += times * worked.scale * loops * edge.stitches;
      counts.castOffWidths += times * widths * edge.width;
    } else if (edge.method === "longTail") {
      counts.loops += times * worked.scale * edge.stitches;
      counts.tails.push({ section, piece, stitches: edge.stitches, width: edge.width, times });
    } else {
      counts.loops += times * worked.scale * castOnCount(edge.method) * edge.stitches;
      counts.constantMm += times * END_MM;
    }
  }
}

/** A seam of 1 mm and its two ends take so many times its length. */
const SEWN_TIMES = seamYarn(1, millimetres(1)) - seamYarn(1, millimetres(0));

function countPiece(piece: PiecePlan, of: CountsOf) {
  const own = of(piece.yarnId);
  for (const section of piece.sections) {
    countShares(section, piece.times, of);
    countEdges(section, piece, own);
  }
  own.heights += piece.times * piece.seams * SEWN_TIMES * seamRows(piece.sections);
  own.constantMm += piece.times * piece.seams * 2 * END_MM;
}

/** Counts made ready to be asked many times: no look-ups behind a question. */
function ready(counts: Counts) {
  const rows = [...counts.rows].map(([toLength, { legs, ...rest }]) => ({
    toLength,
    ...rest,
    spans: Float64Array.from(legs.keys()),
    times: Float64Array.from(legs.values()),
  }));
  return (plain: PlainStitch, unknowns: Unknowns): number => {
    const { loopMm, widthMm, heightMm, aspect } = plain;
    const castOff = exp(unknowns.castOff);
    const give = exp(unknowns.give);
    let sum =
      counts.constantMm +
      counts.loops * loopMm +
      counts.widths * widthMm +
      counts.heights * heightMm +
      castOff * (counts.castOffLoops * loopMm + counts.castOffWidths * widthMm);
    for (const { toLength, loops, castOffLoops, widths, spans, times } of rows) {
      let crossed = 0;
      for (let leg = 0; leg < spans.length; leg += 1)
        crossed += (times[leg] ?? 0) * legExtra(spans[leg] ?? 0, aspect);
      sum +=
        rowsFactor(toLength, unknowns) *
        ((loops + castOff * castOffLoops) * loopMm + (widths + give * crossed) * widthMm);
    }
    for (const { section, piece, stitches, width, times } of counts.tails) {
      const basis = tailOf(section, { stitches, width }, { plan: piece, plain });
      sum += times * tailLength(piece.tail.school, basis, unknowns.tail);
    }
    return sum;
  };
}

/** Yarn in mm with `unknowns` as given. */
export type Need = (unknowns: Unknowns) => number;

/**
 * The yarn that a project needs of each yarn, by its id, without joins, ready to be asked with any unknowns. What
 * it says is the sum of the ledger's lines at the same unknowns. Example: with nothing off it is what the
 * estimate says, less the joins.
 */
export function needOf(plan: ProjectPlan): ReadonlyMap<string, Need> {
  const byYarn = new Map<string, Counts>();
  const of: CountsOf = (yarnId) => {
    const counts = byYarn.get(yarnId) ?? nothing();
    byYarn.set(yarnId, counts);
    return counts;
  };
  for (const piece of plan.pieces) countPiece(piece, of);
  const first = plan.yarns[0]?.id ?? "";
  const shared = plan.swatchMm > 0 || plan.extrasMm > 0;
  if (shared) of(first).constantMm += plan.extrasMm;
  return new Map(
    [...byYarn].map(([yarnId, counts]) => {
      const rest = ready(counts);
      const swatched = yarnId === first && plan.swatchMm > 0;
      return [
        yarnId,
        (unknowns: Unknowns) => {
          const plain = deviated(plan.gauge, unknowns);
          return rest(plain, unknowns) + (swatched ? swatchYarn(plan.swatchMm, plain) : 0);
        },
      ];
    }),
  );
}

/**
 * The yarn of a piece alone, all its yarns together, ready to be asked. Example: a swatch, edges and ends
 * counted in.
 */
export function pieceNeed(piece: PiecePlan, gauge: Gauge): Need {
  const counts = nothing();
  countPiece(piece, () => counts);
  const asked = ready(counts);
  return (unknowns) => asked(deviated(gauge, unknowns), unknowns);
}

/** The yarn of rows that were counted, on a needle that makes stitches so many times as large. */
export function tallyNeed(tally: Tally, scale: number, gauge: Gauge): Need {
  const counts = nothing();
  countTally(counts, null, tally, scale);
  const asked = ready(counts);
  return (unknowns) => asked(deviated(gauge, unknowns), unknowns);
}
