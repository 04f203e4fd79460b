/** What an answer hangs on of a project: a change of anything else changes no figure, and nothing need be asked. */
import { sameReadings } from "../progress/places";
import type { Project } from "../project/project";
import type { QuestionId } from "./questions";

/** Parts that an answer hangs on. */
const PARTS = [
  "yarns",
  "pieces",
  "gauge",
  "needleMm",
  "swatchMm",
  "panels",
  "seams",
  "extras",
  "join",
  "certainty",
  "without",
  "swatches",
  "school",
  "hand",
  "asks",
] as const satisfies readonly (keyof Project)[];

/** What these things are called, and how they look, changes no figure. Swatches and panels are told of by their names. */
const WORDS: { readonly [Part in keyof Project]?: readonly string[] } = {
  yarns: ["name", "colour"],
  pieces: ["name"],
  extras: ["name"],
  panels: ["notes", "origin"],
};

/** Parts that a question hangs on beside the figures: it is asked anew when any of these changes too. */
export const HANGS_ON: { readonly [Id in QuestionId]: readonly (keyof Project)[] } = {
  answer: [],
  savings: [],
  sweep: [],
  rowGauge: [],
  nextMeasures: [],
  sizes: ["size"],
  rows: [],
  knit: ["yarns"],
  lasts: [],
  moved: [],
  burnDown: [],
  ballMap: ["log"],
  closing: [],
  finishing: ["pieces", "extras"],
  useUp: ["sizes", "typed"],
  order: ["order"],
  group: ["order", "size"],
  sides: ["size", "swap"],
  sizeTable: ["size", "sizes", "swap", "yarns"],
  why: ["swap", "order", "seams", "extras", "yarns"],
  rank: ["swap", "yarns"],
  ways: ["swap"],
};

type Thing = Readonly<Record<string, unknown>>;

const sameBut = (one: Thing, other: Thing, but: readonly string[]) =>
  one === other ||
  [...new Set([...Object.keys(one), ...Object.keys(other)])].every(
    (key) => one[key] === other[key] || but.includes(key),
  );

const samePart = (part: (typeof PARTS)[number], one: Project, other: Project) => {
  const [before, now] = [one[part], other[part]] as readonly unknown[];
  const words = WORDS[part];
  if (before === now) return true;
  if (!words || !Array.isArray(before) || !Array.isArray(now)) return false;
  return (
    before.length === now.length &&
    before.every((thing, index) => sameBut(thing as Thing, now[index] as Thing, words))
  );
};

/**
 * Whether two projects, of which one was made of the other, have the same figures; parts that are the same object are
 * not looked into. Of the log what was weighed and measured counts, and no row. Example: another name of a piece leaves
 * them, another count of its rows does not.
 */
export const sameFigures = (one: Project, other: Project): boolean =>
  PARTS.every((part) => samePart(part, one, other)) && sameReadings(one.log, other.log);

/** A part that has changed; of a list each thing that is still there by its place in the list before. */
type Change =
  { readonly value: unknown } | { readonly list: readonly (number | { readonly thing: unknown })[] };

/** What has changed of a project, part by part: small enough to be sent behind every keystroke. */
export type Changes = Readonly<Record<string, Change>>;

function changeOf(before: unknown, now: unknown): Change {
  if (!Array.isArray(before) || !Array.isArray(now)) return { value: now };
  const places = new Map(before.map((thing: unknown, place) => [thing, place]));
  return { list: now.map((thing: unknown) => places.get(thing) ?? { thing }) };
}

/** The parts of `now` that are not those of `before`. Example: a new name of the project is that name alone. */
export const changesOf = (before: Partial<Project>, now: Project): Changes =>
  Object.fromEntries(
    Object.entries(now).flatMap(([part, value]: [string, unknown]) => {
      const former = before[part as keyof Project];
      return former === value ? [] : [[part, changeOf(former, value)]];
    }),
  );

/** A project as it is after changes; whatever has not changed is the same object in both. */
export const withChanges = (before: Partial<Project>, changes: Changes): Project =>
  ({
    ...before,
    ...Object.fromEntries(
      Object.entries(changes).map(([part, change]) => {
        if ("value" in change) return [part, change.value];
        const former = before[part as keyof Project] as readonly unknown[];
        return [part, change.list.map((one) => (typeof one === "number" ? former[one] : one.thing))];
      }),
    ),
  }) as Project;

/**
 * A project with the figures of one that was made of it, and everything else as it is now; what its pattern asks for
 * stands as it was told.
 */
export const withFigures = (project: Project, from: Project): Project => ({
  ...project,
  ...Object.fromEntries(
    PARTS.filter((part) => part !== "asks").map((part) => {
      const [now, given] = [project[part], from[part]] as readonly unknown[];
      const words = WORDS[part];
      if (!words || !Array.isArray(now) || !Array.isArray(given)) return [part, given];
      return [part, given.map((thing) => worded(thing as Thing, now as readonly Thing[], words))];
    }),
  ),
});

/** A thing under the name that it has now. */
function worded(thing: Thing, all: readonly Thing[], words: readonly string[]): Thing {
  const now = all.find(({ id }) => id === thing.id);
  return now ? { ...thing, ...Object.fromEntries(words.map((word) => [word, now[word]])) } : thing;
}
