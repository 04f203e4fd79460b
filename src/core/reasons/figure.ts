/** How figures of a formula are made: with a name, what they are, and where they come from. */
import { say, type Message } from "../words/message";
import type { FigureName, QuantityKind } from "../words/english/reasons";
import type { WhyAsked } from "./asked";
import type { Figure, FigureSource } from "./expression";

type Said = FigureName | Message;

interface Given {
  readonly source?: FigureSource;
  readonly why?: WhyAsked;
}

/** Example: `figure("stitches", 96, "count", { source: "counted" })`. */
export const figure = (
  name: Said,
  value: number,
  kind: QuantityKind,
  { source, why }: Given = {},
): Figure => ({
  name: typeof name === "string" ? say("figureName", { of: name }) : name,
  value,
  kind,
  source: source ?? "computed",
  why: why ?? null,
});

/** A figure that the model holds to be so for every knitter. */
export const constant = (name: Said, value: number, kind: QuantityKind = "times") =>
  figure(name, value, kind, { source: "constant" });

/** What is counted in the rows of the pattern, or set by its knitter. */
export const counted = (name: Said, value: number, kind: QuantityKind = "count") =>
  figure(name, value, kind, { source: "counted" });
