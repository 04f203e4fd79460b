/** One yarn for many knitters: balls in each kit, and for all of them together. */
import { say, type Message } from "../words/message";
import type { Pack } from "./packs";
import { ballsAt, packedApart } from "./packs";
import type { Kit } from "../project/orders";
import type { Project } from "../project/project";
import { drawnMeasures } from "../estimate/drawnMeasures";
import { yarnNeeds, type YarnNeed } from "../estimate/yarnNeed";
import { putUpId, type UnknownId } from "../belief/unknowns";
import { CERTAINTIES } from "../forecast/forecast";
import { drawsOf, normalsFrom } from "../forecast/draws";
import { calculateProject } from "../forecast/projectForecast";
import { finishedOf, type Finished } from "../estimate/finished";
import { resized } from "../forecast/sizeOptions";
import { between, type Steps } from "../steps";
import type { SectionLayouts } from "../garment/sectionLayout";

const { ceil, exp, max, min } = Math;

/**
 * How far another knitter's plain gauge is off the pattern's who knits to it, in ln; and the rest that is each one's
 * own. A swatch of one of them says nothing of the others; of yarn and cables it speaks for all.
 */
const KNITTER_SD = { width: 0.05, height: 0.06, tail: 0.1, castOff: 0.125, extras: 0.25 } as const;

interface KitBalls {
  readonly id: string;
  readonly name: string;
  readonly count: number;
  /** Of the first piece as it comes out in this size; null where nobody said what size it is. */
  readonly acrossMm: number | null;
  readonly alongMm: number | null;
  readonly needM: number;
  /** In each kit, enough for its knitter with the chance wanted. */
  readonly balls: number;
  readonly chance: number;
}

export interface GroupBalls {
  readonly kits: readonly KitBalls[];
  /** Kits by themselves, each at the chance wanted; and the chance that all of them are enough. */
  readonly apart: number;
  readonly allEnough: number;
  /** Kits by themselves, so that all of them are enough with the chance wanted. */
  readonly apartForAll: number;
  /** For all of them with the chance wanted, where those who have over give to those who run short. */
  readonly together: number;
  readonly chance: number;
}

/** So many needs are calculated in all; a larger group is drawn less often. */
const MOST_NEEDS = 400_000;
const MOST_DRAWS = 4000;
const LEAST_DRAWS = 1000;
const SEED = 90_210;

type Calculated = NonNullable<ReturnType<typeof calculateProject>>;

interface Knitting {
  readonly need: YarnNeed;
  readonly calculated: Calculated;
  readonly size: Finished | null;
  readonly ballMm: number;
  readonly joinMm: number;
  /** Most likely. */
  readonly needM: number;
}

interface Sized {
  readonly yarnId: string;
  readonly layOf: (project: Project) => SectionLayouts;
  /** The project as it is, and the size that it comes out at. */
  readonly laid: SectionLayouts;
  readonly own: Calculated;
  /** Null where nobody said how large what a pattern asks for is. */
  readonly now: Finished | null;
}

/** The project in the size of a kit, with what it takes; null where it has no answer. */
function* knittingOf(
  kit: Kit,
  project: Project,
  { yarnId, layOf, laid, own, now }: Sized,
): Steps<Knitting | null> {
  const asIs = kit.acrossMm === null && kit.alongMm === null;
  // A size can be asked for only where it is known which one this is.
  if (!now && !asIs) return null;
  const wanted = { acrossMm: kit.acrossMm ?? now?.acrossMm ?? 0, alongMm: kit.alongMm ?? now?.alongMm ?? 0 };
  const same = asIs || (wanted.acrossMm === now?.acrossMm && wanted.alongMm === now.alongMm);
  const sized =
    same || !now
      ? project
      : ((yield* resized(project, laid, { wanted, now, layOf, reads: own.reads })) ?? project);
  const calculated = sized === project ? own : calculateProject(sized, layOf(sized), own.reads);
  if (calculated?.findings.some(({ leftOut }) => leftOut)) return null;
  const need = calculated && yarnNeeds(calculated.plan).get(yarnId);
  const size = calculated && finishedOf(sized, calculated);
  const estimate = calculated?.estimate.yarns.find(({ yarn }) => yarn.id === yarnId);
  return need && estimate
    ? {
        need,
        calculated,
        size,
        ballMm: estimate.yarn.putUp.lengthM * 1000,
        joinMm: estimate.yarn.joinMm,
        needM: estimate.totalMm / 1000,
      }
    : null;
}

/** Balls that each drawn knitter needs; what is one's own is drawn from `seed`, the rest is shared by all. */
function ballsOfKnitter(
  { need, calculated, ballMm, joinMm }: Knitting,
  draws: number,
  shared: Shared,
  seed: number,
): Uint16Array {
  const { likely, gauge } = calculated.plan;
  const own = (id: keyof typeof KNITTER_SD, place: number) =>
    normalsFrom(seed + 104_729 * place, draws).map((normal) => KNITTER_SD[id] * normal);
  const about = (middle: number, off: Float64Array) => off.map((by) => middle + by);
  const measures = drawnMeasures(gauge, {
    width: own("width", 0),
    height: own("height", 1),
    tail: own("tail", 2),
    castOff: own("castOff", 3),
    extras: own("extras", 4),
    loop: about(likely.loop, shared.loop),
    give: about(likely.give, shared.give),
    drawWidth: new Float64Array(draws).fill(likely.drawWidth),
    drawHeight: shared.drawHeight,
    amount: about(likely.amount, shared.amount),
  });
  const needs = need.drawn(measures);
  return Uint16Array.from(needs, (mm, draw) => {
    const ball = ballMm * exp(shared.putUp[draw] ?? 0);
    return max(1, ceil((mm - joinMm) / max(1, ball - joinMm)));
  });
}

interface Shared {
  readonly loop: Float64Array;
  readonly give: Float64Array;
  readonly drawHeight: Float64Array;
  readonly amount: Float64Array;
  readonly putUp: Float64Array;
}

function sharedOf({ belief }: Calculated, yarnId: string, draws: number): Shared {
  const all = drawsOf(belief);
  const axis = (id: UnknownId) => all[belief.axes.indexOf(id)]?.subarray(0, draws) ?? new Float64Array(draws);
  return {
    loop: axis("loop"),
    give: axis("give"),
    drawHeight: axis("drawHeight"),
    amount: axis("amount"),
    putUp: axis(putUpId(yarnId)),
  };
}

/** Planning a size is about half of what one of its knitters takes. */
const HALF = 0.5;

export type GroupCalculated =
  { readonly ok: true; readonly group: GroupBalls } | { readonly ok: false; readonly message: Message };

/**
 * Balls for a group, in steps that tell the share done. What yarn and cables take is off alike for all knitters, each
 * one's gauge is off by itself: so chance evens out over a group, and it needs fewer balls than its kits by themselves.
 * Errors: no kits, a size that cannot be worked.
 */
export function* calculatingGroup(
  project: Project,
  { yarnId, layOf }: { readonly yarnId: string; readonly layOf: (project: Project) => SectionLayouts },
): Steps<GroupCalculated> {
  const { kits } = project.order;
  const all = kits.reduce((sum, { count }) => sum + count, 0);
  if (all === 0) return { ok: false, message: say("addKitsFirst") };
  const draws = 4 * Math.floor(min(MOST_DRAWS, max(LEAST_DRAWS, MOST_NEEDS / all)) / 4);
  const chance = CERTAINTIES[project.certainty];
  const laid = layOf(project);
  const own = calculateProject(project, laid);
  const now = own && finishedOf(project, own);
  const told: KitBalls[] = [];
  const packs: Pack[] = [];
  const sums = new Float64Array(draws);
  let done = 0;
  for (const [index, kit] of kits.entries()) {
    const [from, to] = [done / all, (done + HALF) / all];
    const knitting =
      own && (yield* between(from, to, knittingOf(kit, project, { yarnId, layOf, laid, own, now })));
    if (!knitting)
      return {
        ok: false,
        message: say("kitCannotBeWorked", { name: kit.name }),
      };
    const shared = sharedOf(knitting.calculated, yarnId, draws);
    let one: Uint16Array = new Uint16Array(draws);
    const most = new Uint16Array(draws);
    for (let knitter = 0; knitter < kit.count; knitter += 1) {
      const balls = ballsOfKnitter(knitting, draws, shared, SEED + 1_000_003 * index + 7919 * knitter);
      if (knitter === 0) one = balls;
      for (let draw = 0; draw < draws; draw += 1) {
        sums[draw] = (sums[draw] ?? 0) + (balls[draw] ?? 0);
        most[draw] = max(most[draw] ?? 0, balls[draw] ?? 0);
      }
      done += 1;
      yield { share: done / all };
    }
    const pack = { count: kit.count, one: Float64Array.from(one), most };
    told.push({
      id: kit.id,
      name: kit.name,
      count: kit.count,
      acrossMm: knitting.size?.acrossMm ?? null,
      alongMm: knitting.size?.alongMm ?? null,
      needM: knitting.needM,
      ...ballsAt(pack.one, chance),
    });
    packs.push(pack);
  }
  const together = ballsAt(sums, chance);
  return {
    ok: true,
    group: {
      kits: told,
      ...packedApart(packs, chance),
      together: together.balls,
      chance: together.chance,
    },
  };
}
