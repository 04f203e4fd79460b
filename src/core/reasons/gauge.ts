/** Why a plain stitch is as large as it is, and takes so much yarn. */
import { isGaugeMeasured } from "../belief/believe";
import { marginal, NARROWED } from "../belief/prior";
import { KS, plainStitch, type Gauge } from "../stitches/plainStitch";
import { DEPTH, GIVE } from "../stitches/crossings";
import { deviated, legMm, measuresOf } from "../estimate/measures";
import { metresIn100G, type PutUp } from "../yarn/putUp";
import { assumedStitch, BY_YARN, NEEDLE_SHARE, needleScale, USUAL_ASPECT } from "../yarn/thickness";
import { say } from "../words/message";
import type { ReasonBasis } from "./basis";
import { within } from "./basis";
import {
  difference,
  power,
  product,
  quotient,
  root,
  square,
  sum,
  type Expression,
  type Figure,
} from "./expression";
import { constant, counted, figure } from "./figure";
import type { Because } from "./reason";

const { exp, log } = Math;
const SPAN_MM = 100;
/** Less than this is a float's doing. */
const HAIR = 1e-12;

/** A plain stitch of the project, as it is believed. */
export const plainOf = ({ answer: { plan } }: ReasonBasis) => deviated(plan.gauge, plan.likely);

/** What everything is measured in, as it is believed. */
export const measuresAt = (basis: ReasonBasis) => measuresOf(plainOf(basis), basis.answer.plan.likely);

/** Figures of the plain stitch, to be put into formulas. */
export const stitchWidth = (basis: ReasonBasis): Figure =>
  figure("stitchWidth", plainOf(basis).widthMm, "fine", { why: within(basis, { figure: "stitchWidth" }) });
export const rowHeight = (basis: ReasonBasis): Figure =>
  figure("rowHeight", plainOf(basis).heightMm, "fine", { why: within(basis, { figure: "rowHeight" }) });
export const loop = (basis: ReasonBasis): Figure =>
  figure("loop", plainOf(basis).loopMm, "fine", { why: within(basis, { figure: "loop" }) });

/** What swatches and knitting have moved; nothing where they have not. */
function moved(name: "movedWidth" | "movedHeight" | "movedLoop" | "movedGive" | "movedLot", off: number) {
  return Math.abs(off) < HAIR ? [] : [figure(name, exp(off), "times", { source: "measured" })];
}

/** What differs between stitches, which are told by their width, and rows, by their height. */
interface Way {
  readonly per: keyof Gauge;
  readonly size: "widthMm" | "heightMm";
  readonly source: "width" | "height";
  readonly axis: "Width" | "Height";
  readonly overSpan: "stitchesOverSpan" | "rowsOverSpan";
  readonly moved: "movedWidth" | "movedHeight";
  /** What stands for it where nobody has counted. */
  readonly usual: (basis: ReasonBasis) => Expression;
}

/** Width of a stitch as it was given, before any swatch. */
const givenWidth = ({ answer: { belief } }: ReasonBasis) => plainStitch(belief.basis.gauge).widthMm;

const STITCHES: Way = {
  per: "stitchesPer10Cm",
  size: "widthMm",
  source: "width",
  axis: "Width",
  overSpan: "stitchesOverSpan",
  moved: "movedWidth",
  usual: (basis) =>
    figure("usualStitch", givenWidth(basis), "fine", {
      source: "assumed",
      why: within(basis, { figure: "usualStitch" }),
    }),
};

const ROWS: Way = {
  per: "rowsPer10Cm",
  size: "heightMm",
  source: "height",
  axis: "Height",
  overSpan: "rowsOverSpan",
  moved: "movedHeight",
  usual: (basis) =>
    product(
      figure("stitchWidthGiven", givenWidth(basis), "fine", {
        source: basis.answer.belief.basis.sources.width,
      }),
      figure("usualAspect", USUAL_ASPECT, "times", { source: "assumed" }),
    ),
};

/** The size of what was counted over 10 cm, on the project's needle. */
function ofCounted({ project, answer }: ReasonBasis, { source, overSpan }: Way, per10Cm: number): Expression {
  const { needleMm: on } = project.gauge;
  const scale = on === undefined || project.needleMm === null ? 1 : needleScale(project.needleMm, on);
  const size = quotient(
    constant("span", SPAN_MM, "size"),
    figure(overSpan, per10Cm, "count", { source: answer.belief.basis.sources[source] }),
  );
  return scale === 1 ? size : product(size, figure("otherNeedle", scale, "times"));
}

/** The size of a stitch or a row: as it was counted or is usual, and what has moved it since. */
function sizeReason(basis: ReasonBasis, way: Way): ReturnType<Because<"stitchWidth">> {
  const { belief, plan } = basis.answer;
  const per10Cm = basis.project.gauge[way.per];
  const given = per10Cm === null ? way.usual(basis) : ofCounted(basis, way, per10Cm);
  const off = log(belief.basis.gauge[way.per] / plan.gauge[way.per]);
  return {
    figure: { value: plainOf(basis)[way.size], kind: "fine" },
    formula: product(given, ...moved(way.moved, off)),
    sharper: isGaugeMeasured(belief, way.axis) ? null : say("sharperGauge"),
  };
}

export const stitchWidthReason: Because<"stitchWidth"> = (basis) => sizeReason(basis, STITCHES);
export const rowHeightReason: Because<"rowHeight"> = (basis) => sizeReason(basis, ROWS);

/** The stitch of a yarn that nobody has counted: by the yarn, and by the needle where one is known. */
export const usualStitchReason: Because<"usualStitch"> = ({ project }) => {
  const putUp = (project.yarns[0]?.putUp ?? null) as PutUp | null;
  if (!putUp) return null;
  const byYarn = quotient(
    constant("span", SPAN_MM, "size"),
    product(
      constant("usualStitches", BY_YARN.stitches, "count"),
      power(
        quotient(
          figure("metresIn100G", metresIn100G(putUp), "count", { source: putUp.noMass ? "assumed" : "band" }),
          constant("metresOfIt", BY_YARN.metres, "count"),
        ),
        constant("finerBy", BY_YARN.power),
      ),
    ),
  );
  const { widthMm, shareOfYarn } = assumedStitch(putUp, project.needleMm);
  return {
    figure: { value: widthMm, kind: "fine" },
    formula:
      project.needleMm === null
        ? byYarn
        : product(
            power(byYarn, constant("trustInYarn", shareOfYarn)),
            power(
              quotient(counted("needle", project.needleMm, "fine"), constant("needleShare", NEEDLE_SHARE)),
              constant("trustInNeedle", 1 - shareOfYarn),
            ),
          ),
    sharper: say("sharperGauge"),
  };
};

export const loopReason: Because<"loop"> = (basis) => {
  const { belief, plan } = basis.answer;
  const weighed = marginal(belief, "loop").sd < NARROWED * marginal(belief.prior, "loop").sd;
  return {
    figure: { value: plainOf(basis).loopMm, kind: "fine" },
    formula: product(
      root(product(constant("density", KS), stitchWidth(basis), rowHeight(basis))),
      ...moved("movedLoop", plan.likely.loop),
    ),
    sharper: weighed ? null : say("sharperLoop"),
  };
};

export const legReason: Because<"leg"> = (basis, { columns }) => {
  const { belief, plan } = basis.answer;
  const { aspect } = plainOf(basis);
  const high = figure("aspect", aspect, "times");
  const way = root(
    sum(square(high), square(counted("columnsTravelled", columns)), square(constant("depth", DEPTH))),
  );
  const weighed = marginal(belief, "give").sd < NARROWED * marginal(belief.prior, "give").sd;
  return {
    figure: { value: legMm(columns, measuresAt(basis)), kind: "fine" },
    formula: product(
      constant("give", GIVE),
      difference(way, high),
      stitchWidth(basis),
      ...moved("movedGive", plan.likely.give),
    ),
    sharper: weighed ? null : say("sharperCrossings"),
  };
};

export const ballLengthReason: Because<"ballLength"> = (basis, { yarnId }) => {
  const yarn = basis.answer.plan.yarns.find(({ id }) => id === yarnId);
  const kept = basis.project.yarns.find(({ id }) => id === yarnId);
  if (!yarn || !kept) return null;
  const label = (kept.putUp ?? basis.project.yarns[0]?.putUp)?.lengthM ?? 0;
  return {
    figure: { value: 1000 * yarn.putUp.lengthM, kind: "yarn" },
    formula: product(
      figure("lengthOnBand", 1000 * label, "yarn", {
        source: kept.putUp === null || kept.putUpFrom === "usual" ? "assumed" : "band",
      }),
      ...moved("movedLot", log(yarn.putUp.lengthM / label)),
    ),
    sharper: say(kept.putUpFrom === "usual" ? "sharperPutUp" : "sharperLot"),
  };
};
