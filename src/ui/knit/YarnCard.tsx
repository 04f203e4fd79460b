"use client";
import { lazily } from "@/ui/parts/lazily";
import Link from "next/link";
import { useDeferredValue, useMemo } from "react";
import type { KnownSeen } from "@/core/engine/seen";
import type { Moved } from "@/core/forecast/moved";
import { grams, type UnitSystem } from "@/core/units/brands";
import { formatMass } from "@/core/units/format";
import { say } from "@/core/words/message";
import { useAsked } from "@/state/engine/asked";
import type { Piece } from "@/state/engine/knitting";
import { useProjectPart } from "@/state/project/projectStore";
import { useUnits } from "@/state/keeping/settings";
import { Card } from "@/ui/parts/Card";
import { ChartTable } from "@/ui/parts/ChartTable";
import { Said } from "@/ui/parts/Said";
import { ReadingsList } from "./ReadingsList";

const BurnDownChart = lazily("Chart", () => import("./BurnDownChart").then((file) => file.BurnDownChart));

/** What the answer has come to since the first row. */
export function MovedSaid({ moved }: { readonly moved: Moved }) {
  const several = moved.yarns.length > 1;
  const yarns = useProjectPart((project) => project.yarns);
  return (
    <>
      {moved.more !== null && (
        <p className="font-semibold">
          <Said>{say("rowsTakeMore", { more: moved.more })}</Said>
          {several ? "." : ":"}
        </p>
      )}
      {moved.yarns.map(({ yarnId, before, now, stillEnough }) => (
        <p key={yarnId} className={now.balls > before.balls ? "text-madder" : ""}>
          {several && `${yarns.find(({ id }) => id === yarnId)?.name ?? "A yarn"}: `}
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

const massBand = ({ p10, p90 }: { readonly p10: number; readonly p90: number }, units: UnitSystem) =>
  `${formatMass(grams(p10), units)} to ${formatMass(grams(p90), units)}`;

interface YarnCardProps {
  readonly answer: KnownSeen;
  readonly piece: Piece;
  readonly yarnId: string;
}

/** Yarn on the needles: how the forecast has moved since the first row, and what moved it. */
export function YarnCard({ answer, piece, yarnId }: YarnCardProps) {
  const units = useUnits();
  const { pieceId, copy } = piece;
  // A tap is shown before the chart is drawn anew.
  const rows = useDeferredValue(piece.rows);
  const { told: moved } = useAsked("moved", null);
  const asked = useMemo(() => ({ pieceId, copy, yarnId }), [pieceId, copy, yarnId]);
  const { told: burn, current } = useAsked("burnDown", asked);
  const mine = answer.belief.knitted.filter((one) => one.pieceId === pieceId && one.copy === copy);
  return (
    <Card title="Yarn so far" aside="shaded: planned; line: now; red: weighed">
      <div className="min-h-12">
        {moved ? (
          <MovedSaid moved={moved} />
        ) : (
          <p className="text-sm text-faint">
            Weigh each ball before its first row, and now and then what is left of it: the answer grows surer
            with every weighing.
          </p>
        )}
      </div>
      <div className="grid gap-x-4 md:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        {burn?.pieceId !== pieceId ? (
          // Its place is kept until it is told whether there is one.
          !current && <div className="h-[17.5rem]" />
        ) : (
          <div className="min-w-0">
            <div className="mt-2 h-60 min-w-0">
              <BurnDownChart burn={burn} rows={rows} />
            </div>
            <ChartTable
              caption="Yarn used against rows"
              columns={[
                { id: "rows", head: "Rows", names: true, cell: ({ at }) => at },
                { id: "planned", head: "planned", cell: ({ planned }) => massBand(planned, units) },
                { id: "now", head: "now", cell: ({ now }) => formatMass(grams(now.p50), units) },
              ]}
              rows={burn.now.flatMap((now, index) => {
                const planned = burn.planned[index];
                return planned ? [{ at: now.rows, planned, now }] : [];
              })}
              keyOf={({ at }) => at}
            />
          </div>
        )}
        {mine.length > 0 && <ReadingsList readings={mine} expected={moved?.expected} />}
      </div>
    </Card>
  );
}
