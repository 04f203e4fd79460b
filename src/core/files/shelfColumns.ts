/** The columns of a shelf as a table of text: how each is called, written and read. */
import type { z } from "zod";
import { plain } from "../units/format";
import { read, unread, type Reading } from "../units/reading";
import { YARN_CLASSES } from "../yarn/classes";
import { readPutUp, type PutUp } from "../yarn/putUp";
import { DYED, type YarnLabel } from "./label";
import type { entrySchema, ShelfEntry } from "./shelf";

/** An entry while it is being read: what is not said is what is usual. */
export interface Draft {
  label: Partial<z.input<typeof entrySchema>["label"]> & { putUpMassG?: number; putUpLengthM?: number };
  entry: Partial<Omit<ShelfEntry, "label" | "id">>;
}

interface Column {
  /** As it stands at the head when the shelf is written. */
  readonly name: string;
  /** Other names by which it is known, in small letters. */
  readonly known: readonly string[];
  readonly write: ((entry: ShelfEntry) => string) | null;
  /** Takes a cell that is not empty into a draft; or says what is wrong with it. */
  readonly take: (text: string, draft: Draft) => string | null;
}

/** A number as tables hold it: "12.5", "12,5", "1 200", "£ 7.90". */
export function readCell(text: string): Reading<number> {
  const bare = text.replace(/[\p{Sc}\s\u00a0']|[a-z]+\.?$/giu, "");
  const [whole, point] = [bare.replace(",", ""), bare.replace(",", ".")];
  if (/^\d{1,3},\d{3}$/.test(bare))
    return unread(`“${text}” can mean ${whole} or ${point}: write one of these.`);
  const both = /^-?\d{1,3}(?:([.,])\d{3})+([.,])\d+$/.exec(bare);
  const digits =
    both && both[1] !== both[2]
      ? bare.replaceAll(both[1] ?? "", "").replace(",", ".")
      : bare.replace(",", ".");
  return /^-?\d*\.?\d+$/.test(digits) ? read(Number(digits)) : unread(`“${text}” is no number.`);
}

type Take = Column["take"];

/** A number within bounds, put where it belongs. */
const number =
  (
    [least, most]: readonly [number, number],
    put: (draft: Draft, value: number) => void,
    { whole = false }: { whole?: boolean } = {},
  ): Take =>
  (text, draft) => {
    const reading = readCell(text);
    if (!reading.ok) return reading.message;
    if (reading.value < least || reading.value > most)
      return `“${text}” is not between ${least} and ${most}.`;
    if (whole && !Number.isInteger(reading.value)) return `“${text}” is no whole number.`;
    put(draft, reading.value);
    return null;
  };

const words =
  (most: number, put: (draft: Draft, text: string) => void): Take =>
  (text, draft) => {
    if (text.length > most) return `It is longer than ${most} characters.`;
    put(draft, text);
    return null;
  };

/** One of a few words, small or large letters alike. */
const oneOf =
  <Word extends string>(all: readonly Word[], put: (draft: Draft, word: Word) => void): Take =>
  (text, draft) => {
    const found = all.find((word) => word.toLowerCase() === text.toLowerCase());
    if (!found) return `“${text}” is none of ${all.join(", ")}.`;
    put(draft, found);
    return null;
  };

const colour: Take = (text, draft) => {
  const hex = /^#?([0-9a-f]{6})$/i.exec(text)?.[1];
  if (!hex) return `“${text}” is no colour: write it as #a3372b.`;
  draft.label.colour = `#${hex.toLowerCase()}`;
  return null;
};

const putUp: Take = (text, draft) => {
  const reading = readPutUp(text);
  if (!reading.ok) return reading.message;
  draft.label.putUp = reading.value;
  return null;
};

const parts: Take = (text, draft) => {
  const all = text.split(/\s*[;|+]\s*|\s+(?=\d)/).map((part) => readCell(part.replace(/\s*g\s*$/i, "")));
  const masses = all.flatMap((one) => (one.ok && one.value > 0 && one.value <= 2000 ? [one.value] : []));
  if (masses.length < all.length) return `“${text}” are no weights in g: write them as 32; 14.`;
  draft.entry.partsG = masses;
  return null;
};

const reserved: Take = (text, draft) => {
  const all = text
    .split(";")
    .map((part) => /^\s*(?<balls>\d+)\s+for\s+(?<project>.+?)\s*$/i.exec(part)?.groups);
  if (all.some((one) => !one)) return `“${text}” is not written as 3 for Harrow slipover.`;
  draft.entry.reserved = all.map((one) => ({ project: one?.project ?? "", balls: Number(one?.balls) }));
  return null;
};

const orEmpty = (value: number | null, places = 2) => (value === null ? "" : plain(value, places));
const tellPutUp = ({ putUp: held }: YarnLabel) =>
  held ? `${plain(held.massG, 2)} g = ${plain(held.lengthM, 2)} m` : "";

const column = (name: string, known: string, write: Column["write"], take: Take): Column => ({
  name,
  known: known.split(" | "),
  write,
  take,
});

/** In the order in which they are written. The last two read tables of others, which keep mass and length apart. */
export const COLUMNS = {
  name: column(
    "name",
    "yarn | yarn name | title | product",
    ({ label }) => label.name,
    words(120, (draft, text) => {
      draft.label.name = text;
    }),
  ),
  colourName: column(
    "colour name",
    "colour | color | colourway | colorway | color name | shade",
    ({ label }) => label.colourName,
    words(120, (draft, text) => {
      draft.label.colourName = text;
    }),
  ),
  colour: column("colour #", "hex | swatch | colour code | color code", ({ label }) => label.colour, colour),
  dyed: column(
    "dyed",
    "dye | colouring",
    ({ label }) => label.dyed,
    oneOf(DYED, (draft, word) => {
      draft.label.dyed = word;
    }),
  ),
  fibres: column(
    "fibres",
    "fibre | fiber | fibers | content | composition",
    ({ label }) => label.fibres,
    words(200, (draft, text) => {
      draft.label.fibres = text;
    }),
  ),
  plies: column(
    "plies",
    "ply",
    ({ label }) => orEmpty(label.plies),
    number(
      [1, 24],
      (draft, value) => {
        draft.label.plies = value;
      },
      { whole: true },
    ),
  ),
  bandClass: column(
    "class",
    "weight class | yarn weight | thickness | category",
    ({ label }) => label.bandClass ?? "",
    oneOf(YARN_CLASSES, (draft, word) => {
      draft.label.bandClass = word;
    }),
  ),
  putUp: column(
    "put-up",
    "put up | putup | ball holds | one ball holds | ball | skein",
    ({ label }) => tellPutUp(label),
    putUp,
  ),
  stitches: column(
    "stitches per 10 cm",
    "stitches | sts | sts/10 cm | gauge",
    ({ label }) => orEmpty(label.stitchesPer10Cm),
    number([2, 80], (draft, value) => {
      draft.label.stitchesPer10Cm = value;
    }),
  ),
  rows: column(
    "rows per 10 cm",
    "rows | rows/10 cm",
    ({ label }) => orEmpty(label.rowsPer10Cm),
    number([2, 120], (draft, value) => {
      draft.label.rowsPer10Cm = value;
    }),
  ),
  needle: column(
    "needle mm",
    "needle | needles | needle size",
    ({ label }) => orEmpty(label.needleMm),
    number([0.5, 50], (draft, value) => {
      draft.label.needleMm = value;
    }),
  ),
  lot: column(
    "dye lot",
    "lot | dyelot | batch",
    ({ lot }) => lot,
    words(60, (draft, text) => {
      draft.entry.lot = text;
    }),
  ),
  balls: column(
    "balls",
    "quantity | qty | count | skeins | how many | number",
    ({ balls }) => String(balls),
    number(
      [0, 9999],
      (draft, value) => {
        draft.entry.balls = value;
      },
      { whole: true },
    ),
  ),
  parts: column(
    "part balls g",
    "parts | part balls | leftovers | open balls",
    ({ partsG }) => partsG.map((part) => plain(part, 1)).join("; "),
    parts,
  ),
  price: column(
    "price of a ball",
    "price | cost | price each | unit price",
    ({ price }) => orEmpty(price),
    number([0, 100_000], (draft, value) => {
      draft.entry.price = value;
    }),
  ),
  place: column(
    "kept",
    "place | where | where kept | location | box",
    ({ place }) => place,
    words(120, (draft, text) => {
      draft.entry.place = text;
    }),
  ),
  notes: column(
    "notes",
    "note | remarks | comment | comments",
    ({ notes }) => notes,
    words(2000, (draft, text) => {
      draft.entry.notes = text;
    }),
  ),
  reserved: column(
    "put by",
    "reserved | reserved for",
    ({ reserved: all }) => all.map(({ project, balls }) => `${balls} for ${project}`).join("; "),
    reserved,
  ),
  ballMass: column(
    "ball weight g",
    "grams | grams per ball | weight | weight (g) | g",
    null,
    number([5, 2000], (draft, value) => {
      draft.label.putUpMassG = value;
    }),
  ),
  ballLength: column(
    "ball length m",
    "metres | meters | metres per ball | length | length (m) | m",
    null,
    number([5, 60_000], (draft, value) => {
      draft.label.putUpLengthM = value;
    }),
  ),
} as const satisfies Record<string, Column>;

export type ColumnId = keyof typeof COLUMNS;
export const COLUMN_IDS = Object.keys(COLUMNS) as readonly ColumnId[];

/** The put-up of a draft: as one cell says it, or by mass and length of two. */
export const putUpOf = ({ label }: Draft): PutUp | null =>
  (label.putUp as PutUp | undefined) ??
  (label.putUpMassG !== undefined && label.putUpLengthM !== undefined
    ? ({ massG: label.putUpMassG, lengthM: label.putUpLengthM } as PutUp)
    : null);
