/** What cannot be worked, thrown where it is found and told by the row. */
import type { Message } from "../words/message";
import type { Span } from "./ast";
import type { UnplacedFinding } from "./findings";

export class Impossible extends Error {
  constructor(readonly told: Omit<UnplacedFinding, "row">) {
    super(told.message.code);
  }
}

export const impossible = (message: Message, { from, to }: Span, mends: UnplacedFinding["mends"] = []) =>
  new Impossible({ severity: "error", message, from, to, mends });
