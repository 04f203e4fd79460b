/** Yarn against rows: what was planned, what is expected now, and what was weighed. */
import { putUpId } from "../belief/unknowns";
import { pieceRows, type PiecePlan } from "../estimate/plan";
import { stretchNeed } from "../estimate/stretchNeed";
import { percentilesOf, quantilesOf } from "./ballCounts";
import { draw, drawnMasses, fewer } from "./forecast";
import type { KnownForecast } from "./projectForecast";

/** Yarn that the first so many rows take, in g: between the tenth and the ninetieth in a hundred, and the middle. */
interface BurnPoint {
  readonly rows: number;
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
}

/** Rows of one ball that was weighed: where it began, as it is expected or was weighed, and where it ended. */
interface BurnStretch {
  readonly from: number;
  readonly to: number;
  readonly beganG: number;
  readonly endedG: number;
  readonly taken: boolean;
}

export interface BurnDown {
  readonly pieceId: string;
  readonly yarnId: string;
  /** Before anything was read off while knitting. */
  readonly planned: readonly BurnPoint[];
  readonly now: readonly BurnPoint[];
  readonly weighed: readonly BurnStretch[];
  readonly ballG: number;
}

const POINTS = 24;
const DRAWS = 2000;

/** How the yarn of a piece is used up in an answer, at the given rows. */
function curve(
  answer: KnownForecast,
  piece: PiecePlan,
  yarnId: string,
  at: readonly number[],
): readonly BurnPoint[] {
  const { plan, belief, yarns } = answer;
  const putUp = yarns.find(({ yarn }) => yarn.id === yarnId)?.yarn.putUp;
  if (!putUp) return [];
  const drawn = fewer(draw(belief), DRAWS);
  const measures = drawn.measuresAt(plan.gauge, plan.likely);
  const lots = drawn.draws[belief.axes.indexOf(putUpId(yarnId))];
  return at.map((rows) => {
    const need = stretchNeed(piece, yarnId, { from: 0, to: rows }, plan.gauge).drawn(measures);
    const { p10, p50, p90 } = quantilesOf(percentilesOf(drawnMasses(need, putUp, lots ?? null), 0));
    return { rows, p10, p50, p90 };
  });
}

/** The middle of a curve at so many rows. */
function middleAt(points: readonly BurnPoint[], rows: number): number {
  const after = points.findIndex((point) => point.rows >= rows);
  const [low, high] = [points[Math.max(0, after - 1)], points[after < 0 ? points.length - 1 : after]];
  if (!low || !high) return 0;
  if (high.rows <= low.rows) return high.p50;
  return low.p50 + ((rows - low.rows) / (high.rows - low.rows)) * (high.p50 - low.p50);
}

interface Asked {
  readonly pieceId: string;
  readonly copy: number;
  readonly yarnId: string;
}

/**
 * The yarn of a piece in hand against its rows; null where the piece is left out, or its yarn has no weight. `before` is
 * the answer as if nothing had been read off while knitting.
 */
export function burnDown(
  before: KnownForecast,
  now: KnownForecast,
  { pieceId, copy, yarnId }: Asked,
): BurnDown | null {
  const [then, piece] = [before, now].map(({ plan }) => plan.pieces.find(({ id }) => id === pieceId));
  const putUp = now.yarns.find(({ yarn }) => yarn.id === yarnId)?.yarn.putUp;
  if (!then || !piece || !putUp || putUp.noMass) return null;
  const at = (rows: number) => [
    ...new Set(Array.from({ length: POINTS + 1 }, (_, index) => Math.round((index * rows) / POINTS))),
  ];
  const expected = curve(now, piece, yarnId, at(pieceRows(piece)));
  const weighed: BurnStretch[] = [];
  for (const one of now.belief.knitted) {
    if (one.kind !== "ball" || one.pieceId !== pieceId || one.copy !== copy || one.yarnId !== yarnId)
      continue;
    const former = weighed.at(-1);
    const beganG = former?.to === one.from ? former.endedG : middleAt(expected, one.from);
    weighed.push({ from: one.from, to: one.to, beganG, endedG: beganG + one.found, taken: one.taken });
  }
  return {
    pieceId,
    yarnId,
    planned: curve(before, then, yarnId, at(pieceRows(then))),
    now: expected,
    weighed,
    ballG: putUp.massG,
  };
}
