/** Kits packed apart: each enough for its own knitter, or all of them together. */
import { rankOf, valueOfRank } from "./enough";

/** Fewest balls that are enough in so many of the drawn cases, and in how many they are. */
export function ballsAt(balls: Float64Array, chance: number) {
  const wanted = valueOfRank(Float64Array.from(balls), rankOf(chance, balls.length));
  return { balls: wanted, chance: balls.filter((count) => count <= wanted).length / balls.length };
}

/** Kits of one size: what one knitter needs in each drawn case, and the one of them who needs most. */
export interface Pack {
  readonly count: number;
  readonly one: Float64Array;
  readonly most: Uint16Array;
}

/** Balls where each kit is enough for its own knitter in so many cases; and in how many all of them are. */
function packedAt(packs: readonly Pack[], chance: number) {
  const balls = packs.map(({ one }) => ballsAt(one, chance).balls);
  const draws = packs[0]?.most.length ?? 0;
  let enough = 0;
  for (let draw = 0; draw < draws; draw += 1)
    if (packs.every(({ most }, index) => (most[draw] ?? 0) <= (balls[index] ?? 0))) enough += 1;
  return {
    balls: packs.reduce((sum, { count }, index) => sum + count * (balls[index] ?? 0), 0),
    chance: enough / draws,
  };
}

/** Kits at the chance wanted for each; and at the least chance for each that is enough for all of them. */
export function packedApart(packs: readonly Pack[], chance: number) {
  const each = packedAt(packs, chance);
  let risk = 1 - chance;
  let all = each;
  while (all.chance < chance && risk > 1e-5) {
    risk *= 0.8;
    all = packedAt(packs, 1 - risk);
  }
  return { apart: each.balls, allEnough: each.chance, apartForAll: all.balls };
}
