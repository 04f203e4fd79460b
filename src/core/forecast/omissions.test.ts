/** An answer owns up: whatever is left out is told, and no chance is given for the whole until it is settled. */
import { cabledBack, answerTo } from "@testing/anyProject";
import { patternSwatch, readOff, withSwatches } from "@testing/anySwatch";
import type { Project } from "../project/project";
import { newSection } from "../project/sections";
import { omissionsOf, saidToLeaveOut } from "./omissions";
import { reportOn } from "./report";

const told = (project: Project) => omissionsOf(project, answerTo(project));
const kinds = (project: Project) => told(project).map(({ kind }) => kind);

function reportOf(project: Project) {
  const report = reportOn(project);
  if ("missing" in report) throw new Error("no answer");
  return report;
}

/** A back whose crown takes more stitches away than there are. */
const withCrown = (given: { leftOut?: boolean } = {}): Project => {
  const back = cabledBack();
  const crown = newSection("shape", "crown", { by: "rule", stitches: 60, every: 2, times: 20, ...given });
  return {
    ...back,
    pieces: back.pieces.map((piece) => ({
      ...piece,
      sections: [...piece.sections.slice(0, -1), crown, ...piece.sections.slice(-1)],
    })),
  };
};

test("a whole project leaves nothing out, and its chances are told", () => {
  expect(told(cabledBack())).toEqual([]);
  const report = reportOf(cabledBack());
  expect(report.complete).toBe(true);
  expect(report.yarns[0]?.advised).toBe(5);
});

test("a crown that cannot be worked is told, with no chance and no advice", () => {
  expect(told(withCrown())).toMatchObject([{ kind: "section", sectionId: "crown" }]);
  const { complete, yarns, diagnostics } = reportOf(withCrown());
  expect(complete).toBe(false);
  expect(yarns[0]?.advised).toBeNull();
  expect(yarns[0]?.balls.every(({ chance }) => chance === null)).toBe(true);
  expect(diagnostics[0]?.path).toBe("pieces.0.sections.2");
});

test("said to be left out, it is told as that and the rest is whole", () => {
  const project = withCrown({ leftOut: true });
  expect(told(project)).toEqual([]);
  expect(saidToLeaveOut(project)).toEqual([{ pieceId: "piece", sectionId: "crown" }]);
  const { complete, yarns, diagnostics } = reportOf(project);
  expect([complete, yarns[0]?.advised]).toEqual([true, 5]);
  expect(diagnostics).toEqual([{ path: "pieces.0.sections.2", message: "Left out, as the project says." }]);
});

test("a typed figure that could not be read is told where it stands, by its own text", () => {
  const typed = { needle: "about five", "rows fabric": "150 or so rows, or 160" };
  const project = cabledBack({}, { typed });
  expect(told(project)).toMatchObject([
    { kind: "figure", figure: { id: "needle", text: "about five", sectionId: null } },
    { kind: "figure", figure: { id: "rows", pieceId: "piece", sectionId: "fabric" } },
  ]);
  expect(reportOf(project).diagnostics.map(({ path }) => path)).toEqual([
    "typed.needle",
    "typed.rows fabric",
  ]);
});

test("a text that nothing hangs on any more is no omission", () => {
  const typed = { "length fabric": "long", "rows gone": "many", sizeAcross: "wide", allowance: "much" };
  expect(told(cabledBack({}, { typed }))).toEqual([]);
});

test("what only one system reads is refused in the other alone", () => {
  // 300 in would be over 5 m wide; 300 cm is a blanket.
  const project = cabledBack({}, { typed: { "measuredWidth fabric": "300" } });
  const answer = answerTo(project);
  expect(omissionsOf(project, answer, "imperial")).toHaveLength(1);
  expect(omissionsOf(project, answer, "metric")).toEqual([]);
});

test("a measured width that cannot be, a piece without a row, a colour of no yarn are told", () => {
  expect(kinds(cabledBack({ measured: { widthMm: 760, stitches: 18 } }))).toEqual(["measuredWidth"]);
  const strange = { kind: "stripes" as const, carried: true, bands: [{ yarnId: "gone", count: 2 }] };
  expect(
    kinds(cabledBack({ colours: { ...strange, bands: [{ yarnId: "yarn-1", count: 2 }, ...strange.bands] } })),
  ).toEqual(["colour"]);
  const back = cabledBack();
  const [piece] = back.pieces;
  if (!piece) throw new Error("no piece");
  const bare = {
    ...piece,
    id: "bare",
    sections: [newSection("castOn", "bare/on", { stitches: 20 }), newSection("castOff", "bare/off")],
  };
  expect(kinds({ ...back, pieces: [piece, bare] })).toEqual(["piece"]);
  expect(kinds({ ...back, pieces: [piece, { ...bare, leftOut: true }] })).toEqual([]);
});

test("every section behind one that emptied the needle is told, not the first alone", () => {
  const back = cabledBack();
  const more = [1, 2].map((id) => newSection("fabric", `more-${id}`, { content: "asBefore", rows: 4 }));
  const pieces = back.pieces.map((piece) => ({ ...piece, sections: [...piece.sections, ...more] }));
  expect(told({ ...back, pieces })).toMatchObject([{ sectionId: "more-1" }, { sectionId: "more-2" }]);
});

test("a reading that is asked about is left out until the knitter stands by it or takes it back", () => {
  const honest = readOff(patternSwatch());
  expect(told(withSwatches(honest))).toEqual([]);
  const light = { ...honest, massG: (honest.massG ?? 0) / 2 };
  expect(told(withSwatches(light))).toMatchObject([{ kind: "measurement", measure: "mass" }]);
  expect(told(withSwatches({ ...light, massG: null }))).toEqual([]);
});
