/** A question to the engine, as the page sees it: asked when typing rests, told how far it is, stopped by a newer one. */
import { proxy } from "comlink";
import { useEffect, useMemo, useRef, useState } from "react";
import type { AskedOf, PartOf, QuestionId, ToldOf } from "@/core/engine/questions";
import { HANGS_ON } from "@/core/engine/basis";
import { useProjectStore } from "../project/projectStore";
import { useShallow } from "zustand/react/shallow";
import { useRevision } from "./answer";
import { nextJob } from "./job";
import { Lost } from "./watched";
import { engine } from "./workers";

/** Long enough that a word is typed in one go. */
const SETTLE_MS = 200;
const MOST_TRIES = 3;

export interface Answered<Id extends QuestionId> {
  /** What came of it last; null before the first. */
  readonly told: ToldOf<Id> | null;
  /** Whether that is of what is asked now. */
  readonly current: boolean;
  /** What has been told so far of what is running. */
  readonly parts: readonly PartOf<Id>[];
  /** Share of the running work that is done; null while none runs. */
  readonly progress: number | null;
  readonly stop: () => void;
}

/** The same list as long as all of it are the same. */
function useStable(parts: readonly unknown[]): readonly unknown[] {
  const [kept, setKept] = useState(parts);
  const same = parts.length === kept.length && parts.every((part, index) => Object.is(part, kept[index]));
  if (!same) setKept(parts);
  return same ? kept : parts;
}

interface Heard<Id extends QuestionId> {
  readonly told: ToldOf<Id> | null;
  /** What it was told of. */
  readonly of: unknown;
  readonly parts: readonly PartOf<Id>[];
  readonly progress: number | null;
}

/**
 * What the engine says to a question about the open project; nothing is asked while `asked` is undefined. `asked` must
 * be the same object as long as it is the same question. The last answer stands until the next one comes.
 */
export function useAsked<Id extends QuestionId>(id: Id, asked: AskedOf<Id> | undefined): Answered<Id> {
  const beside = useProjectStore(useShallow(({ project }) => HANGS_ON[id].map((part) => project[part])));
  const basis = useStable([id, asked, useRevision(), ...beside]);
  const [heard, setHeard] = useState<Heard<Id>>({ told: null, of: null, parts: [], progress: null });
  const running = useRef(0);
  const asks = useRef(0);
  useEffect(() => {
    if (asked === undefined) return;
    const job = nextJob();
    let listening = true;
    let begun = false;
    running.current = job;
    const hear = (news: Partial<Heard<Id>> | ((before: Heard<Id>) => Partial<Heard<Id>>)) => {
      if (listening)
        setHeard((before) => ({ ...before, ...(typeof news === "function" ? news(before) : news) }));
    };
    const begin = async (tries: number) => {
      begun = true;
      hear({ parts: [] });
      try {
        await ask();
      } catch (problem) {
        if (!(problem instanceof Lost)) throw problem;
        // What another question was lost over is asked again; what the engine was lost over is not.
        if (problem.job !== job && problem.silent && tries < MOST_TRIES && listening) await begin(tries + 1);
        else hear({ progress: null });
      }
    };
    const ask = async () => {
      const done = await engine().answer(
        job,
        id,
        asked,
        proxy((progress: number) => hear({ progress })),
        proxy((part: PartOf<Id>) => hear(({ parts }) => ({ parts: [...parts, part] }))),
      );
      hear({ progress: null, ...(done && { told: done.told as ToldOf<Id>, of: basis, parts: [] }) });
      // What is told of its progress may come behind the last word: by then nobody listens.
      listening = false;
    };
    // What is asked first is asked at once: nobody is typing yet.
    const timer = setTimeout(() => void begin(1), asks.current === 0 ? 0 : SETTLE_MS);
    asks.current += 1;
    return () => {
      listening = false;
      clearTimeout(timer);
      if (begun) void engine().stop(job);
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the basis holds all that is asked
  }, [basis]);
  return useMemo(
    () => ({
      told: heard.told,
      current: heard.of === basis,
      parts: heard.parts,
      progress: heard.progress,
      stop: () => void engine().stop(running.current),
    }),
    [heard, basis],
  );
}
