"use client";
import { say, type Says } from "@/core/words/message";
import { Said } from "@/ui/parts/Said";
import { Button } from "@/ui/parts/Button";
import type { ReactNode } from "react";
import type { Measured } from "@/core/belief/belief";
import { MEASUREMENT_KINDS } from "@/core/belief/measurementKinds";
import { needleAdvice } from "@/core/belief/needleAdvice";
import type { MeasureId, Swatch } from "@/core/project/swatches";
import type { KnownSeen, Seen } from "@/core/engine/seen";
import { grams, millimetres, type UnitSystem } from "@/core/units/brands";
import { formatFine, formatGauge, formatMassFine, tellSize } from "@/core/units/format";
import { useProjectPart } from "@/state/project/projectStore";
import { useUnits } from "@/state/keeping/settings";
import { editSwatch, standBy } from "@/state/project/swatches";
import type { FieldId } from "@/state/fields/fields";
import { Card } from "@/ui/parts/Card";
import { Caution } from "@/ui/parts/Caution";
import { Choice } from "@/ui/parts/Choice";
import { SCALE_STEPS } from "@/ui/parts/scaleSteps";
import { MeasureField } from "@/ui/parts/MeasureField";

const FINISHES = [
  { value: "wetBlocked", label: "wet-blocked" },
  { value: "steamed", label: "steamed" },
] as const;

interface MeasuresCardProps {
  readonly swatch: Swatch;
  readonly answer: Seen;
}

/** What was measured, counted and weighed of a swatch, before its bath and behind it. */
export function MeasuresCard({ swatch, answer }: MeasuresCardProps) {
  const all = answer.known ? answer.belief.measured : [];
  const measured = all.filter(({ swatchId }) => swatchId === swatch.id);
  return (
    <Card title="Measured" aside="any unit; a count left out means all of it">
      <Questions questions={measured} swatch={swatch} />
      {swatch.finish === "steamed" && <Caution of="steam" />}
      <div className="mt-2 grid gap-x-4 sm:grid-cols-2">
        <State title="Finished" measured={measured} of="finished">
          <Choice
            label="How it was finished"
            options={FINISHES}
            value={swatch.finish}
            onChange={(finish) =>
              editSwatch("finish", (one) => {
                one.finish = finish;
              })
            }
          />
        </State>
        <State title="As knit" measured={measured} of="asKnit">
          <span className="py-1 text-sm text-faint">before washing, if measured</span>
        </State>
      </div>
      <div className="mt-1 grid gap-x-4 border-t border-line pt-2 sm:grid-cols-2">
        <div>
          <Reading
            field="swatchMass"
            label="Weight"
            example={say("exampleMass", { g: 12.4 })}
            kind="mass"
            measured={measured}
          />
          <div className="mb-1 flex items-center gap-2 text-sm">
            <span aria-hidden>Scale steps</span>
            <Choice
              label="Steps of the scale"
              options={SCALE_STEPS}
              value={String(swatch.scaleStepG)}
              onChange={(step) =>
                editSwatch("step", (one) => {
                  one.scaleStepG = Number(step);
                })
              }
            />
          </div>
        </div>
        <div>
          <p className="text-sm">Or unravel instead of weighing</p>
          <div className="grid grid-cols-2 gap-x-3">
            <MeasureField field="unravelledStitches" label="Stitches" example="50" />
            <Reading
              field="unravelledLength"
              label="took yarn"
              example={say("narrowSize", { mm: 950 })}
              kind="unravelled"
              measured={measured}
            />
          </div>
        </div>
      </div>
      {answer.known && <Needle swatch={swatch} answer={answer} />}
    </Card>
  );
}

interface StateProps {
  readonly title: string;
  readonly of: "asKnit" | "finished";
  readonly measured: readonly Measured[];
  readonly children: ReactNode;
}

function State({ title, of, measured, children }: StateProps) {
  return (
    <div role="group" aria-label={title}>
      <div className="mb-1 flex flex-wrap items-center gap-x-3">
        <h3 className="text-lg">{title}</h3>
        {children}
      </div>
      <div className="grid grid-cols-2 gap-x-3">
        <Reading
          field={`${of}Width`}
          label="Width"
          example={say("narrowSize", { mm: 101 })}
          kind={`${of}Width`}
          measured={measured}
        />
        <MeasureField field={`${of}Stitches`} label="over stitches" example="all" />
        <Reading
          field={`${of}Height`}
          label="Height"
          example={say("narrowSize", { mm: 99 })}
          kind={`${of}Height`}
          measured={measured}
        />
        <MeasureField field={`${of}Rows`} label="over rows" example="all" />
      </div>
    </div>
  );
}

interface ReadingProps {
  readonly field: FieldId;
  readonly label: string;
  readonly example: Says;
  readonly kind: MeasureId;
  readonly measured: readonly Measured[];
}

/** A figure as its unit is told. */
const toldIn = (kind: MeasureId, value: number, units: UnitSystem) =>
  MEASUREMENT_KINDS[kind].unit === "g"
    ? formatMassFine(grams(value), units)
    : tellSize(millimetres(value), units);

/** A figure that was read off, and under it what all else lets one expect. */
function Reading({ field, label, example, kind, measured }: ReadingProps) {
  const units = useUnits();
  const one = measured.find((candidate) => candidate.kind === kind);
  return (
    <MeasureField
      field={field}
      label={label}
      example={example}
      finding={one?.question ? "Not used: see above." : undefined}
      says={one && one.expected !== null && <>expected {toldIn(kind, one.expected, units)}</>}
    />
  );
}

interface QuestionsProps {
  readonly questions: readonly Measured[];
  readonly swatch: Swatch;
}

/** What is asked before it is taken in, and what was taken in against all expectation. */
function Questions({ questions, swatch }: QuestionsProps) {
  const asked = questions.filter(({ question }) => question !== null);
  const stood = swatch.seen.filter((kind) => questions.some((one) => one.kind === kind && one.taken));
  return (
    <div aria-live="polite" role="group" aria-label="Questions" className="grid gap-1.5">
      {asked.map(({ kind, question, impossible }) => (
        <div key={kind} className="mt-2 rounded-lg border-2 border-madder p-2 text-sm">
          <p>
            <strong className="capitalize">{MEASUREMENT_KINDS[kind].name}.</strong>{" "}
            {question && <Said>{question}</Said>}
          </p>
          {impossible ? (
            <p className="mt-1 font-semibold">It is so far off that it is not used.</p>
          ) : (
            <Button onClick={() => standBy(kind, true)} size="small" className="mt-1">
              That’s right, use it
            </Button>
          )}
        </div>
      ))}
      {stood.map((kind) => (
        <p key={kind} className="mt-2 text-sm">
          {MEASUREMENT_KINDS[kind].name}: used, since you said it is right.{" "}
          <Button onClick={() => standBy(kind, false)} look="link">
            Ask again
          </Button>
        </p>
      ))}
    </div>
  );
}

/** Which needle would give the gauge that was asked for, where the swatch came out otherwise. */
function Needle({ swatch, answer }: { readonly swatch: Swatch; readonly answer: KnownSeen }) {
  const units = useUnits();
  const asked = useProjectPart(({ gauge }) => gauge.stitchesPer10Cm);
  const { widthMm, stitches } = swatch.finished;
  const across = stitches ?? swatch.stitches;
  if (asked === null || widthMm === null || across === null || swatch.fabric.content !== "ground")
    return null;
  const has = (100 * across) / widthMm;
  const told = formatGauge(has, "stitches", units);
  const advice = needleAdvice(has, asked, swatch.needleMm ?? answer.plan.needleMm);
  return (
    <p role="status" className="border-t border-line pt-2 text-sm">
      {advice ? (
        <>
          <strong>
            {told} where {formatGauge(asked, "stitches", units)} were asked for.
          </strong>{" "}
          Try a {has > asked ? "thicker" : "thinner"} needle: {formatFine(millimetres(advice.needleMm))}{" "}
          should give {formatGauge(advice.gives, "stitches", units)}.
        </>
      ) : (
        `${told}: close enough to the ${formatGauge(asked, "stitches", units)} that were asked for.`
      )}
    </p>
  );
}
