/** Whether a measurement would save a ball, in words. */
export function savesWords(chance: number): string {
  if (chance < 0.05) return "It would hardly change how many balls to buy.";
  return `A ball fewer in ${Math.round(10 * chance) || 1} of 10 cases.`;
}
