/** The pattern that is being read: its text, the size, and what the knitter settled; kept until a project is begun with it. */
import { create } from "zustand";
import { persist } from "zustand/middleware";
import type { PatternRead } from "@/workers/engine.worker";
import { useToldOf } from "../engine/toldOf";
import { engine } from "../engine/workers";
import { useKnitterHand } from "../keeping/knitterHand";
import { withEntry } from "../keeping/entry";
import { quietStorage } from "../keeping/quietly";
import { useSignLinks } from "../keeping/signLinks";

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
  usePatternDraft.setState(({ settled }) => ({ settled: withEntry(settled, sentence, as) }));

/** While somebody types, only what stands still for so long is read. */
const STILL_MS = 200;

/** The pattern as it is read, in the chosen size or another, and whether what is shown is of an earlier text. */
export function usePatternRead(inSize?: number): {
  readonly read: PatternRead | null;
  readonly pending: boolean;
} {
  const { text, size: chosen, settled } = usePatternDraft();
  const size = inSize ?? chosen;
  const { links, between } = useSignLinks();
  const empty = text.trim() === "";
  const key = JSON.stringify([text, size, settled, links, between]);
  const heard = useToldOf(
    key,
    empty
      ? null
      : (job) =>
          engine().pattern(job, text, { size, settled, links, between }, useKnitterHand.getState().hand),
    STILL_MS,
  );
  return empty ? { read: null, pending: false } : { read: heard?.told ?? null, pending: heard?.of !== key };
}
