import fc from "fast-check";
import { runInNewContext } from "node:vm";
import {
  difference,
  figuresIn,
  power,
  product,
  quotient,
  root,
  square,
  sum,
  upTo,
  worth,
  written,
  type Expression,
} from "./expression";
import { counted } from "./figure";

const number = (value: number) => counted("stitchesAcross", value);

const { any } = fc.letrec<{ any: Expression }>((tie) => ({
  any: fc.oneof(
    { maxDepth: 4 },
    fc.integer({ min: 1, max: 9 }).map(number),
    fc.array(tie("any"), { minLength: 1, maxLength: 3 }).map((of) => sum(...of)),
    fc.array(tie("any"), { minLength: 1, maxLength: 3 }).map((of) => product(...of)),
    fc.tuple(tie("any"), tie("any")).map(([one, other]) => difference(one, other)),
    fc.tuple(tie("any"), tie("any")).map(([one, other]) => quotient(one, other)),
    tie("any").map((of) => power(of, number(2))),
    tie("any").map((of) => square(of)),
    tie("any").map((of) => root(of)),
  ),
}));

/** What another reader of formulas makes of the text. */
const readBy = (text: string): unknown =>
  runInNewContext(
    text
      .replaceAll("×", "*")
      .replaceAll("÷", "/")
      .replaceAll("−", "-")
      .replaceAll("^", "**")
      .replaceAll("²", "**2")
      .replaceAll("√", "Math.sqrt"),
  );

/** Brackets that change nothing are left out, and floats are then added up in another order. */
const alike = (value: number): unknown =>
  Number.isFinite(value) && Math.abs(value) < 1e6 ? expect.closeTo(value, 4) : expect.anything();

test("a formula that is written out says what it comes to, brackets and all", () => {
  fc.assert(
    fc.property(any, (expression) => {
      const text = written(expression, ({ value }) => String(value));
      expect([text, readBy(text)]).toEqual([text, alike(worth(expression))]);
    }),
    { numRuns: 1000 },
  );
});

test("what is taken off as a whole stands in brackets, and what is only added does not", () => {
  const [one, two, three] = [number(1), number(2), number(3)];
  const spell = ({ value }: { readonly value: number }) => String(value);
  expect(written(difference(one, sum(two, three)), spell)).toBe("1 − (2 + 3)");
  expect(written(sum(one, product(two, three)), spell)).toBe("1 + 2 × 3");
  expect(written(product(sum(one, two), three), spell)).toBe("(1 + 2) × 3");
});

test("a figure that stands twice is told once", () => {
  expect(figuresIn(sum(number(2), product(number(2), number(3)))).map(({ value }) => value)).toEqual([2, 3]);
});

test("rounding up goes to the next whole step, and forgives a hair", () => {
  expect(worth(upTo(number(588.6), number(50)))).toBe(600);
  expect(worth(upTo(number(600 + 1e-9), number(50)))).toBe(600);
});
