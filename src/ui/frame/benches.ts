/** The benches, in the order of the work. */

export interface Bench {
  readonly path: string;
  readonly name: string;
  readonly key: string;
  /** What a bench that is not built yet will do; empty for those that stand. */
  readonly promise: string;
}

/** What lies beside the benches: not a step of the work, but at hand in all of them. */
export const PANELS_PATH = "/panels";
export const SHELF_PATH = "/shelf";

export const BENCHES: readonly Bench[] = [
  { path: "/", name: "Pieces", key: "1", promise: "" },
  { path: "/swatches", name: "Swatches", key: "2", promise: "" },
  { path: "/swap", name: "Swap", key: "3", promise: "" },
  { path: "/order", name: "Order", key: "4", promise: "" },
  {
    path: "/knit",
    name: "Knit",
    key: "5",
    promise:
      "Here you will tick off rows, see the next crossing coming, and learn whether this ball lasts the row.",
  },
];
