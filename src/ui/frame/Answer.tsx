"use client";
import type { YarnForecast } from "@/core/forecast/forecast";
import type { Finding, KnownForecast, MissingField } from "@/core/forecast/projectForecast";
import { formatChance, formatYarn } from "@/core/units/format";
import { toMetres } from "@/core/units/brands";
import { tellBall, tellLength } from "@/core/yarn/putUp";
import { useAnswer, useAnswerIsBehind } from "@/state/answer";
import { change, useProjectPart } from "@/state/projectStore";
import { useOmissions } from "@/state/omissions";
import { useUnits } from "@/state/settings";
import { Choice } from "@/ui/parts/Choice";
import { ColourDot } from "@/ui/parts/Colour";
import { FieldLink } from "@/ui/parts/FieldLink";
import { LeftOut, SaidToLeaveOut } from "./LeftOut";
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
  const whole = useOmissions().length === 0;
  const { yarns, weighed } = answer;
  const [first] = yarns;
  if (!whole) return <SoFar yarns={yarns} />;
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-1 md:justify-end">
      {yarns.length === 1 ? (
        <OneYarn yarn={first} weighed={weighed} />
      ) : (
        <SeveralYarns yarns={yarns} weighed={weighed} />
      )}
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
        <SaidToLeaveOut />
      </div>
    </div>
  );
}

/** Something is left out: what the rest takes, and no chance, since there is none for the whole. */
function SoFar({ yarns }: { readonly yarns: KnownForecast["yarns"] }) {
  const units = useUnits();
  const names = useProjectPart((project) => project.yarns);
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-1 md:justify-end">
      <div role="status">
        {yarns.map(({ yarn, advised, totalMm }) => (
          <p key={yarn.id} className="whitespace-nowrap">
            <span className="font-display text-3xl leading-tight font-semibold">{told(advised.balls)}</span>{" "}
            of {tellBall(yarn.putUp, units)} so far
            <span className="block text-[0.95rem] text-faint">
              {yarns.length > 1 && `${names.find(({ id }) => id === yarn.id)?.name ?? ""}: `}
              {formatYarn(toMetres(totalMm), units)} for the rest
            </span>
          </p>
        ))}
        <p className="text-[0.95rem]">
          <strong>No chance is told</strong> while something is left out.
        </p>
      </div>
      <div className="min-w-0 flex-1 max-md:basis-full">
        <LeftOut />
        <SaidToLeaveOut />
      </div>
    </div>
  );
}

const told = (balls: number) => `${balls} ${balls === 1 ? "ball" : "balls"}`;

interface OneYarnProps {
  readonly yarn: YarnForecast;
  readonly weighed: boolean;
}

const KEPT_WIDTH =
  "For a knitter who adds stitches where the cables pull harder, and leaves some away where they pull less, until it is as wide as planned.";

const bare = (chance: number, weighed: boolean) => formatChance(chance, weighed).replace(" in 100", "");

function OneYarn({ yarn: forecast, weighed }: OneYarnProps) {
  const units = useUnits();
  const { advised, around, atWidth, leftOver, totalMm, yarn } = forecast;
  const need = toMetres(totalMm);
  const atWidthOf = (balls: number) => atWidth.around.find((one) => one.balls === balls)?.chance ?? 0;
  return (
    <>
      <div>
        <p role="status" className="font-display text-[2.6rem] leading-none font-semibold whitespace-nowrap">
          {told(advised.balls)}{" "}
          <span className="font-text text-lg font-normal">of {tellBall(yarn.putUp, units)} needed</span>
        </p>
        <p className="mt-1 leading-snug whitespace-nowrap">
          <strong>{formatChance(advised.chance, weighed)}</strong> as written,{" "}
          <abbr title={KEPT_WIDTH} className="decoration-dotted">
            {bare(atWidthOf(advised.balls), weighed)} at kept width
          </abbr>
        </p>
        <p className="text-[0.95rem] leading-snug whitespace-nowrap text-faint">
          {tellLength(need, yarn.putUp, units)}; {formatYarn(leftOver, units)} left over
        </p>
      </div>
      <table className="text-[0.95rem] leading-snug">
        <caption className="sr-only">Chances in 100 with a ball more or fewer</caption>
        <thead>
          <tr className="text-left align-bottom text-sm text-faint">
            <th scope="col" className="font-normal">
              <span className="sr-only">Balls</span>
            </th>
            <th scope="col" className="pr-3 font-normal">
              as written
            </th>
            <th scope="col" className="font-normal">
              kept width
            </th>
          </tr>
        </thead>
        <tbody>
          {around
            .filter(({ balls }) => balls !== advised.balls)
            .map(({ balls, chance }) => (
              <tr key={balls}>
                <th scope="row" className="pr-2 text-left font-normal whitespace-nowrap text-faint">
                  {balls} would be
                </th>
                <td className="pr-3">{bare(chance, weighed)}</td>
                <td>{bare(atWidthOf(balls), weighed)}</td>
              </tr>
            ))}
        </tbody>
      </table>
    </>
  );
}

/** Balls of each yarn, one under the other. */
function SeveralYarns({
  yarns,
  weighed,
}: {
  readonly yarns: KnownForecast["yarns"];
  readonly weighed: boolean;
}) {
  const units = useUnits();
  const kept = useProjectPart((project) => project.yarns);
  const all = yarns.reduce((sum, { advised }) => sum + advised.balls, 0);
  return (
    <div>
      <p role="status" className="font-display text-3xl leading-none font-semibold whitespace-nowrap">
        {told(all)} <span className="font-text text-lg font-normal">needed in {yarns.length} yarns</span>
      </p>
      <table className="mt-1 text-[0.95rem] leading-snug">
        <tbody>
          {yarns.map(({ yarn, advised, around, totalMm }) => {
            const { name, colour } = kept.find(({ id }) => id === yarn.id) ?? { name: "", colour: "#888888" };
            return (
              <tr key={yarn.id}>
                <th scope="row" className="max-w-44 truncate pr-3 text-left font-normal">
                  <ColourDot colour={colour} /> {name}
                </th>
                <td className="pr-3 font-semibold whitespace-nowrap">{told(advised.balls)}</td>
                <td className="pr-3 whitespace-nowrap">{formatYarn(toMetres(totalMm), units)}</td>
                <td className="whitespace-nowrap">
                  {formatChance(advised.chance, weighed)}
                  <span className="text-faint">
                    {around
                      .filter(({ balls }) => balls !== advised.balls)
                      .map(
                        ({ balls, chance }) =>
                          ` · ${balls}: ${formatChance(chance, weighed).replace(" in 100", "")}`,
                      )
                      .join("")}
                  </span>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
