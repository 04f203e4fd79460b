"use client";
import { X } from "lucide-react";
import { Dialog } from "radix-ui";
import { useRef, type ReactNode } from "react";

interface SheetProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly title: string;
  readonly children: ReactNode;
  /** For charts and tables. */
  readonly wide?: boolean;
}

/** What a sheet was opened from, to be given the focus back: of an act in a menu, the button of the menu. */
function openerOf(focused: Element | null): HTMLElement | null {
  const menu = focused?.closest("[role=menu]");
  const opener = menu ? document.getElementById(menu.getAttribute("aria-labelledby") ?? "") : focused;
  return opener instanceof HTMLElement ? opener : null;
}

/** The one dialog: a sheet over the bench, closed by Escape, by its button or beside it. */
export function Sheet({ open, onOpenChange, title, children, wide = false }: SheetProps) {
  const opener = useRef<HTMLElement | null>(null);
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Dialog.Content
          aria-describedby={undefined}
          onOpenAutoFocus={() => (opener.current = openerOf(document.activeElement))}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            // What it was opened from may be drawn anew meanwhile: then one goes on at the bench.
            (opener.current?.isConnected ? opener.current : document.getElementById("bench"))?.focus();
          }}
          className={`fixed top-1/2 left-1/2 z-40 max-h-[88dvh] ${wide ? "w-[min(56rem,calc(100vw-1.5rem))]" : "w-[min(30rem,calc(100vw-2rem))]"} -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-2xl border border-line bg-card p-6`}
        >
          <Dialog.Title className="pr-9 text-2xl">{title}</Dialog.Title>
          {children}
          <Dialog.Close
            aria-label="Close"
            className="absolute top-4 right-4 grid size-9 place-items-center rounded-lg hover:bg-line"
          >
            <X size={19} aria-hidden />
          </Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
