"use client";
import { ArrowLeft } from "lucide-react";
import { backInWhy, closeWhy, useWhy } from "@/state/chosen/why";
import { useAsked } from "@/state/engine/asked";
import { Button } from "@/ui/parts/Button";
import { Sheet } from "@/ui/parts/Sheet";
import { ReasonShown, useSpelt } from "./ReasonShown";

/** Why a figure is what it is; each figure in the reason can be asked about in turn. */
export function WhySheet() {
  const trail = useWhy((why) => why.trail);
  const asked = trail.at(-1);
  const { told, current } = useAsked("why", asked);
  const spelt = useSpelt();
  if (!asked) return null;
  const reason = current ? told : null;
  const title = reason ? `Why ${spelt(reason.figure)}?` : "Why this number?";
  return (
    <Sheet open onOpenChange={closeWhy} title={title}>
      {trail.length > 1 && (
        <Button look="link" className="mt-1 inline-flex items-center gap-1 text-sm" onClick={backInWhy}>
          <ArrowLeft size={15} aria-hidden /> Back to the figure before
        </Button>
      )}
      {reason ? (
        <ReasonShown reason={reason} />
      ) : (
        <p role="status" className="mt-3 min-h-40 text-faint">
          {current ? "There is no such figure any more." : "Calculating …"}
        </p>
      )}
    </Sheet>
  );
}
