/** A project of which nothing is known but what its pattern asks for. */
import { newAsks, type Asks } from "../project/asks";
import { emptyPiece, emptyProject, type Project } from "../project/project";
import { newSection } from "../project/sections";

/** What is told of it. */
export interface OnlyAsked {
  readonly asks: Partial<Asks>;
  /** Name of the pattern's yarn; empty where nobody said. */
  readonly yarn?: string;
  /** How much of it is cabled, about. */
  readonly cabledPercent: number;
  /** Balls of each size, where the pattern tells them; those of the size that is knitted stand in `asks`. */
  readonly bySize?: readonly number[];
}

/**
 * The project: all that the pattern asks yarn for is one piece, in the pattern's own yarn and at its gauge until another
 * is told. Example: 9 balls of 50 g = 82 m at 18 x 25 need some 660 m.
 */
export function onlyAsked({ asks, yarn = "", cabledPercent, bySize = [] }: OnlyAsked): Project {
  const empty = emptyProject();
  const { ball = null, stitchesPer10Cm = null, rowsPer10Cm = null } = asks;
  return {
    ...empty,
    name: "From what a pattern asks for",
    asks: newAsks(asks),
    sizes: bySize.map((balls, at) => ({
      id: `size-${at + 1}`,
      name: String(at + 1),
      acrossMm: null,
      alongMm: null,
      balls,
    })),
    gauge: { stitchesPer10Cm, rowsPer10Cm, source: "band" },
    yarns: empty.yarns.map((one) => ({ ...one, name: yarn || "The pattern’s yarn", putUp: ball })),
    pieces: [
      {
        ...emptyPiece("asked", "All of it"),
        sections: [newSection("asked", "asked/all", { cabledPercent })],
      },
    ],
  };
}
