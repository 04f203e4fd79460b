import type { ReactNode } from "react";

interface ButtonProps {
  readonly onClick: () => void;
  readonly children: ReactNode;
  /** The one thing that is mostly done here. */
  readonly main?: boolean;
  readonly disabled?: boolean;
}

/** A button with words on it. */
export function Button({ onClick, children, main = false, disabled = false }: ButtonProps) {
  const look = main ? "bg-ink text-paper" : "border border-edge hover:bg-line";
  return (
    <button
      type="button"
      onClick={onClick}
      disabled={disabled}
      className={`flex items-center gap-1.5 rounded-lg px-3 py-1.5 font-semibold whitespace-nowrap disabled:opacity-40 ${look}`}
    >
      {children}
    </button>
  );
}
