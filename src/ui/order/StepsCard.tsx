"use client";
import { Button } from "@/ui/parts/Button";
import type { OrderAdvice, Step } from "@/core/order/advice";
import type { OrderPlan } from "@/core/order/plan";
import type { Market } from "@/core/order/market";
import { SHELF_ID } from "@/core/order/offers";
import { grams, metres, type UnitSystem } from "@/core/units/brands";
import { formatChance, formatMass, formatYarn } from "@/core/units/format";
import { formatMoney, HALF_CENT } from "@/core/units/money";
import { editOrder } from "@/state/buying/order";
import { useUnits } from "@/state/keeping/settings";
import { Card } from "@/ui/parts/Card";

/** How much more or less is bought. Example: "One ball more, 50 g". */
function moreWords({ plan, balls }: Step, chosen: OrderPlan, units: UnitSystem): string {
  const mass = plan.massG - chosen.massG;
  const much = formatMass(grams(Math.abs(mass)), units);
  if (balls === 0) return mass < 0 ? `${much} less, in as many balls` : `${much} more, in as many balls`;
  const count = Math.abs(balls) === 1 ? "One ball" : `${Math.abs(balls)} balls`;
  return `${count} ${balls > 0 ? "more" : "fewer"}, ${much} ${mass < 0 ? "less" : "more"}`;
}

const costWords = (costs: number) =>
  costs < 0 ? `saves ${formatMoney(-costs)}` : costs < HALF_CENT ? "for the same money" : formatMoney(costs);

/** Two steps that are told alike are one; one that tells no other chance is none. */
function telling(steps: readonly Step[], chosen: OrderPlan, weighed: boolean): readonly Step[] {
  const told = (step: Step) => formatChance(step.plan.chance, weighed);
  return steps.filter(
    (step, index) =>
      told(step) !== formatChance(chosen.chance, weighed) &&
      !steps.slice(0, index).some((before) => told(before) === told(step)),
  );
}

/** What more certainty costs, what less would save, and what can be given back. */
export function StepsCard({ advice, market }: { readonly advice: OrderAdvice; readonly market: Market }) {
  const units = useUnits();
  const { plan, steps, mixed, weighed } = advice;
  if (!plan) return null;
  const worth = telling(steps, plan, weighed);
  return (
    <Card title="A ball more or fewer">
      <ul className="mt-2 grid gap-1.5">
        {worth.map((step) => (
          <li key={step.plan.chance} className="border-l-4 border-woad pl-2">
            {moreWords(step, plan, units)}: <strong>{costWords(step.costs)}</strong>, from{" "}
            {formatChance(plan.chance, weighed)} to {formatChance(step.plan.chance, weighed)}
          </li>
        ))}
        {worth.every(({ plan: { chance } }) => chance < plan.chance) && (
          <li>
            {formatChance(plan.chance, weighed) === formatChance(1, weighed)
              ? "More would not make it any surer."
              : "No more of it is on sale that would make it surer."}
          </li>
        )}
      </ul>
      {mixed && (
        <p className="mt-2 border-l-4 border-weld pl-2">
          Mixing {mixed.plan.lots.length} dye lots would save {formatMoney(-mixed.costs)}.{" "}
          <Button
            look="link"
            onClick={() =>
              editOrder("lots", (order) => {
                order.lots = "any";
              })
            }
          >
            Mix them
          </Button>
        </p>
      )}
      <ReturnWords plan={plan} market={market} />
      <Leftover advice={advice} />
    </Card>
  );
}

function ReturnWords({ plan, market }: { readonly plan: OrderPlan; readonly market: Market }) {
  const bought = new Set(plan.lines.map(({ offer }) => offer.sellerId).filter((id) => id !== SHELF_ID));
  const sellers = market.sellers.filter(({ id }) => bought.has(id));
  return (
    <>
      {sellers.map(({ id, name, returnDays }) => (
        <p key={id} className="mt-2 text-sm">
          {returnDays === null
            ? `${name}: it is not known whether balls can be returned. Ask before you buy a spare one.`
            : `${name} takes unopened balls back within ${returnDays} days: a spare one costs only the return trip.`}
        </p>
      ))}
    </>
  );
}

function Leftover({ advice: { leftM, makes } }: { readonly advice: OrderAdvice }) {
  const units = useUnits();
  const [first] = makes;
  return (
    <p className="mt-2 text-sm">
      Most likely {formatYarn(metres(leftM), units)} are left over
      {first
        ? `: enough for ${makes.map(({ name, needM }) => `a ${name.toLowerCase()} (${formatYarn(metres(needM), units)})`).join(" or ")}.`
        : ": for mending, and a swatch of the next thing."}
    </p>
  );
}
