"use client";
import { Trash2 } from "lucide-react";
import { toast } from "@/ui/parts/toast";
import { change, typed, useProjectPart } from "@/state/project/projectStore";
import { chosenOf, useChosenPiece, chooseYarn, useChosenYarn } from "@/state/chosen/chosen";
import { addYarn, editYarn, MOST_YARNS, removeYarn } from "@/state/project/yarns";
import { ColourDot } from "@/ui/parts/Colour";
import { IconButton } from "@/ui/parts/IconButton";
import { AddPill, Pill } from "@/ui/parts/Pills";
import { undoable } from "@/ui/parts/undoable";

/** The yarns of the project, one of them open: its name, its colour, and whether the piece is knitted with it. */
export function YarnTabs() {
  const yarns = useProjectPart((project) => project.yarns);
  const { id, name, colour } = useChosenYarn();
  const piece = useChosenPiece();
  const remove = () => {
    removeYarn();
    toast.success(`${name} is deleted`, undoable);
  };
  return (
    <div className="mt-2 mb-2 border-b border-line pb-2">
      <div role="group" aria-label="Yarns" className="flex flex-wrap gap-1.5">
        {yarns.map((yarn) => (
          <Pill key={yarn.id} chosen={yarn.id === id} onChoose={() => chooseYarn(yarn.id)}>
            <ColourDot colour={yarn.colour} />
            <span className="truncate">{yarn.name || "Yarn"}</span>
          </Pill>
        ))}
        <AddPill disabled={yarns.length >= MOST_YARNS} onAdd={addYarn}>
          Yarn
        </AddPill>
      </div>
      <div className="mt-1.5 flex flex-wrap items-center gap-1">
        <input
          aria-label="Name of the yarn"
          value={name}
          maxLength={120}
          onChange={({ target }) => typed(() => editYarn({ name: target.value }))}
          className="min-w-0 flex-1 rounded-lg border border-edge bg-paper px-2.5 py-1"
        />
        <input
          type="color"
          aria-label="Colour of the yarn"
          value={colour}
          onChange={({ target }) => typed(() => editYarn({ colour: target.value }))}
          className="h-9 w-12 rounded-lg border border-edge bg-paper p-1"
        />
        {yarns.length > 1 && (
          <>
            <IconButton label="Delete the yarn" icon={Trash2} onClick={remove} />
            <label className="flex items-center gap-1.5 text-sm">
              <input
                type="checkbox"
                className="accent-ink"
                checked={piece.yarnId === id}
                disabled={piece.yarnId === id}
                onChange={() =>
                  change("yarn of piece", (draft) => {
                    chosenOf(draft).yarnId = id;
                  })
                }
              />
              {piece.name || "the piece"} is of it
            </label>
          </>
        )}
      </div>
    </div>
  );
}
