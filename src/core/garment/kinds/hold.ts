/** All stitches left on a thread. */
import { say } from "../../words/message";
import { type SectionOf } from "../../project/sections";
import { stitchesOn, type Worked, type WorkState } from "../work/workState";
import { emptied } from "./onNeedle";
import type { SectionRecord } from "./kind";

function work(_: SectionOf<"hold">, state: WorkState): Worked {
  return {
    state: { ...emptied(state), held: state.held + stitchesOn(state.needle) },
    rows: [],
    edges: [{ kind: "end" }],
  };
}

export const hold: SectionRecord<"hold"> = {
  work,
  tells: (_, { from }) => say("leaveOnHold", { stitches: from }),
};
