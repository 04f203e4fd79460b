"use client";
import Link from "next/link";
import { usePathname } from "next/navigation";
import { BENCHES, PANELS_PATH, SHELF_PATH } from "./benches";

/** The benches hang from the strand like stitch markers; on a phone they lie under the thumb. */
export function BenchTabs() {
  const path = usePathname();
  return (
    <nav
      aria-label="Benches"
      className="max-md:fixed max-md:inset-x-0 max-md:bottom-0 max-md:z-20 max-md:border-t max-md:border-line max-md:bg-paper max-md:px-2 max-md:py-2 max-[22.5rem]:px-1"
    >
      <ul className="flex justify-between gap-1 md:justify-start">
        {BENCHES.map(({ path: to, name, key }) => (
          <li key={to} className="relative md:pt-5">
            <span
              aria-hidden
              className={`absolute top-0 left-1/2 hidden h-6 w-4 -translate-x-1/2 rounded-full border-2 md:block ${path === to ? "border-madder" : "border-edge"}`}
            />
            <Tab to={to} name={name} shortcut={key} here={path === to} />
          </li>
        ))}
        <li className="md:ml-2 md:pt-5">
          <Tab to={PANELS_PATH} name="Panels" shortcut="P" here={path === PANELS_PATH} />
        </li>
        <li className="md:pt-5">
          <Tab to={SHELF_PATH} name="Shelf" shortcut="S" here={path === SHELF_PATH} />
        </li>
      </ul>
    </nav>
  );
}

interface TabProps {
  readonly to: string;
  readonly name: string;
  readonly shortcut: string;
  readonly here: boolean;
}

function Tab({ to, name, shortcut, here }: TabProps) {
  return (
    <Link
      href={to}
      aria-current={here ? "page" : undefined}
      aria-keyshortcuts={shortcut}
      className={`relative block rounded-lg border px-1 py-2.5 text-[0.75rem] font-semibold max-[22.5rem]:px-0.5 max-[22.5rem]:tracking-tight md:px-1.5 md:text-[0.95rem] ${here ? "border-ink bg-ink text-paper" : "border-line bg-card"}`}
    >
      {name}
      <kbd className="ml-1 hidden font-[inherit] text-xs font-normal opacity-80 md:inline">{shortcut}</kbd>
    </Link>
  );
}
