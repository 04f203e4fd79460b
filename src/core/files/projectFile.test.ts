import { sentence } from "@testing/sentence";
import { readFileSync } from "node:fs";
import path from "node:path";
import fc from "fast-check";
import { z } from "zod";
import { demoProject } from "@/demo/slipover";
import { forecastProject } from "../forecast/projectForecast";
import { layProject } from "../garment/panelLayout";
import { emptyProject, projectSchema, type Project } from "../project/project";
import { checkProject, fileNameOf, readProject, writeProject } from "./projectFile";
import { newSection } from "../project/sections";

const demo = demoProject();
const messageOf = (text: string) => {
  const opened = readProject(text);
  return opened.ok ? "opened" : sentence(opened.message);
};

/** A piece as it was written before it had sections. */
const oldPiece = {
  id: "piece-1",
  name: "Back",
  yarnId: "yarn-1",
  ropeId: "rope-3-3",
  lean: "left",
  ropes: 9,
  purls: 2,
  edge: 11,
  rows: 150,
  measured: { widthMm: 76, stitches: 18 },
  tail: { school: "wraps", twentyMm: null },
};

test("the demo and the empty project come back from their files unchanged", () => {
  for (const project of [demo, emptyProject()])
    expect(readProject(writeProject(project))).toEqual({ ok: true, project });
});

test("any project comes back from its file unchanged", () => {
  const anyProject = fc
    .record({
      name: fc.string({ maxLength: 40 }),
      notes: fc.string({ unit: "grapheme", maxLength: 100 }),
      stitches: fc.option(fc.double({ min: 2, max: 80, noNaN: true })),
      rows: fc.option(fc.integer({ min: 1, max: 5000 })),
      typed: fc.dictionary(fc.string({ maxLength: 10 }), fc.string({ maxLength: 20 })),
    })
    .map(({ name, notes, stitches, rows, typed }) => ({
      ...demo,
      name,
      notes,
      gauge: { ...demo.gauge, stitchesPer10Cm: stitches },
      pieces: demo.pieces.map((piece) => ({
        ...piece,
        sections: piece.sections.map((section) =>
          section.kind === "fabric" ? { ...section, rows } : section,
        ),
      })),
      typed,
    }));
  fc.assert(
    fc.property(anyProject, (project) => {
      const opened = readProject(writeProject(project));
      expect(opened.ok && JSON.stringify(opened.project)).toBe(JSON.stringify(projectSchema.parse(project)));
    }),
  );
});

test.each([
  ["not json", /is not JSON/],
  ["[]", /not a Brenok project/],
  ["null", /not a Brenok project/],
  ['{"format":"other"}', /not a Brenok project/],
  [JSON.stringify({ ...demo, version: 99 }), /newer Brenok/],
  [JSON.stringify({ ...demo, needleMm: -3 }), /needleMm/],
  [JSON.stringify({ ...demo, gauge: { ...demo.gauge, rowsPer10Cm: "many" } }), /gauge.rowsPer10Cm/],
  [JSON.stringify({ ...demo, surprise: 1 }), /A part of the file cannot be/],
  [" ".repeat(5_000_001), /over 5 MB/],
])("a bad file is refused in words (%#)", (text, problem) => {
  expect(messageOf(text)).toMatch(problem);
});

test("file names keep letters of any script and nothing that a disk would mind", () => {
  expect(fileNameOf(demo)).toBe("harrow-slipover.brenok.json");
  expect(fileNameOf({ ...demo, name: "Größe 2/3: Ärmel" })).toBe("größe-2-3-ärmel.brenok.json");
  expect(fileNameOf({ ...demo, name: "???" })).toBe("project.brenok.json");
});

test("texts of the one piece that projects had once stand under its section now", () => {
  const typed = { rows: "150 rows", needle: "5 mm", measuredWidth: "7.6 cm", twenty: "40 cm" };
  const opened = readProject(JSON.stringify({ ...demo, pieces: [oldPiece], typed }));
  if (!opened.ok) throw new Error(sentence(opened.message));
  expect(opened.project.typed).toEqual({
    "rows piece-1/fabric": "150 rows",
    needle: "5 mm",
    "measuredWidth piece-1/fabric": "7.6 cm",
    "twenty piece-1": "40 cm",
  });
});

test("a piece from before sections opens as a fabric between its edges, the usual ones where none were given", () => {
  const across = [
    { panelId: "seed", times: 2 },
    { panelId: "honeycomb", times: 1 },
  ];
  const edged = { ...oldPiece, id: "front", castOn: "tubular", castOff: "sewn", mirrored: true, across };
  const old: Record<string, unknown> = { ...demo, pieces: [oldPiece, edged] };
  delete old.swatchMm;
  delete old.without;
  const opened = readProject(JSON.stringify(old));
  if (!opened.ok) throw new Error(sentence(opened.message));
  const [back, front] = opened.project.pieces;
  expect(back).toMatchObject({ blocking: "wetBlocked", times: 1, round: false });
  expect(back?.sections).toMatchObject([
    { kind: "castOn", method: "longTail", stitches: null },
    { kind: "fabric", content: "ropes", ropes: 9, edge: 11, by: "rows", rows: 150 },
    { kind: "castOff", method: "plain" },
  ]);
  expect(front?.sections).toMatchObject([
    { method: "tubular" },
    // A mirrored copy had its panels turned round; the mirror turns them now.
    { content: "panels", across: across.toReversed() },
    { method: "sewn" },
  ]);
  expect(opened.project.swatchMm).toBeNull();
  const again = readProject(writeProject(opened.project));
  expect(again).toEqual(opened);
});

test("a file from before repeats had edges keeps its stitches, and its answer says so", () => {
  const fabric = newSection("fabric", "fabric", { content: "panels", edge: 2, rows: 40 });
  const across = [{ panelId: "honeycomb", times: 6 }];
  const sections = [newSection("castOn", "on"), { ...fabric, across }, newSection("castOff", "off")];
  const piece = { ...demo.pieces[0], sections };
  const opened = readProject(JSON.stringify({ ...demo, version: 1, pieces: [piece] }));
  if (!opened.ok) throw new Error(sentence(opened.message));
  const widthOf = (project: Project) => {
    const answer = forecastProject(project, layProject(project));
    if (!answer.known) throw new Error("no answer");
    return { stitches: answer.estimate.pieces[0]?.estimate.stitches, findings: answer.findings };
  };
  const kept = widthOf(opened.project);
  expect(kept.stitches).toBe(2 + 6 * 12 + 2);
  expect(sentence(kept.findings[0]?.message)).toMatch(/taken whole 6 times .* 72 stitches\. .* would be 52/);
  expect(readProject(writeProject(opened.project))).toEqual(opened);
  // Written today the same line means the repeat six times between its edges.
  const today = readProject(JSON.stringify({ ...demo, pieces: [piece] }));
  if (!today.ok) throw new Error(sentence(today.message));
  expect(widthOf(today.project)).toEqual({ stitches: 2 + 6 * 8 + 4 + 2, findings: [] });
});

test("the published schema is the one that files are checked by (npm run schema writes it anew)", () => {
  const published = readFileSync(path.join(__dirname, "../../../docs/project.schema.json"), "utf8");
  expect(JSON.parse(published)).toEqual(
    JSON.parse(JSON.stringify(z.toJSONSchema(projectSchema, { io: "input" }))),
  );
});

test("seams told as a count of a piece, and metres for extras, open as items that take what they took", () => {
  const [back, front] = demo.pieces;
  const old: Record<string, unknown> = {
    ...demo,
    version: 2,
    extrasM: 18.3,
    pieces: [back, { ...front, seams: 2, times: 3 }],
    typed: { extras: "20 yd", "seams front": "two", needle: "5 mm" },
  };
  for (const key of ["seams", "extras", "join"]) delete old[key];
  const opened = readProject(JSON.stringify(old));
  if (!opened.ok) throw new Error(sentence(opened.message));
  const { seams, extras, join, typed } = opened.project;
  expect(seams).toMatchObject([{ times: 6, of: { pieceId: "front", side: "side" }, to: null }]);
  expect(extras).toMatchObject([{ kind: "kept", by: "length", lengthM: 18.3, times: 1 }]);
  expect(join).toBe("knot");
  // What was typed goes with it, what could not be read too.
  expect(typed).toEqual({
    "extraYarn extras": "20 yd",
    [`seamTimes ${seams[0]?.id}`]: "two",
    needle: "5 mm",
  });
  expect(readProject(writeProject(opened.project))).toEqual(opened);
});

test.each([
  [{ extrasM: "much" }, "extrasM"],
  [{ pieces: [{ ...demo.pieces[0], seams: "two" }] }, "seams"],
])("an older file whose seams or extras cannot be read is refused by name", (given, name) => {
  const opened = readProject(JSON.stringify({ ...demo, version: 2, ...given }));
  expect(
    opened.ok ? "" : `${opened.faults.map(({ path }) => path).join()} ${sentence(opened.message)}`,
  ).toContain(name);
});

test("grounds among panels keep the stitches that they had", () => {
  const across = [
    { panelId: "garter", times: 3, joined: "repeat" },
    { panelId: "honeycomb", times: 5, joined: "repeat" },
    { panelId: "seed", times: 4, joined: "whole" },
  ];
  const [back] = demo.pieces;
  const fabric = { kind: "fabric", id: "row", content: "panels", across, rows: 20 };
  const old: Record<string, unknown> = { ...demo, version: 2, pieces: [{ ...back, sections: [fabric] }] };
  for (const key of ["seams", "extras", "join"]) delete old[key];
  const opened = readProject(JSON.stringify(old));
  if (!opened.ok) throw new Error(sentence(opened.message));
  const [section] = opened.project.pieces[0]?.sections ?? [];
  expect(section?.kind === "fabric" && section.across.map(({ times }) => times)).toEqual([24, 5, 8]);
});

test("all faults of a file are told in one go, each with its place, in words and not in those of a program", () => {
  const [back, ...others] = demoProject().pieces;
  const wrong = {
    ...demoProject(),
    needleMm: -3,
    certainty: "perhaps",
    notes: "x".repeat(5000),
    pieces: [{ ...back, name: 5, wibble: 1, times: undefined }, ...others],
    yarns: [{ ...demoProject().yarns[0], colour: "reddish", putUp: { massG: 50 } }],
    swap: { keep: "size", candidates: "none" },
  };
  const opened = checkProject(wrong);
  if (opened.ok) throw new Error("It was opened.");
  expect(Object.fromEntries(opened.faults.map(({ path, message }) => [path, sentence(message)]))).toEqual({
    needleMm: "A part of the file cannot be: needleMm is under 0.5.",
    certainty: "A part of the file cannot be: certainty is none of daring, steady, careful.",
    notes: "A part of the file cannot be: notes is longer than 4000 characters.",
    "pieces.0": "A part of the file cannot be: pieces.0 has a part that no file has: wibble.",
    "pieces.0.name": "A part of the file cannot be: pieces.0.name must be a text.",
    "yarns.0.colour": "A part of the file cannot be: yarns.0.colour is not written as it must be.",
    "yarns.0.putUp.lengthM": "A part of the file cannot be: yarns.0.putUp.lengthM is missing.",
    "swap.candidates": "A part of the file cannot be: swap.candidates must be a list.",
  });
  expect(sentence(opened.message)).toMatch(/7 more parts cannot be either\.$/);
});
