import { typed } from "@/state/project/projectStore";
import { TriangleAlert } from "lucide-react";
import type { Says } from "@/core/words/message";
import { useSaid } from "./Said";
import { FIELD_LOOK } from "./fieldLook";
import { useId, type ReactNode } from "react";

interface MeasureInputProps {
  readonly id: string;
  readonly label: string;
  readonly text: string;
  readonly onText: (text: string) => void;
  /** What an empty field shows. */
  readonly example?: Says;
  /** What is wrong, in words; `says` stands there while nothing is. */
  readonly wrong?: Says | undefined;
  readonly says?: ReactNode;
}

/** How every measure and count is typed: the text to the letter, and under it what is wrong or how it was understood. */
export function MeasureInput({ id, label, text, onText, example, wrong, says }: MeasureInputProps) {
  const wordsId = useId();
  const said = useSaid();
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="text-sm">
        {label}
      </label>
      <input
        id={id}
        value={text}
        placeholder={example && said(example)}
        autoComplete="off"
        spellCheck={false}
        aria-invalid={wrong ? true : undefined}
        aria-describedby={wordsId}
        onChange={({ target }) => typed(() => onText(target.value))}
        className={`mt-0.5 ${FIELD_LOOK}`}
      />
      <p id={wordsId} aria-live="polite" className="mt-0.5 min-h-3 text-[0.8rem] leading-snug text-faint">
        {wrong ? (
          <span className="text-madder">
            <TriangleAlert size={13} aria-hidden className="mr-1 inline align-[-2px]" />
            {said(wrong)}
          </span>
        ) : (
          says
        )}
      </p>
    </div>
  );
}
