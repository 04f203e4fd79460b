/** What is believed: before any swatch and now, and where it comes from. */
import { say, type Message, type Says as Said } from "../words/message";
import type { Source } from "../garment/projectGauge";
import { putUpId, type UnknownId } from "./unknowns";
import type { Belief } from "./belief";
import { isGaugeMeasured, isWashingMeasured } from "./believe";
import type { HandId } from "../project/hand";
import { GENERAL_SD, marginal, NARROWED, type Marginal } from "./prior";

export interface BeliefLine {
  readonly id: UnknownId;
  /** What it is called. */
  readonly name: Message;
  /** One sentence, the figure first. */
  readonly says: Message;
  readonly before: Marginal;
  readonly now: Marginal;
  /** Name of what moved it most, a swatch or the knitting; null where it stands as it was assumed. */
  readonly from: Said | null;
  readonly source: Source;
}

/** Less than this is not worth a word. */
const SLIGHT = 0.01;

const moved = ({ mean }: Marginal) => Math.abs(mean) >= SLIGHT;
/** How much more, as a share; less than nought is less. */
const byHow = (mean: number) => Math.exp(mean) - 1;

interface Described {
  readonly belief: Belief;
  /** Share of its plain width that the cabled part keeps: as computed, and as believed; null without cables. */
  readonly kept: { readonly computed: number; readonly believed: number } | null;
}

type Says = (basis: Described, now: Marginal) => Message;

const gauge =
  (counted: "stitches" | "rows"): Says =>
  ({ belief }, now) => {
    const per10Cm = belief.gauge[counted === "stitches" ? "stitchesPer10Cm" : "rowsPer10Cm"];
    return say("gaugeBelieved", { counted, per10Cm, off: per10Cm * now.sd });
  };

/** How far cables pull in beside what most do. */
function onPull({ kept }: Described, now: Marginal): Message {
  if (!kept) return say("noCablesToPull");
  const [mine, most] = [1 - kept.believed, 1 - kept.computed];
  const share = Math.abs(mine - most);
  if (share < 0.005 || !moved(now)) return say("pullAsMost", { most });
  return say("pullUnlike", { mine, most });
}

const TOLD: readonly { readonly id: UnknownId; readonly name: Message; readonly says: Says }[] = [
  { id: "width", name: say("stitchGauge"), says: gauge("stitches") },
  { id: "height", name: say("rowGauge"), says: gauge("rows") },
  {
    id: "loop",
    name: say("yarnInLoop"),
    says: (_, now) => say("loopBelieved", { more: moved(now) ? byHow(now.mean) : null }),
  },
  { id: "drawWidth", name: say("drawInOfCables"), says: onPull },
  {
    id: "give",
    name: say("yarnInCrossings"),
    says: (_, now) => say("crossingsBelieved", { more: Math.abs(now.mean) > 0.1 ? byHow(now.mean) : null }),
  },
  {
    id: "blockWidth",
    name: say("whatWashingDoes"),
    says: ({ belief }) => {
      if (!isWashingMeasured(belief)) return say("washingNotMeasured");
      const changeOf = (id: UnknownId) => {
        const { mean } = marginal(belief, id);
        return Math.abs(mean) < 0.004 ? null : byHow(mean);
      };
      return say("washingBelieved", { wider: changeOf("blockWidth"), higher: changeOf("blockHeight") });
    },
  },
];

/** What a hand that is known has narrowed is from there. */
function fromHand({ basis, handChanged }: Belief, id: UnknownId, { sd }: Marginal): Said | null {
  const { hand } = basis.project;
  const general = id in GENERAL_SD ? GENERAL_SD[id as HandId] : null;
  if (hand === null || handChanged === null || general === null || sd > NARROWED * general) return null;
  return say("fromHand", { projects: hand.projects });
}

/** Gauge is as its band or the knitter said until a swatch moves it; all else is assumed. */
function sourceOf(belief: Belief, id: UnknownId, given: Source, from: Said | null): Source {
  if (id === "width" || id === "height")
    return isGaugeMeasured(belief, id === "width" ? "Width" : "Height") ? "measured" : given;
  return from === null ? "assumed" : "measured";
}

/** The yarn's length in a ball, of the first yarn. */
function onPutUp({ belief }: Described, yarnId: string): Says {
  const usual = belief.basis.project.yarns.find(({ id }) => id === yarnId)?.putUpFrom === "usual";
  return (_, now) =>
    say("lotBelieved", { more: Math.abs(now.mean) >= 0.002 ? byHow(now.mean) : null, usual });
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
    { id: putUpId(yarnId), name: say("lengthInBall"), says: onPutUp(basis, yarnId) },
  ];
  const names = new Map<string, Said>([
    ...belief.swatches.map(({ swatch }) => [swatch.id, swatch.name] as const),
    ...belief.knitted.map(({ id }) => [id, say("fromKnitting")] as const),
  ]);
  return all.map(({ id, name, says }) => {
    const [before, now] = [marginal(belief.prior, id), marginal(belief, id)];
    // What washing does is only inferred where no swatch was measured before and after: that is no measurement.
    const by = id === "blockWidth" && !isWashingMeasured(belief) ? null : belief.movedBy(id);
    const from = by === null ? fromHand(belief, id, before) : (names.get(by) ?? null);
    const source = sourceOf(belief, id, id === "height" ? given.height : given.width, from);
    return { id, name, says: says(basis, now), before, now, from, source };
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
