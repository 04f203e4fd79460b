/** What is remembered of the knitter's hand, from project to project. Saved in this browser, and nowhere else. */
import { create } from "zustand";
import { persist } from "zustand/middleware";
import type { Remembered } from "@/core/files/handFile";
import type { Hand } from "@/core/project/hand";
import type { Project } from "@/core/project/project";
import { quietStorage } from "./quietly";

interface KnitterHand extends Remembered {
  /** What that comes to: what a new project begins with; null where nothing is known. */
  readonly hand: Hand | null;
}

const KEY = "brenok-hand";

const NOTHING: KnitterHand = { closed: [], said: {}, hand: null };

export const useKnitterHand = create<KnitterHand>()(
  persist(() => NOTHING, { name: KEY, storage: quietStorage() }),
);

// It comes with the first that asks for it, and follows other tabs from then on.
if (typeof window !== "undefined")
  window.addEventListener("storage", ({ key }) => {
    if (key === KEY) void useKnitterHand.persist.rehydrate();
  });

/** A project that begins with what is known of the knitter. */
export const inThisHand = (project: Project): Project => ({
  ...project,
  hand: useKnitterHand.getState().hand,
});
