/** Markers on the needle: where they stand in a row, the row cut at them, and which crossings lie behind which. */
import type { WorkedSection } from "../garment/work/workPiece";
import type { WorkedRow } from "../garment/work/workState";
import { seenFromTheFront } from "../instructions/seenFromTheFront";
import { crossingsOf, joined, type PanelRow, type Work } from "../panels/panel";
import { widthOf } from "../stitches/crossings";
import { crossingName } from "../stitches/crossingNames";
import type { Wording } from "../stitches/wording";

const stitchesLeft = (work: Work) =>
  "crossing" in work ? widthOf(work.crossing) : work.operation.leaves * work.times;

/** Columns of a row, counted from its right, in which a marker stands. Crossings and decreases carry it past them. */
export function markersIn(
  { firstColumn, stitches }: WorkedRow,
  { content }: WorkedSection,
  mirrored: boolean,
) {
  return (content?.markers ?? [])
    .map((column) => (mirrored ? -column : column) - firstColumn)
    .filter((column) => column > 0 && column < stitches)
    .sort((a, b) => a - b);
}

/** A row cut at its markers, from the right. */
export function cutAtMarkers(row: PanelRow, markers: readonly number[]): readonly PanelRow[] {
  const parts: Work[][] = [[]];
  let column = 0;
  for (const work of row) {
    let rest = work;
    for (;;) {
      const next = markers[parts.length - 1];
      const left = stitchesLeft(rest);
      const room = next === undefined ? Infinity : next - column;
      const plain = "operation" in rest && rest.operation.leaves === 1 && rest.operation.uses === 1;
      if (plain && room > 0 && room < left && "operation" in rest) {
        parts.at(-1)?.push({ ...rest, times: room });
        parts.push([]);
        rest = { ...rest, times: rest.times - room };
        column += room;
        continue;
      }
      if (left > 0 && room <= 0) {
        parts.push([]);
        continue;
      }
      parts.at(-1)?.push(rest);
      column += left;
      break;
    }
  }
  return parts.map(joined);
}

/** Crossings of a row by name, each with the markers behind which it stands. */
export function crossingsIn(parts: readonly PanelRow[], behind: boolean, { naming }: Wording) {
  const each = new Map<string, number[]>();
  parts.forEach((part, marker) => {
    const seen = behind ? seenFromTheFront(part) : part;
    for (const crossing of crossingsOf(seen)) {
      const name = crossingName(crossing, naming);
      const markers = each.get(name) ?? [];
      if (markers.at(-1) !== marker) markers.push(marker);
      each.set(name, markers);
    }
  });
  return [...each].map(([name, markers]) => ({ name, markers }));
}
