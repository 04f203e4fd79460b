/** A picture of knitted yarn, painted pixel by pixel: the same on every machine, with a graphics card or without. */
import { NUMBERS_EACH, type YarnPath } from "../core/fabric/yarnPath";
import { between, type Steps } from "../core/steps";
import { channelsOf } from "../core/yarn/colour";
import { PLAIN_CHARACTER, type Character } from "../core/yarn/character";
import { dyeBy, type Dye } from "./dye";
import { lookingAt, tubesOf, type InSight } from "./yarnInSight";
import { lighting } from "./yarnLight";

export interface YarnLook {
  /** Its colour, or the scale by which each stitch has one. */
  readonly dye: Dye;
  /** Thickness of the yarn in plain stitch widths. */
  readonly thickness: number;
  /** How the yarn looks by its label; a plain one where nothing is said. */
  readonly character?: Character;
  /** Whether it is painted at once rather than well: what is being moved. */
  readonly quick?: boolean;
}

export interface Painted {
  readonly width: number;
  readonly height: number;
  /** Red, green, blue and alpha, 0 to 255, from the upper left. */
  readonly pixels: Uint8ClampedArray<ArrayBuffer>;
  /** The piece of the path in sight at each pixel, counted from 1; 0 where there is none. */
  readonly pieces: Uint32Array<ArrayBuffer>;
}

export interface Size {
  readonly width: number;
  readonly height: number;
}

/** Pictures of more pixels than this are sharp enough without being drawn at double size first. */
const MOST_DOUBLED = 700_000;
/** The longest fuzz stands out of a yarn so far, in its radii. */
const FUZZ = 0.45;
/** Pixels to a stitch from which on plies are seen, and those at which they are seen wholly. */
const PLIES_PX = [12, 26] as const;

/** Through its gaps a fabric's own back is seen: yarn so much thicker and so dark. */
const BACK = { thicker: 2.3, light: 0.26 } as const;
/** So many of its pieces are drawn as one, the more of them there are; a loop has a multiple of each. */
const backStride = (pieces: number) => (pieces > 12_000 ? 4 : pieces > 4_000 ? 2 : 1);

/** Red, green and blue of each piece of a path; each kind of stitch is looked up once. */
function dyesOf({ pieces }: YarnPath, dye: Dye): Uint8Array {
  const colourOf = dyeBy(dye);
  const known = new Map<number, readonly [number, number, number]>();
  const dyes = new Uint8Array((3 * pieces.length) / NUMBERS_EACH);
  for (let piece = 0; 3 * piece < dyes.length; piece += 1) {
    const loops = pieces[piece * NUMBERS_EACH + 7] ?? 1;
    const channels = known.get(loops) ?? channelsOf(colourOf(loops));
    known.set(loops, channels);
    dyes.set(channels, 3 * piece);
  }
  return dyes;
}

/** The first and the last pixel of each line that is covered at all; `step` is from one to the next in a line. */
function endsOf(
  pixels: Uint8ClampedArray,
  [lines, line]: readonly [number, number],
  [length, step]: readonly [number, number],
) {
  const covered = (at: number) => (pixels[4 * at + 3] ?? 0) > 0;
  return Array.from({ length: lines }, (_, index) => {
    let [first, last] = [0, length - 1];
    while (first < length && !covered(index * line + first * step)) first += 1;
    while (last > first && !covered(index * line + last * step)) last -= 1;
    return { first, last };
  });
}

/**
 * Lays the fabric's back under what is painted: within its outline, through the gaps alone. `dyes` are of the pieces,
 * `stride` of which are one tube of the back.
 */
function layUnder(pixels: Uint8ClampedArray, back: InSight, dyes: Uint8Array, stride: number) {
  const { width, height } = back;
  const rows = endsOf(pixels, [height, width], [width, 1]);
  const columns = endsOf(pixels, [width, 1], [height, width]);
  const within = (place: number, ends: { readonly first: number; readonly last: number } | undefined) =>
    ends !== undefined && place > ends.first && place < ends.last;
  for (let at = 0; at < back.tubes.length; at += 1) {
    const tube = back.tubes[at] ?? 0;
    const alpha = (pixels[4 * at + 3] ?? 0) / 255;
    if (tube === 0 || alpha === 1) continue;
    const row = Math.floor(at / width);
    const column = at - row * width;
    if (!within(column, rows[row]) || !within(row, columns[column])) continue;
    const dye = 3 * (tube - 1) * stride;
    for (let channel = 0; channel < 3; channel += 1)
      pixels[4 * at + channel] =
        alpha * (pixels[4 * at + channel] ?? 0) + (1 - alpha) * BACK.light * (dyes[dye + channel] ?? 0);
    pixels[4 * at + 3] = 255;
  }
}

/**
 * Paints a path over a picture of a size, step by step.
 * Example: a rope in green at 200 x 160 pixels is 128,000 numbers, most of them some green.
 */
export function* paintingYarn(path: YarnPath, look: YarnLook, { width, height }: Size): Steps<Painted> {
  const character = look.character ?? PLAIN_CHARACTER;
  const side = look.quick || width * height > MOST_DOUBLED ? 1 : 2;
  const large = { width: width * side, height: height * side };
  const scale = large.width / path.width;
  const radius = (scale * look.thickness) / 2;
  const dyes = dyesOf(path, look.dye);
  const tubes = tubesOf(path, scale);
  const thickness = { radius, depth: look.thickness / 2, fuzz: FUZZ, halo: character.halo };
  const sight = yield* between(0, 0.4, lookingAt(tubes, large, thickness));
  const fine = (scale / side - PLIES_PX[0]) / (PLIES_PX[1] - PLIES_PX[0]);
  const pixels = yield* between(
    0.4,
    0.9,
    lighting(path, tubes, sight, side, {
      dyes,
      character,
      fine: Math.min(1, Math.max(0, fine)),
      scale,
      radius,
    }),
  );
  const stride = backStride(tubes.count);
  const behind = tubesOf(path, scale / side, stride);
  const thick = { radius: (BACK.thicker * radius) / side, depth: 0, fuzz: 0, halo: 0 };
  const back = yield* between(0.9, 1, lookingAt(behind, { width, height }, thick));
  layUnder(pixels, back, dyes, stride);
  const pieces = new Uint32Array(width * height);
  for (let row = 0; row < height; row += 1)
    for (let column = 0; column < width; column += 1)
      pieces[row * width + column] = sight.tubes[row * side * large.width + column * side] ?? 0;
  return { width, height, pixels, pieces };
}
