/** Whether yarn is enough, by drawn projects: balls of any lengths together, each join needing yarn too. */
import { JOIN_MM } from "../estimate/balls";

const { exp, max, min, ceil, round } = Math;

/** What one project, or a group of them, needs; asked for many mixtures of balls. */
export interface Enough {
  /** Of all drawn projects, the share for which so many metres in so many balls are enough. */
  readonly chanceOf: (lengthM: number, balls: number) => number;
  /** The fewest metres in so many balls that are enough with at least this chance. */
  readonly lengthFor: (balls: number, chance: number) => number;
  /** Metres that are too few, and that are enough, whatever the draws say of this count: soon found, and near. */
  readonly boundsFor: (balls: number, chance: number) => { readonly least: number; readonly most: number };
  /** What a join takes at most, in m. */
  readonly joinM: number;
}

/** Lengths are sums, and a sum may fall short of itself by so little. */
export const SLACK_M = 1e-6;

/** Whether so many metres in so many balls are enough; the draws are asked only where the bounds do not tell. */
export function isEnough(
  { boundsFor, lengthFor }: Enough,
  { lengthM, balls, chance }: { readonly lengthM: number; readonly balls: number; readonly chance: number },
): boolean {
  if (balls < 1) return false;
  const { least, most } = boundsFor(balls, chance);
  if (lengthM >= most) return true;
  return lengthM >= least - SLACK_M && lengthM >= lengthFor(balls, chance) - SLACK_M;
}

/** Rank of the value that so many of the draws do not exceed. Example: 0.95 of 20 draws is rank 18. */
export const rankOf = (chance: number, draws: number) =>
  min(draws, max(1, ceil(round(chance * draws * 1e6) / 1e6))) - 1;

/**
 * The value that `rank` others do not exceed, found by splitting (Hoare 1961, Algorithm 65). `values` is reordered.
 * Example: the value of rank 1 of 3, 1, 2 is 2.
 */
export function valueOfRank(values: Float64Array, rank: number): number {
  let [low, high] = [0, values.length - 1];
  while (low < high) {
    const pivot = values[rank] ?? 0;
    let [left, right] = [low, high];
    while (left <= right) {
      while ((values[left] ?? 0) < pivot) left += 1;
      while ((values[right] ?? 0) > pivot) right -= 1;
      if (left > right) break;
      const kept = values[left] ?? 0;
      values[left] = values[right] ?? 0;
      values[right] = kept;
      left += 1;
      right -= 1;
    }
    if (right < rank) low = left;
    if (rank < left) high = right;
  }
  return values[rank] ?? 0;
}

/**
 * Draws made ready: `needsMm` is what each drawn project needs without joins, `putUps` and `putUpMean` how far in ln its
 * balls hold more than their bands say. Balls of several lots are taken to be off alike, which errs on the safe side.
 * Example: a project that needs 100 m for sure has enough in one ball of 100 m, not in two of 50 m.
 */
export function enoughOf(
  needsMm: Float64Array,
  putUps: Float64Array | null,
  putUpMean = 0,
  joinMm: number = JOIN_MM,
): Enough {
  const count = needsMm.length;
  // Balls of a nominal length T are enough where T >= fixed + balls x join, both as long as the bands say.
  const [fixed, join] = [new Float64Array(count), new Float64Array(count)];
  let [shortest, longest] = [Infinity, 0];
  for (let index = 0; index < count; index += 1) {
    const nominal = exp(-(putUps?.[index] ?? 0) - putUpMean);
    fixed[index] = ((needsMm[index] ?? 0) - joinMm) * nominal;
    join[index] = joinMm * nominal;
    shortest = min(shortest, nominal);
    longest = max(longest, nominal);
  }
  const wanted = new Map<string, number>();
  const lengthFor = (balls: number, chance: number) => {
    const rank = rankOf(chance, count);
    const key = `${balls} ${rank}`;
    const known = wanted.get(key);
    if (known !== undefined) return known;
    const lengths = fixed.map((mm, index) => mm + balls * (join[index] ?? 0));
    const lengthM = valueOfRank(lengths, rank) / 1000;
    wanted.set(key, lengthM);
    return lengthM;
  };
  /** A ball more moves every draw by a join, and no join is shorter or longer than these. */
  const boundsFor = (balls: number, chance: number) => {
    const one = lengthFor(1, chance);
    const joins = ((balls - 1) * joinMm) / 1000;
    return { least: one + joins * shortest, most: one + joins * longest };
  };
  const chanceOf = (lengthM: number, balls: number) => {
    if (balls < 1) return 0;
    // A thousandth of a millimetre is not what a purchase fails by.
    const lengthMm = lengthM * 1000 + 1e-3;
    let enough = 0;
    for (let index = 0; index < count; index += 1)
      if ((fixed[index] ?? 0) + balls * (join[index] ?? 0) <= lengthMm) enough += 1;
    return enough / count;
  };
  return { chanceOf, lengthFor, boundsFor, joinM: (joinMm * longest) / 1000 };
}
