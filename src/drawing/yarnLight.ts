/** Light on yarn that is in sight: one lamp from the upper left, less of it in the valleys; the label's character. */
import { NUMBERS_EACH, type YarnPath } from "../core/fabric/yarnPath";
import type { Steps } from "../core/steps";
import type { Character } from "../core/yarn/character";
import { FUZZ_SIDE, scatter, type InSight, type Tubes } from "./yarnInSight";

const { asin, floor, max, min, sin, sqrt } = Math;

/** Where the lamp stands, as a direction of length 1: x to the right, y down, z towards the eye. */
const [LAMP_X, LAMP_Y, LAMP_Z] = [-0.451, -0.551, 0.702] as const;
const [DARK, BRIGHT] = [0.42, 0.86] as const;
/** How often plies wind about one another, in turns of the circle to a stitch width, for two of them. */
const TWIST = 15;
const LEAN = 3.25;

export interface Lit {
  /** Red, green and blue of each tube, 0 to 255. */
  readonly dyes: Uint8Array;
  readonly character: Character;
  /** How clearly plies are seen, 0 to 1: not at all where they would be finer than a pixel. */
  readonly fine: number;
  /** Pixels to a stitch width, and the radius of the yarn in them. */
  readonly scale: number;
  readonly radius: number;
}

/** From 0 at `low` to 1 at `high`, smoothly. */
function smooth(low: number, high: number, value: number): number {
  const share = min(1, max(0, (value - low) / (high - low)));
  return share * share * (3 - 2 * share);
}

/** Powers of a share by a fixed exponent, looked up. */
function powers(exponent: number): Float32Array {
  return Float32Array.from({ length: 257 }, (_, step) => (step / 256) ** exponent);
}

/** Means over so many values to either side along each of `lines` lines; the last value goes on beyond an end. */
function meansAlong(
  from: Float32Array,
  [lines, length]: readonly [number, number],
  [line, step]: readonly [number, number],
  reach: number,
): Float32Array {
  const to = new Float32Array(from.length);
  const wide = 2 * reach + 1;
  for (let index = 0; index < lines; index += 1) {
    const start = index * line;
    const last = start + (length - 1) * step;
    let sum = (reach + 1) * (from[start] ?? 0);
    for (let place = 1; place <= reach; place += 1) sum += from[min(last, start + place * step)] ?? 0;
    for (let at = start; at <= last; at += step) {
      to[at] = sum / wide;
      sum += (from[min(last, at + (reach + 1) * step)] ?? 0) - (from[max(start, at - reach * step)] ?? 0);
    }
  }
  return to;
}

/** Over how far what stands around a place takes its light, in stitch widths, and how much: its loops and its ropes. */
const AROUND = [
  { reach: 0.55, share: 0.6 },
  { reach: 1.8, share: 0.4 },
] as const;
/** Nothing at all is taken to lie so deep. */
const FLOOR = -0.7;
/** How far under what is around it yarn lies in the least light, and how far over it in all of it. */
const [UNDER, OVER] = [-0.5, 0.1] as const;
/** The shares of its light that reach those two. */
const [DEEP, FORWARD] = [0.34, 1.06] as const;
/** Light comes from the upper left: what stands there takes more of it, so many stitch widths away. */
const ASIDE = 0.16;

/** The mean depth of the samples of each pixel, `side` by `side` of them. */
function depthsOf({ width, height, depths }: InSight, side: number): Float32Array {
  const [across, down] = [width / side, height / side];
  const means = new Float32Array(across * down);
  for (let row = 0; row < height; row += 1) {
    const to = floor(row / side) * across;
    for (let column = 0; column < width; column += 1) {
      const at = to + floor(column / side);
      means[at] = (means[at] ?? 0) + max(FLOOR, depths[row * width + column] ?? 0) / (side * side);
    }
  }
  return means;
}

/** The mean depth around each pixel, towards the lamp. */
function aroundOf(depths: Float32Array, across: number, scale: number): Float32Array {
  const down = depths.length / across;
  const around = new Float32Array(depths.length);
  for (const { reach, share } of AROUND) {
    const far = max(1, floor(reach * scale));
    const rows = meansAlong(depths, [down, across], [across, 1], far);
    const means = meansAlong(rows, [across, down], [1, across], far);
    for (let at = 0; at < around.length; at += 1) around[at] = (around[at] ?? 0) + share * (means[at] ?? 0);
  }
  const shift = floor(ASIDE * scale) * (across + 1);
  return around.map((mean, at) => around[at - shift] ?? mean);
}

/** Rows of pixels between two breaths. */
const ROWS_A_STEP = 32;
/** Samples of a pixel whose depths differ by less than this are of one yarn: their light is calculated once. */
const ONE_YARN = 0.12;

/**
 * The colour of each pixel, `side` by `side` samples of what is in sight, step by step: red, green, blue and alpha, 0 to
 * 255, alpha by how much of it is covered. Example: the upper left side of a tube is lighter than its lower right one.
 */
export function* lighting(
  path: YarnPath,
  tubes: Tubes,
  sight: InSight,
  side: 1 | 2,
  lit: Lit,
): Steps<Uint8ClampedArray<ArrayBuffer>> {
  const { width, height, tubes: seen, depths } = sight;
  const [across, down] = [width / side, height / side];
  const pixels = new Uint8ClampedArray(4 * across * down);
  const means = depthsOf(sight, side);
  const around = aroundOf(means, across, lit.scale / side);
  const lightAt = lamp(path, tubes, lit);
  const colour = new Float32Array(3);
  const samples = side * side;
  const light = (row: number, column: number) => {
    const x = column * side;
    const y = row * side;
    const mean = around[row * across + column] ?? 0;
    let covered = 0;
    let least = Infinity;
    let most = -Infinity;
    for (let sample = 0; sample < samples; sample += 1) {
      const at = (y + (sample >> 1)) * width + x + (sample & 1);
      if ((seen[at] ?? 0) !== 0) covered += 1;
      const depth = depths[at] ?? 0;
      if (depth < least) least = depth;
      if (depth > most) most = depth;
    }
    if (covered === 0) return;
    const alike = most - least < ONE_YARN;
    const calculated = alike ? 1 : samples;
    const middle = alike ? side / 2 : 0.5;
    let red = 0;
    let green = 0;
    let blue = 0;
    for (let sample = 0; sample < calculated; sample += 1) {
      const sampleX = x + (sample & 1);
      const sampleY = y + (sample >> 1);
      const at = sampleY * width + sampleX;
      const tube = (seen[at] ?? 0) - 1;
      if (tube < 0) continue;
      lightAt(tube, sampleX + middle, sampleY + middle, (depths[at] ?? 0) - mean, colour);
      red += colour[0] ?? 0;
      green += colour[1] ?? 0;
      blue += colour[2] ?? 0;
    }
    const parts = alike ? 1 : covered;
    const to = 4 * (row * across + column);
    pixels[to] = red / parts;
    pixels[to + 1] = green / parts;
    pixels[to + 2] = blue / parts;
    pixels[to + 3] = (255 * covered) / samples;
  };
  for (let row = 0; row < down; row += 1) {
    if (row % ROWS_A_STEP === ROWS_A_STEP - 1) yield { share: row / down };
    for (let column = 0; column < across; column += 1) light(row, column);
  }
  return pixels;
}

/** Writes the colour of a tube at a place into `colour`; `relief` is how far it stands over what is around it. */
type LightAt = (tube: number, x: number, y: number, relief: number, colour: Float32Array) => void;

function lamp(path: YarnPath, tubes: Tubes, lit: Lit): LightAt {
  const { dyes, character, fine, scale, radius } = lit;
  const { halo, sheen, heather, variegation, plies } = character;
  const { from, way, length, turns } = tubes;
  const shines = powers(12 + 14 * sheen);
  const shining = 255 * (0.03 + 0.27 * sheen) * (1 - 0.6 * halo);
  const wound = plies > 1.5 && fine + heather > 0;
  const groove = 2 / max(plies, 2);
  const winds = sqrt(2 * plies);
  return (tube, x, y, relief, colour) => {
    const dx = x - (from[2 * tube] ?? 0);
    const dy = y - (from[2 * tube + 1] ?? 0);
    const wayX = way[2 * tube] ?? 0;
    const wayY = way[2 * tube + 1] ?? 0;
    const walked = dx * wayX + dy * wayY;
    let across = (dy * wayX - dx * wayY) / radius;
    if (across > 1 || across < -1) across = across > 0 ? FUZZ_SIDE : -FUZZ_SIDE;
    const up = sqrt(1 - across * across);
    // The yarn bends from piece to piece: what faces the light turns with it.
    const share = min(1, max(0, walked / max(1e-6, length[tube] ?? 0)));
    const startX = turns[4 * tube] ?? 0;
    const startY = turns[4 * tube + 1] ?? 0;
    const turnX = startX + share * ((turns[4 * tube + 2] ?? 0) - startX);
    const turnY = startY + share * ((turns[4 * tube + 3] ?? 0) - startY);
    const sideways = across / max(1e-6, sqrt(turnX * turnX + turnY * turnY));
    const facing = max(0, sideways * (turnX * LAMP_Y - turnY * LAMP_X) + up * LAMP_Z);
    const number = tube * NUMBERS_EACH;
    const along = (path.pieces[number + 6] ?? 0) + walked / scale;
    let light = DARK + BRIGHT * facing;
    let ply = 0;
    if (wound) {
      ply = groove * sin(winds * (TWIST * along - LEAN * asin(min(0.99, max(-0.99, across)))));
      light *= 1 + fine * (0.11 * ply - 0.03);
    }
    light *= DEEP + (FORWARD - DEEP) * smooth(UNDER, OVER, relief);
    // The rim lies in the dark where one yarn presses on another.
    light *= 0.6 + 0.4 * smooth(0, 0.55, up);
    // Fuzz scatters the light: what is light and what is dark come nearer to one another.
    light += 0.4 * halo * (0.86 - light);
    // Fibres lie along the yarn, each of its own shade.
    if (heather > 0)
      light *= 1 + 0.55 * heather * (scatter(floor(9 * along), floor(4 * across + 2 * ply)) - 0.5);
    let red = dyes[3 * tube] ?? 0;
    let green = dyes[3 * tube + 1] ?? 0;
    let blue = dyes[3 * tube + 2] ?? 0;
    if (variegation > 0) {
      const much = 0.75 * variegation * (0.5 + 0.5 * sin(0.55 * along) * sin(0.21 * along + 1));
      const grey = 0.16 * (red + green + blue);
      const before = red;
      red += much * (0.6 * green + grey - red);
      green += much * (0.6 * blue + grey - green);
      blue += much * (0.6 * before + grey - blue);
    }
    const shine = shining * (shines[floor(256 * min(1, facing))] ?? 0);
    colour[0] = red * light + shine;
    colour[1] = green * light + shine;
    colour[2] = blue * light + shine;
  };
}
