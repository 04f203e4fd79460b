"use client";
import { CircleHelp, Moon, Redo2, Ruler, Settings2, Sun, Undo2 } from "lucide-react";
import { redo, undo, useCanRedo, useCanUndo } from "@/state/project/projectStore";
import { openTools } from "@/state/chosen/toolDrawer";
import { setUnits, useUnits } from "@/state/keeping/settings";
import { Choice } from "@/ui/parts/Choice";
import { IconButton } from "@/ui/parts/IconButton";
import { BenchTabs } from "./BenchTabs";
import { ProjectMenu } from "./ProjectMenu";
import { Saved } from "./SaveStatus";
import { UNITS_SHORT } from "./settingChoices";
import { toggleTheme } from "./shortcuts";

interface HeaderProps {
  readonly onShortcuts: () => void;
  readonly onSettings: () => void;
}

/** One line: the project, the benches, and what is at hand in all of them; on a phone the benches lie under the thumb. */
export function Header({ onShortcuts, onSettings }: HeaderProps) {
  const units = useUnits();
  const canUndo = useCanUndo();
  const canRedo = useCanRedo();
  return (
    <header className="flex h-9.5 items-center gap-x-2 md:h-auto md:min-h-11 md:flex-wrap">
      <h1 className="text-2xl tracking-tight max-md:sr-only">Brenok</h1>
      <ProjectMenu />
      <BenchTabs onShortcuts={onShortcuts} onSettings={onSettings} />
      <div className="ml-auto flex shrink-0 items-center justify-end gap-0.5">
        <Saved />
        <IconButton label="Undo" keys="Control+Z" disabled={!canUndo} onClick={undo} icon={Undo2} />
        <IconButton label="Redo" keys="Control+Shift+Z" disabled={!canRedo} onClick={redo} icon={Redo2} />
        <div className="flex items-center gap-0.5 max-md:hidden">
          <Choice label="Units" options={UNITS_SHORT} value={units} onChange={setUnits} />
          <IconButton label="Tools" keys="T" onClick={() => openTools()} icon={Ruler} />
          <IconButton label="Dark or light" keys="D" onClick={toggleTheme} icon={ThemeIcon} />
          <IconButton label="Settings" keys="," onClick={onSettings} icon={Settings2} />
          <IconButton label="Shortcuts" keys="?" onClick={onShortcuts} icon={CircleHelp} />
        </div>
      </div>
    </header>
  );
}

function ThemeIcon({ size }: { readonly size: number }) {
  return (
    <>
      <Moon size={size} className="[[data-theme=dark]_&]:hidden" />
      <Sun size={size} className="hidden [[data-theme=dark]_&]:block" />
    </>
  );
}
