/** An answer that is handed over piece by piece is the answer that was seen, however the project changes. */
import fc from "fast-check";
import { demoProject } from "@/demo/slipover";
import type { Project } from "../project/project";
import { toEnd } from "../steps";
import { Engine } from "./engine";
import { Receiver, Sender } from "./handOver";
import { seenOf } from "./seen";

const engine = new Engine();
const seen = (project: Project) => seenOf(toEnd(engine.at(project).answer()), engine.layOf(project));

type Change = (project: Project) => Project;

const rowsOf =
  (piece: number, rows: number): Change =>
  (project) => ({
    ...project,
    pieces: project.pieces.map((one, index) =>
      index === piece
        ? {
            ...one,
            sections: one.sections.map((section) =>
              "rows" in section && section.rows !== null ? { ...section, rows } : section,
            ),
          }
        : one,
    ),
  });

const CHANGES: readonly Change[] = [
  rowsOf(0, 12),
  rowsOf(1, 30),
  (project) => ({ ...project, certainty: "careful" }),
  (project) => ({ ...project, pieces: project.pieces.slice(0, 2) }),
  (project) => ({ ...project, pieces: project.pieces.toReversed() }),
  (project) => ({ ...project, needleMm: 6 }),
  (project) => ({ ...project, yarns: project.yarns.map((yarn) => ({ ...yarn, putUp: null })) }),
  () => demoProject(),
];

test("what is received is what was seen, answer by answer, cloned on its way", () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...CHANGES), { minLength: 1, maxLength: 6 }), (changes) => {
      const [sender, receiver] = [new Sender(), new Receiver()];
      let project = demoProject();
      for (const change of changes) {
        project = change(project);
        const told = seen(project);
        expect(receiver.receive(structuredClone(sender.send(told)))).toEqual(told);
      }
    }),
    { numRuns: 25 },
  );
});

test("a change of one piece sends that piece alone, and the others stay the same objects", () => {
  const [sender, receiver] = [new Sender(), new Receiver()];
  // What is weighed while knitting a piece says something of all of them.
  const demo = { ...demoProject(), log: [] };
  const before = receiver.receive(structuredClone(sender.send(seen(demo))));
  const handed = sender.send(seen(rowsOf(0, 12)(demo)));
  if (!handed.known || !before.known) throw new Error("no answer");
  expect(handed.estimate.pieces.map((piece) => typeof piece)).toEqual([
    "object",
    "string",
    "string",
    "string",
  ]);
  const after = receiver.receive(structuredClone(handed));
  expect(after.known && after.estimate.pieces[1] === before.estimate.pieces[1]).toBe(true);
});
