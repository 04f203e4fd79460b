/** A formula as a value: it can be calculated, and written out with the figures that it stands on. */
import type { Source } from "../garment/projectGauge";
import type { QuantityKind } from "../words/english/reasons";
import type { Message } from "../words/message";
import type { WhyAsked } from "./asked";

/** Where a figure comes from: counted in the pattern, or typed as a wish; a price as it is listed; a constant of the model; or as a gauge does. */
export type FigureSource = Source | "computed" | "counted" | "listed" | "constant";

export interface Quantity {
  readonly value: number;
  readonly kind: QuantityKind;
}

/** A figure that a formula stands on. */
export interface Figure extends Quantity {
  readonly name: Message;
  readonly source: FigureSource;
  /** What tells how it comes about; null where there is nothing more to tell. */
  readonly why: WhyAsked | null;
}

export type Expression =
  | Figure
  | { readonly op: "sum" | "product"; readonly of: readonly Expression[] }
  | { readonly op: "difference" | "quotient"; readonly of: readonly [Expression, Expression] }
  | { readonly op: "power"; readonly of: readonly [Expression, Expression] }
  | { readonly op: "root" | "square"; readonly of: readonly [Expression] }
  /** Up to the next whole one of these. */
  | { readonly op: "upTo"; readonly of: readonly [Expression, step: Expression] };

type Operation = Exclude<Expression, Figure>["op"];

export const isFigure = (one: Expression): one is Figure => "value" in one;

export const sum = (...of: readonly Expression[]): Expression => only(of) ?? { op: "sum", of };
export const product = (...of: readonly Expression[]): Expression => only(of) ?? { op: "product", of };
export const quotient = (one: Expression, by: Expression): Expression => ({ op: "quotient", of: [one, by] });
export const difference = (one: Expression, less: Expression): Expression => ({
  op: "difference",
  of: [one, less],
});
export const power = (base: Expression, to: Expression): Expression => ({ op: "power", of: [base, to] });
export const root = (of: Expression): Expression => ({ op: "root", of: [of] });
export const square = (of: Expression): Expression => ({ op: "square", of: [of] });
export const upTo = (of: Expression, step: Expression): Expression => ({ op: "upTo", of: [of, step] });

/** A sum of one thing is that thing. */
const only = (of: readonly Expression[]) => (of.length === 1 ? of[0] : undefined);

interface Rule {
  readonly worth: (values: readonly number[]) => number;
  readonly written: (parts: readonly string[]) => string;
  /** How tightly it binds: what binds less stands in brackets inside it. */
  readonly binds: number;
  /** Whether its parts stand in brackets or under a sign of their own, and so need none. */
  readonly encloses?: true;
}

/** How far rounding up forgives what a sum of floats adds. */
const HAIR = 1e-9;

const RULES: { readonly [Op in Operation]: Rule } = {
  sum: {
    worth: (values) => values.reduce((total, value) => total + value, 0),
    written: (parts) => parts.join(" + "),
    binds: 1,
  },
  difference: {
    worth: ([one = 0, less = 0]) => one - less,
    written: ([one = "", less = ""]) => `${one} − ${less}`,
    binds: 1,
  },
  product: {
    worth: (values) => values.reduce((total, value) => total * value, 1),
    written: (parts) => parts.join(" × "),
    binds: 2,
  },
  quotient: {
    worth: ([one = 0, by = 1]) => one / by,
    written: ([one = "", by = ""]) => `${one} ÷ ${by}`,
    binds: 2,
  },
  power: {
    worth: ([base = 0, to = 1]) => base ** to,
    written: ([base = "", to = ""]) => `${base} ^ ${to}`,
    binds: 3,
  },
  square: {
    worth: ([of = 0]) => of ** 2,
    written: ([of = ""]) => `${of}²`,
    binds: 3,
  },
  root: {
    worth: ([of = 0]) => Math.sqrt(of),
    written: ([of = ""]) => `√(${of})`,
    binds: 4,
    encloses: true,
  },
  upTo: {
    worth: ([of = 0, step = 1]) => Math.ceil(of / step - HAIR) * step,
    written: ([of = "", step = ""]) => `(${of}, ↑ ${step})`,
    binds: 4,
    encloses: true,
  },
};

/** What a formula comes to. Example: `worth(product(stitches, width))` of 96 and 5 mm is 480. */
export const worth = (one: Expression): number =>
  isFigure(one) ? one.value : RULES[one.op].worth(one.of.map(worth));

/** Whether a part that binds as tightly would be read otherwise: what is taken off, or divided by; powers of powers. */
const isReadOtherwise = (op: Operation, index: number) =>
  op === "power" || op === "square" || (index > 0 && (op === "difference" || op === "quotient"));

/**
 * A formula written out, each figure as `spell` says it. Example: with names "stitches × width of a stitch", with
 * figures "96 × 5 mm".
 */
export function written(one: Expression, spell: (figure: Figure) => string): string {
  if (isFigure(one)) return spell(one);
  const { written: write, binds, encloses } = RULES[one.op];
  return write(
    one.of.map((part, index) => {
      const text = written(part, spell);
      if (encloses || isFigure(part)) return text;
      const { binds: inner } = RULES[part.op];
      return inner < binds || (inner === binds && isReadOtherwise(one.op, index)) ? `(${text})` : text;
    }),
  );
}

/** The figures of a formula in the order in which they stand, each once. */
export function figuresIn(one: Expression): readonly Figure[] {
  if (isFigure(one)) return [one];
  const all = one.of.flatMap(figuresIn);
  return all.filter((figure, index) => all.findIndex((other) => same(figure, other)) === index);
}

const same = (one: Figure, other: Figure) =>
  one.value === other.value && JSON.stringify(one.name) === JSON.stringify(other.name);
