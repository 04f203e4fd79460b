/** The knitter's own panels: added, renamed, copied, deleted; every step can be undone. */
import { freshId } from "./freshId";
import type { ProjectPanel } from "@/core/project/project";
import { change, useProjectPart } from "./projectStore";

/** Puts a panel among the knitter's own and gives its id; `from` says what it was made from. */
export function addPanel({ name, text }: Pick<ProjectPanel, "name" | "text">, from = ""): string {
  const id = freshId("panel");
  const origin = { from, version: "", date: "", text: from ? text : "" };
  change("add panel", (draft) => {
    draft.panels.push({ id, name, text, notes: "", origin });
  });
  return id;
}

/** Puts a panel of another project among the knitter's own and gives its id; where it came from goes with it. */
export function takePanel(panel: ProjectPanel, project: string): string {
  const id = freshId("panel");
  const { origin } = panel;
  const from = `${panel.name}, from ${project}`.slice(0, 200);
  change("take panel", (draft) => {
    draft.panels.push({ ...panel, id, origin: origin.from ? origin : { ...origin, from, text: panel.text } });
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

/** Changes what is known of where a panel came from. */
export function editOrigin(id: string, part: Partial<ProjectPanel["origin"]>) {
  change(`panel ${id} origin ${Object.keys(part).join()}`, (draft) => {
    const panel = draft.panels.find((one) => one.id === id);
    if (panel) Object.assign(panel.origin, part);
  });
}

export function deletePanel(id: string) {
  change("delete panel", (draft) => {
    draft.panels = draft.panels.filter((one) => one.id !== id);
  });
}

export const useOwnPanels = () => useProjectPart(({ panels }) => panels);
