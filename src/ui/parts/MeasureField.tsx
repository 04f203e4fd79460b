"use client";
import { useEffect } from "react";
import { useChosen } from "@/state/chosen/chosen";
import type { FieldId } from "@/state/fields/fields";
import { useProject } from "@/state/project/projectStore";
import { useUnits } from "@/state/keeping/settings";
import { shownIn, typeInto } from "@/state/fields/typing";
import type { Says } from "@/core/words/message";
import { MeasureInput } from "./MeasureInput";
import { reveal } from "./reveal";

interface MeasureFieldProps {
  readonly field: FieldId;
  readonly label: string;
  /** What an empty field shows: an example, or what is assumed. */
  readonly example: Says;
  /** How the value was understood and where it comes from; under the field while nothing is wrong. */
  readonly says?: React.ReactNode;
  /** A problem that lies not in the text but between fields. */
  readonly finding?: Says | undefined;
}

/** A measure or count of the project: any unit, the text kept as typed, what is wrong said in words. */
export function MeasureField({ field, label, example, says, finding }: MeasureFieldProps) {
  const units = useUnits();
  const chosen = useChosen();
  const { text, problem } = shownIn(field, useProject(), units, chosen);
  useEffect(() => {
    if (window.location.hash === `#${field}`) reveal(field);
  }, [field]);
  return (
    <MeasureInput
      id={field}
      label={label}
      text={text}
      onText={(typed) => typeInto(field, typed, units, chosen)}
      example={example}
      wrong={problem ?? finding}
      says={says}
    />
  );
}
