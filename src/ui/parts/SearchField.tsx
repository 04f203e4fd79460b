interface SearchFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onText: (text: string) => void;
  readonly example?: string;
}

/** Words by which something is found in a list. */
export function SearchField({ label, value, onText, example }: SearchFieldProps) {
  return (
    <label className="text-sm">
      {label}
      <input
        type="search"
        value={value}
        onChange={({ target }) => onText(target.value)}
        placeholder={example}
        className="mt-0.5 block w-52 rounded-lg border border-edge bg-paper px-2.5 py-1.5 text-base placeholder:text-faint placeholder:italic"
      />
    </label>
  );
}
