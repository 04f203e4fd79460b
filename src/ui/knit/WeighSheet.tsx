"use client";
import { useMemo, useState } from "react";
import { ENTERED } from "@/core/project/enteredFigures";
import { keyOfPlace } from "@/core/progress/inHand";
import { type Progress } from "@/core/progress/places";
import { tellBegun, tellLog } from "@/state/project/log";
import { useAsked } from "@/state/engine/asked";
import type { Piece } from "@/state/engine/knitting";
import { say } from "@/core/words/message";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { SCALE_STEPS } from "@/ui/parts/scaleSteps";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import { Said } from "@/ui/parts/Said";
import { useYarnOfRow } from "./useYarnOfRow";
import { Sheet } from "@/ui/parts/Sheet";
import { Tick } from "@/ui/parts/Tick";
import { useEntered } from "@/ui/parts/useEntered";
import type { KnitRow } from "@/core/knitting/knitRows";
import { Lasts, reachesOf } from "./Lasts";

interface WeighSheetProps {
  readonly piece: Piece;
  readonly row: KnitRow | null;
  readonly progress: Progress;
  readonly onOpenChange: (open: boolean) => void;
}

/** Whether nobody has told yet with which ball of a yarn a piece was begun, nor weighed one since. */
const isFirstOf = (
  { joins, weighings }: Progress,
  { yarnId, ...of }: { readonly pieceId: string; readonly copy: number; readonly yarnId: string },
) =>
  [...joins, ...weighings].every(
    ({ event }) => keyOfPlace(event) !== keyOfPlace(of) || event.yarnId !== yarnId,
  );

/** The ball in hand on the scale: how far it goes, before it is written into the log. */
export function WeighSheet({ piece, row, progress, onOpenChange }: WeighSheetProps) {
  const { pieceId, copy, rows, all } = piece;
  const { yarnId, choice } = useYarnOfRow(row);
  const [step, setStep] = useState<(typeof SCALE_STEPS)[number]["value"]>("1");
  const left = useEntered(ENTERED.ballLeft, "");
  const wrap = useEntered(ENTERED.wrap, "");
  const massG = left.value === null ? null : left.value - (wrap.value ?? 0);
  const [whole, setWhole] = useState(false);
  const unknown = isFirstOf(progress, { pieceId, copy, yarnId });
  const others = useEntered(ENTERED.balls, "");
  const spare = others.value ?? 0;
  const tooLight = massG !== null && massG <= 0;
  const asked = useMemo(
    () =>
      massG === null || massG <= 0
        ? undefined
        : {
            ball: { pieceId, yarnId, row: rows, massG, stepG: Number(step) },
            rows,
            to: reachesOf(row, all).map((reach) => reach.rows),
            spare,
          },
    [pieceId, yarnId, rows, massG, step, row, all, spare],
  );
  const { told, current } = useAsked("lasts", asked);
  return (
    <Sheet open onOpenChange={onOpenChange} title="Weigh the ball in hand">
      <form
        className="mt-3 grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (massG === null || tooLight) return;
          if (whole && unknown) tellBegun({ pieceId, copy }, yarnId);
          tellLog({ kind: "weighed", pieceId, copy, yarnId, massG, stepG: Number(step) });
          onOpenChange(false);
        }}
      >
        {choice}
        <div className="grid grid-cols-2 gap-x-3">
          <MeasureInput
            label="The scale shows"
            {...left.input}
            example={say("exampleMass", { g: 23 })}
            wrong={tooLight ? "The bag weighs as much as that: nothing is left." : left.input.wrong}
          />
          <MeasureInput label="of it bag or bowl" {...wrap.input} example="nothing" />
        </div>
        <div className="text-sm">
          <p aria-hidden>The scale goes in steps of</p>
          <Choice label="Steps of the scale" options={SCALE_STEPS} value={step} onChange={setStep} />
        </div>
        {unknown && rows > 0 && (
          <Tick checked={whole} onChange={setWhole}>
            I began this piece with it, whole: then this tells what my rows take
          </Tick>
        )}
        {told?.stop && (
          <div className="w-1/2 pr-1.5">
            <MeasureInput label="Whole balls beside it" {...others.input} example="none" />
          </div>
        )}
        <div aria-live="polite" className="min-h-36 border-t border-line pt-2">
          {asked &&
            current &&
            (told ? (
              <Lasts told={told} ball={asked.ball} row={row} rows={rows} all={all} whole spare={spare} />
            ) : (
              <Said>{say("noMassNoBall")}</Said>
            ))}
        </div>
        <div className="flex justify-end">
          <Button submits look="main" disabled={massG === null || tooLight}>
            Save
          </Button>
        </div>
      </form>
    </Sheet>
  );
}
