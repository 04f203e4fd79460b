import { useEffect, useSyncExternalStore } from "react";
import { useSettings } from "@/state/keeping/settings";

const QUERY = "(prefers-color-scheme: dark)";

function watchSystem(changed: () => void) {
  const media = matchMedia(QUERY);
  media.addEventListener("change", changed);
  return () => media.removeEventListener("change", changed);
}

/** The theme in force, kept on the document with the look of it; "system" and high contrast follow the machine. */
export function useTheme(): "light" | "dark" {
  const wanted = useSettings(({ theme }) => theme);
  const systemDark = useSyncExternalStore(
    watchSystem,
    () => matchMedia(QUERY).matches,
    () => false,
  );
  const dark = wanted === "dark" || wanted === "night" || (wanted !== "light" && systemDark);
  const theme = dark ? "dark" : "light";
  useEffect(() => {
    if (!useSettings.persist.hasHydrated()) return;
    document.documentElement.dataset.theme = theme;
    document.documentElement.dataset.look = wanted;
  }, [theme, wanted]);
  return theme;
}
