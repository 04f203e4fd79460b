/** From opening the page to leaving it: finds project and shelf, keeps them, and says what went wrong. */
import { demoProject } from "@/demo/slipover";
import { startAutosave, type Autosave } from "./autosave";
import { begin, useProjectStore, type Kept } from "./projectStore";
import { findProject, findShelf, keepAll, keepAtOnce } from "./storage";
import { useSettings } from "./settings";

let autosave: Autosave<Kept> | undefined;

export const saveNow = () => autosave?.flush();

/** The page goes away: whatever is not saved is written where writing takes no time, and saved too. */
function leave() {
  const unsaved = autosave?.unsaved();
  if (unsaved) keepAtOnce(unsaved);
  saveNow();
}

/** Opens what was kept last, or the demo. Gives a word for the user where something was amiss. */
async function takeUp(): Promise<string | null> {
  try {
    const [found, shelf] = await Promise.all([findProject(), findShelf()]);
    begin(found.kind === "project" ? found.project : demoProject(), shelf ?? undefined);
    return found.kind === "unreadable"
      ? `Your last project could not be read, so the demo is open. It is still kept in this browser. ${found.message}`
      : null;
  } catch {
    begin(demoProject());
    return "This browser does not let Brenok keep anything. Save your project to a file before you leave.";
  }
}

/** Starts the session; the result ends it. `tell` gets a word for the user. */
export function startSession(tell: (word: string) => void): () => void {
  let ended = false;
  void useSettings.persist.rehydrate();
  const hide = () => {
    if (document.visibilityState === "hidden") leave();
  };
  void takeUp().then((word) => {
    if (ended) return;
    if (word) tell(word);
    autosave = startAutosave({
      current: useProjectStore.getState,
      subscribe: useProjectStore.subscribe,
      keep: keepAll,
    });
  });
  document.addEventListener("visibilitychange", hide);
  window.addEventListener("pagehide", leave);
  return () => {
    ended = true;
    saveNow();
    autosave?.stop();
    document.removeEventListener("visibilitychange", hide);
    window.removeEventListener("pagehide", leave);
  };
}
