"use client";
import { ENTERED } from "@/core/project/enteredFigures";
import { say } from "@/core/words/message";
import { tellLog } from "@/state/project/log";
import type { Piece } from "@/state/engine/knitting";
import { FigureForm } from "./FigureForm";
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
      <div className="mt-3">
        <FigureForm
          label="From its first row to the needles"
          field={height}
          wrong={rows === 0 ? "No row is worked yet." : undefined}
          act="Save"
          look="main"
          onFigure={(heightMm) => {
            tellLog({ kind: "measured", pieceId, copy, heightMm });
            onOpenChange(false);
          }}
        />
      </div>
      <p className="mt-1 text-sm text-faint">
        Laid flat and not pulled, before any bath.{" "}
        {height.value !== null && rows > 0 && (
          <Said>{say("rowGaugeFollows", { rows, per10Cm: (100 * rows) / height.value })}</Said>
        )}
      </p>
      {rows >= all && (
        <div className="mt-3 border-t border-line pt-3">
          <FigureForm
            label="The whole piece weighs, nothing sewn yet"
            field={mass}
            act="Save"
            onFigure={(massG) => {
              tellLog({ kind: "pieceWeighed", pieceId, copy, massG, stepG: 1 });
              onOpenChange(false);
            }}
          />
        </div>
      )}
    </Sheet>
  );
}
