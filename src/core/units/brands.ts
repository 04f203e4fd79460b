/** Numbers that know their unit, so that a gram cannot be passed where a metre is meant. */

declare const unit: unique symbol;
type Branded<Unit extends string> = number & { readonly [unit]: Unit };

/** Length in the fabric or along a needle, in millimetres. */
export type Millimetres = Branded<"mm">;
/** Length of yarn as it is told to people, in metres. */
export type Metres = Branded<"m">;
/** Mass, in grams. */
export type Grams = Branded<"g">;

export const millimetres = (value: number) => value as Millimetres;
export const metres = (value: number) => value as Metres;
export const grams = (value: number) => value as Grams;

/** Yarn is calculated in mm and told in m. Example: `toMetres(millimetres(1500))` is 1.5 m. */
export const toMetres = (length: Millimetres) => metres(length / 1000);

/** Exact, by the international avoirdupois ounce and yard. */
export const GRAMS_IN_OUNCE = 28.349523125;
export const METRES_IN_YARD = 0.9144;

/** The two ways to show measures; what is stored is always metric. */
export type UnitSystem = "metric" | "imperial";

/** A gauge is over 10 cm, or over 4 in where measures are imperial. */
export const BARE_SPAN_MM = { metric: 100, imperial: 101.6 } as const;
