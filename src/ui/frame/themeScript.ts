/** Sets the theme before anything is painted, from the same settings that the switch keeps. */
import { SETTINGS_KEY } from "@/state/keeping/settings";

export const themeScript = `(() => {
  let theme = "system";
  try {
    theme = JSON.parse(localStorage.getItem(${JSON.stringify(SETTINGS_KEY)}) ?? "{}").state?.theme ?? "system";
  } catch {}
  const system = theme !== "light" && matchMedia("(prefers-color-scheme: dark)").matches;
  const dark = theme === "dark" || theme === "night" || system;
  document.documentElement.dataset.look = theme;
  document.documentElement.dataset.theme = dark ? "dark" : "light";
})();`;
