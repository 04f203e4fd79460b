/** Former states of a project: one before each stretch of work, to be looked at and gone back to. */
import { checkProject, MOST_CHARACTERS } from "@/core/files/projectFile";
import type { Project } from "@/core/project/project";
import { pack, unpack } from "./packed";
import { keepState, lastStateOf, readStates } from "./records";

/** A stretch of work: what is changed within it is one state. */
const STRETCH_MS = 10 * 60_000;
const MOST_STATES = 20;

export interface FormerState {
  /** When the project was last so. */
  readonly at: number;
  readonly project: Project;
}

const lastAt = new Map<string, number>();

/** Sets a state down, to be gone back to; without the log, of which nothing is ever taken back. */
export async function setDown(project: Project, now: number): Promise<void> {
  lastAt.set(project.id, now);
  const packed = await pack(JSON.stringify({ ...project, log: [] }));
  await keepState({ project: project.id, at: now, packed }, MOST_STATES);
}

/** Sets down how a project was before what is done to it now, where a new stretch of work begins with that. */
export async function setDownBefore(project: Project, now: number): Promise<void> {
  const last = lastAt.get(project.id) ?? (await lastStateOf(project.id));
  if (last !== null && now - last < STRETCH_MS) return;
  await setDown(project, now);
}

/** All states of a project that can be read, the newest first. */
export async function formerStates(id: string): Promise<readonly FormerState[]> {
  const read = await Promise.all(
    (await readStates(id)).map(async ({ at, packed }) => {
      const text = await unpack(packed, MOST_CHARACTERS).catch(() => "null");
      const checked = checkProject(JSON.parse(text));
      return checked.ok ? [{ at, project: checked.project }] : [];
    }),
  );
  return read.flat().toReversed();
}
