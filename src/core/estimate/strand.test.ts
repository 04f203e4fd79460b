import { demoProject } from "@/demo/slipover";
import { forecastProject } from "../forecast/projectForecast";
import { millimetres } from "../units/brands";
import { layStrand, middleOfRow, placeOn } from "./strand";

const answer = forecastProject(demoProject());
if (!answer.known) throw new Error("the demo has no answer");
const { estimate } = answer.forecast;
const strand = layStrand(estimate);

test("the parts follow one another without a gap, in the order of knitting", () => {
  expect(strand.stretches.map(({ part }) => part)).toEqual(["castOn", "rows", "castOff", "ends"]);
  strand.stretches.forEach(({ fromMm, toMm }, index) => {
    expect(fromMm).toBe(strand.stretches[index - 1]?.toMm ?? 0);
    expect(toMm).toBeGreaterThan(fromMm);
  });
});

test("each part is as long as the ledger says", () => {
  const { ledger } = estimate;
  const [castOn, rows, castOff, ends] = strand.stretches.map(({ fromMm, toMm }) => toMm - fromMm);
  expect(castOn).toBeCloseTo(ledger.castOn, 6);
  expect(rows).toBeCloseTo(ledger.plain + ledger.drawIn + ledger.crossings + ledger.texture, 4);
  expect(castOff).toBeCloseTo(ledger.castOff, 6);
  expect(ends).toBeCloseTo(ledger.ends, 4);
});

test("a crossing row is longer than a plain one, by what its crossings take", () => {
  const lengthOf = (row: number) => (strand.rowEndsMm[row - 1] ?? 0) - (strand.rowEndsMm[row - 2] ?? 0);
  const crossing = estimate.repeat[0]?.crossingMm ?? 0;
  expect(crossing).toBeGreaterThan(0);
  expect(lengthOf(7) - lengthOf(8)).toBeCloseTo(crossing, 6);
  expect(lengthOf(13)).toBeCloseTo(lengthOf(7), 6);
});

test("places: the first row begins behind the cast-on, the last ends before the cast-off", () => {
  const { castOn } = estimate.ledger;
  expect(placeOn(strand, millimetres(castOn - 1))).toEqual({ part: "castOn", row: null });
  expect(placeOn(strand, millimetres(castOn + 1))).toEqual({ part: "rows", row: 1 });
  const lastEnd = strand.rowEndsMm.at(-1) ?? 0;
  expect(placeOn(strand, millimetres(lastEnd - 1))).toEqual({ part: "rows", row: 150 });
  expect(placeOn(strand, millimetres(lastEnd + 1)).part).toBe("castOff");
});

test("the middle of a row lies between its ends", () => {
  for (const row of [1, 2, 75, 150]) {
    const middle = middleOfRow(strand, row);
    expect(middle).toBeLessThan(strand.rowEndsMm[row - 1] ?? 0);
    expect(middle).toBeGreaterThan(row === 1 ? estimate.ledger.castOn : (strand.rowEndsMm[row - 2] ?? 0));
  }
});
