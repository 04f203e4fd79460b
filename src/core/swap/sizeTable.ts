/** All sizes of a pattern side by side, in one yarn or several: each worked through as its own. */
import { finishedOf } from "../estimate/finished";
import { omissionsOf } from "../forecast/omissions";
import { forecasting } from "../forecast/projectForecast";
import { resized } from "../forecast/sizeOptions";
import type { Market } from "../order/market";
import { candidateName, type Candidate } from "../project/candidates";
import type { Project } from "../project/project";
import type { GradedSize } from "../project/sizes";
import { between, type Steps } from "../steps";
import { toMetres } from "../units/brands";
import { leastChance } from "./bought";
import { ownCandidate } from "./candidateYarn";
import { offersIn, strandNeeds, totalOf } from "./strandNeeds";
import { swapProject, type LayOf } from "./swapProject";

/** One size in one yarn. */
export interface SizeCell {
  readonly yarnId: string;
  readonly yarn: string;
  readonly size: GradedSize;
  /** What it comes to; null where it cannot be worked whole. */
  readonly told: {
    /** In all strands, for the certainty wanted, and the chance of the strand that ends first. */
    readonly balls: number;
    readonly chance: number;
    readonly needM: number;
    /** As it comes out. */
    readonly acrossMm: number;
    readonly alongMm: number;
    /** With postage; null where no price is known. */
    readonly cost: number | null;
  } | null;
}

export interface SizeTableAsked {
  /** What can be bought, by the full name of a yarn. */
  readonly markets: Readonly<Record<string, Market>>;
}

/**
 * Every size in the pattern's own yarn, then in every substitute; each told as soon as it is known. Example: of three
 * sizes in two yarns there are six cells.
 */
export function* sizeTable(
  project: Project,
  { markets }: SizeTableAsked,
  { layOf, onCell }: { readonly layOf: LayOf; readonly onCell: (cell: SizeCell) => void },
): Steps<readonly SizeCell[]> {
  const own = ownCandidate(project);
  const { sizes, size } = project;
  if (!own || sizes.length === 0) return [];
  const yarns: readonly Candidate[] = [own, ...project.swap.candidates];
  const cells: SizeCell[] = [];
  for (const [index, candidate] of yarns.entries()) {
    const so = index === 0 ? project : swapProject(project, candidate, { keep: "size", layOf });
    for (const [place, one] of sizes.entries()) {
      const from = (index * sizes.length + place) / (yarns.length * sizes.length);
      const step = 1 / (yarns.length * sizes.length);
      const wanted = { acrossMm: one.acrossMm + size.easeMm, alongMm: one.alongMm };
      const told =
        so && (yield* between(from, from + step, cellOf(so, candidate, wanted, { markets, layOf })));
      const cell = { yarnId: candidate.id, yarn: candidateName(candidate), size: one, told };
      cells.push(cell);
      onCell(cell);
    }
  }
  return cells;
}

/** A project in one size, with what is bought for it. */
function* cellOf(
  so: Project,
  candidate: Candidate,
  wanted: { readonly acrossMm: number; readonly alongMm: number },
  { markets, layOf }: SizeTableAsked & { readonly layOf: LayOf },
): Steps<SizeCell["told"]> {
  const laid = layOf(so);
  const answer = yield* between(0, 0.2, forecasting(so, laid));
  const now = answer.known ? finishedOf(so, answer) : null;
  if (!answer.known || !now) return null;
  const sized = yield* between(0.2, 0.8, resized(so, laid, { wanted, now, layOf, reads: answer.reads }));
  if (!sized) return null;
  const told = yield* between(0.8, 1, forecasting(sized, layOf(sized), answer.reads));
  const finished = told.known ? finishedOf(sized, told) : null;
  if (!told.known || !finished || omissionsOf(sized, told).length > 0) return null;
  const strands = strandNeeds(candidate, told, {
    certainty: sized.certainty,
    offersOf: offersIn(markets),
  });
  return {
    ...totalOf(strands),
    chance: leastChance({ strands }),
    needM: toMetres(told.yarns[0].totalMm),
    ...finished,
  };
}

/**
 * The paragraph that a pattern prints for one yarn. Example: "9 (10, 12, 13) balls of Tarnock Aran (50 g = 82 m)".
 * Null where a size has no answer.
 */
export function ballsParagraph(cells: readonly SizeCell[]): string | null {
  const balls = cells.map(({ told }) => told?.balls ?? null);
  const [first, ...others] = balls;
  if (first === undefined || balls.includes(null)) return null;
  return others.length > 0 ? `${first} (${others.join(", ")})` : String(first);
}
