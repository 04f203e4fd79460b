"use client";
import { ToggleGroup } from "radix-ui";

interface Option<Value extends string> {
  readonly value: Value;
  readonly label: string;
  /** A longer name, where the label is too short to be understood by itself. */
  readonly name?: string;
}

interface ChoiceProps<Value extends string> {
  readonly label: string;
  readonly options: readonly Option<Value>[];
  readonly value: Value;
  readonly onChange: (value: Value) => void;
}

/** One of a few, all in sight. */
export function Choice<Value extends string>({ label, options, value, onChange }: ChoiceProps<Value>) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value}
      onValueChange={(chosen: string) => {
        const option = options.find((one) => one.value === chosen);
        if (option) onChange(option.value);
      }}
      className="inline-flex max-w-full rounded-lg max-[22.5rem]:flex-wrap border border-edge bg-card p-0.5 text-sm"
    >
      {options.map((option) => (
        <ToggleGroup.Item
          key={option.value}
          value={option.value}
          aria-label={option.name}
          className="rounded-md px-2 py-1 whitespace-nowrap data-[state=on]:bg-ink data-[state=on]:text-paper"
        >
          {option.label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
