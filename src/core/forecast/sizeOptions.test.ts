/** Ways to a size are worked through first: taking any gives a project with no new finding, and the size it promised. */
import { sentence } from "@testing/sentence";
import { toEnd } from "../steps";
import fc from "fast-check";
import { anyProject } from "@testing/anyProject";
import type { Project } from "../project/project";
import { layProject } from "../garment/panelLayout";
import { beginProject } from "../templates/beginProject";
import { CABLED_IDS } from "../garment/fit";
import { STARTS, type StartId } from "../templates/startList";
import { YARN_CLASSES } from "../yarn/classes";
import { forecastProject } from "./projectForecast";
import { finishedOf } from "../estimate/finished";
import { SIZE_TOLERANCE, sizeOptions } from "./sizeOptions";

/** What can be begun, in any yarn, in its usual size. */
const anyBegun: fc.Arbitrary<Project> = fc
  .record({
    start: fc.constantFrom(...(Object.keys(STARTS) as StartId[])),
    thickness: fc.constantFrom(...YARN_CLASSES),
    cabled: fc.constantFrom(...CABLED_IDS),
  })
  .map((given) => {
    const { across, along, easeMm } = STARTS[given.start];
    const begun = beginProject({ ...given, acrossMm: across.usualMm, alongMm: along.usualMm, easeMm });
    if (!begun.ok) throw new Error(sentence(begun.message));
    return begun.value;
  });

const times = fc.double({ min: 0.6, max: 1.7, noNaN: true });

function worked(project: Project) {
  const answer = forecastProject(project, layProject(project));
  if (!answer.known) throw new Error("no answer");
  return { answer, finished: finishedOf(project, answer) };
}

const told = ({ findings }: ReturnType<typeof worked>["answer"]) =>
  findings.map(({ pieceId, sectionId, field, leftOut }) => `${pieceId} ${sectionId} ${field} ${leftOut}`);

/** Plain stitches at the edges of what is worked in the round. */
const roundEdges = ({ pieces }: Project) =>
  pieces.flatMap(({ round, sections }) =>
    round ? sections.map((section) => (section.kind === "fabric" ? section.edge : 0)) : [],
  );

function keepsItsWord(project: Project, across: number, along: number): number {
  const before = forecastProject(project, layProject(project));
  const now = before.known ? finishedOf(project, before) : null;
  if (!before.known || !now) return 0;
  const wanted = {
    acrossMm: Math.max(20, now.acrossMm * across),
    alongMm: Math.max(10, now.alongMm * along),
  };
  const sized = { ...project, size: { ...project.size, ...wanted, easeMm: 0 } };
  const options = toEnd(sizeOptions(sized, layProject));
  if (!options.ok) return 0;
  for (const option of options.value) {
    const { answer, finished } = worked(option.project);
    expect(finished?.acrossMm).toBeCloseTo(option.acrossMm, 6);
    expect(finished?.alongMm).toBeCloseTo(option.alongMm, 6);
    expect(Math.abs(option.acrossMm / wanted.acrossMm - 1)).toBeLessThanOrEqual(SIZE_TOLERANCE.across);
    expect(Math.abs(option.alongMm / wanted.alongMm - 1)).toBeLessThanOrEqual(SIZE_TOLERANCE.along);
    for (const finding of told(answer)) expect(told(before)).toContain(finding);
    expect(roundEdges(option.project)).toEqual(roundEdges(project));
    expect(option.balls).toBe(answer.yarns.reduce((sum, { advised }) => sum + advised.balls, 0));
  }
  return options.value.length;
}

test("any way to any size of anything that can be begun", () => {
  let offered = 0;
  fc.assert(
    fc.property(anyBegun, times, times, (project, across, along) => {
      offered += keepsItsWord(project, across, along);
    }),
    { numRuns: 40 },
  );
  // And ways are found: one or two of the four on an average.
  expect(offered).toBeGreaterThan(40);
}, 180_000);

test("any way to any size of random projects", () => {
  fc.assert(
    fc.property(anyProject, times, times, (project, across, along) => {
      keepsItsWord(project, across, along);
    }),
    { numRuns: 25 },
  );
}, 180_000);

test("a project that leaves something out is not sized before that is settled", () => {
  const [hat] = fc.sample(anyBegun, 1);
  if (!hat) throw new Error("nothing begun");
  const [piece] = hat.pieces;
  if (!piece) throw new Error("no piece");
  const [first] = piece.sections;
  const broken = {
    ...hat,
    pieces: [...hat.pieces, { ...piece, id: "broken", sections: first ? [first] : [] }],
  };
  expect(toEnd(sizeOptions(broken, layProject))).toMatchObject({ ok: false });
});
