import { emptyProject } from "@/core/project/project";
import { readProject, writeProject } from "@/core/files/projectFile";
import { addPanel, deletePanel, editOrigin, editPanel } from "./panels";
import { begin, typed, undo, useProjectStore } from "./projectStore";

const panels = () => useProjectStore.getState().project.panels;
const rope = { name: "Rope", text: "Row 1: C4F." };

beforeEach(() => {
  jest.useFakeTimers();
  begin(emptyProject());
});
afterEach(() => jest.useRealTimers());

test("panels are added, changed and deleted, each with an id of its own", () => {
  const [first, second] = [addPanel(rope), addPanel(rope)];
  expect(first).not.toBe(second);
  editPanel(first, { name: "Mine" });
  expect(panels().map(({ name }) => name)).toEqual(["Mine", "Rope"]);
  deletePanel(first);
  expect(panels().map(({ id }) => id)).toEqual([second]);
});

test("typing into a panel's text is one step of undo, its name another", () => {
  const id = addPanel(rope);
  jest.advanceTimersByTime(5000);
  typed(() => editPanel(id, { text: "R" }));
  typed(() => editPanel(id, { text: "Ro" }));
  typed(() => editPanel(id, { name: "Other" }));
  undo();
  expect(panels()[0]).toMatchObject({ name: "Rope", text: "Ro" });
  undo();
  expect(panels()[0]?.text).toBe("Row 1: C4F.");
});

test("a panel that is not there is left alone", () => {
  addPanel(rope);
  editPanel("gorse", { name: "x" });
  deletePanel("gorse");
  expect(panels()).toHaveLength(1);
});

test("panels go into the file and come back, and a file from before them has none", () => {
  const id = addPanel(rope, "an old sampler");
  editOrigin(id, { version: "2nd" });
  editPanel(id, { notes: "wider" });
  expect(panels()[0]).toMatchObject({
    notes: "wider",
    origin: { from: "an old sampler", version: "2nd", text: rope.text },
  });
  const { project } = useProjectStore.getState();
  expect(readProject(writeProject(project))).toEqual({ ok: true, project });
  const before: Record<string, unknown> = { ...project };
  delete before.panels;
  const opened = readProject(JSON.stringify(before));
  expect(opened.ok && opened.project.panels).toEqual([]);
});
