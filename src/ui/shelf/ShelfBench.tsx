"use client";
import { Boundary } from "@/ui/parts/Boundary";
import { Tick } from "@/ui/parts/Tick";
import { useCallback, useState } from "react";
import { Download, Plus, Upload } from "lucide-react";
import { toast } from "@/ui/parts/toast";
import { heldIn, type ShelfEntry } from "@/core/project/shelf";
import { writeShelf } from "@/core/files/shelfCsv";
import { metres, type UnitSystem } from "@/core/units/brands";
import { formatYarn } from "@/core/units/format";
import { YARN_CLASSES, type YarnClass } from "@/core/yarn/classes";
import { useShelf } from "@/state/project/projectStore";
import { useUnits } from "@/state/keeping/settings";
import { addEntry, clearShelf, openTable, useTable } from "@/state/buying/shelf";
import { Button } from "@/ui/parts/Button";
import { FileButton } from "@/ui/parts/FileButton";
import { Card } from "@/ui/parts/Card";
import { download } from "@/ui/parts/download";
import { SearchField } from "@/ui/parts/SearchField";
import { Select } from "@/ui/parts/Select";
import { BulkBar } from "./BulkBar";
import { EntrySheet } from "./EntrySheet";
import { ImportSheet } from "./ImportSheet";
import { classOfEntry } from "./shelfColumns";
import { ShelfTable } from "./ShelfTable";
import { undoable } from "@/ui/parts/undoable";
import { EmptyState } from "@/ui/parts/EmptyState";

const CLASSES = [
  { value: "all", label: "all classes" } as const,
  ...YARN_CLASSES.map((value) => ({ value, label: value })),
];

/** The yarns and balls that are at home. */
export function ShelfBench() {
  const units = useUnits();
  const { entries, demo } = useShelf();
  const [find, setFind] = useState("");
  const [of, setOf] = useState<YarnClass | "all">("all");
  const [grouped, setGrouped] = useState(true);
  const [chosen, setChosen] = useState<Record<string, boolean>>({});
  const [open, setOpen] = useState<string | null>(null);
  const file = useTable((state) => state.file);
  const onOpen = useCallback((id: string) => setOpen(id), []);
  const shown = of === "all" ? entries : entries.filter((entry) => classOfEntry(entry) === of);
  const picked = entries.filter(({ id }) => chosen[id]);
  const opened = entries.find(({ id }) => id === open);
  const save = () => {
    download("shelf.csv", new Blob([writeShelf(entries)], { type: "text/csv" }));
    toast.success("Saved as shelf.csv");
  };
  return (
    <Card title="Your shelf" aside={sumWords(entries, units)}>
      {demo && <DemoShelf />}
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <SearchField label="Find on the shelf" value={find} onText={setFind} example="name, lot, place" />
        <div className="w-40">
          <Select label="Class" options={CLASSES} value={of} onChange={setOf} />
        </div>
        <Tick checked={grouped} onChange={setGrouped} className="self-center pt-4 text-sm">
          lots of a yarn together
        </Tick>
        <div className="ml-auto flex flex-wrap gap-2">
          <Button look="main" onClick={() => setOpen(addEntry())}>
            <Plus size={16} aria-hidden /> A yarn
          </Button>
          <FileButton
            label="A table of yarns"
            accept=".csv,.tsv,.txt,text/csv,text/tab-separated-values"
            onFile={openTable}
          >
            <Upload size={16} aria-hidden /> Import CSV
          </FileButton>
          <Button onClick={save} disabled={entries.length === 0}>
            <Download size={16} aria-hidden /> Save as CSV
          </Button>
        </div>
      </div>
      {picked.length > 0 && <BulkBar chosen={picked} onDone={() => setChosen({})} />}
      {entries.length === 0 ? (
        <EmptyShelf />
      ) : (
        <Boundary name="Shelf">
          <ShelfTable
            of={`${of} ${find}`}
            entries={shown}
            find={find}
            grouped={grouped}
            chosen={chosen}
            onChosen={setChosen}
            onOpen={onOpen}
          />
        </Boundary>
      )}
      {opened && <EntrySheet entry={opened} onClose={() => setOpen(null)} />}
      {file && <ImportSheet file={file} onClose={() => openTable(null)} />}
    </Card>
  );
}

function sumWords(entries: readonly ShelfEntry[], units: UnitSystem): string {
  const lengthM = entries.reduce((sum, entry) => sum + (heldIn(entry)?.lengthM ?? 0), 0);
  const balls = entries.reduce((sum, entry) => sum + entry.balls, 0);
  return `${entries.length} entries, ${balls} whole balls, ${formatYarn(metres(lengthM), units)} in all`;
}

function DemoShelf() {
  return (
    <p className="mt-2 text-sm">
      These are <strong>demo yarns</strong>, all invented.{" "}
      <Button
        look="link"
        className="font-semibold"
        onClick={() => {
          clearShelf();
          toast.success("The shelf is empty", undoable);
        }}
      >
        Empty the shelf
      </Button>
    </p>
  );
}

function EmptyShelf() {
  return (
    <EmptyState>
      Nothing is on the shelf yet. Add a yarn by what its band says, or bring in a table that you keep
      elsewhere: any order of columns will do. What is here is used first when Brenok plans what to buy.
    </EmptyState>
  );
}
