/** Project files: written as JSON, read with a check of every part, and a plain word where one is wrong. */
import { upToDate } from "./migrations";
import { FORMAT, VERSION, projectSchema, type Project } from "../project/project";

export type Opened =
  | { readonly ok: true; readonly project: Project }
  | { readonly ok: false; readonly message: string; readonly path: string };

const refused = (message: string, path = ""): Opened => ({ ok: false, message, path });

export const EXTENSION = ".brenok.json";
const MOST_CHARACTERS = 5_000_000;

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
 * Errors: too large, no JSON, no Brenok project, written by a newer Brenok, a part that cannot be, with
 * its path in the file.
 */
export function readProject(text: string): Opened {
  if (text.length > MOST_CHARACTERS) return refused("This file is over 5 MB: no project is that large.");
  let found: unknown;
  try {
    found = JSON.parse(text);
  } catch {
    return refused("This is not a project file: it is not JSON.");
  }
  return checkProject(found);
}

/** Checks a value that should be a project, as it comes from a file or from the browser's storage. */
export function checkProject(found: unknown): Opened {
  if (typeof found !== "object" || found === null || !("format" in found) || found.format !== FORMAT)
    return refused(`This is not a Brenok project: it does not say "format": "${FORMAT}".`);
  const version = "version" in found ? found.version : undefined;
  if (typeof version === "number" && version > VERSION)
    return refused(
      `This project was saved by a newer Brenok (version ${version}; this one reads ${VERSION}). Update Brenok, then open it again.`,
      "version",
    );
  const checked = projectSchema.safeParse(upToDate(found));
  if (checked.success) return { ok: true, project: checked.data };
  const [issue] = checked.error.issues;
  const path = issue?.path.join(".") ?? "";
  return refused(
    `The project has a part that is not valid: ${path || "file"}: ${issue?.message ?? "unreadable"}.`,
    path,
  );
}
