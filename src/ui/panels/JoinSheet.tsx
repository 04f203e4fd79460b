"use client";
import { useEntered } from "@/ui/parts/useEntered";
import { ENTERED } from "@/core/project/enteredFigures";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import { Select } from "@/ui/parts/Select";
import { Button } from "@/ui/parts/Button";
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

/** Another panel at the left of this one, or this one up to a named end row. */
export function JoinSheet({ open, onOpenChange, text, onMade }: JoinSheetProps) {
  const own = useOwnPanels();
  const { naming, words } = useSettings();
  const [other, setOther] = useState("seed");
  const endRow = useEntered(ENTERED.repeatRows, 1);
  const atLeast = useEntered(ENTERED.rowsAtLeast, 40);
  const all = [...own, ...LIBRARY];
  const done = (made: string | null, suffix: string) => {
    onMade(made, suffix);
    onOpenChange(false);
  };
  const join = async () => {
    const chosen = all.find(({ id }) => id === other);
    if (chosen) done(await reader().joinTexts(text, chosen.text, { naming, words }), `beside ${chosen.name}`);
  };
  const known = endRow.value !== null && atLeast.value !== null;
  const end = async () => {
    if (endRow.value === null || atLeast.value === null) return;
    const made = await reader().endTextWithRow(text, endRow.value, atLeast.value, { naming, words });
    done(made, `to row ${endRow.value}`);
  };
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title="Join or end">
      <div className="mt-4 grid gap-3">
        <Select
          label="At its left"
          options={all.map(({ id, name }) => ({ value: id, label: name }))}
          value={other}
          onChange={setOther}
        />
        <Act onClick={join}>Join side by side</Act>
        <p className="text-sm text-faint">Rows meet at the least common multiple of the two repeats.</p>
        <div className="grid grid-cols-2 gap-3 border-t border-line pt-3">
          <MeasureInput label="End with row" {...endRow.input} />
          <MeasureInput label="After at least" {...atLeast.input} />
        </div>
        <Act onClick={end} disabled={!known}>
          Work it up to that row
        </Act>
        <p className="text-sm text-faint">So that both ends of a piece, and both pieces of a pair, match.</p>
      </div>
    </Sheet>
  );
}

interface ActProps {
  readonly onClick: () => Promise<void>;
  readonly children: ReactNode;
  readonly disabled?: boolean;
}

function Act({ onClick, children, disabled = false }: ActProps) {
  return (
    <Button onClick={() => void onClick()} disabled={disabled} look="main" className="justify-self-start">
      {children}
    </Button>
  );
}
