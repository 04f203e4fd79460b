/** Parts of a project in words, where two states of it differ. */
import type { DifferingPart } from "@/state/keeping/differing";

const PARTS: { readonly [Part in DifferingPart]: string } = {
  name: "its name",
  madeFor: "whom it is for",
  notes: "its notes",
  demo: "whether it is the demo",
  certainty: "how sure you want to be",
  gauge: "the gauge",
  needleMm: "the needle",
  size: "the size",
  sizes: "the sizes side by side",
  swatchMm: "the swatch that is counted in",
  seams: "the seams",
  extras: "the extras",
  join: "how balls are joined",
  panels: "your panels",
  swatches: "the swatches",
  swap: "the substitutes",
  order: "the order",
  school: "how balls are advised",
  asks: "what the pattern asks for",
  without: "what is left out",
  yarns: "the yarns",
  pieces: "the pieces",
  hand: "what it knows of your hand",
  calendar: "by when it is to be done",
};

const list = new Intl.ListFormat("en", { type: "conjunction" });

/** Example: "the gauge and the pieces". */
export const listParts = (parts: readonly DifferingPart[]) => list.format(parts.map((part) => PARTS[part]));
