/** A swatch as the small piece that it is: its yarn, width and height are calculated as those of any other. */
import type { Blocking } from "../fabric/blocking";
import { emptyPiece, type Project, type ProjectPiece } from "../project/project";
import { newSection } from "../project/sections";
import type { Swatch } from "../project/swatches";

/** The id of the piece that a swatch is in one of its states. */
export const swatchPieceId = ({ id }: Swatch, blocking: Blocking) => `swatch ${id} ${blocking}`;

/**
 * The piece that a swatch is in one of its states. `stitches` are those of its fabric, where they are known.
 * Example: a plain swatch of 24 stitches is a cast-on, its rows, and a cast-off.
 */
export function swatchPiece(swatch: Swatch, blocking: Blocking, stitches = swatch.stitches): ProjectPiece {
  const { id, name, yarnId, needleMm, fabric, rows, borderRows, castOn, castOff } = swatch;
  const border = (where: string) =>
    borderRows > 0
      ? [
          newSection("fabric", `${id}/${where}`, {
            content: "ground",
            ground: "garter",
            rows: borderRows,
            needleMm,
          }),
        ]
      : [];
  return {
    ...emptyPiece(swatchPieceId(swatch, blocking), name),
    yarnId,
    blocking,
    sections: [
      newSection("castOn", `${id}/on`, { method: castOn, stitches, needleMm }),
      ...border("below"),
      { ...fabric, by: "rows", rows, needleMm },
      ...border("above"),
      newSection("castOff", `${id}/off`, { method: castOff, needleMm }),
    ],
  };
}

const made = new WeakMap<Swatch, readonly ProjectPiece[]>();

/** A swatch as knit and finished; made once, since they are asked for behind every keystroke. */
function bothStates(swatch: Swatch): readonly ProjectPiece[] {
  const pieces = made.get(swatch) ?? [swatchPiece(swatch, "asKnit"), swatchPiece(swatch, swatch.finish)];
  made.set(swatch, pieces);
  return pieces;
}

/** Everything of a project that is laid: its pieces, and its swatches as knit and finished. */
export const piecesAndSwatches = ({ pieces, swatches }: Project): readonly ProjectPiece[] => [
  ...pieces,
  ...swatches.flatMap(bothStates),
];
