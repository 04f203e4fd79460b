/** Whether the sheet is open from which a project leaves as files. */
import { create } from "zustand";

export const useFilesSheet = create<{ readonly open: boolean }>()(() => ({ open: false }));

export const openFiles = (open = true) => useFilesSheet.setState({ open });
