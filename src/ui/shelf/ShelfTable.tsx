"use client";
import {
  flexRender,
  getCoreRowModel,
  getFilteredRowModel,
  getPaginationRowModel,
  getSortedRowModel,
  useReactTable,
  type RowSelectionState,
  type SortingState,
} from "@tanstack/react-table";
import { ArrowDown, ArrowUp } from "lucide-react";
import { useMemo, useState } from "react";
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
  /** Whether lots of one yarn stand together under its name. */
  readonly grouped: boolean;
  readonly chosen: RowSelectionState;
  readonly onChosen: (chosen: RowSelectionState) => void;
  readonly onOpen: (id: string) => void;
}

const words = ({ label, lot, place, notes }: ShelfEntry) =>
  yarnKey(`${fullName(label)} ${label.fibres} ${label.bandClass ?? ""} ${lot} ${place} ${notes}`);

/** The shelf as a table: sorted by any column, filtered by words, fifty at a time. */
export function ShelfTable({ entries, find, grouped, chosen, onChosen, onOpen }: ShelfTableProps) {
  const units = useUnits();
  const [sorting, setSorting] = useState<SortingState>([]);
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
    },
    getRowId: ({ id }) => id,
    globalFilterFn: ({ original }, _, wanted: string) => hasWords(words(original), wanted),
    onSortingChange: setSorting,
    onRowSelectionChange: (update) => onChosen(typeof update === "function" ? update(chosen) : update),
    autoResetPageIndex: false,
    initialState: { pagination: { pageSize: PAGE } },
    getCoreRowModel: getCoreRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getPaginationRowModel: getPaginationRowModel(),
  });
  const { rows } = table.getRowModel();
  const found = table.getFilteredRowModel().rows.length;
  const isRight = (meta: object | undefined) => (meta && "right" in meta ? "text-right" : "text-left");
  return (
    <>
      <div className="mt-2 overflow-x-auto">
        <table className="w-full text-[0.95rem]">
          <caption className="sr-only">Yarns on the shelf</caption>
          <thead>
            {table.getHeaderGroups().map(({ id, headers }) => (
              <tr key={id} className="border-b border-edge">
                {headers.map(
                  ({
                    id: column,
                    column: { columnDef, getCanSort, getIsSorted, getToggleSortingHandler },
                    getContext,
                  }) => (
                    <th
                      key={column}
                      scope="col"
                      aria-sort={ariaSort(getIsSorted())}
                      className={`px-2 py-1.5 whitespace-nowrap ${isRight(columnDef.meta)}`}
                    >
                      {getCanSort() ? (
                        <button type="button" onClick={getToggleSortingHandler()} className="font-semibold">
                          {flexRender(columnDef.header, getContext())}
                          {getIsSorted() === "asc" && (
                            <ArrowUp size={14} aria-hidden className="ml-0.5 inline" />
                          )}
                          {getIsSorted() === "desc" && (
                            <ArrowDown size={14} aria-hidden className="ml-0.5 inline" />
                          )}
                        </button>
                      ) : (
                        flexRender(columnDef.header, getContext())
                      )}
                    </th>
                  ),
                )}
              </tr>
            ))}
          </thead>
          <tbody>
            {rows.map((row, index) => {
              const [name, before] = [nameOf(row.original), rows[index - 1]];
              const again = grouped && before !== undefined && nameOf(before.original) === name;
              return (
                <tr
                  key={row.id}
                  className={`border-line ${again ? "" : "border-t"} ${row.getIsSelected() ? "bg-line/60" : ""}`}
                >
                  {row.getVisibleCells().map(({ id, column: { columnDef, id: column }, getContext }) => (
                    <td key={id} className={`px-2 py-1.5 whitespace-nowrap ${isRight(columnDef.meta)}`}>
                      {again && column === "yarn" ? (
                        <div className="pl-5">{flexRender(columnDef.cell, getContext())}</div>
                      ) : (
                        flexRender(columnDef.cell, getContext())
                      )}
                    </td>
                  ))}
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      {found === 0 && entries.length > 0 && <p className="mt-3">Nothing on the shelf matches that.</p>}
      {table.getPageCount() > 1 && (
        <div className="mt-2 flex items-center gap-3 text-sm">
          <Button onClick={table.previousPage} disabled={!table.getCanPreviousPage()}>
            Before
          </Button>
          <span>
            {table.getState().pagination.pageIndex + 1} of {table.getPageCount()}
          </span>
          <Button onClick={table.nextPage} disabled={!table.getCanNextPage()}>
            After
          </Button>
        </div>
      )}
    </>
  );
}

const nameOf = ({ label }: ShelfEntry) => labelKey(label);

const ariaSort = (sorted: false | "asc" | "desc") =>
  sorted === false ? undefined : sorted === "asc" ? "ascending" : "descending";
