/** Shares in per cent, as people type them. */
import { say } from "../words/message";
import { read, unread, type Reading } from "./reading";

const MOST = 200;

/**
 * Reads a share in per cent, with or without its sign.
 * Errors: no number, less than nothing, over `most`.
 * Example: `readPercent("25 %")` is 25.
 */
export function readPercent(text: string, most = MOST): Reading<number> {
  const found = /^\s*(\d+(?:[.,]\d+)?)\s*%?\s*$/.exec(text);
  if (!found?.[1]) return unread(say("onePercentage"));
  const percent = Number(found[1].replace(",", "."));
  return percent > most ? unread(say("percentageTooLarge", { most })) : read(percent);
}
