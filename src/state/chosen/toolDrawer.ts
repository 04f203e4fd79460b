/** Whether the drawer of tools is open. Not part of the project. */
import { create } from "zustand";

export const useToolDrawer = create<{ readonly open: boolean }>()(() => ({ open: false }));
export const openTools = (open = true) => useToolDrawer.setState({ open });
