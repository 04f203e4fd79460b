"use client";
import { Table, type Column } from "@/ui/parts/Table";
import {
  flexRender,
  getCoreRowModel,
  getFilteredRowModel,
  getPaginationRowModel,
  getSortedRowModel,
  useReactTable,
  type Header,
  type Row,
  type RowSelectionState,
  type SortingState,
} from "@tanstack/react-table";
import { ArrowDown, ArrowUp } from "lucide-react";
import { useMemo, useState, type ReactNode } from "react";
import { fullName, hasWords, labelKey, yarnKey } from "@/core/project/label";
import type { ShelfEntry } from "@/core/project/shelf";
import { useUnits } from "@/state/keeping/settings";
import { Button } from "@/ui/parts/Button";
import { shelfColumns } from "./shelfColumns";

const PAGE = 50;
const YARN_FIRST = { id: "yarn", desc: false };

interface ShelfTableProps {
  readonly entries: readonly ShelfEntry[];
  readonly find: string;
  /** What is shown of the shelf, as a text. */
  readonly of: string;
  /** Whether lots of one yarn stand together under its name. */
  readonly grouped: boolean;
  readonly chosen: RowSelectionState;
  readonly onChosen: (chosen: RowSelectionState) => void;
  readonly onOpen: (id: string) => void;
}

const words = ({ label, lot, place, notes }: ShelfEntry) =>
  yarnKey(`${fullName(label)} ${label.fibres} ${label.bandClass ?? ""} ${lot} ${place} ${notes}`);

/** The shelf as a table: sorted by any column, filtered by words, fifty at a time. */
export function ShelfTable({ entries, find, of, grouped, chosen, onChosen, onOpen }: ShelfTableProps) {
  const units = useUnits();
  const [sorting, setSorting] = useState<SortingState>([]);
  // What is looked for anew is shown from its first page; how it is sorted stays.
  const [page, setPage] = useState({ of, index: 0 });
  const pagination = { pageIndex: page.of === of ? page.index : 0, pageSize: PAGE };
  const columns = useMemo(() => shelfColumns(units, onOpen), [units, onOpen]);
  const data = useMemo(() => [...entries], [entries]);
  const sorted = useMemo(
    () => (grouped ? [YARN_FIRST, ...sorting.filter(({ id }) => id !== YARN_FIRST.id)] : sorting),
    [grouped, sorting],
  );
  // eslint-disable-next-line react-hooks/incompatible-library -- the table is drawn here alone, and never handed on
  const table = useReactTable({
    data,
    columns,
    state: {
      globalFilter: find,
      rowSelection: chosen,
      sorting: sorted,
      pagination,
    },
    getRowId: ({ id }) => id,
    globalFilterFn: ({ original }, _, wanted: string) => hasWords(words(original), wanted),
    onSortingChange: setSorting,
    onRowSelectionChange: (update) => onChosen(typeof update === "function" ? update(chosen) : update),
    onPaginationChange: (update) => {
      const { pageIndex } = typeof update === "function" ? update(pagination) : update;
      setPage({ of, index: pageIndex });
    },
    autoResetPageIndex: false,
    getCoreRowModel: getCoreRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getPaginationRowModel: getPaginationRowModel(),
  });
  const { rows } = table.getRowModel();
  const found = table.getFilteredRowModel().rows.length;
  const again = (index: number) => {
    const [row, before] = [rows[index], rows[index - 1]];
    return (
      grouped && row !== undefined && before !== undefined && nameOf(row.original) === nameOf(before.original)
    );
  };
  return (
    <>
      <div className="mt-2">
        <Table
          caption="Yarns on the shelf"
          className="text-[0.95rem]"
          columns={table.getFlatHeaders().map((header, column): Column<Row<ShelfEntry>> => ({
            id: header.id,
            head: (
              <Head
                name={flexRender(header.column.columnDef.header, header.getContext())}
                sorted={header.column.getIsSorted()}
                onSort={header.column.getCanSort() ? header.column.getToggleSortingHandler() : undefined}
              />
            ),
            whole: true,
            ...(isRight(header) && { right: true }),
            ...(header.column.getIsSorted() && {
              sort: header.column.getIsSorted() === "asc" ? "ascending" : "descending",
            }),
            cell: (row, index) => {
              const cell = row.getVisibleCells()[column];
              const shown = cell && flexRender(cell.column.columnDef.cell, cell.getContext());
              return again(index) && header.id === "yarn" ? <div className="pl-5">{shown}</div> : shown;
            },
          }))}
          rows={rows}
          keyOf={({ id }) => id}
          rowClass={(row) => (row.getIsSelected() ? "bg-line/60" : "")}
        />
      </div>
      {found === 0 && entries.length > 0 && <p className="mt-3">Nothing on the shelf matches that.</p>}
      {table.getPageCount() > 1 && (
        <div className="mt-2 flex items-center gap-3 text-sm">
          <Button onClick={table.previousPage} disabled={!table.getCanPreviousPage()}>
            Previous
          </Button>
          <span>
            {table.getState().pagination.pageIndex + 1} of {table.getPageCount()}
          </span>
          <Button onClick={table.nextPage} disabled={!table.getCanNextPage()}>
            Next
          </Button>
        </div>
      )}
    </>
  );
}

const nameOf = ({ label }: ShelfEntry) => labelKey(label);

const isRight = ({ column }: Header<ShelfEntry, unknown>) => {
  const { meta } = column.columnDef;
  return meta !== undefined && "right" in meta;
};

interface HeadProps {
  readonly name: ReactNode;
  readonly sorted: false | "asc" | "desc";
  /** Not there where a column cannot be sorted by. */
  readonly onSort: ((event: unknown) => void) | undefined;
}

/** The head of a column, to sort by where it can be. What is looked up of the table is looked up outside of it. */
function Head({ name, sorted, onSort }: HeadProps) {
  if (!onSort) return name;
  return (
    <Button onClick={onSort} look="bare" className="font-semibold text-ink">
      {name}
      {sorted === "asc" && <ArrowUp size={14} aria-hidden className="ml-0.5 inline" />}
      {sorted === "desc" && <ArrowDown size={14} aria-hidden className="ml-0.5 inline" />}
    </Button>
  );
}
