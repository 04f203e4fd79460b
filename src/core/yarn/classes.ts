/** Thickness classes, by the metres in 100 g. */
import { metresIn100G, type PutUp } from "./putUp";

/**
 * From the finest to the thickest; `over` is the least metres in 100 g of the class, `usual` a ball as such a
 * yarn is often wound: grams and metres.
 */
const CLASSES = [
  { name: "lace", over: 450, usual: [50, 300] },
  { name: "fingering", over: 350, usual: [50, 200] },
  { name: "sport", over: 270, usual: [50, 155] },
  { name: "DK", over: 215, usual: [50, 120] },
  { name: "worsted", over: 180, usual: [100, 196] },
  { name: "aran", over: 140, usual: [100, 160] },
  { name: "chunky", over: 85, usual: [100, 110] },
  { name: "super chunky", over: 0, usual: [100, 65] },
] as const;

export type YarnClass = (typeof CLASSES)[number]["name"];
export const YARN_CLASSES: readonly YarnClass[] = CLASSES.map(({ name }) => name);

/** The class of a put-up. Example: 100 g = 165 m is aran. */
export function classOf(putUp: PutUp): YarnClass {
  const length = metresIn100G(putUp);
  return CLASSES.find(({ over }) => length > over)?.name ?? "super chunky";
}

/** What a ball of a class often holds, where no band was read. Example: aran is 100 g = 160 m. */
export function usualPutUp(name: YarnClass): { readonly massG: number; readonly lengthM: number } {
  const [massG, lengthM] = CLASSES.find((one) => one.name === name)?.usual ?? [100, 160];
  return { massG, lengthM };
}
