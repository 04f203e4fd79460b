/** How much yarn each stitch of a panel holds, against a plain one. */
import type { Panel } from "../panels/panel";
import { legRestsOf } from "../stitches/crossings";
import { KS } from "../stitches/plainStitch";

/**
 * Yarn of each stitch in plain loops, row by row, columns from the right, at a row height `aspect` over its
 * width. An operation that leaves several stitches shares its yarn out among them.
 * Example: plain stitches hold 1, the stitches of a 2/2 crossing about 1.11 at aspect 0.72.
 */
export function stitchYarn({ rows }: Panel, aspect: number): Float64Array {
  // A plain loop in widths of its stitch: the root of KS times its height.
  const loop = Math.sqrt(KS * aspect);
  return Float64Array.from(
    rows.flatMap((row) =>
      row.flatMap((work) => {
        if ("crossing" in work)
          return legRestsOf(work.crossing, aspect).map((leg) => 1 + (2 * (leg - aspect)) / loop);
        const { leaves, yarn } = work.operation;
        const each = (yarn.loops + yarn.widths / loop) / Math.max(1, leaves);
        return Array.from({ length: leaves * work.times }, () => each);
      }),
    ),
  );
}
