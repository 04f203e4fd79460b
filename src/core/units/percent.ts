/** Shares in per cent, as people type them. */
import { read, unread, type Reading } from "./reading";

const MOST = 200;

/**
 * Reads a share in per cent, with or without its sign.
 * Errors: no number, less than nothing, over 200 %.
 * Example: `readPercent("25 %")` is 25.
 */
export function readPercent(text: string): Reading<number> {
  const found = /^\s*(\d+(?:[.,]\d+)?)\s*%?\s*$/.exec(text);
  if (!found?.[1]) return unread("Type one number in per cent, as 25 %.");
  const percent = Number(found[1].replace(",", "."));
  return percent > MOST
    ? unread(`Over ${MOST} % is more than any cable takes: check the number.`)
    : read(percent);
}
