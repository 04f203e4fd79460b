"use client";
import { useState } from "react";
import { ENTERED } from "@/core/project/enteredFigures";
import { tellLog } from "@/state/project/log";
import type { Piece } from "@/state/engine/knitting";
import { Button } from "@/ui/parts/Button";
import { FigureForm } from "./FigureForm";
import { Sheet } from "@/ui/parts/Sheet";
import { useEntered } from "@/ui/parts/useEntered";
import { WordsField } from "@/ui/parts/WordsField";

interface SheetProps {
  readonly piece: Piece;
  readonly onOpenChange: (open: boolean) => void;
}

/** Rows ripped back, or how many there really are. */
export function RipSheet({ piece, onOpenChange }: SheetProps) {
  const { pieceId, copy, rows } = piece;
  const ripped = useEntered(ENTERED.rows, "");
  const at = useEntered(ENTERED.rowsDone, String(rows));
  const tooMany = ripped.value !== null && ripped.value > rows;
  return (
    <Sheet open onOpenChange={onOpenChange} title={`${piece.name}, ${rows} rows done`}>
      <div className="mt-3">
        <FigureForm
          label="Rows ripped back"
          field={ripped}
          wrong={tooMany ? `Only ${rows} are done.` : undefined}
          act="Rip back"
          look="main"
          onFigure={(count) => {
            tellLog({ kind: "rippedBack", pieceId, copy, rows: count });
            onOpenChange(false);
          }}
        />
      </div>
      <div className="mt-3 border-t border-line pt-3">
        <FigureForm
          label="Rows done, as I count them"
          field={at}
          says={`of ${piece.all}`}
          act="Set"
          onFigure={(count) => {
            tellLog({ kind: "atRow", pieceId, copy, rows: count });
            onOpenChange(false);
          }}
        />
      </div>
    </Sheet>
  );
}

/** A note at the row in hand. */
export function NoteSheet({ piece: { pieceId, copy, name, rows }, onOpenChange }: SheetProps) {
  const [text, setText] = useState("");
  return (
    <Sheet open onOpenChange={onOpenChange} title={`Note at row ${rows} of ${name}`}>
      <form
        className="mt-3 grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (text.trim() === "") return;
          tellLog({ kind: "note", pieceId, copy, text: text.trim() });
          onOpenChange(false);
        }}
      >
        <WordsField label="Note" value={text} onText={setText} most={2000} lines={4} />
        <Button submits look="main" className="justify-self-end" disabled={text.trim() === ""}>
          Save
        </Button>
      </form>
    </Sheet>
  );
}
