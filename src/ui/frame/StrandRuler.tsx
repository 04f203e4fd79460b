"use client";
import { say } from "@/core/words/message";
import { useSaid } from "@/ui/parts/Said";
import { useRouter } from "next/navigation";
import { useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import type { SeenYarn } from "@/core/engine/seen";
import { middleOfRow, placeOn, type Place, type Strand } from "@/core/estimate/strand";
import { metres, millimetres, toMetres } from "@/core/units/brands";
import { tellLength } from "@/core/yarn/putUp";
import { useAnswer } from "@/state/engine/answer";
import { chooseSection } from "@/state/chosen/chosen";
import { hoverRow, useHoveredRow } from "@/state/chosen/hoveredRow";
import { useOmissions } from "@/state/engine/omissions";
import { useProjectPart } from "@/state/project/projectStore";
import { useUnits } from "@/state/keeping/settings";
import { BallMarks } from "./BallMarks";
import { StrandBody } from "./StrandBody";
import { StrandLabels } from "./StrandLabels";

/** All the yarn of the project, drawn to scale across every screen: a strand for each yarn, one under the other. */
export function StrandRuler() {
  const answer = useAnswer();
  const leftOut = useOmissions().length;
  if (!answer.known)
    return (
      <div className="flex h-6 items-center md:h-14">
        <div className="h-3 w-full rounded-full border border-dashed border-edge px-3 text-center text-sm leading-tight text-faint md:h-5 md:leading-[1.1]">
          <span className="max-md:sr-only">The strand appears as soon as there is an answer.</span>
        </div>
      </div>
    );
  const scaleMm = Math.max(
    ...answer.yarns.map(({ quantilesMm, advised, yarn }) =>
      Math.max(quantilesMm.p95, advised.balls * yarn.putUp.lengthM * 1000),
    ),
  );
  return answer.yarns.map((forecast) => {
    const strand = answer.strands.find(({ yarnId }) => yarnId === forecast.yarn.id);
    return (
      strand && (
        <DrawnStrand
          key={forecast.yarn.id}
          forecast={forecast}
          strand={strand}
          scaleMm={scaleMm * 1.012}
          alone={answer.yarns.length === 1}
          leftOut={leftOut}
        />
      )
    );
  });
}

/** What says that a strand is longer than it is drawn. */
const BADGE = "rounded-full border border-madder bg-paper px-2 text-xs text-madder";

interface DrawnStrandProps {
  readonly forecast: SeenYarn;
  readonly strand: Strand;
  /** Length that the whole width of the screen stands for. */
  readonly scaleMm: number;
  /** Whether it is the only one; else each says whose it is. */
  readonly alone: boolean;
  /** Things that are left out of it. */
  readonly leftOut: number;
}

function DrawnStrand({ forecast, strand, scaleMm, alone, leftOut }: DrawnStrandProps) {
  const said = useSaid();
  const { putUp } = forecast.yarn;
  const units = useUnits();
  const router = useRouter();
  const pieces = useProjectPart((project) => project.pieces);
  const allRows = strand.rowEndsMm.length;
  const chosen = useHoveredRow(({ row }) => row);
  const [hover, setHover] = useState<number | null>(null);
  const track = useRef<HTMLDivElement>(null);

  const name = useProjectPart(({ yarns }) => yarns.find(({ id }) => id === strand.yarnId)?.name ?? "");
  const ballMm = putUp.lengthM * 1000;
  const share = (mm: number) => `${(100 * mm) / scaleMm}%`;
  const row = chosen === null ? null : Math.min(chosen, allRows);
  const markMm = hover ?? (row === null ? null : middleOfRow(strand, row));
  const tellPlace = (atMm: number): string => {
    const at = metres(toMetres(millimetres(atMm)));
    const measure = tellLength(at, putUp, units);
    return atMm > strand.totalMm
      ? `${measure} · left over, most likely`
      : `${measure} · ${tellPart(placeOn(strand, millimetres(atMm)))}`;
  };
  const tellPart = ({ part, worked, row: at }: Place) => {
    if (!worked) return said(say("strandPart", { part }));
    const { pieceId, copy, copies, firstRow, rows } = worked;
    const name = pieces.find(({ id }) => id === pieceId)?.name ?? "";
    const whose = copies > 1 ? `${name} ${copy} of ${copies}` : name;
    return at === null
      ? `${whose}, ${said(say("strandPart", { part }))}`
      : `${whose}, row ${at - firstRow} of ${rows}`;
  };
  const atPointer = ({ clientX }: PointerEvent) => {
    const box = track.current?.getBoundingClientRect();
    return box ? Math.min(1, Math.max(0, (clientX - box.left) / box.width)) * scaleMm : 0;
  };
  const go = (atMm: number) => {
    const place = placeOn(strand, millimetres(atMm));
    hoverRow(place.row);
    if (place.worked) chooseSection(place.sectionId, place.worked.pieceId);
    // The row is shown in the drawing of its piece.
    void import("@/state/chosen/drawers").then(({ openDrawer }) => openDrawer("Schematic", true));
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
    hoverRow(Math.min(allRows, Math.max(1, to)));
  };

  return (
    <div className={`select-none ${alone ? "h-6 md:h-14 md:pt-5" : "flex h-6 items-center gap-2"}`}>
      {!alone && <span className="w-16 shrink-0 truncate text-xs text-faint md:w-32 md:text-sm">{name}</span>}
      <div className="relative flex-1">
        <div
          ref={track}
          role="slider"
          tabIndex={0}
          aria-label={alone ? "The strand: all the yarn, row by row" : `The strand of ${name}, row by row`}
          aria-valuemin={1}
          aria-valuemax={allRows}
          aria-valuenow={row ?? 1}
          aria-valuetext={markMm === null ? "no row chosen" : tellPlace(markMm)}
          onKeyDown={press}
          onPointerMove={(event) => setHover(atPointer(event))}
          onPointerLeave={() => setHover(null)}
          onClick={(event) => go(atPointer(event as unknown as PointerEvent))}
          className={`relative rounded-full ${alone ? "h-6 md:h-4.5" : "h-6"}`}
        >
          <div className={`absolute inset-x-0 ${alone ? "inset-y-1.5 md:inset-y-0" : "inset-y-1.5"}`}>
            <StrandBody forecast={forecast} strand={strand} share={share} />
          </div>
          {markMm !== null && (
            <span
              className="absolute -top-1 -bottom-1 w-0.5 bg-ink"
              style={{ left: share(markMm) }}
              aria-hidden
            />
          )}
        </div>
        <BallMarks
          balls={forecast.advised.balls}
          ballMm={ballMm}
          share={share}
          whole={leftOut === 0}
          numbered={alone}
        />
        {leftOut > 0 && alone && (
          <span className={`absolute right-0 max-md:-top-0.5 md:-top-4.5 ${BADGE}`}>+ what is left out</span>
        )}
        {alone && markMm === null && (
          <div className="relative h-4.5 text-sm leading-4.5 text-faint max-md:hidden">
            <StrandLabels strand={strand} share={share} />
          </div>
        )}
        {markMm !== null && (
          <span
            className={`absolute top-full text-sm leading-4.5 font-semibold whitespace-nowrap text-ink max-md:z-10 max-md:rounded-md max-md:bg-card max-md:px-1 ${alone ? "" : "z-10 rounded-md bg-card px-1"}`}
            style={{ left: share(markMm), transform: `translateX(-${share(markMm)})` }}
          >
            {tellPlace(markMm)}
          </span>
        )}
      </div>
      {leftOut > 0 && !alone && (
        <span className={`shrink-0 ${BADGE}`}>
          + <span className="max-md:sr-only">what is left out</span>
        </span>
      )}
    </div>
  );
}
