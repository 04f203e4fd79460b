import { calculated, cabledBack, projectOf } from "@testing/anyProject";
import { millimetres } from "../units/brands";
import { lengthOf as yarnIn, measuresOf } from "./measures";
import { layStrand } from "./layStrand";
import { middleOfRow, placeOn } from "./strand";
import { countsOf, tallyRow } from "./tally";

const { estimate, yarns } = calculated(cabledBack());
const strand = layStrand(estimate, yarns[0]);

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

test("a crossing row is longer than a plain one, by what its crossings take; crossings are marked", () => {
  const lengthOf = (row: number) => (strand.rowEndsMm[row - 1] ?? 0) - (strand.rowEndsMm[row - 2] ?? 0);
  const [piece] = estimate.pieces;
  const first = piece?.sections[1]?.worked.rows[0]?.row ?? [];
  const crossing = piece ? yarnIn(countsOf(tallyRow(first)).crossings, measuresOf(piece.estimate.plain)) : 0;
  expect(crossing).toBeGreaterThan(0);
  expect(lengthOf(7) - lengthOf(8)).toBeCloseTo(crossing, 6);
  expect(lengthOf(13)).toBeCloseTo(lengthOf(7), 6);
  expect([...strand.crosses.slice(0, 8)]).toEqual([1, 0, 0, 0, 0, 0, 1, 0]);
});

test("places: the first row begins behind the cast-on, the last ends before the cast-off", () => {
  const { castOn } = estimate.ledger;
  expect(placeOn(strand, millimetres(castOn - 1))).toMatchObject({ part: "castOn", row: null });
  expect(placeOn(strand, millimetres(castOn + 1))).toMatchObject({ part: "rows", row: 1 });
  const lastEnd = strand.rowEndsMm.at(-1) ?? 0;
  expect(placeOn(strand, millimetres(lastEnd - 1))).toMatchObject({ part: "rows", row: 150 });
  expect(placeOn(strand, millimetres(lastEnd + 1)).part).toBe("castOff");
});

test("the middle of a row lies between its ends", () => {
  for (const row of [1, 2, 75, 150]) {
    const middle = middleOfRow(strand, row);
    expect(middle).toBeLessThan(strand.rowEndsMm[row - 1] ?? 0);
    expect(middle).toBeGreaterThan(row === 1 ? estimate.ledger.castOn : (strand.rowEndsMm[row - 2] ?? 0));
  }
});

test("pieces and their copies follow one another, and the ends of all come last", () => {
  const [back] = cabledBack().pieces;
  if (!back) throw new Error("no piece");
  const short = { ...back, id: "sleeve", times: 2 };
  const sleeve = {
    ...short,
    sections: short.sections.map((section) =>
      section.kind === "fabric" ? { ...section, rows: 40 } : section,
    ),
  };
  const several = calculated(projectOf([back, sleeve]));
  const laid = layStrand(several.estimate, several.yarns[0]);
  expect(laid.worked.map(({ pieceId, copy, firstRow, rows }) => [pieceId, copy, firstRow, rows])).toEqual([
    [back.id, 1, 0, 150],
    ["sleeve", 1, 150, 40],
    ["sleeve", 2, 190, 40],
  ]);
  expect(laid.stretches.map(({ part }) => part)).toEqual([
    ...Array.from({ length: 3 }, () => ["castOn", "rows", "castOff"]).flat(),
    "ends",
  ]);
  expect(placeOn(laid, middleOfRow(laid, 191))).toMatchObject({
    part: "rows",
    row: 191,
    worked: { pieceId: "sleeve", copy: 2 },
  });
});
