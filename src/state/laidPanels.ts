/** Rows of panels that the worker has read and relaxed for the open project. */
import { create } from "zustand";
import type { Project } from "@/core/files/project";
import type { LaidPieces } from "@/core/forecast/projectForecast";
import { aspectOf } from "@/core/forecast/projectGauge";
import { fabricBasis } from "@/core/garment/lay";
import { reckoner } from "./workers";

interface Answered {
  readonly key: string | null;
  readonly laid: LaidPieces;
}

const useAnswered = create<Answered>()(() => ({ key: null, laid: [] }));

/** Draws again what shows an answer, when a row of panels has been read. */
export const useLaidPanels = () => useAnswered((state) => state.key);

let latest: { readonly project: Project; readonly key: string | null } | undefined;

/** What the pieces' rows of panels hang on, as a text; null where no piece has one. Made once for a project. */
function keyOf(project: Project): string | null {
  if (latest?.project !== project) {
    const { pieces } = project;
    const read = pieces.some(({ across }) => across.length > 0);
    const aspect = aspectOf(project);
    const key = read ? pieces.map((piece) => fabricBasis(project, piece, aspect)).join("\n") : null;
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

/** What lies across the pieces: null where all are ropes, which need no reading; or that it is being read. */
export function laidPanels(project: Project): LaidPieces | "reading" | null {
  const key = keyOf(project);
  if (key === null) return null;
  const answered = useAnswered.getState();
  if (answered.key === key) return answered.laid;
  if (typeof window !== "undefined" && asked !== key) void ask(project, key);
  return "reading";
}
