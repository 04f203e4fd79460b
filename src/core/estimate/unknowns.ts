/** What nobody knows exactly before knitting: deviations in ln, all 0 for the most likely case. */

export interface Unknowns {
  /** Width and height of a plain stitch, against the gauge that was given. */
  readonly width: number;
  readonly height: number;
  /** Yarn in a loop, against Munden's relation. */
  readonly loop: number;
  /** Share of its way that a crossing loop takes from its own yarn. */
  readonly give: number;
  /** Scale of the width that fabrics lose: it matters where stitches are added until it is wide enough. */
  readonly drawWidth: number;
  /** Scale of the height that fabrics lose: what is worked to a length then takes more rows, or fewer. */
  readonly drawHeight: number;
  /** Length of the wraps of a cast-on tail. */
  readonly tail: number;
  /** Loops in a cast-off stitch. */
  readonly castOff: number;
  /** Yarn of extras that nobody can measure beforehand, as a pompon by its size. */
  readonly extras: number;
  /** How much fabric there is, where only what a pattern asks for tells that. */
  readonly amount: number;
}

/** Nothing off: what is most likely where nothing was measured. */
export const NOTHING_OFF: Unknowns = {
  width: 0,
  height: 0,
  loop: 0,
  give: 0,
  drawWidth: 0,
  drawHeight: 0,
  tail: 0,
  castOff: 0,
  extras: 0,
  amount: 0,
};
