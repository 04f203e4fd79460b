"use client";
import { COUNTS } from "@/core/project/bounds";
import type { ShelfEntry } from "@/core/project/shelf";
import { grams } from "@/core/units/brands";
import { readCount } from "@/core/units/count";
import { formatMassFine } from "@/core/units/format";
import { readMass } from "@/core/units/mass";
import { formatMoney, readMoney } from "@/core/units/money";
import { read, type Reading } from "@/core/units/reading";
import { useUnits } from "@/state/keeping/settings";
import { editEntries } from "@/state/buying/shelf";
import { Sheet } from "@/ui/parts/Sheet";
import { ValueField } from "@/ui/parts/ValueField";
import { WordsField } from "@/ui/parts/WordsField";
import { LabelFields } from "./LabelFields";

interface EntrySheetProps {
  readonly entry: ShelfEntry;
  readonly onClose: () => void;
}

const PART_G = {
  least: 0.1,
  most: 2000,
  tooSmall: "Under a tenth of a gram is not worth keeping: check the unit.",
  tooLarge: "Over 2 kg is no part of a ball: check the unit.",
} as const;

/** Everything of one yarn on the shelf. */
export function EntrySheet({ entry, onClose }: EntrySheetProps) {
  const units = useUnits();
  const edit = (what: string, part: Partial<ShelfEntry>) =>
    editEntries([entry.id], what, (draft) => Object.assign(draft, part));
  const readParts = (text: string): Reading<number[]> => {
    const parts: number[] = [];
    for (const one of text.split(/[;+]|,\s/).filter((part) => part.trim() !== "")) {
      const mass = readMass(one, units, PART_G);
      if (!mass.ok) return mass;
      parts.push(mass.value);
    }
    return read(parts);
  };
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
          <ValueField<number>
            of={entry.id}
            label="Whole balls"
            value={entry.balls}
            tell={String}
            read={(text) => readCount(text, COUNTS.balls)}
            onValue={(balls) => balls !== null && edit("balls", { balls })}
          />
          <WordsField label="Dye lot" value={entry.lot} most={60} onText={(lot) => edit("lot", { lot })} />
          <ValueField<number[]>
            of={entry.id}
            label="Part balls, by weight"
            value={entry.partsG.length > 0 ? entry.partsG : null}
            tell={(parts) => parts.map((part) => formatMassFine(grams(part), units)).join("; ")}
            read={readParts}
            optional
            example="32 g; 14 g"
            onValue={(partsG) => edit("parts", { partsG: partsG ?? [] })}
          />
          <ValueField<number>
            of={entry.id}
            label="Price of a ball"
            value={entry.price}
            tell={formatMoney}
            read={readMoney}
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
