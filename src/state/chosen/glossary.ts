/** Whether the glossary is open, and what is looked for in it. Not part of the project. */
import { create } from "zustand";

interface GlossaryState {
  readonly open: boolean;
  readonly wanted: string;
}

export const useGlossary = create<GlossaryState>()(() => ({ open: false, wanted: "" }));
export const openGlossary = (wanted = "") => useGlossary.setState({ open: true, wanted });
export const closeGlossary = () => useGlossary.setState({ open: false });
export const lookFor = (wanted: string) => useGlossary.setState({ wanted });
