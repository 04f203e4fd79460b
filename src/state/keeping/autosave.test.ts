import { demoProject } from "@/demo/slipover";
import type { Project } from "@/core/project/project";
import { startAutosave, useSaveState } from "./autosave";

/** A source to change by hand, and a storage that can be made to fail. */
function bench() {
  let current = demoProject();
  let changed = () => {};
  const kept: string[] = [];
  const storage = { broken: false, rests: 0 };
  const autosave = startAutosave({
    current: () => current,
    subscribe: (listener) => {
      changed = listener;
      return () => {
        changed = () => {};
      };
    },
    keep: async (project: Project) => {
      if (storage.broken) throw new Error("full");
      kept.push(project.name);
    },
    rested: () => (storage.rests += 1),
  });
  const rename = (name: string) => {
    current = { ...current, name };
    changed();
  };
  return { autosave, kept, storage, rename };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("a burst of changes is kept once, within half a second", async () => {
  const { kept, rename } = bench();
  rename("a");
  rename("ab");
  expect(useSaveState.getState().kind).toBe("waiting");
  await jest.advanceTimersByTimeAsync(500);
  expect(kept).toEqual(["ab"]);
  expect(useSaveState.getState().kind).toBe("saved");
});

test("who types without a rest is kept every four tenths of a second at the latest", async () => {
  const { autosave, kept, rename } = bench();
  let [unsavedSince, longest] = [0, 0];
  for (let key = 1; key <= 40; key += 1) {
    rename("x".repeat(key));
    if (unsavedSince === 0) unsavedSince = Date.now();
    for (let step = 0; step < 15; step += 1) {
      await jest.advanceTimersByTimeAsync(10);
      if (autosave.unsaved() === null) unsavedSince = 0;
      else if (unsavedSince > 0) longest = Math.max(longest, Date.now() - unsavedSince);
    }
  }
  expect(longest).toBeLessThanOrEqual(400);
  expect(kept.length).toBeGreaterThan(10);
  expect(kept.length).toBeLessThan(30);
});

test("flushing keeps at once, before the page is hidden", async () => {
  const { autosave, kept, rename } = bench();
  rename("now");
  expect(autosave.unsaved()?.name).toBe("now");
  autosave.flush();
  await jest.advanceTimersByTimeAsync(0);
  expect(kept).toEqual(["now"]);
  expect(autosave.unsaved()).toBeNull();
});

test("a save that fails is shown and retried until it holds", async () => {
  const { kept, storage, rename } = bench();
  storage.broken = true;
  rename("precious");
  await jest.advanceTimersByTimeAsync(500);
  expect(useSaveState.getState()).toEqual({ kind: "failed", tries: 1 });
  await jest.advanceTimersByTimeAsync(2000);
  expect(useSaveState.getState()).toEqual({ kind: "failed", tries: 2 });
  storage.broken = false;
  await jest.advanceTimersByTimeAsync(4000);
  expect(kept).toEqual(["precious"]);
  expect(useSaveState.getState().kind).toBe("saved");
});

test("after stop nothing is kept any more", async () => {
  const { autosave, kept, rename } = bench();
  autosave.stop();
  rename("late");
  await jest.advanceTimersByTimeAsync(1000);
  expect(kept).toEqual([]);
});

test("what was kept elsewhere is not kept again, and a change of it is", async () => {
  const { autosave, kept, rename, storage } = bench();
  autosave.takeAsKept(() => rename("from another tab"));
  expect(autosave.unsaved()).toBeNull();
  await jest.advanceTimersByTimeAsync(1000);
  expect([kept, storage.rests]).toEqual([[], 0]);
  rename("changed here");
  await jest.advanceTimersByTimeAsync(1000);
  expect([kept, storage.rests]).toEqual([["changed here"], 1]);
});

test("it rests only when nothing waits any more", async () => {
  const { kept, storage, rename } = bench();
  storage.broken = true;
  rename("precious");
  await jest.advanceTimersByTimeAsync(500);
  expect(storage.rests).toBe(0);
  storage.broken = false;
  await jest.advanceTimersByTimeAsync(2000);
  expect([kept, storage.rests]).toEqual([["precious"], 1]);
});
