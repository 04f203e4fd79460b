/** Which sheet of the project as a whole is open, if one is. */
import { create } from "zustand";

export type ProjectSheet = "details" | "send";

export const useProjectSheet = create<{ readonly open: ProjectSheet | null }>()(() => ({ open: null }));

export const openProjectSheet = (open: ProjectSheet | null) => useProjectSheet.setState({ open });
