/** The outcome of reading what somebody typed: a value, or a problem with its place and a remedy. */
import { say, type LimitCode, type Message } from "../words/message";

export type Reading<Value> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly message: Message; readonly at: number };

export const read = <Value>(value: Value): Reading<Value> => ({ ok: true, value });

/** `at` is the index in the text where the trouble starts. */
export const unread = (message: Message, at = 0): Reading<never> => ({ ok: false, message, at });

/** The least and the most that make sense, with what is said of less and of more. */
export interface Bounds {
  readonly least: number;
  readonly most: number;
  readonly tooSmall: LimitCode;
  readonly tooLarge: LimitCode;
}

/** Refuses a value outside its bounds in the words of the bounds. Zero and less are always refused. */
export function within<Value extends number>(value: Value, bounds: Bounds): Reading<Value> {
  if (!(value > 0)) return unread(say("notOverZero"));
  if (value < bounds.least) return unread(say(bounds.tooSmall, { limit: bounds.least }));
  if (value > bounds.most) return unread(say(bounds.tooLarge, { limit: bounds.most }));
  return read(value);
}
