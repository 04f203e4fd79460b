import { demoProject } from "@/demo/slipover";
import { chooseSection, chosenOf, chosenSectionOf, chosenNow } from "../chosen/chosen";
import { addPiece, copyPiece, MOST_PIECES, removePiece, renamePiece, workPiece } from "./pieces";
import { addSection, copySection, moveSection, removeSection } from "./sections";
import { begin, undo, useProjectStore } from "./projectStore";
import { shownIn, typeInto } from "../fields/typing";

const project = () => useProjectStore.getState().project;
const names = () => project().pieces.map(({ name }) => name);

const NAMES = ["Back", "Front", "Neckband", "Armband"];

beforeEach(() => {
  begin(demoProject());
  chooseSection(null, "back");
});

test("a piece is copied behind the chosen one and opened; undo takes it back", () => {
  copyPiece(false);
  expect(names()).toEqual(["Back", "Back, copy", "Front", "Neckband", "Armband"]);
  expect(chosenOf(project()).name).toBe("Back, copy");
  undo();
  expect(names()).toEqual(NAMES);
  expect(chosenOf(project()).name).toBe("Back");
});

test("a copy has sections of its own, with what was typed for them; a mirrored one is mirrored", () => {
  typeInto("measuredWidth", "7.6 cm", "metric");
  copyPiece(true);
  const [back, copy] = project().pieces;
  expect([back?.mirrored, copy?.mirrored]).toEqual([false, true]);
  expect(copy?.sections.map(({ kind }) => kind)).toEqual(back?.sections.map(({ kind }) => kind));
  const ids = [back, copy].flatMap((piece) => piece?.sections.map(({ id }) => id) ?? []);
  expect(new Set(ids).size).toBe(ids.length);
  expect(shownIn("measuredWidth", project(), "metric", chosenNow()).text).toBe("7.6 cm");
});

test("each section keeps what was typed for it, to the letter; what is common is common", () => {
  chooseSection("back/rib");
  typeInto("rows", "22 rows", "metric");
  chooseSection("back/upper");
  typeInto("rows", "30", "metric");
  typeInto("needle", "4.5 mm", "metric");
  expect(shownIn("rows", project(), "metric", chosenNow()).text).toBe("30");
  chooseSection("back/rib");
  expect(shownIn("rows", project(), "metric", chosenNow()).text).toBe("22 rows");
  expect(project().needleMm).toBe(4.5);
});

test("what was typed of a section or a piece goes with it, and comes back with it by undo", () => {
  chooseSection("back/rib");
  typeInto("rows", "22 rowz", "metric");
  typeInto("needle", "4.5 mm", "metric");
  const typed = project().typed;
  removeSection("back/rib");
  expect(Object.keys(project().typed).some((key) => key.endsWith("back/rib"))).toBe(false);
  expect(project().typed.needle).toBe("4.5 mm");
  undo();
  expect(project().typed).toEqual(typed);
  removePiece();
  expect(Object.keys(project().typed).some((key) => key.includes("back/"))).toBe(false);
  undo();
  expect(project().typed).toEqual(typed);
});

test("sections are put behind the chosen one, moved, copied and taken out; undo takes each step back", () => {
  const kinds = () => chosenOf(project()).sections.map(({ kind }) => kind);
  const before = kinds();
  chooseSection("back/rib");
  addSection("hem");
  expect(kinds().slice(0, 3)).toEqual(["castOn", "fabric", "hem"]);
  moveSection(chosenSectionOf(project()).id, 1);
  expect(kinds().slice(0, 3)).toEqual(["castOn", "hem", "fabric"]);
  copySection();
  expect(kinds().slice(0, 4)).toEqual(["castOn", "hem", "hem", "fabric"]);
  removeSection(chosenSectionOf(project()).id);
  for (let step = 0; step < 4; step += 1) undo();
  expect(kinds()).toEqual(before);
});

test("the last piece stays; times stay within what can be; a name is kept", () => {
  for (let more = 0; more < 6; more += 1) removePiece();
  expect(names()).toHaveLength(1);
  workPiece(-1);
  expect(chosenOf(project()).times).toBe(1);
  workPiece(1);
  expect(chosenOf(project()).times).toBe(2);
  renamePiece("Front");
  addPiece();
  expect(names()).toEqual(["Front", "New piece"]);
  removePiece();
  expect(names()).toEqual(["Front"]);
});

test("a project holds no more pieces than it may", () => {
  for (let more = 0; more < MOST_PIECES + 3; more += 1) addPiece();
  expect(project().pieces).toHaveLength(MOST_PIECES);
});
