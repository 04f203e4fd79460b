/** The shelf: the yarns and balls that a knitter or a small shop has. One entry is one yarn in one dye lot. */
import * as z from "zod/mini";
import { COUNTS } from "./bounds";
import { labelSchema } from "./label";
import { count, money, words } from "./boundedNumbers";

const SHELF_FORMAT = "brenok-shelf";
export const SHELF_VERSION = 1;
/** More yarns than this are a warehouse. */
export const MOST_ENTRIES = 20_000;

export const entrySchema = z.strictObject({
  id: words(64),
  label: labelSchema,
  /** Dye lot; empty where nobody knows. */
  lot: z._default(words(60), ""),
  balls: z._default(count(COUNTS.balls), 0),
  /** Balls that were begun, by what is left of each. */
  partsG: z._default(z.array(z.number().check(z.minimum(0.1), z.maximum(2000))).check(z.maxLength(40)), []),
  /** Of one ball, in the money that the knitter pays with. */
  price: z._default(z.nullable(money), null),
  place: z._default(words(120), ""),
  notes: z._default(words(2000), ""),
  /** Whole balls that are reserved for a project. */
  reserved: z._default(
    z.array(z.strictObject({ project: words(120), balls: count(COUNTS.balls) })).check(z.maxLength(40)),
    [],
  ),
});

export type ShelfEntry = z.infer<typeof entrySchema>;

const shelfSchema = z.strictObject({
  format: z.literal(SHELF_FORMAT),
  version: z.literal(SHELF_VERSION),
  /** True for the shelf that comes with Brenok, until something is put on it or taken off. */
  demo: z.boolean(),
  entries: z.array(entrySchema).check(z.maxLength(MOST_ENTRIES)),
});

export type Shelf = z.infer<typeof shelfSchema>;

export const emptyShelf = (): Shelf => ({
  format: SHELF_FORMAT,
  version: SHELF_VERSION,
  demo: false,
  entries: [],
});

/** Checks a value that should be a shelf, as it comes from the browser's storage; null where it is none. */
export function checkShelf(found: unknown): Shelf | null {
  const checked = shelfSchema.safeParse(found);
  return checked.success ? checked.data : null;
}

/** An entry about which nothing is known yet. */
export const newEntry = (id: string, given: Partial<ShelfEntry> = {}): ShelfEntry => ({
  id,
  label: labelSchema.parse({ name: "A yarn", colour: "#8a7b5c", putUp: null }),
  lot: "",
  balls: 1,
  partsG: [],
  price: null,
  place: "",
  notes: "",
  reserved: [],
  ...given,
});

/** Whole balls of an entry that are reserved for other projects than this one. */
export const reservedElsewhere = ({ reserved }: Pick<ShelfEntry, "reserved">, project: string) =>
  reserved.reduce((sum, one) => (one.project === project ? sum : sum + one.balls), 0);

/** What an entry holds in all, whole balls and parts; null without a put-up. */
export function heldIn({ label, balls, partsG }: ShelfEntry) {
  if (!label.putUp) return null;
  const massG = balls * label.putUp.massG + partsG.reduce((sum, part) => sum + part, 0);
  return { massG, lengthM: (massG * label.putUp.lengthM) / label.putUp.massG };
}

/** The shelf when a project has got another name: what was reserved for it goes with it. */
export function withProjectRenamed(shelf: Shelf, from: string, to: string): Shelf {
  const isOf = ({ reserved }: ShelfEntry) => reserved.some(({ project }) => project === from);
  if (from === to || !shelf.entries.some(isOf)) return shelf;
  const moved = (entry: ShelfEntry): ShelfEntry => {
    const own = entry.reserved.filter(({ project }) => project === from || project === to);
    const others = entry.reserved.filter((one) => !own.includes(one));
    const balls = own.reduce((sum, one) => sum + one.balls, 0);
    return { ...entry, reserved: [...others, { project: to, balls }] };
  };
  return { ...shelf, entries: shelf.entries.map((entry) => (isOf(entry) ? moved(entry) : entry)) };
}
