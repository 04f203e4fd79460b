"use client";
import { Tick } from "@/ui/parts/Tick";
import { Toolbar } from "@/ui/parts/Toolbar";
import { Trash2 } from "lucide-react";
import { useState } from "react";
import { lazily } from "@/ui/parts/lazily";
import { toast } from "@/ui/parts/toast";
import { change, useProjectPart } from "@/state/project/projectStore";
import { chosenOf, useChosenPiece, chooseYarn, useChosenYarn } from "@/state/chosen/chosen";
import { addYarn, editYarn, MOST_YARNS, removeYarn } from "@/state/project/yarns";
import { ColourDot, ColourField } from "@/ui/parts/Colour";
import { IconButton } from "@/ui/parts/IconButton";
import { AddPill, Pill } from "@/ui/parts/Pills";
import { undoable } from "@/ui/parts/undoable";
import { WordsField } from "@/ui/parts/WordsField";

const TakeSheet = lazily(
  "Yarns of your other projects",
  () => import("@/ui/projects/TakeSheet").then((file) => file.TakeSheet),
  { close: ({ onClose }) => onClose() },
);

/** The yarns of the project, one of them open: its name, its colour, and whether the piece is knitted with it. */
export function YarnTabs() {
  const yarns = useProjectPart((project) => project.yarns);
  const { id, name, colour } = useChosenYarn();
  const piece = useChosenPiece();
  const [taking, setTaking] = useState(false);
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
        <AddPill disabled={yarns.length >= MOST_YARNS} onAdd={() => setTaking(true)}>
          From another project
        </AddPill>
      </div>
      {taking && <TakeSheet what="yarns" onClose={() => setTaking(false)} />}
      <Toolbar className="mt-1.5">
        <WordsField
          labelHidden
          label="Name of the yarn"
          value={name}
          onText={(text) => editYarn({ name: text })}
          className="flex-1"
        />
        <ColourField
          labelHidden
          label="Colour of the yarn"
          value={colour}
          onColour={(wanted) => editYarn({ colour: wanted })}
        />
        {yarns.length > 1 && (
          <>
            <IconButton label="Delete the yarn" icon={Trash2} onClick={remove} />
            <Tick
              className="text-sm"
              checked={piece.yarnId === id}
              disabled={piece.yarnId === id}
              onChange={() =>
                change("yarn of piece", (draft) => {
                  chosenOf(draft).yarnId = id;
                })
              }
            >
              {piece.name || "the piece"} is knitted in it
            </Tick>
          </>
        )}
      </Toolbar>
    </div>
  );
}
