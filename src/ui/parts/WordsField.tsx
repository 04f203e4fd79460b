import type { Says } from "@/core/words/message";
import { useId } from "react";
import { useSaid } from "./Said";
import { FIELD_LOOK } from "./fieldLook";
import { typed } from "@/state/project/projectStore";

interface WordsFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onText: (text: string) => void;
  readonly most?: number;
  readonly example?: string;
  readonly type?: "text" | "date";
  /** More than one for notes. */
  readonly lines?: number;
  readonly wrong?: Says | undefined;
  /** Told to screen readers alone, where it is seen what it is. */
  readonly labelHidden?: boolean;
  readonly className?: string;
}

/** Words: a name, a place, a note of several lines. */
export function WordsField({
  label,
  value,
  onText,
  most = 120,
  example,
  type = "text",
  lines = 1,
  wrong,
  labelHidden = false,
  className = "",
}: WordsFieldProps) {
  const id = useId();
  const said = useSaid();
  const shared = {
    id,
    value,
    maxLength: most,
    placeholder: example,
    className: labelHidden ? FIELD_LOOK : `mt-0.5 ${FIELD_LOOK}`,
    "aria-label": labelHidden ? label : undefined,
    "aria-invalid": wrong ? true : undefined,
    "aria-describedby": wrong ? `${id}-wrong` : undefined,
    onChange: ({ target }: { readonly target: { readonly value: string } }) =>
      typed(() => onText(target.value)),
  };
  return (
    <div className={`min-w-0 text-sm ${className}`}>
      {!labelHidden && <label htmlFor={id}>{label}</label>}
      {lines > 1 ? <textarea rows={lines} {...shared} /> : <input type={type} {...shared} />}
      {wrong && (
        <p id={`${id}-wrong`} role="alert" className="text-[0.8rem] text-madder">
          {said(wrong)}
        </p>
      )}
    </div>
  );
}
