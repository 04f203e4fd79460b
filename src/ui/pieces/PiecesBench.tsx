"use client";
import { useDeferredValue } from "react";
import { useAnswer, usePieceIn } from "@/state/answer";
import { AboveRibCard } from "./AboveRibCard";
import { EdgesCard } from "./EdgesCard";
import { LedgerCard } from "./LedgerCard";
import { PieceDrawing } from "./PieceDrawing";
import { PieceForm } from "./PieceForm";
import { TailCard } from "./TailCard";
import { WhatIfCard } from "./WhatIfCard";

/** What is to be made, and where its yarn goes. */
export function PiecesBench() {
  const answer = useAnswer();
  // Typing and the answer above come first; the drawing and the ledger follow in the next free moment.
  const settled = useDeferredValue(answer);
  const piece = usePieceIn(settled);
  return (
    <div className="grid items-start gap-3 md:grid-cols-[minmax(21rem,1fr)_minmax(20rem,1fr)] lg:grid-cols-[minmax(22rem,27rem)_minmax(18rem,1fr)_minmax(19rem,22rem)]">
      <PieceForm answer={answer} />
      {settled.known && (
        <>
          {piece && settled.strand && <PieceDrawing piece={piece} strand={settled.strand} />}
          <LedgerCard answer={settled} />
          {piece && <AboveRibCard piece={piece} />}
          {piece && <EdgesCard piece={piece} />}
          <WhatIfCard piece={piece} />
          {piece?.plan.castOn === "longTail" && <TailCard piece={piece} />}
        </>
      )}
    </div>
  );
}
