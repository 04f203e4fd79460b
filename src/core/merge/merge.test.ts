import fc from "fast-check";
import { demoShelf } from "@/demo/shelf";
import { demoProject } from "@/demo/slipover";
import { checkProject } from "../files/projectFile";
import { withAct } from "../progress/merge";
import { emptyPiece, type Project } from "../project/project";
import { mergedProjects, mergedShelves } from "./projects";
import { mergedTexts } from "./texts";
import { mergedValues } from "./values";

const demo = demoProject();
const [piece] = demo.pieces;
if (!piece) throw new Error("the demo has pieces");

describe("texts", () => {
  test("letters that were typed at two places stand at both", () => {
    expect(mergedTexts("k4, p2", "k4, p2, k1", "p1, k4, p2")).toBe("p1, k4, p2, k1");
    expect(mergedTexts("Row 1: k\nRow 2: p\n", "Row 1: k2\nRow 2: p\n", "Row 1: k\nRow 2: p2\n")).toBe(
      "Row 1: k2\nRow 2: p2\n",
    );
  });

  test("letters that were typed at one place stand one behind the other", () => {
    expect(mergedTexts("a", "ab", "ac")).toMatch(/^a(bc|cb)$/);
  });

  test("whatever two hands insert, every letter of both is in what comes out, each hand's in its order", () => {
    const isWithin = (letters: string, text: string) => {
      let at = 0;
      for (const letter of text) if (letter === letters[at]) at += 1;
      return at === letters.length;
    };
    const insertion = fc.record({ at: fc.nat(60), by: fc.string({ minLength: 1, maxLength: 8 }) });
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), insertion, insertion, (base, one, other) => {
        const into = ({ at, by }: { at: number; by: string }) => base.slice(0, at) + by + base.slice(at);
        // What both have done alike is done once.
        fc.pre(into(one) !== into(other));
        const merged = mergedTexts(base, into(one), into(other));
        expect(merged).toHaveLength(base.length + one.by.length + other.by.length);
        expect(isWithin(one.by, merged) && isWithin(other.by, merged)).toBe(true);
      }),
      { numRuns: 500 },
    );
  });
});

describe("values", () => {
  test("two figures changed at a time are both kept; of one and the same, mine", () => {
    expect(mergedValues({ a: 1, b: 1 }, { a: 2, b: 1 }, { a: 1, b: 3 })).toEqual({ a: 2, b: 3 });
    expect(mergedValues({ a: 1 }, { a: 2 }, { a: 3 })).toEqual({ a: 2 });
    expect(mergedValues({ a: null }, { a: { b: 1 } }, { a: null })).toEqual({ a: { b: 1 } });
    expect(mergedValues({ a: { b: 1 } }, { a: { b: 1 } }, { a: null })).toEqual({ a: null });
  });

  test("what was added stays, what was removed goes unless the other has worked on it", () => {
    const [one, two, three] = ["one", "two", "three"].map((id) => ({ id, rows: 1 }));
    const [four, five] = ["four", "five"].map((id) => ({ id, rows: 1 }));
    expect(mergedValues([one, two], [one, two, three], [four, one, two, five])).toEqual([
      four,
      one,
      two,
      three,
      five,
    ]);
    expect(mergedValues([one, two], [one], [one, two])).toEqual([one]);
    expect(mergedValues([one, two], [one], [one, { id: "two", rows: 2 }])).toEqual([
      one,
      { id: "two", rows: 2 },
    ]);
  });

  test("an order that one hand has changed holds, whatever the other does to the things", () => {
    const [one, two] = ["one", "two"].map((id) => ({ id, rows: 1 }));
    const changed = { id: "two", rows: 2 };
    expect(mergedValues([one, two], [two, one], [one, changed])).toEqual([changed, one]);
    expect(mergedValues([one, two], [one, changed], [two, one])).toEqual([changed, one]);
  });

  test("names that belong to every object are data here", () => {
    const theirs = JSON.parse('{"__proto__": {"a": 1}, "b": 2}') as unknown;
    const merged = mergedValues({}, { c: 3 }, theirs) as object;
    expect(Object.keys(merged).toSorted()).toEqual(["__proto__", "b", "c"]);
    expect(Object.getPrototypeOf(merged)).toBe(Object.prototype);
  });

  test("whatever one hand does alone is what comes out, whichever hand it is", () => {
    const anything = fc.jsonValue({ maxDepth: 4 });
    fc.assert(
      fc.property(anything, anything, (base, other) => {
        const copy = structuredClone(base);
        for (const merged of [mergedValues(base, copy, other), mergedValues(base, other, copy)])
          expect(merged).toEqual(other);
      }),
      { numRuns: 500 },
    );
  });

  test("changes of different keys come out alike whichever hand is called mine", () => {
    const keys = fc.dictionary(fc.constantFrom("a", "b", "c", "d", "e", "f"), fc.integer());
    fc.assert(
      fc.property(
        keys,
        fc.dictionary(fc.constantFrom("a", "b", "c"), fc.integer()),
        keys,
        (base, one, last) => {
          const others = Object.fromEntries(Object.entries(last).filter(([key]) => key > "c"));
          const [mine, theirs] = [
            { ...base, ...one },
            { ...base, ...others },
          ];
          const both = { ...base, ...one, ...others };
          expect(mergedValues(base, mine, theirs)).toEqual(both);
          expect(mergedValues(base, theirs, mine)).toEqual(both);
        },
      ),
    );
  });
});

describe("projects", () => {
  const renamed = { ...demo, name: "Another name" };
  const withPiece = (id: string): Project => ({ ...demo, pieces: [...demo.pieces, emptyPiece(id, id)] });

  test("a name here and a piece there are both kept, and what did not change is the very same", () => {
    const read = structuredClone(withPiece("hat"));
    const merged = mergedProjects(demo, renamed, read);
    expect(merged).toEqual({ ...withPiece("hat"), name: "Another name" });
    expect(merged?.pieces[0]).toBe(piece);
    expect(merged?.yarns).toBe(demo.yarns);
    expect(mergedProjects(demo, renamed, structuredClone(demo))).toBe(renamed);
  });

  test("rows of both are kept, once each and in their order", () => {
    const done = { kind: "rowDone", pieceId: piece.id, copy: 1 } as const;
    const one = { ...demo, log: [...withAct(demo.log, done, "one", 2e12)] };
    const other = { ...demo, log: [...withAct(demo.log, done, "other", 1.9e12)] };
    const log = mergedProjects(demo, one, other)?.log.slice(demo.log.length);
    expect(log?.map(({ id }) => id)).toEqual(["other", "one"]);
  });

  test("what would be no project is not made", () => {
    const many = (prefix: string): Project => ({
      ...demo,
      pieces: [
        ...demo.pieces,
        ...Array.from({ length: 25 }, (_, at) => emptyPiece(`${prefix}${at}`, "Square")),
      ],
    });
    expect(checkProject(many("a")).ok).toBe(true);
    expect(mergedProjects(demo, many("a"), many("b"))).toBeNull();
  });

  test("a fabric that became something else does not get what the other has changed of it", () => {
    const [section] = piece.sections;
    const kinds = (to: (one: typeof section) => unknown): Project => ({
      ...demo,
      pieces: [{ ...piece, sections: piece.sections.map((one, at) => (at === 0 ? to(one) : one)) }] as never,
    });
    const id = section?.id ?? "";
    const here = kinds(() => ({ kind: "castOff", id, method: "suspended" }));
    const there = kinds(() => ({ kind: "castOn", id, method: "longTail" }));
    expect(
      mergedProjects(
        kinds((one) => one),
        here,
        there,
      )?.pieces[0]?.sections[0],
    ).toMatchObject({
      kind: "castOff",
    });
  });

  test("a shelf keeps what either has put on it", () => {
    const shelf = demoShelf();
    const [entry] = shelf.entries;
    if (!entry) throw new Error("the shelf has yarns");
    const more = (id: string) => ({ ...shelf, entries: [...shelf.entries, { ...entry, id }] });
    const merged = mergedShelves(shelf, more("one"), structuredClone(more("two")));
    expect(
      merged?.entries
        .slice(-2)
        .map(({ id }) => id)
        .toSorted(),
    ).toEqual(["one", "two"]);
  });
});
