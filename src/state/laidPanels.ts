/** Rows of panels that the worker has read and relaxed for the open project. */
import type { Project } from "@/core/files/project";
import { aspectOf } from "@/core/forecast/projectGauge";
import type { Laid } from "@/core/garment/lay";
import { reckoner } from "./workers";

/** What a row of panels hangs on, as a text. */
function keyOf(project: Project): string | null {
  const [piece] = project.pieces;
  if (!piece || piece.across.length === 0) return null;
  const { across, edge, blocking } = piece;
  const own = project.panels.filter(({ id }) => across.some(({ panelId }) => panelId === id));
  return JSON.stringify([across, edge, blocking, aspectOf(project), own.map(({ id, text }) => [id, text])]);
}

let asked: string | null = null;
let answered: { readonly key: string; readonly laid: Laid } | null = null;
let changes = 0;
const watchers = new Set<() => void>();

async function ask(project: Project, key: string) {
  asked = key;
  const laid = await reckoner().layProject(project);
  if (asked !== key || !laid) return;
  answered = { key, laid };
  changes += 1;
  for (const watcher of watchers) watcher();
}

/** What lies across the project's piece: null for ropes, which need no reading; or that it is being read. */
export function laidPanels(project: Project): Laid | "reading" | null {
  const key = keyOf(project);
  if (key === null) return null;
  if (answered?.key === key) return answered.laid;
  if (typeof window !== "undefined" && asked !== key) void ask(project, key);
  return "reading";
}

/** Tells when a row of panels has been read. */
export const watchLaidPanels = {
  subscribe: (watcher: () => void) => {
    watchers.add(watcher);
    return () => watchers.delete(watcher);
  },
  count: () => changes,
};
