import { cabledBack, estimated } from "@testing/anyProject";
import { rowGaugeOff } from "./rowGaugeOff";
import { NOTHING_OFF } from "./unknowns";

const gauge = { stitchesPer10Cm: 18, rowsPer10Cm: 25 };
const piece = estimated(cabledBack());
const plan = { gauge, likely: NOTHING_OFF };

test("one row more in 10 cm makes the same rows shorter, and a twenty-fifth more rows keep the length", () => {
  const wanted = piece.estimate.heightMm;
  const more = rowGaugeOff(piece, plan, 1);
  expect(more.heightMm / wanted).toBeCloseTo(25 / 26, 6);
  expect(more.rows).toBe(156);
  const kept = estimated(
    cabledBack({ rows: 156 }, { gauge: { ...gauge, rowsPer10Cm: 26, source: "measured" } }),
  ).estimate;
  expect(Math.abs(kept.heightMm - wanted)).toBeLessThan(kept.heightMm / 100);
  expect(more.totalMm / kept.totalMm).toBeCloseTo(1, 3);
});

test("one row fewer makes it longer; the rows that keep the length take less yarn than one row more", () => {
  const [fewer, more] = [rowGaugeOff(piece, plan, -1), rowGaugeOff(piece, plan, 1)];
  expect(fewer.heightMm).toBeGreaterThan(more.heightMm);
  expect(fewer.rows).toBe(144);
  expect(fewer.totalMm).toBeLessThan(more.totalMm);
});

test("what swatches say of the loop is in the rows that keep the length too", () => {
  const heavy = { gauge, likely: { ...NOTHING_OFF, loop: 0.05 } };
  expect(rowGaugeOff(piece, heavy, 1).totalMm).toBeGreaterThan(1.04 * rowGaugeOff(piece, plan, 1).totalMm);
});
