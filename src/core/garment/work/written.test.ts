/** Rows as written, once: crowns, gussets, set-up rows, whose count changes. */
import { sentence } from "@testing/sentence";
import { forecastProject } from "../../forecast/projectForecast";
import { pieceOf, projectOf } from "@testing/anyProject";
import type { Project, ProjectPiece } from "../../project/project";
import { newSection, type ProjectSection } from "../../project/sections";
import { stitchesOf, stitchesUsedBy } from "../../panels/panel";
import { layProject } from "../panelLayout";

const answered = (project: Project) => {
  const answer = forecastProject(project, layProject(project));
  if (!answer.known) throw new Error(JSON.stringify(answer));
  return answer;
};

const written = (text: string) => newSection("written", "w", { text });
const on = (stitches: number) => newSection("castOn", "on", { stitches });
const plain = (rows: number) =>
  newSection("fabric", "plain", { content: "ground", ground: "stockinette", rows });
const off = newSection("castOff", "off", { method: "gathered" });

function worked(sections: readonly ProjectSection[], given: Partial<ProjectPiece> = {}) {
  const answer = answered(projectOf([pieceOf(sections, given)]));
  const piece = answer.worked.get("piece");
  if (!piece) throw new Error("not worked");
  const found = piece.sections.find(({ section }) => section.id === "w");
  return { ...piece, written: found, estimate: answer.estimate.pieces[0]?.estimate };
}

test.each([
  ["a crown in one round", 144, true, "Rnd 1: *p2tog, k3tog, p2tog, k2tog, k3tog; rep from * to end.", 60],
  ["a join that takes one stitch away", 133, true, "Rnd 1: k2tog, k to end.", 132],
  ["a row that begins at any number", 20, false, "Row 57: k2tog to end.", 10],
  [
    "two rows one after the other",
    12,
    false,
    "Row 1 (RS): *k1, yo; rep from * to end.\nRow 2: *p2tog; rep from * to end.",
    12,
  ],
])("%s: %d stitches", (_, stitches, round, text, left) => {
  const { findings, written: rows } = worked([on(stitches), plain(2), written(text), off], { round });
  expect(findings).toEqual([]);
  expect([rows?.from, rows?.to]).toEqual([stitches, left]);
  let below = stitches;
  for (const { row, stitches: count } of rows?.rows ?? []) {
    expect([stitchesUsedBy(row), stitchesOf(row)]).toEqual([below, count]);
    below = count;
  }
});

test("its yarn is that of its loops, and its rows count in the height", () => {
  const [without, with_] = [[], [written("Row 1: k2tog to end.\nRow 2: purl.")]].map((more) =>
    worked([on(40), plain(2), ...more, newSection("castOff", "off")]),
  );
  const plainOf = (one: typeof without) =>
    one?.estimate?.lines.reduce(
      (sum, { part, mm }) => (part === "plain" || part === "drawIn" ? sum + mm : sum),
      0,
    ) ?? 0;
  const loop = with_?.estimate?.plain.loopMm ?? 0;
  expect(plainOf(with_) - plainOf(without)).toBeCloseTo(40 * loop, 6);
  expect((with_?.estimate?.heightMm ?? 0) / (without?.estimate?.heightMm ?? 1)).toBeCloseTo(2, 9);
});

test("a ground goes on behind rows that changed its count; the rest of the piece is there", () => {
  const more = newSection("fabric", "more", { content: "asBefore", rows: 4 });
  const { findings, sections } = worked([on(40), plain(2), written("Row 1: k2tog to end."), more, off]);
  expect(findings).toEqual([]);
  expect(sections.map(({ to }) => to)).toEqual([40, 40, 20, 20, 0]);
});

test("where the text says nothing of sides it follows the piece; where it says another one, that is told", () => {
  const purls = (below: number, text: string) => {
    const { written: one, findings } = worked([on(10), plain(below), written(text), off]);
    const [work] = one?.rows[0]?.row ?? [];
    return [work && "operation" in work ? work.operation.id : "", findings.map(({ leftOut }) => leftOut)];
  };
  expect(purls(2, "Row 1: knit.")).toEqual(["knit", []]);
  expect(purls(3, "Row 1: knit.")).toEqual(["purl", []]);
  expect(purls(3, "Row 1 (RS): knit.")).toEqual(["knit", [false]]);
});

test.each([
  ["nothing written", "", /No row is written yet/],
  ["a count that does not fit", "Row 1: k12.", /it works 12 stitches, and 20 are on the needle/],
  ["a word that is none", "Row 1: k19, flurb.", /Line 1: .*flurb/],
  ["rounds in a flat piece", "Rnd 1: knit.", /worked back and forth/],
  [
    "a second row that does not fit the first",
    "Row 1: k2tog to end.\nRow 2: p20.",
    /Line 2: Row 2 works 20 stitches/,
  ],
])("%s: told with its line, left out, and the rest goes on", (_, text, words) => {
  const { findings, sections } = worked([on(20), plain(2), written(text), newSection("castOff", "off")]);
  expect(findings).toMatchObject([{ sectionId: "w", leftOut: true }]);
  expect(sentence(findings[0]?.message)).toMatch(words);
  expect(sections.map(({ section }) => section.id)).toEqual(["on", "plain", "off"]);
});

describe("colours named in rows", () => {
  const [first] = projectOf([]).yarns;
  const yarns = first ? [first, { ...first, id: "yarn-2", name: "Ink" }] : [];
  const striped = (text: string, count = 2) =>
    projectOf(
      [
        pieceOf([
          newSection("castOn", "on", { stitches: 20 }),
          newSection("written", "rows", { text }),
          newSection("castOff", "off"),
        ]),
      ],
      { yarns: yarns.slice(0, count) },
    );
  const answered = (project: ReturnType<typeof striped>) => {
    const answer = forecastProject(project, layProject(project));
    if (!answer.known) throw new Error(JSON.stringify(answer));
    const fabric = (id: string) =>
      (answer.yarns.find(({ yarn }) => yarn.id === id)?.ledger.plain ?? 0) /
      (answer.estimate.pieces[0]?.estimate.plain.loopMm ?? 1);
    return { answer, fabric };
  };

  test.each([
    ["in brackets", "Row 1 (A): knit.\nRow 2 (A): purl.\nRow 3 (B): knit."],
    ["in words", "Row 1: With A, knit.\nRow 2: purl.\nRow 3: with B, knit."],
    ["on a line of their own", "With A:\nRow 1: knit.\nRow 2: purl.\nWith B:\nRow 3: knit."],
    ["as main and contrast", "Row 1 (MC): knit.\nRow 2: purl.\nRow 3 (CC): knit."],
  ])("%s they are stripes of those yarns", (_, text) => {
    const { answer, fabric } = answered(striped(text));
    expect(answer.findings).toEqual([]);
    expect(fabric("yarn-1")).toBeCloseTo(40, 6);
    expect(fabric("yarn-2")).toBeCloseTo(20, 6);
  });

  test.each([
    [
      "a colour of which there is no yarn",
      striped("Row 1: knit.\nRow 2 (C): purl."),
      /is in C, and the project has 2 yarns/,
    ],
    ["two colours in one row", striped("Row 1: with A, k4, with B, k16."), /names two colours/],
    ["a colour in the middle of a row", striped("Row 1: k4, with B, k16."), /names two colours/],
    ["one in a row over two lines", striped("Row 1: k4,\nwith B, k16."), /names two colours/],
  ])("%s is owned up to", (_, project, message) => {
    const { answer } = answered(project);
    expect(answer.findings[0]).toMatchObject({ leftOut: true });
    expect(sentence(answer.findings[0]?.message)).toMatch(message);
  });
});
