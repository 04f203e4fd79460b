import { useEffect, useState } from "react";
import type { Study } from "@/core/instructions/study";
import { reckoner } from "@/state/reckoner";

/** Keystrokes closer together than this are read once. */
const SETTLE_MS = 60;

/** What the worker makes of a text; the former study stands until the new one is there. */
export function useStudy(text: string): Study | null {
  const [study, setStudy] = useState<Study | null>(null);
  useEffect(() => {
    let current = true;
    const ask = async () => {
      const made = await reckoner().studyText(text);
      if (current) setStudy(made);
    };
    const timer = setTimeout(() => void ask(), SETTLE_MS);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [text]);
  return study;
}
