import { metres } from "../units/brands";
import { boughtOf, leastChance, spreadShare } from "./bought";
import type { Outcome } from "./outcome";

const strand = (balls: number, fromShelf: number, chance = 0.9) =>
  ({ bought: { balls, fromShelf }, chance }) as Outcome["strands"][number];

test("what is bought is that of all strands; one that cannot be planned counts for nothing", () => {
  const strands = [strand(11, 7), strand(3, 0), { chance: 0.5 } as Outcome["strands"][number]];
  expect(boughtOf({ strands })).toEqual({ balls: 14, fromShelf: 7 });
});

test("it lasts as long as the strand that runs out first", () => {
  expect(leastChance({ strands: [strand(1, 0, 0.97), strand(1, 0, 0.81)] })).toBe(0.81);
});

test("the spread is half of what the need lies within", () => {
  expect(spreadShare({ spreadM: [metres(90), metres(110)], needM: metres(100) })).toBeCloseTo(0.1, 12);
});
