/** What things weigh that are laid on the simulated scale: made up, but as such things might weigh. */
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

/** What is known of a swatch and of the ball that it is of; null where it is not. */
interface Known {
  readonly name: string;
  /** What its yarn and stitches would weigh, as it was expected before it was ever weighed. */
  readonly expectedG: number | null;
  readonly ballG: number | null;
}

/**
 * Mass in g of a thing: the swatch, a ball of its yarn, a bowl. A swatch strays by up to 5 % from what its yarn
 * and stitches would give, one of the same name always the same way. Example: a bowl is 182.4 g.
 */
export function laidMass(thing: string, { name, expectedG, ballG }: Known): number {
  if (thing === "bowl") return BOWL_G;
  if (thing === "ball") return ballG ?? USUAL_BALL_G;
  return (expectedG ?? USUAL_SWATCH_G) * (1 + STRAYS * strayOf(name));
}
