import { useEffect, useRef } from "react";
import { useSettings } from "@/state/keeping/settings";

interface Acts {
  readonly done: () => void;
  readonly back: () => void;
}

/** Keys of the keyboard, of media remotes and of foot pedals, which send those of a page turned. */
const DONE = [" ", "Enter", "ArrowRight", "ArrowDown", "PageDown", "MediaPlayPause", "MediaTrackNext"];
const BACK = ["ArrowLeft", "ArrowUp", "PageUp", "Backspace", "MediaTrackPrevious"];

const isBusy = (target: EventTarget | null) =>
  document.querySelector("[role=dialog], [role=menu]") !== null ||
  (target instanceof HTMLElement &&
    target.closest("input, textarea, select, button, a, [contenteditable=true], [role=region]") !== null);

/** Row done and taken back by keys; a key that is held counts once. */
export function useKnitKeys(acts: Acts) {
  const latest = useRef(acts);
  const doneKey = useSettings((settings) => settings.doneKey);
  useEffect(() => {
    latest.current = acts;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const { key, repeat, ctrlKey, metaKey, altKey } = event;
      if (ctrlKey || metaKey || altKey) return;
      const learned = doneKey !== null && key === doneKey;
      if (!learned && isBusy(event.target)) return;
      const act = learned || DONE.includes(key) ? "done" : BACK.includes(key) ? "back" : null;
      if (!act) return;
      event.preventDefault();
      if (!repeat) latest.current[act]();
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [doneKey]);
}
