import { demoProject } from "@/demo/slipover";
import { choosePiece, chosenOf } from "./chosenPiece";
import { addPiece, copyPiece, MOST_PIECES, removePiece, renamePiece, workPiece } from "./pieces";
import { begin, undo, useProjectStore } from "./projectStore";
import { shownIn, typeInto } from "./typing";

const project = () => useProjectStore.getState().project;
const names = () => project().pieces.map(({ name }) => name);

beforeEach(() => begin(demoProject()));

test("a piece is copied behind the chosen one and opened; undo takes it back", () => {
  copyPiece(false);
  expect(names()).toEqual(["Back", "Back, copy"]);
  expect(chosenOf(project()).name).toBe("Back, copy");
  undo();
  expect(names()).toEqual(["Back"]);
  expect(chosenOf(project()).name).toBe("Back");
});

test("a mirrored copy leans the other way; a row of panels is turned round and mirrored", () => {
  copyPiece(true);
  expect(chosenOf(project()).lean).toBe("right");
  const across = ["a", "b"].map((panelId) => ({ panelId, times: 1 }));
  const demo = demoProject();
  begin({ ...demo, pieces: demo.pieces.map((piece) => ({ ...piece, across })) });
  choosePiece("piece-1");
  copyPiece(true);
  expect(chosenOf(project())).toMatchObject({ mirrored: true, lean: "left" });
  expect(chosenOf(project()).across.map(({ panelId }) => panelId)).toEqual(["b", "a"]);
});

test("each piece keeps what was typed for it, to the letter; what is common is common", () => {
  choosePiece("piece-1");
  typeInto("rows", "152 rows", "metric");
  copyPiece(false);
  typeInto("rows", "80", "metric");
  typeInto("needle", "4.5 mm", "metric");
  expect(shownIn("rows", project(), "metric").text).toBe("80");
  choosePiece("piece-1");
  expect(shownIn("rows", project(), "metric").text).toBe("152 rows");
  expect(project().pieces.map(({ rows }) => rows)).toEqual([152, 80]);
  expect(project().needleMm).toBe(4.5);
});

test("the last piece stays; times stay within what can be; a name is kept", () => {
  choosePiece("piece-1");
  removePiece();
  expect(names()).toEqual(["Back"]);
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
