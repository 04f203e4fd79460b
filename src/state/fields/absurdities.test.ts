/** Whatever is typed into whatever field: the project stays one that can be, and no figure is ever absurd. */
import { sentence } from "@testing/sentence";
import { chosenNow } from "../chosen/chosen";
import fc from "fast-check";
import { projectSchema, type Project } from "@/core/project/project";
import { forecastProject } from "@/core/forecast/projectForecast";
import { demoProject } from "@/demo/slipover";
import { FIGURES } from "@/core/project/figures";
import { fieldOf, type FieldId } from "./fields";
import { begin, useProjectStore } from "../project/projectStore";
import { shownIn, typeInto } from "./typing";

const ids = Object.keys(FIGURES) as FieldId[];
const project = () => useProjectStore.getState().project;

const measures = fc
  .tuple(
    fc.constantFrom("-", "", "", "", "0.", "1/"),
    fc.oneof(fc.nat(30), fc.nat(100_000), fc.double({ min: 0, max: 1e9, noNaN: true })),
    fc.constantFrom(
      "",
      " cm",
      "in",
      " st / 10 cm",
      " rows 4in",
      " g = 100 m",
      "g/82m",
      " oz 90 yd",
      " mm",
      " furlongs",
      "½",
    ),
  )
  .map(([sign, number, unit]) => `${sign}${number}${unit}`);
const anyText = fc.oneof(measures, measures, fc.string({ unit: "grapheme", maxLength: 30 }));
const anyTyping = fc.array(
  fc.tuple(fc.constantFrom(...ids), anyText, fc.constantFrom("metric", "imperial")),
  {
    minLength: 1,
    maxLength: 8,
  },
);

function figuresOf(now: Project): readonly number[] {
  const answer = forecastProject(now);
  if (!answer.known) return [];
  const { estimate, yarns } = answer;
  const [{ quantilesMm, around, leftOver, doubts }] = yarns;
  return [
    estimate.totalMm,
    ...estimate.pieces.flatMap(({ estimate: one }) => [one.widthMm, one.heightMm]),
    leftOver,
    ...Object.values(quantilesMm),
    ...around.flatMap(({ balls, chance }) => [balls, chance]),
    ...doubts.flatMap(({ sd, share }) => [sd, share]),
  ];
}

test("any typing leaves a project that its own schema accepts, and finite figures", () => {
  fc.assert(
    fc.property(anyTyping, (typing) => {
      begin(demoProject());
      for (const [id, text, units] of typing) typeInto(id, text, units);
      expect(projectSchema.safeParse(project()).success).toBe(true);
      expect(figuresOf(project()).every((figure) => Number.isFinite(figure) && figure >= 0)).toBe(true);
    }),
    { numRuns: 150 },
  );
});

test("what cannot be read stands in its field to the letter, with words for it", () => {
  fc.assert(
    fc.property(fc.constantFrom(...ids), anyText, (id, text) => {
      begin(demoProject());
      const before = fieldOf(id).get(project(), chosenNow());
      typeInto(id, text, "metric");
      const { text: shown, problem } = shownIn(id, project(), "metric", chosenNow());
      if (problem === null) return;
      expect(shown).toBe(text);
      expect(sentence(problem).length).toBeGreaterThan(10);
      expect(fieldOf(id).get(project(), chosenNow())).toEqual(before);
    }),
    { numRuns: 150 },
  );
});

test("more balls are never less likely to be enough, and chances stay chances", () => {
  fc.assert(
    fc.property(anyTyping, (typing) => {
      begin(demoProject());
      for (const [id, text, units] of typing) typeInto(id, text, units);
      const answer = forecastProject(project());
      if (!answer.known) return;
      const { around, advised, quantilesMm } = answer.yarns[0];
      expect(around.some(({ balls }) => balls === advised.balls)).toBe(true);
      around.forEach(({ chance }, index) => {
        expect(chance).toBeGreaterThanOrEqual(around[index - 1]?.chance ?? 0);
        expect(chance).toBeLessThanOrEqual(1);
      });
      expect(quantilesMm.p5).toBeLessThanOrEqual(quantilesMm.p95);
    }),
    { numRuns: 100 },
  );
});
