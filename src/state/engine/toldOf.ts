/** What the engine tells of something that is no project yet: a wish, a pattern. What was asked before it is stopped. */
import { useEffect, useState } from "react";
import { nextJob } from "./job";
import { engine } from "./workers";

interface ToldOf<Told> {
  /** The key that it was asked with. */
  readonly of: string;
  readonly told: Told;
}

/**
 * What came of it last; null before the first. `key` is a text that is the same as long as the same is asked; nothing
 * is asked while `ask` is null. `waitMs` is how long the key must stand still.
 */
export function useToldOf<Told>(
  key: string,
  ask: ((job: number) => Promise<Told | null>) | null,
  waitMs = 0,
): ToldOf<Told> | null {
  const [heard, setHeard] = useState<ToldOf<Told> | null>(null);
  useEffect(() => {
    if (!ask) return;
    let current = true;
    const job = nextJob();
    const begin = async () => {
      const told = await ask(job);
      if (current && told) setHeard({ of: key, told });
    };
    const timer = setTimeout(() => void begin(), waitMs);
    return () => {
      current = false;
      clearTimeout(timer);
      void engine().stop(job);
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key is what is asked
  }, [key]);
  return heard;
}
