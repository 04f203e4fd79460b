/** How far yarn goes, against the forecast of every size one by one. */
import { sentence } from "@testing/sentence";
import { toEnd } from "../steps";
import { cabledBack, answerTo } from "@testing/anyProject";
import { metres, grams } from "../units/brands";
import { enoughOf } from "./enough";
import { demoProject } from "@/demo/slipover";
import { newSeam } from "../project/finishing";
import type { Project } from "../project/project";
import { readYarnInHand } from "../yarn/inHand";
import { howFar } from "./howFar";
import { layProject } from "../garment/panelLayout";

const KNOWN = new Map();
const ball = { massG: grams(50), lengthM: metres(82) };
const asked = {
  pieceId: "piece",
  sectionId: "fabric",
  yarnId: "yarn-1",
  layOf: (project: ReturnType<typeof cabledBack>) => layProject(project, KNOWN),
};
const toldFar = (...given: Parameters<typeof howFar>) => toEnd(howFar(...given));
const far = (lengthM: number, balls: number) =>
  toldFar(cabledBack(), { ...asked, inHand: { lengthM, balls } });

/** In how many cases so much is enough for a back of so many rows. */
function chance(rows: number, lengthM: number, balls: number) {
  const [{ drawn, yarn }] = answerTo(cabledBack({ rows })).yarns;
  return enoughOf(drawn.needsMm, drawn.putUps, drawn.putUpMean, yarn.joinMm).chanceOf(lengthM, balls);
}

test.each([
  [82, 1],
  [246, 3],
  [820, 10],
])("%d m in %d balls: so many rows are enough with the certainty, one more is not", (lengthM, balls) => {
  const rows = far(lengthM, balls)?.long?.rows ?? 0;
  expect(chance(rows, lengthM, balls)).toBeGreaterThanOrEqual(0.95);
  expect(chance(rows + 1, lengthM, balls)).toBeLessThan(0.95);
});

test("in the same shape it grows both ways; more yarn never makes it smaller", () => {
  const sizes = [2, 4, 8].map((balls) => far(82 * balls, balls)?.shape);
  const areas = sizes.map((size) => (size ? size.acrossMm * size.alongMm : 0));
  expect(areas[0]).toBeGreaterThan(0);
  expect(areas).toEqual([...areas].sort((a, b) => a - b));
});

test("where it is not enough for a row, that is said", () => {
  expect(far(2, 1)?.long).toBeNull();
  expect(far(500, 6)?.asItIs).toBeGreaterThan(0.95);
});

test.each([
  ["3", 246, 3],
  ["3 balls", 246, 3],
  ["95 m", 95, 1],
  ["48 g, 35 g, 22 g", 172.2, 3],
  ["2 balls and 10 g", 180.4, 3],
  ["100 yd", 91.44, 1],
])("%s at hand", (text, lengthM, balls) => {
  const reading = readYarnInHand(text, ball);
  if (!reading.ok) throw new Error(sentence(reading.message));
  expect(reading.value.lengthM).toBeCloseTo(lengthM, 6);
  expect(reading.value.balls).toBe(balls);
});

test.each(["", "half", "2.5", "20 st", "0"])("“%s” at hand is asked about", (text) => {
  const reading = readYarnInHand(text, ball);
  expect(reading.ok ? "" : sentence(reading.message)).toMatch(/Type|give|no stitches|check/);
});

test("a section that is cut short is told by its own width, though others are more of the piece by then", () => {
  const demo = { ...demoProject(), log: [] };
  const section = { pieceId: "back", sectionId: "back/ropes", yarnId: "yarn-1" };
  const layOf = (project: Project) => layProject(project, KNOWN);
  const told = toldFar(demo, { ...section, layOf, inHand: { lengthM: 656, balls: 8 } });
  // 49.9 cm as it stands: fewer rows leave it as wide as it is.
  expect((told?.long?.size.acrossMm ?? 0) / 499).toBeCloseTo(1, 2);
});

test("while something of the project is left out, nothing is told for it", () => {
  const inHand = { lengthM: 500, balls: 6 };
  const seams = [newSeam("nowhere", { of: { pieceId: "gone", side: "side" } })];
  expect(toldFar(cabledBack({}, { seams }), { ...asked, inHand })).toBeNull();
  expect(toldFar(cabledBack({}, { typed: { needle: "about five" } }), { ...asked, inHand })).toBeNull();
});
