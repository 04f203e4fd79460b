"use client";
import { useEffect, useState } from "react";
import { useSettings } from "@/state/keeping/settings";
import { Button } from "@/ui/parts/Button";

const nameOf = (key: string) => (key === " " ? "Space" : key);

/** Any key of a pedal or a remote can say "row done": it is pressed once, and known from then on. */
export function LearnKey() {
  const doneKey = useSettings((settings) => settings.doneKey);
  const [listening, setListening] = useState(false);
  useEffect(() => {
    if (!listening) return;
    const hear = (event: KeyboardEvent) => {
      event.preventDefault();
      event.stopPropagation();
      if (event.key !== "Escape") useSettings.setState({ doneKey: event.key });
      setListening(false);
    };
    window.addEventListener("keydown", hear, { capture: true });
    return () => window.removeEventListener("keydown", hear, { capture: true });
  }, [listening]);
  return (
    <p className="mt-1 flex flex-wrap items-center gap-2" aria-live="polite">
      {listening ? (
        "Press the pedal, or the key of the remote …"
      ) : doneKey === null ? (
        <>
          <span className="text-faint">Space, Enter and → work a row off, ← takes it back.</span>
          <Button size="small" onClick={() => setListening(true)}>
            Learn another key
          </Button>
        </>
      ) : (
        <>
          <span>
            <kbd>{nameOf(doneKey)}</kbd> says “row done” too.
          </span>
          <Button size="small" onClick={() => useSettings.setState({ doneKey: null })}>
            Forget it
          </Button>
        </>
      )}
    </p>
  );
}
