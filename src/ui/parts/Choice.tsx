"use client";
import { useId } from "react";

interface Option<Value extends string> {
  readonly value: Value;
  readonly label: string;
  /** A longer name, where the label is too short to be understood by itself. */
  readonly name?: string;
}

interface ChoiceProps<Value extends string> {
  readonly label: string;
  readonly options: readonly Option<Value>[];
  /** Null where none is chosen yet. */
  readonly value: Value | null;
  readonly onChange: (value: Value) => void;
}

/** One of a few, all in sight. */
export function Choice<Value extends string>({ label, options, value, onChange }: ChoiceProps<Value>) {
  const group = useId();
  return (
    <div
      role="radiogroup"
      aria-label={label}
      className="inline-flex max-w-full rounded-lg max-[22.5rem]:flex-wrap border border-edge bg-card p-0.5 text-sm"
    >
      {options.map((option) => (
        <label
          key={option.value}
          className="relative rounded-md px-2 py-1 whitespace-nowrap has-checked:bg-ink has-checked:text-paper has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-woad"
        >
          <input
            type="radio"
            name={group}
            aria-label={option.name}
            checked={option.value === value}
            onChange={() => onChange(option.value)}
            className="absolute inset-0 m-0 opacity-0"
          />
          {option.label}
        </label>
      ))}
    </div>
  );
}
