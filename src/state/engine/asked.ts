/** A question to the engine, as the page sees it: asked when typing rests, told how far it is, stopped by a newer one. */
import { proxy } from "comlink";
import { useEffect, useMemo, useRef, useState } from "react";
import type { AskedOf, PartOf, QuestionId, ToldOf } from "@/core/engine/questions";
import { useRevision } from "./answer";
import { nextJob } from "./job";
import { engine } from "./workers";

/** Long enough that a word is typed in one go. */
const SETTLE_MS = 200;

export interface Told<Of> {
  /** What came of it last; null before the first. */
  readonly told: Of | null;
  /** Whether that is of what is asked now. */
  readonly current: boolean;
  /** Share of the running work that is done; null while none runs. */
  readonly progress: number | null;
  readonly stop: () => void;
}

interface Listening<Id extends QuestionId> {
  /** What it hangs on beside the figures of the project and what is asked: asked anew when any of it changes. */
  readonly also?: readonly unknown[];
  readonly onPart?: (part: PartOf<Id>) => void;
}

/** Equal as long as all of a list are the same. */
function useStable(parts: readonly unknown[]): readonly unknown[] {
  const [kept, setKept] = useState(parts);
  const same = parts.length === kept.length && parts.every((part, index) => Object.is(part, kept[index]));
  if (!same) setKept(parts);
  return same ? kept : parts;
}

/**
 * What the engine says to a question about the open project; nothing is asked while `asked` is undefined. `asked` must
 * be the same object as long as it is the same question. The last answer stands until the next one comes.
 */
export function useAsked<Id extends QuestionId>(
  id: Id,
  asked: AskedOf<Id> | undefined,
  { also = [], onPart }: Listening<Id> = {},
): Told<ToldOf<Id>> {
  const basis = useStable([id, asked, useRevision(), ...also]);
  const [state, setState] = useState<{ told: ToldOf<Id> | null; of: unknown; progress: number | null }>({
    told: null,
    of: null,
    progress: null,
  });
  const running = useRef(0);
  const listener = useRef(onPart);
  useEffect(() => {
    listener.current = onPart;
  });
  useEffect(() => {
    if (asked === undefined) return;
    const job = nextJob();
    let listening = true;
    running.current = job;
    const heard = {
      progress: (share: number) => {
        if (listening) setState((before) => ({ ...before, progress: share }));
      },
      part: (part: PartOf<Id>) => {
        if (listening) listener.current?.(part);
      },
    };
    let begun = false;
    const begin = async () => {
      begun = true;
      const told = await engine().answer(job, id, asked, proxy(heard.progress), proxy(heard.part));
      if (!listening) return;
      // What is told of its progress may come behind the last word: by then nobody listens.
      listening = false;
      setState((before) =>
        told === null
          ? { ...before, progress: null }
          : { told: told as ToldOf<Id>, of: basis, progress: null },
      );
    };
    const timer = setTimeout(() => void begin(), SETTLE_MS);
    return () => {
      listening = false;
      clearTimeout(timer);
      if (begun) void engine().stop(job);
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the basis holds all that is asked
  }, [basis]);
  return useMemo(
    () => ({
      told: state.told,
      current: state.of === basis,
      progress: state.progress,
      stop: () => void engine().stop(running.current),
    }),
    [state, basis],
  );
}
