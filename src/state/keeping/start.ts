/** The beginning of a session: settings at once, and then what finds and keeps the project, which is loaded beside the page. */
import { say, type Message } from "@/core/words/message";
import { SETTINGS_KEY, useSettings } from "./settings";

/** Fetched while the page comes to life, not behind that. */
const fetched = typeof window === "undefined" ? null : import("./session");
fetched?.catch(() => {});

/** Starts the session; the result ends it. `tell` gets a word for the user. */
export function startSession(tell: (word: Message) => void): () => void {
  void useSettings.persist.rehydrate();
  const follow = ({ key }: StorageEvent) => {
    if (key === SETTINGS_KEY) void useSettings.persist.rehydrate();
  };
  window.addEventListener("storage", follow);
  let ended = false;
  let end: (() => void) | undefined;
  (fetched ?? import("./session")).then(
    ({ runSession }) => {
      if (!ended) end = runSession(tell);
    },
    () => tell(say("partNotLoaded")),
  );
  return () => {
    ended = true;
    end?.();
    window.removeEventListener("storage", follow);
  };
}
