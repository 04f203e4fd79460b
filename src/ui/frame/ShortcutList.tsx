"use client";
import Link from "next/link";
import { Sheet } from "@/ui/parts/Sheet";
import { HELP_PATH } from "./benches";
import { SHORTCUTS } from "./shortcuts";

interface ShortcutListProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

export function ShortcutList({ open, onOpenChange }: ShortcutListProps) {
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title="Shortcuts">
      <dl className="mt-4 grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
        {SHORTCUTS.map(({ keys, does }) => (
          <div key={keys} className="contents">
            <dt className="flex gap-1">
              {keys.split(" ").map((key) => (
                <kbd key={key} className="rounded-md border border-edge px-2 py-0.5 font-[inherit] text-sm">
                  {key}
                </kbd>
              ))}
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
        <dt>
          <kbd className="rounded-md border border-edge px-2 py-0.5 font-[inherit] text-sm">← →</kbd>
        </dt>
        <dd>On the strand: one row back or forward</dd>
      </dl>
      <p className="mt-4 border-t border-line pt-3">
        <Link href={HELP_PATH} className="text-woad underline" onClick={() => onOpenChange(false)}>
          Help: what people ask
        </Link>
      </p>
    </Sheet>
  );
}
