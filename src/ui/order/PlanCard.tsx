"use client";
import { useSaid } from "@/ui/parts/Said";
import { countOf } from "@/core/words/things";
import { Table } from "@/ui/parts/Table";
import { toast } from "@/ui/parts/toast";
import type { OrderAdvice } from "@/core/order/advice";
import { listCsv, listLines, listText, type ListLine } from "@/core/order/shoppingList";
import type { Component, Market } from "@/core/order/market";
import { SHELF_ID } from "@/core/order/offers";
import type { OrderPlan } from "@/core/order/plan";
import { metres } from "@/core/units/brands";
import { formatChance, formatYarn } from "@/core/units/format";
import { formatMoney } from "@/core/units/money";
import { useProject, useShelf, type Kept } from "@/state/project/projectStore";
import { useUnits } from "@/state/keeping/settings";
import { useShop } from "@/state/buying/shop";
import { bringHome, labelOf, putByFor, reserve, unreserve } from "@/state/buying/shelf";
import { Button } from "@/ui/parts/Button";
import { Card } from "@/ui/parts/Card";
import { download } from "@/ui/parts/download";
import { undoable } from "@/ui/parts/undoable";
import { Why } from "@/ui/parts/Why";

interface PlanCardProps {
  readonly yarnId: string;
  readonly advice: OrderAdvice;
  readonly market: Market;
  readonly component: Component;
  /** Balls that the headline says are needed, as the yarn's own are wound. */
  readonly needed: number | null;
}

const balls = (count: number) => countOf(count, "ball");

/** What to take from where: the cheapest plan that is sure enough. */
export function PlanCard({ yarnId, advice, market, component, needed }: PlanCardProps) {
  const units = useUnits();
  const { plan, shortage, weighed } = advice;
  if (!plan)
    return (
      <Short
        weighed={weighed}
        lackingM={shortage?.lackingM ?? 0}
        chance={shortage?.chance ?? 0}
        count={shortage?.balls ?? 0}
      />
    );
  const { name, strands } = component;
  const lines = listLines(plan, { yarn: name || "My yarn", strands, sellers: market.sellers, units });
  const toBuy = plan.lines
    .filter(({ offer }) => offer.sellerId !== SHELF_ID)
    .reduce((sum, line) => sum + line.balls, 0);
  const had = plan.balls - toBuy;
  return (
    <Card title="What to buy" className="print-list">
      <p role="status" className="mt-1 font-display text-[2.2rem] leading-none font-semibold">
        {toBuy === 0 ? "Nothing" : balls(toBuy)}{" "}
        <span className="font-text text-lg font-normal">
          {toBuy > 0 ? (
            <>
              for <Why of={{ figure: "cost", yarnId, market }}>{formatMoney(plan.cost)}</Why>
            </>
          ) : (
            "to buy"
          )}
          {had > 0 && `, ${had} from your shelf`}
        </span>
      </p>
      <p className="mt-1">
        <Why of={{ figure: "boughtChance", yarnId, market }}>
          <strong>{formatChance(plan.chance, weighed)}</strong>
        </Why>{" "}
        that {had > 0 ? "both together are" : "it is"} enough for the stitches as written; {lotWords(plan)}
        {needed !== null && component.strands === 1 && (
          <span className="block text-sm text-faint">
            {balls(needed)} of the yarn’s own size are needed in all; this is what to buy beyond your shelf.
          </span>
        )}
      </p>
      {!plan.exact && (
        <p className="mt-1 border-l-4 border-weld pl-2 text-sm">
          The cheapest found: there are so many ways to mix that not all were tried in time. None costs less
          than {formatMoney(plan.atLeast)}.
        </p>
      )}
      <ListTable lines={lines} plan={plan} />
      <Acts plan={plan} lines={lines} component={component} />
    </Card>
  );
}

function lotWords({ lots, lines }: OrderPlan): string {
  const [only] = lines;
  if (lots.length === 1)
    return only?.offer.lot ? `all of dye lot ${only.offer.lot}` : "of one lot, its number not noted";
  return `${lots.length} dye lots: knit rows from two balls in turn where they meet`;
}

function ListTable({ lines, plan }: { readonly lines: readonly ListLine[]; readonly plan: OrderPlan }) {
  return (
    <div className="mt-3">
      <Table
        className="text-[0.95rem]"
        caption="Shopping list"
        columns={[
          { id: "balls", head: "Balls", className: "text-lg font-semibold", cell: ({ balls }) => balls },
          {
            id: "yarn",
            head: "Yarn",
            cell: ({ yarn, ball }) => (
              <>
                {yarn}
                <span className="block text-sm text-faint">{ball}</span>
              </>
            ),
          },
          {
            id: "lot",
            head: "Dye lot",
            cell: ({ lot }) => lot || <span className="text-faint">not known</span>,
          },
          { id: "from", head: "From", cell: ({ from }) => from },
          {
            id: "price",
            head: "Price",
            right: true,
            whole: true,
            cell: ({ price }) => (price === null ? "yours" : formatMoney(price)),
          },
        ]}
        rows={lines}
        keyOf={({ from, lot, ball }) => `${from} ${lot} ${ball}`}
        foot={
          <tr className="align-top">
            <td colSpan={4} className="border-t border-line py-1.5 pr-3">
              Together{plan.postage > 0 && `, ${formatMoney(plan.postage)} of it postage`}
            </td>
            <td className="border-t border-line py-1.5 text-right font-semibold whitespace-nowrap">
              {formatMoney(plan.cost)}
            </td>
          </tr>
        }
      />
    </div>
  );
}

/** Whether just what the plan takes from the shelf is reserved for the project. */
function isPutBy({ lines }: OrderPlan, { entries }: Kept["shelf"], project: string): boolean {
  const wanted = lines.filter(({ offer }) => offer.sellerId === SHELF_ID);
  return wanted.every(({ offer, balls: count }) => {
    const entry = entries.find(({ id }) => id === offer.id);
    return !entry || putByFor(entry, project) === count;
  });
}

interface ActsProps {
  readonly plan: OrderPlan;
  readonly lines: readonly ListLine[];
  readonly component: Component;
}

function Acts({ plan, lines, component }: ActsProps) {
  const said = useSaid();
  const shop = useShop(({ list }) => list);
  const { name } = useProject();
  const shelf = useShelf();
  const fromShelf = plan.lines.some(({ offer }) => offer.sellerId === SHELF_ID);
  const done = isPutBy(plan, shelf, name);
  const save = (as: string, type: string, text: string) => {
    download(as, new Blob([text], { type }));
    toast.success(`Saved as ${as}`);
  };
  return (
    <div className="mt-3 flex flex-wrap gap-2 print:hidden">
      {fromShelf && !done && (
        <Button
          look="main"
          onClick={() => {
            reserve(plan.lines);
            toast.success(`Reserved on the shelf for ${name}`, undoable);
          }}
        >
          Reserve these on the shelf
        </Button>
      )}
      {fromShelf && done && (
        <Button
          onClick={() => {
            unreserve();
            toast.success("Released", undoable);
          }}
        >
          Release the reserved balls
        </Button>
      )}
      {plan.lines.some(({ offer }) => offer.sellerId !== SHELF_ID) && (
        <Button
          onClick={() => {
            bringHome(plan.lines, labelOf(component.name, shop), component.strands);
            toast.success(`On your shelf, reserved for ${name}`, undoable);
          }}
        >
          Mark as bought
        </Button>
      )}
      <Button onClick={() => window.print()}>Print the list</Button>
      <Button onClick={() => save("shopping-list.csv", "text/csv", listCsv(lines))}>CSV</Button>
      <Button
        onClick={() =>
          save("shopping-list.txt", "text/plain", `${listText(lines, plan).map(said).join("\n")}\n`)
        }
      >
        Plain text
      </Button>
    </div>
  );
}

function Short({
  lackingM,
  chance,
  count,
  weighed,
}: {
  readonly weighed: boolean;
  readonly lackingM: number;
  readonly chance: number;
  readonly count: number;
}) {
  const units = useUnits();
  return (
    <Card title="What to buy">
      <p role="status" className="mt-1 font-display text-[2.2rem] leading-none font-semibold">
        {count === 0 ? "Not on sale anywhere" : "Not enough to buy"}
      </p>
      <p className="mt-2">
        {count === 0
          ? "This yarn is neither on your shelf nor in the shop. Type in where you can get it, under “Where to buy”, or give the yarn the name that it has there."
          : `All ${balls(count)} that are known would be enough ${formatChance(chance, weighed)}. ${formatYarn(metres(lackingM), units)} are missing to be as sure as you wish: type in more, look at another yarn on the Swap bench, or be more daring.`}
      </p>
    </Card>
  );
}
