/** A copy of everything that is kept in this browser, as one file; and what comes back from it. */
import { strFromU8, strToU8, unzipSync, Zip, ZipDeflate, ZipPassThrough, type UnzipFileInfo } from "fflate";
import {
  isAsListed,
  listedText,
  MANIFEST,
  MOST_FILES,
  PATHS,
  readManifest,
  writeManifest,
  type ListedFile,
} from "@/core/files/backup";
import { writeHand } from "@/core/files/handFile";
import { fileStem, readProject, writeProject } from "@/core/files/projectFile";
import { same } from "@/core/merge/values";
import { mergedLogs } from "@/core/progress/merge";
import type { Project } from "@/core/project/project";
import { checkShelf, type Shelf } from "@/core/project/shelf";
import { say, type Message } from "@/core/words/message";
import { put, replace, useProjectStore } from "../project/projectStore";
import { saveNow } from "./autosave";
import { differing, type DifferingPart } from "./differing";
import { keptProject } from "./home";
import { parsed, projects, recordOf } from "./keeper";
import { useKnitterHand } from "./knitterHand";
import { backedUpNow } from "./lastBackup";
import { photoNames, photoOf, putBack } from "./photos";
import { allCards, changeCard } from "./records";
import { takeHandFile } from "./remember";
import { useSettings } from "./settings";
import { setDown } from "./states";

/** Lets the page draw, and hears whether it is to stop. */
async function breath(stopped: AbortSignal) {
  await new Promise((resolve) => setTimeout(resolve, 0));
  stopped.throwIfAborted();
}

/** How far something long is, in files. */
type TellHowFar = (done: number, of: number) => void;

export interface Made {
  readonly file: Blob;
  readonly projects: number;
  /** Names of projects that could not be read, and so are not in it. */
  readonly leftOut: readonly string[];
}

/** Everything that is kept, in one file. Rejects when `stopped`, or where the storage cannot be read. */
export async function makeBackup(now: number, tell: TellHowFar, stopped: AbortSignal): Promise<Made> {
  await saveNow();
  const cards = (await allCards()).filter(({ goneAt }) => goneAt === null);
  const names = await photoNames().catch(() => []);
  const all = cards.length + names.length + 1;
  const parts: Uint8Array<ArrayBuffer>[] = [];
  const zip = new Zip((error, data) => {
    if (error) throw error;
    parts.push(data as Uint8Array<ArrayBuffer>);
  });
  const listed: ListedFile[] = [];
  const add = (path: string, text: string, archived = false) => {
    const file = new ZipDeflate(path);
    zip.add(file);
    file.push(strToU8(text), true);
    if (path !== MANIFEST) listed.push(listedText(path, text, archived));
  };
  const leftOut: string[] = [];
  let done = 0;
  for (const { id, name, archived } of cards) {
    const project = await keptProject(id).catch(() => null);
    if (!project) leftOut.push(name);
    else
      add(
        `${PATHS.projects}${fileStem(name).slice(0, 60)}-${done + 1}.brenok.json`,
        writeProject(project),
        archived,
      );
    tell((done += 1), all);
    await breath(stopped);
  }
  for (const id of names) {
    const photo = await photoOf(id);
    const path = `${PATHS.photos}${encodeURIComponent(id)}.jpg`;
    if (photo) {
      const file = new ZipPassThrough(path);
      zip.add(file);
      file.push(new Uint8Array(await photo.arrayBuffer()), true);
      listed.push({ path, sum: null, archived: false });
    }
    tell((done += 1), all);
    await breath(stopped);
  }
  add(PATHS.shelf, JSON.stringify(useProjectStore.getState().shelf));
  add(PATHS.settings, JSON.stringify(useSettings.getState()));
  add(PATHS.hand, writeHand(useKnitterHand.getState()));
  add(MANIFEST, writeManifest(now, listed));
  zip.end();
  backedUpNow(now);
  return {
    file: new Blob(parts, { type: "application/zip" }),
    projects: cards.length - leftOut.length,
    leftOut,
  };
}

/** A project of a backup beside what is here. */
export interface BackedUp {
  readonly project: Project;
  readonly archived: boolean;
  /** Not here; here and the same; or here in another state. */
  readonly here: "not" | "same" | "other";
  /** In which parts the two states differ, and rows that are in the backup alone. */
  readonly differs: readonly DifferingPart[];
  readonly events: number;
}

export interface Backup {
  readonly madeAt: number;
  readonly projects: readonly BackedUp[];
  /** Null where there is none, or it is the same as here. */
  readonly shelf: Shelf | null;
  readonly settings: Readonly<Record<string, unknown>> | null;
  readonly hand: string | null;
  readonly photos: readonly { readonly id: string; readonly photo: Blob }[];
  /** Files that are listed and could not be read. */
  readonly damaged: readonly string[];
}

type Read =
  { readonly ok: true; readonly backup: Backup } | { readonly ok: false; readonly message: Message };

/** No file of a backup is larger, and no backup holds more. */
const MOST_OF_ONE = 30_000_000;
const MOST_OF_ALL = 600_000_000;

/** What is in a zip file by name; sizes are looked at before anything is unpacked. Throws where it is none. */
function unpacked(bytes: Uint8Array, wanted: (file: UnzipFileInfo) => boolean) {
  let [files, size] = [0, 0];
  return unzipSync(bytes, {
    filter: (file) => {
      if (file.originalSize > MOST_OF_ONE || !wanted(file)) return false;
      files += 1;
      size += file.originalSize;
      return files <= MOST_FILES && size <= MOST_OF_ALL;
    },
  });
}

/** A project of a backup, and how it stands to what is kept here. */
async function besideHere(project: Project, archived: boolean): Promise<BackedUp> {
  const here = project.id === "" ? null : await keptProject(project.id).catch(() => null);
  if (!here) return { project, archived, here: "not", differs: [], events: 0 };
  const differs = differing(here, project);
  const events = mergedLogs(here.log, project.log).length - here.log.length;
  return { project, archived, here: differs.length + events > 0 ? "other" : "same", differs, events };
}

function settingsIn(text: string): Backup["settings"] {
  const found = parsed(text);
  return typeof found === "object" && found !== null ? (found as Record<string, unknown>) : null;
}

/** Reads a backup and says what would come of it; nothing is changed. Errors: no backup, of a newer Brenok, damaged. */
export async function readBackup(file: Blob, tell: TellHowFar, stopped: AbortSignal): Promise<Read> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let manifest: ReturnType<typeof readManifest>;
  try {
    const { [MANIFEST]: text } = unpacked(bytes, ({ name }) => name === MANIFEST);
    manifest = text ? readManifest(strFromU8(text)) : null;
  } catch {
    manifest = null;
  }
  if (manifest === null) return { ok: false, message: say("notABackup") };
  if (manifest === "newer") return { ok: false, message: say("newerBackup") };
  const damaged: string[] = [];
  const found: BackedUp[] = [];
  const photos: { id: string; photo: Blob }[] = [];
  const texts = new Map<string, string>();
  let done = 0;
  for (const listed of manifest.files) {
    const bytesOf = contentOf(bytes, listed.path);
    const text = bytesOf && listed.sum !== null ? strFromU8(bytesOf) : null;
    if (!bytesOf || (text !== null && !isAsListed(listed, text))) damaged.push(listed.path);
    else if (text === null) {
      const id = decodeURIComponent(listed.path.slice(PATHS.photos.length).replace(/\.jpg$/, ""));
      photos.push({ id, photo: new Blob([bytesOf as Uint8Array<ArrayBuffer>], { type: "image/jpeg" }) });
    } else if (listed.path.startsWith(PATHS.projects)) {
      const opened = readProject(text);
      if (opened.ok) found.push(await besideHere(opened.project, listed.archived));
      else damaged.push(listed.path);
    } else texts.set(listed.path, text);
    tell((done += 1), manifest.files.length);
    await breath(stopped);
  }
  const shelf = checkShelf(settingsIn(texts.get(PATHS.shelf) ?? ""));
  const here = useProjectStore.getState().shelf;
  const hand = texts.get(PATHS.hand) ?? null;
  const backup = {
    madeAt: manifest.madeAt,
    projects: found,
    shelf: shelf && !same(shelf, here) ? shelf : null,
    settings: settingsIn(texts.get(PATHS.settings) ?? ""),
    hand: hand === writeHand(useKnitterHand.getState()) ? null : hand,
    photos,
    damaged,
  };
  return { ok: true, backup };
}

/** The content of one file of a zip; null where it is missing or damaged. */
function contentOf(bytes: Uint8Array, path: string): Uint8Array | null {
  try {
    return unpacked(bytes, ({ name }) => name === path)[path] ?? null;
  } catch {
    return null;
  }
}

/** What of a backup is to come in. */
export interface Wanted {
  readonly projects: readonly BackedUp[];
  readonly shelf: boolean;
  readonly settings: boolean;
  readonly hand: boolean;
}

/** Settings as they were; what today's Brenok does not know is left. */
function takeSettings(settings: Readonly<Record<string, unknown>>) {
  const now = useSettings.getState();
  const known = Object.entries(now).filter(
    ([key, value]) => key in settings && typeof settings[key] === typeof value,
  );
  useSettings.setState(Object.fromEntries(known.map(([key]) => [key, settings[key]])));
}

/** Brings one project back: what is here goes among its former states, and the rows of both are put together. */
async function takeProject({ project, archived, here }: BackedUp) {
  const open = useProjectStore.getState().project;
  const of = recordOf(project.id);
  if (here === "not") await projects.keep(of, project);
  else {
    const now = await keptProject(project.id);
    if (!now) return;
    await setDown(now, Date.now());
    const back = { ...project, log: [...mergedLogs(now.log, project.log)] };
    if (open.id === project.id) replace("restore", back);
    else await projects.keep(of, back);
  }
  if (archived) await changeCard(project.id, (card) => ({ ...card, archived }));
}

/** Brings back what is wanted of a backup. Undo takes back what happened to the open project and the shelf. */
export async function takeBackup(backup: Backup, wanted: Wanted, tell: TellHowFar): Promise<Message | null> {
  await saveNow();
  const all = wanted.projects.length + backup.photos.length;
  let done = 0;
  for (const one of wanted.projects) {
    await takeProject(one);
    tell((done += 1), all);
  }
  if (wanted.projects.length > 0)
    for (const { id, photo } of backup.photos) {
      await putBack(id, photo).catch(() => {});
      tell((done += 1), all);
    }
  if (wanted.shelf && backup.shelf) put("restore shelf", { shelf: backup.shelf });
  if (wanted.settings && backup.settings) takeSettings(backup.settings);
  await saveNow();
  return wanted.hand && backup.hand !== null ? takeHandFile(backup.hand) : null;
}
