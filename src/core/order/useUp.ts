/**
 * How far the yarn at hand goes: the inverse of a forecast. Something of a project is left free (the length of some
 * sections, how often a piece is worked, the size of all of it), and grows by whole steps as far as the yarn lasts with
 * the chance wanted. All else of the project is kept safe by that: its cast-offs, bands, seams and extras are needed
 * at every step.
 */
import type { Project } from "../project/project";
import type { SectionLayouts } from "../garment/sectionLayout";
import type { YarnInHand } from "../yarn/inHand";
import { CERTAINTIES } from "../forecast/forecast";
import { omissionsOf } from "../forecast/omissions";
import { between, type Steps } from "../steps";
import { finishedOf, type Finished } from "../estimate/finished";
import { forecasting, type KnownForecast } from "../forecast/projectForecast";
import { rankOf } from "./enough";
import { ladderOf, sizesUp, type Freed, type Ladder } from "./ladder";

/** So much of one yarn of the project. */
export interface HandOf extends YarnInHand {
  readonly yarnId: string;
}

/** A step with its chance, and how long the piece is then; null where it grows in no length. */
interface Step {
  readonly count: number;
  readonly chance: number;
  readonly alongMm: number | null;
  /** Of a size that has a name; null for all else. */
  readonly name: string | null;
}

export interface UsedUp {
  readonly by: Freed["by"];
  /**
   * Steps that the yarn lasts for: repeats, copies, hundredths of the size, the so manieth of its sizes; null where it is
   * not enough for one.
   */
  readonly found: (Step & { readonly size: Finished | null }) | null;
  /** The first step that is too much, or the least one where none is enough. */
  readonly beyond: Step | null;
  /** Rows of the first freed section then, and of its piece up to its end: there to stop. */
  readonly stop: { readonly pieceId: string; readonly rows: number; readonly inPiece: number } | null;
  /** What is most likely left of each yarn. */
  readonly left: readonly { readonly yarnId: string; readonly m: number }[];
  /** Chances step by step, from as good as sure to hopeless. */
  readonly curve: readonly Step[];
  /** Yarns of the project of which nobody said how much there is: they are taken to last. */
  readonly unsaid: readonly string[];
  /** Names of sizes that cannot be worked, of which nothing is told. */
  readonly unworked: readonly string[];
  /** In how many cases it is enough for the project as it stands. */
  readonly asItIs: number;
  /** The project as long as that. */
  readonly project: Project | null;
}

export interface UseUpAsked {
  readonly freed: Freed;
  readonly inHand: readonly HandOf[];
}

const { exp, max, min } = Math;

/** A step that was worked through. */
interface Tried {
  readonly count: number;
  readonly project: Project;
  readonly answer: KnownForecast;
  readonly chance: number;
}

/** What each drawn knitter may use of a yarn, in mm: what the balls hold, less what joining them takes. */
function mayUse(own: KnownForecast, { yarnId, lengthM, balls }: HandOf): Float64Array | null {
  const forecast = own.yarns.find(({ yarn }) => yarn.id === yarnId);
  if (!forecast) return null;
  const { needsMm, putUps, putUpMean } = forecast.drawn;
  const joins = (balls - 1) * forecast.yarn.joinMm;
  // A thousandth of a millimetre is not what anything fails by.
  return needsMm.map((_, draw) => (1000 * lengthM + 1e-3) * exp((putUps?.[draw] ?? 0) + putUpMean) - joins);
}

/** Works steps through, each once. */
class Trials {
  readonly #tried = new Map<number, Tried | null>();
  readonly #room: readonly { readonly yarnId: string; readonly mm: Float64Array }[];
  constructor(
    private readonly ladder: Ladder,
    private readonly own: KnownForecast,
    inHand: readonly HandOf[],
    private readonly layOf: (project: Project) => SectionLayouts,
  ) {
    this.#room = inHand.flatMap((one) => {
      const mm = mayUse(own, one);
      return mm ? [{ yarnId: one.yarnId, mm }] : [];
    });
  }

  /** In how many cases all yarns are enough for an answer. */
  chanceOf({ yarns }: KnownForecast): number {
    const each = this.#room.flatMap(({ yarnId, mm }) => {
      const needs = yarns.find(({ yarn }) => yarn.id === yarnId)?.drawn.needsMm;
      return needs ? [{ needs, mm }] : [];
    });
    const draws = this.#room[0]?.mm.length ?? 0;
    let enough = 0;
    for (let draw = 0; draw < draws; draw += 1)
      if (each.every(({ needs, mm }) => (needs[draw] ?? 0) <= (mm[draw] ?? 0))) enough += 1;
    return draws > 0 ? enough / draws : 0;
  }

  *at(count: number): Steps<Tried | null> {
    const before = this.#tried.get(count);
    if (before !== undefined) return before;
    const project = this.ladder.at(count);
    const answer = yield* wholeAnswer(project, this.layOf, this.own.reads);
    const tried = answer && { count, project, answer, chance: this.chanceOf(answer) };
    this.#tried.set(count, tried);
    return tried;
  }

  /** Steps that were worked through, in order. */
  get all(): readonly Tried[] {
    return [...this.#tried.values()].flatMap((one) => one ?? []).sort((a, b) => a.count - b.count);
  }

  /**
   * At which step, broken ones too, each drawn knitter runs out of the first yarn that ends: steps that take as much as
   * one another are read off two of them. Sorted.
   */
  runOut(one: Tried, other: Tried): Float64Array {
    const steps = other.count - one.count;
    const out = new Float64Array(this.#room[0]?.mm.length ?? 0).fill(Infinity);
    for (const { yarnId, mm } of this.#room) {
      const needsAt = ({ answer }: Tried) =>
        answer.yarns.find(({ yarn }) => yarn.id === yarnId)?.drawn.needsMm;
      const [first, second] = [needsAt(one), needsAt(other)];
      if (!first || !second) continue;
      for (let draw = 0; draw < out.length; draw += 1) {
        const each = ((second[draw] ?? 0) - (first[draw] ?? 0)) / steps;
        const room = (mm[draw] ?? 0) - (first[draw] ?? 0);
        if (each > 0) out[draw] = min(out[draw] ?? 0, one.count + room / each);
        else if (room < 0) out[draw] = 0;
      }
    }
    return out.sort();
  }
}

/** The answer to a project, if nothing is left out of it. */
function* wholeAnswer(
  project: Project,
  layOf: (project: Project) => SectionLayouts,
  reads?: KnownForecast["reads"],
): Steps<KnownForecast | null> {
  const answer = yield* forecasting(project, layOf(project), reads);
  return answer.known && omissionsOf(project, answer).length === 0 ? answer : null;
}

/**
 * The largest whole number up to `most` for which `holds`, sought from `start`: downwards by halves as long as it
 * fails, upwards by doubling as long as it holds; 0 where none of these does. `near` says how far off a good start is.
 */
function* largest(
  { start, most, near }: { readonly start: number; readonly most: number; readonly near: number | null },
  holds: (count: number) => Steps<boolean>,
): Steps<number> {
  let low = max(1, min(start, most));
  let high = low;
  const down = (from: number, step: number) => (near === null ? Math.floor(from / 2) : from - step);
  const up = (from: number, step: number) => min(near === null ? 2 * from : from + step, most + 1);
  let step = near ?? 1;
  while (low > 0 && !(yield* holds(low))) {
    high = low;
    low = max(0, down(low, step));
    step *= 2;
  }
  if (low === 0 && high === 1) return 0;
  if (high === low) {
    step = near ?? 1;
    high = up(low, step);
    while (high <= most && (yield* holds(high))) {
      low = high;
      step *= 2;
      high = up(low, step);
    }
  }
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (yield* holds(middle)) low = middle;
    else high = middle;
  }
  return low;
}

/** The last of a few steps that holds, each of them tried; 0 where none does. */
function* lastOf(most: number, holds: (count: number) => Steps<boolean>): Steps<number> {
  let last = 0;
  for (let count = 1; count <= most; count += 1)
    if (yield* between((count - 1) / most, count / most, holds(count))) last = count;
  return last;
}

/** Points of a curve; and chances beyond which nothing is told. */
const MOST_POINTS = 40;
const ALL_BUT_SURE = 0.999;
const ALL_BUT_HOPELESS = 0.01;

/** Chances by the steps at which drawn knitters run out, sorted. */
const chanceAt = (out: Float64Array, count: number): number => {
  // The first that lasts for so many steps: all behind it do too.
  let [low, high] = [0, out.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((out[middle] ?? 0) < count) low = middle + 1;
    else high = middle;
  }
  return (out.length - low) / Math.max(1, out.length);
};

/** The step that lasts with a chance, by where drawn knitters run out. */
const stepFor = (out: Float64Array, chance: number) =>
  Math.floor(out[out.length - 1 - rankOf(chance, out.length)] ?? 0);

/**
 * How far yarn at hand goes with the certainty that the project asks for; null for a project without an answer, with
 * something left out of it, or where nothing of what is freed can grow. The step that is found is worked through, and
 * so is the one behind it: the first is enough with that chance, the second is not.
 * Example: of a scarf that takes 4.1 balls, three balls are enough for two thirds of its repeats.
 */
export function* usingUp(
  project: Project,
  { freed, inHand }: UseUpAsked,
  layOf: (project: Project) => SectionLayouts,
): Steps<UsedUp | null> {
  const own = yield* between(0, 0.1, wholeAnswer(project, layOf));
  const sizes = freed.by === "sizes" ? yield* between(0.1, 0.4, sizesUp(project, layOf)) : [];
  const ladder = own && ladderOf(project, own, freed, { laid: layOf(project), sizes });
  if (!own || !ladder) return null;
  const trials = new Trials(ladder, own, inHand, layOf);
  const wanted = CERTAINTIES[project.certainty];
  const holds = function* (count: number): Steps<boolean> {
    return ((yield* trials.at(count))?.chance ?? 0) >= wanted;
  };
  const out = ladder.even ? yield* between(0.1, 0.4, runsOut(trials, ladder)) : null;
  const start = out ? max(1, min(ladder.most, stepFor(out, wanted))) : ladder.start;
  const near = out ? 1 : null;
  const seeking = ladder.nameOf
    ? lastOf(ladder.most, holds)
    : largest({ start, most: ladder.most, near }, holds);
  const count = yield* between(0.4, 0.9, seeking);
  const found = count > 0 ? yield* trials.at(count) : null;
  const beyond = count < ladder.most ? yield* trials.at(count + 1) : null;
  const sizeOf = sizing(project, freed);
  const step = ({ count: at, chance, answer, project: so }: Tried): Step => ({
    count: at,
    chance,
    alongMm: sizeOf(so, answer)?.alongMm ?? null,
    name: ladder.nameOf?.(at) ?? null,
  });
  const curve = !found
    ? []
    : out && beyond
      ? curveOf(out, [step(found), step(beyond)], ladder.most)
      : trials.all.map(step);
  return {
    by: freed.by,
    found: found && { ...step(found), size: sizeOf(found.project, found.answer) },
    beyond: beyond && step(beyond),
    stop: found && stopOf(freed, found.answer),
    left: found ? leftOf(found.answer, inHand) : [],
    curve,
    unsaid: own.yarns.flatMap(({ yarn }) =>
      inHand.some(({ yarnId }) => yarnId === yarn.id) ? [] : [yarn.id],
    ),
    unworked: sizes.flatMap(({ name, project: so }) => (so ? [] : [name])),
    asItIs: trials.chanceOf(own),
    project: found?.project ?? null,
  };
}

/** Where drawn knitters run out, read off the step that the project stands on and one far from it. */
function* runsOut(trials: Trials, { start, most }: Ladder): Steps<Float64Array | null> {
  const near = max(1, min(start, most));
  const far = min(most, near < 3 ? near + 4 : 2 * near);
  const one = yield* between(0, 0.5, trials.at(near));
  const other = far > near ? yield* between(0.5, 1, trials.at(far)) : null;
  return one && other ? trials.runOut(one, other) : null;
}

/** The size of the piece that grows; of the whole where all does. The width is that of the section that was freed. */
function sizing(project: Project, freed: Freed) {
  const of = freed.by === "length" ? (freed.sections[0] ?? null) : null;
  if (freed.by === "times") return () => null;
  return (so: Project, answer: KnownForecast): Finished | null =>
    finishedOf(of ? { ...so, size: { ...project.size, around: 1, up: 1, of } } : so, answer);
}

function stopOf(freed: Freed, answer: KnownForecast): UsedUp["stop"] {
  const place = freed.by === "length" ? freed.sections[0] : undefined;
  const worked = place && answer.worked.get(place.pieceId)?.sections;
  const at = worked?.findIndex(({ section }) => section.id === place?.sectionId) ?? -1;
  if (!place || !worked || at < 0) return null;
  const inPiece = worked.slice(0, at + 1).reduce((sum, { rows }) => sum + rows.length, 0);
  return { pieceId: place.pieceId, rows: worked[at]?.rows.length ?? 0, inPiece };
}

const leftOf = ({ yarns }: KnownForecast, inHand: readonly HandOf[]): UsedUp["left"] =>
  inHand.flatMap(({ yarnId, lengthM }) => {
    const forecast = yarns.find(({ yarn }) => yarn.id === yarnId);
    return forecast ? [{ yarnId, m: lengthM - forecast.totalMm / 1000 }] : [];
  });

/** The curve over the steps that are neither sure nor hopeless; lengths lie on the line through two of them. */
function curveOf(out: Float64Array, [one, other]: readonly [Step, Step], most: number): readonly Step[] {
  const from = max(1, min(one.count, stepFor(out, ALL_BUT_SURE)));
  const to = max(other.count, min(most, stepFor(out, ALL_BUT_HOPELESS)));
  const by = max(1, Math.ceil((to - from) / MOST_POINTS));
  const each = other.alongMm === null || one.alongMm === null ? null : other.alongMm - one.alongMm;
  const counts = [one.count, other.count];
  for (let count = from; count <= to; count += by) counts.push(count);
  return [...new Set(counts)]
    .sort((a, b) => a - b)
    .map((count) => ({
      count,
      chance: count === one.count ? one.chance : count === other.count ? other.chance : chanceAt(out, count),
      alongMm: each === null || one.alongMm === null ? null : one.alongMm + (count - one.count) * each,
      name: null,
    }));
}
