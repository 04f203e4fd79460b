/** Which piece and section are open on the bench. Not part of the project: another tab may have others open. */
import type { Draft } from "immer";
import { create } from "zustand";
import type { Project, ProjectPiece } from "@/core/files/project";
import type { ProjectSection } from "@/core/files/sections";
import { useProjectPart } from "./projectStore";

interface Chosen {
  readonly pieceId: string | null;
  readonly sectionId: string | null;
}

const useChosen = create<Chosen>()(() => ({ pieceId: null, sectionId: null }));

export const choosePiece = (pieceId: string) => useChosen.setState({ pieceId });

/** Opens a section; of the chosen piece where no other is named. */
export const chooseSection = (sectionId: string | null, pieceId?: string) =>
  useChosen.setState({ sectionId, ...(pieceId !== undefined && { pieceId }) });

const pick = <Piece extends { readonly id: string }>(pieces: readonly Piece[], id: string | null) =>
  pieces.find((piece) => piece.id === id) ?? (pieces[0] as Piece);

/** What a piece is told by: its first ropes or panels, else its first fabric, else its first section. */
function mainOf<Section extends Pick<ProjectSection, "kind" | "id">>(sections: readonly Section[]): Section {
  const fabrics = sections.filter(({ kind }) => kind === "fabric") as readonly (Section & {
    content?: string;
  })[];
  const cabled = fabrics.find(({ content }) => content === "ropes" || content === "panels");
  return cabled ?? fabrics[0] ?? (sections[0] as Section);
}

const pickSection = <Section extends Pick<ProjectSection, "kind" | "id">>(
  sections: readonly Section[],
  id: string | null,
) => sections.find((section) => section.id === id) ?? mainOf(sections);

/** The chosen piece of a project, or of a draft of it; the first where the chosen one is gone. */
export const chosenOf = <Pieces extends { readonly pieces: readonly { readonly id: string }[] }>({
  pieces,
}: Pieces): Pieces["pieces"][number] => pick(pieces, useChosen.getState().pieceId);

/** The chosen section of the chosen piece; its main fabric where the chosen one is gone. */
export const chosenSectionOf = (project: { readonly pieces: readonly ProjectPiece[] }): ProjectSection =>
  pickSection(chosenOf(project).sections, useChosen.getState().sectionId);

/** The same in a draft. */
export const chosenSectionIn = (draft: Draft<Pick<Project, "pieces">>): Draft<ProjectSection> =>
  pickSection(pick(draft.pieces, useChosen.getState().pieceId).sections, useChosen.getState().sectionId);

/** The chosen piece; what shows it follows when another is chosen. */
export function useChosenPiece() {
  const id = useChosen((state) => state.pieceId);
  return useProjectPart(({ pieces }) => pick(pieces, id));
}

export function useChosenSection(): ProjectSection {
  const id = useChosen((state) => state.sectionId);
  const { sections } = useChosenPiece();
  return pickSection(sections, id);
}
