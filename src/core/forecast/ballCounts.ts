/** Counts of balls over drawn needs: in how many draws each is enough, and what lies at which percentile. */

const { ceil, exp, max } = Math;

/** Chances below and above these are not worth a line. */
export const HOPELESS = 0.001;

const CERTAIN = 0.999;

/** Quantiles that the answer is told in. */
const QUANTILES = { p5: 5, p10: 10, p50: 50, p90: 90, p95: 95 } as const;

export type Quantile = keyof typeof QUANTILES;

export interface BallChance {
  readonly balls: number;
  readonly chance: number;
}

/** What a ball holds, and what a join takes of it. */
interface Wound {
  readonly ballMm: number;
  readonly joinMm: number;
}

/** For each count of balls, how many of the drawn projects it is enough for; joins need yarn too. */
function countBalls(
  needs: Float64Array,
  { ballMm, joinMm }: Wound,
  putUps: Float64Array | null,
): readonly number[] {
  const enough: number[] = [];
  for (let index = 0; index < needs.length; index += 1) {
    const need = needs[index] ?? 0;
    const ball = ballMm * exp(putUps?.[index] ?? 0);
    const balls = max(1, ceil((need - joinMm) / max(1, ball - joinMm)));
    enough[balls] = (enough[balls] ?? 0) + 1;
  }
  return enough;
}

/** Chances of every count up to one that is as good as sure. */
function chancesOf(counts: readonly number[], draws: number, wanted: number): readonly BallChance[] {
  const chances: BallChance[] = [];
  let sum = 0;
  for (let balls = 1; balls < counts.length + 1; balls += 1) {
    sum += counts[balls] ?? 0;
    const chance = sum / draws;
    chances.push({ balls, chance });
    if (chance >= CERTAIN && chance >= wanted) break;
  }
  return chances;
}

/** Percentiles of what is needed, the waste of the joins added. */
export function percentilesOf(needs: Float64Array, wasteMm: number): readonly number[] {
  const sorted = Float64Array.from(needs).sort();
  return Array.from({ length: 101 }, (_, percent) => {
    const place = (percent / 100) * (sorted.length - 1);
    const [below, above] = [sorted[Math.floor(place)] ?? 0, sorted[ceil(place)] ?? 0];
    return below + (place - Math.floor(place)) * (above - below) + wasteMm;
  });
}

export const quantilesOf = <Value extends number>(percentiles: readonly Value[]) =>
  Object.fromEntries(
    Object.entries(QUANTILES).map(([name, percent]) => [name, percentiles[percent] ?? 0]),
  ) as unknown as { readonly [Q in Quantile]: Value };

/** Chances of counts of balls, as of `needs`. */
export function countedBalls(needs: Float64Array, wound: Wound, putUps: Float64Array | null, wanted: number) {
  const all = chancesOf(countBalls(needs, wound, putUps), needs.length, wanted);
  const chanceOf = (balls: number): BallChance => all[balls - 1] ?? { balls, chance: 1 };
  const advised = all.find(({ chance }) => chance >= wanted) ?? chanceOf(all.length + 1);
  return { all, chanceOf, advised };
}
