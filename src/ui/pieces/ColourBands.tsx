"use client";
import type { SeenPiece } from "@/core/engine/seen";
import { useProjectPart } from "@/state/project/projectStore";

interface ColourBandsProps {
  readonly piece: SeenPiece;
  readonly x: (mm: number) => number;
  readonly y: (mm: number) => number;
  readonly ids: string;
}

/** Stripes and areas over the fabric, thin enough that its cables are seen through them. */
export function ColourBands({ piece, x, y, ids }: ColourBandsProps) {
  const yarns = useProjectPart((project) => project.yarns);
  return piece.outline.map((part, index) => {
    const { bands } = part;
    if (bands.length === 0) return null;
    return (
      <g key={`${part.sectionId} ${part.side}`} clipPath={`url(#${ids}clip${index})`} pointerEvents="none">
        <clipPath id={`${ids}clip${index}`}>
          <polygon points={part.points.map(([px, py]) => `${x(px)},${y(py)}`).join(" ")} />
        </clipPath>
        {bands.map(({ yarnId, rightMm, leftMm, fromMm, toMm }) => (
          <rect
            key={`${fromMm} ${rightMm}`}
            x={x(leftMm)}
            y={y(toMm)}
            width={Math.max(0, x(rightMm) - x(leftMm))}
            height={Math.max(0, y(fromMm) - y(toMm))}
            fill={yarns.find(({ id }) => id === yarnId)?.colour}
            opacity={yarnId === piece.yarnId ? 0 : 0.72}
          />
        ))}
      </g>
    );
  });
}
