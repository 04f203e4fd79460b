/** What things weigh that are laid on the simulated scale: made up, but as such things might weigh. */
import { deviationsOf } from "../belief/axes";
import type { Belief } from "../belief/believe";

const BOWL_G = 182.4;
const USUAL_SWATCH_G = 14;
const USUAL_BALL_G = 50;

/** A made-up swatch is so far off what was expected of it before it was ever weighed. */
const STRAYS = 0.05;

/** A number between -1 and 1 that a text always gives. */
function strayOf(text: string): number {
  let hash = 2166136261;
  for (const letter of text) hash = Math.imul(hash ^ (letter.codePointAt(0) ?? 0), 16777619);
  return ((hash >>> 0) / 4294967295) * 2 - 1;
}

/**
 * Mass in g of a thing: the swatch, a ball of its yarn, a bowl. A swatch strays by up to 5 % from what its yarn
 * and stitches would give, one of the same name always the same way. Example: a bowl is 182.4 g.
 */
export function laidMass(thing: string, swatchId: string, belief: Belief | null): number {
  if (thing === "bowl") return BOWL_G;
  if (thing === "ball") return belief?.basis.project.yarns[0]?.putUp?.massG ?? USUAL_BALL_G;
  const of = belief?.swatches.find(({ swatch }) => swatch.id === swatchId);
  const expected = belief && of?.massOf?.(deviationsOf(belief.prior.axes, belief.prior.mean));
  return (expected ?? USUAL_SWATCH_G) * (1 + STRAYS * strayOf(of?.swatch.name ?? ""));
}
