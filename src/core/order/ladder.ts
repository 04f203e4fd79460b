/** What is left free of a project that is to use yarn up, and how it grows step by step. */
import { COUNTS } from "../project/bounds";
import { withSection, type Project } from "../project/project";
import { withFabric, isFabric } from "../project/sectionKinds";
import { inSize } from "../forecast/inSize";
import type { KnownForecast } from "../forecast/projectForecast";
import { gradeProject, grading, withoutAsks } from "../garment/grade";
import type { SectionLayouts } from "../garment/sectionLayout";
import type { GradedSize } from "../project/sizes";
import { between, type Steps } from "../steps";
import type { WorkedSection } from "../garment/work/workPiece";

/** A section of a piece. */
export interface SectionPlace {
  readonly pieceId: string;
  readonly sectionId: string;
}

/** What is left free: it grows by whole repeats, by copies of a piece, by hundredths of a size, or from size to size. */
export type Freed =
  /** Several grow in proportion, the first by one repeat after the other. */
  | { readonly by: "length"; readonly sections: readonly SectionPlace[] }
  | { readonly by: "times"; readonly pieceId: string }
  | { readonly by: "size" }
  /** By the sizes that the project is graded to. */
  | { readonly by: "sizes" }
  /** Only asked whether the yarn is enough for it as it is. */
  | { readonly by: "nothing" };

/** A way to go up, step by step. */
export interface Ladder {
  readonly at: (count: number) => Project;
  /** The step that the project stands on, about. */
  readonly start: number;
  readonly most: number;
  /** Whether a step takes as much as the one before it. */
  readonly even: boolean;
  /** How a step is called, where it has a name of its own. */
  readonly nameOf?: (count: number) => string;
}

/** A size, and the project in it; null where it cannot be worked. */
interface NamedSize {
  readonly name: string;
  readonly project: Project | null;
}

const { max, min, round } = Math;

/** A section as it is worked, of the first side. */
const workedIn = ({ worked }: KnownForecast, { pieceId, sectionId }: SectionPlace) =>
  worked.get(pieceId)?.sections.find(({ section }) => section.id === sectionId);

/** How a section grows: rows of a repeat, the row to end with, and repeats as it stands. */
interface Growing extends SectionPlace {
  readonly repeat: number;
  readonly endRow: number;
  readonly repeats: number;
}

/** Sections that are no fabric, or that cannot be worked, do not grow. */
function growing(place: SectionPlace, worked: WorkedSection | undefined): readonly Growing[] {
  if (!worked?.content || !isFabric(worked.section)) return [];
  const { rows: repeat } = worked.content;
  const rows = worked.rows.length;
  // It goes on to the row that it was to end with.
  const endRow = worked.section.by === "repeats" ? worked.section.endRow : rows % repeat;
  if (endRow > COUNTS.endRow.most) return [];
  return [{ ...place, repeat, endRow, repeats: max(1, round((rows - endRow) / repeat)) }];
}

function ladderByLength(
  project: Project,
  own: KnownForecast,
  places: readonly SectionPlace[],
): Ladder | null {
  const all = places.flatMap((place) => growing(place, workedIn(own, place)));
  const [first] = all;
  if (!first || all.length < places.length) return null;
  const mostOf = ({ repeat, endRow }: Growing) =>
    min(COUNTS.repeats.most, Math.floor((COUNTS.rows.most - endRow - 1) / repeat));
  const share = (one: Growing) => one.repeats / first.repeats;
  return {
    start: first.repeats,
    most: min(...all.map((one) => Math.floor(mostOf(one) / share(one)))),
    even: true,
    at: (count) =>
      all.reduce(
        (so, one) =>
          withSection(so, one, (section) =>
            withFabric(section, () => ({
              by: "repeats",
              repeats: max(1, round(count * share(one))),
              endRow: one.endRow,
            })),
          ),
        withoutAsks(project),
      ),
  };
}

/** From the smallest size to the largest: those with measures by their area, the others by their balls. */
const rankOfSize = ({ acrossMm, alongMm, balls }: GradedSize) =>
  acrossMm === null || alongMm === null ? (balls ?? 0) : acrossMm * alongMm;

/** All sizes of a project, the smallest first. */
export function* sizesUp(
  project: Project,
  layOf: (project: Project) => SectionLayouts,
): Steps<readonly NamedSize[]> {
  const sizes = project.sizes.toSorted((a, b) => rankOfSize(a) - rankOfSize(b));
  const found: NamedSize[] = [];
  for (const [place, size] of sizes.entries()) {
    const [from, to] = [place / sizes.length, (place + 1) / sizes.length];
    const sized = yield* between(from, to, inSize(project, size, { layOf }));
    found.push({ name: size.name || String(place + 1), project: sized?.project ?? null });
  }
  return found;
}

/** The way up of what is freed; null where nothing of it can grow. Sections that are laid are those of `laid`. */
export function ladderOf(
  project: Project,
  own: KnownForecast,
  freed: Freed,
  { laid, sizes }: { readonly laid: SectionLayouts; readonly sizes: readonly NamedSize[] },
): Ladder | null {
  if (freed.by === "length") return ladderByLength(project, own, freed.sections);
  if (freed.by === "nothing") return { at: () => project, start: 1, most: 1, even: false };
  if (freed.by === "sizes") {
    const worked = sizes.flatMap(({ name, project: so }) => (so ? [{ name, so }] : []));
    const of = (count: number) => worked[count - 1] ?? worked[0];
    return worked.length > 0
      ? {
          at: (count) => of(count)?.so ?? project,
          nameOf: (count) => of(count)?.name ?? "",
          start: 1,
          most: worked.length,
          even: false,
        }
      : null;
  }
  if (freed.by === "times") {
    const piece = project.pieces.find(({ id, leftOut }) => id === freed.pieceId && !leftOut);
    if (!piece) return null;
    const at = (times: number) => ({
      ...withoutAsks(project),
      pieces: project.pieces.map((one) => (one === piece ? { ...one, times } : one)),
    });
    return { at, start: piece.times, most: COUNTS.times.most, even: true };
  }
  const at = (hundredths: number) => {
    const times = hundredths / 100;
    return gradeProject(project, laid, grading({ across: times, along: times, rows: times }));
  };
  return { at, start: 100, most: LARGEST, even: false };
}

/** Hundredths of a size that are looked at. */
const LARGEST = 800;
