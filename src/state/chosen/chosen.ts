/**
 * What is open on the benches: a piece and its section, a swatch, a yarn, a seam, an extra. Not part of the project:
 * another tab may have others open. What is drawn is told what is chosen, and does not look it up by itself.
 */
import type { Draft } from "immer";
import { create } from "zustand";
import type { Project, ProjectPiece } from "@/core/project/project";
import { isFabric, isCabled } from "@/core/project/sectionKinds";
import type { ProjectSection } from "@/core/project/sections";
import type { Swatch } from "@/core/project/swatches";
import { useProjectPart } from "../project/projectStore";

/** Ids of what is open; null where nothing was chosen, and then it is the first or the main one. */
export interface Chosen {
  readonly pieceId: string | null;
  readonly sectionId: string | null;
  readonly swatchId: string | null;
  readonly yarnId: string | null;
  readonly seamId: string | null;
  readonly extraId: string | null;
}

export const useChosen = create<Chosen>()(() => ({
  pieceId: null,
  sectionId: null,
  swatchId: null,
  yarnId: null,
  seamId: null,
  extraId: null,
}));

/** What is open at the moment, for whoever does something; what is drawn asks `useChosen`. */
export const chosenNow = () => useChosen.getState();

export const choosePiece = (pieceId: string) => useChosen.setState({ pieceId });

/** Opens a section; of the chosen piece where no other is named. */
export const chooseSection = (sectionId: string | null, pieceId?: string) =>
  useChosen.setState({ sectionId, ...(pieceId !== undefined && { pieceId }) });

export const chooseSwatch = (swatchId: string) => useChosen.setState({ swatchId });
export const chooseYarn = (yarnId: string) => useChosen.setState({ yarnId });

/** What is sewn or added to the pieces. */
export type Item = "seam" | "extra";

const ITEM_IDS = { seam: "seamId", extra: "extraId" } as const;

export const chooseItem = (of: Item, id: string | null) => useChosen.setState({ [ITEM_IDS[of]]: id });
export const useChosenItem = (of: Item) => useChosen((chosen) => chosen[ITEM_IDS[of]]);
export const itemIdOf = (of: Item, at: Chosen): string => at[ITEM_IDS[of]] ?? "";

const pick = <One extends { readonly id: string }>(all: readonly One[], id: string | null) =>
  all.find((one) => one.id === id) ?? (all[0] as One);

/** What a piece is told by: its first ropes or panels, else its first fabric, else its first section. */
function mainOf<Section extends Pick<ProjectSection, "kind" | "id">>(sections: readonly Section[]): Section {
  const [isOne, isOneCabled] = [isFabric, isCabled] as ((section: Section | ProjectSection) => boolean)[];
  return (
    sections.find((one) => isOneCabled?.(one)) ??
    sections.find((one) => isOne?.(one)) ??
    (sections[0] as Section)
  );
}

const pickSection = <Section extends Pick<ProjectSection, "kind" | "id">>(
  sections: readonly Section[],
  id: string | null,
) => sections.find((section) => section.id === id) ?? mainOf(sections);

/** The chosen piece of a project, or of a draft of it; the first where the chosen one is gone. */
export const chosenOf = <Pieces extends { readonly pieces: readonly { readonly id: string }[] }>(
  { pieces }: Pieces,
  at: Chosen = chosenNow(),
): Pieces["pieces"][number] => pick(pieces, at.pieceId);

/** The chosen section of the chosen piece; its main fabric where the chosen one is gone. */
export const chosenSectionOf = (
  project: { readonly pieces: readonly ProjectPiece[] },
  at: Chosen = chosenNow(),
): ProjectSection => pickSection(chosenOf(project, at).sections, at.sectionId);

/** The same in a draft. */
export const chosenSectionIn = (
  draft: Draft<Pick<Project, "pieces">>,
  at: Chosen = chosenNow(),
): Draft<ProjectSection> => pickSection(pick(draft.pieces, at.pieceId).sections, at.sectionId);

/** The swatch that is open; the first where none was chosen, null where there is none. */
export const chosenSwatchOf = (
  { swatches }: Pick<Project, "swatches">,
  at: Chosen = chosenNow(),
): Swatch | null => pick(swatches, at.swatchId) ?? null;

export const chosenSwatchIn = (
  { swatches }: Draft<Pick<Project, "swatches">>,
  at: Chosen = chosenNow(),
): Draft<Swatch> | null => pick(swatches, at.swatchId) ?? null;

/** The yarn that is open; the first where none was chosen. */
export const chosenYarnOf = ({ yarns }: Pick<Project, "yarns">, at: Chosen = chosenNow()) =>
  pick(yarns, at.yarnId);

export const chosenYarnIn = ({ yarns }: Draft<Pick<Project, "yarns">>, at: Chosen = chosenNow()) =>
  pick(yarns, at.yarnId);

/** The chosen piece; what shows it follows when another is chosen. */
export function useChosenPiece(): ProjectPiece {
  const id = useChosen(({ pieceId }) => pieceId);
  return useProjectPart(({ pieces }) => pick(pieces, id));
}

export function useChosenSection(): ProjectSection {
  const id = useChosen(({ sectionId }) => sectionId);
  const { sections } = useChosenPiece();
  return pickSection(sections, id);
}

export function useChosenSwatch(): Swatch | null {
  const id = useChosen(({ swatchId }) => swatchId);
  return useProjectPart(({ swatches }) => pick(swatches, id) ?? null);
}

export function useChosenYarn(): Project["yarns"][number] {
  const id = useChosen(({ yarnId }) => yarnId);
  return useProjectPart(({ yarns }) => pick(yarns, id));
}
