/** The row of panels across the piece: put in, taken out, moved, repeated; every step can be undone. */
import { COUNTS } from "@/core/files/bounds";
import { nearestCount } from "@/core/units/count";
import { chosenOf } from "./chosenPiece";
import { change } from "./projectStore";

/** Puts a panel at the left end of the row; the first one takes the place of the ropes. */
export function addAcross(panelId: string) {
  change("add across", (draft) => {
    chosenOf(draft).across.push({ panelId, times: 1 });
  });
}

/** Takes one panel of the row out; without any, the ropes are back. */
export function removeAcross(index: number) {
  change("remove across", (draft) => {
    chosenOf(draft).across.splice(index, 1);
  });
}

export function clearAcross() {
  change("ropes", (draft) => {
    chosenOf(draft).across = [];
  });
}

/** Chooses another panel for a place in the row. */
export function chooseAcross(index: number, panelId: string) {
  change(`across ${index}`, (draft) => {
    const one = chosenOf(draft).across[index];
    if (one) one.panelId = panelId;
  });
}

/** Repeats a panel of the row more or less often, within what a piece can have. */
export function repeatAcross(index: number, by: 1 | -1) {
  change(`times across ${index}`, (draft) => {
    const one = chosenOf(draft).across[index];
    if (one) one.times = nearestCount(one.times + by, COUNTS.times);
  });
}

/** Moves a panel of the row one place to the left (1) or to the right (-1). */
export function moveAcross(index: number, by: 1 | -1) {
  change("move across", (draft) => {
    const row = chosenOf(draft).across;
    const [one, other] = [row[index], row[index + by]];
    if (one && other) [row[index], row[index + by]] = [other, one];
  });
}
