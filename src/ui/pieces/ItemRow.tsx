import { Button } from "@/ui/parts/Button";
import type { ReactNode } from "react";

interface ItemRowProps {
  readonly name: string;
  readonly times: number;
  /** What it takes. */
  readonly aside: string;
  readonly open: boolean;
  readonly onToggle: () => void;
  /** Its fields, while it is open. */
  readonly children: ReactNode;
}

/** A seam or an extra in its list: what it is and takes, and its fields under it while it is open. */
export function ItemRow({ name, times, aside, open, onToggle, children }: ItemRowProps) {
  return (
    <li className="border-b border-line last:border-b-0">
      <Button
        aria-expanded={open}
        onClick={onToggle}
        look="bare"
        className="flex w-full items-baseline justify-between gap-2 py-1.5 text-left hover:bg-line"
      >
        <span className="min-w-0">
          {name}
          {times > 1 && <span className="text-faint"> ×{times}</span>}
        </span>
        <span className="shrink-0 text-sm text-faint">{aside}</span>
      </Button>
      {open && <div className="pb-2">{children}</div>}
    </li>
  );
}
