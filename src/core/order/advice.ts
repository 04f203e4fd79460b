/** What to buy for a yarn of a project, what more certainty would cost, and what is left over. */
import type { Project } from "../project/project";
import { CERTAINTIES } from "../forecast/forecast";
import { forecastProject, type KnownForecast } from "../forecast/projectForecast";
import { beginProject } from "../templates/beginProject";
import { SMALL_THINGS } from "../templates/smallThings";
import { STARTS, type StartId } from "../templates/startList";
import { HALF_CENT } from "../units/money";
import { classOf, type YarnClass } from "../yarn/classes";
import { enoughOf, type Enough } from "./enough";
import type { Market } from "./market";
import { planOrder, type OrderPlan, type Shortage } from "./plan";

/** Another plan beside the chosen one. */
export interface Step {
  readonly plan: OrderPlan;
  /** Against the chosen plan. */
  readonly costs: number;
  readonly balls: number;
}

/** A small thing that what is left over would still make. */
interface Leftover {
  readonly id: StartId;
  readonly name: string;
  readonly needM: number;
}

export interface OrderAdvice {
  /** Most likely, without joins, in m. */
  readonly needM: number;
  /** Whether a swatch of the pattern was weighed: else no chance is given as better than it can be known. */
  readonly weighed: boolean;
  readonly plan: OrderPlan | null;
  readonly shortage: Shortage | null;
  /** Cheaper with mixed lots; null where that saves nothing. */
  readonly mixed: Step | null;
  /** Surer and less sure plans, by their chance. */
  readonly steps: readonly Step[];
  readonly leftM: number;
  readonly makes: readonly Leftover[];
}

/** The next step of certainty leaves at most half of the risk. */
const STEPS_UP = 2;
const SURE = 0.9995;
const HOPELESS = 0.02;

const beside = (plan: OrderPlan, chosen: OrderPlan): Step => ({
  plan,
  costs: plan.cost - chosen.cost,
  balls: plan.balls - chosen.balls,
});

interface Asking {
  readonly wanted: number;
  readonly enough: Enough;
  readonly market: Market;
  readonly planAt: (chance: number) => OrderPlan | null;
}

/** Chances that are worth a look below the one that is wanted: of other certainties, and of about a ball less. */
function lowerChances(chosen: OrderPlan, { wanted, enough, market }: Asking): readonly number[] {
  const shortest = Math.min(...market.offers.map(({ lengthM }) => lengthM));
  const less = enough.chanceOf(chosen.lengthM - shortest, chosen.balls - 1);
  return [...Object.values(CERTAINTIES), less].filter((chance) => chance < wanted && chance > HOPELESS);
}

function stepsOf(chosen: OrderPlan, asking: Asking): readonly Step[] {
  const { planAt } = asking;
  const others: OrderPlan[] = [];
  for (const chance of lowerChances(chosen, asking)) {
    const other = planAt(chance);
    if (other && other.cost < chosen.cost - HALF_CENT) others.push(other);
  }
  let best = chosen;
  for (let step = 0; step < STEPS_UP && best.chance < SURE; step += 1) {
    const next = planAt(1 - (1 - best.chance) / 2);
    if (!next) break;
    others.push(next);
    best = next;
  }
  const sorted = others.toSorted((a, b) => a.chance - b.chance);
  return sorted
    .filter(({ chance }, index) => chance !== sorted[index - 1]?.chance)
    .map((other) => beside(other, chosen));
}

const made = new Map<YarnClass, readonly Leftover[]>();

/** What small things take of a class of yarn, at nineteen in twenty. */
function smallThings(thickness: YarnClass): readonly Leftover[] {
  const known = made.get(thickness);
  if (known) return known;
  const things = (Object.keys(SMALL_THINGS) as (keyof typeof SMALL_THINGS)[]).flatMap(
    (id): readonly Leftover[] => {
      const { name, across, along, easeMm } = STARTS[id];
      const begun = beginProject({
        start: id,
        acrossMm: across.usualMm,
        easeMm,
        alongMm: along.usualMm,
        thickness,
        cabled: "half",
      });
      const answer = begun.ok ? forecastProject(begun.value) : null;
      return answer?.known ? [{ id, name, needM: answer.yarns[0].quantilesMm.p95 / 1000 }] : [];
    },
  );
  const sorted = things.toSorted((a, b) => b.needM - a.needM);
  made.set(thickness, sorted);
  return sorted;
}

/**
 * Advice for one yarn of a project with an answer. Null for a yarn that is not used.
 * Example: 10 balls at 95 in 100, one more for 4.90 at 99.
 */
export function orderAdvice(
  project: Project,
  answer: KnownForecast,
  { yarnId, market }: { readonly yarnId: string; readonly market: Market },
): OrderAdvice | null {
  const forecast = answer.yarns.find(({ yarn }) => yarn.id === yarnId);
  if (!forecast) return null;
  const { needsMm, putUps, putUpMean } = forecast.drawn;
  const enough = enoughOf(needsMm, putUps, putUpMean, forecast.yarn.joinMm);
  // By an allowance the need is a figure, and no draws: what is bought holds it, and its chance is the model's.
  const ruled =
    project.school.by === "allowance"
      ? enoughOf(Float64Array.of(forecast.byAllowance.needMm), null, 0, forecast.yarn.joinMm)
      : null;
  const wanted = CERTAINTIES[project.certainty];
  const ask = (chance: number, lots: "few" | "any", by = enough) => {
    const asked = planOrder({ ...market, enough: by, chance, lots });
    if (!asked.ok || by === enough) return asked;
    const { lengthM, balls } = asked.plan;
    return { ...asked, plan: { ...asked.plan, chance: enough.chanceOf(lengthM, balls) } };
  };
  const { lots } = project.order;
  const ordered = ask(wanted, lots, ruled ?? enough);
  const needM = forecast.totalMm / 1000;
  const { weighed } = answer;
  if (!ordered.ok)
    return {
      needM,
      weighed,
      plan: null,
      shortage: ordered.shortage,
      mixed: null,
      steps: [],
      leftM: 0,
      makes: [],
    };
  const { plan } = ordered;
  const planAt = (chance: number) => {
    const other = ask(chance, lots);
    return other.ok ? other.plan : null;
  };
  const any = lots === "few" ? ask(wanted, "any", ruled ?? enough) : ordered;
  const leftM = plan.lengthM - needM;
  return {
    needM,
    weighed,
    plan,
    shortage: null,
    mixed: any.ok && any.plan.cost < plan.cost - HALF_CENT ? beside(any.plan, plan) : null,
    steps: stepsOf(plan, { wanted, enough, market, planAt }),
    leftM,
    makes: smallThings(classOf(forecast.yarn.putUp)).filter((thing) => thing.needM <= leftM),
  };
}
