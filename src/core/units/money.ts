/** Money, in whatever currency the knitter pays: two decimals, no sign. */

/** Amounts nearer than this are the same. */
export const HALF_CENT = 0.005;

/** Example: 7.9 is "7.90". */
export const formatMoney = (amount: number) => amount.toFixed(2);
