"use client";
import type { ComponentProps } from "react";
import { Button } from "@/ui/parts/Button";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import type { EnteredField } from "@/ui/parts/useEntered";

interface FigureFormProps extends Pick<ComponentProps<typeof MeasureInput>, "says" | "wrong"> {
  readonly label: string;
  readonly field: EnteredField;
  /** What the button says, and how it looks. */
  readonly act: string;
  readonly look?: ComponentProps<typeof Button>["look"];
  readonly onFigure: (figure: number) => void;
}

/** One figure with its button: it is handed on where it can be read and nothing is wrong with it. */
export function FigureForm({ label, field, act, look = "plain", says, wrong, onFigure }: FigureFormProps) {
  const { value, input } = field;
  const refused = value === null || wrong !== undefined;
  return (
    <form
      className="flex items-start gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (!refused) onFigure(value);
      }}
    >
      <div className="grow">
        <MeasureInput label={label} {...input} says={says} wrong={wrong ?? input.wrong} />
      </div>
      <Button submits look={look} className="mt-6" disabled={refused}>
        {act}
      </Button>
    </form>
  );
}
