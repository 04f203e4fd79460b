/** The panel that is open on the bench of panels: one's own, or one of the library. */
import { create } from "zustand";

export const useChosenPanel = create<{ readonly id: string }>()(() => ({ id: "honeycomb" }));

export const choosePanel = (id: string) => useChosenPanel.setState({ id });
