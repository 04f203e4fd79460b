/** The pieces of the project: added, copied, mirrored, moved, taken out; every step can be undone. */
import type { Draft } from "immer";
import { COUNTS } from "@/core/files/bounds";
import { emptyProject, type ProjectPiece } from "@/core/files/project";
import { nearestCount } from "@/core/units/count";
import { choosePiece, chosenOf } from "./chosenPiece";
import { change, useProjectStore } from "./projectStore";

const freshId = () => `piece-${crypto.randomUUID().slice(0, 8)}`;

/** More pieces than this are not kept in one project. */
export const MOST_PIECES = 40;

function put(what: string, piece: ProjectPiece) {
  if (useProjectStore.getState().project.pieces.length >= MOST_PIECES) return;
  change(what, ({ pieces }) => {
    const at = pieces.findIndex(({ id }) => id === chosenOf({ pieces }).id);
    pieces.splice(at + 1, 0, piece as Draft<ProjectPiece>);
  });
  choosePiece(piece.id);
}

/** Begins a new piece behind the chosen one. */
export function addPiece() {
  const [piece] = emptyProject().pieces;
  if (piece) put("add piece", { ...piece, id: freshId(), name: "New piece" });
}

/** Copies the chosen piece; a mirrored copy has its crossings lean the other way. */
export function copyPiece(mirrored: boolean) {
  const piece = chosenOf(useProjectStore.getState().project);
  const lean = piece.lean === "left" ? ("right" as const) : ("left" as const);
  const turned =
    piece.across.length > 0 ? { mirrored: !piece.mirrored, across: piece.across.toReversed() } : { lean };
  put("copy piece", {
    ...piece,
    id: freshId(),
    name: `${piece.name}, ${mirrored ? "mirrored" : "copy"}`.slice(0, 120),
    ...(mirrored ? turned : {}),
  });
}

/** Takes the chosen piece out, if another one is left. */
export function removePiece() {
  change("remove piece", (draft) => {
    const { id } = chosenOf(draft);
    if (draft.pieces.length > 1) draft.pieces = draft.pieces.filter((piece) => piece.id !== id);
  });
}

export function renamePiece(name: string) {
  change("piece name", (draft) => {
    chosenOf(draft).name = name.slice(0, 120);
  });
}

/** Works the chosen piece once more or once less. */
export function workPiece(by: 1 | -1) {
  change("piece times", (draft) => {
    const piece = chosenOf(draft);
    piece.times = nearestCount(piece.times + by, COUNTS.times);
  });
}
