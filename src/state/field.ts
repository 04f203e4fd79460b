/** What a field is: how a measure or a count is read, where it is kept, how it is told. */
import type { Draft } from "immer";
import type { Project } from "@/core/files/project";
import { millimetres, type UnitSystem } from "@/core/units/brands";
import { readCount, type CountBounds } from "@/core/units/count";
import { formatFine, tellSize } from "@/core/units/format";
import { BARE_LENGTH, readLength } from "@/core/units/length";
import type { Bounds, Reading } from "@/core/units/reading";

export interface Field<Value> {
  readonly read: (text: string, units: UnitSystem) => Reading<Value>;
  readonly get: (project: Project) => Value | null;
  readonly set: (draft: Draft<Project>, value: Value | null) => void;
  /** The value as text that can be read again. */
  readonly tell: (value: Value, units: UnitSystem) => string;
  /** May be left empty; what is empty is assumed. */
  readonly optional: boolean;
  /** Whose it is, so that each yarn, piece and section keeps what was typed for it. */
  readonly of: "project" | "yarn" | "piece" | "section" | "swatch";
}

/** How a kind of figure is read and told, wherever it is kept. */
export type FigureKind = Pick<Field<number>, "read" | "tell">;

/** A length of fabric or yarn. */
export const size = (bounds: Bounds): FigureKind => ({
  read: (text, units) => readLength(text, BARE_LENGTH[units], bounds),
  tell: (value, units) => tellSize(millimetres(value), units),
});

/** A needle or another small thing, in mm in both systems. */
export const fine = (bounds: Bounds): FigureKind => ({
  read: (text) => readLength(text, 1, bounds),
  tell: (value) => formatFine(millimetres(value)),
});

/** A whole number of things. */
export const counted = (bounds: CountBounds): FigureKind => ({
  read: (text) => readCount(text, bounds),
  tell: String,
});
