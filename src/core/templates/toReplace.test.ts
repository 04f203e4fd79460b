import { answerTo } from "@testing/anyProject";
import { layProject } from "../garment/panelLayout";
import { checkProject } from "../files/projectFile";
import { swapProject } from "../swap/swapProject";
import { grams, metres } from "../units/brands";
import { strandsFor, toReplace, type InHandYarn } from "./toReplace";

const putUp = (massG: number, lengthM: number) => ({ massG: grams(massG), lengthM: metres(lengthM) });
const aran = putUp(50, 82);
const asked = {
  asks: { balls: 9, ball: aran, stitchesPer10Cm: 18, rowsPer10Cm: 25 },
  yarn: "Tarnock Aran",
  cabledPercent: 50,
};
const inHand = (given: Partial<InHandYarn> = {}): InHandYarn => ({
  label: { name: "Fennel Fingering", putUp: putUp(100, 400) },
  strands: null,
  swatch: null,
  ...given,
});

test.each([
  [putUp(100, 400), 2],
  [putUp(100, 170), 1],
  [putUp(25, 210), 4],
  [putUp(100, 60), 1],
])("%j beside an aran is held in as many strands as come nearest", (yarn, strands) => {
  expect(strandsFor(yarn, aran)).toBe(strands);
});

test("the yarn in hand stands first, beside what one thinks of, and the file is a project", () => {
  const project = toReplace(asked, inHand());
  expect(project.swap.candidates.map(({ label, strands }) => [label.name, strands])).toEqual([
    ["Fennel Fingering", 2],
    ["Some chunky yarn", 1],
    ["Some aran yarn", 1],
    ["Some fingering yarn", 2],
  ]);
  expect(checkProject(JSON.parse(JSON.stringify(project)))).toEqual({ ok: true, project });
});

test("its swatch speaks of it: the gauge is measured, and the answer is surer", () => {
  const spreadOf = (yarn: InHandYarn) => {
    const project = toReplace(asked, yarn);
    const [candidate] = project.swap.candidates;
    const so =
      candidate && swapProject(project, candidate, { keep: "size", layOf: (one) => layProject(one) });
    if (!so) throw new Error("not swapped");
    const { yarns, sources, plan } = answerTo(so);
    const { p10, p90 } = yarns[0].quantilesMm;
    return { spread: Math.log(p90 / p10), source: sources.width, stitches: plan.gauge.stitchesPer10Cm };
  };
  const guessed = spreadOf(inHand());
  const swatched = spreadOf(inHand({ swatch: { stitches: 18.5, rows: 26 } }));
  expect(guessed.source).toBe("assumed");
  expect(swatched.source).toBe("measured");
  expect(swatched.stitches).toBeCloseTo(18.5, 0);
  expect(swatched.spread).toBeLessThan(guessed.spread);
});
