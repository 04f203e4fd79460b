"use client";
import { Said } from "@/ui/parts/Said";
import { say } from "@/core/words/message";
import { memo } from "react";
import {
  END_MM,
  MEASURED_OFF_MM,
  TAIL_RULES,
  tailLength,
  type TailBasis,
  type TailRule,
} from "@/core/estimate/longTail";
import type { PieceEstimate } from "@/core/estimate/piece";
import { tellSize } from "@/core/units/format";
import { chosenOf, useChosenPiece } from "@/state/chosen/chosen";
import { change } from "@/state/project/projectStore";
import { useUnits } from "@/state/keeping/settings";
import { Drawer } from "@/ui/parts/Drawer";
import { MeasureField } from "@/ui/parts/MeasureField";
import { SourceMark } from "@/ui/parts/SourceMark";
import { Why } from "@/ui/parts/Why";

interface TailCardProps {
  readonly estimate: PieceEstimate;
  readonly basis: TailBasis;
}

const SCHOOLS = Object.keys(TAIL_RULES) as TailRule[];

/** How long a tail to leave for the long-tail cast-on: three schools side by side, one of them counted. */
export const TailCard = memo(function TailCard({ estimate, basis: tailBasis }: TailCardProps) {
  const units = useUnits();
  const { id: pieceId, tail } = useChosenPiece();
  return (
    <Drawer
      title="Tail to leave"
      answer={`${tellSize(tailLength(tail.school, tailBasis), units)} for ${estimate.castOn} stitches`}
      atFirst="shut"
    >
      <fieldset className="mt-2 grid gap-2 sm:grid-cols-3">
        <legend className="sr-only">Rule for the tail</legend>
        {SCHOOLS.map((school) => {
          const { name, why } = TAIL_RULES[school];
          return (
            <label
              key={school}
              className="cursor-pointer rounded-lg border border-line p-3 has-checked:border-2 has-checked:border-ink has-checked:p-[calc(0.75rem-1px)]"
            >
              <input
                type="radio"
                name="tail-school"
                className="mr-2 accent-ink"
                checked={tail.school === school}
                onChange={() =>
                  change("tail", (draft) => {
                    chosenOf(draft).tail.school = school;
                  })
                }
              />
              <span className="font-semibold">{name}</span>
              <span className="mt-1 block font-display text-2xl">
                {tellSize(tailLength(school, tailBasis), units)}
              </span>
              <span className="block text-sm text-faint">{why}</span>
            </label>
          );
        })}
      </fieldset>
      <div className="mt-2 flex flex-wrap items-start gap-x-4">
        <div className="w-56">
          <MeasureField
            field="twenty"
            label="Twenty stitches took"
            example={tellSize(tailBasis.twentyMm, units)}
            says={tail.twentyMm === null && <SourceMark source="assumed" />}
          />
        </div>
        <p className="mt-1 min-w-48 flex-1 text-sm text-faint">
          <Why of={{ figure: "tail", pieceId }}>{tellSize(tailLength(tail.school, tailBasis), units)}</Why>:{" "}
          <Said>{say("tailHolds", { endMm: END_MM, stepMm: MEASURED_OFF_MM })}</Said> The chosen one counts in
          the ledger.
        </p>
      </div>
    </Drawer>
  );
});
