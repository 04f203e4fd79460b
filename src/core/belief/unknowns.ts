/** The vector of unknowns of a project: which there are, and how a vector is read. All are deviations in ln. */
import type { Unknowns } from "../estimate/unknowns";

/** Unknowns that all yarns of a project share. */
export const SHARED_IDS = [
  // A plain stitch as it was swatched, on the project's needle, finished as the project is.
  "width",
  "height",
  // How far the gauge drifts from the swatch to the project.
  "driftWidth",
  "driftHeight",
  // What washing does to a plain stitch.
  "blockWidth",
  "blockHeight",
  // Yarn in a loop against Munden's relation.
  "loop",
  // Scale of what is computed to be lost in width and height.
  "drawWidth",
  "drawHeight",
  "give",
  "tail",
  "castOff",
  "extras",
] as const;
export type SharedId = (typeof SHARED_IDS)[number];

/** What is off only of yarn that is weighed on the needles. */
type WeighingId = "water" | "fill";

/** What is unknown only of some projects: of what is weighed, of how much a pattern's need comes to. */
export type RareId = WeighingId | "amount";

/**
 * Of each yarn, the length that its lot holds; of what is weighed while it is knitted, the water in it, and what balls
 * hold against their label.
 */
export type UnknownId = SharedId | RareId | `putUp ${string}`;

/** Which unknown stands at which place of a vector. */
export type UnknownIds = readonly UnknownId[];

export const putUpId = (yarnId: string): UnknownId => `putUp ${yarnId}`;

/** A vector by name. */
export type Deviations = { readonly [Id in UnknownId]?: number } & { readonly [Id in SharedId]: number };

/** A vector read by name. Example: at all noughts nothing is off. */
export const deviationsOf = (axes: UnknownIds, x: Float64Array): Deviations =>
  Object.fromEntries(axes.map((id, index) => [id, x[index] ?? 0])) as unknown as Deviations;

/**
 * Reads vectors by name, one after the other: what it gives stands until the next one is read. For predictions
 * that are asked some thousand times.
 */
export function readerOf(axes: UnknownIds): (x: Float64Array) => Deviations {
  const read: Record<string, number> = {};
  return (x) => {
    for (let index = 0; index < axes.length; index += 1) read[axes[index] ?? ""] = x[index] ?? 0;
    return read as unknown as Deviations;
  };
}

/** What is off of the project itself: a swatch and the drift behind it. */
export const ofProject = (of: Deviations): Unknowns => ({
  ...of,
  width: of.width + of.driftWidth,
  height: of.height + of.driftHeight,
  amount: of.amount ?? 0,
});
