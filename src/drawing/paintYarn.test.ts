import type { YarnPath } from "../core/fabric/yarnPath";
import { toEnd } from "../core/steps";
import { closeUp, middleOf } from "./closeUp";
import { paintingYarn, type Painted, type YarnLook } from "./paintYarn";

const look: YarnLook = { dye: "#8a9a6b", thickness: 0.5 };

/** A path of straight pieces, each from one point to another, `x y z` each, and its stitch. */
function pathOf(lines: readonly (readonly number[])[], width = 4, height = 3): YarnPath {
  const pieces = lines.flatMap((line, index) => [...line, index, 1]);
  return {
    pieces: Float32Array.from(pieces),
    stitches: Uint32Array.from(lines, (_, index) => index),
    width,
    height,
  };
}

const paint = (path: YarnPath, more: Partial<YarnLook> = {}, size = { width: 80, height: 60 }) =>
  toEnd(paintingYarn(path, { ...look, ...more }, size));

/** Red, green, blue and alpha at a place in stitch widths from the lower left. */
function at({ pixels, width, height }: Painted, x: number, y: number, scale = 20): readonly number[] {
  const pixel = 4 * ((height - 1 - Math.floor(y * scale)) * width + Math.floor(x * scale));
  return [...pixels.subarray(pixel, pixel + 4)];
}
const pieceAt = ({ pieces, width, height }: Painted, x: number, y: number, scale = 20) =>
  pieces[(height - 1 - Math.floor(y * scale)) * width + Math.floor(x * scale)];
const lightAt = (painted: Painted, x: number, y: number) =>
  at(painted, x, y)
    .slice(0, 3)
    .reduce((sum, channel) => sum + channel, 0);

const LEVEL = [0.5, 1.5, 0, 3.5, 1.5, 0];
const UPRIGHT = (z: number) => [2, 0.3, z, 2, 2.7, z];

test("of two yarns that cross the one further forward is in sight, whichever is laid first", () => {
  for (const z of [-0.4, 0.4])
    for (const lines of [
      [LEVEL, UPRIGHT(z)],
      [UPRIGHT(z), LEVEL],
    ]) {
      const upright = lines.findIndex((line) => line[0] === 2) + 1;
      const level = 3 - upright;
      const painted = paint(pathOf(lines));
      expect(pieceAt(painted, 2, 1.5)).toBe(z > 0 ? upright : level);
      expect(pieceAt(painted, 1, 1.5)).toBe(level);
      expect(pieceAt(painted, 2, 2.5)).toBe(upright);
      expect(pieceAt(painted, 0.8, 2.6)).toBe(0);
    }
});

test("yarn is as wide as it is thick, has round ends, and nothing is painted beside it", () => {
  const painted = paint(pathOf([LEVEL]));
  for (const quick of [true, false]) {
    const { pixels } = paint(pathOf([LEVEL]), { quick });
    let area = 0;
    for (let alpha = 3; alpha < pixels.length; alpha += 4) area += (pixels[alpha] ?? 0) / 255 / 400;
    expect(area).toBeCloseTo(3 * 0.5 + Math.PI * 0.25 ** 2, 1);
  }
  expect(at(painted, 2, 1.8)).toEqual([0, 0, 0, 0]);
  expect(at(painted, 2, 1.7)[3]).toBe(255);
});

test("light comes from the upper left: upper sides are lighter than lower ones, left ones than right ones", () => {
  const level = paint(pathOf([LEVEL]));
  expect(lightAt(level, 2, 1.65)).toBeGreaterThan(1.3 * lightAt(level, 2, 1.33));
  const upright = paint(pathOf([UPRIGHT(0)]));
  expect(lightAt(upright, 1.87, 1.5)).toBeGreaterThan(1.2 * lightAt(upright, 2.15, 1.5));
});

test("what lies in a valley gets less light than what stands over it", () => {
  const beside = [0.5, 1, 2, 2.5].map((x) => [x, 0, 0.5, x, 3, 0.5]);
  const low = paint(pathOf([[1.5, 0, -0.4, 1.5, 3, -0.4], ...beside]));
  const alone = paint(pathOf([[1.5, 0, -0.4, 1.5, 3, -0.4]]));
  expect(lightAt(low, 1.5, 1.5)).toBeLessThan(0.7 * lightAt(alone, 1.5, 1.5));
});

test("a yarn that bends has neither gap nor overlap where its pieces meet", () => {
  const turns = Array.from({ length: 25 }, (_, step) => (Math.PI * step) / 24);
  const points = turns.map((turn) => [2 - Math.cos(turn), 1 + Math.sin(turn), 0]);
  const bent = points.slice(1).map((point, index) => [...(points[index] ?? []), ...point]);
  const painted = paint(pathOf(bent), {}, { width: 320, height: 240 });
  for (const turn of turns.slice(1, -1))
    for (const far of [0.8, 0.9, 1, 1.1, 1.2])
      expect(at(painted, 2 - far * Math.cos(turn), 1 + far * Math.sin(turn), 80)[3]).toBe(255);
});

test("through a gap between yarns the fabric's back is seen in the dark, outside of it nothing", () => {
  const sides = [0.7, 3.3].map((x) => [x, 1.5, 0, x, 2.2, 0]);
  const painted = paint(pathOf([LEVEL, [0.5, 2.2, 0, 3.5, 2.2, 0], ...sides]));
  expect(at(painted, 2, 1.85)[3]).toBe(255);
  expect(lightAt(painted, 2, 1.85)).toBeLessThan(0.5 * lightAt(painted, 2, 1.5));
  expect(at(painted, 2, 1.15)[3]).toBe(0);
});

test("each kind of label looks another way: fuzz stands out, marl and colour changes scatter", () => {
  const spread = (character: Partial<NonNullable<YarnLook["character"]>>) => {
    const plain = { halo: 0, sheen: 0.1, heather: 0, variegation: 0, plies: 1 };
    const painted = paint(pathOf([LEVEL]), { character: { ...plain, ...character } });
    const reds = Array.from({ length: 50 }, (_, step) => at(painted, 0.7 + 0.05 * step, 1.5)[0] ?? 0);
    let covered = 0;
    for (let alpha = 3; alpha < painted.pixels.length; alpha += 4) covered += painted.pixels[alpha] ?? 0;
    return { reds: Math.max(...reds) - Math.min(...reds), covered };
  };
  const plain = spread({});
  expect(plain.reds).toBeLessThan(12);
  expect(spread({ heather: 1 }).reds).toBeGreaterThan(plain.reds + 20);
  expect(spread({ variegation: 1 }).reds).toBeGreaterThan(plain.reds + 5);
  expect(spread({ halo: 0.8 }).covered).toBeGreaterThan(1.02 * plain.covered);
});

test("a dye by yarn reddens what is dear", () => {
  const dear = pathOf([LEVEL]);
  dear.pieces[7] = 1.5;
  const [red = 0, green = 0] = at(paint(dear, { dye: { least: 1, most: 1.5 } }), 2, 1.5);
  expect(red).toBeGreaterThan(1.8 * green);
});

test("a close-up holds the yarn of its part alone, moved there; a stitch has its middle", () => {
  const path = pathOf([LEVEL, UPRIGHT(0.4), [3.4, 0.2, 0, 3.6, 0.2, 0]]);
  const whole = closeUp(path, { left: 0, bottom: 0, width: 4, height: 3 });
  expect(whole.pieces).toEqual(path.pieces);
  const corner = closeUp(path, { left: 3, bottom: 0, width: 1, height: 1 });
  expect([...corner.stitches]).toEqual([2]);
  expect(corner.pieces[0]).toBeCloseTo(0.4, 5);
  expect(middleOf(path, 1)).toEqual({ x: 2, y: expect.closeTo(0.3, 5) as number });
  expect(middleOf(path, 9)).toBeNull();
});
