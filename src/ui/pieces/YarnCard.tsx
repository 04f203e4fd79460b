"use client";
import { say } from "@/core/words/message";
import { hasCables } from "@/core/project/sectionKinds";
import type { Seen } from "@/core/engine/seen";
import { formatFine, formatGauge, tellPutUp } from "@/core/units/format";
import type { Millimetres } from "@/core/units/brands";
import { assumedGauge, isByHand, thicknessOf, wrapsPerInch } from "@/core/yarn/thickness";
import { classOf, type YarnClass } from "@/core/yarn/classes";
import type { PutUp } from "@/core/yarn/putUp";
import { change, useProject } from "@/state/project/projectStore";
import { useUnits } from "@/state/keeping/settings";
import { useChosenYarn } from "@/state/chosen/chosen";
import { type ProjectYarn } from "@/state/project/yarns";
import { Choice } from "@/ui/parts/Choice";
import { Drawer } from "@/ui/parts/Drawer";
import { MeasureField } from "@/ui/parts/MeasureField";
import { SourceMark } from "@/ui/parts/SourceMark";
import { YarnTabs } from "./YarnTabs";

const GAUGE_SOURCES = [
  { value: "measured", label: "on my swatch" },
  { value: "band", label: "on the band" },
] as const;

const GAUGE_STATES = [
  { value: "finished", label: "washed" },
  { value: "asKnit", label: "as knit" },
] as const;

/** The yarn and the plain gauge that the whole project is calculated with. */
export function YarnCard({ answer }: { readonly answer: Seen }) {
  return (
    <Drawer title="Yarn and gauge" answer={<InShort answer={answer} />} atFirst="openOnDesk">
      <YarnTabs />
      <div className="grid grid-cols-2 gap-x-3 gap-y-1">
        <YarnFields answer={answer} />
        <GaugeFields answer={answer} />
      </div>
    </Drawer>
  );
}

/** What it is calculated with. Example: "50 g = 82 m, 17.6 st and 24.8 rows / 10 cm". */
function InShort({ answer }: { readonly answer: Seen }) {
  const units = useUnits();
  const { putUp } = useChosenYarn();
  const ball = putUp && tellPutUp(putUp as PutUp, units);
  if (!answer.known) return ball;
  const { stitchesPer10Cm, rowsPer10Cm } = answer.plan.gauge;
  const stitches = formatGauge(stitchesPer10Cm, "stitches", units).replace(/ \/ .*$/, "");
  return [ball, `${stitches}, ${formatGauge(rowsPer10Cm, "rows", units)}`].filter(Boolean).join("; ");
}

function YarnFields({ answer }: { readonly answer: Seen }) {
  const yarn = useChosenYarn();
  const putUp = yarn.putUp as PutUp | null;
  return (
    <>
      <MeasureField
        field="putUp"
        label="One ball holds"
        example={say("exampleBall")}
        says={
          putUp && (
            <>
              <YarnSays putUp={putUp} bandClass={yarn.bandClass} usual={yarn.putUpFrom === "usual"} />
              {yarn.held && `; ${heldWords(yarn.held)}`}
            </>
          )
        }
      />
      <MeasureField
        field="needle"
        label="Needle"
        example={answer.known ? likelyNeedle(answer.plan.needleMm) : "e.g. 5 mm"}
        says={answer.known && answer.sources.needle === "assumed" && <SourceMark source="assumed" />}
      />
    </>
  );
}

const likelyNeedle = (needleMm: Millimetres) =>
  isByHand(needleMm) ? "by hand" : `${formatFine(needleMm)}, likely`;

/** What is held together: a ball of it goes only so far. */
const heldWords = ({ strands, beside }: NonNullable<ProjectYarn["held"]>) =>
  [strands > 1 && `its length with ${strands} strands`, beside && `with ${beside.label.name}`]
    .filter(Boolean)
    .join(" ");

interface YarnSaysProps {
  readonly putUp: PutUp;
  readonly bandClass: YarnClass | null;
  /** Not read off a band: what such a yarn usually holds. */
  readonly usual: boolean;
}

/** The class of the yarn; the band's word wins, and a disagreement is said. */
function YarnSays({ putUp, bandClass, usual }: YarnSaysProps) {
  if (putUp.noMass)
    return (
      <>
        <SourceMark source="band" /> its weight is not known: metres and balls, no grams
      </>
    );
  const calculated = classOf(putUp);
  const wraps = Math.round(wrapsPerInch(thicknessOf(putUp)));
  return (
    <>
      <SourceMark source={usual ? "assumed" : "band"} />{" "}
      {bandClass && bandClass !== calculated
        ? `${bandClass} by the band, ${calculated} by its length`
        : `${bandClass ?? calculated}, ${wraps} wraps/in`}
    </>
  );
}

function GaugeFields({ answer }: { readonly answer: Seen }) {
  const units = useUnits();
  const { gauge, yarns, pieces } = useProject();
  const cabled = hasCables({ pieces });
  const putUp = yarns[0]?.putUp as PutUp | null | undefined;
  const { needleMm } = useProject();
  const assumed = putUp && assumedGauge(putUp, needleMm);
  const given = gauge.stitchesPer10Cm !== null || gauge.rowsPer10Cm !== null;
  const says = (counted: "stitches" | "rows") => {
    if (!answer.known) return null;
    const { stitchesPer10Cm, rowsPer10Cm } = answer.plan.gauge;
    return (
      <>
        <SourceMark source={counted === "stitches" ? answer.sources.width : answer.sources.height} />{" "}
        {formatGauge(counted === "stitches" ? stitchesPer10Cm : rowsPer10Cm, counted, units)}
        {answer.belief.gaugeMeasured[counted === "stitches" ? "width" : "height"] && " by your swatches"}
      </>
    );
  };
  return (
    <>
      <MeasureField
        field="stitchGauge"
        label="Plain gauge: stitches"
        example={
          assumed
            ? `likely ${formatGauge(assumed.stitchesPer10Cm, "stitches", units)}`
            : say("exampleGauge", { count: 20, counted: "stitches" })
        }
        says={says("stitches")}
      />
      <MeasureField
        field="rowGauge"
        label="Plain gauge: rows"
        example={
          assumed
            ? `likely ${formatGauge(assumed.rowsPer10Cm, "rows", units)}`
            : say("exampleGauge", { count: 28, counted: "rows" })
        }
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
          <Choice
            label="Before or after washing"
            options={GAUGE_STATES}
            value={gauge.state ?? "finished"}
            onChange={(state) =>
              change("gauge state", (draft) => {
                draft.gauge.state = state;
              })
            }
          />
        </div>
      )}
      {given && (
        <MeasureField
          field="gaugeNeedle"
          label="On another needle"
          example="this one"
          says={gauge.needleMm !== undefined && "stitch size changes with the root of the needle’s"}
        />
      )}
      {cabled && (
        <details className="col-span-2 mb-1 text-sm" open={gauge.cables !== undefined}>
          <summary className="cursor-pointer text-woad underline">Counted on the cables</summary>
          <div className="mt-1 grid grid-cols-2 gap-x-3">
            <MeasureField field="cableStitches" label="Cable stitches counted" example="e.g. 38" />
            <MeasureField
              field="cableWidth"
              label="their width"
              example={say("exampleSize", { mm: 160 })}
              says="stitch size and draw-in together"
            />
          </div>
        </details>
      )}
    </>
  );
}
