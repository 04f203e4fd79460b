"use client";
import { Copy, Trash2 } from "lucide-react";
import { toast } from "@/ui/parts/toast";
import type { Swatch } from "@/core/project/swatches";
import { useProject } from "@/state/project/projectStore";
import { chooseSwatch } from "@/state/chosen/chosen";
import {
  addPatternSwatch,
  addPlainSwatch,
  cabledSection,
  copySwatch,
  editSwatch,
  MOST_SWATCHES,
  removeSwatch,
} from "@/state/project/swatches";
import { IconButton } from "@/ui/parts/IconButton";
import { AddPill, Pill } from "@/ui/parts/Pills";
import { undoable } from "@/ui/parts/undoable";
import { WordsField } from "@/ui/parts/WordsField";

/** The swatches of the project, one of them open; what can be done with it. */
export function SwatchTabs({ swatch }: { readonly swatch: Swatch }) {
  const project = useProject();
  const { swatches } = project;
  const full = swatches.length >= MOST_SWATCHES;
  const remove = () => {
    removeSwatch();
    toast.success(`${swatch.name || "The swatch"} is deleted`, undoable);
  };
  return (
    <div className="mt-2 mb-2 border-b border-line pb-2">
      <div role="group" aria-label="Swatches" className="flex flex-wrap gap-1.5">
        {swatches.map((one) => (
          <Pill key={one.id} chosen={one.id === swatch.id} onChoose={() => chooseSwatch(one.id)}>
            <span className="truncate">{one.name || "Swatch"}</span>
          </Pill>
        ))}
        <AddPill disabled={full} onAdd={addPlainSwatch}>
          Plain
        </AddPill>
        {cabledSection(project) && (
          <AddPill disabled={full} onAdd={addPatternSwatch}>
            Pattern
          </AddPill>
        )}
      </div>
      <div className="mt-1.5 flex items-center gap-1">
        <WordsField
          labelHidden
          label="Name of the swatch"
          value={swatch.name}
          onText={(text) =>
            editSwatch("name", (one) => {
              one.name = text;
            })
          }
          className="flex-1"
        />
        <IconButton
          label="Copy the swatch, its readings left out"
          icon={Copy}
          disabled={full}
          onClick={copySwatch}
        />
        <IconButton label="Delete the swatch" icon={Trash2} onClick={remove} />
      </div>
    </div>
  );
}
