"use client";
import { Toolbar } from "@/ui/parts/Toolbar";
import { Copy, FlipHorizontal2, Minus, Plus, Trash2 } from "lucide-react";
import { toast } from "@/ui/parts/toast";
import { choosePiece, useChosenPiece } from "@/state/chosen/chosen";
import {
  addPiece,
  copyPiece,
  MOST_PIECES,
  removePiece,
  renamePiece,
  workPiece,
} from "@/state/project/pieces";
import { useProjectPart } from "@/state/project/projectStore";
import { IconButton } from "@/ui/parts/IconButton";
import { AddPill, Pill } from "@/ui/parts/Pills";
import { undoable } from "@/ui/parts/undoable";
import { WordsField } from "@/ui/parts/WordsField";

/** The pieces of the project, one of them open; what can be done with it. */
export function PieceTabs() {
  const pieces = useProjectPart((project) => project.pieces);
  const { id, name, times } = useChosenPiece();
  const full = pieces.length >= MOST_PIECES;
  const remove = () => {
    removePiece();
    toast.success(`${name || "The piece"} is deleted`, undoable);
  };
  return (
    <div className="mt-2 mb-2 border-b border-line pb-2">
      <div role="group" aria-label="Pieces" className="flex flex-wrap gap-1.5">
        {pieces.map((piece) => (
          <Pill key={piece.id} chosen={piece.id === id} onChoose={() => choosePiece(piece.id)}>
            <span className="truncate">
              {piece.name || "Piece"}
              {piece.times > 1 && ` ×${piece.times}`}
            </span>
          </Pill>
        ))}
        <AddPill disabled={full} onAdd={addPiece}>
          Piece
        </AddPill>
      </div>
      <Toolbar className="mt-1.5">
        <WordsField
          labelHidden
          label="Name of the piece"
          value={name}
          onText={renamePiece}
          className="flex-1 max-sm:basis-full"
        />
        <IconButton
          label="Work it once less"
          icon={Minus}
          disabled={times === 1}
          onClick={() => workPiece(-1)}
        />
        <span className="min-w-7 text-center" aria-label={`worked ${times} times`}>
          ×{times}
        </span>
        <IconButton label="Work it once more" icon={Plus} onClick={() => workPiece(1)} />
        <IconButton label="Copy the piece" icon={Copy} disabled={full} onClick={() => copyPiece(false)} />
        <IconButton
          label="Copy it mirrored"
          icon={FlipHorizontal2}
          disabled={full}
          onClick={() => copyPiece(true)}
        />
        <IconButton label="Delete the piece" icon={Trash2} disabled={pieces.length === 1} onClick={remove} />
      </Toolbar>
    </div>
  );
}
