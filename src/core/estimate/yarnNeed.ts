/** Yarn needed as a function of what is unknown: uses that follow the same are summed, so that an answer is a few products. */
import type { PiecePlan } from "./plan";
import type { Gauge } from "../stitches/plainStitch";
import { measuredOff } from "./longTail";
import type { DrawnMeasures } from "./drawnMeasures";
import { swatchYarn } from "./edges";
import {
  deviated,
  fixedLength,
  measuresOf,
  stitchesFactor,
  stitchesLength,
  sumCounts,
  type Counts,
  type Times,
} from "./measures";
import { allCounts, type Tally } from "./tally";
import type { Unknowns } from "./unknowns";
import {
  factorOf,
  tailMm,
  tailRates,
  takenByExtra,
  takenBySeam,
  usesOfPiece,
  type Follows,
  type Tail,
  type Use,
} from "./uses";
import type { ProjectPlan } from "./wholeProject";

/**
 * What is held on to where something is off: the stitches as they are written, or the width, by adding stitches until
 * it is wide enough or leaving some away.
 */
type Keeping = "stitches" | "width";

/** The yarn that something needs, in mm and without joins, ready to be asked again and again. */
export interface YarnNeed {
  /** With `unknowns` as given; of the stitches as they are written where nothing else is said. */
  readonly at: (unknowns: Unknowns, keeping?: Keeping) => number;
  /** In each of the first `count` drawn projects. */
  readonly drawn: (measures: DrawnMeasures, keeping?: Keeping, count?: number) => Float64Array;
}

/** A use, as often as it comes. */
interface Counted {
  readonly use: Pick<Use, "counts" | "follows" | "tail" | "scale">;
  readonly times: number;
}

/** Uses that follow the same, together. */
interface Group extends Follows {
  readonly counts: Required<Counts>;
}

/** Uses summed up by what they follow. */
function groupsOf(all: readonly Counted[]): readonly Group[] {
  const groups = new Map<string, { readonly follows: Follows; readonly counts: Times[] }>();
  for (const { use, times } of all) {
    const { counts, follows, scale = 1 } = use;
    const key = `${follows.toLength} ${follows.kept} ${follows.asked}`;
    const group = groups.get(key) ?? { follows, counts: [] };
    group.counts.push({ counts, times: times * scale });
    groups.set(key, group);
  }
  return [...groups.values()].map(({ follows, counts }) => ({ ...follows, counts: sumCounts(counts) }));
}

interface CountedTail {
  readonly tail: Tail;
  readonly kept: number | null;
  readonly times: number;
}

/** Tails, those that are alike together: squares of a blanket have one. */
function tailsOf(all: readonly Counted[]): readonly CountedTail[] {
  const alike = new Map<string, CountedTail>();
  for (const { use, times } of all) {
    const { tail, follows } = use;
    if (!tail) continue;
    const key = JSON.stringify([tail, follows.kept]);
    alike.set(key, { tail, kept: follows.kept, times: times + (alike.get(key)?.times ?? 0) });
  }
  return [...alike.values()];
}

/** Adds a column, so many times. */
function add(sum: Float64Array, times: number, column: () => Float64Array) {
  if (times === 0) return;
  const values = column();
  for (let draw = 0; draw < sum.length; draw += 1) sum[draw] = (sum[draw] ?? 0) + times * (values[draw] ?? 0);
}

function multiply(sum: Float64Array, column: Float64Array) {
  for (let draw = 0; draw < sum.length; draw += 1) sum[draw] = (sum[draw] ?? 0) * (column[draw] ?? 0);
}

/** What the stitches of a group take in each drawn project. */
function drawnStitches(
  { counts, toLength, kept, asked }: Group,
  of: DrawnMeasures,
  keeping: Keeping,
  count: number,
) {
  const sum = new Float64Array(count);
  add(sum, counts.loops, of.loopMm);
  add(sum, counts.castOffLoops, of.castOffLoopMm);
  add(sum, counts.widths, of.widthMm);
  for (const [span, legs] of counts.legs) add(sum, legs, () => of.legMm(span));
  if (toLength !== null) multiply(sum, of.rows(toLength));
  if (asked) multiply(sum, of.amount());
  if (kept !== null && keeping === "width") multiply(sum, of.stitches(kept));
  return sum;
}

/** The need of uses, all together, and of a square swatch beside them. */
export function needOfUses(all: readonly Counted[], gauge: Gauge, swatchMm = 0): YarnNeed {
  const groups = groupsOf(all);
  const fixed = sumCounts(groups.map(({ counts }) => ({ counts, times: 1 })));
  const tails = tailsOf(all);
  const moreOf = (kept: number | null, unknowns: Unknowns, keeping: Keeping) =>
    kept !== null && keeping === "width" ? stitchesFactor(kept, unknowns) : 1;
  return {
    at: (unknowns, keeping = "stitches") => {
      const plain = deviated(gauge, unknowns);
      const at = measuresOf(plain, unknowns);
      let sum = fixedLength(fixed, at);
      for (const { counts, kept, ...follows } of groups)
        sum += moreOf(kept, unknowns, keeping) * factorOf(follows, unknowns) * stitchesLength(counts, at);
      for (const { tail, kept, times } of tails)
        sum += times * tailMm(tail, plain, unknowns.tail, moreOf(kept, unknowns, keeping));
      if (swatchMm > 0) sum += swatchYarn(swatchMm, plain.widthMm, plain.heightMm, plain.loopMm);
      return sum;
    },
    drawn: (of, keeping = "stitches", count = of.count) => {
      const needs = new Float64Array(count).fill(fixed.mm);
      add(needs, fixed.guessedMm, of.guess);
      add(needs, fixed.heights, of.heightMm);
      add(needs, fixed.castOffWidths, of.castOffWidthMm);
      for (const group of groups) add(needs, 1, () => drawnStitches(group, of, keeping, count));
      for (const { tail, kept, times } of tails) addTail(needs, tail, of, { kept, times, keeping });
      if (swatchMm > 0) addSwatch(needs, swatchMm, of);
      return needs;
    },
  };
}

interface TailDrawn {
  readonly kept: number | null;
  readonly times: number;
  readonly keeping: Keeping;
}

/** A tail goes by its stitches or by its width, whichever its school says: that is calculated once. */
function addTail(needs: Float64Array, tail: Tail, of: DrawnMeasures, { kept, times, keeping }: TailDrawn) {
  const { perStitches, perWidthMm } = tailRates(tail);
  const [off, widths] = [of.tail(), of.widthMm()];
  const more = kept !== null && keeping === "width" ? of.stitches(kept) : null;
  for (let draw = 0; draw < needs.length; draw += 1) {
    const stitches = perStitches * (more?.[draw] ?? 1) + perWidthMm * (widths[draw] ?? 0);
    needs[draw] = (needs[draw] ?? 0) + times * measuredOff(stitches * (off[draw] ?? 1));
  }
}

function addSwatch(needs: Float64Array, swatchMm: number, of: DrawnMeasures) {
  const [widths, heights, loops] = [of.widthMm(), of.heightMm(), of.loopMm()];
  for (let draw = 0; draw < needs.length; draw += 1)
    needs[draw] =
      (needs[draw] ?? 0) + swatchYarn(swatchMm, widths[draw] ?? 1, heights[draw] ?? 1, loops[draw] ?? 0);
}

/** A use of a plan, as often as it comes, and the piece that it is of; null for none. */
export interface UseOfPlan extends Counted {
  readonly use: Use;
  readonly pieceId: string | null;
}

/** All uses of a plan but its swatch: those of its pieces, its seams, its extras. */
export const usesOfPlan = ({
  pieces,
  seams,
  extras,
}: Pick<ProjectPlan, "pieces" | "seams" | "extras">): readonly UseOfPlan[] => [
  ...pieces.flatMap((piece) =>
    usesOfPiece(piece).map((use) => ({ use, times: piece.times, pieceId: piece.id })),
  ),
  ...seams.map((seam) => ({ use: takenBySeam(seam), times: 1, pieceId: seam.pieceId })),
  ...extras.map((extra) => ({ use: takenByExtra(extra), times: 1, pieceId: null })),
];

/**
 * The yarn that a project needs of each yarn, by its id. What it says is the sum of the ledger's lines at the same
 * unknowns, without joins. Example: with nothing off it is what the estimate says, less the joins.
 */
export function yarnNeeds(plan: ProjectPlan): ReadonlyMap<string, YarnNeed> {
  const first = plan.yarns[0]?.id ?? "";
  const byYarn = new Map<string, Counted[]>();
  const of = (yarnId: string) => {
    const mine = byYarn.get(yarnId) ?? [];
    byYarn.set(yarnId, mine);
    return mine;
  };
  for (const one of usesOfPlan(plan)) of(one.use.yarnId).push(one);
  if (plan.swatchMm > 0) of(first);
  return new Map(
    [...byYarn].map(([yarnId, uses]) => [
      yarnId,
      needOfUses(uses, plan.gauge, yarnId === first ? plan.swatchMm : 0),
    ]),
  );
}

/** What a project takes beside its pieces. */
export type Beside = Pick<ProjectPlan, "seams" | "extras" | "swatchMm">;

/** The same of one yarn; the swatch is of the `first` one. */
export function besideNeed(
  { seams, extras, swatchMm }: Beside,
  { yarnId, first }: { readonly yarnId: string; readonly first: string },
  gauge: Gauge,
): YarnNeed {
  const uses = [...seams.map(takenBySeam), ...extras.map(takenByExtra)];
  return needOfUses(
    uses.filter((use) => use.yarnId === yarnId).map((use) => ({ use, times: 1 })),
    gauge,
    yarnId === first ? swatchMm : 0,
  );
}

/** The yarn of a piece alone, all its yarns together. Example: a swatch, edges and ends counted in. */
export const pieceNeed = (piece: PiecePlan, gauge: Gauge): YarnNeed =>
  needOfUses(
    usesOfPiece(piece).map((use) => ({ use, times: piece.times })),
    gauge,
  );

/** The yarn of rows that were counted, on a needle that makes stitches so many times as large. */
export const tallyNeed = (tally: Tally, scale: number, gauge: Gauge): YarnNeed =>
  needOfUses(
    [{ use: { counts: allCounts(tally), follows: { toLength: null, kept: 1 } }, times: scale }],
    gauge,
  );
