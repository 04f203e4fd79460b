/** Money, in whatever currency the knitter pays: two decimals, no sign. */
import { readQuantities } from "./quantities";
import { read, unread, type Reading } from "./reading";

const MOST = 100_000;

/** Amounts nearer than this are the same. */
export const HALF_CENT = 0.005;

/** Example: 7.9 is "7.90". */
export const formatMoney = (amount: number) => amount.toFixed(2);

/**
 * Reads an amount; signs and names of currencies are passed over.
 * Errors: no number, more than one, less than nothing, too much.
 * Example: `readMoney("£ 7,90")` is 7.9.
 */
export function readMoney(text: string): Reading<number> {
  const bare = text.replace(/\p{Sc}|[a-z]+\.?$|^[a-z]{1,3}\b/giu, " ").trim();
  if (bare === "" && text.trim() !== "") return unread(`“${text.trim()}” is not an amount: type it as 7.90.`);
  const quantities = readQuantities(bare);
  if (!quantities.ok) return quantities;
  const [only, second] = quantities.value;
  if (!only || second || only.unit) return unread("Type one amount, as 7.90.");
  return only.number <= MOST ? read(only.number) : unread("No yarn costs that much: check the amount.");
}
