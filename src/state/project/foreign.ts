/**
 * What other tabs have done while states of this one lay in its history. A state that is gone back to is first brought
 * up to that, so that undo takes back what was done here and nothing else.
 */
import type { Project } from "@/core/project/project";
import type { Shelf } from "@/core/project/shelf";

interface Change<Value> {
  /** How it was, as both tabs knew it, and what the other one made of it. */
  readonly base: Value;
  readonly value: Value;
  /** Puts that together with what was done here; null where it does not fit together. */
  readonly merge: (base: Value, mine: Value, theirs: Value) => Value | null;
}

export type Foreign =
  ({ readonly part: "project" } & Change<Project>) | ({ readonly part: "shelf" } & Change<Shelf>);

type Parts = { readonly project?: Project; readonly shelf?: Shelf };

/** More than these are not remembered: a state from before them comes back without what they did. */
const MOST = 300;

/** Changes of other tabs, in their order; the first of them has the number `first`. */
let changes: readonly Foreign[] = [];
let first = 0;
/** Whether something was done here since the last of them, or was not kept yet when it came. */
let doneSince = true;

/** How many changes of other tabs a project or a shelf has in it. */
const has = new WeakMap<object, number>();

/** What stands in place from now on, and has all that other tabs have done in it. */
export function stands<Kept extends Parts>(kept: Kept): Kept {
  doneSince = true;
  for (const value of [kept.project, kept.shelf]) if (value) has.set(value, first + changes.length);
  return kept;
}

function remember(foreign: Foreign) {
  const last = changes.at(-1);
  // Changes of another tab that follow one another are one.
  if (!doneSince && last?.part === foreign.part)
    changes = [...changes.slice(0, -1), { ...foreign, base: last.base } as Foreign];
  else changes = [...changes, foreign];
  const over = Math.max(0, changes.length - MOST);
  changes = changes.slice(over);
  first += over;
}

/** A value with all that other tabs have done to it since it stood. */
function withAll<Part extends Foreign["part"], Value extends object>(part: Part, value: Value): Value {
  const from = Math.max(0, (has.get(value) ?? 0) - first);
  let now = value;
  for (const change of changes.slice(from)) {
    if (change.part !== part || !isOfOne(change, now)) continue;
    const merge = change.merge as (base: unknown, mine: unknown, theirs: unknown) => unknown;
    now = (merge(change.base, now, change.value) as Value | null) ?? now;
  }
  has.set(now, first + changes.length);
  return now;
}

/** A change of one project says nothing of another. */
const isOfOne = ({ part, base }: Foreign, value: object) =>
  part === "shelf" || ("id" in value && base.id === value.id);

/** A state that is gone back to or on to, with all that other tabs have done since it stood. */
export const caughtUp = ({ project, shelf }: Required<Parts>): Required<Parts> => ({
  project: withAll("project", project),
  shelf: withAll("shelf", shelf),
});

/**
 * What stands, which has everything before in it, with what another tab has done now; and whether the two fit together:
 * where they do not, what stands stays.
 */
export function withForeign(
  { project, shelf }: Required<Parts>,
  foreign: Foreign,
): { readonly now: Required<Parts>; readonly fits: boolean } {
  remember(foreign);
  const mine = foreign.part === "project" ? project : shelf;
  // Where all that was done here is in its base, the next one goes on from what it has made of that.
  doneSince = foreign.base !== mine;
  const merged =
    foreign.part === "project"
      ? foreign.merge(foreign.base, project, foreign.value)
      : foreign.merge(foreign.base, shelf, foreign.value);
  const now = { project, shelf, [foreign.part]: merged ?? mine };
  for (const value of Object.values(now)) has.set(value, first + changes.length);
  return { now, fits: merged !== null };
}
