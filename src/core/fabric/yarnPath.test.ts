import { LIBRARY } from "../panels/library";
import { sentence } from "@testing/sentence";
import { yarnInYarn } from "@testing/yarnInYarn";
import { fabricSvg } from "../files/fabricSvg";
import { shaded } from "../yarn/colour";
import { readPattern } from "../instructions/read";
import { drawingFabric, type DrawnFabric } from "./drawnFabric";
import { toEnd } from "../steps";
import { stitchYarn } from "./stitchYarn";
import { THICKEST } from "./loopShape";
import { NUMBERS_EACH } from "./yarnPath";

const ROPE = "Rnd 1: P2, 2/2 LC, P2.\nRnds 2-4: P2, K4, P2.";
const panelOf = (text: string) => {
  const { panel } = readPattern(text);
  if (!panel) throw new Error(text);
  return panel;
};

function drawn(text: string, blocking: "asKnit" | "wetBlocked" = "asKnit"): DrawnFabric {
  const fabric = toEnd(drawingFabric(panelOf(text), { aspect: 0.72, blocking }));
  if (!fabric.ok) throw new Error(sentence(fabric.message));
  return fabric;
}

const piecesOf = ({ path }: Pick<DrawnFabric, "path">) =>
  Array.from({ length: path.pieces.length / NUMBERS_EACH }, (_, index) => [
    ...path.pieces.subarray(index * NUMBERS_EACH, (index + 1) * NUMBERS_EACH),
  ]);

test("the yarn of a row is one line: each piece begins where the one before it ends", () => {
  const fabric = drawn(ROPE);
  const pieces = piecesOf(fabric);
  const [rows, perRow] = [8, pieces.length / 8];
  expect(fabric.times).toBe(2);
  expect(Number.isInteger(perRow)).toBe(true);
  for (let row = 0; row < rows; row += 1)
    for (let piece = 1; piece < perRow; piece += 1) {
      const [before, here] = [pieces[row * perRow + piece - 1], pieces[row * perRow + piece]];
      for (const axis of [0, 1, 2]) expect(here?.[axis]).toBeCloseTo(before?.[axis + 3] ?? NaN, 6);
    }
});

test("all of it lies inside the drawing, and its place on the strand only grows", () => {
  const fabric = drawn(ROPE);
  const { width, height } = fabric.path;
  let before = -1;
  for (const [x0 = -1, y0 = -1, z0 = NaN, , , , place = -1] of piecesOf(fabric)) {
    expect(x0 >= 0 && x0 <= width && y0 >= 0 && y0 <= height && Number.isFinite(z0)).toBe(true);
    expect(place).toBeGreaterThan(before);
    before = place;
  }
});

/** Pieces of the loops of one stitch, by its row and its column from the right, of those that are drawn first. */
function loopOf(fabric: DrawnFabric, row: number, column: number) {
  const { times, figures, path } = fabric;
  const columns = figures.stitches * times;
  const all = path.pieces.length / NUMBERS_EACH;
  const each = all / (columns * figures.rows * times);
  const from = (row * columns + column) * each;
  return piecesOf(fabric).slice(from, from + each);
}

const lengthOf = (pieces: readonly number[][]) =>
  pieces.reduce(
    (sum, [x0 = 0, y0 = 0, z0 = 0, x1 = 0, y1 = 0, z1 = 0]) => sum + Math.hypot(x1 - x0, y1 - y0, z1 - z0),
    0,
  );
const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;

/** How far the legs of a loop stand before its head, towards the eye. */
function legsBeforeHead(loop: readonly number[][]) {
  const depth = (from: number, to: number) =>
    mean(loop.slice(Math.floor(from * loop.length), Math.ceil(to * loop.length)).map(([, , z = 0]) => z));
  return (depth(0.2, 0.3) + depth(0.7, 0.8)) / 2 - depth(0.45, 0.55);
}

test("a loop is as long as its yarn is by the model, within 15 in 100", () => {
  const modelled = Math.sqrt(20.5 * 0.72);
  for (const text of ["Rnds 1-4: K8.", "Rnds 1-4: P8."]) {
    const fabric = drawn(text, "wetBlocked");
    const drawnLength = lengthOf(piecesOf(fabric)) / (8 * 4 * 4);
    expect([text, Math.abs(drawnLength / modelled - 1) < 0.15]).toEqual([text, true]);
  }
});

test("loops that travel are longer than those beside them, as their yarn is", () => {
  for (const [text, columns] of [
    ["Rnd 1: K4, 3/3 LC, K4.\nRnds 2-8: K14.", [4, 5, 6, 7, 8, 9]],
    ["Rnd 1: P4, 2/2 LC, P4.\nRnds 2-8: P4, K4, P4.", [4, 5, 6, 7]],
  ] as const) {
    const rope = drawn(text, "wetBlocked");
    const row = (at: number) => mean(columns.map((column) => lengthOf(loopOf(rope, at, column))));
    expect([text, row(0) > row(4)]).toEqual([text, true]);
  }
});

test("the legs of a knit stitch stand before its head, and those of a purl behind it", () => {
  const rib = drawn("Rnds 1-4: [K3, P3] 2 times.", "wetBlocked");
  expect(legsBeforeHead(loopOf(rib, 1, 1))).toBeGreaterThan(0.15);
  expect(legsBeforeHead(loopOf(rib, 1, 4))).toBeLessThan(-0.15);
});

test("knit columns stand up out of a rib, and purl rows out of garter", () => {
  const depthOf = (loop: readonly number[][]) => Math.max(...loop.map(([, , z = 0]) => z));
  const rib = drawn("Rnds 1-4: [K3, P3] 2 times.", "wetBlocked");
  expect(depthOf(loopOf(rib, 1, 1))).toBeGreaterThan(depthOf(loopOf(rib, 1, 4)) + 0.1);
  const garter = drawn("Rnds 1, 3: K6.\nRnds 2, 4: P6.", "wetBlocked");
  const [knit, purl] = [0, 1].map((row) => mean(loopOf(garter, row, 3).map(([, , z = 0]) => z)));
  expect(purl).toBeGreaterThan((knit ?? 0) + 0.1);
});

test("a bobble stands before all that is around it", () => {
  const fabric = drawn("MB = 5 sts, 2 rows\nRnd 1: K3, MB, K3.\nRnds 2-6: K7.", "wetBlocked");
  const front = Math.max(...piecesOf(fabric).map(([, , z = 0]) => z));
  const plain = Math.max(...piecesOf(drawn("Rnds 1-6: K7.", "wetBlocked")).map(([, , z = 0]) => z));
  expect(front).toBeGreaterThan(plain + 0.3);
});

test("what is laid over the needle leaves a hole: no yarn of its own comes out of the row below", () => {
  const lace = drawn("Rnd 1: K3, yo, k2tog, K3.\nRnds 2-4: K8.", "wetBlocked");
  const lowest = (column: number) => Math.min(...loopOf(lace, 0, column).map(([, y = 0]) => y));
  expect(lowest(3)).toBeGreaterThan(lowest(1) + 0.25);
});

test("a slipped stitch reaches up through its row, and the yarn passes behind it, or before it", () => {
  const plain = drawn("Rnds 1-4: K7.", "wetBlocked");
  const highest = (loop: readonly number[][]) => Math.max(...loop.map(([, y = 0]) => y));
  const deep = (loop: readonly number[][]) => mean(loop.map(([, , z = 0]) => z));
  for (const [slip, side] of [
    ["sl1 wyib", -1],
    ["sl1 wyif", 1],
  ] as const) {
    const fabric = drawn(`Rnd 1: K7.\nRnd 2: K3, ${slip}, K3.\nRnds 3-4: K7.`, "wetBlocked");
    expect(highest(loopOf(fabric, 0, 3))).toBeGreaterThan(highest(loopOf(plain, 0, 3)) + 0.4);
    const passing = loopOf(fabric, 1, 3);
    expect(side * deep(passing)).toBeGreaterThan(0.15);
    expect(lengthOf(passing)).toBeLessThan(0.5 * lengthOf(loopOf(plain, 1, 3)));
  }
});

test("what is lifted over its neighbours lies before them", () => {
  const mock = drawn("Rnd 1: P2, mock3, P2.\nRnds 2-4: P2, K3, P2.", "wetBlocked");
  const plain = drawn("Rnds 1-4: P2, K3, P2.", "wetBlocked");
  const front = (fabric: DrawnFabric) => Math.max(...piecesOf(fabric).map(([, , z = 0]) => z));
  expect(front(mock)).toBeGreaterThan(front(plain) + 0.05);
  // One strand of twelve pieces for each of the four that are drawn.
  expect(mock.path.pieces.length - plain.path.pieces.length).toBe(4 * 12 * NUMBERS_EACH);
});

test("in a crossing the strand in front stands before the one behind, where they meet", () => {
  const fabric = drawn("Rnd 1: 3/3 LC.\nRnds 2-6: K6.");
  const middle = fabric.path.width / 4;
  const [low, high] = [fabric.path.height * 0.02, fabric.path.height * 0.14];
  const depths = piecesOf(fabric)
    .filter(([x = 0, y = 0]) => Math.abs(x - middle) < 1 && y > low && y < high)
    .map(([, , z = 0]) => z);
  expect(Math.max(...depths) - Math.min(...depths)).toBeGreaterThan(0.8);
});

/** Both ways in which a panel is looked at, and every panel that comes with Brenok. */
const EVERY = LIBRARY.flatMap(({ id, text }) =>
  (["asKnit", "wetBlocked"] as const).map((blocking) => [id, blocking, text] as const),
);

test.each(EVERY)(
  "in %s, %s, no yarn lies in other yarn by more than a fifth of its thickness, and all lies in the drawing",
  (_, blocking, text) => {
    const { path, settled } = drawn(text, blocking);
    const { deepest, where } = yarnInYarn(path, THICKEST);
    expect(settled).toBe(true);
    expect([where, deepest < 0.2]).toEqual([where, true]);
    const inside = piecesOf({ path }).every(
      ([x = NaN, y = NaN, z = NaN]) =>
        x > -0.5 && x < path.width + 0.5 && y > 0 && y < path.height && Math.abs(z) < 2,
    );
    expect(inside).toBe(true);
  },
);

test("what is drawn at once is not settled where yarn lies in yarn, and is as wide and as high", () => {
  const options = { aspect: 0.72, blocking: "asKnit" } as const;
  const quick = toEnd(drawingFabric(panelOf(ROPE), { ...options, quick: true }));
  if (!quick.ok) throw new Error(sentence(quick.message));
  const { path, settled, figures } = drawn(ROPE);
  expect([quick.settled, settled]).toEqual([false, true]);
  expect(yarnInYarn(quick.path, THICKEST).deepest).toBeGreaterThan(0.5);
  expect([quick.path.width, quick.path.height, quick.figures]).toEqual([path.width, path.height, figures]);
});

test("wet-blocked it is drawn wider, and a larger rope is told narrower", () => {
  expect(drawn(ROPE, "wetBlocked").path.width).toBeGreaterThan(drawn(ROPE).path.width * 1.1);
  const { figures } = drawn(ROPE);
  expect(figures.widthFactor).toBeCloseTo(0.641, 2);
  expect([figures.stitches, figures.rows]).toEqual([8, 4]);
  expect(figures.widthOfNarrowest).toBeLessThan(figures.widthOfWidest);
});

test("a large panel is drawn once in each direction", () => {
  const large = drawn(`Rnd 1: [P2, 2/2 LC, P2] 10 times.\nRnds 2-40: [P2, K4, P2] 10 times.`);
  expect(large.times).toBe(1);
  expect(large.figures).toMatchObject({ stitches: 80, rows: 40 });
});

test("the yarn of each stitch: one loop, more in a crossing, half in a yarn over", () => {
  const yarn = stitchYarn(panelOf("Rnd 1: K1, P1, 2/2 LC, k2tog, yo, sl 1 wyib."), 0.72);
  const loop = Math.sqrt(20.5 * 0.72);
  expect(yarn).toHaveLength(9);
  expect(yarn[0]).toBe(1);
  expect(yarn[1]).toBeCloseTo(1.02, 9);
  for (const crossed of yarn.slice(2, 6)) expect(crossed).toBeCloseTo(1 + 1.721 / 4 / loop, 3);
  expect([...yarn.slice(6)]).toEqual([1, 0.55, 1 / loop]);
});

test("the SVG is to scale, sorted from the back, and its title is safe", () => {
  const { path } = drawn(ROPE);
  const svg = fabricSvg(path, {
    colourOf: (loops) => (loops > 1 ? "#a3372b" : "#7a8b6f"),
    thickness: 0.45,
    stitchMm: 5,
    title: "Rope <of> & “4”",
  });
  expect(svg).toContain(`width="${(path.width * 5).toFixed(1)}mm"`);
  expect(svg).toContain("<title>Rope &lt;of&gt; &amp; “4”</title>");
  const strokes = [...svg.matchAll(/<path d="([^"]+)" stroke="(#[0-9a-f]{6})"/g)];
  const lines = strokes.reduce((sum, [, d = ""]) => sum + d.split("M").length - 1, 0);
  expect(lines).toBe((3 * path.pieces.length) / NUMBERS_EACH);
  expect(svg).not.toMatch(/NaN|undefined/);
});

test("shades stay within their channels", () => {
  expect([shaded("#808080", 0.5), shaded("#ffffff", 1.2), shaded("#102030", 0)]).toEqual([
    "#404040",
    "#ffffff",
    "#000000",
  ]);
});
