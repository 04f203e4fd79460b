"use client";
import type { SeenPart, SeenPiece } from "@/core/engine/seen";
import type { Gauge } from "@/core/stitches/plainStitch";
import type { PutUp } from "@/core/yarn/putUp";
import { useProjectPart } from "@/state/project/projectStore";
import { usePieceFabric } from "./usePieceFabric";

/** How millimetres of a piece become places of its drawing. */
interface Place {
  readonly x: (mm: number) => number;
  readonly y: (mm: number) => number;
  readonly scale: number;
  /** Half in the round, where it lies flat. */
  readonly flat: number;
}

/** The colour of a yarn of the open project. */
export const useYarnColour = (yarnId: string): string =>
  useProjectPart(({ yarns }) => yarns.find(({ id }) => id === yarnId)?.colour ?? "#888888");

/** The edge of a part, as an SVG has it. */
export const edgeOfPart = ({ points }: SeenPart, { x, y }: Pick<Place, "x" | "y">): string =>
  points.map(([px, py]) => `${x(px).toFixed(2)},${y(py).toFixed(2)}`).join(" ");

/** The pattern of the fabric that a part is worked in, by where that fabric comes first. */
const patternOf = (ids: string, parts: readonly SeenPart[], fabricId: string | null) =>
  `${ids}${parts.findIndex((one) => one.fabricId === fabricId)}`;

/** What a part is filled with: its fabric, and its colour until that is drawn. */
export const fillOfPart = (ids: string, { outline }: SeenPiece, { fabricId }: SeenPart, colour: string) =>
  fabricId === null ? colour : `url(#${patternOf(ids, outline, fabricId)}) ${colour}`;

interface PieceFabricsProps extends Omit<FabricPatternProps, "id" | "part" | "fabricId"> {
  /** What the ids of this drawing begin with. */
  readonly ids: string;
}

/** The fabrics of a piece, each once, for `fillOfPart` to name. */
export function PieceFabrics({ ids, ...of }: PieceFabricsProps) {
  const { outline: parts } = of.piece;
  return parts.map(
    (part, index) =>
      part.fabricId !== null &&
      parts.findIndex(({ fabricId }) => fabricId === part.fabricId) === index && (
        <FabricPattern
          key={part.fabricId}
          id={patternOf(ids, parts, part.fabricId)}
          {...of}
          part={part}
          fabricId={part.fabricId}
        />
      ),
  );
}

interface FabricPatternProps {
  readonly id: string;
  /** A part that is worked in the fabric, and the section that began it. */
  readonly part: SeenPart;
  readonly fabricId: string;
  readonly place: Place;
  readonly piece: SeenPiece;
  readonly gauge: Gauge;
  readonly putUp: PutUp;
  readonly colour: string;
}

/** The fabric of a section, to be laid on all that is worked in it, from where it began. Nothing until it is drawn. */
function FabricPattern({ id, part, fabricId, place, piece, gauge, putUp, colour }: FabricPatternProps) {
  const picture = usePieceFabric({ pieceId: piece.id, sectionId: fabricId, gauge, putUp, colour });
  const fabric = piece.sections.find(({ sectionId }) => sectionId === fabricId);
  if (!picture || !fabric?.content) return null;
  const { widthMm, heightMm } = piece.estimate.plain;
  const across = picture.stitches * fabric.content.kept.all * widthMm * fabric.scale * place.scale;
  const up = picture.rows * fabric.content.heightFactor * heightMm * fabric.scale * place.scale;
  // It lies around the middle of where it began.
  const left = place.x(part.originMm.x) - across / 2;
  return (
    <pattern
      id={id}
      patternUnits="userSpaceOnUse"
      x={left}
      y={place.y(part.originMm.y) - up}
      width={across}
      height={up}
    >
      <rect width={across} height={up} fill={`color-mix(in oklab, ${colour} 45%, black)`} />
      <image href={picture.address} width={across} height={up} preserveAspectRatio="none" />
    </pattern>
  );
}
