/** Whether the palette is open in which everything is found by its name. */
import { create } from "zustand";

export const usePalette = create<{ readonly open: boolean }>()(() => ({ open: false }));

export const openPalette = (open = true) => usePalette.setState({ open });
