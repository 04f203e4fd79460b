/** Whether the sheet is open that makes something of the project as long as the yarn lasts. */
import { create } from "zustand";

export const useUseUpSheet = create<{ readonly open: boolean }>()(() => ({ open: false }));

export const openUseUp = (open = true) => useUseUpSheet.setState({ open });
