import { useEffect, useState } from "react";
import type { PatternAnalysis } from "@/core/instructions/analysePattern";
import { reader } from "@/state/engine/workers";
import { useSettings } from "@/state/keeping/settings";

/** What the worker makes of a text; the former study stands until the new one is there. */
export function usePatternAnalysis(text: string): PatternAnalysis | null {
  const { naming, words } = useSettings();
  const [study, setStudy] = useState<PatternAnalysis | null>(null);
  useEffect(() => {
    let current = true;
    const ask = async () => {
      const made = await reader().analysePattern(text, { naming, words });
      if (current) setStudy(made);
    };
    void ask();
    return () => {
      current = false;
    };
  }, [text, naming, words]);
  return study;
}
