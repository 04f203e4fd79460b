/** The normal distribution, as far as chances and quantiles need it. */

/**
 * Chance that a standard normal draw is at most `z`; absolute error under 8e-8.
 * Abramowitz and Stegun (1964), formula 26.2.17. Example: `chanceBelow(1.645)` is 0.95.
 */
export function chanceBelow(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const series =
    t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  const tail = (series * Math.exp((-z * z) / 2)) / Math.sqrt(2 * Math.PI);
  return z > 0 ? 1 - tail : tail;
}
