"use client";
import dynamic from "next/dynamic";
import Link from "next/link";
import { useDeferredValue, useMemo } from "react";
import type { Knitted } from "@/core/belief/knitted";
import type { KnownSeen } from "@/core/engine/seen";
import type { Moved } from "@/core/forecast/moved";
import { say, type Message } from "@/core/words/message";
import { useAsked } from "@/state/engine/asked";
import type { Piece } from "@/state/engine/knitting";
import { tellLog } from "@/state/project/log";
import { Button } from "@/ui/parts/Button";
import { Card } from "@/ui/parts/Card";
import { Said } from "@/ui/parts/Said";

const BurnDownChart = dynamic(() => import("./BurnDownChart").then((chart) => chart.BurnDownChart));

/** What one reading said, against what was expected before the first. */
function toldOf({ kind, from, to, found }: Knitted, expected: number): Message {
  if (kind === "ball") return say("rowsTook", { from, to, found, expected });
  if (kind === "piece") return say("pieceWeighs", { found, expected });
  return say("rowsMeasure", { to, found, expected });
}

/** What the answer has come to since the first row. */
function MovedSaid({ moved }: { readonly moved: Moved }) {
  const several = moved.yarns.length > 1;
  return (
    <>
      {moved.more !== null && (
        <p className="font-semibold">
          <Said>{say("rowsTakeMore", { more: moved.more })}</Said>
          {several ? "." : ":"}
        </p>
      )}
      {moved.yarns.slice(0, several ? 0 : 1).map(({ yarnId, before, now, stillEnough }) => (
        <p key={yarnId} className={now.balls > before.balls ? "text-madder" : ""}>
          <Said>
            {now.balls === before.balls
              ? say("stillSoMany", { balls: now.balls, before: before.chance, now: now.chance })
              : say("nowSoMany", { before: before.balls, now: now.balls, chance: now.chance, stillEnough })}
          </Said>
          .
          {now.balls > before.balls && (
            <>
              {" "}
              <Link href="/order" className="underline">
                Order more while it can be had
              </Link>
            </>
          )}
        </p>
      ))}
    </>
  );
}

/** A reading that is left out: the knitter stands by it, or takes it back. */
function Doubtful({ one }: { readonly one: Knitted }) {
  const { id, pieceId, copy, question, impossible } = one;
  return (
    <div className="mt-0.5 border-l-4 border-madder pl-2">
      {question !== null && (
        <p>
          Left out: <Said>{question}</Said>
        </p>
      )}
      <p>
        {!impossible && (
          <>
            <Button look="link" onClick={() => tellLog({ kind: "stoodBy", pieceId, copy, of: id })}>
              It is right
            </Button>{" "}
            ·{" "}
          </>
        )}
        <Button look="link" onClick={() => tellLog({ kind: "takenBack", of: id })}>
          Take it back
        </Button>
      </p>
    </div>
  );
}

interface YarnCardProps {
  readonly answer: KnownSeen;
  readonly piece: Piece;
  readonly yarnId: string;
}

/** Yarn on the needles: how the forecast has moved since the first row, and what moved it. */
export function YarnCard({ answer, piece, yarnId }: YarnCardProps) {
  const { pieceId, copy } = piece;
  // A tap is shown before the chart is drawn anew.
  const rows = useDeferredValue(piece.rows);
  const { told: moved } = useAsked("moved", null);
  const asked = useMemo(() => ({ pieceId, copy, yarnId }), [pieceId, copy, yarnId]);
  const { told: burn } = useAsked("burnDown", asked);
  const mine = answer.belief.knitted.filter((one) => one.pieceId === pieceId && one.copy === copy);
  return (
    <Card title="Yarn so far" aside="shaded: planned; line: now; red: weighed">
      {moved ? (
        <MovedSaid moved={moved} />
      ) : (
        <p className="text-sm text-faint">
          Weigh each ball before its first row, and now and then what is left of it: the answer grows surer
          with every weighing.
        </p>
      )}
      <div className="grid gap-x-4 md:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        {burn && burn.pieceId === pieceId && (
          <div className="mt-2 h-60 min-w-0">
            <BurnDownChart burn={burn} rows={rows} />
          </div>
        )}
        {mine.length > 0 && (
          <ul aria-label="Weighed and measured" className="mt-2 grid content-start gap-1 text-sm">
            {mine.toReversed().map((one) => (
              <li key={one.id}>
                <Said>{toldOf(one, moved?.expected.get(one.id) ?? one.expected)}</Said>
                {!one.taken && <Doubtful one={one} />}
              </li>
            ))}
          </ul>
        )}
      </div>
    </Card>
  );
}
