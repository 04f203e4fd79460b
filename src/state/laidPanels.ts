/** Rows of panels that the worker has read and relaxed for the open project. */
import { create } from "zustand";
import type { Project } from "@/core/files/project";
import type { Taken } from "@/core/panels/across";
import { aspectOf } from "@/core/garment/projectGauge";
import { fabricBasis, keyOfSection, needsLaying, needsReading, type LaidSections } from "@/core/garment/lay";
import { piecesAndSwatches } from "@/core/garment/swatchPiece";
import { useProject } from "./projectStore";
import { reckoner } from "./workers";

interface Answered {
  readonly key: string | null;
  readonly laid: LaidSections;
}

const useAnswered = create<Answered>()(() => ({ key: null, laid: new Map() }));

/** Draws again what shows an answer, when a row of panels has been read. */
export const useLaidPanels = () => useAnswered((state) => state.key);

let latest: { readonly project: Project; readonly key: string | null } | undefined;

/** What the sections' fabrics hang on, as a text; null where none has to be read. Made once for a project. */
function keyOf(project: Project): string | null {
  if (latest?.project !== project) {
    const all = piecesAndSwatches(project).flatMap((piece) =>
      piece.sections.map((section) => ({ piece, section })),
    );
    const aspect = aspectOf(project);
    const bases = () =>
      all
        .filter(({ section }) => needsLaying(section))
        .map(
          ({ piece, section }) => `${piece.id} ${section.id} ${fabricBasis(project, piece, section, aspect)}`,
        );
    const key = all.some(({ section }) => needsReading(section)) ? bases().join("\n") : null;
    latest = { project, key };
  }
  return latest.key;
}

let asked: string | null = null;

async function ask(project: Project, key: string) {
  asked = key;
  const laid = await reckoner().layProject(project);
  if (asked === key) useAnswered.setState({ key, laid });
}

/** What each place of a section's row of panels comes to; empty while it is being read. */
export function useTaken(pieceId: string, sectionId: string): readonly Taken[] {
  useLaidPanels();
  const laid = laidPanels(useProject());
  const found = laid instanceof Map ? laid.get(keyOfSection({ id: pieceId }, { id: sectionId })) : undefined;
  return found?.ok ? (found.across.taken ?? NONE) : NONE;
}

const NONE: readonly Taken[] = [];

/** What lies across the sections: null where nothing needs reading; or that it is being read. */
export function laidPanels(project: Project): LaidSections | "reading" | null {
  const key = keyOf(project);
  if (key === null) return null;
  const answered = useAnswered.getState();
  if (answered.key === key) return answered.laid;
  if (typeof window !== "undefined" && asked !== key) void ask(project, key);
  return "reading";
}
