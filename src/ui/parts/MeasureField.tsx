"use client";
import { useEffect, useId } from "react";
import { TriangleAlert } from "lucide-react";
import type { FieldId } from "@/state/fields";
import { useProject } from "@/state/projectStore";
import { useUnits } from "@/state/settings";
import { shownIn, typeInto } from "@/state/typing";

interface MeasureFieldProps {
  readonly field: FieldId;
  readonly label: string;
  /** What an empty field shows: an example, or what is assumed. */
  readonly example: string;
  /** How the value was understood and where it comes from; under the field while nothing is wrong. */
  readonly says?: React.ReactNode;
  /** A problem that lies not in the text but between fields. */
  readonly finding?: string | undefined;
}

/** The one field for measures and counts: any unit, the text kept as typed, what is wrong said in words. */
export function MeasureField({ field, label, example, says, finding }: MeasureFieldProps) {
  const units = useUnits();
  const { text, problem } = shownIn(field, useProject(), units);
  const wrong = problem ?? finding;
  const wordsId = useId();
  useEffect(() => {
    if (window.location.hash === `#${field}`) document.getElementById(field)?.focus();
  }, [field]);
  return (
    <div className="min-w-0">
      <label htmlFor={field} className="text-sm">
        {label}
      </label>
      <input
        id={field}
        value={text}
        placeholder={example}
        autoComplete="off"
        spellCheck={false}
        aria-invalid={wrong ? true : undefined}
        aria-describedby={wordsId}
        onChange={(event) => typeInto(field, event.target.value, units)}
        className="mt-0.5 w-full rounded-lg border border-edge bg-paper px-2.5 py-1.5 placeholder:text-faint placeholder:italic aria-invalid:border-2 aria-invalid:border-madder"
      />
      <p id={wordsId} aria-live="polite" className="mt-0.5 min-h-3 text-[0.8rem] leading-snug text-faint">
        {wrong ? (
          <span className="text-madder">
            <TriangleAlert size={13} aria-hidden className="mr-1 inline align-[-2px]" />
            {wrong}
          </span>
        ) : (
          says
        )}
      </p>
    </div>
  );
}
