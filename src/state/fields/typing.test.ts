import { sentence } from "@testing/sentence";
import { chosenNow } from "../chosen/chosen";
import { emptyProject } from "@/core/project/project";
import { demoProject } from "@/demo/slipover";
import { FIGURES } from "@/core/project/figures";
import { fieldOf, type FieldId } from "./fields";
import { begin, useProjectStore } from "../project/projectStore";
import { shownIn, typeInto } from "./typing";

const project = () => useProjectStore.getState().project;
/** The one fabric of the empty project, which is open at first. */
const fabric = () => project().pieces[0]?.sections.find((section) => section.kind === "fabric");
beforeEach(() => begin(emptyProject()));

test("what is typed stands to the letter, and its value is kept in metric", () => {
  typeInto("stitchGauge", "18 sts 4in", "metric");
  expect(project().gauge.stitchesPer10Cm).toBeCloseTo(17.7165, 4);
  expect(shownIn("stitchGauge", project(), "metric", chosenNow()).text).toBe("18 sts 4in");
  expect(shownIn("stitchGauge", project(), "imperial", chosenNow()).text).toBe("18 sts 4in");
});

test("what cannot be read stays in the field with its problem, and the last value stays in force", () => {
  typeInto("rows", "120", "metric");
  typeInto("rows", "12o", "metric");
  expect(fabric()?.rows).toBe(120);
  const { text, problem } = shownIn("rows", project(), "metric", chosenNow());
  expect([text, sentence(problem)]).toEqual(["12o", "“o” is not a number or a unit that Brenok knows."]);
});

test("a number without a unit is told again in the other units when they are switched", () => {
  typeInto("measuredWidth", "24", "metric");
  expect(fabric()?.measured.widthMm).toBe(240);
  expect(shownIn("measuredWidth", project(), "metric", chosenNow()).text).toBe("24");
  expect(shownIn("measuredWidth", project(), "imperial", chosenNow()).text).toBe("9.45\u00a0in");
  expect(shownIn("measuredWidth", project(), "metric", chosenNow()).text).toBe("24");
});

test("emptying an optional field gives it back to assumption; a needed one asks", () => {
  typeInto("needle", "5 mm", "metric");
  typeInto("needle", "", "metric");
  expect(project().needleMm).toBeNull();
  typeInto("ropes", "", "metric");
  expect(sentence(shownIn("ropes", project(), "metric", chosenNow()).problem)).toMatch(/Nothing is typed/);
});

/** What no ball of the demo's holds, since its pattern asks for nothing. */
const BALL = { massG: 50, lengthM: 82 };

test.each(Object.keys(FIGURES) as FieldId[])("the value of %s can be read back from its own words", (id) => {
  const demo = demoProject();
  const field = fieldOf(id);
  const possible = (one: number) => field.read(field.tell(one, "metric"), "metric").ok;
  const value =
    field.get(demo, chosenNow()) ?? (id === "asksBall" ? BALL : ([40, 12].find(possible) as number));
  for (const units of ["metric", "imperial"] as const) {
    const reading = field.read(field.tell(value, units), units);
    if (!reading.ok) throw new Error(sentence(reading.message));
    expect(JSON.stringify(reading.value).length).toBeGreaterThan(0);
    if (typeof value === "number")
      expect(Math.abs(Number(reading.value) - value)).toBeLessThanOrEqual(0.01 * value);
  }
});
