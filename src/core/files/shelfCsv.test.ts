import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { YARN_CLASSES } from "../yarn/classes";
import { DYED } from "../project/label";
import {
  checkShelf,
  emptyShelf,
  heldIn,
  newEntry,
  reservedElsewhere,
  type ShelfEntry,
} from "../project/shelf";
import { guessMapping, readShelf, writeShelf } from "./shelfCsv";
import { readCell } from "./shelfCells";
import { decodeText, readTable, writeTable } from "./tableText";

const bytes = (text: string) => new TextEncoder().encode(text);

/** Reads a table with its guessed mapping. */
function readCsv(from: Uint8Array | string) {
  const table = readTable(typeof from === "string" ? bytes(from) : from);
  return { table, ...readShelf(table, guessMapping(table.head), (number) => `row-${number}`) };
}

test("columns come in any order and under many names, and what nobody knows is left out", () => {
  const { entries, bad } = readCsv(
    "Qty,Mood,Yarn,Put up,Lot,Price\n3,blue,Osmuth Chunky,100 g = 110 m,C7,£ 8.40\n",
  );
  expect(bad).toEqual([]);
  expect(entries).toMatchObject([
    {
      id: "row-2",
      balls: 3,
      lot: "C7",
      price: 8.4,
      label: { name: "Osmuth Chunky", putUp: { massG: 100, lengthM: 110 } },
    },
  ]);
});

test("semicolons, decimal commas and the encoding of older spreadsheets are understood", () => {
  const text = "name;colour name;put-up;price;part balls g\r\nFennel;rosé;50 g/212,5 m;6,50;32,5; 14\r\n";
  const latin = Uint8Array.from(
    [...text.replace("32,5; 14", '"32,5; 14"')].map((sign) => sign.charCodeAt(0)),
  );
  const { entries, table } = readCsv(latin);
  expect(table).toMatchObject({ encoding: "Windows-1252", separator: ";" });
  expect(entries).toMatchObject([
    { price: 6.5, partsG: [32.5, 14], label: { colourName: "rosé", putUp: { lengthM: 212.5 } } },
  ]);
});

test.each([
  ["UTF-8 with a mark", Uint8Array.from([0xef, 0xbb, 0xbf, ...bytes("name\ncafé")])],
  [
    "UTF-16, smaller byte first",
    Uint8Array.from([0xff, 0xfe, ...[..."name\ncafé"].flatMap((sign) => [sign.charCodeAt(0), 0])]),
  ],
  [
    "UTF-16, larger byte first",
    Uint8Array.from([0xfe, 0xff, ...[..."name\ncafé"].flatMap((sign) => [0, sign.charCodeAt(0)])]),
  ],
])("%s", (_, encoded) => {
  expect(readCsv(encoded).entries).toMatchObject([{ label: { name: "café" } }]);
});

test("where nobody says how many balls there are, there is one, or what is left of one", () => {
  const { entries } = readCsv("name,balls,parts\nA,,\nB,,20\nC,0,\nD,4,20\n");
  expect(entries.map(({ balls }) => balls)).toEqual([1, 0, 0, 4]);
});

test("mass and length in columns of their own are a put-up, and one without the other is a mistake", () => {
  const { entries, bad } = readCsv("name\tgrams\tmetres\nA\t50\t125\nB\t50\t\n");
  expect(entries).toMatchObject([{ label: { putUp: { massG: 50, lengthM: 125 } } }]);
  expect(bad.map(({ number, message }) => [number, sentence(message)])).toEqual([
    [3, expect.stringMatching(/only one of/)],
  ]);
});

test("rows that fail are told by number, column and reason; the others are whole", () => {
  const { entries, bad } = readCsv(
    [
      "name,put-up,balls,colour #,class,price,part balls g,put by,plies",
      "Good,50 g = 82 m,2,#a3372b,aran,4.90,20,1 for Cap,3",
      "Bad put-up,50 apples,2,,,,,,",
      "Bad count,50 g = 82 m,2.5,,,,,,",
      ",50 g = 82 m,1,,,,,,",
      "Bad colour,50 g = 82 m,1,greenish,,,,,",
      "Bad class,50 g = 82 m,1,,middling,,,,",
      'Bad price,50 g = 82 m,1,,,"1,200",,,',
      "Bad parts,50 g = 82 m,1,,,,some,,",
      "Bad wish,50 g = 82 m,1,,,,,all of it,",
      "Bad plies,50 g = 82 m,1,,,,,,77",
      "Too long,50 g = 82 m,1,,,,,,3,more",
      "",
      "Good too,,1,,,,,,",
    ].join("\n"),
  );
  expect(entries.map(({ label }) => label.name)).toEqual(["Good", "Good too"]);
  expect(bad.map(({ number, column }) => `${number} ${column}`)).toEqual([
    "3 put-up",
    "4 balls",
    "5 ",
    "6 colour #",
    "7 class",
    "8 price",
    "9 part balls g",
    "10 put by",
    "11 plies",
    "12 ",
  ]);
  expect(sentence(bad[5]?.message)).toMatch(/can mean 1200 or 1\.200/);
  expect(sentence(bad.at(-1)?.message)).toMatch(/10 cells where the head has 9/);
});

test("a quotation mark that never closes is told, and what stands before it is read", () => {
  const { entries, bad } = readCsv('name,notes\nA,fine\nB,"never ends\nC,lost\n');
  expect(entries.map(({ label }) => label.name)).toEqual(["A"]);
  expect(bad.map(({ number, message }) => [number, sentence(message)])).toEqual([
    [3, expect.stringMatching(/never closes/)],
  ]);
});

test("nothing and a head alone are empty shelves", () => {
  expect(readCsv("")).toMatchObject({ entries: [], bad: [] });
  expect(readCsv("name,balls\n")).toMatchObject({ entries: [], bad: [] });
});

test.each(["=1+1", "+1", "-1", "@sum", "=HYPERLINK(1)"])(
  "%s leaves as text that no spreadsheet computes",
  (name) => {
    const text = writeShelf([newEntry("a", { notes: name })]);
    expect(text).not.toMatch(new RegExp(`(^|[,"\n])${name.replace(/[()+]/g, "\\$&")}`));
    expect(readCsv(text).entries[0]?.notes).toBe(name);
  },
);

test.each([
  ["12", 12],
  ["12,5", 12.5],
  ["1.234,50", 1234.5],
  ["1,234.50", 1234.5],
  ["1 200", 1200],
  ["€ 7,90", 7.9],
  ["7.90 EUR", 7.9],
])("%s is %d", (text, value) => {
  expect(readCell(text)).toEqual({ ok: true, value });
});

const anyText = (most: number) =>
  fc.string({ unit: "grapheme", maxLength: most }).map((text) => text.trim().replace(/^'+/, ""));

const anyNumber = (least: number, most: number) =>
  fc.integer({ min: 100 * least, max: 100 * most }).map((value) => value / 100);
const orNull = <Value>(of: fc.Arbitrary<Value>) => fc.option(of, { nil: null });

const anyEntry: fc.Arbitrary<ShelfEntry> = fc
  .record({
    label: fc.record({
      name: anyText(40).filter((text) => text !== ""),
      colourName: anyText(20),
      colour: fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, "0")}`),
      dyed: fc.constantFrom(...DYED),
      fibres: anyText(40),
      plies: orNull(fc.integer({ min: 1, max: 24 })),
      bandClass: orNull(fc.constantFrom(...YARN_CLASSES)),
      putUp: orNull(fc.record({ massG: anyNumber(25, 200), lengthM: anyNumber(40, 400) })),
      stitchesPer10Cm: orNull(anyNumber(2, 80)),
      rowsPer10Cm: orNull(anyNumber(2, 120)),
      needleMm: orNull(anyNumber(1, 50)),
    }),
    lot: anyText(12),
    balls: fc.integer({ min: 0, max: 99 }),
    partsG: fc.array(
      fc.integer({ min: 1, max: 900 }).map((value) => value / 10),
      { maxLength: 4 },
    ),
    price: orNull(anyNumber(0, 90)),
    place: anyText(12),
    notes: anyText(60),
    reserved: fc.array(
      fc.record({
        project: fc.constantFrom("Cap", "Harrow slipover"),
        balls: fc.integer({ min: 0, max: 9 }),
      }),
      { maxLength: 2 },
    ),
  })
  .map((entry) => newEntry("", entry));

test("any shelf written as CSV reads back the same", () => {
  fc.assert(
    fc.property(fc.array(anyEntry, { maxLength: 8 }), (entries) => {
      const { entries: again, bad } = readCsv(writeShelf(entries));
      expect(bad).toEqual([]);
      expect(again.map((entry) => ({ ...entry, id: "" }))).toEqual(entries);
      expect(checkShelf({ ...emptyShelf(), entries })).not.toBeNull();
    }),
  );
});

test("any bytes at all are taken apart without a throw", () => {
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 300 }), (any) => {
      const { entries, bad, table } = readCsv(any);
      expect(entries.length + bad.length).toBeLessThanOrEqual(table.rows.length + table.broken.length);
      expect(decodeText(any).text.length).toBeLessThanOrEqual(any.length);
    }),
  );
});

test("tables of cells read back to the same cells", () => {
  const cell = anyText(12).filter((text) => text !== "");
  fc.assert(
    fc.property(fc.array(fc.tuple(cell, cell), { minLength: 1, maxLength: 9 }), (rows) => {
      const table = readTable(bytes(writeTable([["one", "two"], ...rows])));
      expect(table.rows.map(({ cells }) => cells)).toEqual(rows);
    }),
  );
});

test("an entry holds its whole balls and its parts, and some of it is put by for others", () => {
  const entry = newEntry("a", { balls: 2, partsG: [25], reserved: [{ project: "Cap", balls: 1 }] });
  expect(heldIn(entry)).toBeNull();
  expect(heldIn({ ...entry, label: { ...entry.label, putUp: { massG: 50, lengthM: 80 } } })).toEqual({
    massG: 125,
    lengthM: 200,
  });
  expect(reservedElsewhere(entry, "Cap")).toBe(0);
  expect(reservedElsewhere(entry, "Shawl")).toBe(1);
});

test("a cell of two hundred thousand letters is refused like any other that holds no figure", () => {
  const { bad, entries } = readCsv(`Name,Price,Balls\nHill,${"a".repeat(200_000)}1,2\nDale,7.90,3\n`);
  expect(bad).toMatchObject([{ number: 2, column: "Price", message: { code: "cellTooLong" } }]);
  expect(entries.map(({ label }) => label.name)).toEqual(["Dale"]);
});
