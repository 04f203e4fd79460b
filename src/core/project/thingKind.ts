/** What kind of thing a project makes, by how it is built: a kind of its own, whatever it was named. */
import type { Project } from "./project";
import { isArmhole, isGathered, isJoin } from "./sectionKinds";

export type ThingKind = "sleevedTop" | "sleevelessTop" | "hat" | "tube" | "flatThing";

/**
 * A top has armholes, or a yoke; its sleeves are pieces that are sewn to themselves. A hat is drawn together at its end; a
 * tube is worked in the round or sewn into one; all else is flat. Example: a slipover is a top without sleeves.
 */
export function thingKind({ pieces, seams }: Pick<Project, "pieces" | "seams">): ThingKind {
  const worked = pieces.filter(({ leftOut }) => !leftOut);
  const sections = worked.flatMap((piece) => piece.sections);
  const tubes = seams.flatMap(({ of, to }) => (of && of.pieceId === to?.pieceId ? [of.pieceId] : []));
  const others = worked.some(({ id }) => !tubes.includes(id));
  if (sections.some(isJoin) || (tubes.length > 0 && others)) return "sleevedTop";
  if (tubes.length > 0) return "tube";
  if (sections.some(isArmhole)) return "sleevelessTop";
  if (sections.some(isGathered)) return "hat";
  return worked.length > 0 && worked.every(({ round }) => round) ? "tube" : "flatThing";
}
