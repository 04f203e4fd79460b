import { memo } from "react";
import { LEDGER_PARTS, roundedToSum, type LedgerPart } from "@/core/estimate/ledger";
import type { EstimatedPiece } from "@/core/estimate/wholeProject";
import type { KnownForecast } from "@/core/forecast/projectForecast";
import { metres, toMetres } from "@/core/units/brands";
import { formatMass, formatYarn } from "@/core/units/format";
import { massOf } from "@/core/yarn/putUp";
import { useProjectPart } from "@/state/projectStore";
import { useUnits } from "@/state/settings";
import { Card } from "@/ui/parts/Card";

const COLOURS: { readonly [Part in LedgerPart]: string } = {
  plain: "bg-walnut",
  drawIn: "bg-woad",
  crossings: "bg-madder",
  texture: "bg-moss",
  castOn: "bg-ink",
  castOff: "bg-ink",
  seams: "bg-ink",
  ends: "bg-weld",
  swatch: "bg-moss",
  extras: "bg-weld",
};

/** Parts that are told even where they take nothing: there a nought says something. */
const ALWAYS: readonly LedgerPart[] = ["plain", "drawIn", "crossings", "texture"];

const IN_ONE_UNIT_MM = { metric: 1000, imperial: 914.4 } as const;

/** Where the yarn goes. The rounded figures add up to the rounded total. */
export const LedgerCard = memo(function LedgerCard({ answer }: { readonly answer: KnownForecast }) {
  const units = useUnits();
  const { ledger, totalMm } = answer.forecast.estimate;
  const totalM = toMetres(totalMm);
  const otherUnits = units === "metric" ? "imperial" : "metric";
  const inOtherWords = `${formatYarn(totalM, otherUnits)}, ${formatMass(massOf(totalM, answer.plan.putUp), units)}`;
  const unitMm = IN_ONE_UNIT_MM[units];
  const tenths = roundedToSum(
    LEDGER_PARTS.map(({ id }) => ledger[id] / unitMm),
    0.1,
  );
  const most = Math.max(...LEDGER_PARTS.map(({ id }) => ledger[id]));
  return (
    <Card title={`Where ${formatYarn(totalM, units)} go`} aside={inOtherWords}>
      <table className="mt-2 w-full">
        <thead className="sr-only">
          <tr>
            <th scope="col">Part</th>
            <th scope="col">Share</th>
            <th scope="col">Yarn</th>
          </tr>
        </thead>
        <tbody>
          {LEDGER_PARTS.map(({ id, name, why }, index) =>
            ledger[id] === 0 && !ALWAYS.includes(id) ? null : (
              <tr key={id} title={why} className="border-b border-line last:border-0">
                <th scope="row" className="py-1.5 pr-2 text-left font-normal">
                  {name}
                </th>
                <td className="w-2/5">
                  <div
                    className={`h-2.5 rounded-r-full ${COLOURS[id]}`}
                    style={{ width: `max(2px, ${(100 * Math.max(0, ledger[id])) / most}%)` }}
                  />
                </td>
                <td className="pl-2 text-right whitespace-nowrap">
                  {`${tenths[index]?.toFixed(1)} ${units === "metric" ? "m" : "yd"}`}
                </td>
              </tr>
            ),
          )}
        </tbody>
      </table>
      <ByPiece pieces={answer.forecast.estimate.pieces} />
      <Rule totalMm={totalMm} answer={answer} />
    </Card>
  );
});

/** How much each piece takes, where there are several; joins are apart, they belong to all. */
function ByPiece({ pieces }: { readonly pieces: readonly EstimatedPiece[] }) {
  const units = useUnits();
  const names = useProjectPart((project) => project.pieces);
  if (pieces.length === 1 && pieces[0]?.times === 1) return null;
  return (
    <table className="mt-3 w-full text-sm">
      <caption className="text-left font-semibold">By piece</caption>
      <tbody>
        {pieces.map(({ id, times, estimate }) => (
          <tr key={id} className="border-t border-line">
            <th scope="row" className="py-1 text-left font-normal">
              {names.find((piece) => piece.id === id)?.name}
              {times > 1 && (
                <span className="text-faint">
                  {" "}
                  {times} times {formatYarn(toMetres(estimate.totalMm), units)}
                </span>
              )}
            </th>
            <td className="text-right whitespace-nowrap">
              {formatYarn(metres((times * estimate.totalMm) / 1000), units)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

interface RuleProps {
  readonly totalMm: number;
  readonly answer: KnownForecast;
}

/** The rule of thumb, beside the reckoning and never instead of it. */
function Rule({ totalMm, answer }: RuleProps) {
  const units = useUnits();
  const { ledger } = answer.forecast.estimate;
  const cabledMm = ledger.drawIn + ledger.crossings;
  const plainMm = totalMm - cabledMm;
  return (
    <p className="mt-2 text-sm text-faint">
      “Add a quarter for cables” would say {formatYarn(metres((plainMm * 1.25) / 1000), units)}. Yours take{" "}
      {Math.round((100 * cabledMm) / plainMm)} % more than plain fabric of this size.
    </p>
  );
}
