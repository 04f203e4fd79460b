"use client";
import { COUNTS } from "@/core/project/bounds";
import { DYED_WORDS } from "@/core/project/label";
import { readCount } from "@/core/units/count";
import { editOwnYarn } from "@/state/buying/swap";
import { useProjectPart, typed } from "@/state/project/projectStore";
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
        <label className="text-sm">
          Colour as it looks
          <input
            type="color"
            value={yarn.colour}
            onChange={({ target }) => typed(() => editOwnYarn({ colour: target.value }))}
            className="mt-0.5 block h-10 w-full rounded-lg border border-edge bg-paper p-1"
          />
        </label>
        <FibresField fibres={yarn.fibres} onText={(fibres) => editOwnYarn({ fibres })} />
        <ValueField<number>
          of={yarn.id}
          label="Plies"
          value={yarn.plies}
          tell={String}
          read={(text) => readCount(text, COUNTS.plies)}
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
