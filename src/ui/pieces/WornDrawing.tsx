"use client";
import { useId } from "react";
import { foldable, wornOf, type Line, type Worn } from "@/core/garment/worn";
import type { SeenPiece } from "@/core/engine/seen";
import type { PlannedYarn } from "@/core/estimate/wholeProject";
import type { Gauge } from "@/core/stitches/plainStitch";
import { choosePiece } from "@/state/chosen/chosen";
import { useProjectPart } from "@/state/project/projectStore";
import { edgeOfPart, fillOfPart, PieceFabrics, useYarnColour } from "./FabricPattern";

interface WornDrawingProps {
  readonly worn: Worn;
  readonly pieces: readonly SeenPiece[];
  readonly yarns: readonly PlannedYarn[];
  readonly gauge: Gauge;
}

const BOX = { width: 400, height: 400, margin: 14 };
/** Sleeves hang so far outwards, in degrees. */
const SLEEVE_DEG = 24;
/** What lies behind is seen in the shade. */
const SHADE = 0.28;

/** How the pieces lie when they are worn; null where they cannot be folded. */
export function useWorn(pieces: readonly SeenPiece[]): Worn | null {
  const own = useProjectPart((project) => project.pieces);
  const seams = useProjectPart((project) => project.seams);
  return wornOf(
    pieces.map((piece) =>
      foldable(
        piece,
        own.find(({ id }) => id === piece.id),
      ),
    ),
    seams,
  );
}

/** Everything that is drawn of a piece, in its own place. */
interface LaidProps {
  readonly piece: SeenPiece;
  readonly yarns: readonly PlannedYarn[];
  readonly gauge: Gauge;
  /** Sideways 1 where it lies whole, 0.5 where it is folded along its length. */
  readonly flat: number;
  readonly x: (mm: number) => number;
  readonly y: (mm: number) => number;
  readonly scale: number;
  readonly shaded?: boolean;
}

function Laid({ piece, yarns, gauge, flat, x, y, scale, shaded = false }: LaidProps) {
  const ids = useId().replaceAll(":", "");
  const colour = useYarnColour(piece.yarnId);
  const putUp = yarns.find(({ id }) => id === piece.yarnId)?.putUp;
  return (
    <>
      <defs>
        {putUp && <PieceFabrics place={{ x, y, scale, flat }} {...{ ids, piece, gauge, putUp, colour }} />}
      </defs>
      {piece.outline.map((part) => {
        const points = edgeOfPart(part, { x, y });
        return (
          <g key={`${part.sectionId} ${part.side}`}>
            <polygon points={points} fill={fillOfPart(ids, piece, part, colour)} />
            {shaded && <polygon points={points} fill="black" opacity={SHADE} />}
          </g>
        );
      })}
    </>
  );
}

interface BandProps {
  readonly piece: SeenPiece;
  readonly line: Line;
  readonly wide: number;
  readonly at: (point: readonly [number, number]) => string;
  readonly shaded: boolean;
}

/** A band as it stands out from an edge: its ribs across it. */
function Band({ piece, line, wide, at, shaded }: BandProps) {
  const colour = useYarnColour(piece.yarnId);
  const points = line.map(at).join(" ");
  const drawn = { points, fill: "none", strokeWidth: wide, strokeLinejoin: "bevel" } as const;
  return (
    <>
      <polyline {...drawn} stroke={`color-mix(in oklab, ${colour} ${shaded ? 62 : 84}%, black)`} />
      <polyline
        {...drawn}
        stroke={`color-mix(in oklab, ${colour} ${shaded ? 40 : 55}%, black)`}
        strokeDasharray="1.2 2.6"
      />
    </>
  );
}

/** The garment as it is worn: the front over the back, with bands and sleeves; a press on a part takes it in hand. */
export function WornDrawing({ worn, pieces, yarns, gauge }: WornDrawingProps) {
  const names = useProjectPart((project) => project.pieces);
  const seamed = useProjectPart((project) => project.yarns[0]?.colour ?? "#888888");
  const pieceOf = (id: string) => pieces.find((piece) => piece.id === id);
  const back = pieceOf(worn.backId);
  const fronts = worn.fronts.flatMap(({ pieceId, shiftMm }) => {
    const front = pieceOf(pieceId);
    return front ? [{ front, shiftMm }] : [];
  });
  if (!back || fronts.length === 0) return null;
  const bodies = [{ front: back, shiftMm: 0 }, ...fronts].flatMap(({ front, shiftMm }) =>
    front.outline.flatMap(({ points }) => points.map(([px, py]) => [px + shiftMm, py] as const)),
  );
  const high = Math.max(...bodies.map(([, y]) => y), 1);
  const reach = Math.max(...bodies.map(([x]) => Math.abs(x)), 1);
  const beyond = Math.max(0, ...worn.bands.map(({ wideMm }) => wideMm / 2));
  const slope = (SLEEVE_DEG * Math.PI) / 180;
  const hanging = worn.sleeves.flatMap(({ pieceId, shoulder }) => {
    const sleeve = pieceOf(pieceId);
    if (!sleeve) return [];
    const wide = Math.max(...sleeve.outline.flatMap(({ points }) => points.map(([x]) => Math.abs(x))), 1);
    const long = Math.max(...sleeve.outline.map(({ toMm }) => toMm), 1);
    return [{ sleeve, shoulder, wide, long }];
  });
  const wideMm = Math.max(
    reach + beyond,
    ...hanging.map(({ shoulder, long, wide }) => Math.abs(shoulder[0]) + long * Math.sin(slope) + wide),
  );
  const highMm = Math.max(
    high + beyond,
    ...hanging.map(({ shoulder, long, wide }) => high - shoulder[1] + long * Math.cos(slope) + wide),
  );
  const scale = Math.min((BOX.width - 2 * BOX.margin) / (2 * wideMm), (BOX.height - 2 * BOX.margin) / highMm);
  const top = BOX.margin + beyond * scale;
  const x = (mm: number) => BOX.width / 2 - mm * scale;
  const y = (mm: number) => top + (high - mm) * scale;
  const at = ([px, py]: readonly [number, number]) => `${x(px).toFixed(2)},${y(py).toFixed(2)}`;
  // The bands of an open front meet over its edges: the whole of them is seen, and no half lies under the body.
  const open = fronts.length > 1;
  const shownOf = (along: "front" | "back") => (open && along === "front" ? 0.5 : 1);
  const bandsAlong = (along: "front" | "back") =>
    worn.bands
      .filter((band) => band.along === along)
      .flatMap(({ pieceId, line, wideMm: wide }, index) => {
        const piece = pieceOf(pieceId);
        const shaded = along === "back";
        return piece
          ? [
              <Band
                key={`${pieceId} ${index}`}
                {...{ piece, line, at, shaded }}
                wide={shownOf(along) * wide * scale}
              />,
            ]
          : [];
      });
  const told = (id: string) => names.find((piece) => piece.id === id)?.name ?? "";
  // A piece that could not be worked is not among those that are seen.
  const leftOut = names
    .filter(({ id }) => !pieceOf(id) || worn.leftOut.includes(id))
    .map(({ name }) => name || "a piece without a name");
  const common = { yarns, gauge, scale };
  const sides = back.outline.filter(({ side }) => side === "whole");
  const over = `${fronts.map(({ front }) => told(front.id)).join(" and ")} over ${told(worn.backId)}`;
  const armhole = Math.min(
    ...worn.bands.flatMap(({ along, line, pieceId }) =>
      along === "front" && pieceOf(pieceId)?.times === 2 ? line.map(([, py]) => py) : [],
    ),
    high,
  );
  return (
    <figure className="mt-2">
      <svg
        viewBox={`0 0 ${BOX.width} ${(top + highMm * scale + BOX.margin).toFixed(1)}`}
        className="max-h-[26rem] w-full"
        role="img"
        aria-label={`${over}, as worn`}
      >
        {bandsAlong("back")}
        <g onClick={() => choosePiece(worn.backId)} className="cursor-pointer">
          <Laid piece={back} flat={1} shaded {...common} x={x} y={y} />
        </g>
        {hanging.map(({ sleeve, shoulder, wide, long }) => {
          const to = Math.sign(shoulder[0]);
          // Folded along its length, its fold at the outside, its top at the shoulder.
          return (
            <g
              key={to}
              transform={`translate(${at([shoulder[0], shoulder[1]])}) rotate(${(to * SLEEVE_DEG).toFixed(1)})`}
              onClick={() => choosePiece(sleeve.id)}
              className="cursor-pointer"
            >
              <Laid
                piece={sleeve}
                flat={0.5}
                {...common}
                x={(mm) => (-mm * 0.5 + (to * wide) / 2) * scale}
                y={(mm) => (long - mm) * scale}
              />
            </g>
          );
        })}
        {!open && bandsAlong("front")}
        {fronts.map(({ front, shiftMm }) => (
          <g key={front.id} onClick={() => choosePiece(front.id)} className="cursor-pointer">
            <Laid piece={front} flat={1} {...common} x={(mm) => x(mm + shiftMm)} y={y} />
          </g>
        ))}
        {open && bandsAlong("front")}
        {([1, -1] as const).map((to) => (
          <polyline
            key={to}
            points={sides
              .flatMap(({ points }) =>
                points
                  .filter(([px, py]) => Math.sign(px) === to && py <= armhole)
                  .map((point) => [...point] as const),
              )
              .toSorted((one, other) => one[1] - other[1])
              .map(([px, py]) => at([px, py]))
              .join(" ")}
            fill="none"
            stroke={`color-mix(in oklab, ${seamed} 35%, black)`}
            strokeWidth={1.6}
            strokeDasharray="3 2"
          />
        ))}
      </svg>
      <figcaption className="text-sm text-faint">
        {over}, sewn along the dashed sides
        {leftOut.length > 0 && `; not drawn, since nothing says where it goes: ${leftOut.join(", ")}`}.
      </figcaption>
    </figure>
  );
}
