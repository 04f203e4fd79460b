"use client";
import type { ProjectForecast } from "@/core/forecast/projectForecast";
import { formatFine, formatGauge } from "@/core/units/format";
import { assumedGauge, thicknessOf, wrapsPerInch } from "@/core/yarn/thickness";
import { classOf, type YarnClass } from "@/core/yarn/classes";
import type { PutUp } from "@/core/yarn/putUp";
import { usePieceIn } from "@/state/answer";
import { useChosenPiece } from "@/state/chosenPiece";
import { change, useProject } from "@/state/projectStore";
import { useUnits } from "@/state/settings";
import { Card } from "@/ui/parts/Card";
import { Choice } from "@/ui/parts/Choice";
import { MeasureField } from "@/ui/parts/MeasureField";
import { SourceMark } from "@/ui/parts/SourceMark";
import { CableFields } from "./CableFields";
import { PieceTabs } from "./PieceTabs";

const GAUGE_SOURCES = [
  { value: "measured", label: "on my swatch" },
  { value: "band", label: "on the band" },
] as const;

/** Everything the answer hangs on, in the order in which a knitter knows it. */
export function PieceForm({ answer }: { readonly answer: ProjectForecast }) {
  const { id, name, times } = useChosenPiece();
  const piece = usePieceIn(answer);
  const left = answer.known
    ? answer.findings.find(({ pieceId, field }) => pieceId === id && field !== "measuredWidth")
    : undefined;
  const castOn = piece && `${piece.estimate.stitches} stitches to cast on`;
  return (
    <Card
      title={name || "Piece"}
      aside={[times > 1 && `${times} times`, castOn].filter(Boolean).join(", ") || "a cabled rectangle"}
    >
      <PieceTabs />
      {left && (
        <p role="status" className="mt-2 text-sm text-weld">
          {left.message}
        </p>
      )}
      <div className="mt-2 grid grid-cols-2 gap-x-3 gap-y-1">
        <CableFields />
        <YarnFields answer={answer} />
        <GaugeFields answer={answer} />
        <WidthFields answer={answer} />
      </div>
    </Card>
  );
}

function YarnFields({ answer }: { readonly answer: ProjectForecast }) {
  const { yarns } = useProject();
  const [yarn] = yarns;
  const putUp = yarn?.putUp as PutUp | null | undefined;
  return (
    <>
      <MeasureField
        field="putUp"
        label="One ball holds"
        example="100 g = 165 m"
        says={putUp && <YarnSays putUp={putUp} bandClass={yarn?.bandClass ?? null} />}
      />
      <MeasureField
        field="needle"
        label="Needle"
        example={answer.known ? `${formatFine(answer.plan.needleMm)}, likely` : "as 5 mm"}
        says={answer.known && answer.sources.needle === "assumed" && <SourceMark source="assumed" />}
      />
    </>
  );
}

interface YarnSaysProps {
  readonly putUp: PutUp;
  readonly bandClass: YarnClass | null;
}

/** The class of the yarn; the band's word wins, and a disagreement is said. */
function YarnSays({ putUp, bandClass }: YarnSaysProps) {
  const reckoned = classOf(putUp);
  const wraps = Math.round(wrapsPerInch(thicknessOf(putUp)));
  return (
    <>
      <SourceMark source="band" />{" "}
      {bandClass && bandClass !== reckoned
        ? `${bandClass} by the band, ${reckoned} by its length`
        : `${bandClass ?? reckoned}, ${wraps} wraps/in`}
    </>
  );
}

function GaugeFields({ answer }: { readonly answer: ProjectForecast }) {
  const units = useUnits();
  const { gauge, yarns } = useProject();
  const putUp = yarns[0]?.putUp as PutUp | null | undefined;
  const assumed = putUp && assumedGauge(putUp);
  const given = gauge.stitchesPer10Cm !== null || gauge.rowsPer10Cm !== null;
  const says = (counted: "stitches" | "rows") => {
    if (!answer.known) return null;
    const { stitchesPer10Cm, rowsPer10Cm } = answer.plan.gauge;
    return (
      <>
        <SourceMark source={counted === "stitches" ? answer.sources.width : answer.sources.height} />{" "}
        {formatGauge(counted === "stitches" ? stitchesPer10Cm : rowsPer10Cm, counted, units)}
      </>
    );
  };
  return (
    <>
      <MeasureField
        field="stitchGauge"
        label="Plain gauge: stitches"
        example={
          assumed ? `likely ${formatGauge(assumed.stitchesPer10Cm, "stitches", units)}` : "20 st / 10 cm"
        }
        says={says("stitches")}
      />
      <MeasureField
        field="rowGauge"
        label="Plain gauge: rows"
        example={assumed ? `likely ${formatGauge(assumed.rowsPer10Cm, "rows", units)}` : "28 rows / 10 cm"}
        says={says("rows")}
      />
      {given && (
        <div className="col-span-2 mb-1 flex flex-wrap items-center gap-2 text-sm">
          <span aria-hidden>The gauge was counted</span>
          <Choice
            label="The gauge was counted"
            options={GAUGE_SOURCES}
            value={gauge.source}
            onChange={(source) =>
              change("gauge source", (draft) => {
                draft.gauge.source = source;
              })
            }
          />
        </div>
      )}
    </>
  );
}

function WidthFields({ answer }: { readonly answer: ProjectForecast }) {
  const { id, measured } = useChosenPiece();
  const piece = usePieceIn(answer);
  const finding = answer.known
    ? answer.findings.find(({ pieceId, field }) => pieceId === id && field === "measuredWidth")
    : undefined;
  const kept = piece?.estimate.kept;
  const cabled = piece?.plan.measured?.stitches;
  return (
    <>
      <MeasureField
        field="measuredWidth"
        label="Cables measured: width"
        example="if you have it"
        finding={finding?.message}
        says={
          kept && (
            <>
              {kept.measured !== null && (
                <>
                  <SourceMark source="measured" /> {percent(kept.measured)} of plain;{" "}
                </>
              )}
              <SourceMark source="computed" /> {percent(kept.computed)}
              {kept.measured === null && " of plain"}
            </>
          )
        }
      />
      <MeasureField
        field="measuredStitches"
        label="… across how many stitches"
        example="all of the cables"
        says={cabled && measured.stitches === null && `taken as all ${cabled}, purls included`}
      />
    </>
  );
}

const percent = (share: number) => `${Math.round(share * 100)} %`;
