"use client";
import { Said, useSaid } from "@/ui/parts/Said";
import { countOf } from "@/core/words/things";
import { freshId } from "@/state/project/freshId";
import { useEffect, useState } from "react";
import { toast } from "@/ui/parts/toast";
import { fullName } from "@/core/project/label";
import type { Mapping, ReadShelf } from "@/core/files/shelfCsv";
import { COLUMN_IDS, COLUMNS, type ColumnId } from "@/core/files/shelfColumns";
import { writeTable, type Table } from "@/core/files/tableText";
import { tellPutUp } from "@/core/units/format";
import { useUnits } from "@/state/keeping/settings";
import { putOnShelf } from "@/state/buying/shelf";
import { reader } from "@/state/engine/workers";
import { Button } from "@/ui/parts/Button";
import { download } from "@/ui/parts/download";
import { Sheet } from "@/ui/parts/Sheet";
import { undoable } from "@/ui/parts/undoable";

const OPTIONS = COLUMN_IDS.map((id) => ({ id, name: COLUMNS[id].name }));
const SHOWN_ROWS = 4;
const SHOWN_BAD = 100;
const SEPARATORS: Readonly<Record<string, string>> = {
  ",": "commas",
  ";": "semicolons",
  "\t": "tabs",
  "|": "bars",
};

interface ImportSheetProps {
  readonly file: File;
  readonly onClose: () => void;
}

/** A table on its way onto the shelf: what each column is, what would come, and which rows cannot, and why. */
export function ImportSheet({ file, onClose }: ImportSheetProps) {
  const [opened, setOpened] = useState<{ table: Table; mapping: Mapping } | null>(null);
  const [read, setRead] = useState<ReadShelf | null>(null);
  useEffect(() => {
    let current = true;
    const open = async () => {
      const bytes = new Uint8Array(await file.arrayBuffer());
      const found = await reader().openTable(bytes);
      if (current) setOpened(found);
    };
    void open();
    return () => {
      current = false;
    };
  }, [file]);
  useEffect(() => {
    if (!opened) return;
    let current = true;
    const ask = async () => {
      const stamp = freshId("import");
      const found = await reader().readEntries(opened.table, opened.mapping, stamp);
      if (current) setRead(found);
    };
    void ask();
    return () => {
      current = false;
    };
  }, [opened]);
  const remap = (index: number, to: ColumnId | null) =>
    opened &&
    setOpened({
      ...opened,
      // A column can be one thing only: what had been it is left out.
      mapping: opened.mapping.map((id, at) => (at === index ? to : id === to ? null : id)),
    });
  const take = () => {
    if (!read) return;
    const put = putOnShelf(read.entries);
    toast.success(`${put} yarns put on the shelf`, undoable);
    onClose();
  };
  return (
    <Sheet wide open onOpenChange={(open) => !open && onClose()} title={`Put ${file.name} on the shelf`}>
      {!opened || !read ? (
        <p role="status" className="mt-4">
          Reading the table …
        </p>
      ) : (
        <>
          <p className="mt-2 text-sm text-faint">
            {opened.table.encoding}, separated by {SEPARATORS[opened.table.separator] ?? "commas"}.{" "}
            {opened.table.rows.length + opened.table.broken.length} rows below the head.
          </p>
          <MappingTable table={opened.table} mapping={opened.mapping} onMap={remap} />
          {!opened.mapping.includes("name") && (
            <p className="mt-2 border-l-4 border-madder pl-2">Say which column is the name of the yarn.</p>
          )}
          <Preview read={read} />
          <BadRows read={read} table={opened.table} />
          <div className="mt-4 flex flex-wrap gap-2">
            <Button look="main" onClick={take} disabled={read.entries.length === 0}>
              Put {read.entries.length} on the shelf{read.bad.length > 0 && `, leave ${read.bad.length} out`}
            </Button>
            <Button onClick={onClose}>Cancel</Button>
          </div>
        </>
      )}
    </Sheet>
  );
}

interface MappingTableProps {
  readonly table: Table;
  readonly mapping: Mapping;
  readonly onMap: (index: number, to: ColumnId | null) => void;
}

/** Each column of the table, what it is taken for, and its first cell. */
function MappingTable({ table, mapping, onMap }: MappingTableProps) {
  return (
    <fieldset className="mt-3">
      <legend className="font-display text-lg">What each column is</legend>
      <ul className="mt-1 grid gap-x-4 gap-y-1 sm:grid-cols-2">
        {table.head.map((head, index) => (
          <li key={index}>
            <label className="grid grid-cols-[1fr_auto] items-center gap-2 text-sm">
              <span className="truncate">
                {head || `column ${index + 1}`}{" "}
                <span className="text-faint">
                  {table.rows[0]?.cells[index] && `“${table.rows[0].cells[index]}”`}
                </span>
              </span>
              <select
                value={mapping[index] ?? ""}
                onChange={({ target }) => onMap(index, (target.value || null) as ColumnId | null)}
                className="w-44 rounded-lg border border-edge bg-paper px-2 py-1"
              >
                <option value="">left out</option>
                {OPTIONS.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}

function Preview({ read: { entries } }: { readonly read: ReadShelf }) {
  const units = useUnits();
  if (entries.length === 0) return null;
  return (
    <div className="mt-3">
      <h3 className="text-lg">Preview</h3>
      <ul aria-label="Preview" className="text-sm">
        {entries.slice(0, SHOWN_ROWS).map(({ id, label, lot, balls }) => (
          <li key={id}>
            <strong>{fullName(label)}</strong>: {balls} ×{" "}
            {label.putUp ? tellPutUp(label.putUp, units) : "put-up missing"}
            {lot && `, lot ${lot}`}
          </li>
        ))}
        {entries.length > SHOWN_ROWS && (
          <li className="text-faint">and {entries.length - SHOWN_ROWS} more</li>
        )}
      </ul>
    </div>
  );
}

function BadRows({ read: { bad }, table }: { readonly read: ReadShelf; readonly table: Table }) {
  const said = useSaid();
  if (bad.length === 0) return null;
  const save = () => {
    const rows = bad.map(({ number, message, cells }) => [String(number), said(message), ...cells]);
    const text = writeTable([["row", "what is wrong", ...table.head], ...rows]);
    download("rows-left-out.csv", new Blob([text], { type: "text/csv" }));
  };
  return (
    <section aria-label="Rows that cannot be read" className="mt-3">
      <div className="flex flex-wrap items-baseline gap-3">
        <h3 className="text-lg">{countOf(bad.length, "row")} cannot be read</h3>
        <Button onClick={save} look="link" className="text-sm">
          Save these rows with what is wrong
        </Button>
      </div>
      <ul className="max-h-48 overflow-y-auto text-sm">
        {bad.slice(0, SHOWN_BAD).map(({ number, column, message }) => (
          <li key={number} className="border-l-4 border-madder pl-2">
            <strong>Row {number}</strong>
            {column && `, ${column}`}: <Said>{message}</Said>
          </li>
        ))}
        {bad.length > SHOWN_BAD && <li className="text-faint">and {bad.length - SHOWN_BAD} more</li>}
      </ul>
    </section>
  );
}
