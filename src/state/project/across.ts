/** A row of panels across a section or a swatch: put in, taken out, moved, repeated; every step can be undone. */
import type { Draft } from "immer";
import { COUNTS } from "@/core/project/bounds";
import type { FabricSection, Joined } from "@/core/project/sections";
import { nearestCount } from "@/core/typed/count";
import { editSection } from "./sections";
import { editSwatch } from "./swatches";

type Row = Draft<FabricSection["across"]>;

/** Changes the row of panels of whatever is open; `what` names the step. */
type EditRow = (what: string, recipe: (row: Row) => void) => void;

const acrossBy = (edit: EditRow) => ({
  /** Puts a panel at the left end of the row. */
  add: (panelId: string) =>
    edit("add across", (row) => void row.push({ panelId, times: 1, joined: "repeat" })),
  /** Takes one panel of the row out. */
  remove: (index: number) => edit("remove across", (row) => void row.splice(index, 1)),
  /** Chooses another panel for a place in the row. */
  choose: (index: number, panelId: string) =>
    edit(`across ${index}`, (row) => {
      const one = row[index];
      if (one) one.panelId = panelId;
    }),
  /** Repeats a panel of the row more or less often, within what a piece can have. */
  repeat: (index: number, by: 1 | -1) =>
    edit(`times across ${index}`, (row) => {
      const one = row[index];
      if (one) one.times = nearestCount(one.times + by, COUNTS.across);
    }),
  /** Repeats a panel of the row so many times. */
  times: (index: number, times: number) =>
    edit(`times across ${index}`, (row) => {
      const one = row[index];
      if (one) one.times = times;
    }),
  /** Whether its repeat comes again between its edges, or the whole panel. */
  join: (index: number, joined: Joined) =>
    edit(`joined across ${index}`, (row) => {
      const one = row[index];
      if (one) one.joined = joined;
    }),
  /** Moves a panel of the row one place to the left (1) or to the right (-1). */
  move: (index: number, by: 1 | -1) =>
    edit("move across", (row) => {
      const [one, other] = [row[index], row[index + by]];
      if (one && other) [row[index], row[index + by]] = [other, one];
    }),
});

export type AcrossEdits = ReturnType<typeof acrossBy>;

/** The row of the chosen section. */
export const SECTION_ACROSS = acrossBy((what, recipe) =>
  editSection("fabric", what, ({ across }) => recipe(across)),
);

/** The row of the chosen swatch. */
export const SWATCH_ACROSS = acrossBy((what, recipe) =>
  editSwatch(what, ({ fabric }) => recipe(fabric.across)),
);
