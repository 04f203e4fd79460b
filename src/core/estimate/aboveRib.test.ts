import { aboveRib } from "./aboveRib";

test("100 stitches that keep 0.7 of their width stand on a rib of 70; the rules of thumb beside it", () => {
  expect(aboveRib(100, 0.7, 9)).toEqual({
    rib: 70,
    add: 30,
    byThirds: 25,
    byCrossings: { least: 9, most: 18 },
  });
});

test("panels that keep or gain width want none, and no rib is smaller than a stitch", () => {
  expect(aboveRib(40, 1, 0).add).toBe(0);
  expect(aboveRib(40, 1.05, 0)).toMatchObject({ rib: 40, add: 0 });
  expect(aboveRib(2, 0.1, 1).rib).toBe(1);
});

test("one in three of a rib is a quarter of what stands above it", () => {
  const { byThirds } = aboveRib(80, 0.7, 0);
  expect(byThirds).toBe(20);
  expect((80 - byThirds) / 3).toBe(byThirds);
});
