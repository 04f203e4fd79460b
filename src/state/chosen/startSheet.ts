/** Whether the sheet is open in which something is begun. */
import { create } from "zustand";

export const useStartSheet = create<{ readonly open: boolean }>()(() => ({ open: false }));

export const openStart = (open = true) => useStartSheet.setState({ open });
