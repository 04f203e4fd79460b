/** The colours of the chosen fabric: one yarn, stripes of rows, or areas of stitches; every step can be undone. */
import { COUNTS } from "@/core/files/bounds";
import type { FabricSection } from "@/core/files/sections";
import { nearestCount } from "@/core/units/count";
import { useProjectStore } from "./projectStore";
import { editSection } from "./sections";

type Kind = FabricSection["colours"]["kind"];

/** Rows of a stripe and stitches of an area, to begin with. */
const FIRST_COUNT = { one: 1, stripes: 4, areas: 20 } as const;

/** Chooses a kind; the first two yarns are put in where there are no bands yet. */
export function chooseColours(kind: Kind) {
  const { yarns } = useProjectStore.getState().project;
  editSection("fabric", "colours", ({ colours }) => {
    colours.kind = kind;
    if (colours.bands.length < 2 && kind !== "one")
      colours.bands = yarns.slice(0, 2).map(({ id }) => ({ yarnId: id, count: FIRST_COUNT[kind] }));
  });
}

export function addBand() {
  editSection("fabric", "add band", ({ colours }) => {
    const last = colours.bands.at(-1);
    if (last && colours.bands.length < 24) colours.bands.push({ ...last });
  });
}

export function removeBand(index: number) {
  editSection("fabric", "remove band", ({ colours }) => {
    if (colours.bands.length > 1) colours.bands.splice(index, 1);
  });
}

export function editBand(index: number, part: Partial<FabricSection["colours"]["bands"][number]>) {
  editSection("fabric", `band ${index}`, ({ colours }) => {
    const band = colours.bands[index];
    if (band) Object.assign(band, part);
  });
}

export const countBand = (index: number, count: number) =>
  editBand(index, { count: nearestCount(Math.round(count), COUNTS.band) });

export function carryYarns(carried: boolean) {
  editSection("fabric", "carried", ({ colours }) => {
    colours.carried = carried;
  });
}
