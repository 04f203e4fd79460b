"use client";
import type { SeenYarn } from "@/core/engine/seen";
import { countOf } from "@/core/words/things";
import { tellBall } from "@/core/yarn/putUp";
import { useAnswer } from "@/state/engine/answer";
import { useUnits } from "@/state/keeping/settings";
import { useProjectPart } from "@/state/project/projectStore";
import { ColourDot } from "@/ui/parts/Colour";
import { Sheet } from "@/ui/parts/Sheet";
import { Table } from "@/ui/parts/Table";
import { AtKeptWidth, Balls, Chance, ChanceAsWritten, ChanceAtWidth, NeedAndRest } from "./AnswerFigures";
import { Certainty } from "./Certainty";
import { NextStepHint } from "./NextStepHint";

/** All that is behind the answer's line: chances with a ball more or fewer, what the rows take, how sure to be, what to do next. */
export function AnswerSheet({ onOpenChange }: { readonly onOpenChange: (open: boolean) => void }) {
  const answer = useAnswer();
  if (!answer.known) return null;
  const [first] = answer.yarns;
  return (
    <Sheet open onOpenChange={onOpenChange} title="How many balls">
      {answer.yarns.map((yarn) => (
        <OfYarn key={yarn.yarn.id} yarn={yarn} weighed={answer.weighed} alone={answer.yarns.length === 1} />
      ))}
      <div className="mt-4 flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-line pt-3">
        <span>How sure to be</span>
        <Certainty />
      </div>
      <div className="mt-2">
        <NextStepHint doubts={first.doubts} />
      </div>
    </Sheet>
  );
}

interface OfYarnProps {
  readonly yarn: SeenYarn;
  readonly weighed: boolean;
  readonly alone: boolean;
}

function OfYarn({ yarn, weighed, alone }: OfYarnProps) {
  const units = useUnits();
  const kept = useProjectPart(({ yarns }) => yarns.find(({ id }) => id === yarn.yarn.id));
  return (
    <div className="mt-3">
      <p className="text-xl">
        {!alone && kept && (
          <>
            <ColourDot colour={kept.colour} /> {kept.name}:{" "}
          </>
        )}
        <strong className="font-display text-2xl">
          <Balls yarn={yarn} />
        </strong>{" "}
        of {tellBall(yarn.yarn.putUp, units)}
      </p>
      <p>
        <Chance yarn={yarn} weighed={weighed} /> as written, <AtKeptWidth yarn={yarn} weighed={weighed} />
      </p>
      <p className="text-faint">
        <NeedAndRest yarn={yarn} units={units} />
      </p>
      <Table
        className="mt-2"
        caption="Chances in 100 with a ball more or fewer"
        columns={[
          {
            id: "balls",
            head: <span className="sr-only">Balls</span>,
            names: true,
            whole: true,
            cell: ({ balls }) => countOf(balls, "ball"),
          },
          {
            id: "written",
            head: "as written, in 100",
            right: true,
            cell: ({ balls }) => <ChanceAsWritten yarn={yarn} weighed={weighed} balls={balls} />,
          },
          {
            id: "kept",
            head: "width kept, in 100",
            right: true,
            cell: ({ balls }) => <ChanceAtWidth yarn={yarn} weighed={weighed} balls={balls} />,
          },
        ]}
        rows={yarn.around}
        rowClass={({ balls }) => (balls === yarn.advised.balls ? "font-semibold" : "")}
        keyOf={({ balls }) => balls}
      />
    </div>
  );
}
