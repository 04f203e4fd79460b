/** Short words about something done. What shows them is loaded after the page; words said before wait for it. */
import type { ReactNode } from "react";
import type { ExternalToast } from "sonner";

type Kind = "success" | "error" | "warning";

let said: (() => void)[] | null = [];

/** From now on words are shown as they are said. */
export function toasterIsThere() {
  const waiting = said ?? [];
  said = null;
  for (const say of waiting) say();
}

const tell = (kind: Kind) => (word: ReactNode, more?: ExternalToast) => {
  const say = () => void import("sonner").then(({ toast: show }) => show[kind](word, more));
  if (said) said.push(say);
  else say();
};

export const toast = { success: tell("success"), error: tell("error"), warning: tell("warning") };
