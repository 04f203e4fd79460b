"use client";
import type { Says } from "@/core/words/message";
import { useId, type ReactNode } from "react";
import type { FigureKind } from "@/core/project/figureKinds";
import { useUnits } from "@/state/keeping/settings";
import { keepText, useTypedText } from "@/state/fields/typedTexts";
import { MeasureInput } from "./MeasureInput";

interface TypedValue<Value> {
  readonly label: string;
  /** Whose it is: together with the label it is where the text is kept. */
  readonly of: string;
  readonly value: Value | null;
  /** How it is read and told, from the table of what is entered. */
  readonly figure: FigureKind<Value>;
  /** Gets every value that can be read, and null where the field is emptied and may be. */
  readonly onValue: (value: Value | null) => void;
  /** May be left empty. */
  readonly optional?: boolean;
}

export interface ValueFieldProps<Value> extends TypedValue<Value> {
  readonly example?: Says;
  readonly says?: ReactNode;
}

const alike = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);

/**
 * A value typed in words of one's own: what was typed stands as long as it means the value, or while it cannot be
 * read; the last good value stays in force.
 */
export function useTypedValue<Value>({
  label,
  of,
  value,
  figure,
  onValue,
  optional = false,
}: TypedValue<Value>) {
  const units = useUnits();
  const place = { of, label };
  const typed = useTypedText(place);
  const reading = typed === null || (optional && typed.trim() === "") ? null : figure.read(typed, units);
  const stands =
    typed !== null && (reading === null ? value === null : !reading.ok || alike(reading.value, value));
  return {
    text: stands ? typed : value === null ? "" : figure.tell(value, units),
    wrong: stands && reading && !reading.ok ? reading.message : undefined,
    onText: (text: string) => {
      const emptied = optional && text.trim() === "";
      const found = emptied ? null : figure.read(text, units);
      keepText(place, { text, refused: found !== null && !found.ok });
      if (found === null) return onValue(null);
      if (found.ok) onValue(found.value);
    },
  };
}

/** Such a value with its label, and under it what is wrong or how it was understood. */
export function ValueField<Value>({ example, says, ...value }: ValueFieldProps<Value>) {
  const id = useId();
  return (
    <MeasureInput
      id={id}
      label={value.label}
      {...useTypedValue(value)}
      {...(example !== undefined && { example })}
      says={says}
    />
  );
}
