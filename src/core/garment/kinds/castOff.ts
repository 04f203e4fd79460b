/** Cast-off of all that is on the needle. */
import { say } from "../../words/message";
import { CAST_OFFS } from "../../project/edgeKinds";
import { type SectionOf } from "../../project/sections";
import { stitchesOn, type Worked, type WorkState } from "../work/workState";
import { emptied } from "./onNeedle";
import type { SectionRecord } from "./kind";

function work(section: SectionOf<"castOff">, state: WorkState): Worked {
  const { needle } = state;
  const stitches = stitchesOn(needle);
  const edge = {
    kind: "castOff",
    method: section.method,
    stitches,
    width: needle.left - needle.right,
  } as const;
  return { state: emptied(state), rows: [], edges: [edge, { kind: "end" }] };
}

export const castOff: SectionRecord<"castOff"> = {
  work,
  tells: ({ method }, { from }) => say("castOffSo", { stitches: from, method: CAST_OFFS[method].name }),
};
