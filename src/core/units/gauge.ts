/** Gauge as people type it, read into stitches or rows over 100 mm. */
import type { UnitSystem } from "./brands";
import { readQuantities } from "./quantities";
import { read, unread, within, type Bounds, type Reading } from "./reading";

type Counted = "stitches" | "rows";

/** A number alone is over 10 cm, or over 4 in where measures are imperial. */
export const BARE_SPAN_MM = { metric: 100, imperial: 101.6 } as const;

const BOUNDS: Readonly<Record<Counted, Bounds>> = {
  stitches: {
    least: 0.5,
    most: 80,
    tooSmall: "A stitch wider than 20 cm is not knitting: check the number and its unit.",
    tooLarge: "More than 80 stitches in 10 cm is finer than sewing thread: check the number and its unit.",
  },
  rows: {
    least: 0.5,
    most: 120,
    tooSmall: "A row higher than 20 cm is not knitting: check the number and its unit.",
    tooLarge: "More than 120 rows in 10 cm is finer than sewing thread: check the number and its unit.",
  },
};

/**
 * Reads a gauge of stitches or rows and gives the count over 100 mm.
 * Errors: counted on cables, the other count typed here, a mass, two counts, nothing to count over, absurd figures.
 * Example: `readGauge("18 sts 4in", "stitches", "metric")` is 17.72.
 */
export function readGauge(text: string, counted: Counted, system: UnitSystem): Reading<number> {
  const cabled = /\bcabl\w*|\bpattern\b/i.exec(text);
  if (cabled)
    return unread(
      "Cables pull in, so this is no plain gauge: type it under “Counted on the cables”.",
      cabled.index,
    );
  const quantities = readQuantities(text);
  if (!quantities.ok) return quantities;
  let count: number | undefined;
  let spanMm: number | undefined;
  for (const { number, unit, at } of quantities.value) {
    if (unit?.kind === "mass") return unread("A gauge has no weight in it: type it as 20 / 10 cm.", at);
    if (unit?.kind === "length") {
      if (spanMm !== undefined) return unread("Two lengths stand here; a gauge is counted over one.", at);
      spanMm = number * unit.factor;
    } else if (unit && unit.kind !== counted) {
      return unread(`Only the ${counted} here; the ${unit.kind} have a field of their own.`, at);
    } else if (count !== undefined) {
      return unread(`Two counts stand here: type one, as 20 / 10 cm.`, at);
    } else {
      count = number;
    }
  }
  if (count === undefined) return unread(`Say how many ${counted}, as 20 / 10 cm.`);
  if (spanMm === 0) return unread("A gauge cannot be counted over nothing: type the length, as 10 cm.");
  const per100Mm = (count * 100) / (spanMm ?? BARE_SPAN_MM[system]);
  const bounded = within(per100Mm, BOUNDS[counted]);
  return bounded.ok ? read(per100Mm) : bounded;
}
