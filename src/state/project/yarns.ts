/** The yarns of the project: added, named, coloured, taken out; every step can be undone. */
import { freshId } from "./freshId";
import type { Project } from "@/core/project/project";
import { chosenYarnIn, chooseYarn } from "../chosen/chosen";
import { forgetTexts } from "./forget";
import { change, useProjectStore } from "./projectStore";

export type ProjectYarn = Project["yarns"][number];

/** More yarns than this are not kept in one project. */
export const MOST_YARNS = 12;

/** Natural dyes, one after the other for yarns that are added. */
const DYES = ["#a3372b", "#2c5b80", "#c9a227", "#6d4a2f", "#efe6d2", "#55692f", "#7a3b5d", "#3d3d3a"];

/** Adds a yarn wound as the first one, and opens it. */
export function addYarn() {
  const { yarns } = useProjectStore.getState().project;
  const [first] = yarns;
  if (!first || yarns.length >= MOST_YARNS) return;
  const id = freshId("yarn");
  const colour = DYES[(yarns.length - 1) % DYES.length] ?? first.colour;
  change("add yarn", (draft) => {
    draft.yarns.push({ ...first, id, name: `Yarn ${yarns.length + 1}`, colour });
  });
  chooseYarn(id);
}

/** Takes a yarn of another project: in place of the first one where nothing is known of that, else beside the others. */
export function takeYarn(yarn: ProjectYarn) {
  const { yarns } = useProjectStore.getState().project;
  const [first] = yarns;
  if (!first || yarns.length >= MOST_YARNS) return;
  const id = first.putUp === null ? first.id : freshId("yarn");
  change("take yarn", (draft) => {
    const [open] = draft.yarns;
    if (open && open.id === id) {
      Object.assign(open, { ...yarn, id });
      // What was typed and could not be read was said of the yarn before.
      delete draft.typed.putUp;
    } else draft.yarns.push({ ...yarn, id });
  });
  chooseYarn(id);
}

export function editYarn(part: Partial<Pick<ProjectYarn, "name" | "colour">>) {
  change(`yarn ${Object.keys(part).join()}`, (draft) => {
    Object.assign(chosenYarnIn(draft), part);
  });
}

/** Takes the chosen yarn out, if another is left; what was knitted with it is knitted with the first. */
export function removeYarn() {
  change("remove yarn", (draft) => {
    const { id } = chosenYarnIn(draft);
    if (draft.yarns.length === 1) return;
    draft.yarns = draft.yarns.filter((yarn) => yarn.id !== id);
    forgetTexts(draft, [id]);
    const instead = draft.yarns[0]?.id ?? "";
    for (const item of [...draft.seams, ...draft.extras]) if (item.yarnId === id) item.yarnId = null;
    for (const piece of draft.pieces) {
      if (piece.yarnId === id) piece.yarnId = instead;
      for (const section of piece.sections)
        for (const band of section.colours.bands) if (band.yarnId === id) band.yarnId = instead;
    }
  });
}
