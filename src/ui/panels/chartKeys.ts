/** What the keys and buttons of the chart do. */
import type { Placing } from "@/core/panels/edit";

/** Keys that lay something over the selection. */
export const PLACINGS: Readonly<
  Record<string, { readonly placing: Placing; readonly does: string; readonly id?: string }>
> = {
  k: { placing: "knit", does: "knit", id: "knit" },
  p: { placing: "purl", does: "purl", id: "purl" },
  b: { placing: "bobble", does: "bobble", id: "bobble 5 2" },
  l: { placing: "crossLeft", does: "cross left" },
  r: { placing: "crossRight", does: "cross right" },
  L: { placing: "crossLeftPurl", does: "cross left over purl" },
  R: { placing: "crossRightPurl", does: "cross right over purl" },
};

/** Acts with a button of their own; those with a key are done by it too. */
export const ACTS = [
  { type: "mirror", does: "mirror", key: "m" },
  { type: "insertRow", does: "row above", key: "Insert" },
  { type: "deleteRow", does: "delete row", key: "" },
  { type: "insertColumn", does: "column at left", key: "" },
  { type: "deleteColumns", does: "delete columns", key: "Delete" },
] as const;
