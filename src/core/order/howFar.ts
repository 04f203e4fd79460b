/** How far the yarn at hand goes: how long a section can be, or how large all of it in the same shape. */
import { COUNTS } from "../project/bounds";
import { withSection, type Project } from "../project/project";
import { gradeProject, grading } from "../garment/grade";
import type { SectionLayouts } from "../garment/sectionLayout";
import { enoughOf } from "./enough";
import type { YarnInHand } from "../yarn/inHand";
import { CERTAINTIES } from "../forecast/forecast";
import { omissionsOf } from "../forecast/omissions";
import type { Steps } from "../steps";
import { finishedOf, type Finished } from "../estimate/finished";
import { forecasting, type KnownForecast } from "../forecast/projectForecast";
import { withFabric } from "../project/sectionKinds";

export interface HowFar {
  /** Rows of the section that it is enough for, and what all of its piece then measures; null where not for one. */
  readonly long: { readonly rows: number; readonly size: Finished } | null;
  /** Measures of the whole in the same shape; null where it is enough for none. */
  readonly shape: Finished | null;
  /** In how many cases it is enough for the project as it stands. */
  readonly asItIs: number;
}

interface Asked {
  readonly pieceId: string;
  readonly sectionId: string;
  readonly yarnId: string;
  readonly inHand: YarnInHand;
  readonly layOf: (project: Project) => SectionLayouts;
}

/** A project whose section goes over so many rows. */
const withRows = (project: Project, asked: Asked, rows: number): Project =>
  withSection(project, asked, (section) => withFabric(section, () => ({ by: "rows", rows })));

/** The answer to a project, if nothing is left out of it. */
function* wholeAnswer(
  project: Project,
  { layOf }: Asked,
  reads?: KnownForecast["reads"],
): Steps<KnownForecast | null> {
  const answer = yield* forecasting(project, layOf(project), reads);
  return answer.known && omissionsOf(project, answer).length === 0 ? answer : null;
}

/** In how many of the drawn cases the yarn is enough; none where the project cannot be worked. */
function chanceOf(answer: KnownForecast | null, { yarnId, inHand }: Asked): number {
  const forecast = answer?.yarns.find(({ yarn }) => yarn.id === yarnId);
  if (!forecast) return 0;
  const { needsMm, putUps, putUpMean } = forecast.drawn;
  return enoughOf(needsMm, putUps, putUpMean, forecast.yarn.joinMm).chanceOf(inHand.lengthM, inHand.balls);
}

/**
 * The largest whole number up to `most` for which `holds`, sought from `start`: downwards by halves as long as it
 * fails, upwards by doubling as long as it holds; 0 where none of these does.
 */
function* largest(
  { start, most }: { readonly start: number; readonly most: number },
  holds: (count: number) => Steps<boolean>,
): Steps<number> {
  let low = Math.min(start, most);
  let high = low;
  while (low > 0 && !(yield* holds(low))) {
    high = low;
    low = Math.floor(low / 2);
  }
  if (low === 0) return 0;
  if (high === low) {
    high = Math.min(2 * low, most + 1);
    while (high <= most && (yield* holds(high))) {
      low = high;
      high = Math.min(2 * high, most + 1);
    }
  }
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (yield* holds(middle)) low = middle;
    else high = middle;
  }
  return low;
}

/** Steps of a size that are looked at, in shares of the project's own. */
const STEP = 0.01;
const LARGEST = 8;

/**
 * How far yarn at hand goes with the certainty that the project asks for; null for a project without an answer,
 * or with something left out of it.
 * Example: of a scarf that takes 4.1 balls, three balls are enough for two thirds of its rows.
 */
export function* howFar(project: Project, asked: Asked): Steps<HowFar | null> {
  const wanted = CERTAINTIES[project.certainty];
  const own = yield* wholeAnswer(project, asked);
  if (!own) return null;
  const enough = function* (one: Project): Steps<boolean> {
    return chanceOf(yield* wholeAnswer(one, asked, own.reads), asked) >= wanted;
  };
  // The width is that of the section that was asked about, however much of the piece it still is.
  const { pieceId, sectionId } = asked;
  const size = { ...project.size, around: 1, up: 1, of: { pieceId, sectionId } };
  const sizeOf = function* (one: Project): Steps<Finished | null> {
    const answer = yield* wholeAnswer(one, asked, own.reads);
    return answer && finishedOf({ ...one, size }, answer);
  };
  const planned = own.worked
    .get(asked.pieceId)
    ?.sections.find(({ section }) => section.id === asked.sectionId)?.rows.length;
  const rows = yield* largest({ start: planned ?? 1, most: COUNTS.rows.most }, (count) =>
    enough(withRows(project, asked, count)),
  );
  const longest = rows > 0 ? withRows(project, asked, rows) : null;
  const long = longest && (yield* sizeOf(longest));
  const laid = asked.layOf(project);
  const graded = (steps: number) => {
    const times = steps * STEP;
    return gradeProject(project, laid, grading({ across: times, along: times, rows: times }));
  };
  const steps = yield* largest({ start: 1 / STEP, most: LARGEST / STEP }, (count) => enough(graded(count)));
  return {
    long: long && rows > 0 ? { rows, size: long } : null,
    shape: steps > 0 ? yield* sizeOf(graded(steps)) : null,
    asItIs: chanceOf(own, asked),
  };
}
