/** Rows of panels that the worker has read and relaxed for the open project. */
import type { Project } from "@/core/files/project";
import type { LaidPieces } from "@/core/forecast/projectForecast";
import { aspectOf } from "@/core/forecast/projectGauge";
import { reckoner } from "./workers";

/** What the pieces' rows of panels hang on, as a text; null where no piece has one. */
function keyOf(project: Project): string | null {
  const { pieces, panels } = project;
  const used = new Set(pieces.flatMap(({ across }) => across.map(({ panelId }) => panelId)));
  if (used.size === 0) return null;
  const lies = pieces.map(({ id, across, edge, mirrored, blocking, ropeId, lean, ropes, purls }) =>
    across.length > 0
      ? [id, edge, blocking, mirrored, across]
      : [id, edge, blocking, ropeId, lean, ropes, purls],
  );
  const own = panels.filter(({ id }) => used.has(id)).map(({ id, text }) => [id, text]);
  return JSON.stringify([lies, own, aspectOf(project)]);
}

let asked: string | null = null;
let answered: { readonly key: string; readonly laid: LaidPieces } | null = null;
let changes = 0;
const watchers = new Set<() => void>();

async function ask(project: Project, key: string) {
  asked = key;
  const laid = await reckoner().layProject(project);
  if (asked !== key) return;
  answered = { key, laid };
  changes += 1;
  for (const watcher of watchers) watcher();
}

/** What lies across the pieces: null where all are ropes, which need no reading; or that it is being read. */
export function laidPanels(project: Project): LaidPieces | "reading" | null {
  const key = keyOf(project);
  if (key === null) return null;
  if (answered?.key === key) return answered.laid;
  if (typeof window !== "undefined" && asked !== key) void ask(project, key);
  return "reading";
}

/** Tells when rows of panels have been read. */
export const watchLaidPanels = {
  subscribe: (watcher: () => void) => {
    watchers.add(watcher);
    return () => watchers.delete(watcher);
  },
  count: () => changes,
};
