"use client";
import { Boundary } from "@/ui/parts/Boundary";
import { useAnswer } from "@/state/engine/answer";
import { piecesOf, useProgress, type Piece } from "@/state/engine/knitting";
import { useHand } from "@/state/chosen/inHand";
import { useProject } from "@/state/project/projectStore";
import type { Project } from "@/core/project/project";
import { hasAsked } from "@/core/project/sectionKinds";
import type { KnownSeen } from "@/core/engine/seen";
import { Card } from "@/ui/parts/Card";
import { EmptyState } from "@/ui/parts/EmptyState";
import { InHandCard } from "./InHandCard";
import { BallsCard } from "./BallsCard";
import { CalendarCard } from "./CalendarCard";
import { paceOf } from "@/core/progress/pace";
import { ClosingCard } from "./ClosingCard";
import { FinishingListCard } from "./FinishingListCard";
import { YarnCard } from "./YarnCard";
import { PiecesCard } from "./PiecesCard";
import { ShareCard } from "./ShareCard";

/** On the needles: the row in hand, and where every piece stands. */
export function KnitBench() {
  const answer = useAnswer();
  if (!answer.known)
    return (
      <Card title="On the needles">
        <EmptyState>There is nothing to knit yet: the project needs an answer first.</EmptyState>
      </Card>
    );
  return <OnTheNeedles answer={answer} />;
}

/** The yarn that a piece is knitted with. */
const yarnIdOf = ({ pieces, yarns }: Project, { pieceId }: Piece) =>
  pieces.find(({ id }) => id === pieceId)?.yarnId ?? yarns[0]?.id ?? "";

/** A piece of which nothing is left to knit. */
const isDone = ({ finished, rows, all }: Piece) => finished || rows >= all;

function OnTheNeedles({ answer }: { readonly answer: KnownSeen }) {
  const progress = useProgress();
  const project = useProject();
  const key = useHand((hand) => hand.key);
  const pieces = piecesOf(answer, project, progress);
  const pace = paceOf(pieces);
  const last = progress.places.find(({ finished }) => !finished);
  const piece =
    pieces.find((one) => one.key === key) ??
    pieces.find(({ pieceId, copy }) => pieceId === last?.pieceId && copy === last.copy) ??
    pieces.find(({ finished }) => !finished) ??
    pieces[0];
  if (!piece) return null;
  if (hasAsked(project))
    return (
      <Boundary name="How far it is">
        <ShareCard answer={answer} piece={piece} />
      </Boundary>
    );
  return (
    <div className="on-needles grid items-start gap-3 upright:pb-[74dvh] md:grid-cols-[minmax(0,1fr)_minmax(16rem,22rem)]">
      <div className="grid min-w-0 grid-cols-1 gap-3">
        <Boundary name="The row in hand">
          <InHandCard piece={piece} pieces={pieces} progress={progress} />
        </Boundary>
        {(progress.closed !== null || pieces.every(isDone)) && (
          <Boundary name="Closing" key={piece.key}>
            <ClosingCard answer={answer} progress={progress} piece={piece} />
          </Boundary>
        )}
        <Boundary name="Yarn">
          <YarnCard answer={answer} piece={piece} yarnId={yarnIdOf(project, piece)} />
        </Boundary>
        {progress.closed === null && (
          <Boundary name="Ball by ball">
            <BallsCard piece={piece} pieces={pieces} yarnId={yarnIdOf(project, piece)} />
          </Boundary>
        )}
      </div>
      <div className="grid min-w-0 grid-cols-1 gap-3">
        <Boundary name="Pieces">
          <PiecesCard pieces={pieces} pace={pace} chosen={piece.key} notes={progress.notes} />
        </Boundary>
        <Boundary name="Calendar">
          <CalendarCard pieces={pieces} pace={pace} />
        </Boundary>
        <Boundary name="Finishing list">
          <FinishingListCard ticked={progress.ticked} />
        </Boundary>
      </div>
    </div>
  );
}
