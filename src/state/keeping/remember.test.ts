import { calculated } from "@testing/anyProject";
import { plainSwatch, readOff, withSwatches } from "@testing/anySwatch";
import { writeHand } from "@/core/files/handFile";
import { emptyProject } from "@/core/project/project";
import { inThisHand, useKnitterHand } from "./knitterHand";
import { forgetHand, forgetProject, rememberProject, sayOfHand, takeHandFile } from "./remember";

const { evidence } = calculated(withSwatches(readOff(plainSwatch(), null, [2, 2, 2]))).belief;
const project = (id: string, at: number) => ({ id, name: id.toUpperCase(), at, gramsPerM: 0.5, evidence });

beforeEach(() => void forgetHand());

test("a project that is told again takes the place of what it told, and a new project begins with all of them", () => {
  expect(inThisHand(emptyProject()).hand).toBeNull();
  rememberProject(project("b", 2));
  rememberProject(project("a", 1));
  rememberProject(project("b", 3));
  expect(useKnitterHand.getState().closed.map(({ id, at }) => [id, at])).toEqual([
    ["a", 1],
    ["b", 3],
  ]);
  expect(inThisHand(emptyProject()).hand).toMatchObject({ projects: 2 });
  forgetProject("a");
  expect(inThisHand(emptyProject()).hand).toMatchObject({ projects: 1 });
});

test("what the knitter says stands until it is taken back", () => {
  rememberProject(project("a", 1));
  const before = useKnitterHand.getState().hand;
  sayOfHand("loop", { mean: 0.2, sd: 0.01 });
  expect(useKnitterHand.getState().hand?.mean).toContain(0.2);
  sayOfHand("loop", null);
  expect(useKnitterHand.getState().hand).toEqual(before);
});

test("a forgotten hand comes back whole, and a file of another browser is put beside what is known", () => {
  rememberProject(project("a", 1));
  const bringBack = forgetHand();
  expect(useKnitterHand.getState()).toMatchObject({ closed: [], hand: null });
  bringBack();
  expect(takeHandFile(writeHand({ closed: [project("a", 5), project("c", 2)], said: {} }))).toBeNull();
  expect(useKnitterHand.getState().closed.map(({ id }) => id)).toEqual(["c", "a"]);
  expect(takeHandFile("nothing")).not.toBeNull();
  expect(useKnitterHand.getState().hand).toMatchObject({ projects: 2 });
});
