import { useEffect, useState } from "react";

/** What is soon in place need not be said to be on its way. */
const LATE_MS = 300;

/** Whether something has been so for a while; what was only for a moment never was. */
export function useLate(is: boolean, afterMs = LATE_MS): boolean {
  const [late, setLate] = useState(false);
  useEffect(() => {
    if (!is) return;
    const timer = setTimeout(() => setLate(true), afterMs);
    return () => {
      clearTimeout(timer);
      setLate(false);
    };
  }, [is, afterMs]);
  return is && late;
}
