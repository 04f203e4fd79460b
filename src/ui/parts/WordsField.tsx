import { typed } from "@/state/project/projectStore";

interface WordsFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onText: (text: string) => void;
  readonly most?: number;
  readonly example?: string;
  readonly type?: "text" | "date";
}

/** A line of words. */
export function WordsField({ label, value, onText, most = 120, example, type = "text" }: WordsFieldProps) {
  return (
    <label className="min-w-0 text-sm">
      {label}
      <input
        type={type}
        value={value}
        maxLength={most}
        placeholder={example}
        onChange={({ target }) => typed(() => onText(target.value))}
        className="mt-0.5 block w-full rounded-lg border border-edge bg-paper px-2.5 py-1.5 text-base placeholder:text-faint placeholder:italic"
      />
    </label>
  );
}
