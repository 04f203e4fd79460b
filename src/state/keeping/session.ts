/** From opening the page to leaving it: finds project and shelf, keeps them, follows other tabs, says what went wrong. */
import { mergedLogs } from "@/core/progress/merge";
import { say, type Message } from "@/core/words/message";
import type { Shelf } from "@/core/project/shelf";
import { arrive } from "./arrivals";
import { PROJECT_FRAGMENT } from "./fragment";
import { startAutosave, type Autosave } from "./autosave";
import { followProject } from "../engine/answer";
import { whenLost } from "../engine/workers";
import { begin, put, useProjectStore, type Kept } from "../project/projectStore";
import { findProject, findShelf, keepAll, keepAtOnce, lastWordOf, takeAsKept, type Found } from "./storage";
import { SETTINGS_KEY, useSettings } from "./settings";
import { joinTabs, takingUp, type KeptPart } from "./tabs";

type Tell = (word: Message) => void;

let autosave: Autosave<Kept> | undefined;

export const saveNow = () => autosave?.flush();

/** The page goes away: whatever is not saved is written where writing takes no time, and saved too. */
function leave() {
  const unsaved = autosave?.unsaved();
  if (unsaved) keepAtOnce(unsaved);
  saveNow();
}

/** Those parts that could be read. */
const partsOf = (found: Found | null, shelf: Shelf | null): Partial<Kept> => ({
  ...(found?.kind === "project" && { project: found.project }),
  ...(shelf && { shelf }),
});

/** Begins with the demo in place of what was not kept. */
async function beginDemo({ project, shelf }: Partial<Kept>) {
  const demo = await import("../project/demo");
  begin(project ?? demo.demoProject(), shelf ?? demo.demoShelf());
}

/** Opens what was kept last, or the demo. Gives a word for the user where something was amiss. */
async function takeUp(): Promise<Message | null> {
  try {
    const [found, shelf] = await Promise.all([findProject(), findShelf()]);
    const kept = partsOf(found, shelf);
    if (kept.project && kept.shelf) begin(kept.project, kept.shelf);
    else await beginDemo(kept);
    takeAsKept(kept);
    return found.kind === "unreadable" ? say("lastProjectNotRead", { why: found.message }) : null;
  } catch {
    await beginDemo({});
    return say("nothingIsSaved");
  }
}

/** What other tabs have kept of these parts; what cannot be read is left to them. */
async function readKept(parts: readonly KeptPart[]): Promise<Partial<Kept>> {
  const [found, shelf] = await Promise.all([
    parts.includes("project") ? findProject() : null,
    parts.includes("shelf") ? findShelf() : null,
  ]).catch(() => [null, null] as const);
  return partsOf(found, shelf);
}

/** What another tab has kept of this project, with the rows that were tapped here besides. */
function withOwnRows(kept: Partial<Kept>): Partial<Kept> {
  const { project } = useProjectStore.getState();
  if (!kept.project || kept.project.id !== project.id) return kept;
  const log = mergedLogs(kept.project.log, project.log);
  return log === kept.project.log ? kept : { ...kept, project: { ...kept.project, log: [...log] } };
}

/** Puts in place what another tab has kept, as a step that can be undone here too. */
function take(kept: Partial<Kept>, tell: Tell) {
  if (!kept.project && !kept.shelf) return;
  const { name } = useProjectStore.getState().project;
  takeAsKept(kept);
  const merged = withOwnRows(kept);
  if (merged === kept) autosave?.takeAsKept(() => put("another tab", kept));
  // Rows that the other tab had not heard of are kept, and told to it.
  else put("another tab", merged);
  if (kept.project && kept.project.name !== name)
    tell(say("otherTabOpened", { name: kept.project.name, before: name }));
}

/** Keeps every change, and takes up what other tabs keep. The result ends it. */
function keepGoing(tell: Tell): () => void {
  const others = takingUp({
    busy: () => autosave?.unsaved() !== null,
    read: readKept,
    take: (kept) => take(kept, tell),
  });
  const tabs = joinTabs(others.heard);
  const hearStorage = ({ key, newValue }: StorageEvent) => {
    const part = newValue === null ? null : lastWordOf(key);
    if (part) others.heard([part]);
    if (key === SETTINGS_KEY) void useSettings.persist.rehydrate();
  };
  window.addEventListener("storage", hearStorage);
  autosave = startAutosave({
    current: useProjectStore.getState,
    subscribe: useProjectStore.subscribe,
    keep: async (kept) => {
      const parts = await keepAll(kept);
      others.keptHere(parts);
      tabs.tell(parts);
    },
    rested: () => void others.goOn(),
  });
  return () => {
    saveNow();
    autosave?.stop();
    window.removeEventListener("storage", hearStorage);
    tabs.leave();
  };
}

/** Takes in the project that the address holds, if it does; the address is a plain one from then on. */
async function takeFromAddress(tell: Tell) {
  const { hash, pathname } = window.location;
  if (!hash.startsWith(PROJECT_FRAGMENT)) return;
  window.history.replaceState(null, "", pathname);
  const { readFragment } = await import("./link");
  const read = await readFragment(hash);
  if (!read.ok) return tell(read.message);
  const arrived = arrive(read.project);
  if (arrived.what !== "opened") tell(say("rowsJoined", { events: arrived.events }));
}

/** Starts the session; the result ends it. `tell` gets a word for the user. */
export function startSession(tell: Tell): () => void {
  let ended = false;
  let rest: (() => void) | undefined;
  void useSettings.persist.rehydrate();
  const hide = () => {
    if (document.visibilityState === "hidden") leave();
  };
  void takeUp().then((word) => {
    if (ended) return;
    if (word) tell(word);
    const keeping = keepGoing(tell);
    const following = followProject();
    const deaf = whenLost((worker, { silent }) =>
      tell(silent ? say("tookTooLong", { worker }) : say("partNotLoaded")),
    );
    const look = () => void takeFromAddress(tell);
    look();
    window.addEventListener("hashchange", look);
    rest = () => {
      window.removeEventListener("hashchange", look);
      following();
      deaf();
      keeping();
    };
  });
  document.addEventListener("visibilitychange", hide);
  window.addEventListener("pagehide", leave);
  return () => {
    ended = true;
    rest?.();
    document.removeEventListener("visibilitychange", hide);
    window.removeEventListener("pagehide", leave);
  };
}
