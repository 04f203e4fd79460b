interface EditButtonProps {
  readonly does: string;
  readonly shortcut: string;
  readonly disabled: boolean;
  readonly onClick: () => Promise<void>;
}

/** One act on the chart, with its key. */
export function EditButton({ does, shortcut, disabled, onClick }: EditButtonProps) {
  return (
    <Button disabled={disabled} onClick={() => void onClick()} size="small">
      {does} {shortcut && <kbd className="font-[inherit] text-xs opacity-80">{shortcut.toUpperCase()}</kbd>}
    </Button>
  );
}
import { Button } from "@/ui/parts/Button";
