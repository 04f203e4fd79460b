"use client";
import { memo, useId } from "react";
import { workedAt, type Strand } from "@/core/estimate/strand";
import type { EstimatedPiece } from "@/core/estimate/wholeProject";
import { millimetres } from "@/core/units/brands";
import { formatSize } from "@/core/units/format";
import { usePointer } from "@/state/pointer";
import { useProjectStore } from "@/state/projectStore";
import { useUnits } from "@/state/settings";
import { Card } from "@/ui/parts/Card";
import { SourceMark } from "@/ui/parts/SourceMark";
import { usePieceCloth } from "./usePieceCloth";

interface PieceDrawingProps {
  readonly piece: EstimatedPiece;
  readonly strand: Strand;
}

/** The piece to scale in its yarn's colour, its own fabric on it, and the plain width that it is pulled in from. */
export const PieceDrawing = memo(function PieceDrawing({ piece, strand }: PieceDrawingProps) {
  const units = useUnits();
  const { widthMm, plainWidthMm, heightMm, widthBandMm, kept } = piece.estimate;
  const size = `${formatSize(widthMm, units)} wide, ${formatSize(heightMm, units)} high`;
  const pulled = millimetres(plainWidthMm - widthMm);
  return (
    <Card title="Drawn to scale" aside={size}>
      <DrawnPiece piece={piece} strand={strand} />
      <p className="mt-2 text-sm">
        <SourceMark source={kept.measured === null ? "computed" : "measured"} /> Plain stitches would be{" "}
        {formatSize(plainWidthMm, units)} wide (dashed);{" "}
        <span className="text-woad">
          {pulled >= 0
            ? `the cables pull ${formatSize(pulled, units)} in`
            : `the panels spread ${formatSize(millimetres(-pulled), units)}`}
        </span>
        . Likely {formatSize(widthBandMm.narrow, units)} to {formatSize(widthBandMm.wide, units)} wide
        {kept.measured === null ? ": a cabled swatch would narrow that." : "."}
      </p>
    </Card>
  );
});

const BOX = { width: 400, height: 400, margin: 14 };

/** Row of the piece that is pointed at on the strand; null where that is another piece. */
function usePointedRow({ id }: EstimatedPiece, strand: Strand): number | null {
  const pointed = usePointer(({ row }) => row);
  const worked = pointed === null ? null : workedAt(strand, pointed);
  if (pointed === null || worked?.pieceId !== id) return null;
  return Math.min(pointed - worked.firstRow, worked.rows);
}

function DrawnPiece({ piece, strand }: PieceDrawingProps) {
  const ids = useId().replaceAll(":", "");
  const colour = useProjectStore(({ project }) => project.yarns[0]?.colour) ?? "#888888";
  const chosen = usePointedRow(piece, strand);
  const cloth = usePieceCloth(piece);
  const { plan, estimate } = piece;
  const { widthMm, plainWidthMm, heightMm, stitches } = estimate;

  const room = { width: BOX.width - 2 * BOX.margin, height: BOX.height - 2 * BOX.margin };
  const scale = Math.min(room.width / Math.max(widthMm, plainWidthMm), room.height / heightMm);
  const [width, height] = [widthMm * scale, heightMm * scale];
  const left = (BOX.width - width) / 2;
  const bottom = BOX.margin + height;
  const row = height / plan.rows;

  return (
    <svg
      viewBox={`0 0 ${BOX.width} ${bottom + BOX.margin}`}
      className="mt-2 max-h-[26rem] w-full"
      role="img"
      aria-label={`${stitches} stitches by ${plan.rows} rows`}
    >
      {cloth && (
        <defs>
          <pattern
            id={`${ids}cloth`}
            patternUnits="userSpaceOnUse"
            x={left}
            y={bottom}
            width={width}
            height={cloth.rows * row}
          >
            <rect
              width={width}
              height={cloth.rows * row}
              fill={`color-mix(in oklab, ${colour} 45%, black)`}
            />
            <image href={cloth.address} width={width} height={cloth.rows * row} preserveAspectRatio="none" />
          </pattern>
        </defs>
      )}
      {plainWidthMm > widthMm && (
        <rect
          x={(BOX.width - plainWidthMm * scale) / 2}
          y={BOX.margin}
          width={plainWidthMm * scale}
          height={height}
          rx={3}
          fill="none"
          stroke="var(--woad)"
          strokeDasharray="5 4"
        />
      )}
      <rect
        x={left}
        y={BOX.margin}
        width={width}
        height={height}
        rx={2}
        fill={cloth ? `url(#${ids}cloth)` : colour}
      />
      {chosen !== null && (
        <g>
          <line
            x1={4}
            x2={BOX.width - 4}
            y1={bottom - (chosen - 0.5) * row}
            y2={bottom - (chosen - 0.5) * row}
            stroke="var(--madder)"
            strokeWidth={2}
          />
          <text
            x={6}
            y={bottom - (chosen - 0.5) * row - 5}
            fontSize={13}
            fill="var(--madder)"
            fontWeight={700}
          >
            row {chosen}
          </text>
        </g>
      )}
    </svg>
  );
}
