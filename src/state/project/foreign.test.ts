import { demoProject } from "@/demo/slipover";
import { mergedProjects } from "@/core/merge/projects";
import type { Project } from "@/core/project/project";
import { begin, change, redo, replace, takeForeign, undo, useProjectStore } from "./projectStore";

const open = () => useProjectStore.getState().project;
const said = () => [open().name, open().notes, open().madeFor];
const rename = (name: string) => change("name", (draft) => void (draft.name = name));
const note = (notes: string) => change("notes", (draft) => void (draft.notes = notes));

/** Another tab has made this of what both knew. */
const take = (base: Project, value: Project) =>
  takeForeign({ part: "project", base, value, merge: mergedProjects });

let first: Project;
beforeEach(() => {
  begin({ ...demoProject(), id: "one", name: "First", notes: "", madeFor: "" });
  first = open();
});

test("undo takes back what was done here, and what another tab did meanwhile stays", () => {
  note("mine");
  take(first, { ...first, madeFor: "Ada" });
  expect(said()).toEqual(["First", "mine", "Ada"]);
  undo();
  expect(said()).toEqual(["First", "", "Ada"]);
  redo();
  expect(said()).toEqual(["First", "mine", "Ada"]);
});

test("what was done here, was kept, and came back with the other tab’s changes is taken back all the same", () => {
  note("mine");
  // The first came before this tab had kept its note, the second after.
  take(first, { ...first, name: "Theirs" });
  const kept = open();
  take(kept, { ...kept, name: "First" });
  expect(said()).toEqual(["First", "mine", ""]);
  undo();
  expect(said()).toEqual(["First", "", ""]);
});

test("many changes of another tab are as one, and a project that is left is not touched by another’s", () => {
  rename("Mine");
  for (const letter of "abcdefgh") {
    const base = open();
    take(base, { ...base, notes: `${base.notes}${letter}` });
  }
  replace("open", { ...demoProject(), id: "other", name: "Other", notes: "its own" });
  const other = open();
  take(other, { ...other, madeFor: "Bram" });
  undo();
  expect(said()).toEqual(["Mine", "abcdefgh", ""]);
  undo();
  expect(said()).toEqual(["First", "abcdefgh", ""]);
  redo();
  redo();
  expect(said()).toEqual(["Other", "its own", "Bram"]);
});
