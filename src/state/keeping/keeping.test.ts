/** A world of several tabs: each has its own modules, and all share one database and one channel. */
import "fake-indexeddb/auto";
import fc from "fast-check";
import { IDBFactory } from "fake-indexeddb";
import { sentence } from "@testing/sentence";
import { same } from "@/core/merge/values";
import { emptyProject } from "@/core/project/project";
import type { Project } from "@/core/project/project";
import type { Message } from "@/core/words/message";

jest.mock("localforage", () => ({
  createInstance: ({ storeName }: { storeName: string }) => ({
    getItem: async (key: string) => mockFormer[`${storeName} ${key}`] ?? null,
  }),
}));
/** What an earlier Brenok has kept. */
let mockFormer: Record<string, unknown> = {};

/** What takes no time to be written: one for all tabs, and one for each. */
function quickStore() {
  const items = new Map<string, string>();
  return {
    getItem: (key: string) => items.get(key) ?? null,
    setItem: (key: string, text: string) => void items.set(key, text),
    removeItem: (key: string) => void items.delete(key),
    key: (at: number) => [...items.keys()][at] ?? null,
    get length() {
      return items.size;
    },
  };
}

const put = (name: string, value: unknown) =>
  Object.defineProperty(globalThis, name, { value, configurable: true, writable: true });

beforeEach(() => {
  put("indexedDB", new IDBFactory());
  put("localStorage", quickStore());
  mockFormer = {};
});

const running: (() => void)[] = [];
afterEach(() => running.splice(0).forEach((end) => end()));

/** A tab, opened: what was kept is there, and it keeps and follows. */
async function openTab() {
  jest.resetModules();
  put("sessionStorage", quickStore());
  const [store, takeUp, keepGoing, autosave, keeper, records] = await Promise.all([
    import("../project/projectStore"),
    import("./takeUp"),
    import("./keepGoing"),
    import("./autosave"),
    import("./keeper"),
    import("./records"),
  ]);
  const words: Message[] = [...(await takeUp.takeUp())];
  const end = keepGoing.keepGoing((word) => words.push(word));
  running.push(end);
  const project = () => store.useProjectStore.getState().project;
  return {
    ...store,
    ...keepGoing,
    keeper,
    records,
    words,
    project,
    shelf: () => store.useProjectStore.getState().shelf,
    saved: autosave.saveNow,
    saveState: () => autosave.useSaveState.getState(),
    /** As a browser that is killed: nothing is written any more. */
    kill: () => end(),
    rename: (name: string) => store.change("name", (draft) => void (draft.name = name)),
    note: (notes: string) => store.change("notes", (draft) => void (draft.notes = notes)),
  };
}

type Tab = Awaited<ReturnType<typeof openTab>>;

/** Lets everything that waits go on until it is so. */
async function until(isSo: () => boolean) {
  while (!isSo()) await new Promise((resolve) => setImmediate(resolve));
}

/** Until all tabs have kept everything and hold the same. */
async function atRest(tabs: readonly Tab[]) {
  await until(() => {
    const [first, ...others] = tabs.map((tab) => [tab.project(), tab.shelf()]);
    return (
      tabs.every((tab) => tab.saveState().kind === "saved") && others.every((other) => same(other, first))
    );
  });
}

test("what is kept is found again by another page; a demo is kept from the first change on", async () => {
  const tab = await openTab();
  expect(tab.project().demo).toBe(true);
  await tab.saved();
  expect(await tab.records.allCards()).toEqual([]);
  tab.rename("Scarf of the evening");
  await tab.saved();
  const next = await openTab();
  expect(next.project()).toEqual(tab.project());
  expect((await next.records.allCards())[0]).toMatchObject({
    name: "Scarf of the evening",
    stage: "knitting",
  });
});

test("two tabs that change different things at a time keep both, and undo takes back what was done in its own", async () => {
  const one = await openTab();
  one.rename("First");
  await one.saved();
  const two = await openTab();
  one.rename("From one");
  two.note("from two");
  await atRest([one, two]);
  expect(one.project()).toMatchObject({ name: "From one", notes: "from two" });
  one.undo();
  await atRest([one, two]);
  expect(two.project()).toMatchObject({ name: "First", notes: "from two" });
  two.undo();
  await atRest([one, two]);
  expect(one.project().notes).not.toBe("from two");
  one.redo();
  await atRest([one, two]);
  expect(two.project().name).toBe("From one");
});

test("two tabs that were opened on a demo which nobody has kept have one project open", async () => {
  const [one, two] = [await openTab(), await openTab()];
  one.note("from one");
  two.rename("From two");
  await atRest([one, two]);
  expect(one.project()).toMatchObject({ name: "From two", notes: "from one" });
  expect(await one.records.allCards()).toHaveLength(1);
});

test("no letter is lost that two tabs type into one text", async () => {
  const one = await openTab();
  one.note("middle");
  await one.saved();
  const two = await openTab();
  for (const letter of "abcdefgh") {
    one.note(`${letter}${one.project().notes}`);
    two.note(`${two.project().notes}${letter.toUpperCase()}`);
    if (letter > "d") await one.saved();
  }
  await atRest([one, two]);
  expect(one.project().notes).toBe("hgfedcbamiddleABCDEFGH");
});

test("five tabs end alike, whatever each of them does, and no thing that was added is lost", async () => {
  const act = fc.record({ tab: fc.nat(4), what: fc.constantFrom("name", "extra", "shelf", "undo", "wait") });
  const tabs = [await openTab()];
  tabs[0]?.rename("Begun");
  await tabs[0]?.saved();
  while (tabs.length < 5) tabs.push(await openTab());
  let count = 0;
  await fc.assert(
    fc.asyncProperty(fc.array(act, { minLength: 5, maxLength: 25 }), async (acts) => {
      for (const { tab: at, what } of acts) {
        const tab = tabs[at];
        if (!tab) throw new Error("there are five");
        count += 1;
        if (what === "name") tab.rename(`Name ${count}`);
        else if (what === "extra")
          tab.change("extra", (draft) => {
            draft.swap.candidates.length = 0;
            draft.calendar.restDays = [count % 7];
            for (const yarn of draft.yarns) yarn.plies = 1 + (count % 8);
          });
        else if (what === "shelf")
          tab.changeShelf("more", (draft) => {
            const [entry] = draft.entries;
            if (entry && draft.entries.length < 60) draft.entries.push({ ...entry, id: `more-${count}` });
          });
        else if (what === "undo") tab.undo();
        else await tab.saved();
      }
      await atRest(tabs);
    }),
    { numRuns: 8 },
  );
  expect(new Set(tabs.map((tab) => tab.words.length))).toEqual(new Set([0]));
});

test("what does not fit together: one stands, the other is among the former states, and it is said", async () => {
  const one = await openTab();
  one.rename("Begun");
  await one.saved();
  const two = await openTab();
  const [piece] = one.project().pieces;
  const many = (tab: Tab) =>
    tab.change("pieces", (draft) => {
      for (let more = 0; more < 25; more += 1)
        draft.pieces.push(structuredClone({ ...piece, id: `${tab === one ? "a" : "b"}${more}` }) as never);
    });
  many(one);
  many(two);
  await atRest([one, two]);
  expect(one.project().pieces.length).toBeLessThan(40);
  const said = [...one.words, ...two.words].map(sentence);
  expect(said).toEqual([expect.stringMatching(/conflicts with yours/)]);
});

test("another project is opened in one tab alone; what was changed last in the former is kept", async () => {
  const one = await openTab();
  one.rename("Former");
  await one.saved();
  const two = await openTab();
  one.note("last words");
  one.replace("open", { ...emptyProject(), name: "Another" });
  await one.saved();
  await until(() => two.project().notes === "last words");
  expect(two.project().name).toBe("Former");
  const cards = await one.records.allCards();
  expect(cards.map(({ name }) => name).toSorted()).toEqual(["Another", "Former"]);
  one.undo();
  expect(one.project()).toMatchObject({ name: "Former", notes: "last words" });
});

test("an empty project in which nothing was done leaves nothing behind", async () => {
  const tab = await openTab();
  tab.rename("Mine");
  await tab.saved();
  tab.replace("empty", emptyProject());
  await tab.saved();
  tab.replace("open", { ...emptyProject(), name: "Another" });
  await tab.saved();
  expect((await tab.records.allCards()).map(({ name }) => name).toSorted()).toEqual(["Another", "Mine"]);
});

test("what was said last before the page went away is there the next time, on top of what others kept", async () => {
  const one = await openTab();
  one.rename("Begun");
  await one.saved();
  const two = await openTab();
  one.note("said last");
  one.leave();
  const words = [...Array(localStorage.length).keys()].map((at) => {
    const key = localStorage.key(at) ?? "";
    return [key, localStorage.getItem(key) ?? ""] as const;
  });
  one.kill();
  // The page was gone before the database had it.
  one.undo();
  await one.saved();
  two.rename("By another");
  await two.saved();
  two.kill();
  for (const [key, text] of words) localStorage.setItem(key, text);
  const next = await openTab();
  expect(next.project()).toMatchObject({ name: "By another", notes: "said last" });
  const left = [...Array(localStorage.length).keys()].map((at) => localStorage.key(at) ?? "");
  expect(left.filter((key) => key.startsWith("brenok-last-word"))).toEqual([]);
});

/** Changes what is written in one place, behind the back of the application. */
async function putText(place: [of: string, at: number], to: (written: { text: string }) => unknown) {
  const base = await new Promise<IDBDatabase>((resolve) => {
    const open = indexedDB.open("brenok-kept");
    open.onsuccess = () => resolve(open.result);
  });
  const store = base.transaction("texts", "readwrite").objectStore("texts");
  await new Promise<void>((resolve) => {
    const get = store.get(place);
    get.onsuccess = () => {
      store.put(to(get.result as { text: string }), place).onsuccess = () => resolve();
    };
  });
  base.close();
}

/** Its project is kept by a newer Brenok from now on: under which name, and how. */
async function takenOver(tab: Tab) {
  const of = tab.keeper.recordOf(tab.project().id);
  const { text, version } = await tab.records.readRecord(of);
  const newer = (text ?? "").replace('"version":4', '"version":99');
  await tab.records.writeRecord({ of, from: version, text: newer, merge: () => newer });
  return { of, newer };
}

describe("a page that is killed while it writes", () => {
  /** Damages the newest text of a record, as a write that came half through would. */
  async function damage(tab: Tab, to: (text: string) => string) {
    const of = tab.keeper.recordOf(tab.project().id);
    const { version } = await tab.records.readRecord(of);
    await putText([of, version % 2], (written) => ({ ...written, text: to(written.text) }));
  }

  test("is opened as it was before, with a word, and what is damaged is set aside", async () => {
    const tab = await openTab();
    tab.rename("One");
    await tab.saved();
    tab.rename("Two");
    await tab.saved();
    await damage(tab, (text) => text.slice(0, text.length / 2));
    const next = await openTab();
    expect(next.project().name).toBe("One");
    expect(next.words.map(sentence)).toEqual([expect.stringMatching(/The last change of your project/)]);
    expect(await next.records.allAside()).toHaveLength(1);
    next.rename("Three");
    await next.saved();
    expect((await openTab()).project().name).toBe("Three");
    expect(await next.records.allAside()).toHaveLength(1);
  });

  test("and a project of a newer Brenok is left as it is, whatever is done", async () => {
    const tab = await openTab();
    tab.rename("Newer");
    await tab.saved();
    const { of, newer } = await takenOver(tab);
    const next = await openTab();
    expect(next.words.map(sentence)).toEqual([expect.stringMatching(/saved by a newer Brenok/)]);
    next.rename("Older");
    await next.saved();
    expect((await next.records.readRecord(of)).text).toBe(newer);
    // The tab that still has it open cannot write over it either.
    tab.rename("Over it");
    await tab.saved();
    expect(tab.saveState()).toMatchObject({ kind: "failed", why: "newer" });
    expect((await next.records.readRecord(of)).text).toBe(newer);
    expect(await next.records.allAside()).toEqual([]);
  });
});

test("where the newer text of two is damaged, what is written next never takes the place of the whole one", async () => {
  const tab = await openTab();
  const of = "project by hand";
  await tab.records.writeRecord({ of, from: 0, text: "one", merge: () => "" });
  await tab.records.writeRecord({ of, from: 1, text: "two", merge: () => "" });
  await putText([of, 0], (written) => ({ ...written, text: "tw" }));
  const found = await tab.records.readRecord(of);
  expect(found).toMatchObject({ text: "one", version: 1, damaged: "tw" });
  await tab.records.writeRecord({ of, from: 1, text: "three", merge: () => "three" });
  await putText([of, 0], (written) => ({ ...written, text: "thr" }));
  expect(await tab.records.readRecord(of)).toMatchObject({ text: "one", version: 1 });
});

test("a project that a newer Brenok has taken over does not keep the open one from being kept", async () => {
  const tab = await openTab();
  tab.rename("Former");
  await tab.saved();
  const { of, newer } = await takenOver(tab);
  tab.note("not to be kept");
  tab.replace("open", { ...emptyProject(), name: "Another" });
  await tab.saved();
  await tab.saved();
  expect(tab.saveState().kind).toBe("saved");
  expect((await tab.records.allCards()).map(({ name }) => name)).toContain("Another");
  expect((await tab.records.readRecord(of)).text).toBe(newer);
});

describe("a storage that does not do what it should", () => {
  const words = async () => (await openTab()).words.map(sentence);

  test("is told where there is none", async () => {
    put("indexedDB", undefined);
    expect(await words()).toEqual([expect.stringMatching(/does not let Brenok keep anything/)]);
  });

  test("is told when it never answers, and the page opens all the same", async () => {
    const request = Object.assign(Object.create(IDBOpenDBRequest.prototype) as object, {
      addEventListener: () => {},
    });
    put("indexedDB", { open: () => request, databases: async () => [] });
    const tab = await openTab();
    expect(tab.words.map(sentence)).toEqual([expect.stringMatching(/does not answer/)]);
    expect(tab.project().demo).toBe(true);
  });

  test("is told when a newer Brenok has laid it out anew", async () => {
    await new Promise<void>((resolve) => {
      const open = indexedDB.open("brenok-kept", 99);
      open.onsuccess = () => {
        open.result.close();
        resolve();
      };
    });
    expect(await words()).toEqual([expect.stringMatching(/A newer Brenok was used/)]);
  });

  test("is asked again under another way when it was closed under the hands", async () => {
    const tab = await openTab();
    tab.rename("One");
    await tab.saved();
    put("indexedDB", new IDBFactory());
    tab.rename("Two");
    await tab.saved();
    expect(tab.saveState().kind).toBe("saved");
  });
});

describe("what an earlier Brenok has kept", () => {
  const former = { ...emptyProject(), id: "former", name: "From before" };
  beforeEach(
    () =>
      new Promise<void>((resolve) => {
        indexedDB.open("brenok").onsuccess = () => resolve();
      }),
  );

  test("is brought in once", async () => {
    mockFormer = { "projects current": former };
    const tab = await openTab();
    expect(tab.project().name).toBe("From before");
    tab.rename("Since");
    await tab.saved();
    expect((await openTab()).project().name).toBe("Since");
  });

  test("and is set aside where it cannot be read", async () => {
    mockFormer = { "projects current": { format: "brenok-project", version: 1 }, "shelves current": [1] };
    const tab = await openTab();
    expect((await tab.records.allAside()).map(({ what }) => what).toSorted()).toEqual(["project", "shelf"]);
    expect(tab.project().demo).toBe(true);
  });
});

test("former states are kept, one before each stretch of work, without the rows", async () => {
  const tab = await openTab();
  const clock = jest.spyOn(Date, "now");
  let now = 1.8e12;
  clock.mockImplementation(() => now);
  for (let stretch = 0; stretch < 25; stretch += 1) {
    tab.rename(`Name ${stretch}`);
    await tab.saved();
    now += 60_000;
    tab.note(`a minute later, ${stretch}`);
    await tab.saved();
    now += 20 * 60_000;
  }
  clock.mockRestore();
  const { formerStates } = await import("./states");
  // They are kept beside the saving, which does not wait for them.
  let states = await formerStates(tab.project().id);
  while (states[0]?.project.name !== "Name 23") states = await formerStates(tab.project().id);
  expect(states).toHaveLength(20);
  expect(states[0]?.project).toMatchObject({
    name: "Name 23",
    notes: "a minute later, 23",
  } as Partial<Project>);
});
