"use client";
import { ENTERED } from "@/core/project/enteredFigures";
import { DYED_WORDS } from "@/core/project/label";
import { editOwnYarn } from "@/state/buying/swap";
import { useProjectPart } from "@/state/project/projectStore";
import { ColourField } from "@/ui/parts/Colour";
import { Select } from "@/ui/parts/Select";
import { Sheet } from "@/ui/parts/Sheet";
import { ValueField } from "@/ui/parts/ValueField";
import { WordsField } from "@/ui/parts/WordsField";
import { FibresField } from "@/ui/shelf/FibresField";

const DYES = DYED_WORDS.map(([value, label]) => ({ value, label }));

/** What of the pattern's own yarn says how clearly its cables show; the rest of it is typed on the Pieces bench. */
export function OwnSheet({ onClose }: { readonly onClose: () => void }) {
  const yarn = useProjectPart(({ yarns }) => yarns[0]);
  if (!yarn) return null;
  return (
    <Sheet open onOpenChange={(open) => !open && onClose()} title={yarn.name || "The pattern’s yarn"}>
      <div className="mt-3 grid grid-cols-2 gap-x-3 gap-y-1">
        <WordsField label="Name and colour" value={yarn.name} onText={(name) => editOwnYarn({ name })} />
        <ColourField
          label="Colour as it looks"
          value={yarn.colour}
          onColour={(colour) => editOwnYarn({ colour })}
        />
        <FibresField fibres={yarn.fibres} onText={(fibres) => editOwnYarn({ fibres })} />
        <ValueField
          of={yarn.id}
          label="Plies"
          value={yarn.plies}
          figure={ENTERED.plies}
          optional
          example="e.g. 4"
          onValue={(plies) => editOwnYarn({ plies })}
        />
        <Select label="Dyed in" options={DYES} value={yarn.dyed} onChange={(dyed) => editOwnYarn({ dyed })} />
      </div>
      <p className="mt-3 text-sm text-faint">
        Its put-up, gauge and needle are on the Pieces bench; its swatches count more than they do.
      </p>
    </Sheet>
  );
}
