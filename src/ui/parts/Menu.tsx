"use client";
import { DropdownMenu } from "radix-ui";
import type { ReactNode } from "react";

interface MenuAct {
  readonly name: string;
  readonly keys?: string;
  readonly act: () => void;
}

interface MenuProps {
  /** The button that opens it. */
  readonly trigger: ReactNode;
  readonly acts: readonly MenuAct[];
}

/** The one menu: acts under a button, each with its keys where it has some. */
export function Menu({ trigger, acts }: MenuProps) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger asChild>{trigger}</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          sideOffset={4}
          className="z-30 min-w-56 rounded-xl border border-line bg-card p-1.5 shadow-lg"
        >
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
