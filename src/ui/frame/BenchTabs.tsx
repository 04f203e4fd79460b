"use client";
import { Ellipsis } from "lucide-react";
import Link from "next/link";
import { usePathname, useRouter } from "next/navigation";
import { useIsAnswered } from "@/state/engine/answer";
import { openTools } from "@/state/chosen/toolDrawer";
import { Button } from "@/ui/parts/Button";
import { Menu } from "@/ui/parts/Menu";
import { BENCHES, HELP_PATH, PANELS_PATH, SHELF_PATH } from "./benches";
import { toggleTheme, toggleUnits } from "./shortcuts";

interface BenchTabsProps {
  readonly onShortcuts: () => void;
  readonly onSettings: () => void;
}

/** The benches in the order of the work; on a phone they lie under the thumb, and what else is at hand in a menu beside them. */
export function BenchTabs({ onShortcuts, onSettings }: BenchTabsProps) {
  const path = usePathname();
  const { push } = useRouter();
  const beside = path === PANELS_PATH || path === SHELF_PATH;
  return (
    <nav
      aria-label="Benches"
      className="max-md:fixed max-md:inset-x-0 max-md:bottom-0 max-md:z-20 max-md:border-t max-md:border-line max-md:bg-paper max-md:px-2 max-md:py-2 md:order-last md:basis-full xl:order-none xl:basis-auto"
    >
      <ul className="flex justify-between gap-1 md:justify-start">
        {BENCHES.map(({ path: to, name, key }) => (
          <li key={to}>
            <Tab to={to} name={name} shortcut={key} here={path === to} />
          </li>
        ))}
        <li className="max-md:hidden md:ml-1.5">
          <Tab to={PANELS_PATH} name="Panels" shortcut="P" here={path === PANELS_PATH} />
        </li>
        <li className="max-md:hidden">
          <Tab to={SHELF_PATH} name="Shelf" shortcut="S" here={path === SHELF_PATH} />
        </li>
        <li className="md:hidden">
          <Menu
            acts={[
              { name: "Panels", act: () => push(PANELS_PATH) },
              { name: "Shelf", act: () => push(SHELF_PATH) },
              { name: "Tools", act: () => openTools() },
              { name: "Metric or imperial", act: toggleUnits },
              { name: "Dark or light", act: toggleTheme },
              { name: "Settings", act: onSettings },
              { name: "Shortcuts", act: onShortcuts },
              { name: "Help", act: () => push(HELP_PATH) },
            ]}
            trigger={
              <Button look="bare" aria-label="More benches and settings" className={tabClass(beside)}>
                <Ellipsis size={18} aria-hidden />
              </Button>
            }
          />
        </li>
      </ul>
    </nav>
  );
}

const tabClass = (here: boolean) =>
  `relative block rounded-lg border px-2 py-2.5 text-[0.8rem] font-semibold max-[22.5rem]:px-1 max-[22.5rem]:tracking-tight md:px-2 md:py-1 md:text-[0.95rem] ${here ? "border-ink bg-ink text-paper" : "border-line bg-card"}`;

interface TabProps {
  readonly to: string;
  readonly name: string;
  readonly shortcut: string;
  readonly here: boolean;
}

const Tab = ({ to, name, shortcut, here }: TabProps) => (
  <Link
    href={to}
    // The other benches are fetched beforehand, but not before the answer.
    prefetch={useIsAnswered() ? null : false}
    title={`Key ${shortcut}`}
    aria-current={here ? "page" : undefined}
    aria-keyshortcuts={shortcut}
    className={tabClass(here)}
  >
    {name}
  </Link>
);
