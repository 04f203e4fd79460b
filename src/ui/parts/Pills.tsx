import { Plus } from "lucide-react";
import type { ReactNode } from "react";

interface PillProps {
  readonly chosen: boolean;
  readonly onChoose: () => void;
  readonly children: ReactNode;
}

/** One of several things that lie beside one another, one of them open. */
export function Pill({ chosen, onChoose, children }: PillProps) {
  return (
    <button
      type="button"
      aria-pressed={chosen}
      onClick={onChoose}
      className={`flex max-w-52 items-center gap-1.5 rounded-full border px-3 py-1 text-sm font-semibold ${chosen ? "border-ink bg-ink text-paper" : "border-edge hover:bg-line"}`}
    >
      {children}
    </button>
  );
}

interface AddPillProps {
  readonly disabled: boolean;
  readonly onAdd: () => void;
  readonly children: ReactNode;
}

/** Adds one more. */
export function AddPill({ disabled, onAdd, children }: AddPillProps) {
  return (
    <button
      type="button"
      disabled={disabled}
      onClick={onAdd}
      className="flex items-center gap-1 rounded-full border border-dashed border-edge px-3 py-1 text-sm hover:bg-line disabled:opacity-40"
    >
      <Plus size={14} aria-hidden /> {children}
    </button>
  );
}
