import { sentence } from "@testing/sentence";
import { say } from "../words/message";
import fc from "fast-check";
import { plainStitch } from "../stitches/plainStitch";
import { readPattern } from "../instructions/read";
import { LIBRARY } from "../panels/library";
import { stitchesOf, type PanelRow } from "../panels/panel";
import { facesOf } from "../stitches/crossings";
import { operationOf, yarnOf } from "../stitches/operations";
import { LEDGER_PARTS, roundedToSum } from "./ledger";
import { lengthOf, measuresOf } from "./measures";
import { countsOf, tallyRow } from "./tally";

function rowYarn(row: PanelRow, stitch: typeof plain, give = 0) {
  const counts = countsOf(tallyRow(row));
  const mm = (part: keyof typeof counts) =>
    lengthOf(counts[part], measuresOf(stitch, { give, castOff: 0, extras: 0 }));
  return {
    plainMm: mm("plain"),
    textureMm: mm("texture"),
    crossingMm: mm("crossings"),
    castOnMm: mm("castOn"),
    castOffMm: mm("castOff"),
  };
}
const rowTotal = (yarn: ReturnType<typeof rowYarn>) => Object.values(yarn).reduce((sum, mm) => sum + mm, 0);
const plain = plainStitch({ stitchesPer10Cm: 20, rowsPer10Cm: 28 });
const rowOf = (text: string) => {
  const [row] = readPattern(`Rnd 1: ${text}`).panel?.rows ?? [];
  if (!row) throw new Error(text);
  return row;
};

test("rounded parts add up to the rounded total, and none is off by a whole step", () => {
  expect(roundedToSum([1.4, 1.4, 1.2])).toEqual([2, 1, 1]);
  expect(roundedToSum([])).toEqual([]);
  fc.assert(
    fc.property(fc.array(fc.double({ min: -1e4, max: 1e6, noNaN: true }), { maxLength: 12 }), (parts) => {
      const rounded = roundedToSum(parts);
      const sum = (numbers: readonly number[]) => numbers.reduce((total, one) => total + one, 0);
      expect(Math.abs(sum(rounded) - sum(parts))).toBeLessThanOrEqual(0.5 + 1e-6);
      rounded.forEach((part, index) => expect(Math.abs(part - (parts[index] ?? 0))).toBeLessThan(1 + 1e-9));
    }),
  );
});

test("every part has a name and a reason of its own", () => {
  const names = LEDGER_PARTS.map((part) => sentence(say("ledgerPart", { part })));
  expect(new Set(names).size).toBe(LEDGER_PARTS.length);
  expect(LEDGER_PARTS.every((part) => sentence(say("ledgerWhy", { part })).endsWith("."))).toBe(true);
});

test("a row by hand: two purls, a crossing, two purls at 20 x 28", () => {
  const yarn = rowYarn(rowOf("P2, 2/2 LC, P2"), plain);
  expect(yarn.plainMm).toBeCloseTo(8 * 19.133, 2);
  expect(yarn.textureMm).toBeCloseTo(4 * 0.02 * 19.133, 3);
  expect(yarn.crossingMm).toBeCloseTo(8.629, 3);
});

test("a bobble, a yarn over and a slipped stitch are texture beside their plain loops", () => {
  const loop = plain.loopMm;
  expect(rowYarn(rowOf("MB"), plain).textureMm).toBeCloseTo((0.9 * 16 - 1) * loop, 6);
  expect(rowYarn(rowOf("yo, k2tog"), plain).textureMm).toBeCloseTo((0.55 - 1) * loop, 6);
  expect(rowYarn(rowOf("sl 1 wyib"), plain).textureMm).toBeCloseTo(plain.widthMm - loop, 6);
});

test("the parts of every row of the library add up to its operations and crossings, one by one", () => {
  for (const { name, text } of LIBRARY)
    for (const row of readPattern(text).panel?.rows ?? []) {
      const yarn = rowYarn(row, plain);
      const direct = row.reduce(
        (sum, work) =>
          sum +
          ("crossing" in work
            ? stitchesOf([work]) * plain.loopMm
            : yarnOf(work.operation, plain) * work.times),
        yarn.crossingMm,
      );
      expect([name, Math.abs(rowTotal(yarn) - direct) < 1e-9]).toEqual([name, true]);
    }
});

test("more give makes crossings dearer and nothing else", () => {
  const [usual, generous] = [0, 0.5].map((give) => rowYarn(rowOf("K4, 3/3 RC"), plain, give));
  expect(generous?.crossingMm).toBeCloseTo((usual?.crossingMm ?? 0) * Math.exp(0.5), 9);
  expect(generous?.plainMm).toBe(usual?.plainMm);
});

test("taking out a crossing never raises the yarn, in any row of the library", () => {
  const crossed = LIBRARY.flatMap(({ text }) => readPattern(text).panel?.rows ?? []).filter((row) =>
    row.some((work) => "crossing" in work),
  );
  expect(crossed.length).toBeGreaterThan(40);
  fc.assert(
    fc.property(fc.constantFrom(...crossed), fc.nat(30), (row, which) => {
      const places = row.flatMap((work, index) => ("crossing" in work ? [index] : []));
      const out = places[which % places.length];
      const straight = row.flatMap((work, index): PanelRow =>
        index === out && "crossing" in work
          ? facesOf(work.crossing).map((face) => ({ operation: operationOf(face), times: 1 }))
          : [work],
      );
      // A crossing's own purls count as plain loops; taken out they are purls, at 2 % of a loop each.
      const purls = straight.length * 0.02 * plain.loopMm;
      expect(rowTotal(rowYarn(straight, plain))).toBeLessThanOrEqual(rowTotal(rowYarn(row, plain)) + purls);
    }),
  );
});
