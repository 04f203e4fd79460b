"use client";
import type { Finding, KnownForecast, MissingField } from "@/core/forecast/projectForecast";
import { formatChance, formatMass, formatYarn } from "@/core/units/format";
import { toMetres } from "@/core/units/brands";
import { massOf } from "@/core/yarn/putUp";
import { useAnswer } from "@/state/answer";
import { change, useProjectPart } from "@/state/projectStore";
import { useUnits } from "@/state/settings";
import { Choice } from "@/ui/parts/Choice";
import { FieldLink } from "@/ui/parts/FieldLink";
import { Sharpen } from "./Sharpen";

const CERTAINTY = [
  { value: "daring", label: "Daring", name: "Daring: 80 in 100" },
  { value: "steady", label: "Steady", name: "Steady: 95 in 100" },
  { value: "careful", label: "Careful", name: "Careful: 99 in 100" },
] as const;

const MISSING: { readonly [Field in MissingField]: string } = {
  putUp: "what the ball holds",
  rows: "how many rows",
};

/** The answer, on every bench: how many balls, how sure, and what would sharpen it most. */
export function Answer() {
  const answer = useAnswer();
  return (
    <section aria-label="Answer" className="min-w-0 flex-1 max-md:basis-full md:max-w-3xl">
      {answer.known ? <KnownAnswer answer={answer} /> : <MissingAnswer {...answer} />}
    </section>
  );
}

interface MissingAnswerProps {
  readonly missing: readonly MissingField[];
  readonly findings: readonly Finding[];
}

function MissingAnswer({ missing, findings: [finding] }: MissingAnswerProps) {
  if (missing.length === 0)
    return (
      <p className="pt-4 text-lg" role="status">
        {finding ? (
          <>
            <strong className="font-display text-2xl">No answer yet.</strong> {finding.message}
          </>
        ) : (
          "Reading the panels …"
        )}
      </p>
    );
  return (
    <p className="pt-4 text-lg" role="status">
      <strong className="font-display text-2xl">No answer yet.</strong> Still needed:{" "}
      {missing.map((field, index) => (
        <span key={field}>
          {index > 0 && " and "}
          <FieldLink field={field}>{MISSING[field]}</FieldLink>
        </span>
      ))}
      .
    </p>
  );
}

function KnownAnswer({ answer }: { readonly answer: KnownForecast }) {
  const units = useUnits();
  const certainty = useProjectPart((project) => project.certainty);
  const { forecast, plan } = answer;
  const { advised, around, estimate, leftOver } = forecast;
  const need = toMetres(estimate.totalMm);
  return (
    <div className="flex flex-wrap items-start gap-x-5 gap-y-1 md:justify-end">
      <div>
        <p role="status" className="font-display text-[2.6rem] leading-none font-semibold whitespace-nowrap">
          <span className="sr-only">Buy </span>
          {advised.balls} {advised.balls === 1 ? "ball" : "balls"}{" "}
          <span className="font-text text-lg font-normal">of {formatMass(plan.putUp.massG, units)}</span>
        </p>
        <p className="mt-1 whitespace-nowrap">
          <strong>{formatChance(advised.chance)}</strong> that it is enough
        </p>
      </div>
      <dl className="grid grid-cols-[auto_auto] gap-x-3 text-[0.95rem] leading-snug">
        {around
          .filter(({ balls }) => balls !== advised.balls)
          .map(({ balls, chance }) => (
            <div key={balls} className="contents">
              <dt className="text-right text-faint">{balls} would be</dt>
              <dd>{formatChance(chance)}</dd>
            </div>
          ))}
        <dt className="text-right text-faint">needed</dt>
        <dd className="whitespace-nowrap">
          {formatYarn(need, units)}, {formatMass(massOf(need, plan.putUp), units)}
        </dd>
        <dt className="text-right text-faint">left over</dt>
        <dd className="whitespace-nowrap">
          {formatYarn(leftOver, units)}, {formatMass(massOf(leftOver, plan.putUp), units)}
        </dd>
      </dl>
      <div className="max-w-60 text-sm max-md:max-w-none">
        <Choice
          label="How sure to be"
          options={CERTAINTY}
          value={certainty}
          onChange={(wanted) =>
            change("certainty", (draft) => {
              draft.certainty = wanted;
            })
          }
        />
        <Sharpen answer={answer} />
      </div>
    </div>
  );
}
