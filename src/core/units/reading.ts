/** The outcome of reading what somebody typed: a value, or a problem with its place and a remedy. */

export type Reading<Value> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly message: string; readonly at: number };

export const read = <Value>(value: Value): Reading<Value> => ({ ok: true, value });

/** `at` is the index in the text where the trouble starts. */
export const unread = (message: string, at = 0): Reading<never> => ({ ok: false, message, at });

/** The least and the most that make sense, with the words that say so. */
export interface Bounds {
  readonly least: number;
  readonly most: number;
  readonly tooSmall: string;
  readonly tooLarge: string;
}

/** Refuses a value outside its bounds in the words of the bounds. Zero and less are always refused. */
export function within<Value extends number>(value: Value, bounds: Bounds): Reading<Value> {
  if (!(value > 0)) return unread("This must be more than zero.");
  if (value < bounds.least) return unread(bounds.tooSmall);
  if (value > bounds.most) return unread(bounds.tooLarge);
  return read(value);
}
