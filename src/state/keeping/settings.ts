/** What belongs to the person and not to a project: units and light. Saved in this browser. */
import { create } from "zustand";
import { persist } from "zustand/middleware";
import type { CrossingNaming } from "@/core/stitches/crossingNames";
import { USUAL_PACE } from "@/core/estimate/workTime";
import type { UnitSystem } from "@/core/units/brands";
import { quietStorage } from "./quietly";

export type Theme = "system" | "light" | "dark" | "night" | "contrast";

interface Settings {
  /** Whether the knitter has been here: who has not meets the doors. */
  readonly met: boolean;
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
  /** Whether each row is read aloud when it comes, and a row with a crossing is felt. */
  readonly aloud: boolean;
  readonly buzz: boolean;
  /** After so many minutes without a rest one is advised; 0 for never. */
  readonly restMinutes: number;
  /** How large the row in hand is written. */
  readonly rowSize: "usual" | "large" | "largest";
  /** Cautions that the knitter has seen and need not see again. */
  readonly cautionsSeen: readonly string[];
  /** What stands beside the text of a panel. */
  readonly panelsAs: "chart" | "fabric";
}

export const SETTINGS_KEY = "brenok-settings";

export const useSettings = create<Settings>()(
  persist(
    (): Settings => ({
      met: false,
      units: "metric",
      theme: "system",
      naming: "halves",
      words: "US",
      panelsAs: "chart",
      pace: USUAL_PACE,
      doneKey: null,
      awake: true,
      aloud: false,
      buzz: false,
      restMinutes: 30,
      rowSize: "usual",
      cautionsSeen: [],
    }),
    { name: SETTINGS_KEY, storage: quietStorage(), skipHydration: true },
  ),
);

export const setUnits = (units: UnitSystem) => useSettings.setState({ units });
export const setTheme = (theme: Theme) => useSettings.setState({ theme });
export const setNaming = (naming: CrossingNaming) => useSettings.setState({ naming });
export const setWords = (words: Settings["words"]) => useSettings.setState({ words });
export const showPanelsAs = (panelsAs: Settings["panelsAs"]) => useSettings.setState({ panelsAs });
export const seeCaution = (caution: string) =>
  useSettings.setState(({ cautionsSeen }) => ({ cautionsSeen: [...cautionsSeen, caution] }));
export const useUnits = () => useSettings((settings) => settings.units);
export const setPace = (pace: number) => useSettings.setState({ pace });
