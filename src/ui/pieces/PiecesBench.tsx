"use client";
import { Boundary } from "@/ui/parts/Boundary";
import { lazily } from "@/ui/parts/lazily";
import { useDeferredValue } from "react";
import { useAnswer, usePieceIn } from "@/state/engine/answer";
import { isAsked } from "@/core/project/sectionKinds";
import { useChosenPiece } from "@/state/chosen/chosen";
import { PieceCard } from "./PieceCard";

/** The answer stands first; these follow, and are fetched while it is calculated. */
const fetched = {
  drawing: import("./PieceDrawing"),
  ledger: import("./LedgerCard"),
  yarn: import("./YarnCard"),
};
for (const part of Object.values(fetched)) part.catch(() => {});
const PieceDrawing = lazily("Drawing of the piece", () => fetched.drawing.then((file) => file.PieceDrawing));
const YarnCard = lazily("Yarn", () => fetched.yarn.then((file) => file.YarnCard));
const LedgerCard = lazily("Where the yarn goes", () => fetched.ledger.then((file) => file.LedgerCard));
const FinishingCard = lazily("Finishing", () => import("./FinishingCard").then((file) => file.FinishingCard));

const AboveRibCard = lazily("Above the rib", () =>
  import("./AboveRibCard").then((file) => file.AboveRibCard),
);
const TailCard = lazily("Tail", () => import("./TailCard").then((file) => file.TailCard));
const WhatIfCard = lazily("What if", () => import("./WhatIfCard").then((file) => file.WhatIfCard));
const SizeCard = lazily("Size", () => import("./SizeCard").then((file) => file.SizeCard));

/** What is to be made, and where its yarn goes. */
export function PiecesBench() {
  const answer = useAnswer();
  // Typing and the answer above come first; the drawing and the ledger follow in the next free moment.
  const settled = useDeferredValue(answer);
  const piece = usePieceIn(settled);
  const asked = useChosenPiece().sections.some(isAsked);
  const yarn = settled.known ? settled.plan.yarns.find(({ id }) => id === piece?.yarnId) : undefined;
  const strand = settled.known ? settled.strands.find(({ yarnId }) => yarnId === piece?.yarnId) : undefined;
  return (
    <div className="grid items-start gap-3 md:grid-cols-[minmax(21rem,1fr)_minmax(20rem,1fr)] lg:grid-cols-[minmax(22rem,27rem)_minmax(18rem,1fr)_minmax(19rem,22rem)]">
      <Boundary name="Piece">
        <PieceCard answer={answer} />
      </Boundary>
      <div className="grid gap-3">
        {piece && yarn && strand && settled.known && !asked && (
          <PieceDrawing
            piece={piece}
            pieces={settled.estimate.pieces}
            yarns={settled.plan.yarns}
            gauge={settled.plan.gauge}
            putUp={yarn.putUp}
            strand={strand}
          />
        )}
        <YarnCard answer={answer} />
        <SizeCard />
        {piece?.estimate.tailBasis && <TailCard estimate={piece.estimate} basis={piece.estimate.tailBasis} />}
      </div>
      {settled.known && (
        <div className="grid gap-3">
          <LedgerCard answer={settled} />
          <FinishingCard answer={settled} />
          {piece?.estimate.aboveRib && piece.cabledKept && (
            <AboveRibCard
              kept={piece.cabledKept}
              above={piece.estimate.aboveRib}
              swatched={piece.drawInSwatched}
            />
          )}
          <WhatIfCard piece={piece} />
        </div>
      )}
    </div>
  );
}
