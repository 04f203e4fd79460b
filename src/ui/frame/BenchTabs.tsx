"use client";
import Link from "next/link";
import { usePathname } from "next/navigation";
import { BENCHES } from "./benches";

/** The benches hang from the strand like stitch markers; on a phone they lie under the thumb. */
export function BenchTabs() {
  const path = usePathname();
  return (
    <nav
      aria-label="Benches"
      className="max-md:fixed max-md:inset-x-0 max-md:bottom-0 max-md:z-20 max-md:border-t max-md:border-line max-md:bg-paper max-md:px-2 max-md:py-2"
    >
      <ul className="flex justify-between gap-1.5 md:justify-start">
        {BENCHES.map(({ path: to, name, key }) => {
          const here = path === to;
          return (
            <li key={to} className="relative md:pt-5">
              <span
                aria-hidden
                className={`absolute left-1/2 top-0 hidden h-6 w-4 -translate-x-1/2 rounded-full border-2 md:block ${here ? "border-madder" : "border-edge"}`}
              />
              <Link
                href={to}
                aria-current={here ? "page" : undefined}
                aria-keyshortcuts={key}
                className={`relative block rounded-lg border px-2 py-2.5 text-sm font-semibold md:px-3 md:text-base ${here ? "border-ink bg-ink text-paper" : "border-line bg-card"}`}
              >
                {name}
                <kbd className="ml-1.5 hidden font-[inherit] text-xs font-normal opacity-80 md:inline">
                  {key}
                </kbd>
              </Link>
            </li>
          );
        })}
      </ul>
    </nav>
  );
}
