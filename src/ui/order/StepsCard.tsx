"use client";
import type { OrderAdvice, Step } from "@/core/order/advice";
import type { OrderPlan } from "@/core/order/plan";
import type { Market } from "@/core/order/market";
import { SHELF_ID } from "@/core/order/offers";
import { metres } from "@/core/units/brands";
import { formatChance, formatYarn } from "@/core/units/format";
import { formatMoney } from "@/core/units/money";
import { editOrder } from "@/state/order";
import { useUnits } from "@/state/settings";
import { Card } from "@/ui/parts/Card";

const ballsWords = (balls: number) => {
  const count = Math.abs(balls);
  if (count === 0) return "As many balls, others";
  return `${count === 1 ? "One ball" : `${count} balls`} ${balls > 0 ? "more" : "fewer"}`;
};

const stepWords = ({ balls, costs, plan }: Step, from: number) =>
  `${ballsWords(balls)}: ${costs >= 0 ? formatMoney(costs) : `saves ${formatMoney(-costs)}`}, from ${formatChance(from)} to ${formatChance(plan.chance)}`;

/** What more certainty costs, what less would save, and what can be given back. */
export function StepsCard({ advice, market }: { readonly advice: OrderAdvice; readonly market: Market }) {
  const { plan, steps, mixed } = advice;
  if (!plan) return null;
  return (
    <Card title="A ball more or fewer">
      <ul className="mt-2 grid gap-1.5">
        {steps.map((step) => (
          <li key={step.plan.chance} className="border-l-4 border-woad pl-2">
            {stepWords(step, plan.chance)}
          </li>
        ))}
        {steps.length === 0 && <li>There is no more of it to be had, and less would not be enough.</li>}
      </ul>
      {mixed && (
        <p className="mt-2 border-l-4 border-weld pl-2">
          Mixing {mixed.plan.lots.length} dye lots would save {formatMoney(-mixed.costs)}.{" "}
          <button
            type="button"
            className="text-woad underline"
            onClick={() =>
              editOrder("lots", (order) => {
                order.lots = "any";
              })
            }
          >
            Mix them
          </button>
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
            ? `${name}: nobody says whether balls can be given back. Ask before you buy one to spare.`
            : `${name} takes unopened balls back within ${returnDays} days: one to spare costs nothing but the way.`}
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
