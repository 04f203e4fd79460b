/** Seams and extras of the project: added, changed, taken out; and where everything is kept that is typed of them. */
import { freshId } from "./freshId";
import type { Draft } from "immer";
import {
  newExtra,
  newSeam,
  type Extra,
  type ExtraKind,
  type JoinId,
  type Seam,
} from "@/core/project/finishing";
import type { Project } from "@/core/project/project";
import { chooseItem, chosenOf, itemIdOf, type Chosen, type Item } from "../chosen/chosen";
import type { Place } from "../fields/field";
import { forgetTexts } from "./forget";
import { change, useProjectStore } from "./projectStore";

/** More of either are not kept in one project. */
const MOST_SEAMS = 60;
const MOST_EXTRAS = 40;

/** Adds a seam along the side of the chosen piece, and opens it. */
export function addSeam() {
  const { project } = useProjectStore.getState();
  if (project.seams.length >= MOST_SEAMS) return;
  const seam = newSeam(freshId("seam"), { of: { pieceId: chosenOf(project).id, side: "side" } });
  change("add seam", (draft) => {
    draft.seams.push(seam);
  });
  chooseItem("seam", seam.id);
}

/** Adds an extra of a kind as it usually is, and opens it. */
export function addExtra(kind: ExtraKind) {
  if (useProjectStore.getState().project.extras.length >= MOST_EXTRAS) return;
  const extra = newExtra(kind, freshId("extra"));
  change(`add ${kind}`, (draft) => {
    draft.extras.push(extra);
  });
  chooseItem("extra", extra.id);
}

export function editSeam(id: string, part: Partial<Seam>) {
  change(`seam ${Object.keys(part).join()} ${id}`, (draft) => {
    const seam = draft.seams.find((one) => one.id === id);
    if (seam) Object.assign(seam, part);
  });
}

export function editExtra(id: string, part: Partial<Extra>) {
  change(`extra ${Object.keys(part).join()} ${id}`, (draft) => {
    const extra = draft.extras.find((one) => one.id === id);
    if (extra) Object.assign(extra, part);
  });
}

/** Takes a seam or an extra out of a draft, with what was typed of it. */
export function dropItem(draft: Draft<Project>, of: "seams" | "extras", id: string) {
  if (of === "seams") draft.seams = draft.seams.filter((one) => one.id !== id);
  else draft.extras = draft.extras.filter((one) => one.id !== id);
  forgetTexts(draft, [id]);
}

export const removeItem = (of: "seams" | "extras", id: string) =>
  change(`remove ${of} ${id}`, (draft) => dropItem(draft, of, id));

export const joinBalls = (join: JoinId) =>
  change("join", (draft) => {
    draft.join = join;
  });

type Figures = Record<string, unknown>;

/** A number of the open seam or extra, by the key that it has for it; null where it has none. */
function ofItem(of: Item, key: string, emptied: "stays" | "goes" = "stays"): Place<number> {
  const list = of === "seam" ? "seams" : "extras";
  const openOne = (items: readonly { readonly id: string }[], at: Chosen) =>
    items.find(({ id }) => id === itemIdOf(of, at)) as Figures | undefined;
  return {
    get: (project, at) => {
      const value = openOne(project[list], at)?.[key];
      return typeof value === "number" ? value : null;
    },
    set: (draft, value, at) => {
      const item = openOne(draft[list], at);
      if (item && key in item && (value !== null || emptied === "goes")) item[key] = value;
    },
  };
}

export const FINISHING_PLACES = {
  seamTimes: ofItem("seam", "times"),
  seamOpen: ofItem("seam", "openMm", "goes"),
  seamLength: ofItem("seam", "lengthMm", "goes"),
  extraTimes: ofItem("extra", "times"),
  extraDiameter: ofItem("extra", "diameterMm"),
  extraMass: ofItem("extra", "massG"),
  extraKnots: ofItem("extra", "knots"),
  extraStrands: ofItem("extra", "strands"),
  extraWinds: ofItem("extra", "winds"),
  extraHang: ofItem("extra", "lengthMm"),
  extraTie: ofItem("extra", "lengthMm"),
  extraCord: ofItem("extra", "lengthMm"),
  extraCut: ofItem("extra", "cut"),
  extraStitches: ofItem("extra", "stitches"),
  extraRows: ofItem("extra", "rows"),
  extraYarn: ofItem("extra", "lengthM"),
} as const;
