"use client";
import { countOf } from "@/core/words/things";
import { Fragment, useState } from "react";
import type { KnownSeen, SeenYarn } from "@/core/engine/seen";
import { metres, toMetres } from "@/core/units/brands";
import { formatChance, formatYarn } from "@/core/units/format";
import { useProjectPart } from "@/state/project/projectStore";
import { useOmissions } from "@/state/engine/omissions";
import { useUnits } from "@/state/keeping/settings";
import { NotWhole } from "@/ui/frame/LeftOut";
import { Card } from "@/ui/parts/Card";
import { Choice } from "@/ui/parts/Choice";
import { ChartTable } from "@/ui/parts/ChartTable";
import { Why } from "@/ui/parts/Why";
import { ChanceChart } from "./ChanceChart";

interface ChancesProps {
  readonly yarn: SeenYarn;
  readonly weighed: boolean;
  readonly keptWidth?: boolean;
}

/** Each count of balls with its chance. */
function Chances({ yarn, weighed, keptWidth = false }: ChancesProps) {
  const { around } = keptWidth ? yarn.atWidth : yarn;
  const of = { figure: "chance", yarnId: yarn.yarn.id, ...(keptWidth && { keptWidth }) } as const;
  return around.map(({ balls, chance }, index) => (
    <Fragment key={balls}>
      {index > 0 && "; "}
      {keptWidth ? balls : countOf(balls, "ball")}:{" "}
      <Why of={{ ...of, balls }}>{formatChance(chance, weighed)}</Why>
    </Fragment>
  ));
}

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
      <ChartTable
        caption="Chance that so many balls are enough, for the stitches as written"
        columns={[
          { id: "balls", head: "Balls", names: true, cell: ({ balls }) => balls },
          {
            id: "yarn",
            head: "hold",
            cell: ({ balls }) => formatYarn(metres(balls * yarn.yarn.putUp.lengthM), units),
          },
          { id: "chance", head: "enough", cell: ({ chance }) => formatChance(chance, answer.weighed) },
        ]}
        rows={yarn.chances}
        keyOf={({ balls }) => balls}
      />
      <p className="text-sm text-faint">
        <Chances yarn={yarn} weighed={answer.weighed} />, for the stitches as they are written. If you add
        stitches to keep the width: <Chances yarn={yarn} weighed={answer.weighed} keptWidth />.
        {!answer.weighed &&
          " More than 97 in 100 is not claimed until a swatch of the pattern has been weighed."}{" "}
        From twenty thousand simulated projects.
      </p>
    </Card>
  );
}
