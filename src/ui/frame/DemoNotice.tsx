"use client";
import { Button } from "@/ui/parts/Button";
import { useProjectPart } from "@/state/project/projectStore";
import { showStep } from "@/state/chosen/firstSteps";
import { openStart } from "@/state/chosen/startSheet";
import { startEmpty } from "./projectFiles";

/** The demo says that it is one. */
export function DemoNotice() {
  const demo = useProjectPart((project) => project.demo);
  if (!demo) return null;
  return (
    <aside
      aria-label="Demo"
      className="not-printed mt-2 flex flex-wrap items-center gap-x-4 gap-y-1 rounded-lg border border-line bg-card px-4 py-0.5 text-sm"
    >
      <span>
        This is the <strong>demo project</strong>, all invented. Change anything in it to see what follows.
      </span>
      <Button onClick={() => showStep(0)} look="link" className="py-1 font-semibold">
        First steps
      </Button>
      <Button onClick={() => openStart()} look="link" className="py-1 font-semibold">
        New project
      </Button>
      <Button onClick={startEmpty} look="link" className="py-1 font-semibold">
        Start empty
      </Button>
    </aside>
  );
}
