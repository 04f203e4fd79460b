/** Yarn of one row of a panel, split the way the ledger tells it. All in mm. */
import type { PlainStitch } from "../fabric/plainStitch";
import { crossingExtra, widthOf } from "../stitches/crossings";
import type { Panel, PanelRow } from "../panels/panel";
import { leastCommonMultiple } from "../panels/transforms";
import { yarnOf } from "../stitches/operations";

export interface RowYarn {
  /** One plain loop for each stitch. */
  readonly plainMm: number;
  /** What the operations take beyond plain loops. */
  readonly textureMm: number;
  /** What crossings pull out beyond plain loops. */
  readonly crossingMm: number;
}

/**
 * Yarn of a row. `give` scales the crossings' share (ln deviation).
 * Example: purl 2, cross 2/2, purl 2 at 20 x 28 stitches takes 8 plain loops of 19.13 mm, 0.77 mm of
 * texture and 8.6 mm for the crossing.
 */
export function rowYarn(row: PanelRow, plain: PlainStitch, give = 0): RowYarn {
  const scale = Math.exp(give);
  let [plainMm, textureMm, crossingMm] = [0, 0, 0];
  for (const work of row) {
    if ("crossing" in work) {
      plainMm += widthOf(work.crossing) * plain.loopMm;
      crossingMm += scale * crossingExtra(work.crossing, plain.aspect) * plain.widthMm;
    } else {
      const { operation, times } = work;
      plainMm += operation.leaves * times * plain.loopMm;
      textureMm += times * (yarnOf(operation, plain) - operation.leaves * plain.loopMm);
    }
  }
  return { plainMm, textureMm, crossingMm };
}

/** All the yarn of a row. */
export const rowTotal = ({ plainMm, textureMm, crossingMm }: RowYarn) => plainMm + textureMm + crossingMm;

/**
 * The yarn of each row of panels side by side, until their rows meet again, and of `most` rows at most. A
 * panel that stands there several times is reckoned once.
 * Example: panels of 4 and 6 rows give 12 rows.
 */
export function rowsTogether(
  panels: readonly Panel[],
  most: number,
  yarnOfRow: (row: PanelRow) => RowYarn,
): readonly RowYarn[] {
  const times = new Map<Panel, number>();
  for (const panel of panels) times.set(panel, (times.get(panel) ?? 0) + 1);
  const each = [...times].map(([panel, count]) => ({ count, rows: panel.rows.map(yarnOfRow) }));
  const meet = each.reduce((least, { rows }) => leastCommonMultiple(least, rows.length), 1);
  return Array.from({ length: Math.min(meet, most) }, (_, index) => {
    const sum = (part: keyof RowYarn) =>
      each.reduce((total, { count, rows }) => total + count * (rows[index % rows.length]?.[part] ?? 0), 0);
    return { plainMm: sum("plainMm"), textureMm: sum("textureMm"), crossingMm: sum("crossingMm") };
  });
}
