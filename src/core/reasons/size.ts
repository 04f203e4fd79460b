/** Why a piece comes out as wide and as high as it does. */
import { isDrawInSwatched } from "../estimate/piece";
import { say } from "../words/message";
import { within, type ReasonBasis } from "./basis";
import { power, product } from "./expression";
import { counted, figure } from "./figure";
import { plainOf, rowHeight, stitchWidth } from "./gauge";
import type { Because } from "./reason";

const pieceOf = ({ answer }: ReasonBasis, pieceId: string) =>
  answer.estimate.pieces.find(({ id }) => id === pieceId) ?? null;

const widthOf = (basis: ReasonBasis, pieceId: string, sectionId: string) => {
  const widths = pieceOf(basis, pieceId)?.estimate.widths;
  if (!widths) return null;
  return (
    widths.sections.find((one) => one.sectionId === sectionId) ??
    (widths.main?.sectionId === sectionId ? widths.main : null)
  );
};

export const widthReason: Because<"width"> = (basis, { pieceId, sectionId }) => {
  const [piece, width] = [pieceOf(basis, pieceId), widthOf(basis, pieceId, sectionId)];
  if (!piece || !width || width.plainWidthMm <= 0) return null;
  const swatched = isDrawInSwatched(piece) || width.kept.measured !== null;
  const scale = width.plainWidthMm / (width.stitches * plainOf(basis).widthMm);
  const kept = width.widthMm / width.plainWidthMm;
  return {
    figure: { value: width.widthMm, kind: "size" },
    formula: product(
      counted("stitchesAcross", width.stitches),
      ...(Math.abs(scale - 1) < 1e-9 ? [] : [figure("sectionNeedle", scale, "times")]),
      stitchWidth(basis),
      ...(Math.abs(kept - 1) < 1e-9
        ? []
        : [
            figure("keptWidth", kept, "times", {
              why: within(basis, { figure: "kept", pieceId, sectionId }),
            }),
          ]),
    ),
    beside: [
      figure("pulledLess", width.bandMm.wide, "size"),
      figure("pulledMore", width.bandMm.narrow, "size"),
    ],
    sharper: swatched || kept >= 1 ? null : say("sharperDrawIn"),
  };
};

/** What a fabric keeps of its plain width: told by the mesh, pulled as far as this knitter's cables do, or by a tape. */
export const keptReason: Because<"kept"> = (basis, { pieceId, sectionId }) => {
  const [piece, width] = [pieceOf(basis, pieceId), widthOf(basis, pieceId, sectionId)];
  if (!piece || !width || width.plainWidthMm <= 0) return null;
  const { all, computed, believed, measured } = width.kept;
  const share = width.widthMm / width.plainWidthMm;
  const pull = Math.log(believed) / Math.log(computed);
  const swatched = isDrawInSwatched(piece);
  const mesh = figure("keptByMesh", computed, "times");
  const yours = figure("pull", pull, "times", { source: swatched ? "measured" : "assumed" });
  const exact = measured === null && Math.abs(computed ** pull - share) < 1e-9 && computed !== 1;
  return {
    figure: { value: share, kind: "times" },
    formula: exact ? power(mesh, yours) : null,
    beside: exact
      ? []
      : [
          mesh,
          ...(Number.isFinite(pull) ? [yours] : []),
          ...(measured === null
            ? []
            : [figure("keptByTape", measured, "times", { source: "measured" as const })]),
          figure("keptByAll", all, "times"),
        ],
    sharper: swatched || measured !== null ? null : say("sharperDrawIn"),
  };
};

export const heightReason: Because<"height"> = (basis, { pieceId }) => {
  const piece = pieceOf(basis, pieceId);
  if (!piece || piece.estimate.heightMm <= 0) return null;
  const rows = piece.sections
    .filter(({ worked }) => worked.strip <= 0 && worked.side !== "second")
    .reduce((sum, { worked }) => sum + worked.rows.length, 0);
  const share = piece.estimate.heightMm / (rows * plainOf(basis).heightMm);
  return {
    figure: { value: piece.estimate.heightMm, kind: "size" },
    formula: product(
      counted("rowsUp", rows),
      ...(Math.abs(share - 1) < 1e-9 ? [] : [figure("keptHeight", share, "times")]),
      rowHeight(basis),
    ),
    sharper: say("sharperRows"),
  };
};
