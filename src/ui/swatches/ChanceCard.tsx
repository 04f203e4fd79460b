"use client";
import { useState } from "react";
import type { KnownForecast } from "@/core/forecast/projectForecast";
import { toMetres } from "@/core/units/brands";
import { formatChance, formatYarn } from "@/core/units/format";
import { useProjectPart } from "@/state/projectStore";
import { useUnits } from "@/state/settings";
import { Card } from "@/ui/parts/Card";
import { Choice } from "@/ui/parts/Choice";
import { ChanceChart } from "./ChanceChart";

/** The yarn needed against the balls in hand. */
export function ChanceCard({ answer }: { readonly answer: KnownForecast }) {
  const units = useUnits();
  const names = useProjectPart((project) => project.yarns);
  const [chosen, choose] = useState("");
  const yarn = answer.yarns.find((one) => one.yarn.id === chosen) ?? answer.yarns[0];
  const { p5, p95 } = yarn.quantilesMm;
  return (
    <Card
      title="Will it last?"
      aside={`most likely between ${formatYarn(toMetres(p5), units)} and ${formatYarn(toMetres(p95), units)}`}
    >
      {answer.yarns.length > 1 && (
        <div className="mt-1">
          <Choice
            label="Yarn"
            options={answer.yarns.map(({ yarn: { id } }) => ({
              value: id,
              label: names.find((one) => one.id === id)?.name ?? id,
            }))}
            value={yarn.yarn.id}
            onChange={choose}
          />
        </div>
      )}
      <div className="mt-2 h-60">
        <ChanceChart yarn={yarn} />
      </div>
      <p className="text-sm text-faint">
        {yarn.around
          .map(({ balls, chance }) => `${balls} ${balls === 1 ? "ball" : "balls"}: ${formatChance(chance)}`)
          .join("; ")}
        . Twenty thousand projects were drawn from what is believed.
      </p>
    </Card>
  );
}
