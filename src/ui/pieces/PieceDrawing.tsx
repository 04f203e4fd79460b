"use client";
import { memo, useId } from "react";
import { workedAt, type Strand } from "@/core/estimate/strand";
import type { SectionWidth } from "@/core/estimate/sectionWidths";
import type { SeenPiece } from "@/core/engine/seen";
import type { PlannedYarn } from "@/core/estimate/wholeProject";
import type { PutUp } from "@/core/yarn/putUp";
import { millimetres } from "@/core/units/brands";
import { formatSize } from "@/core/units/format";
import type { Gauge } from "@/core/stitches/plainStitch";
import { chooseSection, useChosenPiece, useChosenSection } from "@/state/chosen/chosen";
import { showSchematic, useSchematic } from "@/state/chosen/schematic";
import { useHoveredRow } from "@/state/chosen/hoveredRow";
import { useSettings, useUnits } from "@/state/keeping/settings";
import { Choice } from "@/ui/parts/Choice";
import { Drawer } from "@/ui/parts/Drawer";
import { Why } from "@/ui/parts/Why";
import { SourceMark } from "@/ui/parts/SourceMark";
import { ColourBands } from "./ColourBands";
import { DrawingProgress } from "./DrawingProgress";
import { edgeOfPart, fillOfPart, PieceFabrics, useYarnColour } from "./FabricPattern";
import { sectionName } from "./sectionWords";
import { SCHEMATIC } from "./usePieceFabric";
import { useWorn, WornDrawing } from "./WornDrawing";

interface PieceDrawingProps {
  readonly piece: SeenPiece;
  readonly gauge: Gauge;
  readonly putUp: PutUp;
  readonly strand: Strand;
  /** All of the project, and what they are knitted in: folded as they are worn. */
  readonly pieces: readonly SeenPiece[];
  readonly yarns: readonly PlannedYarn[];
}

const SIGHTS = [
  { value: "piece", label: "This piece" },
  { value: "worn", label: "As worn" },
] as const;

/** The piece to scale in its yarn's colour, its own fabric on it, and the plain width that it is pulled in from. */
export const PieceDrawing = memo(function PieceDrawing(props: PieceDrawingProps) {
  const units = useUnits();
  const { round } = useChosenPiece();
  const { widths, widthMm, heightMm } = props.piece.estimate;
  const wide = formatSize(widthMm, units);
  const high = formatSize(heightMm, units);
  const way = round ? "round" : "wide";
  return (
    <Drawer title="Schematic" answer={`${wide} ${way}, ${high} high`} atFirst="openOnDesk">
      {(open) =>
        open && (
          <>
            <div className="relative">
              <Schematic {...props} />
              <DrawingProgress drawing={SCHEMATIC} />
            </div>
            {widths.main && <WidthWords piece={props.piece} main={widths.main} way={way} />}
            <p className="text-sm">
              It is <Why of={{ figure: "height", pieceId: props.piece.id }}>{high}</Why> high
              {round && "; drawn laid flat, so half of it shows"}.
            </p>
          </>
        )
      }
    </Drawer>
  );
});

/** The piece in hand, or the garment as it is worn where it can be folded. */
function Schematic(props: PieceDrawingProps) {
  const sight = useSchematic(({ of }) => of);
  const worn = useWorn(props.pieces);
  if (!worn) return <DrawnPiece {...props} />;
  return (
    <>
      <div className="mt-2">
        <Choice label="Show" options={SIGHTS} value={sight} onChange={showSchematic} />
      </div>
      {sight === "worn" ? <WornDrawing worn={worn} {...props} /> : <DrawnPiece {...props} />}
    </>
  );
}

/** Less than this is not told as pulled in, or as another width. */
const SLIGHT_MM = 0.5;

interface WidthWordsProps {
  readonly piece: SeenPiece;
  readonly main: SectionWidth;
  readonly way: "round" | "wide";
}

/** Whose width it is, how far it is pulled in, how far it can be off; and the narrowest and the widest beside it. */
function WidthWords({ piece, main, way }: WidthWordsProps) {
  const units = useUnits();
  const words = useSettings((settings) => settings.words);
  const { sections } = useChosenPiece();
  const { narrowest, widest } = piece.estimate.widths;
  const { widthMm, plainWidthMm, bandMm, kept, sectionId } = main;
  const nameOf = (id: string) => {
    const section = sections.find((one) => one.id === id);
    return section ? sectionName(section, words) : "";
  };
  const isMain = (one: SectionWidth | null) => !one || Math.abs(one.widthMm - widthMm) < SLIGHT_MM;
  const others = [narrowest, widest].filter((one) => one !== null && !isMain(one)) as readonly SectionWidth[];
  const pulled = millimetres(plainWidthMm - widthMm);
  const cabled = kept.computed !== 1 || Math.abs(pulled) > SLIGHT_MM;
  const known = kept.measured !== null || piece.drawInSwatched;
  return (
    <p className="mt-2 text-sm">
      <Why of={{ figure: "width", pieceId: piece.id, sectionId }}>
        <strong>{formatSize(widthMm, units)}</strong>
      </Why>{" "}
      is the width of <em>{nameOf(sectionId)}</em>, most of the piece
      {others.map((one) => (
        <span key={one.sectionId}>
          ; {nameOf(one.sectionId)}:{" "}
          <Why of={{ figure: "width", pieceId: piece.id, sectionId: one.sectionId }}>
            {formatSize(one.widthMm, units)}
          </Why>
        </span>
      ))}
      .{" "}
      {cabled && (
        <>
          <SourceMark source={known ? "measured" : "computed"} /> Plain stitches would be{" "}
          {formatSize(plainWidthMm, units)} {way} (dashed);{" "}
          <span className="text-woad">
            {pulled >= 0
              ? `it is pulled in by ${formatSize(pulled, units)}`
              : `it spreads by ${formatSize(millimetres(-pulled), units)}`}
          </span>
          . Likely {formatSize(bandMm.narrow, units)} to {formatSize(bandMm.wide, units)}
          {known ? "." : ": a swatch of it would narrow that."}
        </>
      )}
    </p>
  );
}

const BOX = { width: 400, height: 400, margin: 14 };

/** Row of the piece that is pointed at on the strand, counted from 1; null where that is another piece. */
function usePointedRow({ id }: SeenPiece, strand: Strand): number | null {
  const pointed = useHoveredRow(({ row }) => row);
  const worked = pointed === null ? null : workedAt(strand, pointed);
  if (pointed === null || worked?.pieceId !== id) return null;
  return Math.min(pointed - worked.firstRow, worked.rows);
}

/** Where a row of the piece lies, in which of its sections. */
function rowAt({ sections }: SeenPiece, row: number): { index: number; share: number } | null {
  let before = 0;
  for (const [index, { rows }] of sections.entries()) {
    if (row <= before + rows && rows > 0) return { index, share: (row - before - 0.5) / rows };
    before += rows;
  }
  return null;
}

function DrawnPiece({ piece, gauge, putUp, strand }: PieceDrawingProps) {
  const ids = useId().replaceAll(":", "");
  const { round, sections: all } = useChosenPiece();
  const colour = useYarnColour(piece.yarnId);
  const words = useSettings((settings) => settings.words);
  const chosen = useChosenSection().id;
  const pointed = usePointedRow(piece, strand);
  const { sections, estimate, outline: parts } = piece;
  // In the round it lies flat: half of it is seen.
  const flat = round ? 0.5 : 1;
  const widest = Math.max(...parts.flatMap(({ points }) => points.map(([x]) => Math.abs(x))), 1);
  const { main } = estimate.widths;
  const plainWidthMm = main?.plainWidthMm ?? 0;
  const half = flat * Math.max(widest, plainWidthMm / 2);
  const high = Math.max(...parts.map(({ toMm }) => toMm), 1);
  const scale = Math.min((BOX.width - 2 * BOX.margin) / (2 * half), (BOX.height - 2 * BOX.margin) / high);
  const bottom = BOX.margin + high * scale;
  const x = (mm: number) => BOX.width / 2 - mm * flat * scale;
  const y = (mm: number) => bottom - mm * scale;
  const place = pointed === null ? null : rowAt(piece, pointed);
  const drawnBefore = place && sections.slice(0, place.index).filter(({ rows }) => rows > 0).length;
  const pointedPart = drawnBefore === null ? undefined : parts[drawnBefore];
  const rowY =
    place && pointedPart
      ? y(pointedPart.fromMm + place.share * (pointedPart.toMm - pointedPart.fromMm))
      : null;
  const body = parts.find(({ sectionId }) => sectionId === main?.sectionId) ?? parts[0];
  return (
    <svg
      viewBox={`0 0 ${BOX.width} ${bottom + BOX.margin}`}
      className="mt-2 max-h-[26rem] w-full"
      role="img"
      aria-label={`${estimate.stitches} stitches by ${estimate.rows} rows`}
    >
      {body && plainWidthMm > estimate.widthMm + SLIGHT_MM && (
        <rect
          x={x(plainWidthMm / 2)}
          y={y(body.toMm)}
          width={plainWidthMm * flat * scale}
          height={(body.toMm - body.fromMm) * scale}
          rx={3}
          fill="none"
          stroke="var(--woad)"
          strokeDasharray="5 4"
        />
      )}
      <defs>
        <PieceFabrics place={{ x, y, scale, flat }} {...{ ids, piece, gauge, putUp, colour }} />
      </defs>
      {parts.map((part) => {
        const section = all.find(({ id }) => id === part.sectionId);
        const isChosen = part.sectionId === chosen && parts.length > 1;
        return (
          <polygon
            key={`${part.sectionId} ${part.side}`}
            points={edgeOfPart(part, { x, y })}
            fill={fillOfPart(ids, piece, part, colour)}
            stroke={isChosen ? "var(--madder)" : "var(--card)"}
            strokeWidth={isChosen ? 2 : 0.75}
            strokeLinejoin="round"
            className="cursor-pointer"
            onClick={() => chooseSection(part.sectionId)}
          >
            <title>{section && sectionName(section, words)}</title>
          </polygon>
        );
      })}
      <ColourBands piece={piece} x={x} y={y} ids={ids} />
      {rowY !== null && (
        <g>
          <line x1={4} x2={BOX.width - 4} y1={rowY} y2={rowY} stroke="var(--madder)" strokeWidth={2} />
          <text x={6} y={rowY - 5} fontSize={13} fill="var(--madder)" fontWeight={700}>
            row {pointed}
          </text>
        </g>
      )}
    </svg>
  );
}
