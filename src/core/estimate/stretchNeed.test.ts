import fc from "fast-check";
import { anyProject, answerTo, cabledBack } from "@testing/anyProject";
import { sumOf } from "./ledger";
import { stretchNeed } from "./stretchNeed";

type Known = Extract<ReturnType<typeof answerTo>, { known: true }>;

const needs = (answer: Known, pieceId: string, yarnId: string) => {
  const piece = answer.plan.pieces.find(({ id }) => id === pieceId);
  if (!piece) throw new Error("it is not planned");
  const all = piece.sections.reduce((sum, { worked }) => sum + worked.rows.length, 0);
  const of = (from: number, to: number) =>
    stretchNeed(piece, yarnId, { from, to }, answer.plan.gauge).at(answer.plan.likely);
  return { all, of };
};

test("stretches of a piece laid end to end take what the ledger says of all of it", () => {
  fc.assert(
    fc.property(
      anyProject,
      fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { maxLength: 4 }),
      (project, cuts) => {
        const answer = answerTo(project);
        if (!answer.known) return;
        for (const { id, estimate } of answer.estimate.pieces)
          for (const { yarn } of answer.yarns) {
            const { all, of } = needs(answer, id, yarn.id);
            const places = [...new Set([0, ...cuts.map((cut) => Math.round(cut * all)), all])].sort(
              (a, b) => a - b,
            );
            const parts = places.slice(1).reduce((sum, to, index) => sum + of(places[index] ?? 0, to), 0);
            const told = sumOf(estimate.lines.filter((line) => line.yarnId === yarn.id));
            expect(Math.abs(parts - told)).toBeLessThan(1e-6);
          }
      },
    ),
    { numRuns: 40 },
  );
});

test("a piece of one yarn takes row by row just what the ledger says, and the last row the cast-off too", () => {
  const answer = answerTo(cabledBack());
  if (!answer.known) throw new Error("no answer");
  const [piece] = answer.estimate.pieces;
  const { all, of } = needs(answer, piece?.id ?? "", "yarn-1");
  const rows = Array.from({ length: all }, (_, row) => of(row, row + 1));
  const told = sumOf(piece?.estimate.lines ?? []);
  expect(rows.reduce((sum, mm) => sum + mm, 0)).toBeCloseTo(told, 6);
  expect(of(0, all)).toBeCloseTo(told, 6);
  expect(rows.at(-1)).toBeGreaterThan(1.5 * (rows.at(-2) ?? 0));
});
