/** The colours of the chosen section: one yarn, stripes of rows, or areas of stitches; every step can be undone. */
import type { Draft } from "immer";
import { COUNTS } from "@/core/project/bounds";
import type { Colours } from "@/core/project/sections";
import { nearestCount } from "@/core/typed/count";
import { chosenSectionIn } from "../chosen/chosen";
import { change, useProjectStore } from "./projectStore";

/** Rows of a stripe and stitches of an area, to begin with. */
const FIRST_COUNT = { one: 1, stripes: 4, areas: 20 } as const;

const editColours = (what: string, recipe: (colours: Draft<Colours>) => void) =>
  change(what, (draft) => recipe(chosenSectionIn(draft).colours));

/** Chooses a kind; the first two yarns are put in where there are no bands yet. */
export function chooseColours(kind: Colours["kind"]) {
  const { yarns } = useProjectStore.getState().project;
  editColours("colours", (colours) => {
    colours.kind = kind;
    if (kind !== "areas") delete colours.moves;
    if (colours.bands.length < 2 && kind !== "one")
      colours.bands = yarns.slice(0, 2).map(({ id }) => ({ yarnId: id, count: FIRST_COUNT[kind] }));
  });
}

/** The one yarn that a section is worked in; null for the piece's own. */
export const chooseOne = (yarnId: string | null) =>
  editColours("one yarn", (colours) => {
    colours.kind = "one";
    colours.bands = yarnId === null ? [] : [{ yarnId, count: FIRST_COUNT.one }];
  });

export function addBand() {
  editColours("add band", ({ bands }) => {
    const last = bands.at(-1);
    if (last && bands.length < 24) bands.push({ ...last });
  });
}

export function removeBand(index: number) {
  editColours("remove band", ({ bands }) => {
    if (bands.length > 1) bands.splice(index, 1);
  });
}

export function editBand(index: number, part: Partial<Colours["bands"][number]>) {
  editColours(`band ${index}`, ({ bands }) => {
    const band = bands[index];
    if (band) Object.assign(band, part);
  });
}

export const countBand = (index: number, count: number) =>
  editBand(index, { count: nearestCount(Math.round(count), COUNTS.band) });

export const carryYarns = (carried: boolean) =>
  editColours("carried", (colours) => {
    colours.carried = carried;
  });

/** How borders between areas move; null where they stand. */
export const moveBorders = (moves: Colours["moves"] | null) =>
  editColours("moves", (colours) => {
    if (moves) colours.moves = moves;
    else delete colours.moves;
  });
