/** What this tab keeps and takes up: every project, and the shelf, each put together with what other tabs have kept. */
import { checkProject } from "@/core/files/projectFile";
import { mergedProjects, mergedShelves } from "@/core/merge/projects";
import type { Project } from "@/core/project/project";
import { checkShelf, SHELF_VERSION, type Shelf } from "@/core/project/shelf";
import { say, type Message } from "@/core/words/message";
import { cardOf } from "./cards";
import { forgetLast, lastWords, sayLast } from "./lastWords";
import {
  CannotKeep,
  forgetRecord,
  readRecord,
  readVersion,
  setAside,
  versionOf,
  writeRecord,
} from "./records";
import { setDown, setDownBefore } from "./states";

const SHELF = "shelf";
const PROJECT = "project ";

/** Under which name a project is kept; the shelf has a name that no project can have. */
export const recordOf = (project: string) => PROJECT + project;
export const SHELF_RECORD = SHELF;

/** What a text holds: the value, or why it is none; nothing that a newer Brenok has written is touched. */
type Reading<Value> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly newer: boolean; readonly message: Message };

/** What a text of JSON says; null where it is none. */
export function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

/** Reads a text; one that was checked by the same schema when it was kept is taken as it stands. */
type Read<Value> = (text: string, isChecked: boolean) => Reading<Value>;

function projectIn(text: string, isChecked: boolean): Reading<Project> {
  const found = parsed(text);
  if (isChecked && found !== null) return { ok: true, value: found as Project };
  const checked = checkProject(found);
  return checked.ok
    ? { ok: true, value: checked.project }
    : { ok: false, newer: checked.message.code === "newerBrenok", message: checked.message };
}

/** A shelf of a newer Brenok is known by its version. */
function shelfIn(text: string, isChecked: boolean): Reading<Shelf> {
  const found = parsed(text);
  if (isChecked && found !== null) return { ok: true, value: found as Shelf };
  const shelf = checkShelf(found);
  if (shelf) return { ok: true, value: shelf };
  const version = (found as { readonly version?: unknown } | null)?.version;
  return {
    ok: false,
    newer: typeof version === "number" && version > SHELF_VERSION,
    message: say("shelfCannotBe"),
  };
}

/** What is kept last of something, as this tab knows it: what it holds itself has grown out of that. */
interface Known<Value> {
  /** 0 where it is not kept yet. */
  readonly version: number;
  readonly value: Value;
}

/** What became of something that was kept. */
interface Kept<Value> {
  /** What is kept now: the very same, unless another tab had changed it too. */
  readonly value: Value;
  /** Both had changed what does not fit together: mine stands, and the other's is among the former states. */
  readonly clash: boolean;
}

/** What another tab has kept, and out of what both have grown. */
interface Newer<Value> {
  readonly base: Value;
  readonly value: Value;
}

type Found<Value> =
  | { readonly kind: "none" }
  | {
      readonly kind: "found";
      readonly value: Value;
      /** Whether a newer one was there that is damaged, and is set aside. */
      readonly damaged: boolean;
    }
  | { readonly kind: "unreadable" | "newer"; readonly message: Message };

type CardChange = NonNullable<Parameters<typeof writeRecord>[0]["card"]>;

/** Projects, or shelves: how they are read, put together and kept. */
class Drawer<Value extends object> {
  private readonly known = new Map<string, Known<Value>>();

  constructor(
    private readonly what: "project" | "shelf",
    private readonly read: Read<Value>,
    private readonly merge: (base: Value, mine: Value, theirs: Value) => Value | null,
    /** What else is done once it is kept. */
    private readonly also: {
      readonly card?: (value: Value) => CardChange;
      readonly before?: (value: Value) => Promise<void>;
      readonly clashed?: (theirs: Value) => Promise<void>;
    } = {},
  ) {}

  /** Whether this very value is kept, or need not be. */
  isKept = (of: string, value: Value) => this.known.get(of)?.value === value;

  versionOf = (of: string) => this.known.get(of)?.version ?? 0;

  /** What this tab holds is what is kept, though it may be another object. */
  regard(of: string, value: Value) {
    this.known.set(of, { version: this.versionOf(of), value });
  }

  forget = (of: string) => this.known.delete(of);

  async find(of: string): Promise<Found<Value>> {
    const { text, version, checked, damaged } = await readRecord(of);
    if (damaged !== null) await setAside(this.what, damaged, Date.now());
    if (text === null)
      return damaged === null ? { kind: "none" } : { kind: "unreadable", message: say("keptTextDamaged") };
    const reading = this.read(text, checked);
    if (reading.ok) {
      this.known.set(of, { version, value: reading.value });
      return { kind: "found", value: reading.value, damaged: damaged !== null };
    }
    const { newer, message } = reading;
    if (!newer) await setAside(this.what, text, Date.now());
    return { kind: newer ? "newer" : "unreadable", message };
  }

  /** Keeps a value. Rejects with `CannotKeep` where that cannot be; then it counts as not kept. */
  async keep(of: string, value: Value): Promise<Kept<Value>> {
    const before = this.known.get(of);
    if (before?.value === value) return { value, clash: false };
    let kept = value;
    let theirs: Value | null = null;
    const text = JSON.stringify(value);
    const { version } = await writeRecord({
      of,
      from: before?.version ?? 0,
      text,
      ...(this.also.card && { card: this.also.card(value) }),
      merge: (stored, checked) => {
        const reading = this.read(stored, checked);
        // A newer Brenok has been here: what it wrote is not for this one to change.
        if (!reading.ok && reading.newer) throw new CannotKeep("newer");
        if (!reading.ok) return text;
        const merged = this.merge(before?.value ?? reading.value, value, reading.value);
        if (!merged || !before) theirs = reading.value;
        kept = merged ?? value;
        return JSON.stringify(kept);
      },
    });
    this.known.set(of, { version, value: kept });
    forgetLast(of);
    const clash = theirs !== null;
    // Former states are a help: nobody waits for one to be kept, and one that could not be undoes nothing.
    if (before && before.version > 0) void this.also.before?.(before.value).catch(() => {});
    if (theirs) void this.also.clashed?.(theirs).catch(() => {});
    return { value: kept, clash };
  }

  /** What another tab has kept since; null where that is nothing, or cannot be read. */
  async newer(of: string): Promise<Newer<Value> | null> {
    const before = this.known.get(of);
    if (!before || (await versionOf(of)) === before.version) return null;
    const { text, version, checked } = await readRecord(of);
    const reading = text === null || version <= before.version ? null : this.read(text, checked);
    if (!reading?.ok) return null;
    this.known.set(of, { version, value: reading.value });
    return { base: before.value, value: reading.value };
  }

  /** Writes what is not kept where writing takes no time, since the page goes away. */
  sayLast(of: string, value: Value) {
    if (!this.isKept(of, value)) sayLast(of, { from: this.versionOf(of), text: JSON.stringify(value) });
  }

  /** Brings in what was said when a page went away, on top of what was kept. */
  async takeLast({ of, from, text }: { readonly of: string; readonly from: number; readonly text: string }) {
    const word = this.read(text, false);
    if (!word.ok) return;
    const base = from > 0 ? await readVersion(of, from) : null;
    const reading = base === null ? null : this.read(base, false);
    if (reading?.ok) this.known.set(of, { version: from, value: reading.value });
    await this.keep(of, word.value);
  }
}

export const projects = new Drawer<Project>("project", projectIn, mergedProjects, {
  card: (project) => (before) => cardOf(project, before, Date.now()),
  before: (project) => setDownBefore(project, Date.now()),
  clashed: (theirs) => setDown(theirs, Date.now()),
});

export const shelves = new Drawer<Shelf>("shelf", shelfIn, mergedShelves);

/** Brings in all last words. */
export async function takeLastWords(): Promise<void> {
  for (const word of lastWords()) {
    await (word.of === SHELF ? shelves.takeLast(word) : projects.takeLast(word));
    forgetLast(word.of);
  }
}

/** Forgets a project altogether. */
export async function forgetProject(id: string): Promise<void> {
  projects.forget(recordOf(id));
  await forgetRecord(recordOf(id), id);
}
