/** How a fabric is finished, and how much of the pull of its ribs it keeps. */

/** Share of a rib's loss of width that stays: all of it as knit, about a third once blocked wet. */
export const BLOCKINGS = {
  asKnit: { name: "as knit", ribPull: 1 },
  steamed: { name: "steamed", ribPull: 0.6 },
  wetBlocked: { name: "wet-blocked", ribPull: 0.35 },
} as const;

export type Blocking = keyof typeof BLOCKINGS;

export const BLOCKING_IDS = Object.keys(BLOCKINGS) as readonly Blocking[];

/** The share of a named state, or a share as it is. Example: steamed is 0.6. */
export const ribPullOf = (blocking: Blocking | number) =>
  typeof blocking === "number" ? blocking : BLOCKINGS[blocking].ribPull;
