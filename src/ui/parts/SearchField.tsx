import { FIELD_LOOK } from "./fieldLook";

interface SearchFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onText: (text: string) => void;
  readonly example?: string;
  readonly labelHidden?: boolean;
}

/** Words by which something is found in a list. */
export function SearchField({ label, value, onText, example, labelHidden = false }: SearchFieldProps) {
  return (
    <label className="min-w-0 flex-1 text-sm">
      {!labelHidden && label}
      <input
        type="search"
        value={value}
        onChange={({ target }) => onText(target.value)}
        placeholder={example}
        aria-label={labelHidden ? label : undefined}
        className={labelHidden ? FIELD_LOOK : `mt-0.5 min-w-52 ${FIELD_LOOK}`}
      />
    </label>
  );
}
