"use client";
import { memo } from "react";
import { LEAVABLE, type Leavable } from "@/core/files/project";
import type { EstimatedPiece } from "@/core/estimate/wholeProject";
import { ledgerOf } from "@/core/estimate/ledger";
import { toMetres } from "@/core/units/brands";
import { formatYarn } from "@/core/units/format";
import { useChosenPiece } from "@/state/chosenPiece";
import { useSavings } from "@/state/savings";
import { change, useProjectPart } from "@/state/projectStore";
import { useUnits } from "@/state/settings";
import { Card } from "@/ui/parts/Card";
import { MeasureField } from "@/ui/parts/MeasureField";

/** How the piece is sewn, what else the yarn has to hold, and what leaving something out would save. */
export const FinishingCard = memo(function FinishingCard({ piece }: { readonly piece: EstimatedPiece }) {
  const units = useUnits();
  const { seams } = useChosenPiece();
  const together = formatYarn(toMetres(ledgerOf(piece.estimate.lines).seams), units);
  return (
    <Card title="Finishing">
      <div className="mt-2 grid grid-cols-2 gap-x-3 gap-y-1">
        <MeasureField
          field="seams"
          label="Seams along its sides"
          example="as 2"
          says={
            seams > 0 ? `up to an armhole, together ${together}` : "count a seam at one of its two pieces"
          }
        />
        <span />
        <MeasureField
          field="swatch"
          label="Swatch of this yarn, its side"
          example="not counted in"
          says="for the whole project"
        />
        <MeasureField
          field="extras"
          label="Fringe, pompon, mending"
          example="none"
          says="for the whole project"
        />
      </div>
      <Savings />
    </Card>
  );
});

const NAMES: { readonly [Part in Leavable]: string } = {
  bobbles: "bobbles and nupps",
  hems: "folding the hems",
  swatch: "the swatch",
  seams: "the seams",
  extras: "the extras",
};

/** What can be left out; each says what that saves. Parts that the project does not have are not offered. */
function Savings() {
  const units = useUnits();
  const without = useProjectPart((project) => project.without);
  const savings = useSavings();
  const offered = LEAVABLE.filter((part) => without.includes(part) || (savings.get(part) ?? 0) > 0.5);
  if (offered.length === 0) return null;
  return (
    <fieldset className="mt-2 border-t border-line pt-1">
      <legend className="sr-only">Worked without</legend>
      <p aria-hidden className="text-sm">
        Worked without …
      </p>
      {offered.map((part) => {
        const off = without.includes(part);
        const saved = formatYarn(toMetres((savings.get(part) ?? 0) as Parameters<typeof toMetres>[0]), units);
        return (
          <label key={part} className="flex items-baseline gap-2 py-0.5">
            <input
              type="checkbox"
              checked={off}
              className="accent-ink"
              onChange={() =>
                change(`without ${part}`, (draft) => {
                  draft.without = off
                    ? draft.without.filter((one) => one !== part)
                    : [...draft.without, part];
                })
              }
            />
            <span className="flex-1">{NAMES[part]}</span>
            <span className="text-sm text-faint">{off ? `saves ${saved}` : `would save ${saved}`}</span>
          </label>
        );
      })}
    </fieldset>
  );
}
