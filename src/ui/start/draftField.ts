import { useId } from "react";
import type { FigureKind } from "@/core/project/figureKinds";
import type { Message } from "@/core/words/message";
import { useDraft } from "@/state/chosen/startDraft";
import { useUnits } from "@/state/keeping/settings";

/** A field before there is a project: its value, null while it means none, and what its input shows. */
export interface DraftField<Value> {
  readonly value: Value | null;
  /** Whether nothing is typed, which is no mistake. */
  readonly empty: boolean;
  readonly input: {
    readonly id: string;
    readonly text: string;
    readonly onText: (text: string) => void;
    readonly wrong: Message | undefined;
  };
}

/** A figure that is typed before there is a project; `usual` stands in it until something is typed. */
export function useDraftField<Value>(
  key: string,
  figure: FigureKind<Value>,
  usual: Value | null = null,
): DraftField<Value> {
  const id = useId();
  const units = useUnits();
  const [text, onText] = useDraft(key, usual === null ? "" : figure.tell(usual, units));
  const empty = text.trim() === "";
  const reading = empty ? null : figure.read(text, units);
  return {
    value: reading?.ok ? reading.value : null,
    empty,
    input: { id, text, onText, wrong: reading && !reading.ok ? reading.message : undefined },
  };
}

/** Whether a field may be gone on with: it has a value, or nothing is typed. */
export const isFine = ({ value, empty }: DraftField<unknown>) => value !== null || empty;
