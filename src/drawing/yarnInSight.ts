/**
 * Which yarn is in sight where: each straight piece of a path is a round tube, cut where the next one goes on in the line
 * that halves the turn between them; what stands furthest forward is seen. Places in pixels, y down; depths as the path
 * has them, in plain stitch widths.
 */
import { NUMBERS_EACH, type YarnPath } from "../core/fabric/yarnPath";
import type { Steps } from "../core/steps";

/** Straight pieces on the picture. Directions are of length 1. */
export interface Tubes {
  readonly count: number;
  /** Where each begins, `x y`, and which way it goes, `x y`; how long it is. */
  readonly from: Float32Array;
  readonly way: Float32Array;
  readonly length: Float32Array;
  /** Depths at its two ends. */
  readonly depths: Float32Array;
  /** The way that the yarn has at its two ends, `x y` each: half of the turn between it and what it is joined to. */
  readonly turns: Float32Array;
  /** 1 for each of its two ends that is joined to nothing, or turns back on the spot: they are round. */
  readonly round: Uint8Array;
}

/** What is seen of tubes, pixel by pixel from the upper left. */
export interface InSight {
  readonly width: number;
  readonly height: number;
  /** The tube in sight, counted from 1; 0 where there is none. */
  readonly tubes: Uint32Array;
  /** How far forward it stands there. */
  readonly depths: Float32Array;
}

/** Ends nearer than this, in stitch widths, are one point. */
const SAME = 1e-4;
/** Tubes that are joined reach over one another by so much, in pixels: no rounding leaves a gap. */
const SEAM = 0.01;
/** A line that rises less than this is level. */
const FLAT = 1e-6;
/** Yarn turns back on the spot where the sum of its two ways is shorter than this. */
const SHARP = 0.9;
/** Depth of nothing. */
const NOTHING = -9;
/** Tubes between two breaths. */
const TUBES_A_STEP = 4_000;

const { abs, ceil, floor, hypot, max, min, sqrt } = Math;

/**
 * The pieces of a path on a picture of so many pixels to a stitch; each `stride` of them are one tube.
 * Example: a path of 2 pieces that go on from one another has 2 tubes, and 1 by a stride of 2.
 */
export function tubesOf({ pieces, height }: YarnPath, scale: number, stride = 1): Tubes {
  const count = floor(pieces.length / NUMBERS_EACH / stride);
  const number = (tube: number, which: number) => pieces[tube * stride * NUMBERS_EACH + which] ?? 0;
  const end = (tube: number, which: number) => pieces[((tube + 1) * stride - 1) * NUMBERS_EACH + which] ?? 0;
  const [from, way] = [new Float32Array(2 * count), new Float32Array(2 * count)];
  const [length, depths, turns] = [
    new Float32Array(count),
    new Float32Array(2 * count),
    new Float32Array(4 * count),
  ];
  for (let tube = 0; tube < count; tube += 1) {
    const [x, y] = [number(tube, 0), number(tube, 1)];
    const [overX, overY] = [end(tube, 3) - x, y - end(tube, 4)];
    const far = hypot(overX, overY);
    from[2 * tube] = scale * x;
    from[2 * tube + 1] = scale * (height - y);
    way[2 * tube] = far > 1e-6 ? overX / far : 1;
    way[2 * tube + 1] = far > 1e-6 ? overY / far : 0;
    length[tube] = scale * far;
    depths[2 * tube] = number(tube, 2);
    depths[2 * tube + 1] = end(tube, 5);
  }
  const goesOn = (tube: number) =>
    tube >= 0 &&
    tube + 1 < count &&
    abs(number(tube + 1, 0) - end(tube, 3)) + abs(number(tube + 1, 1) - end(tube, 4)) < SAME;
  const round = new Uint8Array(2 * count);
  const turn = (before: number, after: number, end: number) => {
    const own = floor(end / 2);
    const x = (way[2 * before] ?? 0) + (way[2 * after] ?? 0);
    const y = (way[2 * before + 1] ?? 0) + (way[2 * after + 1] ?? 0);
    const far = hypot(x, y);
    round[end] = before === after || far < SHARP ? 1 : 0;
    turns[2 * end] = round[end] ? (way[2 * own] ?? 1) : x / far;
    turns[2 * end + 1] = round[end] ? (way[2 * own + 1] ?? 0) : y / far;
  };
  for (let tube = 0; tube < count; tube += 1) {
    turn(goesOn(tube - 1) ? tube - 1 : tube, tube, 2 * tube);
    turn(tube, goesOn(tube) ? tube + 1 : tube, 2 * tube + 1);
  }
  return { count, from, way, length, depths, turns, round };
}

/** A number between 0 and 1 that is another at each place. */
export function scatter(x: number, y: number): number {
  let mix = (Math.imul(x | 0, 374_761_393) + Math.imul(y | 0, 668_265_263)) | 0;
  mix = Math.imul(mix ^ (mix >>> 13), 1_274_126_177);
  return ((mix ^ (mix >>> 16)) >>> 0) / 4_294_967_296;
}

interface Thickness {
  /** Half of the yarn's thickness, in pixels and in the unit of depths. */
  readonly radius: number;
  readonly depth: number;
  /** How far fuzz stands out of it, in radii, and how much of it there is, 0 to 1. */
  readonly fuzz: number;
  readonly halo: number;
}

/** Fuzz is seen as the side of the yarn. */
export const FUZZ_SIDE = 0.8;

/** Draws one tube into what is seen, where it stands further forward. */
function see(tubes: Tubes, tube: number, sight: InSight, { radius, depth, fuzz, halo }: Thickness) {
  const { width, height, tubes: seen, depths: front } = sight;
  const { from, way, length, depths, turns, round } = tubes;
  const reach = halo > 0 ? radius * (1 + fuzz) : radius;
  const x0 = from[2 * tube] ?? 0;
  const y0 = from[2 * tube + 1] ?? 0;
  const wayX = way[2 * tube] ?? 0;
  const wayY = way[2 * tube + 1] ?? 0;
  const far = length[tube] ?? 0;
  const z0 = depths[2 * tube] ?? 0;
  const rising = far > 1e-6 ? ((depths[2 * tube + 1] ?? 0) - z0) / far : 0;
  const startX = turns[4 * tube] ?? 0;
  const startY = turns[4 * tube + 1] ?? 0;
  const endX = turns[4 * tube + 2] ?? 0;
  const endY = turns[4 * tube + 3] ?? 0;
  const roundStart = round[2 * tube] === 1;
  const roundEnd = round[2 * tube + 1] === 1;
  const overX = far * wayX;
  const overY = far * wayY;
  // It reaches as far as the corners of its two ends, or the tops of round ones.
  const wideStart = reach / (startX * wayX + startY * wayY);
  const wideEnd = reach / (endX * wayX + endY * wayY);
  const startDown = roundStart ? reach : wideStart * abs(startX);
  const endDown = roundEnd ? reach : wideEnd * abs(endX);
  const top = max(0, floor(min(y0 - startDown, y0 + overY - endDown)));
  const bottom = min(height - 1, ceil(max(y0 + startDown, y0 + overY + endDown)));
  for (let row = top; row <= bottom; row += 1) {
    const dy = row + 0.5 - y0;
    // From where to where it is cut by a row: between its sides, and between the lines in which it meets its neighbours.
    let [low, high] = [-x0, width - x0];
    const middle = dy * wayX;
    if (wayY > FLAT) [low, high] = [max(low, (middle - reach) / wayY), min(high, (middle + reach) / wayY)];
    else if (wayY < -FLAT)
      [low, high] = [max(low, (middle + reach) / wayY), min(high, (middle - reach) / wayY)];
    else if (abs(middle) >= reach) continue;
    const start = -dy * startY - (roundStart ? reach : SEAM);
    if (startX > FLAT) low = max(low, start / startX);
    else if (startX < -FLAT) high = min(high, start / startX);
    else if (start > 0) continue;
    const end = overX * endX + (overY - dy) * endY + (roundEnd ? reach : SEAM);
    if (endX > FLAT) high = min(high, end / endX);
    else if (endX < -FLAT) low = max(low, end / endX);
    else if (end < 0) continue;
    const right = min(width - 1, ceil(x0 + high - 0.5) - 1);
    for (let column = max(0, ceil(x0 + low - 0.5)); column <= right; column += 1) {
      const dx = column + 0.5 - x0;
      const aside = middle - dx * wayY;
      const along = dx * wayX + dy * wayY;
      let across = abs(aside) / radius;
      const beyond = along < 0 && roundStart ? along : along > far && roundEnd ? along - far : 0;
      if (beyond !== 0) across = sqrt(aside * aside + beyond * beyond) / radius;
      if (across > 1) {
        if (across * radius >= reach) continue;
        const side = 2 * floor(6 * across) + (aside > 0 ? 1 : 0);
        const hair = scatter(8 * tube + floor((8 * along) / radius), side);
        if (hair > 0.55 * halo * (1 - (across - 1) / fuzz)) continue;
        across = FUZZ_SIDE;
      }
      const stands =
        z0 + rising * (along < 0 ? 0 : along > far ? far : along) + depth * sqrt(1 - across * across);
      const at = row * width + column;
      if (stands <= (front[at] ?? 0)) continue;
      front[at] = stands;
      seen[at] = tube + 1;
    }
  }
}

/**
 * Looks at tubes from the front, step by step; the result has what is seen at each pixel.
 * Example: of two tubes that cross, the one that stands further forward is in sight where they do.
 */
export function* lookingAt(
  tubes: Tubes,
  { width, height }: { readonly width: number; readonly height: number },
  thickness: Thickness,
): Steps<InSight> {
  const seen = new Uint32Array(width * height);
  const depths = new Float32Array(width * height).fill(NOTHING);
  const sight = { width, height, tubes: seen, depths };
  for (let tube = 0; tube < tubes.count; tube += 1) {
    if (tube % TUBES_A_STEP === TUBES_A_STEP - 1) yield { share: tube / tubes.count };
    see(tubes, tube, sight, thickness);
  }
  return sight;
}
