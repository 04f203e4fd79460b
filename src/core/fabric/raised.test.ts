import { readPattern } from "../instructions/read";
import { AXES } from "./near";
import { ballPoints, raisedOf } from "./raised";

const panelOf = (text: string) => {
  const { panel } = readPattern(text);
  if (!panel) throw new Error(text);
  return panel;
};

test("bobbles are found where they are worked, behind crossings too", () => {
  const panel = panelOf(
    "MB = 5 sts, 2 rows\nRnd 1: P2, 2/2 LC, MB, P2.\nRnd 2: P2, K5, P2.\nRnd 3: P2, MB, K4, P2.",
  );
  expect(raisedOf(panel).map(({ row, column }) => [row, column])).toEqual([
    [0, 6],
    [2, 2],
  ]);
  expect(raisedOf(panelOf("Rnd 1: K4.\nRnd 2: P4."))).toEqual([]);
});

test("a ball is round, stands before its stitch, and is larger the more yarn is in it", () => {
  const reach = (loops: number, axis: number) => {
    const values = [...ballPoints(loops)].filter((_, at) => at % AXES === axis);
    return [Math.min(...values), Math.max(...values)] as const;
  };
  const [left, right] = reach(14.4, 0);
  const [low, high] = reach(14.4, 1);
  expect(right - left).toBeCloseTo(high - low, 0);
  expect(right).toBeCloseTo(-left, 6);
  expect(reach(14.4, 2)[0]).toBeGreaterThan(0);
  expect(reach(14.4, 2)[1]).toBeGreaterThan(0.6);
  expect(reach(14.4, 0)[1]).toBeGreaterThan(reach(5.4, 0)[1]);
  expect((ballPoints(14.4).length / AXES - 1) % 4).toBe(0);
});
