"use client";
import { CircleHelp, Moon, Redo2, Ruler, Settings2, Sun, Undo2 } from "lucide-react";
import { redo, undo, useCanRedo, useCanUndo } from "@/state/project/projectStore";
import { openTools } from "@/state/chosen/toolDrawer";
import { setUnits, useUnits } from "@/state/keeping/settings";
import { Choice } from "@/ui/parts/Choice";
import { IconButton } from "@/ui/parts/IconButton";
import { ProjectMenu } from "./ProjectMenu";
import { SaveStatus } from "./SaveStatus";
import { UNITS } from "./settingChoices";
import { toggleTheme } from "./shortcuts";

interface HeaderProps {
  readonly onShortcuts: () => void;
  readonly onSettings: () => void;
}

export function Header({ onShortcuts, onSettings }: HeaderProps) {
  const units = useUnits();
  const canUndo = useCanUndo();
  const canRedo = useCanRedo();
  return (
    <header className="flex flex-wrap items-center gap-x-3 gap-y-1 py-2.5">
      <h1 className="text-2xl tracking-tight">Brenok</h1>
      <ProjectMenu />
      <div className="ml-auto flex items-center justify-end gap-1 max-[22.5rem]:flex-wrap">
        <SaveStatus />
        <IconButton label="Undo" keys="Control+Z" disabled={!canUndo} onClick={undo} icon={Undo2} />
        <IconButton label="Redo" keys="Control+Shift+Z" disabled={!canRedo} onClick={redo} icon={Redo2} />
        <Choice label="Units" options={UNITS} value={units} onChange={setUnits} />
        <IconButton label="Tools" keys="T" onClick={() => openTools()} icon={Ruler} />
        <IconButton label="Dark or light" keys="D" onClick={toggleTheme} icon={ThemeIcon} />
        <IconButton label="Settings" keys="," onClick={onSettings} icon={Settings2} />
        <IconButton label="Shortcuts" keys="?" onClick={onShortcuts} icon={CircleHelp} />
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
