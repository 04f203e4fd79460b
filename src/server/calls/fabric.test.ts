import { readPattern } from "@/core/instructions/read";
import { relaxPanel } from "@/core/fabric/relax";
import { fabricOf } from "./fabric";

const ROPE = "Rnd 1: P2, 2/2 LC, P2.\nRnds 2-4: P2, K4, P2.";

interface Refused {
  readonly error: string;
  readonly diagnostics: readonly {
    readonly path?: string;
    readonly line?: number;
    readonly column?: number;
    readonly row?: number;
    readonly mends?: readonly {
      readonly label: string;
      readonly from: number;
      readonly to: number;
      readonly text: string;
    }[];
    readonly message: string;
  }[];
}

function asked(text: string) {
  const { status, body } = fabricOf(text);
  return { status, answer: JSON.parse(body) as unknown };
}

function refused(body: string, status: number) {
  const { status: given, answer } = asked(body);
  expect(given).toBe(status);
  const { error, diagnostics } = answer as Refused;
  expect(error).not.toBe("");
  expect(diagnostics.length).toBeGreaterThan(0);
  expect(JSON.stringify(answer)).not.toMatch(/ at .*\.ts|node_modules/);
  return diagnostics;
}

test("a rope is answered with the figures of the core", () => {
  const { status, answer } = asked(JSON.stringify({ instructions: ROPE }));
  expect(status).toBe(200);
  const { panel } = readPattern(ROPE);
  const fabric = panel && relaxPanel(panel, { aspect: 0.72, blocking: "asKnit" });
  if (!fabric?.ok) throw new Error("not relaxed");
  const { stitches, rows, widthFactor, heightFactor, crossingExtra } = fabric;
  expect(answer).toEqual({ stitches, rows, widthFactor, heightFactor, crossingExtra });
  expect(stitches).toBe(8);
});

test("blocked wet and with another aspect it is another fabric", () => {
  const widthOf = (more: object) => {
    const { answer } = asked(JSON.stringify({ instructions: ROPE, ...more }));
    return (answer as { widthFactor: number }).widthFactor;
  };
  const knit = widthOf({});
  expect(widthOf({ blocking: "wetBlocked" })).toBeGreaterThan(knit + 0.1);
  expect(widthOf({ aspect: 0.9 })).not.toBeCloseTo(knit, 4);
});

test.each([
  ["no text at all", "", "body"],
  ["not JSON", "P2, C4F, P2", "body"],
  ["not an object", "[]", "body"],
  ["empty instructions", JSON.stringify({ instructions: "" }), "instructions"],
  ["blocking by another name", JSON.stringify({ instructions: ROPE, blocking: "ironed" }), "blocking"],
  ["an aspect that cannot be", JSON.stringify({ instructions: ROPE, aspect: -1 }), "aspect"],
  ["a part that nobody knows", JSON.stringify({ instructions: ROPE, gauge: 20 }), "body"],
  ["a row of 10,000 stitches", JSON.stringify({ instructions: "Rnd 1: K10000." }), "instructions"],
])("%s: 422 with its path", (_, body, path) => {
  const [first] = refused(body, 422);
  expect(first?.path).toBe(path);
});

test("an unknown word: 422 with line, column and a remedy", () => {
  const [first] = refused(
    JSON.stringify({ instructions: "Rnd 1: P2, C4F, P2.\nRnd 2: P2, wibble, P2." }),
    422,
  );
  expect([first?.line, first?.column]).toEqual([2, 12]);
  expect(first?.message).toMatch(/wibble/);
});

test("what can be mended comes with how: the row, and what to put where", () => {
  const instructions = "Row 1: P2, K6, P2.\nRow 2: K2, P6, K2.\nRow 3: P2, C4F, P2.\nRow 4: K2, P6, K2.";
  const [first] = refused(JSON.stringify({ instructions }), 422);
  const [mend] = first?.mends ?? [];
  expect([first?.row, mend?.label]).toEqual([3, "C6F instead of C4F"]);
  const { from = 0, to = 0, text = "" } = mend ?? {};
  expect(
    asked(JSON.stringify({ instructions: instructions.slice(0, from) + text + instructions.slice(to) }))
      .status,
  ).toBe(200);
});

test("text without rows, an ambiguous crossing, rows that change their count: 422, each with what to do", () => {
  for (const instructions of ["once upon a time", "Rnd 1: P2, C3F, P2.", "Rnd 1: K4, yo.\nRnd 2: K5."])
    refused(JSON.stringify({ instructions }), 422);
});
