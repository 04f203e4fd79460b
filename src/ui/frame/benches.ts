/** The benches, in the order of the work. */

export interface Bench {
  readonly path: string;
  readonly name: string;
  readonly key: string;
}

/** What lies beside the benches: not a step of the work, but at hand in all of them. */
export const PANELS_PATH = "/panels";
export const SHELF_PATH = "/shelf";
export const HELP_PATH = "/help";

export const BENCHES: readonly Bench[] = [
  { path: "/", name: "Pieces", key: "1" },
  { path: "/swatches", name: "Swatches", key: "2" },
  { path: "/swap", name: "Swap", key: "3" },
  { path: "/order", name: "Order", key: "4" },
  { path: "/knit", name: "Knit", key: "5" },
];
