"use client";
import { DropdownMenu } from "radix-ui";
import type { ReactElement } from "react";

interface MenuAct {
  readonly name: string;
  readonly keys?: string;
  readonly act: () => void;
}

export interface MenuProps {
  /** The button that opens it. */
  readonly trigger: ReactElement;
  readonly acts: readonly MenuAct[];
  /** What stands above them. */
  readonly note?: string;
}

/** A menu that stands open when it is first drawn, and opens and closes from then on. */
export function OpenMenu({ trigger, acts, note }: MenuProps) {
  return (
    <DropdownMenu.Root modal={false} defaultOpen>
      <DropdownMenu.Trigger asChild>{trigger}</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          sideOffset={4}
          className="z-50 min-w-56 rounded-xl border border-line bg-card p-1.5 shadow-lg"
        >
          {note && (
            <DropdownMenu.Label className="max-w-72 px-3 py-2 text-sm text-faint">{note}</DropdownMenu.Label>
          )}
          {acts.map(({ name, keys, act }) => (
            <DropdownMenu.Item
              key={name}
              onSelect={act}
              className="flex cursor-pointer items-center justify-between gap-8 rounded-md px-3 py-2 outline-none data-[highlighted]:bg-ink data-[highlighted]:text-paper"
            >
              {name}
              {keys && <span className="text-sm opacity-75">{keys}</span>}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
