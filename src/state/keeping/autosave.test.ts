import { demoProject } from "@/demo/slipover";
import { startAutosave, useSaveState } from "./autosave";

/** A source to change by hand, and a storage that can be made to fail. */
function bench() {
  let current = demoProject();
  let held = current;
  let changed = () => {};
  const kept: string[] = [];
  const storage = { broken: false };
  const autosave = startAutosave({
    subscribe: (listener) => {
      changed = listener;
      return () => {
        changed = () => {};
      };
    },
    isKept: () => held === current,
    keep: async () => {
      const now = current;
      if (storage.broken) throw new Error("full");
      await Promise.resolve();
      kept.push(now.name);
      held = now;
    },
    whyNot: () => "full",
  });
  const rename = (name: string) => {
    current = { ...current, name };
    changed();
  };
  return { autosave, kept, storage, rename, isKept: () => held === current };
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

test("who types without a rest is kept every three tenths of a second at the latest", async () => {
  const { isKept, kept, rename } = bench();
  let [unsavedSince, longest] = [0, 0];
  for (let key = 1; key <= 40; key += 1) {
    rename("x".repeat(key));
    if (unsavedSince === 0) unsavedSince = Date.now();
    for (let step = 0; step < 15; step += 1) {
      await jest.advanceTimersByTimeAsync(10);
      if (isKept()) unsavedSince = 0;
      else if (unsavedSince > 0) longest = Math.max(longest, Date.now() - unsavedSince);
    }
  }
  expect(longest).toBeLessThanOrEqual(300);
  expect(kept.length).toBeGreaterThan(10);
  expect(kept.length).toBeLessThan(30);
});

test("a page too busy to come to its timers keeps what is due with the next key", async () => {
  const { kept, rename } = bench();
  rename("a");
  // Timers do not fire while a page is busy; keys still come.
  jest.setSystemTime(Date.now() + 350);
  rename("ab");
  for (let turn = 0; turn < 5; turn += 1) await Promise.resolve();
  expect(kept).toEqual(["ab"]);
});

test("flushing keeps at once, before the page is hidden", async () => {
  const { autosave, kept, rename, isKept } = bench();
  rename("now");
  expect(isKept()).toBe(false);
  await autosave.flush();
  expect(kept).toEqual(["now"]);
  expect(isKept()).toBe(true);
});

test("a save that fails is shown and retried until it holds", async () => {
  const { kept, storage, rename } = bench();
  storage.broken = true;
  rename("precious");
  await jest.advanceTimersByTimeAsync(500);
  expect(useSaveState.getState()).toEqual({ kind: "failed", tries: 1, why: "full" });
  await jest.advanceTimersByTimeAsync(2000);
  expect(useSaveState.getState()).toEqual({ kind: "failed", tries: 2, why: "full" });
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

test("what is done between two saves is done alone: what is typed meanwhile is kept behind it", async () => {
  const { autosave, kept, rename } = bench();
  let done = () => {};
  const between = autosave.between(() => new Promise((resolve) => (done = resolve)));
  rename("typed");
  await jest.advanceTimersByTimeAsync(1000);
  expect(kept).toEqual([]);
  done();
  await between;
  await jest.advanceTimersByTimeAsync(0);
  expect(kept).toEqual(["typed"]);
});

test("what is typed while something is being kept is kept behind it", async () => {
  const { autosave, kept, rename } = bench();
  rename("one");
  const flushed = autosave.flush();
  await Promise.resolve();
  rename("two");
  await flushed;
  await jest.advanceTimersByTimeAsync(500);
  expect(kept).toEqual(["one", "two"]);
});
