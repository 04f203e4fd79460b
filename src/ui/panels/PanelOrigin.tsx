"use client";
import { typed } from "@/state/project/projectStore";
import { useEffect, useState } from "react";
import type { ProjectPanel } from "@/core/project/project";
import { editOrigin, editPanel } from "@/state/project/panels";
import { reader } from "@/state/engine/workers";

const FIELDS = [
  { part: "from", name: "From", hint: "pattern, book, person" },
  { part: "version", name: "Version", hint: "e.g. 2nd edition" },
  { part: "date", name: "Date", hint: "when it was made or found" },
] as const;

const INPUT =
  "w-full rounded-lg border border-edge bg-paper px-2.5 py-1.5 placeholder:text-faint placeholder:italic";

/** Where a panel came from, and what was changed since: told by the knitter, and found in its rows. */
export function PanelOrigin({ panel }: { readonly panel: ProjectPanel }) {
  const { id, origin, notes, text } = panel;
  const changed = useChangedRows(origin.text, text);
  return (
    <details className="w-full">
      <summary className="cursor-pointer">
        Where it comes from{origin.from && `: ${origin.from}`}
        {changed && <span className="text-faint"> · changed since: {changed}</span>}
      </summary>
      <div className="mt-2 grid gap-2 sm:grid-cols-3">
        {FIELDS.map(({ part, name, hint }) => (
          <label key={part}>
            {name}
            <input
              value={origin[part]}
              maxLength={part === "from" ? 200 : 60}
              placeholder={hint}
              onChange={({ target }) => typed(() => editOrigin(id, { [part]: target.value }))}
              className={INPUT}
            />
          </label>
        ))}
        <label className="sm:col-span-3">
          What you changed, and why
          <textarea
            rows={2}
            value={notes}
            maxLength={4000}
            onChange={({ target }) => typed(() => editPanel(id, { notes: target.value }))}
            className={INPUT}
          />
        </label>
      </div>
      {changed && (
        <button
          type="button"
          onClick={() => editPanel(id, { text: origin.text })}
          className="mt-2 rounded-lg border border-edge px-3 py-1.5 font-semibold hover:bg-line"
        >
          Back to how it was
        </button>
      )}
    </details>
  );
}

/** Which rows differ from how the panel was first, in words; empty where none do or nothing is known. */
function useChangedRows(before: string, after: string): string {
  const [changed, setChanged] = useState("");
  useEffect(() => {
    let current = true;
    const ask = async () => {
      const words = before ? await reader().changedRows(before, after) : "";
      if (current) setChanged(words);
    };
    void ask();
    return () => {
      current = false;
    };
  }, [before, after]);
  return changed;
}
