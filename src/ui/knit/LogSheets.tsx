"use client";
import { useState } from "react";
import { ENTERED } from "@/core/project/enteredFigures";
import { tellLog } from "@/state/project/log";
import type { Piece } from "@/state/engine/knitting";
import { Button } from "@/ui/parts/Button";
import { MeasureInput } from "@/ui/parts/MeasureInput";
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
      <form
        className="mt-3 flex items-start gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (ripped.value === null || tooMany) return;
          tellLog({ kind: "rippedBack", pieceId, copy, rows: ripped.value });
          onOpenChange(false);
        }}
      >
        <div className="grow">
          <MeasureInput
            label="Rows ripped back"
            {...ripped.input}
            wrong={tooMany ? `Only ${rows} are done.` : ripped.input.wrong}
          />
        </div>
        <Button submits look="main" className="mt-6" disabled={ripped.value === null || tooMany}>
          Rip back
        </Button>
      </form>
      <form
        className="mt-3 flex items-start gap-3 border-t border-line pt-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (at.value === null) return;
          tellLog({ kind: "atRow", pieceId, copy, rows: at.value });
          onOpenChange(false);
        }}
      >
        <div className="grow">
          <MeasureInput label="Rows done, as I count them" {...at.input} says={`of ${piece.all}`} />
        </div>
        <Button submits className="mt-6" disabled={at.value === null}>
          Set
        </Button>
      </form>
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
