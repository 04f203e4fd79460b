/** Crossings stay on the right side, wherever a panel lies and whatever size or yarn it is worked in. */
import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { demoProject } from "@/demo/slipover";
import { answerTo, anyProject, cabledBack, pieceOf, projectOf } from "@testing/anyProject";
import { forecastProject } from "../forecast/projectForecast";
import type { Project, ProjectPanel } from "../project/project";
import { newSection, type ProjectSection } from "../project/sections";
import { crossingsOf } from "../panels/panel";
import { swapProject } from "../swap/swapProject";
import { gradeProject, grading } from "./grade";
import { layProject } from "./panelLayout";
import type { WorkedPiece } from "./work/workPiece";

/** Rows of flat pieces that cross on the wrong side. */
const crossedBehind = (worked: ReadonlyMap<string, WorkedPiece>) =>
  [...worked.values()].flatMap(({ sections }) =>
    sections.flatMap(({ section, firstWrong, rows }) =>
      rows.flatMap(({ row }, index) =>
        firstWrong !== null && firstWrong === (index % 2 === 0) && crossingsOf(row).length > 0
          ? [`${section.id} row ${index + 1}`]
          : [],
      ),
    ),
  );

const behindIn = (project: Project) => {
  const answer = forecastProject(project, layProject(project));
  if (!answer.known) throw new Error("no answer");
  return crossedBehind(answer.worked);
};

const own = (text: string): ProjectPanel => ({
  id: "own",
  name: "Mine",
  text,
  notes: "",
  origin: { from: "", version: "", date: "", text: "" },
});
const WRONG_FIRST = own(
  "Row 1 (WS): K2, P6, K2.\nRow 2: P2, 3/3 LC, P2.\nRow 3: K2, P6, K2.\nRow 4: P2, K6, P2.",
);

const onRows = (below: number, panel: ProjectPanel) =>
  projectOf(
    [
      pieceOf([
        newSection("castOn", "on", { stitches: 14 }),
        newSection("fabric", "below", { content: "ground", ground: "garter", rows: below }),
        newSection("fabric", "panel", {
          content: "panels",
          edge: 2,
          across: [{ panelId: "own", times: 1, joined: "repeat" }],
          rows: 12,
        }),
        newSection("castOff", "off"),
      ]),
    ],
    { panels: [panel] },
  );

test.each([4, 5])(
  "a panel that begins on the wrong side crosses on the right side above %d rows",
  (below) => {
    expect(behindIn(onRows(below, WRONG_FIRST))).toEqual([]);
    const answer = forecastProject(onRows(below, WRONG_FIRST), layProject(onRows(below, WRONG_FIRST)));
    const rows = (answer.known && answer.worked.get("piece")?.sections[2]?.rows) || [];
    // Above five rows the next is a wrong-side row, and that is its first; above four it begins with its second.
    expect(rows.findIndex(({ row }) => crossingsOf(row).length > 0)).toBe(below === 5 ? 1 : 0);
  },
);

test("one that begins on the right side begins with the last row of its repeat on a wrong-side row, and says so", () => {
  const right = own("Row 1 (RS): P2, 3/3 LC, P2.\nRow 2 and all WS rows: K2, P6, K2.\nRow 3, 5: P2, K6, P2.");
  const project = onRows(5, right);
  expect(behindIn(project)).toEqual([]);
  const answer = forecastProject(project, layProject(project));
  const [told, ...others] = answer.findings;
  expect([told?.sectionId, told?.leftOut, others.length]).toEqual(["panel", false, 0]);
  expect(sentence(told?.message)).toMatch(/begins on a wrong-side row, so with row 6/);
});

test("the substitutes that ship with the demo keep its crossings where they were", () => {
  const demo = demoProject();
  expect(behindIn(demo)).toEqual([]);
  for (const candidate of demo.swap.candidates) {
    const so = swapProject(demo, candidate, { keep: "size", layOf: layProject });
    if (!so) throw new Error("no swap");
    expect([candidate.id, behindIn(so)]).toEqual([candidate.id, []]);
    // And they begin with their first row, since all that lies below is odd or even as it was.
    const answer = forecastProject(so, layProject(so));
    expect(answer.findings.filter(({ message }) => /wrong-side/.test(sentence(message)))).toEqual([]);
  }
});

test("random projects in random sizes never cross on the wrong side", () => {
  const times = fc.double({ min: 0.5, max: 2, noNaN: true });
  fc.assert(
    fc.property(anyProject, times, times, times, (project, across, along, rows) => {
      const graded = gradeProject(
        project,
        layProject(project),
        grading({ across, along, rows, edgeRows: rows }),
      );
      for (const one of [project, graded]) {
        const answer = forecastProject(one, layProject(one));
        if (answer.known) expect(crossedBehind(answer.worked)).toEqual([]);
      }
    }),
    { numRuns: 60 },
  );
});

test("whole repeats and an end row come as near in rows as they can, the end row counted in", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 30 }),
      fc.integer({ min: 0, max: 6 }),
      fc.double({ min: 0.6, max: 1.8, noNaN: true }),
      (repeats, endRow, rows) => {
        const project = cabledBack({ by: "repeats", repeats, endRow });
        const graded = gradeProject(project, layProject(project), grading({ rows }));
        const counted = (of: ProjectSection | undefined) =>
          of?.kind === "fabric" ? of.repeats * 6 + of.endRow : NaN;
        const [wanted, got] = [project, graded].map(({ pieces }) => counted(pieces[0]?.sections[1]));
        const off = Math.abs((got ?? NaN) - rows * (wanted ?? NaN));
        // One repeat at least is worked, however much shorter it is to be.
        if (rows * (wanted ?? 0) >= 6 + endRow) expect(off).toBeLessThanOrEqual(3 + 1e-9);
        expect(answerTo(graded).worked.get("piece")?.sections[1]?.rows).toHaveLength(got ?? NaN);
      },
    ),
    { numRuns: 60 },
  );
});
