import { useEffect, useSyncExternalStore } from "react";
import { useSettings } from "@/state/keeping/settings";

const QUERY = "(prefers-color-scheme: dark)";

function watchSystem(changed: () => void) {
  const media = matchMedia(QUERY);
  media.addEventListener("change", changed);
  return () => media.removeEventListener("change", changed);
}

/** The theme in force, kept on the document; "system" follows the machine. */
export function useTheme(): "light" | "dark" {
  const wanted = useSettings(({ theme }) => theme);
  const systemDark = useSyncExternalStore(
    watchSystem,
    () => matchMedia(QUERY).matches,
    () => false,
  );
  const theme = wanted === "dark" || (wanted === "system" && systemDark) ? "dark" : "light";
  useEffect(() => {
    if (useSettings.persist.hasHydrated()) document.documentElement.dataset.theme = theme;
  }, [theme, wanted]);
  return theme;
}
