/** Need at kept width: what a knitter takes who adds stitches until the piece is as wide as it was planned. */
import { newSection } from "../files/sections";
import { pieceOf, projectOf, reckoned } from "./anyProject";
import { needOf } from "./need";
import { NOTHING_OFF } from "./unknowns";

const needed = (stitches: number, ground: "stockinette" | "rib2") => {
  const piece = pieceOf([
    newSection("castOn", "on", { stitches, method: "knittedOn" }),
    newSection("fabric", "fabric", { content: "ground", ground, rows: 100 }),
    newSection("castOff", "off"),
  ]);
  const { plan, estimate } = reckoned(projectOf([piece]));
  const need = needOf(plan).get("yarn-1");
  if (!need) throw new Error("no need");
  return { need, kept: estimate.pieces[0]?.estimate.widths.main?.kept.all ?? 1 };
};

test("stitches that come out 4 % narrower are 4 % more of them, cast on, knitted and cast off", () => {
  const off = { ...NOTHING_OFF, width: -Math.log(1.04) };
  expect(needed(100, "stockinette").need(off, "width")).toBeCloseTo(needed(104, "stockinette").need(off), 6);
  expect(needed(100, "stockinette").need(off)).toBeLessThan(needed(100, "stockinette").need(NOTHING_OFF));
});

test("a fabric that pulls in harder than computed wants as many more stitches as it is narrower", () => {
  const off = { ...NOTHING_OFF, drawWidth: Math.log(1.35) };
  const { need, kept } = needed(1000, "rib2");
  const narrower = kept ** 1.35 / kept;
  const ends = 2 * needed(1000, "rib2").need(NOTHING_OFF) - needed(2000, "rib2").need(NOTHING_OFF);
  const expected = (need(NOTHING_OFF) - ends) / narrower + ends;
  expect(need(off, "width") / expected).toBeCloseTo(1, 9);
  expect(need(off)).toBe(need(NOTHING_OFF));
});
