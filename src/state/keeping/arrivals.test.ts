import { demoProject } from "@/demo/slipover";
import { progressOf } from "@/core/progress/places";
import type { Project } from "@/core/project/project";
import { begin, undo, useProjectStore } from "../project/projectStore";
import { rowDone, tellLog } from "../project/log";
import { settleArrival, useArrival } from "./arrivals";
import { arrive } from "./arrive";

const FRONT = { pieceId: "front", copy: 1 };
const open = () => useProjectStore.getState().project;
const rowsOf = (project: Project) =>
  progressOf(project.log).places.find(({ pieceId }) => pieceId === "front")?.rows ?? 0;

const knit = (rows: number) => {
  for (let row = 0; row < rows; row += 1) tellLog({ kind: "rowDone", ...FRONT });
};

beforeEach(() => begin(demoProject()));

test("rows of two devices are put together, whichever comes to the other, and nobody is asked", async () => {
  knit(3);
  const sent = open();
  knit(2);
  const here = open();
  begin(sent);
  knit(4);
  const there = open();
  begin(here);
  expect(await arrive(there)).toEqual({ what: "joined", events: 4 });
  expect(rowsOf(open())).toBe(9);
  const one = open().log;
  begin(there);
  expect(await arrive(here)).toEqual({ what: "joined", events: 2 });
  expect(open().log).toEqual(one);
  expect(await arrive(here)).toEqual({ what: "joined", events: 0 });
});

test("where anything else differs it is asked about, and the rows of both stay either way", async () => {
  const sent = open();
  knit(2);
  const changed = { ...sent, certainty: "careful" as const, notes: "wider" };
  expect(await arrive(changed)).toEqual({ what: "asked", events: 0 });
  expect(useArrival.getState().differs).toEqual(["notes", "certainty"]);
  settleArrival("here");
  expect([open().notes === "wider", useArrival.getState().arrived]).toEqual([false, null]);
  await arrive(changed);
  settleArrival("arrived");
  expect([open().certainty, rowsOf(open())]).toEqual(["careful", 2]);
  undo();
  expect([open().certainty, rowsOf(open())]).toEqual(["steady", 2]);
});

test("another project is opened, and undo brings the former back", async () => {
  rowDone(FRONT);
  expect(await arrive({ ...demoProject(), id: "other", name: "Other" })).toEqual({ what: "opened" });
  expect(open().name).toBe("Other");
  undo();
  expect(open().name).not.toBe("Other");
});
