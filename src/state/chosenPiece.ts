/** Which piece is open on the bench. Not part of the project: another piece may be open in another tab. */
import { create } from "zustand";
import type { Project } from "@/core/files/project";
import { useProjectPart } from "./projectStore";

const useChosen = create<{ readonly id: string | null }>()(() => ({ id: null }));

export const choosePiece = (id: string) => useChosen.setState({ id });

const pick = (pieces: Project["pieces"], id: string | null) =>
  pieces.find((piece) => piece.id === id) ?? (pieces[0] as Project["pieces"][number]);

/** The chosen piece of a project, or of a draft of it; the first where the chosen one is gone. */
export const chosenOf = ({ pieces }: Pick<Project, "pieces">) => pick(pieces, useChosen.getState().id);

/** The chosen piece; what shows it follows when another is chosen. */
export function useChosenPiece() {
  const id = useChosen((state) => state.id);
  return useProjectPart(({ pieces }) => pick(pieces, id));
}
