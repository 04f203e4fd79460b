"use client";
import { useId, type ReactNode } from "react";
import type { Reading } from "@/core/units/reading";
import { keepText, useTypedText } from "@/state/typedTexts";
import { MeasureInput } from "./MeasureInput";

export interface ValueFieldProps<Value> {
  readonly label: string;
  /** Whose it is: together with the label it is where the text is kept. */
  readonly of: string;
  readonly value: Value | null;
  /** The value as text that can be read again. */
  readonly tell: (value: Value) => string;
  readonly read: (text: string) => Reading<Value>;
  /** Gets every value that can be read, and null where the field is emptied and may be. */
  readonly onValue: (value: Value | null) => void;
  /** May be left empty. */
  readonly optional?: boolean;
  readonly example?: string;
  readonly says?: ReactNode;
}

const alike = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);

/**
 * A value typed in words of one's own: what was typed stands as long as it means the value, or while it cannot be
 * read; the last good value stays in force.
 */
export function ValueField<Value>({
  label,
  of,
  value,
  tell,
  read,
  onValue,
  optional = false,
  example,
  says,
}: ValueFieldProps<Value>) {
  const id = useId();
  const place = { of, label };
  const typed = useTypedText(place);
  const reading = typed === null || (optional && typed.trim() === "") ? null : read(typed);
  const stands =
    typed !== null && (reading === null ? value === null : !reading.ok || alike(reading.value, value));
  return (
    <MeasureInput
      id={id}
      label={label}
      text={stands ? typed : value === null ? "" : tell(value)}
      onText={(text) => {
        const emptied = optional && text.trim() === "";
        const found = emptied ? null : read(text);
        keepText(place, { text, refused: found !== null && !found.ok });
        if (found === null) return onValue(null);
        if (found.ok) onValue(found.value);
      }}
      {...(example !== undefined && { example })}
      wrong={stands && reading && !reading.ok ? reading.message : undefined}
      says={says}
    />
  );
}
