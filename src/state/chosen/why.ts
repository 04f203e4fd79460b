/** Which figure is asked about, and how one got there: each is one that stood in the reason of the one before. */
import { create } from "zustand";
import type { WhyAsked } from "@/core/reasons/asked";

const NONE: readonly WhyAsked[] = [];

export const useWhy = create<{ readonly trail: readonly WhyAsked[] }>()(() => ({ trail: NONE }));

/** Asks about a figure of a screen. */
export const askWhy = (asked: WhyAsked) => useWhy.setState({ trail: [asked] });

/** Asks about a figure within the reason that is open. */
export const askOn = (asked: WhyAsked) => useWhy.setState(({ trail }) => ({ trail: [...trail, asked] }));

export const backInWhy = () => useWhy.setState(({ trail }) => ({ trail: trail.slice(0, -1) }));

export const closeWhy = () => useWhy.setState({ trail: NONE });
