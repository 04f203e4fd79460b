/** Gauge as people type it, read into stitches or rows over 100 mm. */
import { BARE_SPAN_MM, type UnitSystem } from "../units/brands";
import { say } from "../words/message";
import { readQuantities } from "./quantities";
import { read, unread, within, type Bounds, type Reading } from "./reading";

type Counted = "stitches" | "rows";

const BOUNDS: Readonly<Record<Counted, Bounds>> = {
  stitches: {
    least: 0.5,
    most: 80,
    tooSmall: "stitchTooWide",
    tooLarge: "stitchTooNarrow",
  },
  rows: {
    least: 0.5,
    most: 120,
    tooSmall: "rowTooHigh",
    tooLarge: "rowTooLow",
  },
};

/**
 * Reads a gauge of stitches or rows and gives the count over 100 mm.
 * Errors: counted on cables, the other count typed here, a mass, two counts, nothing to count over, absurd figures.
 * Example: `readGauge("18 sts 4in", "stitches", "metric")` is 17.72.
 */
export function readGauge(text: string, counted: Counted, system: UnitSystem): Reading<number> {
  const cabled = /\bcabl\w*|\bpattern\b/i.exec(text);
  if (cabled) return unread(say("gaugeOnCables"), cabled.index);
  const quantities = readQuantities(text);
  if (!quantities.ok) return quantities;
  let count: number | undefined;
  let spanMm: number | undefined;
  for (const { number, unit, at } of quantities.value) {
    if (unit?.kind === "mass") return unread(say("gaugeHasNoMass"), at);
    if (unit?.kind === "length") {
      if (spanMm !== undefined) return unread(say("twoSpans"), at);
      spanMm = number * unit.factor;
    } else if (unit && unit.kind !== counted) {
      return unread(say("otherCount", { counted }), at);
    } else if (count !== undefined) {
      return unread(say("twoCounts"), at);
    } else {
      count = number;
    }
  }
  if (count === undefined) return unread(say("sayHowManyCounted", { counted }));
  if (spanMm === 0) return unread(say("overNothing"));
  const per100Mm = (count * 100) / (spanMm ?? BARE_SPAN_MM[system]);
  const bounded = within(per100Mm, BOUNDS[counted]);
  return bounded.ok ? read(per100Mm) : bounded;
}
