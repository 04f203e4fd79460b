"use client";
import { ENTERED } from "@/core/project/enteredFigures";
import type { KnitRow } from "@/core/knitting/knitRows";
import { say } from "@/core/words/message";
import { tellLog } from "@/state/project/log";
import type { Piece } from "@/state/engine/knitting";
import { Button } from "@/ui/parts/Button";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import { useYarnOfRow } from "./useYarnOfRow";
import { Sheet } from "@/ui/parts/Sheet";
import { useEntered } from "@/ui/parts/useEntered";

interface JoinSheetProps {
  readonly piece: Piece;
  readonly row: KnitRow | null;
  readonly onOpenChange: (open: boolean) => void;
}

/** Another ball is begun: what it weighs, and what is left of the one before. Both may be left open. */
export function JoinSheet({ piece: { pieceId, copy, rows }, row, onOpenChange }: JoinSheetProps) {
  const { yarnId, choice } = useYarnOfRow(row);
  const whole = useEntered(ENTERED.ballLeft, "");
  const left = useEntered(ENTERED.leftOver, "");
  const wrong = [whole, left].some(({ input }) => input.wrong !== undefined);
  return (
    <Sheet
      open
      onOpenChange={onOpenChange}
      title={rows === 0 ? "The ball to begin with" : `A new ball before row ${rows + 1}`}
    >
      <form
        className="mt-3 grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (wrong) return;
          tellLog({ kind: "joined", pieceId, copy, yarnId, massG: whole.value, leftG: left.value });
          onOpenChange(false);
        }}
      >
        {choice}
        <div className="grid grid-cols-2 gap-x-3">
          <MeasureInput label="The new ball weighs" {...whole.input} example="as its label says" />
          {rows > 0 && (
            <MeasureInput
              label="Left of the old one"
              {...left.input}
              example={say("exampleMass", { g: 2 })}
            />
          )}
        </div>
        <p className="text-sm text-faint">
          Balls are often a little heavier or lighter than their label. Weighed ones tell at the next weighing
          what your rows take.
        </p>
        <div className="flex justify-end">
          <Button submits look="main" disabled={wrong}>
            Save
          </Button>
        </div>
      </form>
    </Sheet>
  );
}
