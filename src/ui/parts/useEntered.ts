import type { Message } from "@/core/words/message";
import { useId, useState } from "react";
import type { FigureKind } from "@/core/project/figureKinds";
import { useUnits } from "@/state/keeping/settings";
/** A field of a tool: what is typed, what it means (null while it means nothing), and what is wrong with it. */
export interface EnteredField {
  readonly value: number | null;
  /** What the input shows and tells. */
  readonly input: {
    readonly id: string;
    readonly text: string;
    readonly onText: (text: string) => void;
    readonly wrong: Message | undefined;
  };
}

/** A figure that is typed for the moment alone. It begins with a value in the units of the day, or with a text. */
export function useEntered(figure: FigureKind<number>, initial: number | string): EnteredField {
  const id = useId();
  const units = useUnits();
  const [text, onText] = useState(() =>
    typeof initial === "string" ? initial : figure.tell(initial, units),
  );
  const reading = text.trim() === "" ? null : figure.read(text, units);
  return {
    value: reading?.ok ? reading.value : null,
    input: { id, text, onText, wrong: reading && !reading.ok ? reading.message : undefined },
  };
}
