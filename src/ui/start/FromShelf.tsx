"use client";
import { fullName } from "@/core/project/label";
import type { ShelfEntry } from "@/core/project/shelf";
import { ENTERED } from "@/core/project/enteredFigures";
import type { PutUp } from "@/core/yarn/putUp";
import { useDraft } from "@/state/chosen/startDraft";
import { useUnits } from "@/state/keeping/settings";
import { useShelf } from "@/state/project/projectStore";
import { Select } from "@/ui/parts/Select";
import { tellInHand } from "@/ui/useUp/tellInHand";

/** A yarn of the shelf, as it would be typed. */
export interface ShelfTexts {
  readonly entry: ShelfEntry;
  readonly ballText: string;
  readonly amountText: string;
  readonly gaugeText: string;
}

/** More yarns than this are looked for on the shelf itself. */
const MOST = 300;

/** A yarn of one's own shelf to begin with; nothing where there is none that says what a ball holds. */
export function FromShelf({
  of = "use",
  onYarn,
}: {
  readonly of?: string;
  readonly onYarn: (yarn: ShelfTexts) => void;
}) {
  const units = useUnits();
  const { entries, demo } = useShelf();
  const [chosen, choose] = useDraft(`${of} shelf`, "");
  const known = demo ? [] : entries.filter(({ label }) => label.putUp !== null).slice(0, MOST);
  if (known.length === 0) return null;
  const take = (entry: ShelfEntry) => {
    const { label } = entry;
    onYarn({
      entry,
      ballText: ENTERED.ballHolds.tell(label.putUp as PutUp, units),
      amountText: tellInHand([entry], units),
      gaugeText:
        label.stitchesPer10Cm === null ? "" : ENTERED.bandStitches.tell(label.stitchesPer10Cm, units),
    });
  };
  return (
    <Select
      label="or from your shelf"
      options={[
        { value: "", label: "choose a yarn" },
        ...known.map(({ id, label, lot }) => ({
          value: id,
          label: [fullName(label), lot && `lot ${lot}`].filter(Boolean).join(", "),
        })),
      ]}
      value={chosen}
      onChange={(id) => {
        choose(id);
        const entry = known.find((one) => one.id === id);
        if (entry) take(entry);
      }}
    />
  );
}
