import { sentence } from "@testing/sentence";
import { demoShelf } from "@/demo/shelf";
import { demoProject } from "@/demo/slipover";
import { emptyProject } from "@/core/project/project";
import { emptyShelf } from "@/core/project/shelf";

/** A database in memory, one map to a store, that can refuse. */
const mockBase = { stores: new Map<string, Map<string, unknown>>(), written: [] as string[], full: false };
jest.mock("localforage", () => ({
  createInstance: ({ storeName }: { storeName: string }) => {
    const store = mockBase.stores.get(storeName) ?? new Map<string, unknown>();
    mockBase.stores.set(storeName, store);
    return {
      getItem: async (key: string) => structuredClone(store.get(key) ?? null),
      setItem: async (key: string, value: unknown) => {
        if (mockBase.full) throw new Error("full");
        mockBase.written.push(`${storeName} ${key}`);
        store.set(key, structuredClone(value));
      },
    };
  },
}));

/** What takes no time to be written, and has so much room. */
function quickStore(room = Infinity) {
  const items = new Map<string, string>();
  return {
    getItem: (key: string) => items.get(key) ?? null,
    setItem: (key: string, value: string) => {
      if (value.length > room) throw new Error("quota");
      items.set(key, value);
    },
    removeItem: (key: string) => items.delete(key),
    keys: () => [...items.keys()],
  };
}

let quick = quickStore();
const useQuick = (store: ReturnType<typeof quickStore>) => {
  quick = store;
  Object.defineProperty(globalThis, "localStorage", { value: store, configurable: true });
};

/** The module as a page that has just been opened finds it. */
const opened = async () => {
  jest.resetModules();
  return import("./storage");
};

beforeEach(() => {
  mockBase.stores.clear();
  mockBase.written = [];
  mockBase.full = false;
  useQuick(quickStore());
});

const project = { ...emptyProject(), name: "Scarf of the evening" };

test("what is kept is found again, by another page too", async () => {
  const first = await opened();
  expect(await first.findProject()).toEqual({ kind: "none" });
  expect(await first.findShelf()).toBeNull();
  await first.keepAll({ project, shelf: demoShelf() });
  const second = await opened();
  expect(await second.findProject()).toEqual({ kind: "project", project });
  expect(await second.findShelf()).toEqual(demoShelf());
});

test("only what has changed is written, and told", async () => {
  const { keepAll, takeAsKept } = await opened();
  const shelf = demoShelf();
  takeAsKept({ project, shelf });
  expect(await keepAll({ project, shelf })).toEqual([]);
  expect(await keepAll({ project: { ...project, name: "Another" }, shelf })).toEqual(["project"]);
  expect(mockBase.written).toEqual(["projects current"]);
});

test("what the database refuses counts as not kept, and is written when it has room again", async () => {
  const { keepAll, findProject } = await opened();
  const all = { project, shelf: emptyShelf() };
  mockBase.full = true;
  await expect(keepAll(all)).rejects.toThrow("full");
  mockBase.full = false;
  expect(await keepAll(all)).toEqual(["project", "shelf"]);
  expect(await findProject()).toMatchObject({ kind: "project" });
});

test("the last word before a page went away is found first, brought into the database, and then forgotten", async () => {
  const leaving = await opened();
  await leaving.keepAll({ project: demoProject(), shelf: demoShelf() });
  leaving.keepAtOnce({ project, shelf: emptyShelf() });
  expect(quick.keys().map(leaving.lastWordOf)).toEqual(["project", "shelf"]);
  const next = await opened();
  expect(await next.findProject()).toEqual({ kind: "project", project });
  expect(await next.findShelf()).toEqual(emptyShelf());
  expect(quick.keys()).toEqual([]);
  expect(await (await opened()).findProject()).toEqual({ kind: "project", project });
});

test("a last word that does not fit, or is no project, is no harm", async () => {
  useQuick(quickStore(10));
  const { keepAtOnce, keepAll } = await opened();
  await keepAll({ project, shelf: demoShelf() });
  expect(() => keepAtOnce({ project: demoProject(), shelf: emptyShelf() })).not.toThrow();
  useQuick(quickStore());
  for (const key of ["brenok-last-word", "brenok-last-shelf"]) quick.setItem(key, '{"half": ');
  const next = await opened();
  expect(await next.findProject()).toEqual({ kind: "project", project });
  expect(await next.findShelf()).toEqual(demoShelf());
});

test("what cannot be read is put aside, not thrown away, and said", async () => {
  const { keepAll, findProject, findShelf } = await opened();
  await keepAll({ project, shelf: demoShelf() });
  const [projects, shelves] = ["projects", "shelves"].map((name) => mockBase.stores.get(name));
  projects?.set("current", { format: "something else" });
  shelves?.set("current", ["not", "a", "shelf"]);
  const found = await findProject();
  expect(found.kind === "unreadable" && sentence(found.message)).toMatch(/\w/);
  expect(await findShelf()).toBeNull();
  expect(projects?.get("unreadable")).toEqual({ format: "something else" });
  expect(shelves?.get("unreadable")).toEqual(["not", "a", "shelf"]);
});
