/** Sets the theme before anything is painted, from the same settings that the switch keeps. */
import { SETTINGS_KEY } from "@/state/keeping/settings";

export const themeScript = `(() => {
  let theme = "system";
  try {
    theme = JSON.parse(localStorage.getItem(${JSON.stringify(SETTINGS_KEY)}) ?? "{}").state?.theme ?? "system";
  } catch {}
  const dark = theme === "dark" || (theme === "system" && matchMedia("(prefers-color-scheme: dark)").matches);
  document.documentElement.dataset.theme = dark ? "dark" : "light";
})();`;
