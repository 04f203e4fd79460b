import type { ReactNode } from "react";

interface TickProps {
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
  readonly children: ReactNode;
  readonly disabled?: boolean;
  readonly className?: string;
}

/** Something that is so or not. */
export const Tick = ({ checked, onChange, children, disabled = false, className = "" }: TickProps) => (
  <label className={`flex items-center gap-2 ${className}`}>
    <input
      type="checkbox"
      className="size-4 shrink-0 accent-ink"
      checked={checked}
      disabled={disabled}
      onChange={({ target }) => onChange(target.checked)}
    />
    {children}
  </label>
);
