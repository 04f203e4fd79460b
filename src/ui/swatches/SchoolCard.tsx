"use client";
import { countOf } from "@/core/words/things";
import { Table } from "@/ui/parts/Table";
import { Toolbar } from "@/ui/parts/Toolbar";
import type { KnownSeen } from "@/core/engine/seen";
import { tellHeldAgainst } from "@/core/forecast/requirement";
import type { Project } from "@/core/project/project";
import { millimetres, toMetres } from "@/core/units/brands";
import { say } from "@/core/words/message";
import { formatChance, formatYarn } from "@/core/units/format";
import { chooseSchool } from "@/state/project/school";
import { useProjectPart } from "@/state/project/projectStore";
import { useOmissions } from "@/state/engine/omissions";
import { useUnits } from "@/state/keeping/settings";
import { Card } from "@/ui/parts/Card";
import { Choice } from "@/ui/parts/Choice";
import { MeasureField } from "@/ui/parts/MeasureField";
import { useSaid } from "@/ui/parts/Said";

const SCHOOLS = [
  { value: "model", label: "the model" },
  { value: "allowance", label: "an allowance" },
] as const;

/** What the pattern asks for, where it does and one yarn is used: how much that is, and how likely it is enough. */
function askedFor({ yarns }: KnownSeen, { balls, ball }: Project["asks"]) {
  const [{ percentilesMm }] = yarns;
  if (balls === null || balls < 1 || ball === null || yarns.length > 1) return null;
  const mm = millimetres(1000 * balls * ball.lengthM);
  return { balls, mm, chance: percentilesMm.filter((needed) => needed <= mm).length / percentilesMm.length };
}

/** Ways to estimate side by side: cables calculated, plain fabric and so many per cent more, and what the pattern says. */
export function SchoolCard({ answer }: { readonly answer: KnownSeen }) {
  const units = useUnits();
  const by = useProjectPart(({ school }) => school.by);
  const asks = useProjectPart((project) => project.asks);
  const asked = askedFor(answer, asks);
  const said = useSaid();
  const whole = useOmissions().length === 0;
  const balls = (count: number) => `${countOf(count, "ball")}${whole ? "" : " so far"}`;
  const tell = (chance: number) => (whole ? formatChance(chance, answer.weighed) : "not given");
  const [{ byAllowance, byModel, totalMm, chances, quantilesMm }] = answer.yarns;
  const chanceOf = (balls: number) =>
    chances.find((one) => one.balls === balls)?.chance ?? (balls > byModel.balls ? 1 : 0);
  return (
    <Card title="Ways to estimate">
      <Toolbar className="mt-2 mb-2 text-sm">
        <span aria-hidden>Balls are advised by</span>
        <Choice label="School" options={SCHOOLS} value={by} onChange={chooseSchool} />
      </Toolbar>
      <Table
        headHidden
        caption="Balls by the model, by an allowance and by the pattern"
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
          ...(asked ? [{ name: "The pattern, in its own yarn", ...asked }] : []),
        ]}
        keyOf={({ name }) => name}
      />
      <div className="mt-2 w-36">
        <MeasureField field="allowance" label="Allowance for cables" example="e.g. 25 %" />
      </div>
      <div className="mt-2 flex flex-wrap gap-x-3">
        <div className="w-36">
          <MeasureField field="asksBalls" label="The pattern asks for" example="e.g. 9" />
        </div>
        <div className="w-44">
          <MeasureField field="asksBall" label="balls, each of" example={say("exampleBall")} />
        </div>
      </div>
      {asked && asks.ball && whole && (
        <p className="text-sm">
          {said(
            tellHeldAgainst(
              { balls: asked.balls, ballM: asks.ball.lengthM },
              { p10M: quantilesMm.p10 / 1000, p50M: totalMm / 1000, p90M: quantilesMm.p90 / 1000 },
            ),
          )}
        </p>
      )}
      <p className="text-sm text-faint">
        An allowance hides how far cables and ribs pull in and how much yarn crossings use; the model shows
        both, so it is preferred here.
      </p>
    </Card>
  );
}
