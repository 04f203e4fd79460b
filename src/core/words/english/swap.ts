/** What is said of a yarn that stands in for the pattern's. */
import type { Teller } from "../teller";

export const swap = {
  sayWhatItHolds: (_given: undefined, { putUp }: Teller) =>
    `Say what a ball of it holds, e.g. ${putUp(100, 165)}.`,
  tooThickTogether: () =>
    "Held together they are too thick to knit with: use fewer strands, or a finer yarn.",
  cannotBeWorked: () => "In this yarn the project cannot be worked: too few stitches or rows are left.",
} as const;
