/** Whether the sheet is open in which something is begun, and the file of a pattern that it is begun from. */
import { create } from "zustand";

interface StartOpen {
  readonly open: boolean;
  readonly file: File | null;
}

export const useStartSheet = create<StartOpen>()(() => ({ open: false, file: null }));

export const openStart = (open = true, file: File | null = null) => useStartSheet.setState({ open, file });
