import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { anyPiece, answerTo, estimated, pieceOf, projectOf } from "@testing/anyProject";
import { ledgerOf } from "../../estimate/ledger";
import type { ProjectPiece } from "../../project/project";
import { newSection, type ProjectSection } from "../../project/sections";
import { crossingsOf, stitchesOf, stitchesUsedBy } from "../../panels/panel";
import { plainStitch } from "../../stitches/plainStitch";
import { outlineOf } from "../outline";

const workedOf = (piece: ProjectPiece) => {
  const { worked } = answerTo(projectOf([piece]));
  const found = worked.get(piece.id);
  if (!found) throw new Error("not worked");
  return found;
};

const onto = (stitches: number, ...sections: readonly ProjectSection[]) =>
  workedOf(pieceOf([newSection("castOn", "on", { stitches }), ...sections, newSection("castOff", "off")]));

const plain = (rows: number) =>
  newSection("fabric", "plain", { content: "ground", ground: "stockinette", rows });
const rope = (rows: number, edge = 4) =>
  newSection("fabric", "rope", { content: "ropes", ropeId: "rope-3-3", ropes: 1, purls: 1, edge, rows });

test("sides that began panels of their own are joined with the stitches between them cast on once", () => {
  const side = newSection("fabric", "side", {
    content: "ropes",
    ropeId: "rope-2-2",
    purls: 0,
    edge: 0,
    rows: 2,
  });
  const worked = workedOf(
    pieceOf([
      newSection("castOn", "on", { stitches: 8 }),
      plain(2),
      newSection("divide", "divide"),
      side,
      newSection("join", "join", { castOn: 3 }),
      newSection("castOff", "off"),
    ]),
  ).sections;
  const [row] = worked.find(({ section }) => section.kind === "join")?.rows ?? [];
  expect(row && [stitchesUsedBy(row.row), stitchesOf(row.row)]).toEqual([8, 11]);
});

test("counts in and out agree through every kind of section, row by row", () => {
  fc.assert(
    fc.property(anyPiece, (piece) => {
      let have: Record<string, number> = {};
      for (const { section, side, from, to, rows, edges } of workedOf(piece).sections) {
        const begins = section.kind === "castOn" || section.kind === "pickUp";
        if (begins) have = { whole: 0 };
        if (section.kind === "divide") have = { whole: from };
        let on = begins ? 0 : from;
        if (side === "whole" && section.kind !== "join" && !begins) expect(from).toBe(have.whole);
        for (const { row, stitches } of rows) {
          const held = section.kind === "pickUp" ? stitchesUsedBy(row) : on;
          expect(stitchesUsedBy(row)).toBe(held);
          expect(stitchesOf(row)).toBe(stitches);
          on = stitches;
        }
        const off = edges.some(({ kind }) => kind === "castOff") || section.kind === "hold";
        if (rows.length > 0 && section.kind !== "divide") expect(to).toBe(on);
        if (off) expect(to).toBe(0);
        if (side === "whole" || section.kind === "join") have = { whole: to };
      }
    }),
    { numRuns: 300 },
  );
});

test("rows by count, by length and by repeats with a named end row", () => {
  const rowsOf = (given: Partial<ReturnType<typeof plain>>) =>
    onto(30, { ...rope(1), ...given }).sections[1]?.rows.length;
  expect(rowsOf({ rows: 17 })).toBe(17);
  expect(rowsOf({ by: "repeats", repeats: 3, endRow: 2 })).toBe(20);
  // 20 cm at 28 rows to 10 cm are 56, and a little more, since crossings pull the rows lower: 56.8 of them. Back
  // and forth it ends behind a wrong-side row.
  expect(rowsOf({ by: "length", lengthMm: 200 })).toBe(56);
  expect(rowsOf({ by: "length", lengthMm: 206 })).toBe(58);
});

test("a cast-on that is not counted takes what the panels above need, under a rib what keeps their width", () => {
  const need = workedOf(pieceOf([newSection("castOn", "on"), rope(6), newSection("castOff", "off")]));
  expect(need.sections[0]?.to).toBe(16);
  const rib = newSection("fabric", "rib", { content: "ground", ground: "rib2", rows: 7 });
  const wide = { ...rope(6), ropes: 9, edge: 2 };
  const under = workedOf(
    pieceOf([
      newSection("castOn", "on"),
      rib,
      newSection("change", "change"),
      wide,
      newSection("castOff", "off"),
    ]),
  );
  const [on, , change] = under.sections;
  expect(change?.to).toBe(9 * 6 + 10 + 4);
  expect(on?.to).toBeLessThan(change?.to ?? 0);
  expect((on?.to ?? 0) % 4).toBe(2);
});

test("decreases at the edges trim the panels from the outside; a cable that loses stitches crosses with what is left", () => {
  const slope = newSection("shape", "slope", { stitches: 2, every: 2, times: 6 });
  const { sections } = onto(
    16,
    rope(6),
    slope,
    newSection("fabric", "on", { content: "asBefore", rows: 12 }),
  );
  const shaped = sections.find(({ section }) => section.kind === "shape");
  expect([shaped?.from, shaped?.to]).toEqual([16, 4]);
  const crossings = sections.flatMap(({ rows }) => rows.flatMap(({ row }) => crossingsOf(row)));
  expect(crossings[0]).toMatchObject({ front: 3, back: 3 });
  expect(crossings.length).toBeGreaterThan(2);
  expect(crossings.slice(2).every(({ front, back }) => front <= 2 && back <= 2)).toBe(true);
});

test("a crown decreases evenly to a count over a length, purls before cables", () => {
  const crown = newSection("shape", "crown", { at: "evenly", by: "count", to: 12, over: "rows", rows: 12 });
  const { sections, findings } = onto(96, plain(10), crown);
  expect(findings).toEqual([]);
  expect(
    sections
      .find(({ section }) => section.id === "crown")
      ?.rows.map(({ stitches }) => stitches)
      .at(-1),
  ).toBe(12);
  const ropes = { ...rope(6, 0), ropes: 4, purls: 2 };
  const first = onto(34, ropes, { ...crown, to: 32, rows: 1 }).sections.find(
    ({ section }) => section.id === "crown",
  );
  const decreases = first?.rows[0]?.row.flatMap((work) =>
    "operation" in work && work.operation.uses === 2 ? [work.operation.id] : [],
  );
  expect(decreases).toEqual(["p2tog", "p2tog"]);
});

test("a divided piece works each side, the second as the first in a mirror, and a join brings them together", () => {
  const neck = newSection("divide", "neck", { centre: 6, centreTo: "castOff" });
  const curve = newSection("shape", "curve", { at: "inner", stitches: 1, every: 2, times: 3 });
  const { sections, findings } = onto(
    36,
    plain(10),
    neck,
    curve,
    newSection("join", "join", { castOn: 8 }),
    plain(4),
  );
  expect(findings).toEqual([]);
  expect(sections.map(({ section, side, to }) => [section.id, side, to])).toEqual([
    ["on", "whole", 36],
    ["plain", "whole", 36],
    ["neck", "whole", 15],
    ["curve", "first", 12],
    ["curve", "second", 12],
    ["join", "whole", 32],
    ["plain", "whole", 32],
    ["off", "whole", 0],
  ]);
  const [first, second] = sections
    .filter(({ section }) => section.id === "curve")
    .map(({ rows }) => rows.at(-1));
  expect((first?.right ?? 0) + (second?.left ?? 0)).toBeCloseTo(0, 9);
  expect((first?.left ?? 0) + (second?.right ?? 0)).toBeCloseTo(0, 9);
});

test("stitches are cast off where a row begins: on a wrong-side row at the left first", () => {
  const castOffs = (rows: number, at: "edges" | "outer" | "inner") => {
    const { sections } = onto(30, plain(rows), newSection("castOffAt", "arm", { at, stitches: 5 }));
    return (sections.find(({ section }) => section.id === "arm")?.rows ?? []).map(({ row, stitches }) => {
      const [first] = row;
      const ends = [first, row.at(-1)].map(
        (work) => work && "operation" in work && work.operation.belongs === "castOff",
      );
      return `${ends[0] ? "right" : ""}${ends[1] ? "left" : ""} ${stitches}`.trim();
    });
  };
  expect(castOffs(4, "edges")).toEqual(["right 25", "left 20"]);
  expect(castOffs(5, "edges")).toEqual(["left 25", "right 20"]);
  expect(castOffs(4, "outer")).toEqual(["right 25"]);
  expect(castOffs(5, "outer")).toEqual(["30", "right 25"]);
  expect(castOffs(4, "inner")).toEqual(["30", "left 25"]);
});

test("short rows leave more and more unworked, then all is worked; they rise by what is worked", () => {
  const short = newSection("shortRows", "short", { at: "edges", turns: 2, step: 5 });
  const { sections } = onto(40, plain(4), short);
  const rows = sections.find(({ section }) => section.id === "short")?.rows ?? [];
  const resting = rows.map(({ row }) =>
    row.reduce(
      (sum, work) => sum + ("operation" in work && work.operation.belongs === "rest" ? work.times : 0),
      0,
    ),
  );
  expect(resting).toEqual([5, 10, 15, 20, 0, 0]);
  expect(rows.map(({ stitches }) => stitches)).toEqual([40, 40, 40, 40, 40, 40]);
  expect(rows[3]?.rise).toBeLessThan(rows[0]?.rise ?? 0);
});

test("a folded hem is worked twice and a ridge, is sewn, and rises by half; not folded it is its rows alone", () => {
  const hem = newSection("hem", "hem", { rows: 6 });
  const folded = onto(40, hem).sections[1];
  expect([folded?.rows.length, folded?.edges.map(({ kind }) => kind)]).toEqual([13, ["sewn"]]);
  expect(folded?.rows.reduce((sum, { rise }) => sum + rise, 0)).toBeCloseTo(6, 9);
  expect(onto(40, { ...hem, folded: false }).sections[1]?.rows).toHaveLength(6);
});

test("a band takes up what is on hold and picks up along an edge by the gauge", () => {
  const hold = newSection("hold", "hold");
  const band = newSection("pickUp", "band", { alongMm: 200, held: true });
  const { sections } = onto(30, plain(4), hold, band, plain(4));
  // 20 cm at 20 stitches to 10 cm are 40, and 30 wait.
  expect(sections.find(({ section }) => section.id === "band")?.to).toBe(70);
});

test.each<[string, readonly ProjectSection[], RegExp]>([
  ["a panel wider than its row", [rope(6, 40)], /take 88 stitches, and 30 are on the needle: increase to 88/],
  [
    "a length under one row",
    [{ ...plain(1), by: "length", lengthMm: 1 }],
    /0\.1 cm is under one row: a row here is 3\.6 mm/,
  ],
  ["no rows", [{ ...plain(1), rows: null }], /No rows yet/],
  [
    "a row that no repeat has",
    [{ ...rope(1), by: "repeats", endRow: 9 }],
    /Row 9 is not in a repeat of 6 rows/,
  ],
  [
    "casting off more than there is",
    [newSection("castOffAt", "s", { stitches: 15 })],
    /30 stitches to cast off, and 30 are on the needle/,
  ],
  ["too many turns", [newSection("shortRows", "s", { turns: 5, step: 5 })], /leave 50 stitches unworked/],
  ["a middle with no sides", [newSection("divide", "s", { centre: 30 })], /leave nothing at the sides/],
  ["a join of nothing", [newSection("join", "s")], /Nothing is divided here/],
  [
    "on as before what",
    [newSection("fabric", "s", { content: "asBefore", rows: 2 })],
    /Nothing was worked before this/,
  ],
  ["shaping nothing", [newSection("shape", "s")], /no fabric to shape yet/],
  ["increases beyond one a stitch", [newSection("change", "s", { to: 90 })], /first to 60/],
  [
    "decreasing to more",
    [plain(2), newSection("shape", "s", { by: "count", to: 40, over: "rows", rows: 4 })],
    /decrease to fewer/,
  ],
  ["nothing picked up", [newSection("castOff", "o"), newSection("pickUp", "s")], /Nothing is picked up/],
])("%s: it says what and where, is left out, and the rest goes on", (_, sections, words) => {
  const base = newSection("fabric", "base", { content: "ground", ground: "garter", rows: 2 });
  const first = /no fabric|Nothing was worked/.test(words.source) ? [] : [base];
  const last = first.length === 0 ? [base] : [];
  const { findings, sections: worked } = onto(30, ...first, ...sections, ...last);
  expect(sentence(findings.find(({ leftOut }) => leftOut)?.message)).toMatch(words);
  expect(worked.find(({ section }) => section.id === "base")?.rows).toHaveLength(2);
});

test.each([
  [26, { stitches: 4, every: 1, times: 6 }, 2],
  [6, { stitches: 4, every: 1, times: 1 }, 2],
  [3, { stitches: 2, every: 1, times: 1 }, 1],
  [5, { stitches: 3, every: 1, times: 1, at: "evenly" as const }, 2],
  [7, { stitches: 4, every: 1, times: 1, at: "outer" as const }, 3],
])("a rule that takes more than every second stitch of %d works three together", (from, rule, to) => {
  const { sections, findings } = onto(from, plain(2), newSection("shape", "s", rule));
  expect(findings).toEqual([]);
  const shaped = sections.find(({ section }) => section.id === "s");
  expect([shaped?.from, shaped?.to]).toEqual([from, to]);
  let below = from;
  for (const { row, stitches } of shaped?.rows ?? []) {
    expect([stitchesUsedBy(row), stitchesOf(row)]).toEqual([below, stitches]);
    below = stitches;
  }
});

test("a rule that takes more than three together can goes as far as it can, says to which count, and the rest stays", () => {
  const shape = newSection("shape", "s", { stitches: 10, every: 1, times: 5 });
  const { sections, findings } = onto(30, plain(2), shape);
  // 30, 20, 10, then 4, 2 and 1: three together at most.
  expect(sections.find(({ section }) => section.id === "s")).toMatchObject({ to: 1 });
  expect(sections.find(({ section }) => section.id === "s")?.rows).toHaveLength(5);
  expect(findings).toMatchObject([{ sectionId: "s", leftOut: true }]);
  expect(sentence(findings[0]?.message)).toMatch(/^It ends on 1 stitch: the rule would take 21 more/);
});

test("the outline holds every section, the two sides beside each other, as high as its rows", () => {
  const neck = newSection("divide", "neck", { centre: 10 });
  const { sections } = onto(40, plain(28), newSection("castOffAt", "arm", { stitches: 4 }), neck, {
    ...plain(14),
    content: "asBefore",
    id: "side",
  });
  const parts = outlineOf(sections, plainStitch({ stitchesPer10Cm: 20, rowsPer10Cm: 28 }));
  expect(parts.map(({ sectionId, side }) => `${sectionId} ${side}`)).toEqual([
    "plain whole",
    "arm whole",
    "side first",
    "side second",
  ]);
  const [body, arm, first, second] = parts;
  expect(body?.points).toHaveLength(4);
  expect(body?.toMm).toBeCloseTo(100, 6);
  expect(arm?.fabricId).toBe("plain");
  expect([first?.fromMm, first?.toMm]).toEqual([second?.fromMm, second?.toMm]);
});

test("buttonholes are cast off and on again in the middle of a band; where they do not fit that is told", () => {
  const holes = { count: 5, stitches: 2, margin: 3, over: null };
  const band = (given: object) =>
    projectOf([
      pieceOf([
        newSection("castOn", "on", { stitches: 60 }),
        newSection("fabric", "fabric", { content: "ground", ground: "garter", rows: 8, ...given }),
        newSection("castOff", "off"),
      ]),
    ]);
  const [plainOne, holed] = [estimated(band({})).estimate, estimated(band({ holes })).estimate];
  const loops = (part: "castOn" | "castOff") =>
    (ledgerOf(holed.lines)[part] - ledgerOf(plainOne.lines)[part]) / plainOne.plain.loopMm;
  // Ten stitches are cast off at 1.2 loops, and cast on again at 2.
  expect(loops("castOff")).toBeCloseTo(12, 6);
  expect(loops("castOn")).toBeCloseTo(20, 6);
  const tooMany = answerTo(band({ holes: { ...holes, count: 30 } }));
  expect(tooMany.findings[0]).toMatchObject({ leftOut: true });
  expect(sentence(tooMany.findings[0]?.message)).toMatch(/at most 18 do/);
});

test("a cast-on that is followed by a wrong-side row puts crossings on every sixth row of the right side", () => {
  const { sections } = workedOf(
    pieceOf([
      newSection("castOn", "on", { stitches: 26, firstRow: "wrong" }),
      rope(25),
      newSection("castOff", "off"),
    ]),
  );
  const worked = sections.find(({ section }) => section.id === "rope");
  expect(worked?.firstWrong).toBe(true);
  const crosses = worked?.rows.flatMap(({ row }, index) => (crossingsOf(row).length > 0 ? [index + 1] : []));
  expect(crosses).toEqual([2, 8, 14, 20]);
});
