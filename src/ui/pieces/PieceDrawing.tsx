"use client";
import { memo, useId } from "react";
import type { KnownForecast } from "@/core/forecast/projectForecast";
import { cabledStitches } from "@/core/panels/cabledPanel";
import { formatSize } from "@/core/units/format";
import { usePointer } from "@/state/pointer";
import { useProjectStore } from "@/state/projectStore";
import { useUnits } from "@/state/settings";
import { Card } from "@/ui/parts/Card";
import { SourceMark } from "@/ui/parts/SourceMark";
import { KnitPattern, PurlPattern, RopePattern } from "./fabricPatterns";

/** The piece to scale in its yarn's colour, cables in place, and the plain width that they pull in from. */
export const PieceDrawing = memo(function PieceDrawing({ answer }: { readonly answer: KnownForecast }) {
  const units = useUnits();
  const { estimate } = answer.forecast;
  const { widthMm, plainWidthMm, heightMm, widthFactor } = estimate;
  const size = `${formatSize(widthMm, units)} wide, ${formatSize(heightMm, units)} high`;
  return (
    <Card title="Drawn to scale" aside={size}>
      <DrawnPiece answer={answer} />
      <p className="mt-2 text-sm">
        {widthFactor === null ? (
          <>
            <SourceMark source="assumed" /> {formatSize(plainWidthMm, units)} is what plain stitches would be.
            Cables pull in: measure a cabled swatch and type its width.
          </>
        ) : (
          <>
            <SourceMark source="measured" /> Plain stitches would be {formatSize(plainWidthMm, units)} wide
            (dashed);{" "}
            <span className="text-woad">
              the cables pull {formatSize((plainWidthMm - widthMm) as typeof widthMm, units)} in
            </span>
            .
          </>
        )}
      </p>
    </Card>
  );
});

const BOX = { width: 400, height: 400, margin: 14 };

function DrawnPiece({ answer }: { readonly answer: KnownForecast }) {
  const ids = useId().replaceAll(":", "");
  const colour = useProjectStore(({ project }) => project.yarns[0]?.colour) ?? "#888888";
  const pointed = usePointer(({ row }) => row);
  const { plan, forecast } = answer;
  const { widthMm, plainWidthMm, heightMm, plain } = forecast.estimate;
  const { panel } = plan;

  const room = { width: BOX.width - 2 * BOX.margin, height: BOX.height - 2 * BOX.margin };
  const scale = Math.min(room.width / Math.max(widthMm, plainWidthMm), room.height / heightMm);
  const [width, height] = [widthMm * scale, heightMm * scale];
  const left = (BOX.width - width) / 2;
  const bottom = BOX.margin + height;
  const stitch = plain.widthMm * scale;
  const row = plain.heightMm * scale;
  const edge = panel.edge * stitch;
  const cabledWidth = width - 2 * edge;
  const drawn = cabledStitches(panel) > 0 ? cabledWidth / cabledStitches(panel) : stitch;
  const rope = 2 * panel.rope.half * drawn;
  const step = rope + panel.purls * drawn;
  const chosen = pointed === null ? null : Math.min(pointed, plan.rows);

  return (
    <svg
      viewBox={`0 0 ${BOX.width} ${bottom + BOX.margin}`}
      className="mt-2 max-h-[26rem] w-full"
      role="img"
      aria-label={`${panel.ropes} ropes between purl columns, ${plan.rows} rows`}
    >
      <defs>
        <KnitPattern
          id={`${ids}knit`}
          stitch={stitch}
          row={row}
          left={left}
          bottom={bottom}
          colour={colour}
        />
        <PurlPattern
          id={`${ids}purl`}
          stitch={drawn}
          row={row}
          left={left + edge}
          bottom={bottom}
          colour={colour}
        />
        <RopePattern
          id={`${ids}rope`}
          plan={panel}
          stitch={drawn}
          row={row}
          bottom={bottom}
          colour={colour}
        />
      </defs>
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
      <rect x={left} y={BOX.margin} width={width} height={height} rx={2} fill={`url(#${ids}knit)`} />
      <rect x={left + edge} y={BOX.margin} width={cabledWidth} height={height} fill={`url(#${ids}purl)`} />
      {Array.from({ length: panel.ropes }, (_, index) => (
        <g key={index} transform={`translate(${left + edge + panel.purls * drawn + index * step} 0)`}>
          <rect y={BOX.margin} width={rope} height={height} fill={`url(#${ids}rope)`} />
        </g>
      ))}
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
