import { useRouter } from "next/navigation";
import { useEffect, useRef } from "react";
import { SHORTCUTS, type Hands } from "./shortcuts";

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  target.closest("input:not([type=radio], [type=checkbox]), textarea, select, [contenteditable=true]") !==
    null;

const inDialog = () => document.querySelector("[role=dialog], [role=menu]") !== null;

/** Listens for the shortcuts; plain keys are left alone while somebody types or a dialog is open. */
export function useShortcuts(hands: Omit<Hands, "go">) {
  const router = useRouter();
  const latest = useRef(hands);
  useEffect(() => {
    latest.current = hands;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const ctrl = event.ctrlKey || event.metaKey;
      if (event.altKey || inDialog() || (!ctrl && isTyping(event.target))) return;
      const shortcut = SHORTCUTS.find(
        (one) =>
          one.ctrl === ctrl &&
          one.key === event.key.toLowerCase() &&
          (one.shift === undefined || one.shift === event.shiftKey),
      );
      if (!shortcut) return;
      event.preventDefault();
      shortcut.act({ go: router.push, ...latest.current });
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [router]);
}
