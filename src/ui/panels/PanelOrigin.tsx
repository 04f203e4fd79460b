"use client";
import { Button } from "@/ui/parts/Button";
import { useEffect, useState } from "react";
import type { ProjectPanel } from "@/core/project/project";
import { editOrigin, editPanel } from "@/state/project/panels";
import { reader } from "@/state/engine/workers";
import { WordsField } from "@/ui/parts/WordsField";

const FIELDS = [
  { part: "from", name: "From", hint: "pattern, book, person" },
  { part: "version", name: "Version", hint: "e.g. 2nd edition" },
  { part: "date", name: "Date", hint: "when it was made or found" },
] as const;

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
          <WordsField
            key={part}
            label={name}
            value={origin[part]}
            most={part === "from" ? 200 : 60}
            example={hint}
            onText={(text) => editOrigin(id, { [part]: text })}
          />
        ))}
        <WordsField
          className="sm:col-span-3"
          label="What you changed, and why"
          lines={2}
          most={4000}
          value={notes}
          onText={(text) => editPanel(id, { notes: text })}
        />
      </div>
      {changed && (
        <Button onClick={() => editPanel(id, { text: origin.text })} className="mt-2">
          Back to how it was
        </Button>
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
