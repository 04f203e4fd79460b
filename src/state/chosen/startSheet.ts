/** How something is begun: by which way, whether the sheet for it is open, and the file of a pattern that it is begun from. */
import { create } from "zustand";

export type WayIn = "pattern" | "replace" | "useUp" | "own";

interface StartOpen {
  readonly open: boolean;
  readonly way: WayIn;
  readonly file: File | null;
}

export const useStartSheet = create<StartOpen>()(() => ({ open: false, way: "own", file: null }));

export const openStart = (open = true, file: File | null = null) =>
  useStartSheet.setState({ open, file, way: file ? "pattern" : "own" });

export const wayIn = (way: WayIn) => useStartSheet.setState({ way });
