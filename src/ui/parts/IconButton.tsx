import type { ComponentType } from "react";

interface IconButtonProps {
  readonly label: string;
  readonly icon: ComponentType<{ size: number; "aria-hidden": true }>;
  readonly onClick: () => void;
  readonly keys?: string;
  readonly disabled?: boolean;
}

/** A button that is only a picture: its name is told to the pointer and to screen readers. */
export function IconButton({ label, icon: Icon, onClick, keys, disabled = false }: IconButtonProps) {
  return (
    <button
      type="button"
      aria-label={label}
      title={keys ? `${label} (${keys.replaceAll("+", " ").replace("Control", "Ctrl")})` : label}
      aria-keyshortcuts={keys}
      disabled={disabled}
      onClick={onClick}
      className="grid size-9 place-items-center rounded-lg hover:bg-line disabled:opacity-35 disabled:hover:bg-transparent"
    >
      <Icon size={19} aria-hidden />
    </button>
  );
}
