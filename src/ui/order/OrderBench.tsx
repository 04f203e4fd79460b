"use client";
import dynamic from "next/dynamic";
import { useEffect } from "react";
import { useAnswer } from "@/state/answer";
import { useMarket, useAdvice } from "@/state/order";
import { openShop } from "@/state/shop";
import { useProjectPart } from "@/state/projectStore";
import { chooseYarn, useChosenYarn } from "@/state/yarns";
import { Card } from "@/ui/parts/Card";
import { ColourDot } from "@/ui/parts/Colour";
import { Pill } from "@/ui/parts/Pills";
import { PlanCard } from "./PlanCard";
import { SourcesCard } from "./SourcesCard";
import { StepsCard } from "./StepsCard";

const GroupCard = dynamic(() => import("./GroupCard").then((file) => file.GroupCard), { ssr: false });

/** The cheapest way to buy what is needed, and what more certainty would cost. */
export function OrderBench() {
  const answer = useAnswer();
  useEffect(() => void openShop(), []);
  if (!answer.known)
    return (
      <Card title="What to buy">
        <p className="mt-2">There is nothing to buy yet: the project needs an answer first.</p>
      </Card>
    );
  return <Buying />;
}

function Buying() {
  const yarn = useChosenYarn();
  const market = useMarket(yarn.id);
  const advice = useAdvice(yarn.id, market);
  return (
    <div className="grid items-start gap-3 lg:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)]">
      <div className="grid gap-3">
        <Yarns />
        {advice ? (
          <PlanCard advice={advice} market={market} yarnName={yarn.name || "My yarn"} />
        ) : (
          <Card title="What to buy">
            <p role="status" className="mt-2 text-faint">
              Planning …
            </p>
          </Card>
        )}
        {advice?.plan && <StepsCard advice={advice} market={market} />}
      </div>
      <div className="grid gap-3">
        <SourcesCard yarnId={yarn.id} market={market} />
        <GroupCard yarnId={yarn.id} />
      </div>
    </div>
  );
}

/** Which yarn is bought, where there are several. */
function Yarns() {
  const yarns = useProjectPart((project) => project.yarns);
  const { id } = useChosenYarn();
  if (yarns.length === 1) return null;
  return (
    <div role="group" aria-label="Yarns" className="flex flex-wrap gap-1.5">
      {yarns.map((yarn) => (
        <Pill key={yarn.id} chosen={yarn.id === id} onChoose={() => chooseYarn(yarn.id)}>
          <ColourDot colour={yarn.colour} />
          <span className="truncate">{yarn.name || "Yarn"}</span>
        </Pill>
      ))}
    </div>
  );
}
