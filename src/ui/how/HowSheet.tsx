"use client";
import { crossingName, crossingWords } from "@/core/stitches/crossingNames";
import { explain, useHow } from "@/state/chosen/how";
import { useSettings } from "@/state/keeping/settings";
import { Sheet } from "@/ui/parts/Sheet";
import { CrossingHow } from "./CrossingHow";
import { TechniqueHow, useTechniques } from "./TechniqueHow";

/** How something is done; it opens from wherever that is spoken of. */
export function HowSheet() {
  const asked = useHow((how) => how.asked);
  const naming = useSettings((settings) => settings.naming);
  const wordsOf = useTechniques();
  if (!asked) return null;
  const title =
    "crossing" in asked
      ? `${crossingName(asked.crossing, naming)}: ${crossingWords(asked.crossing)}`
      : wordsOf(asked.technique).name;
  return (
    <Sheet open onOpenChange={() => explain(null)} title={title}>
      {"crossing" in asked ? (
        <CrossingHow crossing={asked.crossing} columns={asked.columns} />
      ) : (
        <TechniqueHow technique={asked.technique} />
      )}
    </Sheet>
  );
}
