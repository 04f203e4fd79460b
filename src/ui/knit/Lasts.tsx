"use client";
import { useMemo } from "react";
import type { WeighedBall, WillItLast } from "@/core/forecast/willItLast";
import type { KnitRow } from "@/core/knitting/knitRows";
import { keyOfPlace } from "@/core/progress/inHand";
import { type Progress } from "@/core/progress/places";
import { say } from "@/core/words/message";
import { useAsked } from "@/state/engine/asked";
import type { Piece } from "@/state/engine/knitting";
import { Said } from "@/ui/parts/Said";
import { Why } from "@/ui/parts/Why";

interface Reach {
  readonly what: "row" | "repeat" | "section" | "piece";
  readonly rows: number;
}

/** What a knitter wants to reach: this row, the end of the repeat, of the section, of the piece. */
export function reachesOf(row: KnitRow | null, all: number): readonly Reach[] {
  if (!row) return [{ what: "piece", rows: all }];
  const { row: now, ofRepeat, inSection, ofSection } = row;
  const section = now + ofSection - inSection;
  const repeat = ofRepeat ? now + ofRepeat.rows - ofRepeat.row : null;
  return [
    { what: "row", rows: now },
    ...(repeat !== null && repeat > now && repeat < section
      ? [{ what: "repeat" as const, rows: repeat }]
      : []),
    ...(section > now && section < all ? [{ what: "section" as const, rows: section }] : []),
    ...(all > now ? [{ what: "piece" as const, rows: all }] : []),
  ];
}

interface LastsProps {
  readonly told: WillItLast;
  /** The ball that was weighed. */
  readonly ball: WeighedBall;
  readonly row: KnitRow | null;
  readonly rows: number;
  readonly all: number;
  /** With each thing that is to be reached, and the rule of thumb. */
  readonly whole?: boolean;
  /** Whole balls beside it. */
  readonly spare?: number;
}

/** How far the ball in hand goes, what to do first. */
export function Lasts({ told, ball, row, rows, all, whole = false, spare = 0 }: LastsProps) {
  const { leftM, sureTo, joinBefore, rowM, ruleM } = told;
  const { pieceId, yarnId } = ball;
  const soon = sureTo < all && sureTo - rows < 3;
  return (
    <>
      <p className={`font-semibold ${soon ? "text-madder" : "text-moss"}`}>
        <Said>{say("ballLasts", { rows, sureTo, joinBefore, all })}</Said>
      </p>
      <p className="text-sm text-faint">
        <Why of={{ figure: "ballLeft", ball, rows }}>
          <Said>{say("ballLeft", leftM)}</Said>
        </Why>
      </p>
      {whole && (
        <ul className="mt-1 text-sm">
          {reachesOf(row, all).map(({ what }, index) => {
            const reach = told.reaches[index];
            return (
              reach && (
                <li key={what}>
                  <Said>{say("reaches", { what, chance: reach.chance, needM: reach.needM })}</Said>
                </li>
              )
            );
          })}
          {told.stop && (
            <li>
              <Said>
                {told.stop.repeats > 0 ? say("mayStop", { ...told.stop, spare }) : say("mayNotStop")}
              </Said>
            </li>
          )}
          <li className="text-faint">
            <Why of={{ figure: "stretch", pieceId, yarnId, from: rows, to: rows + 1 }}>
              <Said>{say("rowTakes", { rowM, ruleM })}</Said>
            </Why>
          </li>
        </ul>
      )}
    </>
  );
}

/** What the last weighing of the ball in hand says at the row in hand; nothing where none was weighed. */
export function LastWeighing({
  piece,
  row,
  progress,
}: {
  readonly piece: Piece;
  readonly row: KnitRow | null;
  readonly progress: Progress;
}) {
  const { key, rows, all } = piece;
  const joined = progress.joins.findLast(({ event }) => keyOfPlace(event) === key);
  const weighed = progress.weighings.findLast(
    ({ event, row: at }) =>
      keyOfPlace(event) === key && at <= rows && (!joined || event.at > joined.event.at),
  );
  const asked = useMemo(
    () =>
      weighed && {
        ball: {
          pieceId: weighed.event.pieceId,
          yarnId: weighed.event.yarnId,
          row: weighed.row,
          massG: weighed.event.massG,
          stepG: weighed.event.stepG,
        },
        rows,
        to: [],
      },
    [weighed, rows],
  );
  const { told, current } = useAsked("lasts", asked);
  if (!asked || !weighed || piece.finished) return null;
  // Its place is kept until it is told.
  if (!told && current) return null;
  if (!told) return <div className="mt-2 h-13 border-t border-line" />;
  if (told.leftM.p90 <= 0)
    return (
      <p className="mt-2 border-t border-line pt-1.5 text-sm text-weld">
        <Said>{say("ballUsedUp", { row: weighed.row })}</Said>
      </p>
    );
  return (
    <div className="mt-2 border-t border-line pt-1.5">
      <Lasts told={told} ball={asked.ball} row={row} rows={rows} all={all} />
    </div>
  );
}
