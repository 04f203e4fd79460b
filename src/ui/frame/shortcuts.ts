/** Keys that work everywhere. The list on `?` is drawn from this table, so it is always true. */
import { openGlossary } from "@/state/chosen/glossary";
import { openPalette } from "@/state/chosen/palette";
import { openHome } from "@/state/chosen/homeSheet";
import { openStart } from "@/state/chosen/startSheet";
import { openTools } from "@/state/chosen/toolDrawer";
import { redo, undo } from "@/state/project/projectStore";
import { setTheme, setUnits, useSettings } from "@/state/keeping/settings";
import { BENCHES, PANELS_PATH, SHELF_PATH } from "./benches";
import { pickProjectFile, saveProjectFile } from "./projectFiles";

export interface Hands {
  readonly go: (path: string) => void;
  readonly showList: () => void;
  readonly showSettings: () => void;
}

interface Shortcut {
  readonly keys: string;
  readonly does: string;
  /** With Ctrl (or Command) held; those also work while typing in a field. */
  readonly ctrl: boolean;
  readonly shift?: boolean;
  readonly key: string;
  readonly act: (hands: Hands) => void;
}

export const toggleTheme = () =>
  setTheme(document.documentElement.dataset.theme === "dark" ? "light" : "dark");
export const toggleUnits = () => setUnits(useSettings.getState().units === "metric" ? "imperial" : "metric");

export const SHORTCUTS: readonly Shortcut[] = [
  ...BENCHES.map(({ key, name, path }) => ({
    keys: key,
    does: `Go to ${name}`,
    ctrl: false,
    key,
    act: ({ go }: Hands) => go(path),
  })),
  { keys: "Ctrl K", does: "Find anything by its name", ctrl: true, key: "k", act: () => openPalette() },
  { keys: "H", does: "All your projects", ctrl: false, key: "h", act: () => openHome() },
  { keys: "N", does: "Start a new project", ctrl: false, key: "n", act: () => openStart() },
  { keys: "P", does: "Go to the panels", ctrl: false, key: "p", act: ({ go }) => go(PANELS_PATH) },
  { keys: "S", does: "Go to the shelf", ctrl: false, key: "s", act: ({ go }) => go(SHELF_PATH) },
  { keys: "G", does: "Glossary of stitches and crossings", ctrl: false, key: "g", act: () => openGlossary() },
  { keys: "T", does: "Drawer of small tools", ctrl: false, key: "t", act: () => openTools() },
  { keys: "U", does: "Metric or imperial", ctrl: false, key: "u", act: toggleUnits },
  { keys: "D", does: "Dark or light", ctrl: false, key: "d", act: toggleTheme },
  { keys: ",", does: "Settings", ctrl: false, key: ",", act: ({ showSettings }) => showSettings() },
  { keys: "?", does: "This list", ctrl: false, key: "?", act: ({ showList }) => showList() },
  { keys: "Ctrl Z", does: "Undo", ctrl: true, shift: false, key: "z", act: undo },
  { keys: "Ctrl Shift Z", does: "Redo", ctrl: true, shift: true, key: "z", act: redo },
  { keys: "Ctrl S", does: "Save to a file", ctrl: true, key: "s", act: saveProjectFile },
  { keys: "Ctrl O", does: "Open a file", ctrl: true, key: "o", act: pickProjectFile },
];
