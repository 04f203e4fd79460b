import { sentence } from "@testing/sentence";
import { emptyProject } from "@/core/project/project";
import { newSection } from "@/core/project/sections";
import { readProject, writeProject } from "@/core/files/projectFile";
import { demoProject } from "@/demo/slipover";
import { SWATCH_ACROSS } from "./across";
import { begin, undo, useProjectStore } from "./projectStore";
import { chooseSwatch, chosenSwatchOf, chosenNow } from "../chosen/chosen";
import {
  addPatternSwatch,
  addPlainSwatch,
  cabledSection,
  copySwatch,
  editSwatch,
  MOST_SWATCHES,
  removeSwatch,
  standBy,
  takeWeight,
} from "./swatches";
import { shownIn, typeInto } from "../fields/typing";

const project = () => useProjectStore.getState().project;
const chosen = () => chosenSwatchOf(project());

beforeEach(() => begin(demoProject()));

test("a plain swatch is added and opened; undo takes it back", () => {
  addPlainSwatch();
  expect(project().swatches).toHaveLength(3);
  expect(chosen()).toMatchObject({ name: "Plain swatch", scaleStepG: 0.1, massG: null });
  undo();
  expect(project().swatches).toHaveLength(2);
  expect(chosen()?.id).toBe("plain");
});

test("a pattern swatch is worked in what the project is cabled with, two repeats across", () => {
  addPatternSwatch();
  expect(chosen()?.fabric).toMatchObject({ content: "ropes", ropeId: "rope-3-3", ropes: 2, edge: 4 });
  expect(chosen()?.fabric.id).toBe(`${chosen()?.id}/fabric`);
  begin({ ...emptyProject(), pieces: [] });
  expect(cabledSection(project())).toBeNull();
  addPatternSwatch();
  expect(project().swatches).toEqual([]);
});

test("panels lie across a swatch as across a piece, and its row is changed apart from theirs", () => {
  const [back] = project().pieces;
  if (!back) throw new Error("no piece");
  const panels = newSection("fabric", "row", {
    content: "panels",
    across: [
      { panelId: "horseshoe", times: 3, joined: "repeat" },
      { panelId: "honeycomb", times: 1, joined: "repeat" },
    ],
  });
  begin({ ...demoProject(), pieces: [{ ...back, sections: [...back.sections.slice(0, 1), panels] }] });
  addPatternSwatch();
  const across = () => chosen()?.fabric.across;
  expect(across()).toEqual([
    { panelId: "horseshoe", times: 1, joined: "repeat" },
    { panelId: "honeycomb", times: 1, joined: "repeat" },
  ]);
  SWATCH_ACROSS.repeat(0, 1);
  SWATCH_ACROSS.move(0, 1);
  SWATCH_ACROSS.choose(0, "rope-of-4");
  SWATCH_ACROSS.add("horseshoe");
  SWATCH_ACROSS.remove(1);
  expect(across()).toEqual([
    { panelId: "rope-of-4", times: 1, joined: "repeat" },
    { panelId: "horseshoe", times: 1, joined: "repeat" },
  ]);
  expect(project().pieces[0]?.sections[1]).toEqual(panels);
  undo();
  expect(across()).toHaveLength(3);
});

test("a copy is worked alike and read anew", () => {
  chooseSwatch("ropes");
  copySwatch();
  expect(chosen()).toMatchObject({
    name: "Two ropes, 5 mm, again",
    rows: 30,
    massG: null,
    finished: { widthMm: null },
  });
  expect(new Set(project().swatches.map(({ fabric }) => fabric.id)).size).toBe(3);
});

test("what is typed of a swatch is kept for it alone, to the letter", () => {
  chooseSwatch("plain");
  typeInto("swatchMass", "1/2 oz", "metric");
  expect(chosen()?.massG).toBeCloseTo(14.17, 2);
  expect(shownIn("swatchMass", project(), "imperial", chosenNow()).text).toBe("1/2 oz");
  chooseSwatch("ropes");
  expect(shownIn("swatchMass", project(), "metric", chosenNow()).text.replace(/\s/g, " ")).toBe("11.9 g");
  typeInto("swatchMass", "800 g", "metric");
  expect(shownIn("swatchMass", project(), "metric", chosenNow())).toMatchObject({ text: "800 g" });
  expect(sentence(shownIn("swatchMass", project(), "metric", chosenNow()).problem)).toMatch(
    /garment, not a swatch/,
  );
  expect(chosen()?.massG).toBe(11.9);
  typeInto("swatchMass", "", "metric");
  expect(chosen()?.massG).toBeNull();
});

test.each([
  ["25 %", 25],
  ["7,5", 7.5],
  ["300 %", null],
  ["a quarter", null],
])("an allowance of %s is read", (text, percent) => {
  typeInto("allowance", text, "metric");
  expect(project().school.percent).toBe(percent ?? 25);
  expect(shownIn("allowance", project(), "metric", chosenNow()).problem === null).toBe(percent !== null);
});

test("a weight from the scale brings its step with it, and what is stood by can be asked about again", () => {
  takeWeight(12.4, 1);
  expect(chosen()).toMatchObject({ massG: 12.4, scaleStepG: 1 });
  standBy("mass", true);
  standBy("mass", true);
  expect(chosen()?.seen).toEqual(["mass"]);
  standBy("mass", false);
  expect(chosen()?.seen).toEqual([]);
});

test("swatches come back from a file as they were, and a project without any opens", () => {
  editSwatch("name", (swatch) => {
    swatch.name = "Mine";
  });
  const opened = readProject(writeProject(project()));
  expect(opened.ok && opened.project.swatches).toEqual(project().swatches);
  const older = readProject(JSON.stringify({ ...demoProject(), swatches: undefined, school: undefined }));
  expect(older.ok && older.project.swatches).toEqual([]);
});

test("swatches are taken out to the last, and no more are kept than the file may hold", () => {
  removeSwatch();
  removeSwatch();
  expect(chosen()).toBeNull();
  removeSwatch();
  copySwatch();
  expect(project().swatches).toEqual([]);
  for (let more = 0; more < MOST_SWATCHES + 2; more += 1) addPlainSwatch();
  expect(project().swatches).toHaveLength(MOST_SWATCHES);
});
