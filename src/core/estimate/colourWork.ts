/** Which yarn works what of a section: all of it, stripes of rows, or areas side by side. */
import type { Colours, ProjectSection } from "../project/sections";
import { stitchesOf, type PanelRow, type Work } from "../panels/panel";
import { widthOf } from "../stitches/crossings";

/** What one yarn works of a row. */
export interface RowShare {
  readonly yarnId: string;
  readonly row: PanelRow;
}

/** Ends, carried yarn and twists that colours take beyond the rows. */
export interface ColourExtras {
  readonly yarnId: string;
  /** Ends to weave in. */
  readonly ends: number;
  /** Rows past which the yarn is carried up the side. */
  readonly carriedRows: number;
  /** Rows in which it twists round its neighbour; each takes about a stitch's width. */
  readonly twists: number;
}

/** Splits a row after so many stitches; what straddles the border goes to the first part. */
function split(row: PanelRow, stitches: number): readonly [PanelRow, PanelRow] {
  const first: Work[] = [];
  const second: Work[] = [];
  let left = stitches;
  for (const work of row) {
    const width = "crossing" in work ? widthOf(work.crossing) : work.operation.leaves * work.times;
    if (left <= 0) second.push(work);
    else if ("crossing" in work || width <= left || work.operation.leaves !== 1) first.push(work);
    else {
      first.push({ ...work, times: left });
      second.push({ ...work, times: work.times - left });
    }
    left -= width;
  }
  return [first, second];
}

/** How many stitches further left the borders of areas lie in a row than in the first. Rows count from 0. */
export function borderShift({ moves }: Pick<Colours, "moves">, row: number): number {
  if (!moves) return 0;
  return Math.floor(row / moves.every) * moves.stitches * (moves.lean === "left" ? 1 : -1);
}

/**
 * Stitches of each area of a row, from the right: a border that moves takes from the last and gives to the first, or
 * the other way round. Example: 58 and 54 of 112, one stitch to the left, are 59 and 53.
 */
export function areaCounts(
  { bands }: Pick<Colours, "bands">,
  stitches: number,
  shift: number,
): readonly number[] {
  let left = stitches;
  return bands.map(({ count }, index) => {
    const wanted = index === bands.length - 1 ? left : Math.max(0, count + (index === 0 ? shift : 0));
    const mine = Math.min(left, wanted);
    left -= mine;
    return mine;
  });
}

/** Shares of a row among areas from the right; the last area takes what is left. */
function areas(row: PanelRow, colours: Colours, shift: number): readonly RowShare[] {
  const { bands } = colours;
  const counts = areaCounts(colours, stitchesOf(row), shift);
  const shares: RowShare[] = [];
  let rest = row;
  for (const [index, { yarnId }] of bands.entries()) {
    const [mine, others] = index === bands.length - 1 ? [rest, []] : split(rest, counts[index] ?? 0);
    if (mine.length > 0) shares.push({ yarnId, row: mine });
    rest = others;
  }
  return shares;
}

/** The band that a row falls into; bands come again from the first. Rows count from 0. */
function bandOf(bands: Colours["bands"], row: number): number {
  const all = bands.reduce((sum, { count }) => sum + count, 0);
  let at = row % all;
  return bands.findIndex(({ count }) => {
    at -= count;
    return at < 0;
  });
}

/** The yarn that all of a section is worked in, its edges too; the piece's own where several are. */
export const edgeYarn = ({ colours: { kind, bands } }: Pick<ProjectSection, "colours">, yarnId: string) =>
  kind === "one" ? (bands[0]?.yarnId ?? yarnId) : yarnId;

/** How a section shares its rows among yarns. `yarnId` is the piece's own. */
export function sharing(section: Pick<ProjectSection, "colours">, yarnId: string) {
  const { colours } = section;
  if (colours.kind === "one" || colours.bands.length === 0) {
    const only = edgeYarn(section, yarnId);
    return (row: PanelRow): readonly RowShare[] => [{ yarnId: only, row }];
  }
  const { kind, bands } = colours;
  if (kind === "stripes")
    return (row: PanelRow, index: number): readonly RowShare[] => [
      { yarnId: bands[bandOf(bands, index)]?.yarnId ?? yarnId, row },
    ];
  const known = new Map<number, Map<PanelRow, readonly RowShare[]>>();
  return (row: PanelRow, index: number): readonly RowShare[] => {
    const shift = borderShift(colours, index);
    const shifted = known.get(shift) ?? new Map<PanelRow, readonly RowShare[]>();
    known.set(shift, shifted);
    const shares = shifted.get(row) ?? areas(row, colours, shift);
    shifted.set(row, shares);
    return shares;
  };
}

/**
 * What colours take beyond the rows, for `rows` rows of a section. Empty where the piece's own yarn works it all; a
 * section in another yarn has that to begin and to end.
 */
export function colourExtras(
  { colours }: Pick<ProjectSection, "colours">,
  rows: number,
  own?: string,
): readonly ColourExtras[] {
  const { kind, bands, carried } = colours;
  const [only] = bands;
  if (kind === "one")
    return own !== undefined && only && only.yarnId !== own && rows > 0
      ? [{ yarnId: only.yarnId, ends: 2, carriedRows: 0, twists: 0 }]
      : [];
  if (bands.length < 2) return [];
  if (kind === "areas")
    return bands.map(({ yarnId }, index) => ({
      yarnId,
      ends: 2,
      carriedRows: 0,
      // Between two areas both twist: an area in the middle has two neighbours.
      twists: rows * (index === 0 || index === bands.length - 1 ? 1 : 2),
    }));
  if (kind !== "stripes") return [];
  const worked = Array.from({ length: rows }, (_, row) => bandOf(bands, row));
  return [...new Set(bands.map(({ yarnId }) => yarnId))].map((yarnId) => {
    const mine = worked.map((band) => bands[band]?.yarnId === yarnId);
    const stripes = mine.filter((is, row) => is && !mine[row - 1]).length;
    const [first, last] = [mine.indexOf(true), mine.lastIndexOf(true)];
    const between = mine.slice(first, last + 1).filter((is) => !is).length;
    return carried
      ? { yarnId, ends: stripes > 0 ? 2 : 0, carriedRows: between, twists: 0 }
      : { yarnId, ends: 2 * stripes, carriedRows: 0, twists: 0 };
  });
}

/** Stripes as they follow one another over so many rows. Example: bands of 2 and 1 over 4 rows are 2, 1 and 1. */
export function bandRuns(
  bands: Colours["bands"],
  rows: number,
): readonly { yarnId: string; from: number; to: number }[] {
  const runs: { yarnId: string; from: number; to: number }[] = [];
  for (let row = 0; row < rows; row += 1) {
    const yarnId = bands[bandOf(bands, row)]?.yarnId ?? "";
    const last = runs.at(-1);
    if (last?.yarnId === yarnId) last.to = row + 1;
    else runs.push({ yarnId, from: row, to: row + 1 });
  }
  return runs;
}
