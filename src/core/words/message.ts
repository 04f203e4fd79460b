/** What the core has to say: a code and its quantities. A catalogue makes a sentence of it (`tell.ts`). */
import type { english } from "./english";
import type { limits } from "./english/typed";

/** The English catalogue is the measure: another language has the same codes, asked with the same quantities. */
export type Catalogue = typeof english;

export type Code = keyof Catalogue;

/** What is said of figures outside their bounds: all are asked with the limit alone. */
export type LimitCode = keyof typeof limits;

type Given<C extends Code> = Parameters<Catalogue[C]>[0];

export type Message = {
  readonly [C in Code]: { readonly code: C; readonly given: Given<C> };
}[Code];

/** A message; or text that is nobody’s language: a name, a row of a pattern, what the page itself has put in words. */
export type Says = Message | string;

/**
 * Example: `say("strandedAtEnd", { have: 3 })` is told as "3 stitches are still on the needle at the end: …".
 */
export const say = <C extends Code>(
  code: C,
  ...[given]: undefined extends Given<C> ? [] : [given: Given<C>]
): Message => ({ code, given }) as Message;
