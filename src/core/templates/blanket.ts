/** A blanket in blocks, two kinds of them like the fields of a board. */
import { type ProjectPiece } from "../project/project";
import { newSection } from "../project/sections";
import { overLength, piece, ropesOver, sewn, stitchesIn, type Start, type StartPlan } from "./start";

/** Side of a block, about. */
const BLOCK_MM = 200;

export const blocksIn = (mm: number) => Math.max(1, Math.round(mm / BLOCK_MM));

export function blanket(plan: StartPlan): readonly ProjectPiece[] {
  const [across, along] = [blocksIn(plan.acrossMm), blocksIn(plan.alongMm)];
  const block = (id: string, name: string, times: number, cabled: boolean) =>
    piece(
      id,
      name,
      [
        newSection(
          "castOn",
          `${id}/on`,
          cabled ? {} : { stitches: stitchesIn(plan.acrossMm / across, plan, 4) },
        ),
        cabled
          ? ropesOver(`${id}/ropes`, plan.acrossMm / across, plan, false, overLength(plan.alongMm / along))
          : newSection("fabric", `${id}/ground`, {
              content: "ground",
              ground: "seed",
              ...overLength(plan.alongMm / along),
            }),
        newSection("castOff", `${id}/off`),
      ],
      { times },
    );
  const all = across * along;
  const cabled = Math.min(40, Math.ceil(all / 2));
  const plainOnes = Math.min(40, Math.floor(all / 2));
  return [
    block("cabled", "Cabled block", cabled, true),
    ...(plainOnes > 0 ? [block("seed", "Seed block", plainOnes, false)] : []),
  ];
}

/** Blocks of both kinds lie like the fields of a board: every seam is between one of either. */
export const blanketSeams: NonNullable<Start["seams"]> = ({ acrossMm, alongMm }) => {
  const [across, along] = [blocksIn(acrossMm), blocksIn(alongMm)];
  const [beside, above] = [(across - 1) * along, across * (along - 1)];
  return [
    ...(beside > 0 ? [sewn("beside", beside, "cabled side", "seed side")] : []),
    ...(above > 0 ? [sewn("above", above, "cabled end", "seed start")] : []),
  ];
};
