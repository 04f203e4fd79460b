/** A project in one of the sizes that its pattern is graded to. */
import { finishedOf } from "../estimate/finished";
import type { SectionLayouts } from "../garment/sectionLayout";
import { inSizeOf } from "../project/asks";
import type { Project } from "../project/project";
import { hasAsked } from "../project/sectionKinds";
import type { GradedSize } from "../project/sizes";
import { between, type Steps } from "../steps";
import { forecasting, type KnownForecast } from "./projectForecast";
import { resized } from "./sizeOptions";

/** A project in a size; `reads` is what was read off of it as it is knitted, where that is known already. */
export interface InSize {
  readonly project: Project;
  readonly reads?: KnownForecast["reads"];
}

interface Ways {
  readonly layOf: (project: Project) => SectionLayouts;
  /** The same project in the yarn that is asked about; null where it cannot be. */
  readonly inYarn?: (project: Project) => Project | null;
}

/** What a pattern asks for in a size, of which nothing else is known; null where it does not say. */
const asksIn = (project: Project, size: GradedSize): Project | null =>
  size.balls !== null && hasAsked(project) ? { ...project, asks: inSizeOf(project.asks, size) } : null;

/**
 * A project in a size: by what its pattern asks for there where only that is known, else by its measures, with the ease.
 * Null where these are missing, or it cannot be worked in it.
 */
export function* inSize(
  project: Project,
  size: GradedSize,
  { layOf, inYarn = (one) => one }: Ways,
): Steps<InSize | null> {
  const asked = asksIn(project, size);
  const so = inYarn(asked ?? project);
  const { acrossMm, alongMm } = size;
  if (!so || asked) return so && { project: so };
  if (acrossMm === null || alongMm === null) return null;
  const wanted = { acrossMm: acrossMm + project.size.easeMm, alongMm };
  const laid = layOf(so);
  const answer = yield* between(0, 0.25, forecasting(so, laid));
  const now = answer.known ? finishedOf(so, answer) : null;
  if (!answer.known || !now) return null;
  const { reads } = answer;
  const sized = yield* between(0.25, 1, resized(so, laid, { wanted, now, layOf, reads }));
  return sized && { project: sized, reads };
}
