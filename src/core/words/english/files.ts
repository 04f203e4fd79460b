/** What is said of files that are opened, and of tables that are read into the shelf. */
import type { Nested, Teller } from "../teller";

interface Cell {
  /** What stands in the cell. */
  readonly typed: string;
}

const TOO_LONG = {
  engine: "One of the figures",
  reader: "Reading a text",
  loom: "Drawing a fabric",
} as const;

const WHY_NOT_SAVED = {
  full: "This browser has no room for your projects.",
  denied: "This browser does not let Brenok keep anything; a private window may be why.",
  silent: "This browser’s storage does not answer, so your projects are not shown. Reload to try again.",
  newer:
    "A newer Brenok was used in this browser, so this one does not touch your projects. Reload to use the newer one.",
  failed: "This browser’s storage fails, so your projects are not shown. Reload to try again.",
} as const;

const SIZED: Readonly<Record<string, string>> = {
  string: "has fewer characters than",
  array: "has fewer parts than",
};

const KINDS_OF_PART: Readonly<Record<string, string>> = {
  number: "a number",
  int: "a whole number",
  string: "a text",
  boolean: "true or false",
  array: "a list",
  object: "an object",
  record: "an object",
};

export const files = {
  sizeLacksMeasure: () =>
    "A size is its name, a measure and a length, or the balls that the pattern asks for: one of them is missing.",
  sayWhatIsListed: () => "Write before the figures what they are: size, chest, width, length or balls.",
  listedTwice: () => "A line above tells the same of the sizes already: keep the one that you mean.",
  listsDiffer: ({ sizes, here }: { readonly sizes: number; readonly here: number }, { count }: Teller) =>
    `Here stand ${count(here, "size")}, and above ${count(sizes, "size")}: each line lists all of them.`,
  tooManySizes: ({ most }: { readonly most: number }) => `At most ${most} sizes stand side by side.`,
  sayTheSizes: (_given: undefined, { units }: Teller) =>
    `No sizes yet: one a line, as ${units === "metric" ? "S; 92 cm; 58 cm" : "S; 36 in; 23 in"}.`,

  fileTooLarge: () => "This file is over 5 MB: no project is that large.",
  linkCutOff: () =>
    "The link was cut off on its way, so nothing was opened. Send it again, or send the file.",
  linkHoldsNoProject: ({ why }: { readonly why: Nested }, { tell }: Teller) =>
    `The link holds no project, so nothing was opened. ${tell(why)}`,
  /** Events of the log that came from another device. */
  rowsJoined: ({ events }: { readonly events: number }, { count }: Teller) =>
    events === 0
      ? "Nothing new came: all of it was here already"
      : `${count(events, "entry")} of the log came in`,
  notABackup: () =>
    "This is no backup of Brenok, or it was cut off on its way: nothing was changed. A backup is a zip file that Brenok has saved.",
  newerBackup: () => "This backup was saved by a newer Brenok. Update Brenok, then restore from it.",
  handCannotBe: () => "These figures cannot be what projects told of a hand: the file is damaged.",
  namedTwice: ({ name }: { readonly name: string }) =>
    `Two things of one kind have the name “${name}” in this file: give one of them another.`,
  notJson: () => "This is not a project file: it is not JSON.",
  notBrenok: ({ format }: { readonly format: string }) =>
    `This is not a Brenok project: it does not say "format": "${format}".`,
  newerBrenok: ({ version, reads }: { readonly version: number; readonly reads: number }) =>
    `This project was saved by a newer Brenok (version ${version}; this one reads ${reads}). Update Brenok, then open it again.`,
  invalidPart: ({ path, why }: { readonly path: string; readonly why: Nested }, { tell }: Teller) =>
    `A part of the file cannot be: ${path ? `${path} ` : "it "}${tell(why)}.`,
  /** The first fault of a file that has more of them. */
  invalidParts: ({ first, more }: { readonly first: Nested; readonly more: number }, { tell }: Teller) =>
    `${tell(first)} ${more === 1 ? "Another part" : `${more} more parts`} cannot be either.`,
  partMissing: () => "is missing",
  partTooSmall: ({ least, what }: { readonly least: number; readonly what: string }) =>
    `${SIZED[what] ?? "is under"} ${least}`,
  partTooLarge: ({ most, what }: { readonly most: number; readonly what: string }) =>
    `${what === "string" ? `is longer than ${most} characters` : what === "array" ? `has more than ${most} parts` : `is over ${most}`}`,
  partOfOtherKind: ({ wanted }: { readonly wanted: string }) =>
    `must be ${KINDS_OF_PART[wanted] ?? "something else"}`,
  partNoneOf: ({ options }: { readonly options: readonly string[] }) =>
    options.length === 1 ? `must be “${options[0]}”` : `is none of ${options.join(", ")}`,
  partUnknown: ({ keys }: { readonly keys: readonly string[] }) =>
    `has a part that no file has: ${keys.join(", ")}`,
  partWrittenWrongly: () => "is not written as it must be",
  lastProjectNotRead: ({ why }: { readonly why: Nested }, { tell }: Teller) =>
    `Your last project could not be read, so the demo is open. Nothing is thrown away: see Your projects. ${tell(why)}`,
  lastChangeNotRead: () =>
    "The last change of your project was damaged, so it is open as it was before that. What is damaged is set aside under Your projects.",
  shelfNotRead: ({ why }: { readonly why: Nested }, { tell }: Teller) =>
    `Your shelf could not be read, so the demo’s is shown. Nothing is thrown away: see Your projects. ${tell(why)}`,
  shelfCannotBe: () => "It is no shelf that this Brenok can read.",
  keptTextDamaged: () => "It does not stand as it was written.",
  /** Two tabs have changed what cannot be put together. */
  tabsClash: () =>
    "Another tab made a change that conflicts with yours. Yours was saved; the other is among the former states, under Your projects.",
  /** Work of one kind that was stopped, because it did not come to an end. */
  tookTooLong: ({ worker }: { readonly worker: "engine" | "reader" | "loom" }) =>
    `${TOO_LONG[worker]} took too long and was stopped. The rest goes on, and your project is safe.`,
  partNotLoaded: () =>
    "A part of Brenok could not be loaded. Your project is safe: reload the page when the network is there again.",
  nothingIsSaved: ({ why }: { readonly why: keyof typeof WHY_NOT_SAVED }) =>
    `${WHY_NOT_SAVED[why]} What you do now is not saved: save your project to a file before you leave.`,
  cellNotANumber: ({ typed }: Cell) => `“${typed}” is not a number.`,
  cellOutside: ({ typed, least, most }: Cell & { readonly least: number; readonly most: number }) =>
    `“${typed}” is not between ${least} and ${most}.`,
  cellNotWhole: ({ typed }: Cell) => `“${typed}” is not a whole number.`,
  cellTooLong: ({ most }: { readonly most: number }) => `It is longer than ${most} characters.`,
  cellNoneOf: ({ typed, all }: Cell & { readonly all: readonly string[] }) =>
    `“${typed}” is none of ${all.join(", ")}.`,
  cellNotAColour: ({ typed }: Cell) => `“${typed}” is not a colour: write it as #a3372b.`,
  cellNotMasses: ({ typed }: Cell) => `“${typed}” are not weights in g: write them as 32; 14.`,
  cellNotReserved: ({ typed }: Cell) => `“${typed}” is not written as 3 for Harrow slipover.`,
  yarnWithoutName: () => "It has no name of a yarn.",
  halfAPutUp: () => "It has only one of the ball’s weight and length.",
  entryNotRead: ({ why }: { readonly why: string | null }) => why ?? "It cannot be read.",
  openQuotation: () => "A quotation mark opens here and never closes.",
  tooManyCells: ({ cells, head }: { readonly cells: number; readonly head: number }) =>
    `It has ${cells} cells where the head has ${head}.`,
} as const;
