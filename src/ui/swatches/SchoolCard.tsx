"use client";
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

const told = (balls: number) => `${balls} ${balls === 1 ? "ball" : "balls"}`;

/** Two ways to estimate side by side: cables calculated, or plain fabric and so many per cent more. */
export function SchoolCard({ answer }: { readonly answer: KnownSeen }) {
  const units = useUnits();
  const by = useProjectPart(({ school }) => school.by);
  const whole = useOmissions().length === 0;
  const balls = (count: number) => `${told(count)}${whole ? "" : " so far"}`;
  const tell = (chance: number) => (whole ? formatChance(chance, answer.weighed) : "not given");
  const [{ byAllowance, byModel, totalMm, chances }] = answer.yarns;
  const chanceOf = (balls: number) =>
    chances.find((one) => one.balls === balls)?.chance ?? (balls > byModel.balls ? 1 : 0);
  return (
    <Card title="Two ways to estimate">
      <div className="mt-2 mb-2 flex flex-wrap items-center gap-2 text-sm">
        <span aria-hidden>Balls are advised by</span>
        <Choice label="School" options={SCHOOLS} value={by} onChange={chooseSchool} />
      </div>
      <table className="w-full text-sm">
        <thead className="sr-only">
          <tr>
            <th>School</th>
            <th>Balls</th>
            <th>Yarn</th>
            <th>Chance that it is enough</th>
          </tr>
        </thead>
        <tbody>
          <tr className="border-t border-line">
            <th scope="row" className="py-1 text-left font-normal">
              The model, cables calculated
            </th>
            <td className="px-2 font-semibold whitespace-nowrap">{balls(byModel.balls)}</td>
            <td className="px-2 whitespace-nowrap">{formatYarn(toMetres(totalMm), units)}</td>
            <td className="whitespace-nowrap">{tell(byModel.chance)}</td>
          </tr>
          <tr className="border-t border-line">
            <th scope="row" className="py-1 text-left font-normal">
              Plain fabric and an allowance
            </th>
            <td className="px-2 font-semibold whitespace-nowrap">{balls(byAllowance.balls)}</td>
            <td className="px-2 whitespace-nowrap">{formatYarn(toMetres(byAllowance.needMm), units)}</td>
            <td className="whitespace-nowrap">{tell(chanceOf(byAllowance.balls))}</td>
          </tr>
        </tbody>
      </table>
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
