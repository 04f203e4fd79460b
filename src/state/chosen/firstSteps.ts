/** Which of the first steps is shown; null where nobody is being led. */
import { create } from "zustand";

export const useFirstSteps = create<{ readonly step: number | null }>()(() => ({ step: null }));

export const showStep = (step: number | null) => useFirstSteps.setState({ step });
