"use client";
import { change, useProjectPart } from "@/state/project/projectStore";
import { Choice } from "@/ui/parts/Choice";

const CERTAINTY = [
  { value: "daring", label: "Daring", name: "Daring: 80 in 100" },
  { value: "steady", label: "Steady", name: "Steady: 95 in 100" },
  { value: "careful", label: "Careful", name: "Careful: 99 in 100" },
] as const;

/** How sure the knitter wants to be. */
export function Certainty() {
  const certainty = useProjectPart((project) => project.certainty);
  return (
    <Choice
      label="How sure to be"
      options={CERTAINTY}
      value={certainty}
      onChange={(wanted) =>
        change("certainty", (draft) => {
          draft.certainty = wanted;
        })
      }
    />
  );
}
