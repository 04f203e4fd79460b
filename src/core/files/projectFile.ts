/** Project files: written as JSON, read with a check of every part, and a plain word where one is wrong. */
import { say, type Message } from "../words/message";
import { faultsOf, type Fault } from "./faults";
import { upToDate } from "./migrations";
import { FORMAT, VERSION, projectSchema, type Project } from "../project/project";

export type Opened =
  | { readonly ok: true; readonly project: Project }
  | {
      readonly ok: false;
      readonly message: Message;
      /** Every fault with its place. */
      readonly faults: readonly Fault[];
    };

const refused = (message: Message, path = ""): Opened => ({
  ok: false,
  message,
  faults: [{ path, message }],
});

export const EXTENSION = ".brenok.json";
export const MOST_CHARACTERS = 5_000_000;

/** The file of a project. Example: reading it again gives the same project. */
export const writeProject = (project: Project) => `${JSON.stringify(project, null, 2)}\n`;

/** A file name from the project's name. Example: "Harrow slipover" is "harrow-slipover.brenok.json". */
export const fileNameOf = ({ name }: Project) => `${fileStem(name) || "project"}${EXTENSION}`;

/** A name as a part of a file's name. Example: "Rope of 4, left" is "rope-of-4-left". */
export const fileStem = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, "-")
    .replace(/^-|-$/g, "");

/**
 * Reads the text of a project file.
 * Errors: too large, no JSON, no Brenok project, written by a newer Brenok, parts that cannot be, with
 * their paths in the file.
 */
export function readProject(text: string): Opened {
  if (text.length > MOST_CHARACTERS) return refused(say("fileTooLarge"));
  let found: unknown;
  try {
    found = JSON.parse(text);
  } catch {
    return refused(say("notJson"));
  }
  return checkProject(found);
}

type Named = readonly { readonly id: string }[];

/** What has the name of another thing of its kind: it would be answered twice, or in its place. Null where nothing has. */
function namedTwice(project: Project): { readonly name: string; readonly path: string } | null {
  const { yarns, pieces, panels, swatches, seams, extras, log } = project;
  const lists: readonly (readonly [path: string, list: Named])[] = [
    ...Object.entries({ yarns, pieces, panels, swatches, seams, extras, log }),
    ...pieces.map(({ sections }, index) => [`pieces.${index}.sections`, sections] as const),
  ];
  for (const [path, list] of lists) {
    const seen = new Set<string>();
    for (const [index, { id }] of list.entries()) {
      if (seen.has(id)) return { name: id, path: `${path}.${index}.id` };
      seen.add(id);
    }
  }
  return null;
}

/** Checks a value that should be a project, as it comes from a file or from the browser's storage. */
export function checkProject(found: unknown): Opened {
  if (typeof found !== "object" || found === null || !("format" in found) || found.format !== FORMAT)
    return refused(say("notBrenok", { format: FORMAT }));
  const version = "version" in found ? found.version : undefined;
  if (typeof version === "number" && version > VERSION)
    return refused(say("newerBrenok", { version, reads: VERSION }), "version");
  const checked = projectSchema.safeParse(upToDate(found));
  if (checked.success) {
    const twice = namedTwice(checked.data);
    return twice
      ? refused(say("namedTwice", { name: twice.name }), twice.path)
      : { ok: true, project: checked.data };
  }
  const faults = faultsOf(checked.error.issues, found);
  const [first, ...others] = faults;
  const message = first?.message ?? say("notJson");
  const more = others.length;
  return { ok: false, message: more > 0 ? say("invalidParts", { first: message, more }) : message, faults };
}
