/** Where the yarns of a coloured section lie in the outline of its piece. */
import { bandRuns } from "../estimate/colourWork";
import type { OutlinePart } from "./outline";
import type { WorkedSection } from "./work/workPiece";

/** A rectangle of one yarn, in mm: sideways to the left from the middle of the piece, upwards from its first edge. */
export interface ColourBand {
  readonly yarnId: string;
  readonly rightMm: number;
  readonly leftMm: number;
  readonly fromMm: number;
  readonly toMm: number;
}

/** The bands of a part; it is cut by the part's outline. Empty where one yarn works it all. */
export function colourBands(part: OutlinePart, { section, rows }: WorkedSection): readonly ColourBand[] {
  if (section.kind !== "fabric" || section.colours.bands.length === 0) return [];
  const { kind, bands } = section.colours;
  const across = part.points.map(([x]) => x);
  const [right, left] = [Math.min(...across), Math.max(...across)];
  const { fromMm, toMm } = part;
  const [only] = bands;
  if (kind === "one")
    return only ? [{ yarnId: only.yarnId, rightMm: right, leftMm: left, fromMm, toMm }] : [];
  if (kind === "stripes") {
    const row = (toMm - fromMm) / Math.max(1, rows.length);
    return bandRuns(bands, rows.length).map(({ yarnId, from, to }) => ({
      yarnId,
      rightMm: right,
      leftMm: left,
      fromMm: fromMm + from * row,
      toMm: fromMm + to * row,
    }));
  }
  const stitches = rows[0]?.stitches ?? 1;
  const stitch = (left - right) / stitches;
  let at = 0;
  return bands.map(({ yarnId, count }, index) => {
    const from = at;
    at = index === bands.length - 1 ? stitches : Math.min(stitches, at + count);
    return { yarnId, rightMm: right + from * stitch, leftMm: right + at * stitch, fromMm, toMm };
  });
}
