import { say } from "../words/message";
import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { takeDefinitions } from "./definitions";
import { placed, remark, type UnplacedFinding } from "./findings";
import { crossingNamed, operationNamed } from "./names";
import { wholeOrRoman } from "./numerals";
import { readPattern } from "./read";
import { nearestWords } from "./suggest";

const roman = (number: number): string => {
  const signs: readonly (readonly [number, string])[] = [
    [100, "C"],
    [90, "XC"],
    [50, "L"],
    [40, "XL"],
    [10, "X"],
    [9, "IX"],
    [5, "V"],
    [4, "IV"],
    [1, "I"],
  ];
  const [value, sign] = signs.find(([least]) => least <= number) ?? [0, ""];
  return value === 0 ? "" : sign + roman(number - value);
};

test("row numbers are read in figures and in Roman letters", () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 399 }), (number) => {
      expect(wholeOrRoman(String(number))).toBe(number);
      expect(wholeOrRoman(roman(number))).toBe(number);
      expect(wholeOrRoman(roman(number).toLowerCase())).toBe(number);
    }),
  );
  expect(wholeOrRoman("one")).toBeNull();
});

test("the nearest words come first, and none where all are far", () => {
  expect(nearestWords("k2tgo")[0]).toBe("k2tog");
  expect(nearestWords("prul")[0]).toBe("purl");
  expect(nearestWords("C4G")[0]).toMatch(/^C4[FB]$/);
  expect(nearestWords("antidisestablish")).toEqual([]);
  expect(nearestWords("knot", ["knit", "knob"])).toEqual(["knit", "knob"]);
});

const told = (text: string) => {
  const findings: UnplacedFinding[] = [];
  const { definitions } = takeDefinitions(text, findings);
  return { ...definitions, findings };
};

test("a pattern explains its own bobbles, nupps and crossings", () => {
  const { operations, crossings, findings } = told(
    "MB = 3 sts, 4 rows\nMB2 = 5 sts\nnupp = 9 loops\nC5F = 3/2 LC",
  );
  expect(findings).toEqual([]);
  expect([...operations].map(([name, { id }]) => [name, id])).toEqual([
    ["mb", "bobble 3 4"],
    ["mb2", "bobble 5 1"],
    ["nupp", "nupp 9"],
  ]);
  expect([...crossings].map(([name, { front, back, lean }]) => [name, front, back, lean])).toEqual([
    ["C5F", 3, 2, "left"],
  ]);
});

test.each(["MB = 0 sts", "MB = 99 sts, 2 rows", "nupp = many", "C3F = left"])(
  "%s is not understood, and says what would be",
  (text) => {
    expect(sentence(told(text).findings[0]?.message)).toMatch(/is not understood: write MB = 5 sts/);
  },
);

test("any word may be explained as it likes, as long as no row uses it", () => {
  expect(told("gorse = 3 sts").findings.map(({ severity }) => severity)).toEqual(["remark"]);
  const used = readPattern("gorse = 3 sts\nRow 1: K2, gorse, K2.\nRow 2: P7.");
  expect(used.findings.map(({ severity, row }) => [severity, row])).toEqual([
    ["remark", null],
    ["error", 1],
  ]);
});

test("names: the pattern's own meaning wins, spellings agree, a slip keeps the yarn from the right side", () => {
  const definitions = told("MB = 3 sts, 1 row\nC3B = 1/2 RC");
  expect(operationNamed("mb", "RS", definitions)?.id).toBe("bobble 3 1");
  expect(operationNamed("mb2", "RS", definitions)?.id).toBe("bobble 5 2");
  for (const spelling of ["yo", "yrn", "yfwd", "yon"])
    expect(operationNamed(spelling, "RS", definitions)?.id).toBe("yo");
  expect(operationNamed("skpo", "RS", definitions)?.id).toBe("skp");
  expect(operationNamed("s2kp", "RS", definitions)?.id).toBe("cdd");
  expect(operationNamed("sl", "RS", definitions)?.id).toBe("slip");
  expect(operationNamed("sl", "WS", definitions)?.id).toBe("slipf");
  expect(operationNamed("gorse", "RS", definitions)).toBeNull();
  expect(crossingNamed("c3b", definitions)).toMatchObject({ front: 1, back: 2, lean: "right" });
  expect(crossingNamed("C3F", definitions)).toHaveProperty("ambiguous");
});

const HERE = say("notARow");

test("findings get the line and column of their place, in order, and never leave the text", () => {
  const text = "one\ntwo\n\nfour";
  const findings = placed(
    [remark("error", 10, 99, HERE), remark("remark", 0, 3, HERE), remark("error", -5, -1, HERE)],
    text,
  );
  expect(findings.map(({ line, column, from, to }) => [line, column, from, to])).toEqual([
    [1, 1, 0, 3],
    [1, 1, 0, 0],
    [4, 2, 10, 13],
  ]);
});

test("line and column lead back to the place, whatever the text", () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.string({ maxLength: 8 }).map((line) => line.replace(/\n/g, "")),
        { minLength: 1 },
      ),
      fc.nat(),
      (lines, at) => {
        const text = lines.join("\n");
        const place = at % (text.length + 1);
        const [finding] = placed([remark("error", place, place, HERE)], text);
        const start = lines
          .slice(0, (finding?.line ?? 1) - 1)
          .reduce((sum, line) => sum + line.length + 1, 0);
        expect(start + (finding?.column ?? 0) - 1).toBe(place);
      },
    ),
  );
});
