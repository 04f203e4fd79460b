/** What is said of a yarn that stands in for the pattern's. */
import type { Nested, Teller } from "../teller";

interface Ratio {
  /** Of the substitute to the pattern's yarn. */
  readonly ratio: number;
}

/** How far a ratio is from one, without its sign. */
const off = ({ ratio }: Ratio, { percent }: Teller) => percent(Math.abs(ratio - 1));

const BEST_IN = {
  cost: "costs least",
  clarity: "shows its cables most clearly",
  hours: "is knitted soonest",
  grams: "comes out lightest",
} as const;

export const swap = {
  sayWhatItHolds: (_given: undefined, { putUp }: Teller) =>
    `Say what a ball of it holds, e.g. ${putUp(100, 165)}.`,
  tooThickTogether: () =>
    "Held together they are too thick to knit with: use fewer strands, or a finer yarn.",
  /** Grams that a square metre of it weighs, plain. */
  plainWeighs: ({ massG }: { readonly massG: number }, { units, weight }: Teller) =>
    units === "metric"
      ? `${Math.round(massG)} g in a square metre, plain`
      : `${weight(Math.round(massG * 0.83612736))} in a square yard, plain`,
  cannotBeWorked: () => "In this yarn the project cannot be worked: too few stitches or rows are left.",
  /** Sizes in mm, each beside the pattern's; `across` and `along` where that measure is another. */
  otherSize: (
    {
      across,
      along,
      why,
    }: {
      readonly across: readonly [one: number, own: number] | null;
      readonly along: readonly [one: number, own: number] | null;
      readonly why: "noNearerCount" | "rightLength" | "wrongThickness";
    },
    { round, list }: Teller,
  ) => {
    const measured = (way: string, pair: readonly [number, number] | null) =>
      pair ? [`${round(Math.round(pair[0]))} ${way} instead of ${round(Math.round(pair[1]))}`] : [];
    const told = `it would be ${list([...measured("wide", across), ...measured("long", along)])}.`;
    if (why === "noNearerCount") return `No count of its repeats comes nearer: ${told}`;
    return `${why === "rightLength" ? "Right length, wrong thickness" : "Wrong thickness"}: ${told}`;
  },
  firmerFabric: (given: Ratio, teller: Teller) =>
    `Firmer fabric: ${off(given, teller)} more yarn in each stitch.`,
  drapierFabric: (given: Ratio, teller: Teller) =>
    `Drapier fabric: ${off(given, teller)} less yarn in each stitch.`,
  cablesLessClear: ({ why }: { readonly why: Nested | null }, { tell }: Teller) =>
    `Cables show less clearly${why ? `: ${tell(why)}` : ""}.`,
  cablesClearer: () => "Cables show more clearly.",
  heavier: (given: Ratio, teller: Teller) => `Heavier: ${off(given, teller)} more.`,
  lighter: (given: Ratio, teller: Teller) => `Lighter: ${off(given, teller)} less.`,
  doesAsWell: () => "It does as well: size, fabric and cables are like the pattern’s.",
  plies: ({ plies }: { readonly plies: number }) =>
    plies === 1
      ? "one ply: soft edges"
      : plies === 2
        ? "two plies: it lies flat"
        : plies === 3
          ? "three plies: round"
          : `${plies} plies: round and even`,
  halo: () => "its halo blurs the ropes",
  drape: () => "it drapes: ropes lie flatter",
  spring: () => "springy: ropes stand up",
  variegated: () => "its colours hide the ropes",
  heathered: () => "heathered: a little restless",
  oneColour: () => "one colour",
  nearlyBlack: () => "nearly black: no shadow shows",
  dark: () => "dark: shadows hardly show",
  light: () => "light: shadows show well",
  strandsSideBySide: ({ strands }: { readonly strands: number }, { count }: Teller) =>
    `${count(strands, "strand")} lie side by side`,
  /** Each yarn with what it is best in. */
  bestIn: (
    {
      each,
    }: {
      readonly each: readonly { readonly name: string; readonly best: readonly (keyof typeof BEST_IN)[] }[];
    },
    { list }: Teller,
  ) => `${each.map(({ name, best }) => `${name} ${list(best.map((one) => BEST_IN[one]))}`).join("; ")}.`,
} as const;
