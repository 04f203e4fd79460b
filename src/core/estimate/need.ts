/** Yarn needed as a function of what is unknown: everything counted once, so that one answer is a few products. */
import type { PlainStitch } from "../fabric/plainStitch";
import { crossingExtra, type Crossing } from "../stitches/crossings";
import { millimetres } from "../units/brands";
import { tailLength, END_MM } from "./castOn";
import { CAST_OFFS, castOnCount, seamYarn, swatchYarn } from "./edges";
import { deviated, seamRows, tailOf, type PiecePlan, type PlannedSection } from "./piece";
import type { Unknowns } from "./unknowns";
import type { ProjectPlan } from "./wholeProject";

/** How much a yarn takes of each measure, all pieces as often as they are worked. Sizes of needles are in it. */
interface Counts {
  loops: number;
  /** Loops and widths that hang on how the knitter casts off. */
  castOffLoops: number;
  castOffWidths: number;
  widths: number;
  heights: number;
  /** Crossings of one kind, by how often; in widths. */
  readonly crossings: Map<string, { readonly crossing: Crossing; times: number }>;
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
  loops: 0,
  castOffLoops: 0,
  castOffWidths: 0,
  widths: 0,
  heights: 0,
  crossings: new Map(),
  constantMm: 0,
  tails: [],
});

const kindOf = ({ front, centre, back }: Crossing) => `${front} ${centre} ${back}`;

type CountsOf = (yarnId: string) => Counts;

function countShares({ worked, shares, extras }: PlannedSection, times: number, of: CountsOf) {
  const by = times * worked.scale;
  for (const { yarnId, tally } of shares) {
    const counts = of(yarnId);
    counts.loops += by * (tally.stitches + tally.textureLoops + tally.castOnLoops);
    counts.castOffLoops += by * tally.castOffLoops;
    counts.widths += by * tally.textureWidths;
    for (const [crossing, count] of tally.crossings) {
      // What a crossing takes hangs on how far its stitches travel, not on its lean or its faces.
      const kind = counts.crossings.get(kindOf(crossing)) ?? { crossing, times: 0 };
      kind.times += by * count;
      counts.crossings.set(kindOf(crossing), kind);
    }
  }
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

function evaluate(counts: Counts, plain: PlainStitch, unknowns: Unknowns): number {
  const { loopMm, widthMm, heightMm, aspect } = plain;
  let crossed = 0;
  for (const { crossing, times } of counts.crossings.values())
    crossed += times * crossingExtra(crossing, aspect);
  let tails = 0;
  for (const { section, piece, stitches, width, times } of counts.tails) {
    const basis = tailOf(section, { stitches, width }, { plan: piece, plain });
    tails += times * tailLength(piece.tail.school, basis, unknowns.tail);
  }
  const castOff =
    Math.exp(unknowns.castOff) * (counts.castOffLoops * loopMm + counts.castOffWidths * widthMm);
  const fabric = counts.loops * loopMm + counts.widths * widthMm + counts.heights * heightMm;
  return fabric + Math.exp(unknowns.give) * crossed * widthMm + castOff + tails + counts.constantMm;
}

/** Yarn of each yarn's id in mm, without joins, with `unknowns` as given. */
export type Need = (unknowns: Unknowns) => ReadonlyMap<string, number>;

/**
 * The yarn that a project needs, ready to be asked with any unknowns. What it says is the sum of the ledger's
 * lines at the same unknowns. Example: with nothing off it is what the estimate says, less the joins.
 */
export function needOf(plan: ProjectPlan): Need {
  const byYarn = new Map<string, Counts>();
  const of: CountsOf = (yarnId) => {
    const counts = byYarn.get(yarnId) ?? nothing();
    byYarn.set(yarnId, counts);
    return counts;
  };
  for (const piece of plan.pieces) countPiece(piece, of);
  const first = plan.yarns[0]?.id ?? "";
  if (plan.swatchMm > 0 || plan.extrasMm > 0) of(first);
  return (unknowns) => {
    const plain = deviated(plan.gauge, unknowns);
    const needs = new Map<string, number>();
    for (const [yarnId, counts] of byYarn) needs.set(yarnId, evaluate(counts, plain, unknowns));
    const shared = (plan.swatchMm > 0 ? swatchYarn(plan.swatchMm, plain) : 0) + plan.extrasMm;
    if (shared > 0) needs.set(first, (needs.get(first) ?? 0) + shared);
    return needs;
  };
}
