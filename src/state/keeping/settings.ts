/** What belongs to the person and not to a project: units and light. Saved in this browser. */
import { create } from "zustand";
import { persist } from "zustand/middleware";
import type { CrossingNaming } from "@/core/stitches/crossingNames";
import { USUAL_PACE } from "@/core/swap/pace";
import type { UnitSystem } from "@/core/units/brands";

export type Theme = "system" | "light" | "dark";

interface Settings {
  readonly units: UnitSystem;
  readonly theme: Theme;
  /** How crossings are named and operations abbreviated where Brenok writes them. */
  readonly naming: CrossingNaming;
  readonly words: "US" | "UK";
  /** Stitches in a minute, for how long a knitting takes. */
  readonly pace: number;
  /** A key of a pedal or a remote that says "row done" too; null for none. */
  readonly doneKey: string | null;
  /** Whether the screen stays on while knitting. */
  readonly awake: boolean;
  /** What stands beside the text of a panel. */
  readonly panelsAs: "chart" | "fabric";
}

export const SETTINGS_KEY = "brenok-settings";

export const useSettings = create<Settings>()(
  persist(
    (): Settings => ({
      units: "metric",
      theme: "system",
      naming: "halves",
      words: "US",
      panelsAs: "chart",
      pace: USUAL_PACE,
      doneKey: null,
      awake: true,
    }),
    { name: SETTINGS_KEY, skipHydration: true },
  ),
);

export const setUnits = (units: UnitSystem) => useSettings.setState({ units });
export const setTheme = (theme: Theme) => useSettings.setState({ theme });
export const setNaming = (naming: CrossingNaming) => useSettings.setState({ naming });
export const setWords = (words: Settings["words"]) => useSettings.setState({ words });
export const showPanelsAs = (panelsAs: Settings["panelsAs"]) => useSettings.setState({ panelsAs });
export const useUnits = () => useSettings((settings) => settings.units);
export const setPace = (pace: number) => useSettings.setState({ pace });
