/** The pieces of the project: added, copied, mirrored, moved, taken out; every step can be undone. */
import { freshId } from "./freshId";
import type { Draft } from "immer";
import { COUNTS } from "@/core/project/bounds";
import { emptyPiece, type ProjectPiece } from "@/core/project/project";
import { nearestCount } from "@/core/typed/count";
import { choosePiece, chosenOf } from "../chosen/chosen";
import { forgetTexts } from "./forget";
import { change, useProjectStore } from "./projectStore";
import { freshSectionId } from "./sections";

/** More pieces than this are not kept in one project. */
export const MOST_PIECES = 40;

function put(what: string, piece: ProjectPiece, typed: Readonly<Record<string, string>> = {}) {
  if (useProjectStore.getState().project.pieces.length >= MOST_PIECES) return;
  change(what, (draft) => {
    const at = draft.pieces.findIndex(({ id }) => id === chosenOf(draft).id);
    draft.pieces.splice(at + 1, 0, piece as Draft<ProjectPiece>);
    Object.assign(draft.typed, typed);
  });
  choosePiece(piece.id);
}

/** Begins a new piece behind the chosen one. */
export const addPiece = () => put("add piece", emptyPiece(freshId("piece"), "New piece"));

/** Copies the chosen piece with what was typed for it; a mirrored copy has its crossings lean the other way. */
export function copyPiece(mirrored: boolean) {
  const { project } = useProjectStore.getState();
  const piece = chosenOf(project);
  const id = freshId("piece");
  const renamed = new Map(piece.sections.map((section) => [section.id, freshSectionId()]));
  const typed = Object.entries(project.typed).flatMap(([key, text]) => {
    const [field = "", of = ""] = key.split(" ");
    const to = of === piece.id ? id : renamed.get(of);
    return to === undefined ? [] : [[`${field} ${to}`, text] as const];
  });
  put(
    "copy piece",
    {
      ...piece,
      id,
      name: `${piece.name}, ${mirrored ? "mirrored" : "copy"}`.slice(0, 120),
      mirrored: mirrored ? !piece.mirrored : piece.mirrored,
      sections: piece.sections.map((section) => ({ ...section, id: renamed.get(section.id) ?? section.id })),
    },
    Object.fromEntries(typed),
  );
}

/** Takes the chosen piece out, if another one is left. */
export function removePiece() {
  change("remove piece", (draft) => {
    const { id, sections } = chosenOf(draft);
    if (draft.pieces.length === 1) return;
    forgetTexts(draft, [id, ...sections.map((section) => section.id)]);
    draft.pieces = draft.pieces.filter((piece) => piece.id !== id);
    // What was sewn to it is sewn to nothing: its seams go with it.
    draft.seams = draft.seams.filter(({ of, to }) => of?.pieceId !== id && to?.pieceId !== id);
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
