"use client";
import type { ReactNode } from "react";
import { setNaming, setTheme, setUnits, setWords, useSettings } from "@/state/keeping/settings";
import { Choice } from "@/ui/parts/Choice";
import { Sheet } from "@/ui/parts/Sheet";
import { NAMING, THEMES, UNITS, WORDS } from "./settingChoices";

interface SettingsSheetProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

/** What belongs to the person: units, words, names of crossings, appearance. */
export function SettingsSheet({ open, onOpenChange }: SettingsSheetProps) {
  const { units, words, naming, theme } = useSettings();
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title="Settings">
      <div className="mt-4 grid gap-4">
        <Setting name="Units" says="Typed measures are understood in either.">
          <Choice label="Units of all figures" options={UNITS} value={units} onChange={setUnits} />
        </Setting>
        <Setting name="Words" says="skp or skpo, yarn over or yarn round needle.">
          <Choice label="Words" options={WORDS} value={words} onChange={setWords} />
        </Setting>
        <Setting name="Crossings" says="Named by their halves, or by all their stitches. Both are read.">
          <Choice label="Crossings" options={NAMING} value={naming} onChange={setNaming} />
        </Setting>
        <Setting name="Appearance" says="Follow your device, or always the same.">
          <Choice label="Appearance" options={THEMES} value={theme} onChange={setTheme} />
        </Setting>
      </div>
      <p className="mt-4 text-sm text-faint">Saved in this browser, for every project.</p>
    </Sheet>
  );
}

interface SettingProps {
  readonly name: string;
  readonly says: string;
  readonly children: ReactNode;
}

const Setting = ({ name, says, children }: SettingProps) => (
  <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
    <p className="min-w-48 flex-1">
      {name}
      <span className="block text-sm text-faint">{says}</span>
    </p>
    {children}
  </div>
);
