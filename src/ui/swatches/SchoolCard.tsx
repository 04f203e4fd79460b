"use client";
import { countOf } from "@/core/words/things";
import { Table } from "@/ui/parts/Table";
import { Toolbar } from "@/ui/parts/Toolbar";
import type { KnownSeen } from "@/core/engine/seen";
import { toMetres } from "@/core/units/brands";
import { formatChance, formatYarn } from "@/core/units/format";
import { chooseSchool } from "@/state/project/school";
import { useProjectPart } from "@/state/project/projectStore";
import { useOmissions } from "@/state/engine/omissions";
import { useUnits } from "@/state/keeping/settings";
import { Card } from "@/ui/parts/Card";
import { Choice } from "@/ui/parts/Choice";
import { MeasureField } from "@/ui/parts/MeasureField";

const SCHOOLS = [
  { value: "model", label: "the model" },
  { value: "allowance", label: "an allowance" },
] as const;

/** Two ways to estimate side by side: cables calculated, or plain fabric and so many per cent more. */
export function SchoolCard({ answer }: { readonly answer: KnownSeen }) {
  const units = useUnits();
  const by = useProjectPart(({ school }) => school.by);
  const whole = useOmissions().length === 0;
  const balls = (count: number) => `${countOf(count, "ball")}${whole ? "" : " so far"}`;
  const tell = (chance: number) => (whole ? formatChance(chance, answer.weighed) : "not given");
  const [{ byAllowance, byModel, totalMm, chances }] = answer.yarns;
  const chanceOf = (balls: number) =>
    chances.find((one) => one.balls === balls)?.chance ?? (balls > byModel.balls ? 1 : 0);
  return (
    <Card title="Two ways to estimate">
      <Toolbar className="mt-2 mb-2 text-sm">
        <span aria-hidden>Balls are advised by</span>
        <Choice label="School" options={SCHOOLS} value={by} onChange={chooseSchool} />
      </Toolbar>
      <Table
        headHidden
        caption="Balls by the model and by an allowance"
        columns={[
          { id: "way", head: "Way", names: true, cell: ({ name }) => name },
          {
            id: "balls",
            head: "Balls",
            whole: true,
            className: "font-semibold",
            cell: (way) => balls(way.balls),
          },
          { id: "yarn", head: "Yarn", whole: true, cell: ({ mm }) => formatYarn(toMetres(mm), units) },
          {
            id: "chance",
            head: "Chance that it is enough",
            whole: true,
            cell: ({ chance }) => tell(chance),
          },
        ]}
        rows={[
          { name: "The model, cables calculated", balls: byModel.balls, mm: totalMm, chance: byModel.chance },
          {
            name: "Plain fabric and an allowance",
            balls: byAllowance.balls,
            mm: byAllowance.needMm,
            chance: chanceOf(byAllowance.balls),
          },
        ]}
        keyOf={({ name }) => name}
      />
      <div className="mt-2 w-36">
        <MeasureField field="allowance" label="Allowance for cables" example="e.g. 25 %" />
      </div>
      <p className="text-sm text-faint">
        An allowance hides how far cables and ribs pull in and how much yarn crossings use; the model shows
        both, so it is preferred here.
      </p>
    </Card>
  );
}
