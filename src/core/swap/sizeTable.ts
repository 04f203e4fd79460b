/** All sizes of a pattern side by side, in one yarn or several: each worked through as its own. */
import { finishedOf } from "../estimate/finished";
import { omissionsOf } from "../forecast/omissions";
import { forecasting } from "../forecast/projectForecast";
import { inSize, type InSize } from "../forecast/inSize";
import type { Market } from "../order/market";
import { candidateName, type Candidate } from "../project/candidates";
import type { Project } from "../project/project";
import { hasAsked } from "../project/sectionKinds";
import { inBrackets, type GradedSize } from "../project/sizes";
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
    /** As it comes out; null where only the balls that its pattern asks for are known. */
    readonly acrossMm: number | null;
    readonly alongMm: number | null;
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
  const { sizes } = project;
  if (!own || sizes.length === 0) return [];
  const yarns: readonly Candidate[] = [own, ...project.swap.candidates];
  const step = 1 / (yarns.length * sizes.length);
  const cells: SizeCell[] = [];
  for (const candidate of yarns) {
    const swapped = (one: Project) =>
      candidate === own ? one : swapProject(one, candidate, { keep: "size", layOf });
    const so = swapped(project);
    const inYarn = (one: Project) => (one === project ? so : swapped(one));
    for (const size of sizes) {
      const from = cells.length * step;
      const sized = yield* between(from, from + 0.8 * step, inSize(project, size, { layOf, inYarn }));
      const told =
        sized &&
        (yield* between(from + 0.8 * step, from + step, toldOf(sized, candidate, { markets, layOf })));
      const cell = { yarnId: candidate.id, yarn: candidateName(candidate), size, told };
      cells.push(cell);
      onCell(cell);
    }
  }
  return cells;
}

/** What is bought for a project in a size. */
function* toldOf(
  { project, reads }: InSize,
  candidate: Candidate,
  { markets, layOf }: SizeTableAsked & { readonly layOf: LayOf },
): Steps<SizeCell["told"]> {
  const told = yield* forecasting(project, layOf(project), reads);
  const finished = told.known ? finishedOf(project, told) : null;
  if (!told.known || omissionsOf(project, told).length > 0) return null;
  if (!finished && !hasAsked(project)) return null;
  const strands = strandNeeds(candidate, told, {
    certainty: project.certainty,
    offersOf: offersIn(markets),
  });
  return {
    ...totalOf(strands),
    chance: leastChance({ strands }),
    needM: toMetres(told.yarns[0].totalMm),
    acrossMm: finished?.acrossMm ?? null,
    alongMm: finished?.alongMm ?? null,
  };
}

/**
 * The paragraph that a pattern prints for one yarn. Example: "9 (10, 12, 13) balls of Tarnock Aran (50 g = 82 m)".
 * Null where a size has no answer.
 */
export function ballsParagraph(cells: readonly SizeCell[]): string | null {
  const balls = cells.flatMap(({ told }) => told?.balls ?? []);
  return balls.length > 0 && balls.length === cells.length ? inBrackets(balls) : null;
}
