/** What is known of sections before anything is laid: stitches behind them, rows, heights. */
import type { ProjectSection } from "../project/sections";
import { isShape } from "../project/sectionKinds";
import type { Place } from "./steps";

/** What only its rows or its panels tell of a section. */
export interface Told {
  readonly stitches?: number;
  readonly rows: number;
}
export type ToldOfSections = WeakMap<ProjectSection, Told>;

/** Stitches on the needle behind sections; null where nobody knows. */
export const stitchesBehind = (sections: readonly ProjectSection[], told: ToldOfSections): number | null =>
  sections.reduce<number | null>((have, section) => behind(section, have, told), null);

function behind(section: ProjectSection, have: number | null, told: ToldOfSections): number | null {
  const known = told.get(section)?.stitches;
  if (known !== undefined) return known;
  if (section.kind === "castOn") return section.stitches;
  if (section.kind === "pickUp") return section.stitches;
  if (have === null) return null;
  if (section.kind === "change") return section.to;
  if (section.kind === "castOffAt") return have - section.stitches * (section.at === "edges" ? 2 : 1);
  if (section.kind === "divide") return Math.floor((have - section.centre) / 2);
  if (section.kind === "castOff" || section.kind === "hold") return 0;
  if (isShape(section))
    return section.by === "count"
      ? section.to
      : have + (section.way === "increase" ? 1 : -1) * section.stitches * section.times;
  return have;
}

/** Rows of a section, as far as they are known: of some only what is written tells them. */
export function rowsOf(section: ProjectSection, told: ToldOfSections): number | null {
  const known = told.get(section)?.rows;
  if (known !== undefined) return known;
  if (section.kind === "fabric") return section.by === "rows" ? section.rows : null;
  if (section.kind === "shape") return section.by === "rule" ? section.every * section.times : section.rows;
  if (section.kind === "castOffAt") return section.goes === "hold" ? 0 : section.at === "edges" ? 2 : 1;
  return section.kind === "change" || section.kind === "divide" ? 1 : 0;
}

export function heightOf(section: ProjectSection, told: ToldOfSections, rowMm: number): number {
  if (section.kind === "fabric" && section.by === "length") return section.lengthMm ?? 0;
  return (rowsOf(section, told) ?? 0) * rowMm;
}

/** Whether the shaping of an armhole, a neck or a shoulder begins with a section. */
export function begins(what: Place, section: ProjectSection, before: readonly ProjectSection[]): boolean {
  if (what === "armhole") return section.kind === "castOffAt";
  if (what === "neck") return section.kind === "divide";
  const shaped = before.some(({ kind }) => kind === "castOffAt");
  return (
    section.kind === "divide" ||
    section.kind === "castOff" ||
    section.kind === "hold" ||
    (shaped && section.kind === "castOffAt" && before.at(-1)?.kind === "fabric")
  );
}

const OTHER = { outer: "inner", inner: "outer" } as const;

/** The same at the other edge. */
export const swapped = (section: ProjectSection): ProjectSection =>
  (section.kind === "shape" || section.kind === "castOffAt") &&
  (section.at === "outer" || section.at === "inner")
    ? { ...section, at: OTHER[section.at] }
    : section;
