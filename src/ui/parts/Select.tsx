import { FIELD_LOOK } from "./fieldLook";
import { useId, type ReactNode } from "react";

interface SelectProps<Value extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: Value; readonly label: string }[];
  readonly value: Value;
  readonly onChange: (value: Value) => void;
  /** What the choice comes to, under it. */
  readonly says?: ReactNode;
  readonly labelHidden?: boolean;
}

/** One of many, opened to be chosen from. */
export function Select<Value extends string>({
  label,
  options,
  value,
  onChange,
  says,
  labelHidden = false,
}: SelectProps<Value>) {
  const id = useId();
  return (
    <div className="min-w-0 text-sm">
      <label htmlFor={id} className={labelHidden ? "sr-only" : ""}>
        {label}
      </label>
      <select
        id={id}
        value={value}
        aria-describedby={says ? `${id}-says` : undefined}
        onChange={({ target }) => {
          const option = options.find((one) => one.value === target.value);
          if (option) onChange(option.value);
        }}
        className={labelHidden ? FIELD_LOOK : `mt-0.5 ${FIELD_LOOK}`}
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
      {says && (
        <p id={`${id}-says`} className="mt-0.5 text-[0.8rem] leading-snug text-faint">
          {says}
        </p>
      )}
    </div>
  );
}
