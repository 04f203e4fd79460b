/** What is said of a yarn that stands in for the pattern's. */
export const swap = {
  sayWhatItHolds: () => "Say what a ball of it holds, e.g. 100 g = 165 m.",
  tooThickTogether: () =>
    "Held together they are too thick to knit with: use fewer strands, or a finer yarn.",
  cannotBeWorked: () => "In this yarn the project cannot be worked: too few stitches or rows are left.",
} as const;
