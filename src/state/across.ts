/** The row of panels across a section: put in, taken out, moved, repeated; every step can be undone. */
import { COUNTS } from "@/core/files/bounds";
import { nearestCount } from "@/core/units/count";
import { editSection } from "./sections";

/** Puts a panel at the left end of the row. */
export function addAcross(panelId: string) {
  editSection("fabric", "add across", ({ across }) => {
    across.push({ panelId, times: 1 });
  });
}

/** Takes one panel of the row out. */
export function removeAcross(index: number) {
  editSection("fabric", "remove across", ({ across }) => {
    across.splice(index, 1);
  });
}

/** Chooses another panel for a place in the row. */
export function chooseAcross(index: number, panelId: string) {
  editSection("fabric", `across ${index}`, ({ across }) => {
    const one = across[index];
    if (one) one.panelId = panelId;
  });
}

/** Repeats a panel of the row more or less often, within what a piece can have. */
export function repeatAcross(index: number, by: 1 | -1) {
  editSection("fabric", `times across ${index}`, ({ across }) => {
    const one = across[index];
    if (one) one.times = nearestCount(one.times + by, COUNTS.times);
  });
}

/** Moves a panel of the row one place to the left (1) or to the right (-1). */
export function moveAcross(index: number, by: 1 | -1) {
  editSection("fabric", "move across", ({ across: row }) => {
    const [one, other] = [row[index], row[index + by]];
    if (one && other) [row[index], row[index + by]] = [other, one];
  });
}
