import { answerTo, cabledBack } from "@testing/anyProject";
import { layProject } from "../garment/panelLayout";
import { toEnd } from "../steps";
import { grams, metres } from "../units/brands";
import { madeAgain } from "./madeAgain";

const back = cabledBack();
const again = (lengthM: number, balls: number, given: Partial<typeof back> = {}) =>
  toEnd(
    madeAgain(
      { ...back, ...given },
      {
        yarn: {
          name: "Another aran",
          putUp: { massG: grams(50), lengthM: metres(82) },
          stitchesPer10Cm: 18,
          rowsPer10Cm: 25,
        },
        inHand: { lengthM, balls },
        pace: 22,
      },
      (project) => layProject(project),
    ),
  );

test("in a yarn like its own it takes as much, and more of it is surer", () => {
  // What was measured across the cables of the other yarn says nothing of this one.
  const own = answerTo({ ...back, pieces: answerTo(back).belief.basis.project.pieces });
  const told = again(410, 5);
  expect((told?.needM ?? 0) / (own.estimate.totalMm / 1000)).toBeCloseTo(1, 1);
  const chances = [250, 330, 410, 490].map((lengthM) => again(lengthM, 5)?.chance ?? NaN);
  expect(chances).toEqual([...chances].sort((a, b) => a - b));
  expect(chances[0]).toBeLessThan(0.05);
  expect(chances[3]).toBeGreaterThan(0.9);
});

test("what cannot be read of it leaves no chance", () => {
  expect(again(410, 5, { typed: { needle: "about five" } })).toBeNull();
});
