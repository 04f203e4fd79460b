/** The knitter's own panels: added, renamed, copied, deleted; every step can be undone. */
import type { ProjectPanel } from "@/core/files/project";
import { change, useProjectStore } from "./projectStore";

const freshId = () => `panel-${crypto.randomUUID().slice(0, 8)}`;

/** Puts a panel among the knitter's own and gives its id. */
export function addPanel({ name, text, notes }: Omit<ProjectPanel, "id">): string {
  const id = freshId();
  change("add panel", (draft) => {
    draft.panels.push({ id, name, text, notes });
  });
  return id;
}

/** Changes one panel; quick changes of the same part are one step of undo. */
export function editPanel(id: string, part: Partial<Omit<ProjectPanel, "id">>) {
  change(`panel ${id} ${Object.keys(part).join()}`, (draft) => {
    const panel = draft.panels.find((one) => one.id === id);
    if (panel) Object.assign(panel, part);
  });
}

export function deletePanel(id: string) {
  change("delete panel", (draft) => {
    draft.panels = draft.panels.filter((one) => one.id !== id);
  });
}

export const useOwnPanels = () => useProjectStore(({ project }) => project.panels);
