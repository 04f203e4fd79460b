/** Keeping every change of what is open, and taking up what other tabs have kept of it. */
import { mergedProjects, mergedShelves } from "@/core/merge/projects";
import { emptyProject, type Project } from "@/core/project/project";
import type { Shelf } from "@/core/project/shelf";
import { say, type Message } from "@/core/words/message";
import { takeForeign, useProjectStore } from "../project/projectStore";
import { runAutosave, saveNow, startAutosave, type Autosave } from "./autosave";
import { joinTabs, type Channel } from "./channel";
import { forgetProject, projects, recordOf, SHELF_RECORD, shelves } from "./keeper";
import { nowOpen } from "./openHere";
import { reasonOf, versionOf } from "./records";
import { setDown } from "./states";

type Tell = (word: Message) => void;

const state = () => useProjectStore.getState();

/** Projects that were left for another one, and have still to be kept. */
const left = new Set<Project>();
/** Demos and empty projects as they were opened: as long as nothing is done to one it goes when it is left. */
const untouched = new WeakSet<Project>();

/** Another project is open than before: what was changed in the former is still to be kept. */
function changedOver(from: Project, to: Project) {
  left.add(from);
  nowOpen(to.id);
  const isNew = projects.versionOf(recordOf(to.id)) === 0;
  if (isNew && (to.demo || to.name === emptyProject().name)) untouched.add(to);
}

/** Whether nobody, in whatever tab, has done anything to a project since it was opened here. */
const isUntouched = async (project: Project) =>
  untouched.has(project) && (await versionOf(recordOf(project.id))) <= 1;

/** Keeps what was left. Gives why one of them could not be kept; null where all were. */
async function keepLeft(tabs: Channel): Promise<unknown> {
  let failed: unknown = null;
  for (const project of left) {
    const of = recordOf(project.id);
    try {
      if (await isUntouched(project)) await forgetProject(project.id);
      else if (!projects.isKept(of, project)) {
        await projects.keep(of, project);
        tabs.tell(of);
      }
      left.delete(project);
    } catch (error) {
      failed = error;
      // That will not be otherwise however often it is tried.
      if (reasonOf(error) === "newer") left.delete(project);
    }
  }
  return failed;
}

const isKept = () => {
  const { project, shelf } = state();
  return (
    left.size === 0 && projects.isKept(recordOf(project.id), project) && shelves.isKept(SHELF_RECORD, shelf)
  );
};

let asked = false;

/** Asks the browser, once something is kept, not to throw it away when it wants room. It says so on secure pages only. */
function askToStay() {
  if (asked) return;
  asked = true;
  if (typeof navigator === "undefined") return;
  const { storage } = navigator as Partial<Navigator>;
  void storage?.persist?.().catch(() => {});
}

/** Keeps what is there now, and takes in what other tabs have made of it meanwhile. */
async function keepAll(tabs: Channel, tell: Tell) {
  const failed = await keepLeft(tabs);
  const { project, shelf } = state();
  const of = recordOf(project.id);
  if (!projects.isKept(of, project)) {
    const { value, clash } = await projects.keep(of, project);
    // Before anything else: what is kept now is what this tab must hold.
    if (value !== project) takeInProject(project, value);
    tabs.tell(of);
    if (clash) tell(say("tabsClash"));
    askToStay();
  }
  if (!shelves.isKept(SHELF_RECORD, shelf)) {
    const { value } = await shelves.keep(SHELF_RECORD, shelf);
    if (value !== shelf) takeInShelf(shelf, value);
    tabs.tell(SHELF_RECORD);
  }
  if (failed) throw failed;
}

/** Gives whether it fits to what is open here. */
function takeInProject(base: Project, value: Project): boolean {
  if (state().project.id !== value.id) return true;
  const isBase = state().project === base;
  const fits = takeForeign({ part: "project", base, value, merge: mergedProjects });
  if (isBase) projects.regard(recordOf(value.id), state().project);
  return fits;
}

function takeInShelf(base: Shelf, value: Shelf) {
  const isBase = state().shelf === base;
  takeForeign({ part: "shelf", base, value, merge: mergedShelves });
  if (isBase) shelves.regard(SHELF_RECORD, state().shelf);
}

/** Takes up what another tab has kept of what is open here. */
async function takeNewer(of: string, tell: Tell) {
  const { project } = state();
  if (of === SHELF_RECORD) {
    const newer = await shelves.newer(of).catch(() => null);
    if (newer) takeInShelf(newer.base, newer.value);
  } else if (of === recordOf(project.id)) {
    const newer = await projects.newer(of).catch(() => null);
    if (!newer || takeInProject(newer.base, newer.value)) return;
    // What does not fit to what was changed here meanwhile gives way to it.
    await setDown(newer.value, Date.now()).catch(() => {});
    tell(say("tabsClash"));
  }
}

/** Keeps every change, and takes up what other tabs keep. The result ends it. */
export function keepGoing(tell: Tell): () => void {
  const tabs = joinTabs((of) => void autosave.between(() => takeNewer(of, tell)));
  const autosave: Autosave = startAutosave({
    subscribe: useProjectStore.subscribe,
    isKept,
    keep: () => keepAll(tabs, tell),
    whyNot: reasonOf,
  });
  runAutosave(autosave);
  nowOpen(state().project.id);
  const still = useProjectStore.subscribe(({ project }, { project: before }) => {
    if (project.id === before.id) return;
    changedOver(before, project);
    // Another tab may have gone on with the one that is opened again.
    void autosave.between(() => takeNewer(recordOf(project.id), tell));
  });
  return () => {
    void saveNow();
    still();
    runAutosave(null);
    autosave.stop();
    tabs.leave();
  };
}

/** The page goes away: whatever is not saved is written where writing takes no time, and saved too. */
export function leave() {
  const { project, shelf, ready } = state();
  if (!ready) return;
  for (const one of [...left, project]) if (!untouched.has(one)) projects.sayLast(recordOf(one.id), one);
  shelves.sayLast(SHELF_RECORD, shelf);
  void saveNow();
}
