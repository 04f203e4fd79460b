/** Everything that is typed as a measure or a count: how it is read, where it is kept, how it is told. */
import type { Draft } from "immer";
import { COUNTS, LENGTHS } from "@/core/files/bounds";
import type { Project } from "@/core/files/project";
import type { FabricSection } from "@/core/files/sections";
import { METRES_IN_YARD, millimetres } from "@/core/units/brands";
import { readCount, type CountBounds } from "@/core/units/count";
import { formatFine, formatGauge, plain, tellSize } from "@/core/units/format";
import { readEase, tellEase } from "@/core/units/ease";
import { readGauge } from "@/core/units/gauge";
import { BARE_LENGTH, readLength } from "@/core/units/length";
import { readPercent } from "@/core/units/percent";
import { read, type Bounds } from "@/core/units/reading";
import { readPutUp, tellPutUp, type PutUp } from "@/core/yarn/putUp";
import { chosenYarnIn, chosenYarnOf } from "./yarns";
import { counted, fine, size, type Field } from "./field";
import { SWATCH_FIELDS } from "./swatchFields";
import { chosenOf, chosenSectionIn, chosenSectionOf } from "./chosenPiece";

type Figures = Readonly<Record<string, unknown>>;

/** A number of the chosen section, whatever its kind calls it; null where it has none. */
const figureOf = (project: Project, key: string): number | null => {
  const value = (chosenSectionOf(project) as Figures)[key];
  return typeof value === "number" ? value : null;
};

/** Sets a number of the chosen section, if its kind has one of that name. */
function setFigure(draft: Draft<Project>, key: string, value: number | null) {
  const section = chosenSectionIn(draft) as Record<string, unknown>;
  if (key in section) section[key] = value;
}

/** A count of the chosen section. */
const sectionCount = (key: string, bounds: CountBounds, optional = false): Field<number> => ({
  of: "section",
  read: (text) => readCount(text, bounds),
  get: (project) => figureOf(project, key),
  set: (draft, value) => {
    if (value !== null || optional) setFigure(draft, key, value);
  },
  tell: String,
  optional,
});

/** A length of the chosen section. */
const sectionLength = (key: string, bounds: Bounds, bareMm?: number): Field<number> => ({
  of: "section",
  read: (text, units) => readLength(text, bareMm ?? BARE_LENGTH[units], bounds),
  get: (project) => figureOf(project, key),
  set: (draft, value) => setFigure(draft, key, value),
  tell: (value, units) =>
    bareMm === 1 ? formatFine(millimetres(value)) : tellSize(millimetres(value), units),
  optional: true,
});

type Measured = FabricSection["measured"];

/** What was measured across the chosen fabric. */
const measured = (key: keyof Measured, field: Pick<Field<number>, "read" | "tell">): Field<number> => ({
  ...field,
  of: "section",
  get: (project) => {
    const section = chosenSectionOf(project);
    return section.kind === "fabric" ? section.measured[key] : null;
  },
  set: (draft, value) => {
    const section = chosenSectionIn(draft);
    if (section.kind === "fabric") section.measured[key] = value;
  },
  optional: true,
});

const seams: Field<number> = {
  of: "piece",
  read: (text) => readCount(text, COUNTS.seams),
  get: (project) => chosenOf(project).seams,
  set: (draft, value) => {
    if (value !== null) chosenOf(draft).seams = value;
  },
  tell: String,
  optional: false,
};

const twenty: Field<number> = {
  ...size(LENGTHS.twenty),
  of: "piece",
  get: (project) => chosenOf(project).tail.twentyMm,
  set: (draft, value) => {
    chosenOf(draft).tail.twentyMm = value;
  },
  optional: true,
};

const gauge = (counted: "stitches" | "rows"): Field<number> => {
  const key = counted === "stitches" ? "stitchesPer10Cm" : "rowsPer10Cm";
  return {
    of: "project",
    read: (text, units) => readGauge(text, counted, units),
    get: (project) => project.gauge[key],
    set: (draft, value) => {
      draft.gauge[key] = value;
    },
    tell: (value, units) => formatGauge(value, counted, units),
    optional: true,
  };
};

const needle: Field<number> = {
  ...fine(LENGTHS.needle),
  of: "project",
  get: (project) => project.needleMm,
  set: (draft, value) => {
    draft.needleMm = value;
  },
  optional: true,
};

const swatch: Field<number> = {
  ...size(LENGTHS.swatch),
  of: "project",
  get: (project) => project.swatchMm,
  set: (draft, value) => {
    draft.swatchMm = value;
  },
  optional: true,
};

/** A number without a unit is metres or yards, as yarn is told. */
const extras: Field<number> = {
  of: "project",
  read: (text, units) => {
    const length = readLength(text, units === "metric" ? 1000 : 914.4, LENGTHS.extras);
    return length.ok ? read(length.value / 1000) : length;
  },
  get: (project) => project.extrasM,
  set: (draft, value) => {
    draft.extrasM = value;
  },
  tell: (value, units) =>
    units === "metric" ? `${plain(value, 2)} m` : `${plain(value / METRES_IN_YARD, 2)} yd`,
  optional: true,
};

const putUp: Field<PutUp> = {
  of: "yarn",
  read: readPutUp,
  get: (project) => chosenYarnOf(project).putUp as PutUp | null,
  set: (draft, value) => {
    const yarn = chosenYarnIn(draft);
    if (!value) return;
    yarn.putUp = { massG: value.massG, lengthM: value.lengthM };
    yarn.putUpFrom = "band";
    // Typed anew it is one strand again, whatever was held before.
    yarn.held = null;
  },
  tell: tellPutUp,
  optional: false,
};

/** A measure of what the project is sized for. */
const sizeFigure = (key: "acrossMm" | "alongMm", bounds: Bounds): Field<number> => ({
  ...size(bounds),
  of: "project",
  get: (project) => project.size[key],
  set: (draft, value) => {
    draft.size[key] = value;
  },
  optional: true,
});

const ease: Field<number> = {
  of: "project",
  read: readEase,
  get: (project) => project.size.easeMm,
  set: (draft, value) => {
    draft.size.easeMm = value ?? 0;
  },
  tell: tellEase,
  optional: true,
};

/** An allowance for cables, in per cent. */
const allowance: Field<number> = {
  of: "project",
  read: readPercent,
  get: (project) => project.school.percent,
  set: (draft, value) => {
    if (value !== null) draft.school.percent = value;
  },
  tell: (value) => `${plain(value, 1)} %`,
  optional: false,
};

export const FIELDS = {
  sizeAcross: sizeFigure("acrossMm", LENGTHS.width),
  sizeEase: ease,
  sizeAlong: sizeFigure("alongMm", LENGTHS.piece),
  ropes: sectionCount("ropes", COUNTS.ropes),
  purls: sectionCount("purls", COUNTS.purls),
  edge: sectionCount("edge", COUNTS.edge),
  rows: sectionCount("rows", COUNTS.rows, true),
  length: sectionLength("lengthMm", LENGTHS.piece),
  repeats: sectionCount("repeats", COUNTS.repeats),
  endRow: sectionCount("endRow", COUNTS.endRow),
  stitches: sectionCount("stitches", COUNTS.stitches, true),
  to: sectionCount("to", COUNTS.stitches, true),
  shaped: sectionCount("stitches", COUNTS.shaped),
  every: sectionCount("every", COUNTS.every),
  shapings: sectionCount("times", COUNTS.shapings),
  atEdge: sectionCount("stitches", COUNTS.stitches),
  turns: sectionCount("turns", COUNTS.turns),
  step: sectionCount("step", COUNTS.shaped),
  centre: sectionCount("centre", COUNTS.centre),
  between: sectionCount("castOn", COUNTS.centre),
  along: sectionLength("alongMm", LENGTHS.piece),
  hemRows: sectionCount("rows", COUNTS.hem),
  sectionNeedle: sectionLength("needleMm", LENGTHS.needle, 1),
  seams,
  swatch,
  extras,
  stitchGauge: gauge("stitches"),
  rowGauge: gauge("rows"),
  needle,
  putUp,
  measuredWidth: measured("widthMm", size(LENGTHS.width)),
  measuredStitches: measured("stitches", counted(COUNTS.measuredStitches)),
  twenty,
  allowance,
  ...SWATCH_FIELDS,
} as const satisfies Record<string, Field<number> | Field<PutUp>>;

export type FieldId = keyof typeof FIELDS;
