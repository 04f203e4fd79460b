import { demoProject } from "@/demo/slipover";
import { demoShelf } from "@/demo/shelf";
import { priceList } from "@/demo/priceList";
import { MOST_ENTRIES, newEntry, reservedElsewhere } from "@/core/project/shelf";
import { begin, redo, undo, useProjectStore } from "../project/projectStore";
import {
  addEntry,
  bringHome,
  changeDetails,
  clearShelf,
  editEntries,
  labelOf,
  putByFor,
  putOnShelf,
  removeEntries,
  reserve,
  unreserve,
} from "./shelf";

const shelf = () => useProjectStore.getState().shelf;
const entry = (id: string) => {
  const found = shelf().entries.find((one) => one.id === id);
  if (!found) throw new Error("gone");
  return found;
};

beforeEach(() => {
  jest.useFakeTimers();
  begin(demoProject(), demoShelf());
});
afterEach(() => jest.useRealTimers());

const line = (id: string, balls: number, sellerId = "shelf") => ({
  offer: { id, sellerId, lot: "T417", massG: 50, lengthM: 82, price: 4.9, balls: 9 },
  balls,
});

test("what is put on the shelf can be taken back, and the shelf is no demo from then on", () => {
  expect(shelf().demo).toBe(true);
  const id = addEntry({ balls: 4 });
  expect(shelf().demo).toBe(false);
  expect(entry(id).balls).toBe(4);
  undo();
  expect(shelf()).toEqual(demoShelf());
  redo();
  expect(entry(id).balls).toBe(4);
});

test("many are changed alike, or taken off, in one step", () => {
  const ids = ["shelf-tarnock-417", "shelf-tarnock-398"];
  editEntries(ids, "place", (one) => {
    one.place = "attic";
  });
  expect(ids.map((id) => entry(id).place)).toEqual(["attic", "attic"]);
  expect(entry("shelf-vessin").place).toBe("blue basket");
  jest.advanceTimersByTime(2000);
  removeEntries(ids);
  expect(shelf().entries).toHaveLength(3);
  undo();
  expect(shelf().entries).toHaveLength(5);
  undo();
  expect(entry("shelf-tarnock-417").place).toBe("oak chest");
});

test("an import is one step, and never more than there is room for", () => {
  const many = Array.from({ length: 30 }, (_, index) => newEntry(`import-${index}`));
  expect(putOnShelf(many)).toBe(30);
  expect(shelf().entries).toHaveLength(35);
  undo();
  expect(shelf().entries).toHaveLength(5);
  const lots = Array.from({ length: MOST_ENTRIES }, (_, index) => newEntry(`import-${index}`));
  expect(putOnShelf(lots)).toBe(MOST_ENTRIES - 5);
});

test("what a plan takes is put by for the project, and given free again", () => {
  reserve([line("shelf-tarnock-417", 3), line("bought", 4, "shop")]);
  expect(putByFor(entry("shelf-tarnock-417"), "Harrow slipover")).toBe(3);
  expect(putByFor(entry("shelf-tarnock-398"), "Harrow slipover")).toBe(0);
  jest.advanceTimersByTime(2000);
  reserve([line("shelf-tarnock-398", 1)]);
  expect(putByFor(entry("shelf-tarnock-417"), "Harrow slipover")).toBe(0);
  expect(putByFor(entry("shelf-tarnock-398"), "Harrow slipover")).toBe(1);
  unreserve();
  expect(shelf().entries.flatMap(({ reserved }) => reserved)).toEqual([{ project: "Rope cap", balls: 2 }]);
});

test("what was bought comes home under its label, put by; what lay there already does not come twice", () => {
  const label = labelOf("Tarnock Aran, lichen", null);
  expect(label.fibres).toBe("100 % wool");
  bringHome([line("shelf-tarnock-417", 3), line("bought", 4, "shop")], label);
  expect(shelf().entries).toHaveLength(6);
  expect(shelf().entries[0]).toMatchObject({
    balls: 4,
    lot: "T417",
    price: 4.9,
    label: { name: "Tarnock Aran", putUp: { massG: 50, lengthM: 82 } },
    reserved: [{ project: "Harrow slipover", balls: 4 }],
  });
});

test("the label of a yarn is that of the shelf, of a shop, or what the project knows", () => {
  expect(labelOf("osmuth chunky (rust)", priceList)).toMatchObject({
    colourName: "rust",
    bandClass: "chunky",
  });
  clearShelf();
  expect(labelOf("Tarnock Aran, lichen", null)).toMatchObject({
    name: "Tarnock Aran, lichen",
    putUp: { massG: 50, lengthM: 82 },
  });
  expect(labelOf("Nobody knows it", null)).toMatchObject({ name: "Nobody knows it", putUp: null });
});

test("a project that gets another name keeps what is put by for it, in one step", () => {
  reserve([line("shelf-tarnock-417", 3)]);
  editEntries(["shelf-tarnock-417"], "reserved", (one) => {
    one.reserved.push({ project: "Slipover for Ada", balls: 1 }, { project: "Mittens", balls: 2 });
  });
  const before = shelf();
  jest.advanceTimersByTime(2000);
  changeDetails((project) => {
    project.name = "Slipover for Ada";
  });
  const reserved = (project: string) => putByFor(entry("shelf-tarnock-417"), project);
  expect(["Harrow slipover", "Slipover for Ada", "Mittens"].map(reserved)).toEqual([0, 4, 2]);
  expect(reservedElsewhere(entry("shelf-tarnock-417"), "Slipover for Ada")).toBe(2);
  undo();
  expect(shelf()).toBe(before);
  expect(useProjectStore.getState().project.name).toBe("Harrow slipover");
});

test("what is said of a project under the same name leaves the shelf alone", () => {
  const before = shelf();
  changeDetails((project) => {
    project.notes = "Longer than the last one.";
  });
  expect(shelf()).toBe(before);
  expect(useProjectStore.getState().project.notes).toBe("Longer than the last one.");
});
