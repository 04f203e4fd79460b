"use client";
import { useRouter } from "next/navigation";
import { useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import type { KnownForecast } from "@/core/forecast/projectForecast";
import { middleOfRow, placeOn, type Place, type Strand, type StrandPart } from "@/core/estimate/strand";
import { metres, millimetres, toMetres } from "@/core/units/brands";
import { formatMass, formatYarn } from "@/core/units/format";
import { massOf } from "@/core/yarn/putUp";
import { useAnswer } from "@/state/answer";
import { choosePiece } from "@/state/chosenPiece";
import { pointAt, usePointer } from "@/state/pointer";
import { useProjectPart } from "@/state/projectStore";
import { useUnits } from "@/state/settings";
import { BallMarks } from "./BallMarks";
import { StrandBody } from "./StrandBody";
import { StrandLabels } from "./StrandLabels";

const PART_NAMES: { readonly [Part in StrandPart]: string } = {
  swatch: "swatch",
  castOn: "cast-on",
  rows: "rows",
  castOff: "cast-off",
  ends: "seams, ends, joins and extras",
};

/** All the yarn of the project as one strand, drawn to scale across every screen. */
export function StrandRuler() {
  const answer = useAnswer();
  if (!answer.known || !answer.strand)
    return (
      <div className="h-[4.4rem] pt-6">
        <div className="h-5 rounded-full border border-dashed border-edge" />
        <p className="text-sm text-faint">The strand is drawn as soon as there is an answer.</p>
      </div>
    );
  return <DrawnStrand answer={answer} strand={answer.strand} />;
}

interface DrawnStrandProps {
  readonly answer: KnownForecast;
  readonly strand: Strand;
}

function DrawnStrand({ answer, strand }: DrawnStrandProps) {
  const { forecast, plan } = answer;
  const units = useUnits();
  const router = useRouter();
  const pieces = useProjectPart((project) => project.pieces);
  const allRows = strand.rowEndsMm.length;
  const chosen = usePointer(({ row }) => row);
  const [hover, setHover] = useState<number | null>(null);
  const track = useRef<HTMLDivElement>(null);

  const ballMm = plan.putUp.lengthM * 1000;
  const scaleMm = Math.max(forecast.quantilesMm.p95, forecast.advised.balls * ballMm) * 1.012;
  const share = (mm: number) => `${(100 * mm) / scaleMm}%`;
  const row = chosen === null ? null : Math.min(chosen, allRows);
  const markMm = hover ?? (row === null ? null : middleOfRow(strand, row));
  const tellPlace = (atMm: number): string => {
    const at = metres(toMetres(millimetres(atMm)));
    const measure = `${formatYarn(at, units)}, ${formatMass(massOf(at, plan.putUp), units)}`;
    return atMm > strand.totalMm
      ? `${measure} · left over, most likely`
      : `${measure} · ${tellPart(placeOn(strand, millimetres(atMm)))}`;
  };
  const tellPart = ({ part, worked, row: at }: Place) => {
    if (!worked) return PART_NAMES[part];
    const { pieceId, copy, copies, firstRow, rows } = worked;
    const name = pieces.find(({ id }) => id === pieceId)?.name ?? "";
    const whose = copies > 1 ? `${name} ${copy} of ${copies}` : name;
    return at === null ? `${whose}, ${PART_NAMES[part]}` : `${whose}, row ${at - firstRow} of ${rows}`;
  };
  const atPointer = ({ clientX }: PointerEvent) => {
    const box = track.current?.getBoundingClientRect();
    return box ? Math.min(1, Math.max(0, (clientX - box.left) / box.width)) * scaleMm : 0;
  };
  const go = (atMm: number) => {
    const place = placeOn(strand, millimetres(atMm));
    pointAt(place.row);
    if (place.worked) choosePiece(place.worked.pieceId);
    router.push("/");
  };
  const press = (event: KeyboardEvent) => {
    const steps: Partial<Record<string, number>> = {
      ArrowLeft: (row ?? 1) - 1,
      ArrowRight: (row ?? 0) + 1,
      PageDown: (row ?? 11) - 10,
      PageUp: (row ?? 0) + 10,
      Home: 1,
      End: allRows,
    };
    const to = steps[event.key];
    if (to === undefined) return;
    event.preventDefault();
    setHover(null);
    pointAt(Math.min(allRows, Math.max(1, to)));
  };

  return (
    <div className="select-none">
      <div className="relative h-6">
        <BallMarks balls={forecast.advised.balls} ballMm={ballMm} share={share} />
      </div>
      <div
        ref={track}
        role="slider"
        tabIndex={0}
        aria-label="The strand: all the yarn, row by row"
        aria-valuemin={1}
        aria-valuemax={allRows}
        aria-valuenow={row ?? 1}
        aria-valuetext={markMm === null ? "no row chosen" : tellPlace(markMm)}
        onKeyDown={press}
        onPointerMove={(event) => setHover(atPointer(event))}
        onPointerLeave={() => setHover(null)}
        onClick={(event) => go(atPointer(event as unknown as PointerEvent))}
        className="relative h-5 rounded-full"
      >
        <StrandBody forecast={forecast} strand={strand} share={share} />
        {markMm !== null && (
          <span
            className="absolute -top-1 -bottom-1 w-0.5 bg-ink"
            style={{ left: share(markMm) }}
            aria-hidden
          />
        )}
      </div>
      <div className="relative h-6 text-sm text-faint">
        {markMm === null ? (
          <StrandLabels strand={strand} share={share} />
        ) : (
          <span
            className="absolute top-0.5 font-semibold whitespace-nowrap text-ink"
            style={{ left: share(markMm), transform: `translateX(-${share(markMm)})` }}
          >
            {tellPlace(markMm)}
          </span>
        )}
      </div>
    </div>
  );
}
