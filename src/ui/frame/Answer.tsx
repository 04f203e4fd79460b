"use client";
import type { YarnForecast } from "@/core/forecast/forecast";
import type { Finding, KnownForecast, MissingField } from "@/core/forecast/projectForecast";
import { formatChance, formatMass, formatYarn } from "@/core/units/format";
import { toMetres } from "@/core/units/brands";
import { massOf } from "@/core/yarn/putUp";
import { useAnswer, useAnswerIsBehind } from "@/state/answer";
import { change, useProjectPart } from "@/state/projectStore";
import { useUnits } from "@/state/settings";
import { Choice } from "@/ui/parts/Choice";
import { ColourDot } from "@/ui/parts/Colour";
import { FieldLink } from "@/ui/parts/FieldLink";
import { Sharpen } from "./Sharpen";

const CERTAINTY = [
  { value: "daring", label: "Daring", name: "Daring: 80 in 100" },
  { value: "steady", label: "Steady", name: "Steady: 95 in 100" },
  { value: "careful", label: "Careful", name: "Careful: 99 in 100" },
] as const;

const MISSING: { readonly [Field in MissingField]: string } = {
  putUp: "what the ball holds",
  rows: "how many rows or how long",
};

/** The answer, on every bench: how many balls, how sure, and what would sharpen it most. */
export function Answer() {
  const answer = useAnswer();
  const behind = useAnswerIsBehind();
  return (
    <section
      aria-label="Answer"
      aria-busy={behind}
      // What is soon in place does not blink; what takes longer is seen to be on its way.
      className="min-w-0 flex-1 transition-opacity aria-busy:opacity-60 aria-busy:delay-300 max-md:basis-full md:max-w-3xl"
    >
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
  const certainty = useProjectPart((project) => project.certainty);
  const { yarns } = answer;
  const [first] = yarns;
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-1 md:justify-end">
      {yarns.length === 1 ? <OneYarn yarn={first} /> : <SeveralYarns yarns={yarns} />}
      <div className="max-w-54 text-sm max-md:max-w-none">
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
        <Sharpen doubts={first.doubts} />
      </div>
    </div>
  );
}

const told = (balls: number) => `${balls} ${balls === 1 ? "ball" : "balls"}`;

function OneYarn({ yarn: forecast }: { readonly yarn: YarnForecast }) {
  const units = useUnits();
  const { advised, around, leftOver, totalMm, yarn } = forecast;
  const need = toMetres(totalMm);
  return (
    <>
      <div>
        <p role="status" className="font-display text-[2.6rem] leading-none font-semibold whitespace-nowrap">
          <span className="sr-only">Buy </span>
          {told(advised.balls)}{" "}
          <span className="font-text text-lg font-normal">of {formatMass(yarn.putUp.massG, units)}</span>
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
          {formatYarn(need, units)}, {formatMass(massOf(need, yarn.putUp), units)}
        </dd>
        <dt className="text-right text-faint">left over</dt>
        <dd className="whitespace-nowrap">
          {formatYarn(leftOver, units)}, {formatMass(massOf(leftOver, yarn.putUp), units)}
        </dd>
      </dl>
    </>
  );
}

/** Balls of each yarn, one under the other. */
function SeveralYarns({ yarns }: { readonly yarns: KnownForecast["yarns"] }) {
  const units = useUnits();
  const kept = useProjectPart((project) => project.yarns);
  const all = yarns.reduce((sum, { advised }) => sum + advised.balls, 0);
  return (
    <div>
      <p role="status" className="font-display text-3xl leading-none font-semibold whitespace-nowrap">
        <span className="sr-only">Buy </span>
        {told(all)} <span className="font-text text-lg font-normal">in {yarns.length} yarns</span>
      </p>
      <table className="mt-1 text-[0.95rem] leading-snug">
        <tbody>
          {yarns.map(({ yarn, advised, totalMm }) => {
            const { name, colour } = kept.find(({ id }) => id === yarn.id) ?? { name: "", colour: "#888888" };
            return (
              <tr key={yarn.id}>
                <th scope="row" className="max-w-44 truncate pr-3 text-left font-normal">
                  <ColourDot colour={colour} /> {name}
                </th>
                <td className="pr-3 font-semibold whitespace-nowrap">{told(advised.balls)}</td>
                <td className="pr-3 whitespace-nowrap">{formatYarn(toMetres(totalMm), units)}</td>
                <td className="whitespace-nowrap">{formatChance(advised.chance)}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
