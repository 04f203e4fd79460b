/** What is believed, in plain words and figures: before any swatch and now, and where it comes from. */
import type { UnitSystem } from "../units/brands";
import { formatGauge, formatPercent } from "../units/format";
import type { Source } from "../garment/projectGauge";
import { putUpId, type UnknownId } from "./unknowns";
import type { Belief } from "./belief";
import { isGaugeMeasured, isWashingMeasured } from "./believe";
import { marginal, type Marginal } from "./prior";

export interface BeliefLine {
  readonly id: UnknownId;
  readonly name: string;
  /** One sentence, the figure first. */
  readonly words: string;
  readonly before: Marginal;
  readonly now: Marginal;
  /** Name of the swatch that moved it most; null where it stands as it was assumed. */
  readonly from: string | null;
  readonly source: Source;
}

/** Less than this is not worth a word. */
const SLIGHT = 0.01;

const exact = (share: number) => formatPercent(Math.abs(share), 1);
const moved = ({ mean }: Marginal) => Math.abs(mean) >= SLIGHT;
/** Example: 0.03 is "3.0 % more". */
const byHow = (mean: number) => `${exact(Math.exp(mean) - 1)} ${mean >= 0 ? "more" : "less"}`;

interface Described {
  readonly belief: Belief;
  readonly units: UnitSystem;
  /** Share of its plain width that the cabled part keeps: as computed, and as believed; null without cables. */
  readonly kept: { readonly computed: number; readonly believed: number } | null;
}

type Words = (basis: Described, now: Marginal) => string;

const gauge =
  (counted: "stitches" | "rows"): Words =>
  ({ belief, units }, now) => {
    const key = counted === "stitches" ? "stitchesPer10Cm" : "rowsPer10Cm";
    const off = (belief.gauge[key] * now.sd).toFixed(1);
    return `${formatGauge(belief.gauge[key], counted, units)}, give or take ${off}.`;
  };

/** How far cables pull in beside what most do, in words. */
function pullWords({ kept }: Described, now: Marginal): string {
  if (!kept) return "There are no cables here that could pull in.";
  const [mine, most] = [1 - kept.believed, 1 - kept.computed];
  const share = Math.abs(mine - most);
  const beside = `${formatPercent(mine)} of the width rather than ${formatPercent(most)}`;
  if (share < 0.005 || !moved(now))
    return `Your cables pull in about as most do: ${formatPercent(most)} of the width.`;
  const much = share < 0.03 ? "a little " : share < 0.08 ? "" : "much ";
  return `Your cables pull in ${much}${mine > most ? "more" : "less"} than most: ${beside}.`;
}

const TOLD: readonly { readonly id: UnknownId; readonly name: string; readonly words: Words }[] = [
  { id: "width", name: "Stitch gauge", words: gauge("stitches") },
  { id: "height", name: "Row gauge", words: gauge("rows") },
  {
    id: "loop",
    name: "Yarn in a loop",
    words: (_, now) =>
      moved(now)
        ? `Your stitches hold ${byHow(now.mean)} yarn than most stitches of this size.`
        : "Your stitches hold about as much yarn as most of this size.",
  },
  { id: "drawWidth", name: "Draw-in of cables", words: pullWords },
  {
    id: "give",
    name: "Yarn in crossings",
    words: (_, now) =>
      Math.abs(now.mean) > 0.1
        ? `Your crossings take ${byHow(now.mean)} than usual.`
        : "Your crossings take about what is usual.",
  },
  {
    id: "blockWidth",
    name: "What washing does",
    words: ({ belief }) => {
      if (!isWashingMeasured(belief))
        return "Not measured: no swatch was measured both before and after washing.";
      const [across, up] = [marginal(belief, "blockWidth").mean, marginal(belief, "blockHeight").mean];
      const way = (mean: number, wide: string, narrow: string) =>
        Math.abs(mean) < 0.004 ? `no ${wide}` : `${exact(Math.exp(mean) - 1)} ${mean > 0 ? wide : narrow}`;
      return `Washing makes your stitches ${way(across, "wider", "narrower")} and ${way(up, "higher", "lower")}.`;
    },
  },
];

/** Gauge is as its band or the knitter said until a swatch moves it; all else is assumed. */
function sourceOf(belief: Belief, id: UnknownId, given: Source, from: string | null): Source {
  if (id === "width" || id === "height")
    return isGaugeMeasured(belief, id === "width" ? "Width" : "Height") ? "measured" : given;
  return from === null ? "assumed" : "measured";
}

/** The yarn's length in a ball, of the first yarn. */
function putUpTold({ belief }: Described, yarnId: string): Words {
  return (_, now) =>
    Math.abs(now.mean) >= 0.002
      ? `A ball of your lot holds ${byHow(now.mean)} than ${belief.basis.project.yarns.find(({ id }) => id === yarnId)?.putUpFrom === "usual" ? "is usual" : "its band says"}.`
      : "As far as known, your lot holds what its band says.";
}

/**
 * All that is told of a belief, in the order of the work. Example: with a pattern swatch, "Your cables pull in a
 * little more than most: 29 % of the width rather than 27 %."
 */
export function beliefSummary(
  basis: Described,
  given: { readonly width: Source; readonly height: Source },
): readonly BeliefLine[] {
  const { belief } = basis;
  const yarnId = belief.basis.project.yarns[0]?.id ?? "";
  const all = [
    ...TOLD.filter(({ id }) => basis.kept !== null || (id !== "drawWidth" && id !== "give")),
    { id: putUpId(yarnId), name: "Length in a ball", words: putUpTold(basis, yarnId) },
  ];
  const names = new Map(belief.swatches.map(({ swatch }) => [swatch.id, swatch.name]));
  return all.map(({ id, name, words }) => {
    const [before, now] = [marginal(belief.prior, id), marginal(belief, id)];
    // What washing does is only inferred where no swatch was measured before and after: that is no measurement.
    const by = id === "blockWidth" && !isWashingMeasured(belief) ? null : belief.movedBy(id);
    const from = by === null ? null : (names.get(by) ?? null);
    const source = sourceOf(belief, id, id === "height" ? given.height : given.width, from);
    return { id, name, words: words(basis, now), before, now, from, source };
  });
}

/**
 * A normal curve as an SVG path over `reach` either way of nought, in a box of 100 by 30.
 * Example: a narrow one stands high in the middle.
 */
export function curveOf({ mean, sd }: Marginal, reach: number, highest: number): string {
  const points = Array.from({ length: 61 }, (_, index) => {
    const at = (index / 60 - 0.5) * 2 * reach;
    const height = (highest / sd) * Math.exp(-0.5 * ((at - mean) / sd) ** 2);
    return `${((index / 60) * 100).toFixed(1)} ${(30 - 28 * Math.min(1, height)).toFixed(2)}`;
  });
  return `M0 30L${points.join("L")}L100 30Z`;
}
