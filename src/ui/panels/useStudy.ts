import { useEffect, useState } from "react";
import type { Study } from "@/core/instructions/study";
import { reader } from "@/state/engine/workers";
import { useSettings } from "@/state/keeping/settings";

/** What the worker makes of a text; the former study stands until the new one is there. */
export function useStudy(text: string): Study | null {
  const { naming, words } = useSettings();
  const [study, setStudy] = useState<Study | null>(null);
  useEffect(() => {
    let current = true;
    const ask = async () => {
      const made = await reader().studyText(text, { naming, words });
      if (current) setStudy(made);
    };
    void ask();
    return () => {
      current = false;
    };
  }, [text, naming, words]);
  return study;
}
