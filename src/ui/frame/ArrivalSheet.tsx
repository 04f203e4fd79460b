"use client";
import { settleArrival, useArrival } from "@/state/keeping/arrivals";
import type { DifferingPart } from "@/state/keeping/differing";
import { Button } from "@/ui/parts/Button";
import { Sheet } from "@/ui/parts/Sheet";
import { toast } from "@/ui/parts/toast";
import { undoable } from "@/ui/parts/undoable";

const PARTS: { readonly [Part in DifferingPart]: string } = {
  name: "its name",
  madeFor: "whom it is for",
  notes: "its notes",
  demo: "whether it is the demo",
  certainty: "how sure you want to be",
  gauge: "the gauge",
  needleMm: "the needle",
  size: "the size",
  swatchMm: "the swatch that is counted in",
  seams: "the seams",
  extras: "the extras",
  join: "how balls are joined",
  panels: "your panels",
  swatches: "the swatches",
  swap: "the substitutes",
  order: "the order",
  school: "how balls are advised",
  without: "what is left out",
  yarns: "the yarns",
  pieces: "the pieces",
  hand: "what it knows of your hand",
  calendar: "by when it is to be done",
};

const list = new Intl.ListFormat("en", { type: "conjunction" });

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
      <p className="mt-3">
        The rows of both are put together. What came differs in{" "}
        {list.format(differs.map((part) => PARTS[part]))}.
      </p>
      <div className="mt-4 flex flex-wrap justify-end gap-2">
        <Button onClick={take}>Take what came</Button>
        <Button look="main" onClick={() => settleArrival("here")}>
          Keep what is here
        </Button>
      </div>
    </Sheet>
  );
}
