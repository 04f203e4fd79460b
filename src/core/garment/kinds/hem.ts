/** A hem: a facing, a ridge to fold at, and as many rows again; sewn down, or not folded. */
import { COUNTS } from "../../project/bounds";
import { type SectionOf } from "../../project/sections";
import { facesOfRow } from "../../panels/panel";
import { operationOf } from "../../stitches/operations";
import { after, workedOn, type Worked, type WorkState, type WorkPlan } from "../work/workState";
import { begin, rowsOn } from "./onNeedle";
import { rowsLike } from "./grading";
import type { SectionRecord } from "./kind";

/** Cast on, a facing, a ridge to fold at, and as many rows again; or those rows alone where it is not folded. */
function work(section: SectionOf<"hem">, state: WorkState, plan: WorkPlan): Worked {
  const scale = plan.scaleOf(section);
  const content = plan.contentOf(section);
  if ("message" in content) return { problem: content.message };
  const begun = begin(state.needle, content, scale);
  if ("code" in begun) return { problem: begun };
  const shown = rowsOn(begun, content, section.rows, scale);
  const needle = { ...begun, row: section.rows };
  if (!section.folded || !plan.foldHems) return { state: after(state, needle, section.rows), rows: shown };
  const faces = facesOfRow(shown[0]?.row ?? []);
  const ridge = workedOn(
    [{ operation: operationOf("purl"), times: faces.length }],
    begun,
    scale * content.heightFactor,
  );
  const facing = [...shown, ridge].map((row) => ({ ...row, rise: 0 }));
  return {
    state: after(state, needle, 2 * section.rows + 1),
    rows: [...facing, ...shown],
    edges: [{ kind: "sewn", width: begun.left - begun.right }],
  };
}

export const hem: SectionRecord<"hem"> = {
  work,
  grade: (section, { piece, by }) => ({
    ...section,
    rows: rowsLike(section.rows, by.edgeRows, COUNTS.hem, piece.round || section.folded),
  }),
  liesIn: ({ ground }) => ({ by: "ground", ground }),
  isFabric: true,
  hasRows: () => true,
};
