/** Seams by name. */
import type { Seam } from "../project/finishing";
import type { Project } from "../project/project";
import { say, type Message } from "../words/message";

/** A seam by its edges. Example: "Front, side to Back, side". */
export function seamName({ pieces }: Pick<Project, "pieces">, { of, to }: Pick<Seam, "of" | "to">): Message {
  const ends = [of, to].flatMap((end) =>
    end ? [{ piece: pieces.find(({ id }) => id === end.pieceId)?.name ?? "", side: end.side }] : [],
  );
  return say("seamBetween", { ends });
}
