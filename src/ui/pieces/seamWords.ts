/** Seams in words. */
import { EDGE_SIDES, type EdgeSide, type Seam } from "@/core/project/finishing";
import type { Project } from "@/core/project/project";

/** Edges by name, and what of the piece each is where the name alone does not tell. */
const SIDES: { readonly [Side in EdgeSide]: { readonly name: string; readonly why: string } } = {
  side: { name: "side", why: "up to an armhole" },
  above: { name: "armhole", why: "the side from there on" },
  cap: { name: "cap", why: "of a sleeve, half its top counted in" },
  start: { name: "cast-on edge", why: "" },
  end: { name: "cast-off edge", why: "" },
};

export const SIDE_OPTIONS = EDGE_SIDES.map((value) => ({ value, label: SIDES[value].name }));

export const sideWhy = (side: EdgeSide) => SIDES[side].why;

const edgeName = ({ pieces }: Pick<Project, "pieces">, { pieceId, side }: NonNullable<Seam["of"]>) =>
  `${pieces.find(({ id }) => id === pieceId)?.name ?? "a piece"}, ${SIDES[side].name}`;

/** A seam by its edges. Example: "Front, side to Back, side". */
export function seamName(project: Pick<Project, "pieces">, { of, to }: Pick<Seam, "of" | "to">): string {
  const ends = [of, to].filter((end) => end !== null).map((end) => edgeName(project, end));
  return ends.length === 0 ? "of no edge" : ends.join(" to ");
}
