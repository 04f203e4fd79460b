/** A ground as a panel. */
import { operationOf } from "../stitches/operations";
import { GROUNDS, type GroundId } from "./grounds";
import { joined, type Panel } from "./panel";

const OPERATIONS: Readonly<Record<string, string>> = { k: "knit", p: "purl", t: "ktbl" };

/** One repeat of a ground. Example: k2 p2 rib is four stitches of two rows. */
export const groundPanel = (id: GroundId): Panel => ({
  rows: GROUNDS[id].rows.map((row) =>
    joined([...row].map((letter) => ({ operation: operationOf(OPERATIONS[letter] ?? "knit"), times: 1 }))),
  ),
});
