import { demoProject } from "@/demo/slipover";
import { begin, change, lastStep, redo, replace, typed, undo, useProjectStore } from "./projectStore";

const name = () => useProjectStore.getState().project.name;
const rename = (to: string) =>
  change("name", (draft) => {
    draft.name = to;
  });

beforeEach(() => {
  jest.useFakeTimers();
  begin(demoProject());
});
afterEach(() => jest.useRealTimers());

test("a change can be undone and done again", () => {
  rename("Mine");
  expect(name()).toBe("Mine");
  undo();
  expect(name()).toBe("Harrow slipover");
  redo();
  expect(name()).toBe("Mine");
});

test("quick typing in one field is one step, a pause or another field starts a new one", () => {
  typed(() => rename("M"));
  typed(() => rename("Mi"));
  jest.advanceTimersByTime(5000);
  typed(() => rename("Mine"));
  change("notes", (draft) => {
    draft.notes = "new";
  });
  undo();
  expect(name()).toBe("Mine");
  undo();
  expect(name()).toBe("Mi");
  undo();
  expect(name()).toBe("Harrow slipover");
});

test("what a recipe gives back does not count, only what it does", () => {
  change("name", (draft) => Object.assign(draft, { name: "Mine" }));
  change("shop", ({ order }) => Object.assign(order.own, { postage: 6 }));
  expect(name()).toBe("Mine");
  expect(useProjectStore.getState().project.order.own.postage).toBe(6);
});

test("two quick acts of one kind are two steps, and a step is known again as long as nothing came after it", () => {
  rename("One");
  const step = lastStep();
  rename("Two");
  expect(lastStep()).not.toBe(step);
  undo();
  expect(name()).toBe("One");
  expect(lastStep()).toBe(step);
  undo();
  expect(name()).toBe("Harrow slipover");
});

test("opening another project can be undone", () => {
  rename("Mine");
  replace("open", demoProject());
  expect(name()).toBe("Harrow slipover");
  undo();
  expect(name()).toBe("Mine");
});
