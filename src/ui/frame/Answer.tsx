"use client";
import { countOf } from "@/core/words/things";
import { lazily } from "@/ui/parts/lazily";
import { Said } from "@/ui/parts/Said";
import type { KnownSeen } from "@/core/engine/seen";
import type { Finding, MissingField } from "@/core/forecast/projectForecast";
import { formatYarn } from "@/core/units/format";
import { toMetres } from "@/core/units/brands";
import { tellBall } from "@/core/yarn/putUp";
import { useAnswer, useAnswerIsBehind, useHasFailed } from "@/state/engine/answer";
import { useProjectPart } from "@/state/project/projectStore";
import { useOmissions } from "@/state/engine/omissions";
import { useUnits } from "@/state/keeping/settings";
import { FieldLink } from "@/ui/parts/FieldLink";
import { OneYarn, SaidToLeaveOut } from "./AnswerFigures";
import { useLate } from "./useLate";

/** What is left out is seldom anything: how it is told comes when there is something. */
const LeftOut = lazily("What is left out", () => import("./LeftOut").then((file) => file.LeftOut));

/** Most projects are of one yarn. */
const SeveralYarns = lazily("Balls of each yarn", () =>
  import("./SeveralYarns").then((file) => file.SeveralYarns),
);

const MISSING: { readonly [Field in MissingField]: string } = {
  putUp: "what the ball holds",
  rows: "how many rows or how long",
};

/** The answer, on every bench: how many balls, how sure, and what would sharpen it most. */
export function Answer() {
  const answer = useAnswer();
  const behind = useAnswerIsBehind();
  const late = useLate(behind);
  const failed = useHasFailed();
  return (
    <section
      aria-label="Answer"
      aria-busy={behind}
      className={`min-w-0 flex-1 max-md:basis-full md:max-w-3xl ${late ? "opacity-60" : ""}`}
    >
      {failed && (
        <p role="alert" className="pt-3 text-madder">
          This could not be calculated; the figures here are from before the last change. Undo takes that
          change back.
        </p>
      )}
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
            <strong className="font-display text-2xl">No answer yet.</strong> <Said>{finding.message}</Said>
          </>
        ) : (
          "Calculating …"
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

function KnownAnswer({ answer }: { readonly answer: KnownSeen }) {
  const whole = useOmissions().length === 0;
  const { yarns, weighed } = answer;
  const [first] = yarns;
  if (!whole) return <SoFar yarns={yarns} />;
  return yarns.length === 1 ? (
    <OneYarn yarn={first} weighed={weighed} />
  ) : (
    <SeveralYarns yarns={yarns} weighed={weighed} />
  );
}

/** Something is left out: what the rest takes, and no chance, since there is none for the whole. */
function SoFar({ yarns }: { readonly yarns: KnownSeen["yarns"] }) {
  const units = useUnits();
  const names = useProjectPart((project) => project.yarns);
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-1 md:justify-end">
      <div role="status">
        {yarns.map(({ yarn, advised, totalMm }) => (
          <p key={yarn.id} className="whitespace-nowrap">
            <span className="font-display text-3xl leading-tight font-semibold">
              {countOf(advised.balls, "ball")}
            </span>{" "}
            of {tellBall(yarn.putUp, units)} so far
            <span className="block text-[0.95rem] text-faint">
              {yarns.length > 1 && `${names.find(({ id }) => id === yarn.id)?.name ?? ""}: `}
              {formatYarn(toMetres(totalMm), units)} for the rest
            </span>
          </p>
        ))}
        <p className="text-[0.95rem]">
          <strong>No chance is given</strong> while something is left out.
        </p>
      </div>
      <div className="min-w-0 flex-1 max-md:basis-full">
        <LeftOut />
        <SaidToLeaveOut />
      </div>
    </div>
  );
}
