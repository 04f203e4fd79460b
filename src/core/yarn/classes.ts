/** Thickness classes, by the metres in 100 g. */
import { metresIn100G, type PutUp } from "./putUp";

/** From the finest to the thickest; `over` is the least metres in 100 g of the class. */
const CLASSES = [
  { name: "lace", over: 450 },
  { name: "fingering", over: 350 },
  { name: "sport", over: 270 },
  { name: "DK", over: 215 },
  { name: "worsted", over: 180 },
  { name: "aran", over: 140 },
  { name: "chunky", over: 85 },
  { name: "super chunky", over: 0 },
] as const;

export type YarnClass = (typeof CLASSES)[number]["name"];
export const YARN_CLASSES: readonly YarnClass[] = CLASSES.map(({ name }) => name);

/** The class of a put-up. Example: 100 g = 165 m is aran. */
export function classOf(putUp: PutUp): YarnClass {
  const length = metresIn100G(putUp);
  return CLASSES.find(({ over }) => length > over)?.name ?? "super chunky";
}
