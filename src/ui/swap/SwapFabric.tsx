"use client";
import type { Outcome } from "@/core/swap/outcome";
import { grams, metres } from "@/core/units/brands";
import type { Gauge } from "@/core/stitches/plainStitch";
import type { PutUp } from "@/core/yarn/putUp";
import { useUnits } from "@/state/keeping/settings";
import { DrawingProgress } from "@/ui/pieces/DrawingProgress";
import { useDrawnFabric } from "@/ui/pieces/usePieceFabric";

/** All fabrics are drawn at this scale, so that they can be compared by eye. */
const PX_PER_MM = 2;
const HIGH_PX = 132;
/** Fine enough for sharp screens: the whole width of a piece is drawn, and its middle shown. */
const MOST_PX = 2400;

/** The bar that tells the scale: 2 cm, or 1 in. */
const BAR = { metric: { mm: 20, words: "2 cm" }, imperial: { mm: 25.4, words: "1 in" } } as const;

const putUpOf = ({ project }: Outcome): PutUp => {
  const { massG, lengthM } = project.yarns[0]?.putUp ?? { massG: 100, lengthM: 160 };
  return { massG: grams(massG), lengthM: metres(lengthM) };
};

const drawingOf = ({ id }: Outcome) => `swap ${id}`;

/** A window on the cabled fabric of an outcome, as it would lie on the table. */
export function SwapFabric({ outcome }: { readonly outcome: Outcome }) {
  const { fabric: place, gauge, colour, name } = outcome;
  return (
    <div
      className="relative overflow-hidden rounded-lg border border-line"
      style={{ height: HIGH_PX, backgroundColor: `color-mix(in oklab, ${colour} 22%, var(--card))` }}
    >
      {place && (
        <Drawn
          outcome={outcome}
          pieceId={place.pieceId}
          sectionId={place.sectionId}
          gauge={gauge}
          name={name}
        />
      )}
      <ScaleBar />
      <DrawingProgress drawing={drawingOf(outcome)} />
    </div>
  );
}

interface DrawnProps {
  readonly outcome: Outcome;
  readonly pieceId: string;
  readonly sectionId: string;
  readonly gauge: Gauge;
  readonly name: string;
}

function Drawn({ outcome, pieceId, sectionId, gauge, name }: DrawnProps) {
  const { project, fabric: place, colour } = outcome;
  const drawn = useDrawnFabric(
    drawingOf(outcome),
    project,
    { pieceId, sectionId, gauge, putUp: putUpOf(outcome), colour },
    MOST_PX,
  );
  if (!drawn || !place) return null;
  const size = `${place.widthMm * PX_PER_MM}px ${place.repeatMm * PX_PER_MM}px`;
  return (
    <div
      role="img"
      aria-label={`Fabric in ${name}, to scale`}
      data-drawn
      className="absolute inset-0 mx-auto"
      style={{
        maxWidth: place.widthMm * PX_PER_MM,
        backgroundImage: `url(${drawn.address})`,
        backgroundSize: size,
        backgroundPosition: "center bottom",
      }}
    />
  );
}

function ScaleBar() {
  const { mm, words } = BAR[useUnits()];
  return (
    <div className="absolute bottom-1.5 left-1.5 rounded bg-card/85 px-1.5 pb-1 text-xs">
      {words}
      <div aria-hidden className="h-1 border-x border-b border-ink" style={{ width: mm * PX_PER_MM }} />
    </div>
  );
}
