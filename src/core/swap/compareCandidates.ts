/** All substitutes of a project, one after the other, beside the pattern's own yarn. */
import type { Steps } from "../steps";
import { candidateName } from "../project/candidates";
import type { Project } from "../project/project";
import type { Market } from "../order/market";
import { compare, outcomeOf, patternFigures, type Compared } from "./outcome";
import { offersIn } from "./strandNeeds";
import { type LayOf } from "./swapProject";
import { ownCandidate } from "./candidateYarn";

/** A column of the comparison. */
export interface ComparedCandidate {
  readonly compared: Compared;
  /** Whether it is the pattern's own yarn. */
  readonly own: boolean;
}

interface Asked {
  readonly layOf: LayOf;
  /** What can be bought, by the full name of a yarn. */
  readonly markets: Readonly<Record<string, Market>>;
  /** Stitches in a minute. */
  readonly pace: number;
  readonly onSide: (side: ComparedCandidate) => void;
}

/**
 * Tells each column as soon as it is calculated, the pattern's own first, and steps between them; ends with all of them,
 * or none where the project has no answer.
 */
export function* compareCandidates(
  project: Project,
  { layOf, markets, pace, onSide }: Asked,
): Steps<readonly ComparedCandidate[]> {
  const { keep, candidates } = project.swap;
  const comparison = { keep, layOf, offersOf: offersIn(markets), pace };
  const pattern = ownCandidate(project);
  const own = pattern && patternFigures(project, pattern, comparison);
  if (!pattern || !own) return [];
  const sides: ComparedCandidate[] = [];
  const tell = (side: ComparedCandidate) => {
    sides.push(side);
    onSide(side);
  };
  tell({ own: true, compared: { ok: true, outcome: outcomeOf(own, own, candidateName(pattern)) } });
  for (const [index, candidate] of candidates.entries()) {
    yield { share: (index + 1) / (candidates.length + 1) };
    tell({ own: false, compared: compare(project, candidate, own, comparison) });
  }
  return sides;
}
