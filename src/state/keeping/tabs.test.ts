import { demoShelf } from "@/demo/shelf";
import { demoProject } from "@/demo/slipover";
import type { Kept } from "../project/projectStore";
import { joinTabs, takingUp, type KeptPart } from "./tabs";

/** What the other tabs have kept, and a tab that can be busy with something of its own. */
function tab() {
  const state = {
    busy: false,
    taken: [] as Partial<Kept>[],
    stored: { project: demoProject() } as Partial<Kept>,
  };
  /** Called while the storage is read. */
  let meanwhile = () => {};
  const others = takingUp({
    busy: () => state.busy,
    read: async (parts) => {
      meanwhile();
      return Object.fromEntries(parts.map((part) => [part, state.stored[part]]));
    },
    take: (kept) => state.taken.push(kept),
  });
  return { state, others, whileReading: (does: () => void) => (meanwhile = does) };
}

/** Lets everything that waits go on until it is so. */
async function settledBy(isSo: () => boolean) {
  while (!isSo()) await settle();
}

const settle = () => new Promise((resolve) => setTimeout(resolve, 0));

test("what another tab keeps is taken up, and only that", async () => {
  const { state, others } = tab();
  state.stored = { project: { ...demoProject(), name: "Of the other tab" }, shelf: demoShelf() };
  others.heard(["project"]);
  await settle();
  expect(state.taken).toEqual([{ project: state.stored.project }]);
});

test("what waits to be kept here comes first; then the part that it did not touch is taken up", async () => {
  const { state, others } = tab();
  state.stored = { shelf: demoShelf() };
  state.busy = true;
  others.heard(["project", "shelf"]);
  await settle();
  expect(state.taken).toEqual([]);
  others.keptHere(["project"]);
  state.busy = false;
  await others.goOn();
  expect(state.taken).toEqual([{ shelf: state.stored.shelf }]);
  await others.goOn();
  expect(state.taken).toHaveLength(1);
});

test("what is typed while the storage is read is not written over", async () => {
  const { state, others, whileReading } = tab();
  whileReading(() => (state.busy = true));
  others.heard(["project"]);
  await settle();
  expect(state.taken).toEqual([]);
  others.keptHere(["project"]);
  state.busy = false;
  await others.goOn();
  expect(state.taken).toEqual([]);
});

test("tabs hear each other and not themselves; one that has left hears nothing", async () => {
  const heard: [string, readonly KeptPart[]][] = [];
  const [one, two, three] = ["one", "two", "three"].map((name) =>
    joinTabs((parts) => heard.push([name, parts])),
  );
  three?.leave();
  one?.tell(["shelf"]);
  one?.tell([]);
  // Words come in the order in which they were said: what has come when the answer comes is all there is.
  await settledBy(() => heard.length > 0);
  two?.tell(["project"]);
  await settledBy(() => heard.some(([name]) => name === "one"));
  expect(heard).toEqual([
    ["two", ["shelf"]],
    ["one", ["project"]],
  ]);
  [one, two].forEach((tab) => tab?.leave());
});

test("a browser without channels leaves a tab alone", () => {
  const { BroadcastChannel: channel } = globalThis;
  Reflect.deleteProperty(globalThis, "BroadcastChannel");
  const alone = joinTabs(() => {});
  expect(() => alone.tell(["project"])).not.toThrow();
  alone.leave();
  globalThis.BroadcastChannel = channel;
});
