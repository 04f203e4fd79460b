"use client";
import { ChevronDown } from "lucide-react";
import { useEffect, useRef, useState, type ReactNode } from "react";
import { openDrawer, useDrawers } from "@/state/chosen/drawers";

interface DrawerProps {
  readonly title: string;
  /** What it says, in a few words: it is seen while the drawer is shut. */
  readonly answer?: ReactNode;
  /** Whether it stands open at first where there is room, or is shut until it is needed. */
  readonly atFirst: "openOnDesk" | "shut";
  /** Given as a function, what costs time to show is told whether it is seen. */
  readonly children: ReactNode | ((open: boolean) => ReactNode);
}

const isDesk = () => window.matchMedia("(min-width: 48rem)").matches;

/**
 * A card that opens under its title, and says there what it comes to. What is wrong inside it opens it. Example:
 * `<Drawer title="Tail to leave" answer="1.55 m" atFirst="shut">…</Drawer>`.
 */
export function Drawer({ title, answer, atFirst, children }: DrawerProps) {
  const wanted = useDrawers(({ open }) => open[title]);
  const [first] = useState(() => atFirst === "openOnDesk" && isDesk());
  const open = wanted ?? first;
  const within = useRef<HTMLDetailsElement>(null);
  useEffect(() => {
    if (!open && within.current?.querySelector("[aria-invalid=true]")) openDrawer(title, true);
  });
  return (
    <section aria-label={title} className="rounded-xl border border-line bg-card">
      <details
        ref={within}
        open={open}
        onToggle={({ currentTarget, target }) => {
          if (target === currentTarget && currentTarget.open !== open) openDrawer(title, currentTarget.open);
        }}
      >
        <summary
          onClick={(event) => {
            // Told at once: what the browser tells of it comes later, and a page may be left before.
            event.preventDefault();
            openDrawer(title, !open);
          }}
          className="flex list-none items-baseline gap-x-3 rounded-xl px-4 py-3 hover:bg-line/40 [&::-webkit-details-marker]:hidden"
        >
          <h2 className="max-w-[65%] shrink-0 text-xl wrap-anywhere">{title}</h2>
          {answer && <span className="min-w-0 flex-1 text-right text-sm text-faint">{answer}</span>}
          <ChevronDown
            size={16}
            aria-hidden
            className={`shrink-0 self-center text-faint ${answer ? "" : "ml-auto"} ${open ? "rotate-180" : ""}`}
          />
        </summary>
        <div className="px-4 pb-4">{typeof children === "function" ? children(open) : children}</div>
      </details>
    </section>
  );
}
