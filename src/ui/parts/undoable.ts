import { toast } from "@/ui/parts/toast";
import { lastStep, undo } from "@/state/project/projectStore";

const TOO_LATE = "Something else was changed since. Undo at the top goes back step by step.";

/** What a word about something done carries: the way back from that act, as long as nothing was done after it. */
export const undoable = {
  get action() {
    const step = lastStep();
    return {
      label: "Undo",
      onClick: () => {
        if (lastStep() === step) undo();
        else toast.warning(TOO_LATE);
      },
    };
  },
};
