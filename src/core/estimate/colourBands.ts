/** Where the yarns of a coloured section lie in the outline of its piece. */
import { areaCounts, bandRuns, borderShift } from "./colourWork";
import type { Colours } from "../project/sections";
import type { OutlinePart } from "../garment/outline";
import type { WorkedSection } from "../garment/work/workPiece";

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
  const { colours } = section;
  const { kind, bands } = colours;
  if (bands.length === 0) return [];
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
  const high = (toMm - fromMm) / Math.max(1, rows.length);
  const widest = Math.max(1, ...rows.map(({ stitches }) => stitches));
  const stitch = (left - right) / widest;
  return areaRuns(colours, rows).flatMap(({ counts, from, to }) => {
    let at = 0;
    return bands.map(({ yarnId }, index) => {
      const begins = at;
      at = index === bands.length - 1 ? widest : at + (counts[index] ?? 0);
      const [low, top] = [fromMm + from * high, fromMm + to * high];
      return {
        yarnId,
        rightMm: right + begins * stitch,
        leftMm: right + at * stitch,
        fromMm: low,
        toMm: top,
      };
    });
  });
}

/** Rows one on the other whose areas have the same stitches. */
function areaRuns(colours: Colours, rows: WorkedSection["rows"]) {
  const runs: { counts: readonly number[]; from: number; to: number }[] = [];
  for (const [index, { stitches }] of rows.entries()) {
    const counts = areaCounts(colours, stitches, borderShift(colours, index));
    const last = runs.at(-1);
    if (last && counts.slice(0, -1).every((count, at) => count === last.counts[at])) last.to = index + 1;
    else runs.push({ counts, from: index, to: index + 1 });
  }
  return runs;
}
