/** Stitches to add above a rib, so that the cables above it do not pull the width in. */
export interface AboveRib {
  /** Stitches of the rib, if it is to lie as wide as the cables above it, and how many are added over it. */
  readonly rib: number;
  readonly add: number;
  /** The rules of thumb: one for every three stitches of rib; one or two for each crossing side by side. */
  readonly byThirds: number;
  readonly byCrossings: { readonly least: number; readonly most: number };
}

/**
 * What to add above the rib for `stitches` that keep a share `widthFactor` of their plain width; the rib is
 * taken to stretch to the width of plain fabric. Never fewer than none.
 * Example: 100 stitches that keep 0.7 of their width stand on a rib of 70, with 30 added; by thirds 25.
 */
export function aboveRib(stitches: number, widthFactor: number, crossings: number): AboveRib {
  const rib = Math.min(stitches, Math.max(1, Math.round(stitches * widthFactor)));
  return {
    rib,
    add: stitches - rib,
    byThirds: Math.round(stitches / 4),
    byCrossings: { least: crossings, most: 2 * crossings },
  };
}
