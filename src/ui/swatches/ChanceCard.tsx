"use client";
import { countOf } from "@/core/words/things";
import { useState } from "react";
import type { KnownSeen } from "@/core/engine/seen";
import { toMetres } from "@/core/units/brands";
import { formatChance, formatYarn } from "@/core/units/format";
import { useProjectPart } from "@/state/project/projectStore";
import { useOmissions } from "@/state/engine/omissions";
import { useUnits } from "@/state/keeping/settings";
import { NotWhole } from "@/ui/frame/LeftOut";
import { Card } from "@/ui/parts/Card";
import { Choice } from "@/ui/parts/Choice";
import { ChanceChart } from "./ChanceChart";

/** The yarn needed against the balls in hand. */
export function ChanceCard({ answer }: { readonly answer: KnownSeen }) {
  const units = useUnits();
  const names = useProjectPart((project) => project.yarns);
  const [chosen, choose] = useState("");
  const yarn = answer.yarns.find((one) => one.yarn.id === chosen) ?? answer.yarns[0];
  const { p5, p95 } = yarn.quantilesMm;
  const whole = useOmissions().length === 0;
  if (!whole)
    return (
      <Card title="Will it last?">
        <NotWhole>No chance is given.</NotWhole>
      </Card>
    );
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
        <ChanceChart yarn={yarn} weighed={answer.weighed} />
      </div>
      <p className="text-sm text-faint">
        {yarn.around
          .map(({ balls, chance }) => `${countOf(balls, "ball")}: ${formatChance(chance, answer.weighed)}`)
          .join("; ")}
        , for the stitches as they are written. If you add stitches to keep the width:{" "}
        {yarn.atWidth.around
          .map(({ balls, chance }) => `${balls}: ${formatChance(chance, answer.weighed)}`)
          .join("; ")}
        .
        {!answer.weighed &&
          " More than 97 in 100 is not claimed until a swatch of the pattern has been weighed."}{" "}
        From twenty thousand simulated projects.
      </p>
    </Card>
  );
}
