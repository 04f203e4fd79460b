/** The pattern that is being read: its text, the size, and what the knitter settled; kept until a project is begun with it. */
import { useEffect, useState } from "react";
import { create } from "zustand";
import { persist } from "zustand/middleware";
import type { PatternRead } from "@/workers/engine.worker";
import { nextJob } from "../engine/job";
import { engine } from "../engine/workers";
import { useKnitterHand } from "../keeping/knitterHand";
import { quietStorage } from "../keeping/quietly";

interface PatternDraft {
  readonly text: string;
  /** Counted from 0. */
  readonly size: number;
  /** By the words of a sentence: what else it says, or nothing. */
  readonly settled: Readonly<Record<string, string>>;
}

const NONE: PatternDraft = { text: "", size: 0, settled: {} };

export const usePatternDraft = create<PatternDraft>()(
  persist((): PatternDraft => NONE, { name: "brenok-pattern", storage: quietStorage() }),
);

/** Another text; what was settled of the same sentences holds on. */
export const setPatternText = (text: string) => usePatternDraft.setState({ text, size: 0 });
export const setPatternSize = (size: number) => usePatternDraft.setState({ size });

/** Says what a sentence says in other words; nothing where nothing is worked by it, null where that is taken back. */
export const settle = (sentence: string, as: string | null) =>
  usePatternDraft.setState(({ settled }) => {
    const others = Object.fromEntries(Object.entries(settled).filter(([words]) => words !== sentence));
    return { settled: as === null ? others : { ...others, [sentence]: as } };
  });

/** The pattern as it is read, and whether what is shown is of an earlier text. */
export function usePatternRead(): { readonly read: PatternRead | null; readonly pending: boolean } {
  const { text, size, settled } = usePatternDraft();
  const key = JSON.stringify([text, size, settled]);
  const [told, setTold] = useState<{ key: string; read: PatternRead } | null>(null);
  useEffect(() => {
    let current = true;
    const job = nextJob();
    const ask = async () => {
      if (text.trim() === "") return;
      const read = await engine().pattern(job, text, { size, settled }, useKnitterHand.getState().hand);
      if (current && read) setTold({ key, read });
    };
    // While somebody types, only what stands still for a moment is read.
    const timer = setTimeout(() => void ask(), 200);
    return () => {
      current = false;
      clearTimeout(timer);
      void engine().stop(job);
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key is what is read
  }, [key]);
  if (text.trim() === "") return { read: null, pending: false };
  return { read: told?.read ?? null, pending: told?.key !== key };
}
