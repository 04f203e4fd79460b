import { answerTo, pieceOf, projectOf } from "@testing/anyProject";
import { newSection, type ProjectSection } from "../project/sections";
import { readPattern } from "../instructions/read";
import { sectionRows, MOST_CHARTED } from "./sectionRows";

const US = { naming: "halves", words: "US" } as const;
const UK = { naming: "total", words: "UK" } as const;

function worked(id: string, sections: readonly ProjectSection[], round = false) {
  const all = [newSection("castOn", "on", { stitches: 20 }), ...sections, newSection("castOff", "off")];
  const answer = answerTo(projectOf([pieceOf(all, { round })]));
  const found = answer.worked.get("piece")?.sections.find(({ section }) => section.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
}

const rope = newSection("fabric", "rope", {
  content: "ropes",
  ropeId: "rope-2-2",
  ropes: 2,
  purls: 2,
  edge: 3,
  rows: 8,
});

test("a section's rows are told as a pattern that reads back to the same rows", () => {
  const section = worked("rope", [rope]);
  const { text, rows } = sectionRows(section, US);
  expect(rows).toBe(8);
  expect(text).toContain("Rows 1, 5 (RS): k3, p2, 2/2 LC, p2, 2/2 LC, p2, k3.");
  const read = readPattern(text);
  expect(read.panel?.rows.map((row) => JSON.stringify(row))).toEqual(
    section.rows.map(({ row }) => JSON.stringify(row)),
  );
});

test("in the round there are rounds and no wrong side; UK words and naming by total are told where asked for", () => {
  const plain = newSection("fabric", "rope", { ...rope, edge: 4 });
  const { text } = sectionRows(worked("rope", [plain], true), UK);
  expect(text).toContain("Rnds 1, 5: k4");
  expect(text).toContain("C4F");
  expect(text).not.toContain("WS");
  const off = newSection("castOffAt", "arm", { stitches: 3 });
  expect(sectionRows(worked("arm", [rope, off]), UK).text).toContain("cast off 3");
  expect(sectionRows(worked("arm", [rope, off]), US).text).toContain("bo 3");
});

test("a section that begins behind an odd row begins on the wrong side", () => {
  const odd = newSection("fabric", "odd", { content: "ground", ground: "garter", rows: 3 });
  const next = newSection("fabric", "next", { content: "ground", ground: "stockinette", rows: 2 });
  expect(sectionRows(worked("next", [odd, next]), US).text).toBe("Row 1 (WS): p20.\nRow 2 (RS): k20.");
});

test("rows that lost stitches at the right begin further left on the chart, so that the panels stay upright", () => {
  const slope = newSection("shape", "slope", { stitches: 2, every: 2, times: 3 });
  const { chart } = sectionRows(worked("slope", [rope, slope]), US);
  expect(chart.rows.map(({ shift, stitches }) => [shift, stitches])).toEqual([
    [0, 18],
    [0, 18],
    [1, 16],
    [1, 16],
    [2, 14],
    [2, 14],
  ]);
  expect(chart.columns).toBe(18);
});

test("long sections are charted as far as a chart can show; stitches cast off and resting have marks", () => {
  const long = newSection("fabric", "long", { content: "ground", ground: "seed", rows: MOST_CHARTED + 30 });
  const told = sectionRows(worked("long", [long]), US);
  expect([told.rows, told.chart.rows.length]).toEqual([MOST_CHARTED + 30, MOST_CHARTED]);
  const marks = (id: string, section: ProjectSection) =>
    sectionRows(worked(id, [long, section]), US).chart.rows[1]?.runs.map(
      (run) => run.type === "run" && run.mark,
    );
  expect(marks("arm", newSection("castOffAt", "arm", { stitches: 3 }))).toContain("closed");
  expect(marks("short", newSection("shortRows", "short", { turns: 2, step: 4 }))).toContain("resting");
});
