"use client";
import { useState, type ReactNode } from "react";
import { LIBRARY } from "@/core/panels/library";
import { useOwnPanels } from "@/state/project/panels";
import { reader } from "@/state/engine/workers";
import { useSettings } from "@/state/keeping/settings";
import { Sheet } from "@/ui/parts/Sheet";

interface JoinSheetProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly text: string;
  readonly onMade: (made: string | null, suffix: string) => void;
}

const INPUT = "mt-1 block w-full rounded-lg border border-edge bg-paper px-3 py-2";

/** Another panel at the left of this one, or this one up to a named end row. */
export function JoinSheet({ open, onOpenChange, text, onMade }: JoinSheetProps) {
  const own = useOwnPanels();
  const { naming, words } = useSettings();
  const [other, setOther] = useState("seed");
  const [endRow, setEndRow] = useState(1);
  const [atLeast, setAtLeast] = useState(40);
  const all = [...own, ...LIBRARY];
  const done = (made: string | null, suffix: string) => {
    onMade(made, suffix);
    onOpenChange(false);
  };
  const join = async () => {
    const chosen = all.find(({ id }) => id === other);
    if (chosen) done(await reader().joinTexts(text, chosen.text, { naming, words }), `beside ${chosen.name}`);
  };
  const end = async () =>
    done(await reader().endTextWithRow(text, endRow, atLeast, { naming, words }), `to row ${endRow}`);
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title="Join or end">
      <div className="mt-4 grid gap-3">
        <label>
          At its left
          <select className={INPUT} value={other} onChange={({ target }) => setOther(target.value)}>
            {all.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <Act onClick={join}>Join side by side</Act>
        <p className="text-sm text-faint">Rows meet at the least common multiple of the two repeats.</p>
        <div className="grid grid-cols-2 gap-3 border-t border-line pt-3">
          <label>
            End with row
            <input
              type="number"
              min={1}
              className={INPUT}
              value={endRow}
              onChange={({ target }) => setEndRow(target.valueAsNumber || 1)}
            />
          </label>
          <label>
            After at least
            <input
              type="number"
              min={1}
              max={2000}
              className={INPUT}
              value={atLeast}
              onChange={({ target }) => setAtLeast(target.valueAsNumber || 1)}
            />
          </label>
        </div>
        <Act onClick={end}>Work it up to that row</Act>
        <p className="text-sm text-faint">So that both ends of a piece, and both pieces of a pair, match.</p>
      </div>
    </Sheet>
  );
}

function Act({ onClick, children }: { readonly onClick: () => Promise<void>; readonly children: ReactNode }) {
  return (
    <button
      type="button"
      onClick={() => void onClick()}
      className="justify-self-start rounded-lg bg-ink px-4 py-2 font-semibold text-paper"
    >
      {children}
    </button>
  );
}
