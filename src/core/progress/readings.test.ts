/** What balls gave, read off the log, against a world in which every gram of every row is known. */
import fc from "fast-check";
import type { Log } from "../project/log";
import { withAct, type Act } from "./merge";
import { placeIn, progressOf, readingsOf, sameReadings } from "./places";
import type { BallStretch } from "./readings";

const BACK = { pieceId: "back", copy: 1 };
const OF = { ...BACK, yarnId: "yarn-1" };
const SCALE = { stepG: 1 };

const tell = (log: Log, act: Act): Log => withAct(log, act, `e${log.length}`, 1000 * log.length);
const told = (...acts: readonly Act[]): Log => acts.reduce(tell, [] as Log);
const rows = (count: number): readonly Act[] =>
  Array.from({ length: count }, () => ({ kind: "rowDone", ...BACK }));
const balls = (log: Log) =>
  readingsOf(log).filter((one): one is BallStretch & { seen: boolean } => one.kind === "ball");

test("a ball tells of the rows between two weights of it that are known", () => {
  const log = told(
    ...rows(3),
    { kind: "weighed", ...OF, massG: 40, ...SCALE },
    ...rows(7),
    { kind: "weighed", ...OF, massG: 30, ...SCALE },
    ...rows(2),
    { kind: "joined", ...OF, massG: null, leftG: 2 },
    ...rows(5),
    { kind: "weighed", ...OF, massG: 43, ...SCALE },
  );
  expect(balls(log)).toMatchObject([
    { from: 3, to: 10, begun: { massG: 40 }, left: { massG: 30 }, ends: 0 },
    { from: 10, to: 12, begun: { massG: 30 }, left: { massG: 2 }, ends: 1 },
    { from: 12, to: 17, begun: null, left: { massG: 43 }, ends: 1 },
  ]);
});

test("nothing is told of rows before a ball whose beginning nobody said, nor across rows ripped back below it", () => {
  expect(balls(told(...rows(9), { kind: "weighed", ...OF, massG: 30, ...SCALE }))).toEqual([]);
  const ripped = (down: number) =>
    balls(
      told(
        ...rows(9),
        { kind: "joined", ...OF, massG: null, leftG: null },
        ...rows(6),
        { kind: "rippedBack", ...BACK, rows: down },
        ...rows(8),
        { kind: "weighed", ...OF, massG: 20, ...SCALE },
      ),
    );
  expect(ripped(6)).toMatchObject([{ from: 9, to: 17 }]);
  expect(ripped(7)).toEqual([]);
});

test("another yarn in its place leaves nothing of what the former one told; standing by is kept with its reading", () => {
  const weighed = told(
    { kind: "joined", ...OF, massG: 50, leftG: null },
    ...rows(4),
    { kind: "weighed", ...OF, massG: 44, ...SCALE },
    { kind: "measured", ...BACK, heightMm: 20 },
  );
  expect(readingsOf(weighed).map(({ kind, seen }) => [kind, seen])).toEqual([
    ["ball", false],
    ["height", false],
  ]);
  const stood = tell(weighed, { kind: "stoodBy", ...BACK, of: "e5" });
  expect(readingsOf(stood)[0]?.seen).toBe(true);
  expect(readingsOf(tell(weighed, { kind: "newYarn", yarnId: "yarn-1" }))).toEqual([]);
  expect(placeIn(progressOf(stood), BACK).rows).toBe(4);
});

const anyAct: fc.Arbitrary<Act> = fc.oneof(
  { weight: 6, arbitrary: fc.constant<Act>({ kind: "rowDone", ...BACK }) },
  fc.nat(4).map((down): Act => ({ kind: "rippedBack", ...BACK, rows: down + 1 })),
  fc.record({ weighs: fc.boolean() }).map(({ weighs }): Act => ({
    kind: "joined",
    ...OF,
    massG: weighs ? 50 : null,
    leftG: weighs ? 0 : null,
  })),
  fc.constant<Act>({ kind: "weighed", ...OF, massG: 0, ...SCALE }),
);

/** A knitter's yarn: so much in each row, given back when rows are ripped; every weighing shows what is left. */
function knitted(acts: readonly Act[], rowG: number): Log {
  let log: Log = told({ kind: "joined", ...OF, massG: 1000, leftG: null });
  let [left, row] = [1000, 0];
  for (const act of acts) {
    if (act.kind === "rowDone") [left, row] = [left - rowG, row + 1];
    if (act.kind === "rippedBack") {
      const down = Math.min(act.rows, row);
      [left, row] = [left + down * rowG, row - down];
    }
    if (act.kind === "weighed") log = tell(log, { ...act, massG: left });
    else if (act.kind === "joined" && act.massG !== null) {
      log = tell(log, { ...act, leftG: left });
      left = act.massG;
    } else if (act.kind === "joined") {
      log = tell(log, act);
      left = 800;
    } else log = tell(log, act);
  }
  return log;
}

test("whatever is worked, ripped, joined and weighed, each stretch took just what its rows take", () => {
  fc.assert(
    fc.property(fc.array(anyAct, { maxLength: 80 }), (acts) => {
      for (const { from, to, begun, left } of balls(knitted(acts, 0.25)))
        expect((begun?.massG ?? 800) - left.massG).toBeCloseTo(0.25 * (to - from), 6);
    }),
  );
});

test("logs have read off the same just where their readings are the same, however they are compared", () => {
  fc.assert(
    fc.property(fc.array(anyAct, { maxLength: 40 }), fc.nat(40), (acts, cut) => {
      const log = knitted(acts, 0.25);
      const before = log.slice(0, cut);
      const fresh = (one: Log) => progressOf([...one]).readings;
      expect(sameReadings(before, log)).toBe(JSON.stringify(fresh(before)) === JSON.stringify(fresh(log)));
      expect(readingsOf(log)).toEqual(fresh(log));
      expect(readingsOf(before)).toEqual(fresh(before));
    }),
  );
});

test("what is left at the end, sizes and a closing are told of once each, the last word standing", () => {
  const log = told(
    ...rows(4),
    { kind: "sized", ...BACK, which: "across", mm: 500 },
    { kind: "leftOver", yarnId: "yarn-1", balls: 9, leftG: 10, stepG: 1 },
    { kind: "sized", ...BACK, which: "across", mm: 510 },
    { kind: "sized", ...BACK, which: "along", mm: 600 },
    { kind: "leftOver", yarnId: "yarn-1", balls: 10, leftG: 20, stepG: 1 },
    { kind: "closed" },
  );
  expect(readingsOf(log)).toMatchObject([
    { kind: "size", which: "across", mm: 510 },
    { kind: "size", which: "along", mm: 600 },
    { kind: "all", balls: 10, massG: 20 },
  ]);
  expect(progressOf(log).closed).not.toBeNull();
  const opened = tell(log, { kind: "takenBack", of: log.at(-1)?.id ?? "" });
  expect(progressOf(opened).closed).toBeNull();
  const other = readingsOf(tell(log, { kind: "newYarn", yarnId: "yarn-1" }));
  expect(other.filter(({ kind }) => kind === "all")).toEqual([]);
});

test("photos, needles and breaks are remembered at their rows, and leave all readings as they are", () => {
  const log = told(...rows(4), { kind: "weighed", ...OF, massG: 40, ...SCALE }, ...rows(3));
  const more = [
    { kind: "photo", ...BACK },
    { kind: "needleChanged", ...BACK, needleMm: 5 },
    { kind: "paused", ...BACK },
  ] as const;
  const after = more.reduce<Log>((all, act) => tell(all, act), log);
  expect(progressOf(after).notes.map(({ event, row }) => [event.kind, row])).toEqual([
    ["photo", 7],
    ["needleChanged", 7],
  ]);
  expect(placeIn(progressOf(after), BACK)).toMatchObject({ rows: 7, breaks: [7] });
  expect(sameReadings(log, after)).toBe(true);
});
