"use client";
import { useState } from "react";
import { ENTERED } from "@/core/project/enteredFigures";
import { keepPhoto } from "@/state/keeping/photos";
import { freshId } from "@/state/project/freshId";
import { tellLog } from "@/state/project/log";
import type { Piece } from "@/state/engine/knitting";
import { Button } from "@/ui/parts/Button";
import { FigureForm } from "./FigureForm";
import { PhotoButton } from "@/ui/parts/PhotoButton";
import { Sheet } from "@/ui/parts/Sheet";
import { toast } from "@/ui/parts/toast";
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
  const needle = useEntered(ENTERED.needle, "");
  const takePhoto = async (file: File) => {
    const id = freshId("photo");
    try {
      await keepPhoto(id, file);
      tellLog({ kind: "photo", pieceId, copy }, id);
      onOpenChange(false);
    } catch (problem) {
      toast.error(problem instanceof Error ? problem.message : "The photo could not be saved.");
    }
  };
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
      <div className="mt-3 grid gap-3 border-t border-line pt-3">
        <FigureForm
          label="From here on another needle"
          field={needle}
          act="Save"
          onFigure={(needleMm) => {
            tellLog({ kind: "needleChanged", pieceId, copy, needleMm });
            onOpenChange(false);
          }}
        />
        <div className="flex flex-wrap items-center gap-2">
          <PhotoButton onPhoto={(file) => void takePhoto(file)}>Add a photo</PhotoButton>
          <Button
            onClick={() => {
              tellLog({ kind: "paused", pieceId, copy });
              onOpenChange(false);
            }}
          >
            I take a break
          </Button>
        </div>
        <p className="text-sm text-faint">
          Photos stay in this browser. A break does not count in how quickly you knit.
        </p>
      </div>
    </Sheet>
  );
}
