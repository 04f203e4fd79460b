"use client";
import { settleArrival, useArrival } from "@/state/keeping/arrivals";
import { Button } from "@/ui/parts/Button";
import { Sheet } from "@/ui/parts/Sheet";
import { toast } from "@/ui/parts/toast";
import { undoable } from "@/ui/parts/undoable";
import { listParts } from "@/ui/projects/partWords";

/** A project has come that is open here in another state: which of the two is to stand? */
export function ArrivalSheet() {
  const { arrived, differs } = useArrival();
  if (!arrived) return null;
  const take = () => {
    settleArrival("arrived");
    toast.success("What came stands now", undoable);
  };
  return (
    <Sheet open onOpenChange={() => settleArrival("here")} title={`${arrived.name} is open here already`}>
      <p className="mt-3">The rows of both are put together. What came differs in {listParts(differs)}.</p>
      <div className="mt-4 flex flex-wrap justify-end gap-2">
        <Button onClick={take}>Take what came</Button>
        <Button look="main" onClick={() => settleArrival("here")}>
          Keep what is here
        </Button>
      </div>
    </Sheet>
  );
}
