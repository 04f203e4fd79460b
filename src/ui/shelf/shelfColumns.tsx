import { Button } from "@/ui/parts/Button";
import { createColumnHelper, type Row } from "@tanstack/react-table";
import { fullName } from "@/core/project/label";
import { heldIn, type ShelfEntry } from "@/core/project/shelf";
import { grams, metres, type UnitSystem } from "@/core/units/brands";
import { formatMass, formatYarn } from "@/core/units/format";
import { formatMoney } from "@/core/units/money";
import { classOf, YARN_CLASSES, type YarnClass } from "@/core/yarn/classes";
import { tellPutUp } from "@/core/units/format";
import type { PutUp } from "@/core/yarn/putUp";
import { ColourDot } from "@/ui/parts/Colour";

const helper = createColumnHelper<ShelfEntry>();

/** The class on the band, or by length; null where neither is known. */
export const classOfEntry = ({ label }: ShelfEntry): YarnClass | null =>
  label.bandClass ?? (label.putUp ? classOf(label.putUp as PutUp) : null);

const orDash = (words: string | null) => words ?? <span className="text-faint">–</span>;

const byClass = (a: Row<ShelfEntry>, b: Row<ShelfEntry>) => {
  const place = (row: Row<ShelfEntry>) =>
    YARN_CLASSES.findIndex((name) => name === classOfEntry(row.original));
  return place(a) - place(b);
};

const putBy = ({ reserved }: ShelfEntry) => reserved.reduce((sum, { balls }) => sum + balls, 0);

/** The columns of the shelf; what each shows, and what it is sorted by. */
export const shelfColumns = (units: UnitSystem, onOpen: (id: string) => void) => [
  helper.display({
    id: "chosen",
    header: ({ table }) => (
      <label className="grid size-6 place-items-center">
        <input
          type="checkbox"
          aria-label="Choose all that are shown"
          className="size-4 accent-ink"
          checked={table.getIsAllRowsSelected()}
          onChange={table.getToggleAllRowsSelectedHandler()}
        />
      </label>
    ),
    cell: ({ row }) => (
      <label className="grid size-6 place-items-center">
        <input
          type="checkbox"
          aria-label={`Choose ${fullName(row.original.label)}${row.original.lot && `, lot ${row.original.lot}`}`}
          className="size-4 accent-ink"
          checked={row.getIsSelected()}
          onChange={row.getToggleSelectedHandler()}
        />
      </label>
    ),
  }),
  helper.accessor(({ label }) => fullName(label), {
    id: "yarn",
    header: "Yarn",
    cell: ({ row, getValue }) => (
      <Button
        onClick={() => onOpen(row.original.id)}
        look="bare"
        className="flex max-w-72 items-center gap-2 text-left font-semibold underline decoration-line underline-offset-4 hover:decoration-ink"
      >
        <ColourDot colour={row.original.label.colour} />
        <span className="truncate">{getValue() || "A yarn"}</span>
      </Button>
    ),
  }),
  helper.accessor("lot", { header: "Dye lot", cell: ({ getValue }) => orDash(getValue() || null) }),
  helper.accessor("balls", { header: "Balls", meta: { right: true } }),
  helper.accessor(({ partsG }) => partsG.reduce((sum, part) => sum + part, 0), {
    id: "parts",
    header: "Parts",
    meta: { right: true },
    cell: ({ getValue }) => orDash(getValue() > 0 ? formatMass(grams(getValue()), units) : null),
  }),
  helper.accessor((entry) => heldIn(entry)?.lengthM ?? 0, {
    id: "length",
    header: "In all",
    meta: { right: true },
    cell: ({ getValue }) => orDash(getValue() > 0 ? formatYarn(metres(getValue()), units) : null),
  }),
  helper.accessor(putBy, {
    id: "putBy",
    header: "Reserved",
    meta: { right: true },
    cell: ({ getValue, row }) => (
      <span title={row.original.reserved.map(({ project, balls }) => `${balls} for ${project}`).join(", ")}>
        {orDash(getValue() > 0 ? String(getValue()) : null)}
      </span>
    ),
  }),
  helper.accessor((entry) => classOfEntry(entry) ?? "", {
    id: "class",
    header: "Class",
    sortingFn: byClass,
    cell: ({ getValue }) => orDash(getValue() || null),
  }),
  helper.accessor(({ label }) => (label.putUp ? label.putUp.lengthM / label.putUp.massG : 0), {
    id: "putUp",
    header: "One ball",
    cell: ({ row }) => orDash(row.original.label.putUp && tellPutUp(row.original.label.putUp, units)),
  }),
  helper.accessor(({ price }) => price ?? -1, {
    id: "price",
    header: "Price",
    meta: { right: true },
    cell: ({ row }) => orDash(row.original.price === null ? null : formatMoney(row.original.price)),
  }),
  helper.accessor("place", { header: "Kept", cell: ({ getValue }) => orDash(getValue() || null) }),
];
