/** Everything that is typed as a measure or a count: how it is read, where it is kept, how it is told. */
import type { Draft } from "immer";
import { COUNTS, LENGTHS } from "@/core/files/bounds";
import type { Project, ProjectPiece } from "@/core/files/project";
import { millimetres, type UnitSystem } from "@/core/units/brands";
import { readCount, type CountBounds } from "@/core/units/count";
import { formatFine, formatGauge, plain, tellSize } from "@/core/units/format";
import { readGauge } from "@/core/units/gauge";
import { BARE_LENGTH, readLength } from "@/core/units/length";
import { read, type Bounds, type Reading } from "@/core/units/reading";
import { readPutUp, type PutUp } from "@/core/yarn/putUp";
import { chosenOf } from "./chosenPiece";

export interface Field<Value> {
  readonly read: (text: string, units: UnitSystem) => Reading<Value>;
  readonly get: (project: Project) => Value | null;
  readonly set: (draft: Draft<Project>, value: Value | null) => void;
  /** The value as text that can be read again. */
  readonly tell: (value: Value, units: UnitSystem) => string;
  /** May be left empty; what is empty is assumed. */
  readonly optional: boolean;
  /** True where each piece has its own. */
  readonly piece?: true;
}

type PieceCount = "ropes" | "purls" | "edge" | "rows" | "seams";

/** Whether a field belongs to the chosen piece, so that each piece keeps what was typed for it. */
const ofPiece = { piece: true } as const;

const pieceCount = (key: PieceCount): Field<number> => ({
  ...ofPiece,
  read: (text) => readCount(text, COUNTS[key]),
  get: (project) => chosenOf(project)[key],
  set: (draft, value) => {
    if (value !== null) chosenOf(draft)[key] = value;
  },
  tell: String,
  optional: false,
});

interface Lens {
  readonly get: (piece: ProjectPiece) => number | null;
  readonly set: (piece: Draft<ProjectPiece>, value: number | null) => void;
}

const pieceLength = (bounds: Bounds, { get, set }: Lens): Field<number> => ({
  ...ofPiece,
  read: (text, units) => readLength(text, BARE_LENGTH[units], bounds),
  get: (project) => get(chosenOf(project)),
  set: (draft, value) => set(chosenOf(draft), value),
  tell: (value, units) => tellSize(millimetres(value), units),
  optional: true,
});

const pieceStitches = (bounds: CountBounds, { get, set }: Lens): Field<number> => ({
  ...ofPiece,
  read: (text) => readCount(text, bounds),
  get: (project) => get(chosenOf(project)),
  set: (draft, value) => set(chosenOf(draft), value),
  tell: String,
  optional: true,
});

const gauge = (counted: "stitches" | "rows"): Field<number> => {
  const key = counted === "stitches" ? "stitchesPer10Cm" : "rowsPer10Cm";
  return {
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
  read: (text) => readLength(text, 1, LENGTHS.needle),
  get: (project) => project.needleMm,
  set: (draft, value) => {
    draft.needleMm = value;
  },
  tell: (value) => formatFine(millimetres(value)),
  optional: true,
};

const swatch: Field<number> = {
  read: (text, units) => readLength(text, BARE_LENGTH[units], LENGTHS.swatch),
  get: (project) => project.swatchMm,
  set: (draft, value) => {
    draft.swatchMm = value;
  },
  tell: (value, units) => tellSize(millimetres(value), units),
  optional: true,
};

/** A number without a unit is metres or yards, as yarn is told. */
const extras: Field<number> = {
  read: (text, units) => {
    const length = readLength(text, units === "metric" ? 1000 : 914.4, LENGTHS.extras);
    return length.ok ? read(length.value / 1000) : length;
  },
  get: (project) => project.extrasM,
  set: (draft, value) => {
    draft.extrasM = value;
  },
  tell: (value, units) => (units === "metric" ? `${plain(value, 2)} m` : `${plain(value / 0.9144, 2)} yd`),
  optional: true,
};

const putUp: Field<PutUp> = {
  read: readPutUp,
  get: (project) => (project.yarns[0]?.putUp as PutUp | null) ?? null,
  set: (draft, value) => {
    const [yarn] = draft.yarns;
    if (yarn && value) yarn.putUp = { massG: value.massG, lengthM: value.lengthM };
  },
  tell: ({ massG, lengthM }, units) =>
    units === "metric"
      ? `${plain(massG, 1)} g = ${plain(lengthM, 1)} m`
      : `${plain(massG / 28.349523125, 2)} oz = ${plain(lengthM / 0.9144, 1)} yd`,
  optional: false,
};

export const FIELDS = {
  ropes: pieceCount("ropes"),
  purls: pieceCount("purls"),
  edge: pieceCount("edge"),
  rows: pieceCount("rows"),
  seams: pieceCount("seams"),
  swatch,
  extras,
  stitchGauge: gauge("stitches"),
  rowGauge: gauge("rows"),
  needle,
  putUp,
  measuredWidth: pieceLength(LENGTHS.width, {
    get: ({ measured }) => measured.widthMm,
    set: ({ measured }, value) => {
      measured.widthMm = value;
    },
  }),
  measuredStitches: pieceStitches(COUNTS.measuredStitches, {
    get: ({ measured }) => measured.stitches,
    set: ({ measured }, value) => {
      measured.stitches = value;
    },
  }),
  twenty: pieceLength(LENGTHS.twenty, {
    get: ({ tail }) => tail.twentyMm,
    set: ({ tail }, value) => {
      tail.twentyMm = value;
    },
  }),
} as const;

export type FieldId = keyof typeof FIELDS;
