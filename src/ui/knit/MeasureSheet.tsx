"use client";
import { ENTERED } from "@/core/project/enteredFigures";
import { say } from "@/core/words/message";
import { tellLog } from "@/state/project/log";
import type { Piece } from "@/state/engine/knitting";
import { Button } from "@/ui/parts/Button";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import { Said } from "@/ui/parts/Said";
import { Sheet } from "@/ui/parts/Sheet";
import { useEntered } from "@/ui/parts/useEntered";

interface MeasureSheetProps {
  readonly piece: Piece;
  readonly onOpenChange: (open: boolean) => void;
}

/** A piece measured on the needles: the row gauge that follows, before it is written into the log. */
export function MeasureSheet({ piece: { pieceId, copy, name, rows, all }, onOpenChange }: MeasureSheetProps) {
  const height = useEntered(ENTERED.along, "");
  const mass = useEntered(ENTERED.ballLeft, "");
  return (
    <Sheet open onOpenChange={onOpenChange} title={`Measure ${name}`}>
      <form
        className="mt-3 flex items-start gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (height.value === null || rows === 0) return;
          tellLog({ kind: "measured", pieceId, copy, heightMm: height.value });
          onOpenChange(false);
        }}
      >
        <div className="grow">
          <MeasureInput
            label="From its first row to the needles"
            {...height.input}
            wrong={rows === 0 ? "No row is worked yet." : height.input.wrong}
          />
        </div>
        <Button submits look="main" className="mt-6" disabled={height.value === null || rows === 0}>
          Save
        </Button>
      </form>
      <p className="mt-1 text-sm text-faint">
        Laid flat and not pulled, before any bath.{" "}
        {height.value !== null && rows > 0 && (
          <Said>{say("rowGaugeFollows", { rows, per10Cm: (100 * rows) / height.value })}</Said>
        )}
      </p>
      {rows >= all && (
        <form
          className="mt-3 flex items-start gap-3 border-t border-line pt-3"
          onSubmit={(event) => {
            event.preventDefault();
            if (mass.value === null) return;
            tellLog({ kind: "pieceWeighed", pieceId, copy, massG: mass.value, stepG: 1 });
            onOpenChange(false);
          }}
        >
          <div className="grow">
            <MeasureInput label="The whole piece weighs, nothing sewn yet" {...mass.input} />
          </div>
          <Button submits className="mt-6" disabled={mass.value === null}>
            Save
          </Button>
        </form>
      )}
    </Sheet>
  );
}
