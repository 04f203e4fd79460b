import { demoProject } from "@/demo/slipover";
import { forecastProject } from "../forecast/projectForecast";
import { estimatePiece } from "./piece";
import { rowGaugeOff } from "./rowGaugeOff";

const answer = forecastProject(demoProject());
const plan = answer.known ? answer.forecast.estimate.pieces[0]?.plan : undefined;
if (!plan) throw new Error("the demo has no answer");

test("one row more in 10 cm makes the same rows shorter, and a twenty-fifth more rows keep the length", () => {
  const wanted = estimatePiece(plan).heightMm;
  const more = rowGaugeOff(plan, 1);
  expect(more.heightMm / wanted).toBeCloseTo(25 / 26, 6);
  expect(more.rows).toBe(156);
  const kept = estimatePiece({ ...plan, rows: 156, gauge: { ...plan.gauge, rowsPer10Cm: 26 } });
  expect(Math.abs(kept.heightMm - wanted)).toBeLessThan(kept.heightMm / 156);
  expect(more.totalMm).toBe(kept.totalMm);
});

test("one row fewer makes it longer; the rows that keep the length take less yarn than one row more", () => {
  const [fewer, more] = [rowGaugeOff(plan, -1), rowGaugeOff(plan, 1)];
  expect(fewer.heightMm).toBeGreaterThan(more.heightMm);
  expect(fewer.rows).toBe(144);
  expect(fewer.totalMm).toBeLessThan(more.totalMm);
});
