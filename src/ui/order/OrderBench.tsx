"use client";
import { Boundary } from "@/ui/parts/Boundary";
import { lazily } from "@/ui/parts/lazily";
import { useEffect, useState } from "react";
import { componentsOf } from "@/core/order/market";
import { useAnswer } from "@/state/engine/answer";
import { useOmissions } from "@/state/engine/omissions";
import { useMarket, useAdvice } from "@/state/buying/order";
import { openShop } from "@/state/buying/shop";
import { useProjectPart } from "@/state/project/projectStore";
import { useRefusedFields } from "@/state/fields/typedTexts";
import { chooseYarn, useChosenYarn } from "@/state/chosen/chosen";
import { NotWhole } from "@/ui/frame/LeftOut";
import { Card } from "@/ui/parts/Card";
import { ColourDot } from "@/ui/parts/Colour";
import { Pill } from "@/ui/parts/Pills";
import { PlanCard } from "./PlanCard";
import { SourcesCard } from "./SourcesCard";
import { StepsCard } from "./StepsCard";
import { EmptyState } from "@/ui/parts/EmptyState";

const GroupCard = lazily("Group", () => import("./GroupCard").then((file) => file.GroupCard));

/** The cheapest way to buy what is needed, and what more certainty would cost. */
export function OrderBench() {
  const answer = useAnswer();
  useEffect(() => void openShop(), []);
  if (!answer.known)
    return (
      <Card title="What to buy">
        <EmptyState>There is nothing to buy yet: the project needs an answer first.</EmptyState>
      </Card>
    );
  return <Buying />;
}

function Buying() {
  const yarn = useChosenYarn();
  const [beside, setBeside] = useState(false);
  const [main, other] = componentsOf(yarn);
  const component = beside && other ? other : main;
  const market = useMarket(component);
  const advice = useAdvice(yarn.id, market);
  const whole = useOmissions().length === 0;
  const answer = useAnswer();
  const neededOf = (id: string) =>
    (answer.known && answer.yarns.find((one) => one.yarn.id === id)?.advised.balls) || null;
  const offers = useProjectPart(({ order }) => order.offers);
  const owners = offers.filter(({ yarnId }) => yarnId === component.key).map(({ id }) => id);
  const refused = useRefusedFields(owners.length > 0 ? [...owners, "own shop"] : []);
  if (!whole || refused.length > 0)
    return (
      <div className="grid items-start gap-3 lg:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)]">
        <Card title="What to buy">
          <p className="mt-1 font-display text-[2.2rem] leading-none font-semibold">Not advised yet</p>
          {whole ? (
            <p role="status" className="mt-2 border-l-4 border-madder pl-2">
              What is typed under “Where to buy” cannot be read: {refused.join(", ")}. Until it is fixed the
              plan would use the last figure instead.
            </p>
          ) : (
            <NotWhole>No number of balls is advised.</NotWhole>
          )}
        </Card>
        <Boundary name="Where to buy">
          <SourcesCard component={component} market={market} />
        </Boundary>
      </div>
    );
  return (
    <div className="grid items-start gap-3 lg:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)]">
      <div className="grid content-start gap-3 max-md:min-h-[85dvh]">
        <Yarns beside={component === other} onBeside={setBeside} />
        {advice ? (
          <Boundary name="Plan">
            <PlanCard
              yarnId={yarn.id}
              advice={advice}
              market={market}
              component={component}
              needed={neededOf(yarn.id)}
            />
          </Boundary>
        ) : (
          <Card title="What to buy">
            <p role="status" className="mt-2 min-h-[80dvh] text-faint">
              Planning …
            </p>
          </Card>
        )}
        {advice?.plan && (
          <Boundary name="Steps of certainty">
            <StepsCard advice={advice} market={market} />
          </Boundary>
        )}
      </div>
      <div className="grid gap-3">
        <Boundary name="Where to buy">
          <SourcesCard component={component} market={market} />
        </Boundary>
        <GroupCard yarnId={yarn.id} />
      </div>
    </div>
  );
}

interface YarnsProps {
  /** Whether it is the yarn that is held beside the other. */
  readonly beside: boolean;
  readonly onBeside: (beside: boolean) => void;
}

/** Which yarn is bought, where there are several, or several are held together. */
function Yarns({ beside, onBeside }: YarnsProps) {
  const yarns = useProjectPart((project) => project.yarns);
  const { id } = useChosenYarn();
  const all = yarns.flatMap((yarn) =>
    componentsOf(yarn).map((component, index) => ({ yarn, component, index })),
  );
  if (all.length === 1) return null;
  return (
    <div role="group" aria-label="Yarns" className="flex flex-wrap gap-1.5">
      {all.map(({ yarn, component, index }) => (
        <Pill
          key={component.key}
          chosen={yarn.id === id && beside === (index === 1)}
          onChoose={() => {
            chooseYarn(yarn.id);
            onBeside(index === 1);
          }}
        >
          <ColourDot colour={index === 1 ? (yarn.held?.beside?.label.colour ?? yarn.colour) : yarn.colour} />
          <span className="truncate">{component.name || "Yarn"}</span>
        </Pill>
      ))}
    </div>
  );
}
