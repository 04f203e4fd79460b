/** Seams by name. */
import { EDGE_SIDES, type Seam } from "@/core/project/finishing";
import type { Project } from "@/core/project/project";
import { say, type Message } from "@/core/words/message";

export const SIDE_OPTIONS = EDGE_SIDES.map((value) => ({ value, label: say("edgeName", { side: value }) }));

/** A seam by its edges. Example: "Front, side to Back, side". */
export function seamName({ pieces }: Pick<Project, "pieces">, { of, to }: Pick<Seam, "of" | "to">): Message {
  const ends = [of, to].flatMap((end) =>
    end ? [{ piece: pieces.find(({ id }) => id === end.pieceId)?.name ?? "", side: end.side }] : [],
  );
  return say("seamBetween", { ends });
}
