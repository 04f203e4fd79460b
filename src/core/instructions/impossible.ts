/** What cannot be worked, thrown where it is found and told by the row. */
import type { Span } from "./ast";
import type { UnplacedFinding } from "./findings";

export class Impossible extends Error {
  constructor(readonly told: Omit<UnplacedFinding, "row">) {
    super(told.message);
  }
}

export const impossible = (message: string, { from, to }: Span, mends: UnplacedFinding["mends"] = []) =>
  new Impossible({ severity: "error", message, from, to, mends });
