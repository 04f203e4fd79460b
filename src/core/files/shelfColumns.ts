/** The columns of a shelf as a table of text: how each is called, written and read. */
import { plain } from "../units/format";
import { YARN_CLASSES } from "../yarn/classes";
import { DYED, type YarnLabel } from "../project/label";
import type { ShelfEntry } from "../project/shelf";
import { colour, number, oneOf, parts, putUp, reserved, words, type Take } from "./shelfCells";

interface Column {
  /** As it stands at the head when the shelf is written. */
  readonly name: string;
  /** Other names by which it is known, in small letters. */
  readonly known: readonly string[];
  readonly write: ((entry: ShelfEntry) => string) | null;
  readonly take: Take;
}

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
    "reserved",
    "put by | reserved for",
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
