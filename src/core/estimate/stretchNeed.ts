/** The yarn of some rows of a piece: what lies between two places on the needles. */
import type { PanelRow } from "../panels/panel";
import type { Gauge } from "../stitches/plainStitch";
import { isAsked } from "../project/sectionKinds";
import { sharing } from "./colourWork";
import { pieceRows, type PiecePlan, type PlannedSection } from "./plan";
import { allCounts, tallyRows } from "./tally";
import { usesOfColours, usesOfEdges, type Follows, type Use } from "./uses";
import { needOfUses, type YarnNeed } from "./yarnNeed";

/** Rows behind the first `from` ones, up to the `to`th; what is done behind the last row of the piece belongs to it. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** Rows are counted here, however high they come out, and so are stitches. */
const COUNTED: Follows = { toLength: null, kept: null };

/** Of what is only asked for, a row is a share of all of it, however much that comes to. */
const followed = ({ worked, toLength }: PlannedSection): Follows =>
  isAsked(worked.section) ? { toLength, kept: null, asked: true } : COUNTED;

function useOfRows(section: PlannedSection, piece: PiecePlan, yarnId: string, { from, to }: Stretch) {
  const { worked } = section;
  const share = sharing(worked.section, piece.yarnId);
  const rows = new Map<PanelRow, number>();
  for (let index = Math.max(0, from); index < Math.min(to, worked.rows.length); index += 1)
    for (const mine of share((worked.rows[index] as (typeof worked.rows)[number]).row, index))
      if (mine.yarnId === yarnId) rows.set(mine.row, (rows.get(mine.row) ?? 0) + 1);
  return { counts: allCounts(tallyRows(rows)), follows: followed(section), scale: worked.scale };
}

/**
 * What ends a piece that is stopped in the section of its row `at`, counted from 0: the edges behind that; null where
 * other rows were to follow. Example: in the only fabric of a scarf it is the cast-off and its end.
 */
export function endNeed(piece: PiecePlan, yarnId: string, at: number, gauge: Gauge): YarnNeed | null {
  const { sections } = piece;
  let before = 0;
  const here = sections.findIndex(({ worked }) => (before += worked.rows.length) > at);
  if (here < 0 || sections.slice(here + 1).some(({ worked }) => worked.rows.length > 0)) return null;
  const uses = sections
    .slice(here)
    .flatMap((section) => usesOfEdges(section, piece).filter((use) => use.yarnId === yarnId));
  return needOfUses(
    uses.map((use) => ({ use, times: 1 })),
    gauge,
  );
}

/** Uses of a yarn over a stretch of a piece, each so many times. */
export function usesOfStretch(
  piece: PiecePlan,
  yarnId: string,
  stretch: Stretch,
): readonly { readonly use: Pick<Use, "counts" | "follows" | "tail" | "scale">; readonly times: number }[] {
  const all = pieceRows(piece);
  let before = 0;
  return piece.sections.flatMap((section) => {
    const { length } = section.worked.rows;
    const at = before;
    before += length;
    // What has no row is done before the next one, and behind the last row with it.
    const edges =
      length > 0
        ? before > stretch.from && before <= stretch.to
        : (at >= stretch.from && at < stretch.to) || (at === all && stretch.to === all);
    const mine = (uses: readonly Use[]) => uses.filter((use) => use.yarnId === yarnId);
    const whole = { from: stretch.from - at, to: stretch.to - at };
    // Colours carried along, their twists and ends are counted with the section: each of its rows has its share.
    const share = Math.max(0, Math.min(whole.to, length) - Math.max(whole.from, 0)) / Math.max(1, length);
    return [
      { use: useOfRows(section, piece, yarnId, whole), times: 1 },
      ...(edges ? mine(usesOfEdges(section, piece)).map((use) => ({ use, times: 1 })) : []),
      ...mine(usesOfColours(section)).map((use) => ({ use, times: share })),
    ];
  });
}

/**
 * What a yarn has to reach for over a stretch of a piece, edges that lie within it counted in.
 * Example: the last row and what is behind it take that row, the cast-off and its end.
 */
export const stretchNeed = (piece: PiecePlan, yarnId: string, stretch: Stretch, gauge: Gauge): YarnNeed =>
  needOfUses(usesOfStretch(piece, yarnId, stretch), gauge);
