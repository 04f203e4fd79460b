"use client";
import { useStartSheet, wayIn, type WayIn } from "@/state/chosen/startSheet";
import { Choice } from "@/ui/parts/Choice";
import { Sheet } from "@/ui/parts/Sheet";
import { WAYS, WayForm } from "@/ui/start/WayForm";

interface StartSheetProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

const OPTIONS = (Object.keys(WAYS) as readonly WayIn[]).map((way) => ({
  value: way,
  label: WAYS[way].short,
}));

/** The ways into another project, beside the one that is open. */
export function StartSheet({ open, onOpenChange }: StartSheetProps) {
  const way = useStartSheet((start) => start.way);
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title="New project" wide>
      <div className="mt-2">
        <Choice label="How to begin" options={OPTIONS} value={way} onChange={wayIn} />
      </div>
      <WayForm way={way} beside onDone={() => onOpenChange(false)} />
    </Sheet>
  );
}
