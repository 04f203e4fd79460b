"use client";
import { useId, type ReactNode } from "react";
import { START_LIST, type StartId } from "@/core/templates/startList";
import { ShapeDrawing } from "./ShapeDrawing";

interface ShapeChoiceProps {
  readonly label: string;
  readonly among: readonly StartId[];
  readonly value: StartId | null;
  readonly onChange: (id: StartId) => void;
  /** What is told under its name. */
  readonly says?: (id: StartId) => ReactNode;
}

const nameOf = (id: StartId) => START_LIST.find((one) => one.id === id)?.name ?? "";

/** Things to knit, drawn, of which one is chosen. */
export function ShapeChoice({ label, among, value, onChange, says }: ShapeChoiceProps) {
  const group = useId();
  return (
    <div
      role="radiogroup"
      aria-label={label}
      className={`grid gap-2 ${says ? "grid-cols-1 sm:grid-cols-2 lg:grid-cols-3" : "grid-cols-3 sm:grid-cols-[repeat(auto-fill,minmax(7.500rem,1fr))]"}`}
    >
      {among.map((id) => (
        <label
          key={id}
          className={`relative flex rounded-lg border border-line bg-card p-2 has-checked:border-ink has-checked:bg-paper has-checked:shadow-[inset_0_0_0_1px_var(--ink)] has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-woad ${says ? "items-center gap-3" : "flex-col items-center text-center text-sm leading-tight"}`}
        >
          <input
            type="radio"
            name={group}
            checked={id === value}
            onChange={() => onChange(id)}
            className="absolute inset-0 m-0 opacity-0"
          />
          <span className="shrink-0">
            <ShapeDrawing of={id} />
          </span>
          <span className="min-w-0">
            <span className={says ? "font-semibold" : ""}>{nameOf(id)}</span>
            {says && <span className="block text-sm leading-snug">{says(id)}</span>}
          </span>
        </label>
      ))}
    </div>
  );
}
