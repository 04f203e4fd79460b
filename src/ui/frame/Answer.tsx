"use client";
import { lazily } from "@/ui/parts/lazily";
import { Said } from "@/ui/parts/Said";
import type { KnownSeen, SeenYarn } from "@/core/engine/seen";
import type { Finding, MissingField } from "@/core/forecast/projectForecast";
import { countOf } from "@/core/words/things";
import { formatChance } from "@/core/units/format";
import { tellBall } from "@/core/yarn/putUp";
import { useAnswer, useAnswerIsBehind, useHasFailed } from "@/state/engine/answer";
import { useOmissions, useSaidToLeaveOut } from "@/state/engine/omissions";
import { useUnits } from "@/state/keeping/settings";
import { hasAsked } from "@/core/project/sectionKinds";
import { useProjectPart } from "@/state/project/projectStore";
import { FieldLink } from "@/ui/parts/FieldLink";
import { AtKeptWidth, Balls, Chance, ChanceAsWritten, NeedAndRest } from "./AnswerFigures";
import { AnswerLine, Small } from "./AnswerLine";
import { Certainty } from "./Certainty";
import { NextStepHint } from "./NextStepHint";
import { EachYarn } from "./EachYarn";
import { NotSaved } from "./SaveStatus";
import { useLate } from "./useLate";

/** What is left out is seldom anything: how it is told comes when there is something. */
const SoFar = lazily("What is left out", () => import("./SoFar").then((file) => file.SoFar));
const LeftOut = lazily("What is left out", () => import("./LeftOut").then((file) => file.LeftOut));
const SaidToLeaveOut = lazily("What is left out", () =>
  import("./LeftOut").then((file) => file.SaidToLeaveOut),
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
  const whole = useOmissions().length === 0;
  const saidTo = useSaidToLeaveOut().length > 0;
  return (
    <section aria-label="Answer" aria-busy={behind} className="contents">
      {!answer.known && <MissingAnswer {...answer} faded={late} />}
      {answer.known && !whole && <SoFar yarns={answer.yarns} faded={late} />}
      {answer.known && whole && <WholeAnswer answer={answer} faded={late} />}
      <NotSaved />
      {failed && (
        <p role="alert" className="py-1 text-madder">
          This could not be calculated; the figures here are from before the last change. Undo takes that
          change back.
        </p>
      )}
      {!whole && <LeftOut />}
      {saidTo && <SaidToLeaveOut />}
    </section>
  );
}

interface Faded {
  /** Whether another answer is on its way. */
  readonly faded: boolean;
}

interface MissingAnswerProps extends Faded {
  readonly missing: readonly MissingField[];
  readonly findings: readonly Finding[];
}

function MissingAnswer({ missing, findings: [finding], faded }: MissingAnswerProps) {
  const calculating = missing.length === 0 && !finding;
  return (
    <AnswerLine
      faded={faded}
      more={false}
      head={<p role="status">{calculating ? "Calculating …" : "No answer yet."}</p>}
      first={
        missing.length === 0
          ? finding && <Said>{finding.message}</Said>
          : [
              "Still needed: ",
              ...missing.map((field, index) => (
                <span key={field}>
                  {index > 0 && " and "}
                  <FieldLink field={field}>{MISSING[field]}</FieldLink>
                </span>
              )),
              ".",
            ]
      }
    />
  );
}

interface WholeAnswerProps extends Faded {
  readonly answer: KnownSeen;
}

function WholeAnswer({ answer: { yarns, weighed }, faded }: WholeAnswerProps) {
  const units = useUnits();
  const asked = useProjectPart(hasAsked);
  const [first] = yarns;
  const beside = (
    <div className="flex items-center justify-end gap-4">
      {/* It comes late: it makes the line no higher. All of it stands behind the line. */}
      <div className="line-clamp-2 min-w-0">
        <NextStepHint doubts={first.doubts} />
      </div>
      <div className="not-printed shrink-0 max-xl:hidden">
        <Certainty />
      </div>
    </div>
  );
  if (yarns.length > 1) {
    const all = yarns.reduce((sum, { advised }) => sum + advised.balls, 0);
    return (
      <AnswerLine
        faded={faded}
        more
        head={
          <p role="status">
            {countOf(all, "ball")}{" "}
            <Small>
              <span className="max-md:sr-only">needed</span> in {yarns.length} yarns
            </Small>
          </p>
        }
        first={
          <>
            <span className="whitespace-nowrap md:hidden">
              {formatChance(Math.min(...yarns.map(({ advised }) => advised.chance)), weighed)} or more each
            </span>
            <EachYarn yarns={yarns} weighed={weighed} />
          </>
        }
      />
    );
  }
  return (
    <AnswerLine
      faded={faded}
      more
      head={
        <p role="status" className="whitespace-nowrap">
          <Balls yarn={first} />{" "}
          <span className="max-[22.5rem]:sr-only">
            <Small>
              of {tellBall(first.yarn.putUp, units)} <span className="max-md:sr-only">needed</span>
            </Small>
          </span>
        </p>
      }
      first={
        <span className="whitespace-nowrap">
          <Chance yarn={first} weighed={weighed} />{" "}
          {asked ? (
            <span className="max-md:sr-only">by what the pattern asks for</span>
          ) : (
            <>
              as written
              <span className="max-md:sr-only">
                , <AtKeptWidth yarn={first} weighed={weighed} />
              </span>
            </>
          )}
        </span>
      }
      second={
        <span className="whitespace-nowrap">
          <Around yarn={first} weighed={weighed} />
          <NeedAndRest yarn={first} units={units} />
        </span>
      }
      beside={beside}
    />
  );
}

/** How sure a ball fewer and a ball more would be. */
const Around = ({ yarn, weighed }: { readonly yarn: SeenYarn; readonly weighed: boolean }) =>
  yarn.around
    .filter(({ balls }) => balls !== yarn.advised.balls)
    .map(({ balls }, index) => (
      <span key={balls}>
        {index === 0 ? countOf(balls, "ball") : balls}:{" "}
        <ChanceAsWritten yarn={yarn} weighed={weighed} balls={balls} /> ·{" "}
      </span>
    ));
