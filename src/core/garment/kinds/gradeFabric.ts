/** Fabrics in another size, and the stitches that have to be on the needle below them. */
import { COUNTS } from "../../project/bounds";
import { isCabled, isFabric } from "../../project/sectionKinds";
import type { FabricSection, ProjectSection } from "../../project/sections";
import { mostRepeated, partsOfTaken } from "../../panels/across";
import { leastCommonMultiple } from "../../panels/transforms";
import { ropeOf } from "../../panels/ropes";
import { allowedBy } from "../allowed";
import { fitWidth, withRopes, type FitPlan } from "../fit";
import { laidOf, lengthOf, rowsLike, within, type GradeContext, type Grading } from "./grading";

/** A ground that is only an edge keeps its depth; a ground that is a fabric grows. */
const isEdge = (section: FabricSection) =>
  section.content === "ground" && (section.rows ?? Infinity) < 40 && section.by === "rows";

/** Ropes: of those near the proportion the count whose edges bring it nearest. */
function gradeRopes(section: FabricSection, context: GradeContext): Partial<FabricSection> {
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
function gradePanels(section: FabricSection, context: GradeContext): Partial<FabricSection> {
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

/** Rows of one repeat of what a section is worked in; of what is below it where it goes on in that. */
function repeatRows(section: FabricSection, context: GradeContext): number | null {
  const { sections } = context.piece;
  const at = sections.findIndex(({ id }) => id === section.id);
  const begun = sections
    .slice(0, at + 1)
    .findLast((one): one is FabricSection => isFabric(one) && one.content !== "asBefore");
  const laid = begun && laidOf(begun, context);
  return laid
    ? laid.across.panels.reduce((least, { rows }) => leastCommonMultiple(least, rows.length), 1)
    : null;
}

/** Whole repeats that come nearest in rows, the rows behind the last one counted in. */
function repeatsLike(section: FabricSection, times: number, context: GradeContext): number {
  const each = repeatRows(section, context);
  if (each === null) return within(section.repeats * times, COUNTS.repeats);
  const wanted = (section.repeats * each + section.endRow) * times;
  return within((wanted - section.endRow) / each, COUNTS.repeats);
}

/** Rows, a length or whole repeats in proportion. */
const gradeExtent = (
  section: FabricSection,
  { along, rows }: Pick<Grading, "along" | "rows">,
  context: GradeContext,
): Partial<FabricSection> => ({
  rows: section.rows === null ? null : rowsLike(section.rows, rows, COUNTS.rows, context.piece.round),
  lengthMm: lengthOf(section.lengthMm, along),
  repeats: repeatsLike(section, rows, context),
});

/** A fabric in another size: repeats to the nearest count, edges make up the width, rows in proportion. */
export function gradeFabric(section: FabricSection, context: GradeContext): FabricSection {
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
function cabledCount(section: FabricSection, now: FabricSection, context: GradeContext): number | null {
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
export function countFor(
  section: ProjectSection,
  stitches: number,
  round: boolean,
  context: GradeContext,
): number {
  const { piece, by } = context;
  const wanted = stitches * by.across;
  const next = piece.sections[piece.sections.findIndex(({ id }) => id === section.id) + 1];
  if (next && isCabled(next)) {
    const [before, now] = [laidOf(next, context)?.fabric.stitches, gradeFabric(next, context)];
    const count = cabledCount(next, now, context);
    if (before !== undefined && count !== null) return within(stitches - before + count, COUNTS.stitches);
  }
  return next && isFabric(next) && next.content === "ground"
    ? within(allowedBy(next.ground, wanted, round), COUNTS.stitches)
    : within(wanted, COUNTS.stitches);
}
