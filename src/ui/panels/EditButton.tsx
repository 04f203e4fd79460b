interface EditButtonProps {
  readonly does: string;
  readonly shortcut: string;
  readonly disabled: boolean;
  readonly onClick: () => Promise<void>;
}

/** One act on the chart, with its key. */
export function EditButton({ does, shortcut, disabled, onClick }: EditButtonProps) {
  return (
    <button
      type="button"
      disabled={disabled}
      onClick={() => void onClick()}
      className="rounded-md border border-edge px-2 py-1 disabled:opacity-40"
    >
      {does} {shortcut && <kbd className="font-[inherit] text-xs opacity-80">{shortcut.toUpperCase()}</kbd>}
    </button>
  );
}
