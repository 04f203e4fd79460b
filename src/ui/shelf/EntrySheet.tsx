"use client";
import { say } from "@/core/words/message";
import { ENTERED } from "@/core/project/enteredFigures";
import type { ShelfEntry } from "@/core/project/shelf";
import { editEntries } from "@/state/buying/shelf";
import { Sheet } from "@/ui/parts/Sheet";
import { ValueField } from "@/ui/parts/ValueField";
import { WordsField } from "@/ui/parts/WordsField";
import { LabelFields } from "./LabelFields";

interface EntrySheetProps {
  readonly entry: ShelfEntry;
  readonly onClose: () => void;
}

/** Everything of one yarn on the shelf. */
export function EntrySheet({ entry, onClose }: EntrySheetProps) {
  const edit = (what: string, part: Partial<ShelfEntry>) =>
    editEntries([entry.id], what, (draft) => Object.assign(draft, part));
  return (
    <Sheet open onOpenChange={(open) => !open && onClose()} title={entry.label.name || "A yarn"}>
      <div className="mt-3 grid gap-1">
        <LabelFields
          of={entry.id}
          label={entry.label}
          onLabel={(what, part) =>
            editEntries([entry.id], `label ${what}`, (draft) => Object.assign(draft.label, part))
          }
        />
        <div className="mt-2 grid grid-cols-2 gap-x-3 gap-y-1 border-t border-line pt-2">
          <ValueField
            of={entry.id}
            label="Whole balls"
            value={entry.balls}
            figure={ENTERED.balls}
            onValue={(balls) => balls !== null && edit("balls", { balls })}
          />
          <WordsField label="Dye lot" value={entry.lot} most={60} onText={(lot) => edit("lot", { lot })} />
          <ValueField
            of={entry.id}
            label="Part balls, by weight"
            value={entry.partsG.length > 0 ? entry.partsG : null}
            figure={ENTERED.partBalls}
            optional
            example={say("exampleParts")}
            onValue={(partsG) => edit("parts", { partsG: partsG ?? [] })}
          />
          <ValueField
            of={entry.id}
            label="Price of a ball"
            value={entry.price}
            figure={ENTERED.price}
            optional
            example="e.g. 4.90"
            onValue={(price) => edit("price", { price })}
          />
          <WordsField
            label="Where it is kept"
            value={entry.place}
            onText={(place) => edit("place", { place })}
          />
          <WordsField
            label="Notes"
            value={entry.notes}
            most={2000}
            onText={(notes) => edit("notes", { notes })}
          />
        </div>
        {entry.reserved.length > 0 && (
          <p className="mt-1 text-sm">
            Reserved: {entry.reserved.map(({ project, balls }) => `${balls} for ${project}`).join(", ")}
          </p>
        )}
      </div>
    </Sheet>
  );
}
