import { typed } from "@/state/project/projectStore";

/** A colour as a dot of yarn, beside a name. */
export function ColourDot({ colour }: { readonly colour: string }) {
  return (
    <span
      aria-hidden
      className="coloured inline-block size-3.5 shrink-0 rounded-full border border-edge align-[-2px]"
      style={{ backgroundColor: colour }}
    />
  );
}

interface ColourFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onColour: (colour: string) => void;
  /** A patch of colour beside a name, told to screen readers alone. */
  readonly labelHidden?: boolean;
}

/** A colour to choose. */
export const ColourField = ({ label, value, onColour, labelHidden = false }: ColourFieldProps) => (
  <label className="min-w-0 text-sm">
    {!labelHidden && label}
    <input
      type="color"
      aria-label={labelHidden ? label : undefined}
      value={value}
      onChange={({ target }) => typed(() => onColour(target.value))}
      className={`block rounded-lg border border-edge bg-paper p-1 ${labelHidden ? "h-9 w-12" : "mt-0.5 h-10 w-full"}`}
    />
  </label>
);
