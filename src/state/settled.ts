/** Asking a worker when the typing rests: the answer on the page itself is never kept waiting. */
import { useEffect, useState } from "react";

/** Long enough that a word is typed in one go. */
const SETTLE_MS = 200;

/**
 * What `ask` says of `basis`, asked when it has rested; the last answer stands until the next one comes. `ask` must
 * be the same at every call.
 */
export function useSettled<Basis, Told>(basis: Basis, ask: (basis: Basis) => Promise<Told>): Told | null {
  const [told, setTold] = useState<Told | null>(null);
  useEffect(() => {
    let current = true;
    const asking = async () => {
      const answer = await ask(basis);
      if (current) setTold(answer);
    };
    const timer = setTimeout(() => void asking(), SETTLE_MS);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [basis, ask]);
  return told;
}
