"use client";
import { useState } from "react";
import { countOf } from "@/core/words/things";
import { takeBackup, type BackedUp, type Backup } from "@/state/keeping/backup";
import { useProjectStore } from "@/state/project/projectStore";
import { Button } from "@/ui/parts/Button";
import { useSaid } from "@/ui/parts/Said";
import { Sheet } from "@/ui/parts/Sheet";
import { Tick } from "@/ui/parts/Tick";
import { listParts } from "./partWords";
import { tellTime } from "./when";

/** What would come of a project of the backup. */
function tellChange({ here, differs, events }: BackedUp): string {
  if (here === "not") return "is not here, and comes back";
  if (here === "same") return "is here, the same";
  const rows = events > 0 ? `${countOf(events, "entry")} of its log come in` : "";
  const parts = differs.length > 0 ? `differs from what is here in ${listParts(differs)}` : "";
  return [parts, rows].filter(Boolean).join("; ");
}

interface RestoreSheetProps {
  readonly backup: Backup;
  /** With a word on what was done; null where nothing was. */
  readonly onClose: (word: string | null) => void;
}

/** What a backup would change, thing by thing, before it does. */
export function RestoreSheet({ backup, onClose }: RestoreSheetProps) {
  const tell = useSaid();
  const here = useProjectStore(({ shelf }) => shelf.entries.length);
  const [wanted, setWanted] = useState(
    () => new Set(backup.projects.filter((one) => one.here === "not").map(({ project }) => project.id)),
  );
  const [others, setOthers] = useState({ shelf: false, settings: false, hand: false });
  const [doing, setDoing] = useState(false);
  const take = async () => {
    setDoing(true);
    const projects = backup.projects.filter(({ project }) => wanted.has(project.id));
    try {
      const refused = await takeBackup(backup, { projects, ...others }, () => {});
      const word = `${countOf(projects.length, "project")} came back.`;
      onClose(refused ? `${word} ${tell(refused)}` : word);
    } catch {
      onClose(
        "Not everything could be kept: this browser’s storage refused. What came back is listed above.",
      );
    }
  };
  const tick = (id: string, on: boolean) =>
    setWanted((before) => new Set(on ? [...before, id] : [...before].filter((one) => one !== id)));
  const nothing = wanted.size === 0 && !Object.values(others).some(Boolean);
  return (
    <Sheet open onOpenChange={() => onClose(null)} title={`Backup of ${tellTime(backup.madeAt)}`} wide>
      <p className="mt-2 text-faint">
        Choose what is to come back. Where a project is here in another state, that goes among its former
        states, and the rows of both are put together.
      </p>
      {backup.damaged.length > 0 && (
        <p role="alert" className="mt-2 text-madder">
          {backup.damaged.length === 1 ? "One file in it is" : `${backup.damaged.length} files in it are`}{" "}
          damaged and cannot come back: {backup.damaged.join(", ")}.
        </p>
      )}
      <ul aria-label="Projects in the backup" className="mt-3 grid gap-2">
        {backup.projects.map((one) => (
          <li key={one.project.id}>
            <Tick
              checked={wanted.has(one.project.id)}
              disabled={one.here === "same"}
              onChange={(on) => tick(one.project.id, on)}
            >
              <span className="min-w-0 wrap-anywhere">
                <strong>{one.project.name || "Untitled project"}</strong> {tellChange(one)}
              </span>
            </Tick>
          </li>
        ))}
      </ul>
      <div className="mt-3 grid gap-2 border-t border-line pt-3">
        {backup.shelf && (
          <Tick checked={others.shelf} onChange={(shelf) => setOthers({ ...others, shelf })}>
            The shelf of then, {countOf(backup.shelf.entries.length, "yarn")}, in place of that of now,{" "}
            {countOf(here, "yarn")}
          </Tick>
        )}
        {backup.hand !== null && (
          <Tick checked={others.hand} onChange={(hand) => setOthers({ ...others, hand })}>
            What was known of your hand, beside what is known now
          </Tick>
        )}
        {backup.settings && (
          <Tick checked={others.settings} onChange={(settings) => setOthers({ ...others, settings })}>
            The settings of then
          </Tick>
        )}
      </div>
      <div className="mt-4 flex flex-wrap justify-end gap-2">
        <Button onClick={() => onClose(null)}>Cancel</Button>
        <Button look="main" disabled={nothing || doing} onClick={() => void take()}>
          {doing ? "Bringing it back …" : "Bring back what is ticked"}
        </Button>
      </div>
    </Sheet>
  );
}
