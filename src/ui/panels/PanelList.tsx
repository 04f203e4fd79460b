"use client";
import { Button } from "@/ui/parts/Button";
import { BookOpen, FolderInput, Grid2x2Plus, Plus } from "lucide-react";
import { memo, useState } from "react";
import type { ProjectPanel } from "@/core/project/project";
import { openGlossary } from "@/state/chosen/glossary";
import { useSettings } from "@/state/keeping/settings";
import type { StudiedPanel } from "@/workers/reader.worker";
import { IconButton } from "@/ui/parts/IconButton";
import { ChartThumb } from "./ChartThumb";
import { lazily } from "@/ui/parts/lazily";
import { SearchField } from "@/ui/parts/SearchField";

const TakeSheet = lazily(
  "Panels of your other projects",
  () => import("@/ui/projects/TakeSheet").then((file) => file.TakeSheet),
  { close: ({ onClose }) => onClose() },
);

const SignsSheet = lazily(
  "Charts in signs",
  () => import("@/ui/pattern/SignsSheet").then((file) => file.SignsSheet),
  {
    close: ({ onClose }) => onClose(),
  },
);

interface PanelListProps {
  readonly own: readonly ProjectPanel[];
  readonly library: readonly StudiedPanel[];
  readonly chosen: string;
  readonly onChoose: (id: string) => void;
  readonly onNew: () => void;
  /** Rows that were read from a chart in signs. */
  readonly onRead: (name: string, rows: string) => void;
}

/** All panels, the knitter's own first, then the library by family; searched by name or family. */
export function PanelList({ own, library, chosen, onChoose, onNew, onRead }: PanelListProps) {
  const [wanted, setWanted] = useState("");
  const [taking, setTaking] = useState(false);
  const [drawing, setDrawing] = useState(false);
  const british = useSettings(({ words }) => words === "UK");
  const fits = (...texts: readonly (string | undefined)[]) =>
    texts.some((text) => text?.toLowerCase().includes(wanted.trim().toLowerCase()));
  const found = library.filter(({ name, uk, family }) => fits(name, uk, family));
  const families = [...new Set(found.map(({ family }) => family))];
  const familyChosen = library.find(({ id }) => id === chosen)?.family ?? "Ropes";
  const mine = own.filter(({ name }) => fits(name));
  return (
    <section aria-label="Panels" className="rounded-xl border border-line bg-card p-3">
      <div className="flex">
        <SearchField
          labelHidden
          label="Find a panel"
          example="Find a panel"
          value={wanted}
          onText={setWanted}
        />
      </div>
      <div className="mt-2 flex items-center gap-2">
        <Button onClick={onNew} look="main">
          <Plus size={16} aria-hidden /> New
        </Button>
        <IconButton
          label="From a chart in letters and signs"
          icon={Grid2x2Plus}
          onClick={() => setDrawing(true)}
        />
        <IconButton label="From another project" icon={FolderInput} onClick={() => setTaking(true)} />
        <IconButton label="Glossary" keys="G" icon={BookOpen} onClick={() => openGlossary()} />
      </div>
      {drawing && (
        <SignsSheet
          onClose={() => setDrawing(false)}
          onMade={(name, rows) => {
            setDrawing(false);
            onRead(name, rows);
          }}
        />
      )}
      {taking && <TakeSheet what="panels" onClose={() => setTaking(false)} onTaken={onChoose} />}
      <div className="mt-2 max-h-56 overflow-y-auto md:max-h-[30rem]">
        {mine.length > 0 && <h2 className="mt-2 text-sm text-faint">My panels</h2>}
        {mine.map(({ id, name }) => (
          <Entry key={id} name={name || "without a name"} here={id === chosen} id={id} onChoose={onChoose} />
        ))}
        {families.map((family) => (
          <details key={`${family}${wanted !== ""}`} open={wanted !== "" || family === familyChosen}>
            <summary className="mt-2 cursor-pointer text-sm text-faint">
              {family} ({found.filter((panel) => panel.family === family).length})
            </summary>
            {found
              .filter((panel) => panel.family === family)
              .map(({ id, name, uk, study }) => (
                <Entry
                  key={id}
                  name={british && uk ? uk : name}
                  here={id === chosen}
                  id={id}
                  onChoose={onChoose}
                  study={study}
                />
              ))}
          </details>
        ))}
        {mine.length + found.length === 0 && (
          <p className="p-4 text-center text-faint">
            {library.length === 0
              ? "Reading the library …"
              : "No panel of that name. “New” starts one of your own."}
          </p>
        )}
      </div>
    </section>
  );
}

interface EntryProps {
  readonly id: string;
  readonly name: string;
  readonly here: boolean;
  readonly onChoose: (id: string) => void;
  readonly study?: StudiedPanel["study"];
}

/** Drawn again only when it changes: its picture is many strokes, and typing changes the list around it. */
const Entry = memo(function Entry({ id, name, here, onChoose, study }: EntryProps) {
  return (
    <Button
      aria-pressed={here}
      onClick={() => onChoose(id)}
      look="bare"
      className={`flex w-full items-center gap-3 rounded-lg p-1.5 text-left ${here ? "bg-ink text-paper" : "hover:bg-line"}`}
    >
      {study?.chart && <ChartThumb chart={study.chart} />}
      <span className="min-w-0 flex-1 leading-tight">
        {name}
        {study?.chart && (
          <span className="block text-xs opacity-80">
            {study.chart.columns} st, {study.chart.rows.length} rows
          </span>
        )}
      </span>
    </Button>
  );
});
