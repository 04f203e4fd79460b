/** Everything that is typed as a measure or a count: where it is kept. What it is stands in the core's table. */
import { FIGURES, type FigureId } from "@/core/project/figures";
import { isFabric } from "@/core/project/sectionKinds";
import type { FabricSection } from "@/core/project/sections";
import type { PutUp } from "@/core/yarn/putUp";
import type { Field, Place } from "./field";
import { FINISHING_PLACES } from "../project/finishing";
import { SWATCH_PLACES } from "./swatchFields";
import { chosenOf, chosenSectionIn, chosenSectionOf, chosenYarnIn, chosenYarnOf } from "../chosen/chosen";

type Figures = Readonly<Record<string, unknown>>;

/** A number of the chosen section, by the key that its kind has for it; null where it has none. */
const ofSection = (key: string, emptied: "stays" | "goes" = "stays"): Place<number> => ({
  get: (project, at) => {
    const value = (chosenSectionOf(project, at) as Figures)[key];
    return typeof value === "number" ? value : null;
  },
  set: (draft, value, at) => {
    const section = chosenSectionIn(draft, at) as Record<string, unknown>;
    if (key in section && (value !== null || emptied === "goes")) section[key] = value;
  },
});

type Measured = FabricSection["measured"];

/** What was measured across the chosen fabric. */
const measured = (key: keyof Measured): Place<number> => ({
  get: (project, at) => {
    const section = chosenSectionOf(project, at);
    return isFabric(section) ? section.measured[key] : null;
  },
  set: (draft, value, at) => {
    const section = chosenSectionIn(draft, at);
    if (isFabric(section)) section.measured[key] = value;
  },
});

type Holes = NonNullable<FabricSection["holes"]>;

/** Buttonholes of the chosen fabric. */
const ofHoles = (key: keyof Holes): Place<number> => ({
  get: (project, at) => {
    const section = chosenSectionOf(project, at);
    return isFabric(section) ? (section.holes?.[key] ?? null) : null;
  },
  set: (draft, value, at) => {
    const section = chosenSectionIn(draft, at);
    if (!isFabric(section) || !section.holes) return;
    if (key === "over") section.holes.over = value;
    else if (value !== null) section.holes[key] = value;
  },
});

const twenty: Place<number> = {
  get: (project, at) => chosenOf(project, at).tail.twentyMm,
  set: (draft, value, at) => {
    chosenOf(draft, at).tail.twentyMm = value;
  },
};

const gauge = (key: "stitchesPer10Cm" | "rowsPer10Cm"): Place<number> => ({
  get: (project) => project.gauge[key],
  set: (draft, value) => {
    draft.gauge[key] = value;
  },
});

const gaugeNeedle: Place<number> = {
  get: (project) => project.gauge.needleMm ?? null,
  set: (draft, value) => {
    if (value === null) delete draft.gauge.needleMm;
    else draft.gauge.needleMm = value;
  },
};

/** What was counted on the cables in place of plain fabric; gone where neither figure is there. */
const onCables = (key: "stitches" | "widthMm"): Place<number> => ({
  get: (project) => project.gauge.cables?.[key] ?? null,
  set: ({ gauge: kept }, value) => {
    const cables = { stitches: null, widthMm: null, ...kept.cables, [key]: value };
    if (cables.stitches === null && cables.widthMm === null) delete kept.cables;
    else kept.cables = cables;
  },
});

const ofProject = (key: "needleMm" | "swatchMm"): Place<number> => ({
  get: (project) => project[key],
  set: (draft, value) => {
    draft[key] = value;
  },
});

/** What a ball holds, as it is kept. */
const asBall = ({ massG, lengthM, noMass }: PutUp) => ({
  massG: massG as number,
  lengthM: lengthM as number,
  ...(noMass && { noMass }),
});

const putUp: Place<PutUp> = {
  get: (project, at) => chosenYarnOf(project, at).putUp as PutUp | null,
  set: (draft, value, at) => {
    const yarn = chosenYarnIn(draft, at);
    if (!value) return;
    yarn.putUp = asBall(value);
    // What such a yarn usually is says nothing of this one.
    if (yarn.putUpFrom === "usual") {
      if (yarn.name === `Some ${yarn.bandClass} yarn`) yarn.name = "My yarn";
      yarn.bandClass = null;
    }
    yarn.putUpFrom = "band";
    // Typed anew it is one strand again, whatever was held before.
    yarn.held = null;
  },
};

/** A measure of what the project is sized for. */
const sizeFigure = (key: "acrossMm" | "alongMm"): Place<number> => ({
  get: (project) => project.size[key],
  set: (draft, value) => {
    draft.size[key] = value;
  },
});

const ease: Place<number> = {
  get: (project) => project.size.easeMm,
  set: (draft, value) => {
    draft.size.easeMm = value ?? 0;
  },
};

/** An allowance for cables, in per cent. */
const allowance: Place<number> = {
  get: (project) => project.school.percent,
  set: (draft, value) => {
    if (value !== null) draft.school.percent = value;
  },
};

const asksBalls: Place<number> = {
  get: (project) => project.asks.balls,
  set: (draft, value) => {
    draft.asks.balls = value;
  },
};

const asksBall: Place<PutUp> = {
  get: (project) => project.asks.ball as PutUp | null,
  set: (draft, value) => {
    draft.asks.ball = value && asBall(value);
  },
};

/** Another number of what the pattern asks for. */
const ofAsks = (
  key: "lengthM" | "stitchesPer10Cm" | "rowsPer10Cm" | "acrossMm" | "alongMm",
): Place<number> => ({
  get: (project) => project.asks[key],
  set: (draft, value) => {
    draft.asks[key] = value;
  },
});

const PLACES = {
  asksBalls,
  asksBall,
  asksLength: ofAsks("lengthM"),
  asksStitches: ofAsks("stitchesPer10Cm"),
  asksRows: ofAsks("rowsPer10Cm"),
  asksAcross: ofAsks("acrossMm"),
  asksAlong: ofAsks("alongMm"),
  askedCabled: ofSection("cabledPercent"),
  sizeAcross: sizeFigure("acrossMm"),
  sizeEase: ease,
  sizeAlong: sizeFigure("alongMm"),
  ropes: ofSection("ropes"),
  purls: ofSection("purls"),
  edge: ofSection("edge"),
  rows: ofSection("rows", "goes"),
  length: ofSection("lengthMm", "goes"),
  repeats: ofSection("repeats"),
  endRow: ofSection("endRow"),
  stitches: ofSection("stitches", "goes"),
  to: ofSection("to", "goes"),
  shaped: ofSection("stitches"),
  every: ofSection("every"),
  shapings: ofSection("times"),
  atEdge: ofSection("stitches"),
  turns: ofSection("turns"),
  step: ofSection("step"),
  centre: ofSection("centre"),
  between: ofSection("castOn"),
  along: ofSection("alongMm", "goes"),
  holeCount: ofHoles("count"),
  holeStitches: ofHoles("stitches"),
  holeMargin: ofHoles("margin"),
  holeOver: ofHoles("over"),
  hemRows: ofSection("rows"),
  sectionNeedle: ofSection("needleMm", "goes"),
  swatch: ofProject("swatchMm"),
  stitchGauge: gauge("stitchesPer10Cm"),
  rowGauge: gauge("rowsPer10Cm"),
  gaugeNeedle,
  cableStitches: onCables("stitches"),
  cableWidth: onCables("widthMm"),
  needle: ofProject("needleMm"),
  putUp,
  measuredWidth: measured("widthMm"),
  measuredStitches: measured("stitches"),
  twenty,
  allowance,
  ...SWATCH_PLACES,
  ...FINISHING_PLACES,
} as const satisfies Record<FigureId, Place<number> | Place<PutUp>>;

export type FieldId = FigureId;

/** A figure with the place where it is kept. */
export const fieldOf = (id: FieldId): Field<unknown> =>
  ({ ...FIGURES[id], ...PLACES[id] }) as unknown as Field<unknown>;
