import { demoProject } from "@/demo/slipover";
import { forecastProject } from "@/core/forecast/projectForecast";
import { addBand, carryYarns, chooseColours, countBand, editBand, removeBand } from "./colours";
import { chooseSection, chosenSectionOf, chooseYarn, chosenYarnOf, chosenNow } from "../chosen/chosen";
import { begin, undo, useProjectStore } from "./projectStore";
import { shownIn, typeInto } from "../fields/typing";
import { addYarn, editYarn, MOST_YARNS, removeYarn } from "./yarns";

const project = () => useProjectStore.getState().project;
const colours = () => {
  const section = chosenSectionOf(project());
  return section.kind === "fabric" ? section.colours : null;
};

beforeEach(() => {
  begin(demoProject());
  chooseSection("back/ropes", "back");
  chooseYarn("yarn-1");
});

test("a yarn is added, named, coloured and taken out; each keeps what was typed for it", () => {
  addYarn();
  editYarn({ name: "Tarnock Aran, rust", colour: "#a3372b" });
  typeInto("putUp", "100 g = 150 m", "metric");
  expect(project().yarns.map(({ name, putUp }) => [name, putUp?.lengthM])).toEqual([
    ["Tarnock Aran, lichen", 82],
    ["Tarnock Aran, rust", 150],
  ]);
  chooseYarn("yarn-1");
  expect(shownIn("putUp", project(), "metric", chosenNow()).text).toBe("50 g = 82 m");
  chooseYarn(project().yarns[1]?.id ?? "");
  expect(shownIn("putUp", project(), "metric", chosenNow()).text).toBe("100 g = 150 m");
  removeYarn();
  expect(chosenYarnOf(project()).id).toBe("yarn-1");
  undo();
  expect(project().yarns).toHaveLength(2);
});

test("a put-up that is typed is no longer only a usual one", () => {
  const demo = demoProject();
  begin({ ...demo, yarns: demo.yarns.map((yarn) => ({ ...yarn, putUpFrom: "usual" as const })) });
  typeInto("putUp", "100 g = 150 m", "metric");
  expect(project().yarns[0]?.putUpFrom).toBe("band");
});

test("stripes begin with two yarns; bands are added, counted, changed and taken out", () => {
  addYarn();
  chooseColours("stripes");
  const [first, second] = project().yarns.map(({ id }) => id);
  expect(colours()).toEqual({
    kind: "stripes",
    carried: true,
    bands: [
      { yarnId: first, count: 4 },
      { yarnId: second, count: 4 },
    ],
  });
  countBand(1, 0);
  addBand();
  editBand(2, { yarnId: first ?? "" });
  carryYarns(false);
  expect(colours()?.bands).toEqual([
    { yarnId: first, count: 4 },
    { yarnId: second, count: 1 },
    { yarnId: first, count: 1 },
  ]);
  expect(colours()?.carried).toBe(false);
  removeBand(0);
  removeBand(0);
  removeBand(0);
  expect(colours()?.bands).toHaveLength(1);
});

test("what was knitted with a yarn that is deleted is knitted with the first", () => {
  addYarn();
  chooseColours("stripes");
  removeYarn();
  expect(colours()?.bands.map(({ yarnId }) => yarnId)).toEqual(["yarn-1", "yarn-1"]);
  const answer = forecastProject(project());
  expect(answer.known && answer.yarns).toHaveLength(1);
});

test("no more yarns than a project may have", () => {
  for (let more = 0; more < MOST_YARNS + 3; more += 1) addYarn();
  expect(project().yarns).toHaveLength(MOST_YARNS);
});
