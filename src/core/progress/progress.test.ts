/** The log against a model that keeps nothing but a list of acts and goes through it anew each time. */
import fc from "fast-check";
import type { Log, LogEvent } from "../project/log";
import { goneEvents, mergedLogs, reconciled, withEvent, type NewEvent } from "./merge";
import { keyOfPlace, type InHand } from "./inHand";
import { isSecondTap, placeIn, progressOf } from "./places";

const BACK: InHand = { pieceId: "back", copy: 1 };
const FRONT: InHand = { pieceId: "front", copy: 1 };

type Act =
  | { readonly act: "row" | "finish" | "takeBack" | "again"; readonly of: InHand }
  | { readonly act: "rip" | "at"; readonly of: InHand; readonly rows: number };

const piece = fc.constantFrom(BACK, FRONT);
const anyAct: fc.Arbitrary<Act> = fc.oneof(
  { weight: 6, arbitrary: fc.record({ act: fc.constant("row" as const), of: piece }) },
  fc.record({ act: fc.constantFrom("finish" as const, "takeBack" as const, "again" as const), of: piece }),
  fc.record({ act: fc.constantFrom("rip" as const, "at" as const), of: piece, rows: fc.nat(12) }),
);
const anyActs = fc.array(anyAct, { maxLength: 60 });

let names = 0;
const name = () => `e${(names += 1)}`;

const heldOf = (log: Log, of: InHand, kind: "other" | "takenBack") => {
  const gone = goneEvents(log);
  const mine = (event: LogEvent): boolean =>
    event.kind === "takenBack"
      ? log.some((one) => one.id === event.of && mine(one))
      : "pieceId" in event && keyOfPlace(event) === keyOfPlace(of);
  return log.findLast(
    (event) => !gone.has(event.id) && mine(event) && (event.kind === "takenBack") === (kind === "takenBack"),
  );
};

function eventOf(one: Act, log: Log): NewEvent | null {
  const { of } = one;
  switch (one.act) {
    case "row":
      return { kind: "rowDone", id: name(), ...of };
    case "finish":
      return { kind: "finished", id: name(), ...of };
    case "rip":
      return { kind: "rippedBack", id: name(), ...of, rows: Math.max(1, one.rows) };
    case "at":
      return { kind: "atRow", id: name(), ...of, rows: one.rows };
    case "takeBack": {
      const last = heldOf(log, of, "other");
      return last ? { kind: "takenBack", id: name(), of: last.id } : null;
    }
    case "again": {
      const last = heldOf(log, of, "takenBack");
      return last ? { kind: "takenBack", id: name(), of: last.id } : null;
    }
  }
}

function played(acts: readonly Act[], start = 1000): Log {
  let log: Log = [];
  acts.forEach((one, index) => {
    const event = eventOf(one, log);
    if (event) log = withEvent(log, event, start + 60_000 * index);
  });
  return log;
}

/** Rows of a piece by the plainest way there is. */
function rowsByHand(log: Log, of: InHand): number {
  const gone = (id: string): boolean =>
    log.some(
      (event, at) =>
        event.kind === "takenBack" &&
        event.of === id &&
        log.findIndex((one) => one.id === id) < at &&
        !gone(event.id),
    );
  let rows = 0;
  for (const event of log) {
    if (!("pieceId" in event) || keyOfPlace(event) !== keyOfPlace(of) || gone(event.id)) continue;
    if (event.kind === "rowDone") rows += 1;
    if (event.kind === "atRow") rows = event.rows;
    if (event.kind === "rippedBack") rows = Math.max(0, rows - event.rows);
  }
  return rows;
}

const rowsIn = (log: Log) => [BACK, FRONT].map((of) => placeIn(progressOf(log), of).rows);

test("counters are where the plainest count puts them, whatever is done and taken back", () => {
  fc.assert(
    fc.property(anyActs, (acts) => {
      const log = played(acts);
      expect(rowsIn(log)).toEqual([BACK, FRONT].map((of) => rowsByHand(log, of)));
      for (const { rows, doneAt } of progressOf(log).places) expect(doneAt).toHaveLength(rows);
    }),
  );
});

test("ripping back and working the same rows again is never having ripped, but for the time it took", () => {
  fc.assert(
    fc.property(anyActs, fc.integer({ min: 1, max: 10 }), (acts, rows) => {
      const log = played(acts);
      const before = placeIn(progressOf(log), BACK).rows;
      const ripped = Math.min(rows, before);
      if (ripped === 0) return;
      const redo: Act[] = [
        { act: "rip", of: BACK, rows: ripped },
        ...Array.from({ length: ripped }, (): Act => ({ act: "row", of: BACK })),
      ];
      expect(rowsIn(played([...acts, ...redo]))).toEqual(rowsIn(log));
    }),
  );
});

test("what was joined above the rows that are ripped is gone, what was weighed stands", () => {
  const rows = Array.from({ length: 10 }, (): Act => ({ act: "row", of: BACK }));
  let log = played(rows);
  log = withEvent(
    log,
    { kind: "joined", id: "ball", ...BACK, yarnId: "yarn-1", massG: null, leftG: null },
    1e6,
  );
  log = withEvent(log, { kind: "weighed", id: "scale", ...BACK, yarnId: "yarn-1", massG: 31, stepG: 1 }, 2e6);
  expect(progressOf(log).joins).toMatchObject([{ row: 10 }]);
  const ripped = progressOf(withEvent(log, { kind: "rippedBack", id: "rip", ...BACK, rows: 1 }, 3e6));
  expect(ripped.joins).toEqual([]);
  expect(ripped.weighings).toMatchObject([{ row: 10, event: { massG: 31 } }]);
});

/** Two devices that begin with the same log, and go on by themselves. */
const twoDevices = fc.record({ shared: anyActs, phone: anyActs, desk: anyActs });

function apart({ shared, phone, desk }: { shared: Act[]; phone: Act[]; desk: Act[] }) {
  const base = played(shared);
  const goOn = (acts: readonly Act[], start: number) => {
    let log = base;
    acts.forEach((one, index) => {
      const event = eventOf(one, log);
      if (event) log = withEvent(log, event, start + 1000 * index);
    });
    return log;
  };
  // Both clocks tell nearly the same: events of the two lie between one another.
  return [base, goOn(phone, 9e6), goOn(desk, 9e6 + 500)] as const;
}

test("merging is commutative, associative and idempotent, and loses and doubles nothing", () => {
  fc.assert(
    fc.property(twoDevices, (acts) => {
      const [base, phone, desk] = apart(acts);
      const both = mergedLogs(phone, desk);
      expect(mergedLogs(desk, phone)).toEqual(both);
      expect(mergedLogs(both, phone)).toEqual(both);
      expect(mergedLogs(both, both)).toEqual(both);
      expect(mergedLogs(mergedLogs(base, phone), desk)).toEqual(mergedLogs(base, mergedLogs(phone, desk)));
      expect(new Set(both.map(({ id }) => id)).size).toBe(both.length);
      expect(both.length).toBe(phone.length + desk.length - base.length);
    }),
  );
});

test("rows that are tapped on two devices are all counted", () => {
  const row = (of: InHand): Act => ({ act: "row", of });
  const [, phone, desk] = apart({
    shared: [row(BACK), row(BACK)],
    phone: [row(BACK), row(BACK), row(FRONT)],
    desk: [row(BACK)],
  });
  expect(rowsIn(mergedLogs(phone, desk))).toEqual([5, 1]);
});

test("time never goes backwards in a log, however clocks go", () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 1e9 })), (times) => {
      let log: Log = [];
      for (const now of times) log = withEvent(log, { kind: "rowDone", id: name(), ...BACK }, now);
      expect(log.every(({ at }, index) => index === 0 || at > (log[index - 1]?.at ?? 0))).toBe(true);
    }),
  );
});

test("undo and redo lose no event: the log comes to hold what is wanted, by taking back", () => {
  fc.assert(
    fc.property(anyActs, fc.nat(20), (acts, steps) => {
      const log = played(acts);
      const wanted = log.slice(0, Math.max(0, log.length - steps));
      const undone = reconciled(log, wanted, name, 9e7);
      expect(rowsIn(undone)).toEqual(rowsIn(wanted));
      for (const { id } of log) expect(undone.some((event) => event.id === id)).toBe(true);
      const redone = reconciled(undone, log, name, 9e7);
      expect(rowsIn(redone)).toEqual(rowsIn(log));
    }),
  );
});

test("a second tap within four tenths of a second is a slip of the thumb", () => {
  expect([isSecondTap(5000, 5399), isSecondTap(5000, 5400)]).toEqual([true, false]);
  // A clock that is put back makes no tap a second one.
  expect([isSecondTap(5000, 4000), isSecondTap(-Infinity, 0)]).toEqual([false, false]);
});

test("five thousand events are worked out in their order, and what takes back itself changes nothing", () => {
  const rows = Array.from({ length: 5000 }, (): Act => ({ act: "row", of: BACK }));
  const log = rows.reduce<LogEvent[]>((all, _, index) => {
    all.push({ kind: "rowDone", id: `r${index}`, at: index, ...BACK });
    return all;
  }, []);
  expect(placeIn(progressOf(log), BACK).rows).toBe(5000);
  expect(rowsIn([...log, { kind: "takenBack", id: "odd", at: 6000, of: "odd" }])).toEqual([5000, 0]);
  expect(rowsIn([{ kind: "takenBack", id: "early", at: 0, of: "r0" }, ...log])).toEqual([5000, 0]);
});
