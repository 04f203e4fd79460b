/** What a backup holds: a list of its files, each with the sum of its text. */
import * as z from "zod/mini";
import { words } from "../project/boundedNumbers";
import { checksum } from "./checksum";

const BACKUP_FORMAT = "brenok-backup";
const VERSION = 1;
/** More than this no knitter has, and no page could hold. */
export const MOST_FILES = 5000;

const listed = z.strictObject({
  path: words(300),
  /** By `checksum`; null for what is no text. */
  sum: z.nullable(z.number()),
  archived: z._default(z.boolean(), false),
});

const manifestSchema = z.strictObject({
  format: z.literal(BACKUP_FORMAT),
  version: z.int().check(z.minimum(1)),
  /** In ms since 1970. */
  madeAt: z.number().check(z.minimum(0), z.maximum(1e14)),
  files: z.array(listed).check(z.maxLength(MOST_FILES)),
});

type Manifest = z.infer<typeof manifestSchema>;
export type ListedFile = z.infer<typeof listed>;

/** Where the list stands among the files. */
export const MANIFEST = "brenok-backup.json";
export const PATHS = {
  projects: "projects/",
  photos: "photos/",
  shelf: "shelf.json",
  settings: "settings.json",
  hand: "hand.json",
} as const;

export const listedText = (path: string, text: string, archived = false): ListedFile => ({
  path,
  sum: checksum(text),
  archived,
});

export const writeManifest = (madeAt: number, files: readonly ListedFile[]) =>
  `${JSON.stringify({ format: BACKUP_FORMAT, version: VERSION, madeAt, files }, null, 1)}\n`;

/** The list of a backup; "newer" where a newer Brenok made it, null where it is none. */
export function readManifest(text: string): Manifest | "newer" | null {
  let found: unknown;
  try {
    found = JSON.parse(text);
  } catch {
    return null;
  }
  const checked = manifestSchema.safeParse(found);
  const { format, version } = (found ?? {}) as Partial<Manifest>;
  if (format === BACKUP_FORMAT && typeof version === "number" && version > VERSION) return "newer";
  return checked.success ? checked.data : null;
}

/** Whether a text is as it was when the backup was made. */
export const isAsListed = ({ sum }: ListedFile, text: string) => sum === checksum(text);
