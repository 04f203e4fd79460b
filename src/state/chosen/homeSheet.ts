/** Whether the home of all projects is open. */
import { create } from "zustand";

export const useHomeSheet = create<{ readonly open: boolean }>()(() => ({ open: false }));

export const openHome = (open = true) => useHomeSheet.setState({ open });
