/** What is sent behind a keystroke is all that has changed; what changes no figure is not asked about. */
import fc from "fast-check";
import { demoProject } from "@/demo/slipover";
import { anyProject } from "@testing/anyProject";
import { emptyPiece, type Project } from "../project/project";
import { toEnd } from "../steps";
import { changesOf, sameFigures, withChanges, withFigures } from "./basis";
import { Engine } from "./engine";
import { ask } from "./questions";

/** Something done to a project, as a reader of it does it: what it leaves alone stays the same object. */
const anyChange: fc.Arbitrary<(project: Project) => Project> = fc.oneof(
  fc.string({ maxLength: 8 }).map((name) => (project: Project) => ({ ...project, name })),
  fc.nat(9).map((times) => (project: Project) => ({
    ...project,
    pieces: project.pieces.map((piece, index) => (index === 0 ? { ...piece, times: 1 + times } : piece)),
  })),
  fc.constant((project: Project) => ({ ...project, pieces: project.pieces.toReversed() })),
  fc.constant((project: Project) => ({ ...project, pieces: project.pieces.slice(0, 1), swatches: [] })),
  fc.string({ maxLength: 5 }).map((text) => (project: Project) => ({
    ...project,
    typed: { ...project.typed, needle: text },
  })),
);

test("a project is put together from its changes, the same in all, and what stood still is the same object", () => {
  fc.assert(
    fc.property(anyProject, fc.array(anyChange, { maxLength: 4 }), (project, changes) => {
      let [here, there] = [project, withChanges({}, structuredClone(changesOf({}, project)))];
      for (const change of changes) {
        const next = change(here);
        const arrived = withChanges(there, structuredClone(changesOf(here, next)));
        expect(arrived).toEqual(next);
        for (const [index, piece] of next.pieces.entries()) {
          const place = here.pieces.indexOf(piece);
          if (place >= 0) expect(arrived.pieces[index]).toBe(there.pieces[place]);
        }
        [here, there] = [next, arrived];
      }
    }),
    { numRuns: 60 },
  );
});

const seenOf = (project: Project) => toEnd(ask(new Engine().at(project), "answer", null));

test("names, notes and colours change nothing that is seen of an answer; a count of rows does", () => {
  const demo = demoProject();
  const renamed: Project = {
    ...demo,
    name: "Another",
    notes: "Knitted at night.",
    madeFor: "me",
    yarns: demo.yarns.map((yarn) => ({ ...yarn, name: `${yarn.name}, new`, colour: "#123456" })),
    pieces: demo.pieces.map((piece) => ({ ...piece, name: `My ${piece.name}` })),
    size: { ...demo.size, acrossMm: 777 },
    typed: { ...demo.typed, needle: "about five" },
  };
  expect(sameFigures(demo, renamed)).toBe(true);
  expect(seenOf(renamed)).toEqual(seenOf(demo));
  const [first, ...others] = demo.pieces;
  const twice = { ...demo, pieces: [{ ...(first ?? emptyPiece("x", "x")), times: 2 }, ...others] };
  expect(sameFigures(demo, twice)).toBe(false);
});

test("figures of another project are taken under the names that things have now", () => {
  const demo = demoProject();
  const larger: Project = { ...demo, pieces: demo.pieces.map((piece) => ({ ...piece, times: 3 })) };
  const renamed: Project = {
    ...demo,
    notes: "new",
    pieces: demo.pieces.map((piece) => ({ ...piece, name: `My ${piece.name}` })),
  };
  const taken = withFigures(renamed, larger);
  expect(taken.pieces.map(({ name, times }) => [name, times])).toEqual(
    renamed.pieces.map(({ name }) => [name, 3]),
  );
  expect(taken.notes).toBe("new");
});
