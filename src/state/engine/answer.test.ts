/** The page shows the answer to the project as it stands, or the one before it; it asks only where a figure has changed. */
import type { Changes } from "@/core/engine/basis";
import type { Seen } from "@/core/engine/seen";
import { emptyProject } from "@/core/project/project";
import { begin, change } from "../project/projectStore";
import { followProject, useAnswered } from "./answer";

interface Call {
  readonly changes: Changes;
  readonly figures: boolean;
  readonly answer: (seen: Seen | null) => void;
  readonly fail: () => void;
}

const mockCalls: Call[] = [];
let mockLose: () => void = () => {};
jest.mock("./workers", () => ({
  whenLost: (tell: (worker: string) => void) => {
    mockLose = () => tell("engine");
    return () => {};
  },
  engine: () => ({
    change: (_: number, changes: Changes, figures: boolean) =>
      new Promise((resolve, reject) => {
        mockCalls.push({ changes, figures, answer: resolve, fail: () => reject(new Error("broken")) });
      }),
  }),
}));

const seen = (): Seen => ({ known: false, missing: ["rows"], findings: [], taken: new Map() });
const rows = (count: number) =>
  change("rows", ({ pieces: [piece] }) => {
    const fabric = piece?.sections.find((section) => section.kind === "fabric");
    if (fabric?.kind === "fabric") fabric.rows = count;
  });
const settled = () => new Promise(process.nextTick);

test("answers are shown with their revision; an older one that comes late is not shown in place of a newer one", async () => {
  begin(emptyProject());
  const stop = followProject();
  const [first] = mockCalls;
  expect(Object.keys(first?.changes ?? {})).toContain("pieces");
  rows(40);
  rows(50);
  expect(mockCalls.map(({ figures }) => figures)).toEqual([true, true, true]);
  // What stands still is not sent again.
  expect(Object.keys(mockCalls[2]?.changes ?? {})).toEqual(["pieces"]);
  const [one, other] = [seen(), seen()];
  mockCalls[2]?.answer(other);
  await settled();
  mockCalls[1]?.answer(one);
  await settled();
  const { revision, seenRevision } = useAnswered.getState();
  expect(seenRevision).toBe(revision);
  expect(useAnswered.getState().seen).toBe(other);

  change("notes", (draft) => {
    draft.notes = "Knitted at night.";
  });
  expect(mockCalls.at(-1)).toMatchObject({ figures: false });
  expect(Object.keys(mockCalls.at(-1)?.changes ?? {})).toEqual(["notes"]);
  expect(useAnswered.getState().revision).toBe(revision);

  rows(60);
  expect(useAnswered.getState().seenRevision).toBeLessThan(useAnswered.getState().revision);
  mockCalls.at(-1)?.fail();
  await settled();
  expect(useAnswered.getState()).toMatchObject({ seen: other, failedRevision: revision + 1 });

  rows(70);
  mockLose();
  expect(useAnswered.getState().failedRevision).toBe(revision + 2);
  // Another engine is told all of the project with the next change.
  rows(80);
  expect(Object.keys(mockCalls.at(-1)?.changes ?? {}).length).toBeGreaterThan(10);
  mockCalls.at(-1)?.answer(one);
  await settled();
  expect(useAnswered.getState()).toMatchObject({ seen: one, failedRevision: null });
  // Lost over something else, another one begins with all of it at once, and the answer stands.
  const calls = mockCalls.length;
  mockLose();
  expect(mockCalls.length).toBe(calls + 1);
  expect(Object.keys(mockCalls.at(-1)?.changes ?? {}).length).toBeGreaterThan(10);
  expect(useAnswered.getState()).toMatchObject({ seen: one, seenRevision: revision + 3 });
  stop();
});
