/** Amounts of money as people type them. */
import { say } from "../words/message";
import { readQuantities } from "./quantities";
import { read, unread, type Reading } from "./reading";

const MOST = 100_000;

/**
 * Reads an amount; signs and names of currencies are passed over.
 * Errors: no number, more than one, less than nothing, too much.
 * Example: `readMoney("£ 7,90")` is 7.9.
 */
export function readMoney(text: string): Reading<number> {
  const bare = text.replace(/\p{Sc}|[a-z]+\.?$|^[a-z]{1,3}\b/giu, " ").trim();
  if (bare === "" && text.trim() !== "") return unread(say("noAmount", { typed: text.trim() }));
  const quantities = readQuantities(bare);
  if (!quantities.ok) return quantities;
  const [only, second] = quantities.value;
  if (!only || second || only.unit) return unread(say("oneAmount"));
  return only.number <= MOST ? read(only.number) : unread(say("amountTooLarge"));
}
