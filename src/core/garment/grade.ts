/** A project in another size or gauge: repeats and plain stitches to the nearest count, lengths and shaping in proportion. */
import { COUNTS, LENGTHS } from "../project/bounds";
import type { Seam } from "../project/finishing";
import type { Project, ProjectPiece } from "../project/project";
import type { FabricSection, ProjectSection, SectionKind, SectionOf } from "../project/sections";
import { mostRepeated, partsOfTaken } from "../panels/across";
import { leastCommonMultiple } from "../panels/transforms";
import { nearestCount } from "../units/count";
import { ropeOf } from "../panels/ropes";
import { fitWidth, withRopes, type FitPlan } from "./fit";
import { allowedBy } from "./allowed";
import { keyOfSection, type Layout, type SectionLayouts } from "./layout";

export interface Grading {
  /** How many times as wide and as long. */
  readonly across: number;
  readonly along: number;
  /** The same for rows that are counted, where a needle changes their height too. */
  readonly rows: number;
  /** The same for rows of what is only an edge: a rib keeps its depth in another size, not in another yarn. */
  readonly edgeRows: number;
  /** Repeats more or fewer than what comes nearest. */
  readonly repeats: number;
}

interface Context {
  readonly piece: ProjectPiece;
  readonly laid: SectionLayouts;
  readonly by: Grading;
}

const within = (value: number, bounds: { readonly least: number; readonly most: number }) =>
  nearestCount(Math.round(value), bounds);

const lengthOf = (mm: number | null, times: number) =>
  mm === null ? null : Math.min(LENGTHS.piece.most, Math.max(LENGTHS.piece.least, mm * times));

/** A ground that is only an edge keeps its depth; a ground that is a fabric grows. */
const isEdge = (section: FabricSection) =>
  section.content === "ground" && (section.rows ?? Infinity) < 40 && section.by === "rows";

const laidOf = (section: FabricSection, { piece, laid }: Context): Extract<Layout, { ok: true }> | null => {
  const found = laid.get(keyOfSection(piece, section));
  return found?.ok ? found : null;
};

/** Ropes: of those near the proportion the count whose edges bring it nearest. */
function gradeRopes(section: FabricSection, context: Context): Partial<FabricSection> {
  const laid = laidOf(section, context);
  if (!laid) return {};
  const { ropeId, purls, ropes, edge } = section;
  const { across, repeats } = context.by;
  const { round } = context.piece;
  // In the round there is no edge: plain stitches that were not there would be a seam.
  if (round) return { ropes: within(Math.max(1, Math.round(ropes * across) + repeats), COUNTS.ropes) };
  const inner = section.edge > 0 ? laid.fabric.panels.slice(1, -1) : laid.fabric.panels;
  const cabled = inner.reduce((sum, { stitches }) => sum + stitches, 0);
  const kept = inner.reduce((sum, { stitches, widthFactor }) => sum + stitches * widthFactor, 0) / cabled;
  const plan: FitPlan = { ropeId, purls, round, kept, stitches: 0, leastEdge: Math.min(edge, 2) };
  const wanted = { ...plan, stitches: across * fitWidth({ ropes, edge }, plan) };
  const off = (count: number) => Math.abs(fitWidth(withRopes(count, wanted), wanted) - wanted.stitches);
  const near = Math.max(1, Math.round(ropes * across));
  // Where nothing is plain beside the ropes their count alone decides; else the edges make up the width.
  const nearest =
    edge > 2
      ? near
      : [near, near - 1, near + 1]
          .filter((count) => count > 0)
          .reduce((best, count) => (off(count) < off(best) ? count : best));
  const fitted = withRopes(Math.max(1, nearest + repeats), wanted);
  return { ropes: within(fitted.ropes, COUNTS.ropes), edge: within(fitted.edge, COUNTS.edge) };
}

/** Panels: the one that is repeated most is repeated more or less often, then the edges make up the width. */
function gradePanels(section: FabricSection, context: Context): Partial<FabricSection> {
  const laid = laidOf(section, context);
  if (!laid) return {};
  const { taken = [] } = laid.across;
  const most = mostRepeated(taken);
  const { first, before, cut } = partsOfTaken(taken, most);
  const panels = section.edge > 0 ? laid.fabric.panels.slice(1, -1) : laid.fabric.panels;
  const again = taken[most];
  // Repeats that come in between are like the second: the first has another neighbour at its right.
  const one = panels[first + before + (cut && (again?.times ?? 1) > 1 ? 1 : 0)];
  if (!one || !again) return {};
  // Once more is one repeat more, without the edges that stand once.
  const stitches = again.whole ? again.stitches / again.times : again.repeat.of;
  const each = stitches * one.widthFactor;
  const cabled = panels.reduce((sum, { stitches, widthFactor }) => sum + stitches * widthFactor, 0);
  const wanted = context.by.across * (cabled + 2 * section.edge);
  const times = section.across[most]?.times ?? 1;
  const more = Math.round((wanted - cabled - 2 * section.edge) / each) + context.by.repeats;
  const now = Math.max(1, times + more);
  const beside = Math.round((wanted - cabled - (now - times) * each) / 2);
  const edge = context.piece.round ? section.edge : Math.max(Math.min(section.edge, 2), beside);
  return {
    edge: within(edge, COUNTS.edge),
    across: section.across.map((panel, index) =>
      index === most ? { ...panel, times: within(now, COUNTS.across) } : panel,
    ),
  };
}

/**
 * Counted rows in proportion. Back and forth they stay odd or even as they were: one row more below a cable would put
 * its crossings on the wrong side. Example: 19 rows at 1.37 times as many are 27, not 26.
 */
function rowsLike(
  rows: number,
  times: number,
  bounds: typeof COUNTS.rows | typeof COUNTS.hem,
  round: boolean,
) {
  const wanted = rows * times;
  if (round) return within(wanted, bounds);
  const odd = rows % 2;
  const nearest = 2 * Math.round((wanted - odd) / 2) + odd;
  return within(nearest < bounds.least ? nearest + 2 : nearest > bounds.most ? nearest - 2 : nearest, bounds);
}

/** Rows of one repeat of what a section is worked in; of what is below it where it goes on in that. */
function repeatRows(section: FabricSection, context: Context): number | null {
  const { sections } = context.piece;
  const at = sections.findIndex(({ id }) => id === section.id);
  const begun = sections
    .slice(0, at + 1)
    .findLast((one): one is FabricSection => one.kind === "fabric" && one.content !== "asBefore");
  const laid = begun && laidOf(begun, context);
  return laid
    ? laid.across.panels.reduce((least, { rows }) => leastCommonMultiple(least, rows.length), 1)
    : null;
}

/** Whole repeats that come nearest in rows, the rows behind the last one counted in. */
function repeatsLike(section: FabricSection, times: number, context: Context): number {
  const each = repeatRows(section, context);
  if (each === null) return within(section.repeats * times, COUNTS.repeats);
  const wanted = (section.repeats * each + section.endRow) * times;
  return within((wanted - section.endRow) / each, COUNTS.repeats);
}

/** Rows, a length or whole repeats in proportion. */
const gradeExtent = (
  section: FabricSection,
  { along, rows }: Pick<Grading, "along" | "rows">,
  context: Context,
): Partial<FabricSection> => ({
  rows: section.rows === null ? null : rowsLike(section.rows, rows, COUNTS.rows, context.piece.round),
  lengthMm: lengthOf(section.lengthMm, along),
  repeats: repeatsLike(section, rows, context),
});

function gradeFabric(section: FabricSection, context: Context): FabricSection {
  const { by } = context;
  const { holes } = section;
  const over = holes?.over ? within(holes.over * by.across, COUNTS.stitches) : null;
  const graded = { ...section, holes: holes && { ...holes, over } };
  const extent = gradeExtent(section, isEdge(section) ? { along: 1, rows: by.edgeRows } : by, context);
  if (section.content === "ropes") return { ...graded, ...extent, ...gradeRopes(section, context) };
  if (section.content === "panels") return { ...graded, ...extent, ...gradePanels(section, context) };
  return { ...graded, ...extent };
}

/** Stitches of ropes or panels with their edges, as they stand in a section; null where that is not known yet. */
function cabledCount(section: FabricSection, now: FabricSection, context: Context): number | null {
  const laid = laidOf(section, context);
  if (!laid) return null;
  const { fabric, across } = laid;
  const edges = 2 * (now.edge - section.edge);
  if (section.content === "ropes") {
    const each = 2 * ropeOf(section.ropeId).half + section.purls;
    return fabric.stitches + edges + (now.ropes - section.ropes) * each;
  }
  return (across.taken ?? []).reduce((sum, { times, stitches, whole, repeat }, index) => {
    const more = (now.across[index]?.times ?? times) - times;
    return sum + more * (whole ? stitches / times : repeat.of);
  }, fabric.stitches + edges);
}

/**
 * Stitches that are cast on or picked up: below a ground what the ground allows, below cables as many more or fewer as
 * the cables take.
 */
function countFor(section: ProjectSection, stitches: number, context: Context): number {
  const { piece, by } = context;
  const wanted = stitches * by.across;
  const next = piece.sections[piece.sections.findIndex(({ id }) => id === section.id) + 1];
  if (next?.kind === "fabric" && (next.content === "ropes" || next.content === "panels")) {
    const [before, now] = [laidOf(next, context)?.fabric.stitches, gradeFabric(next, context)];
    const count = cabledCount(next, now, context);
    if (before !== undefined && count !== null) return within(stitches - before + count, COUNTS.stitches);
  }
  const round = section.kind === "pickUp" ? section.round : piece.round;
  return next?.kind === "fabric" && next.content === "ground"
    ? within(allowedBy(next.ground, wanted, round), COUNTS.stitches)
    : within(wanted, COUNTS.stitches);
}

type Graders = {
  readonly [Kind in SectionKind]?: (section: SectionOf<Kind>, context: Context) => ProjectSection;
};

/** How each kind grows; the others are the same in every size. */
const GRADERS: Graders = {
  castOn: (section, context) =>
    section.stitches === null
      ? section
      : { ...section, stitches: countFor(section, section.stitches, context) },
  fabric: gradeFabric,
  change: (section, { by }) =>
    section.to === null ? section : { ...section, to: within(section.to * by.across, COUNTS.stitches) },
  shape: (section, { piece, by }) => ({
    ...section,
    times:
      section.every % 2 === 0
        ? within(section.times * by.across, COUNTS.shapings)
        : within(rowsLike(section.times, by.across, COUNTS.rows, piece.round), COUNTS.shapings),
    to: section.to === null ? null : within(section.to * by.across, COUNTS.stitches),
    rows: section.rows === null ? null : rowsLike(section.rows, by.rows, COUNTS.rows, piece.round),
    lengthMm: lengthOf(section.lengthMm, section.at === "evenly" ? by.across : by.along),
  }),
  castOffAt: (section, { by }) => ({
    ...section,
    stitches: within(section.stitches * by.across, COUNTS.stitches),
  }),
  shortRows: (section, { by }) => ({ ...section, step: within(section.step * by.across, COUNTS.shaped) }),
  divide: (section, { by }) => ({ ...section, centre: within(section.centre * by.across, COUNTS.centre) }),
  join: (section, { by }) => ({ ...section, castOn: within(section.castOn * by.across, COUNTS.centre) }),
  hem: (section, { piece, by }) => ({
    ...section,
    rows: rowsLike(section.rows, by.edgeRows, COUNTS.hem, piece.round || section.folded),
  }),
  pickUp: (section, context) => ({
    ...section,
    stitches: section.stitches === null ? null : countFor(section, section.stitches, context),
    alongMm: lengthOf(section.alongMm, context.by.across),
  }),
};

/** A piece in another size. What it is made of stays; only counts and lengths change. */
function gradePiece(piece: ProjectPiece, laid: SectionLayouts, by: Grading): ProjectPiece {
  const context = { piece, laid, by };
  return {
    ...piece,
    sections: piece.sections.map((section) => {
      const grade = GRADERS[section.kind] as
        ((one: ProjectSection, of: Context) => ProjectSection) | undefined;
      return grade ? grade(section, context) : section;
    }),
  };
}

/** What is told of a seam in mm grows with its edge. */
function gradeSeam(seam: Seam, by: Grading): Seam {
  const side = seam.of?.side ?? seam.to?.side ?? "side";
  const times = side === "start" || side === "end" ? by.across : by.along;
  const openMm = seam.openMm === null ? null : Math.min(LENGTHS.open.most, seam.openMm * times);
  return { ...seam, openMm, lengthMm: lengthOf(seam.lengthMm, times) };
}

const SAME: Grading = { across: 1, along: 1, rows: 1, edgeRows: 1, repeats: 0 };

/** The grading that changes nothing but what it is given. */
export const grading = (by: Partial<Grading>): Grading => ({ ...SAME, ...by });

const isSame = (by: Grading) =>
  Object.entries(SAME).every(([key, value]) => by[key as keyof Grading] === value);

/** All pieces of a project in another size or gauge. Texts that told the old counts go with them. */
export function gradeProject(project: Project, laid: SectionLayouts, by: Grading): Project {
  if (isSame(by)) return project;
  const pieces = project.pieces.map((piece) => gradePiece(piece, laid, by));
  const graded = new Set(pieces.flatMap(({ sections }) => sections.map(({ id }) => id)));
  const measured = ["measuredWidth", "measuredStitches", "sectionNeedle"];
  const typed = Object.entries(project.typed).filter(([key]) => {
    const [field = "", of = ""] = key.split(" ");
    return measured.includes(field) || !graded.has(of);
  });
  const seams = project.seams.map((seam) => gradeSeam(seam, by));
  const told = typed.filter(([key]) => !/^seam(Open|Length) /.test(key));
  return { ...project, pieces, seams, typed: Object.fromEntries(told) };
}
