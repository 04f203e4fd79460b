"use client";
import { ENTERED } from "@/core/project/enteredFigures";
import type { KnownSeen } from "@/core/engine/seen";
import { formatPercent } from "@/core/units/format";
import { say } from "@/core/words/message";
import { useAsked } from "@/state/engine/asked";
import type { Piece } from "@/state/engine/knitting";
import { tellLog } from "@/state/project/log";
import { useProjectPart } from "@/state/project/projectStore";
import { Button } from "@/ui/parts/Button";
import { Card } from "@/ui/parts/Card";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import { useEntered } from "@/ui/parts/useEntered";
import { DescribeGarment } from "@/ui/pieces/DescribeGarment";
import { ReadingsList } from "./ReadingsList";
import { MovedSaid } from "./YarnCard";

interface ShareCardProps {
  readonly answer: KnownSeen;
  readonly piece: Piece;
}

/** How far the work is of which no rows are told: a share by eye, and what the balls weigh then. */
export function ShareCard({ answer, piece: { pieceId, copy, rows, all } }: ShareCardProps) {
  const yarnId = useProjectPart((project) => project.yarns[0]?.id ?? "");
  const { told: moved } = useAsked("moved", null);
  const done = useEntered(ENTERED.doneShare, "");
  const balls = useEntered(ENTERED.ballsBegun, "");
  const left = useEntered(ENTERED.leftOver, "");
  const refused = [done, balls, left].some(({ value }) => value === null) || (done.value ?? 0) <= 0;
  return (
    <Card title="How far you are" aside={rows > 0 ? `${formatPercent(rows / all)} done` : "not begun"}>
      <p className="text-sm text-faint">
        Of this project only what its pattern asks for is known, so Brenok has no rows to count. Say now and
        then how much is done and what is left: the answer grows surer each time.
      </p>
      <form
        className="mt-3 grid gap-x-3 sm:grid-cols-[1fr_1fr_1fr_auto] sm:items-start"
        onSubmit={(event) => {
          event.preventDefault();
          if (refused || done.value === null || balls.value === null || left.value === null) return;
          const worked = Math.max(1, Math.round((all * done.value) / 100));
          tellLog({ kind: "atRow", pieceId, copy, rows: worked });
          tellLog({ kind: "leftOver", yarnId, balls: balls.value, leftG: left.value, stepG: 1 });
        }}
      >
        <MeasureInput label="Done so far, about" {...done.input} example="e.g. 40 %" />
        <MeasureInput label="Whole balls begun" {...balls.input} example="e.g. 4" />
        <MeasureInput label="Left of all of them" {...left.input} example={say("exampleMass", { g: 23 })} />
        <Button submits look="main" className="sm:mt-6" disabled={refused}>
          Save
        </Button>
      </form>
      {moved && (
        <div className="mt-2" aria-live="polite">
          <MovedSaid moved={moved} />
        </div>
      )}
      {answer.belief.knitted.length > 0 && (
        <ReadingsList readings={answer.belief.knitted} expected={moved?.expected} />
      )}
      <DescribeGarment />
    </Card>
  );
}
