"use client";
import type { Closing } from "@/core/forecast/closing";
import type { KnownSeen } from "@/core/engine/seen";
import type { Progress } from "@/core/progress/places";
import { ENTERED } from "@/core/project/enteredFigures";
import { say } from "@/core/words/message";
import { useAsked } from "@/state/engine/asked";
import type { Piece } from "@/state/engine/knitting";
import { tellLog } from "@/state/project/log";
import { useProjectPart } from "@/state/project/projectStore";
import { Button } from "@/ui/parts/Button";
import { Card } from "@/ui/parts/Card";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import { Said } from "@/ui/parts/Said";
import { useEntered } from "@/ui/parts/useEntered";
import { FigureForm } from "./FigureForm";
import { ReadingsList } from "./ReadingsList";
import { RememberHand } from "./RememberHand";

interface ClosingCardProps {
  readonly answer: KnownSeen;
  readonly progress: Progress;
  /** The piece whose size is asked for. */
  readonly piece: Piece;
}

/** The end of a project: what is left, how large it came out, what was estimated against what was used. */
export function ClosingCard({ answer, progress: { closed }, piece }: ClosingCardProps) {
  const { told } = useAsked("closing", null);
  const { told: moved } = useAsked("moved", null);
  const { pieceId, copy } = piece;
  const mine = answer.belief.knitted.filter(
    (one) => one.kind === "all" || (one.kind === "size" && one.pieceId === pieceId && one.copy === copy),
  );
  return (
    <Card title={closed ? "The project is closed" : "Close the project"}>
      {!closed && (
        <p className="text-sm text-faint">
          Weigh what is left and measure what you made: it shows how the estimate did, and what your hand is
          like.
        </p>
      )}
      {told?.yarns.map((yarn) => (
        <YarnAtEnd key={yarn.yarnId} yarn={yarn} closed={closed !== null} />
      ))}
      {!closed && <SizeForms piece={piece} />}
      {mine.length > 0 && <ReadingsList readings={mine} expected={moved?.expected} />}
      {closed ? (
        <p className="mt-3">
          Closed on {new Date(closed.at).toLocaleDateString()}.{" "}
          <Button look="link" onClick={() => tellLog({ kind: "takenBack", of: closed.id })}>
            Open it again
          </Button>
        </p>
      ) : (
        <Button look="main" className="mt-3" onClick={() => tellLog({ kind: "closed" })}>
          Close the project
        </Button>
      )}
      {closed && told && <RememberHand closing={told} at={closed.at} />}
    </Card>
  );
}

interface YarnAtEndProps {
  readonly yarn: Closing["yarns"][number];
  readonly closed: boolean;
}

/** A yarn at the end: what was estimated, what was used, and until that is known what is left of how many balls. */
function YarnAtEnd({ yarn: { yarnId, expected, used }, closed }: YarnAtEndProps) {
  const yarns = useProjectPart((project) => project.yarns);
  const balls = useEntered(ENTERED.ballsBegun, "");
  const left = useEntered(ENTERED.leftOver, "");
  const refused = balls.value === null || left.value === null;
  const { p10, p50, p90 } = expected;
  return (
    <section className="mt-3">
      {yarns.length > 1 && (
        <h3 className="font-semibold">{yarns.find(({ id }) => id === yarnId)?.name ?? "A yarn"}</h3>
      )}
      <p>
        <Said>
          {say("wasEstimated", { p10: p10 / 1000, p50: p50 / 1000, p90: p90 / 1000, balls: expected.balls })}
        </Said>
        .
      </p>
      {used && (
        <p className="font-semibold">
          <Said>
            {say("wasUsed", { m: used.mm / 1000, g: used.massG, balls: used.balls, more: used.mm / p50 - 1 })}
          </Said>
          .
        </p>
      )}
      {!closed && (
        <form
          className="mt-1 flex items-start gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            if (balls.value === null || left.value === null) return;
            tellLog({ kind: "leftOver", yarnId, balls: balls.value, leftG: left.value, stepG: 1 });
          }}
        >
          <div className="grid grow grid-cols-2 gap-x-3">
            <MeasureInput label="Whole balls begun" {...balls.input} example={String(expected.balls)} />
            <MeasureInput
              label="Left of all of them"
              {...left.input}
              example={say("exampleMass", { g: 23 })}
            />
          </div>
          <Button submits className="mt-6" disabled={refused}>
            Save
          </Button>
        </form>
      )}
    </section>
  );
}

/** How large a finished piece is, as it lies. */
function SizeForms({ piece: { pieceId, copy, name } }: { readonly piece: Piece }) {
  const across = useEntered(ENTERED.across, "");
  const along = useEntered(ENTERED.along, "");
  return (
    <>
      <FigureForm
        label={`${name}, washed and dry, across most of it`}
        field={across}
        act="Save"
        onFigure={(mm) => tellLog({ kind: "sized", pieceId, copy, which: "across", mm })}
      />
      <FigureForm
        label="And from its first row to its last"
        field={along}
        act="Save"
        onFigure={(mm) => tellLog({ kind: "sized", pieceId, copy, which: "along", mm })}
      />
    </>
  );
}
