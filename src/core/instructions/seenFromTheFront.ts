/** Wrong-side rows as the right side shows them. */
import { crossingFromBehind } from "../stitches/crossings";
import { fromBehind } from "../stitches/operations";
import { type Work } from "../panels/panel";

/** A wrong-side row as the right side shows it: the other way round, each operation from behind. */
export const seenFromTheFront = (worked: readonly Work[]): Work[] =>
  worked
    .map((work) =>
      "operation" in work
        ? { operation: fromBehind(work.operation), times: work.times }
        : { crossing: crossingFromBehind(work.crossing) },
    )
    .reverse();
