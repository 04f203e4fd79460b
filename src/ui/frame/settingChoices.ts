/** What can be chosen in the settings, in the order in which it stands there. */
export const UNITS = [
  { value: "metric", label: "cm g m", name: "Metric" },
  { value: "imperial", label: "in oz yd", name: "Imperial" },
] as const;
/** Where there is little room. */
export const UNITS_SHORT = [
  { value: "metric", label: "cm", name: "Metric" },
  { value: "imperial", label: "in", name: "Imperial" },
] as const;
export const WORDS = [
  { value: "US", label: "US" },
  { value: "UK", label: "UK" },
] as const;
export const NAMING = [
  { value: "halves", label: "2/2 LC", name: "Crossings by their halves" },
  { value: "total", label: "C4F", name: "Crossings by their total" },
] as const;
export const THEMES = [
  { value: "system", label: "Match system" },
  { value: "light", label: "Light" },
  { value: "dark", label: "Dark" },
  { value: "night", label: "Night", name: "Night: dim and without blue" },
  { value: "contrast", label: "Contrast", name: "High contrast" },
] as const;
