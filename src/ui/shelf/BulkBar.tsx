"use client";
import { countOf } from "@/core/words/things";
import { useState } from "react";
import { toast } from "@/ui/parts/toast";
import { MOST_CANDIDATES } from "@/core/project/candidates";
import { readMoney } from "@/core/typed/money";
import type { ShelfEntry } from "@/core/project/shelf";
import { editEntries, removeEntries } from "@/state/buying/shelf";
import { addCandidate } from "@/state/buying/swap";
import { Button } from "@/ui/parts/Button";
import { Select } from "@/ui/parts/Select";
import { undoable } from "@/ui/parts/undoable";
import { WordsField } from "@/ui/parts/WordsField";

const PARTS = [
  { value: "place", label: "where they are kept" },
  { value: "lot", label: "their dye lot" },
  { value: "price", label: "the price of a ball" },
  { value: "notes", label: "their notes" },
  { value: "fibres", label: "their fibres" },
] as const;
type Part = (typeof PARTS)[number]["value"];

interface BulkBarProps {
  readonly chosen: readonly ShelfEntry[];
  readonly onDone: () => void;
}

/** What can be done with several yarns at once. */
export function BulkBar({ chosen, onDone }: BulkBarProps) {
  const [part, setPart] = useState<Part>("place");
  const [text, setText] = useState("");
  const ids = chosen.map(({ id }) => id);
  const many = countOf(chosen.length, "yarn");
  const amount = part === "price" ? readMoney(text) : null;
  const set = () => {
    if (amount && !amount.ok) return;
    editEntries(ids, `set ${part}`, (entry) => {
      if (part === "fibres") entry.label.fibres = text.slice(0, 200);
      else if (part === "price") entry.price = amount?.ok ? amount.value : null;
      else entry[part] = text.slice(0, part === "lot" ? 60 : 120);
    });
    toast.success(`${many} changed`, undoable);
    setText("");
  };
  const beside = () => {
    const put = chosen.filter(({ label, price }) => addCandidate({ label, price, from: "shelf" }) !== null);
    if (put.length < chosen.length) toast.warning(`At most ${MOST_CANDIDATES} can be compared at once.`);
    else toast.success(`${many} added on the Swap bench, beside the pattern’s yarn`, undoable);
    onDone();
  };
  return (
    <div
      role="group"
      aria-label="With those chosen"
      className="mt-2 flex flex-wrap items-end gap-3 rounded-lg border border-edge p-2.5"
    >
      <strong className="self-center">{many} chosen</strong>
      <div className="w-52">
        <Select label="Set" options={PARTS} value={part} onChange={setPart} />
      </div>
      <div className="w-44">
        <WordsField
          label="to"
          value={text}
          onText={setText}
          wrong={amount && !amount.ok && text !== "" ? amount.message : undefined}
        />
      </div>
      <Button onClick={set} disabled={amount !== null && !amount.ok}>
        Set
      </Button>
      <Button onClick={beside}>Compare on Swap</Button>
      <Button
        onClick={() => {
          removeEntries(ids);
          toast.success(`${many} removed from the shelf`, undoable);
          onDone();
        }}
      >
        Remove from the shelf
      </Button>
    </div>
  );
}
