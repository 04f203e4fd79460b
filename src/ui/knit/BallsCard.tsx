"use client";
import { useMemo, useState } from "react";
import type { BallRows, MappedBall } from "@/core/estimate/ballMap";
import { OF_JOIN } from "@/core/knitting/techniques";
import { isLabelOf } from "@/core/project/label";
import type { ShelfEntry } from "@/core/project/shelf";
import { say } from "@/core/words/message";
import { useAsked } from "@/state/engine/asked";
import { keyOfPlace } from "@/core/progress/inHand";
import type { Piece } from "@/state/engine/knitting";
import { useProject, useShelf } from "@/state/project/projectStore";
import { explain } from "@/state/chosen/how";
import { Button } from "@/ui/parts/Button";
import { Card } from "@/ui/parts/Card";
import { Choice } from "@/ui/parts/Choice";
import { Said } from "@/ui/parts/Said";
import { Select } from "@/ui/parts/Select";
import { Table, type Column } from "@/ui/parts/Table";

const TURNS = [
  { value: "none", label: "one after the other" },
  { value: "1", label: "every row", name: "Two balls in turn, every row" },
  { value: "2", label: "every 2 rows", name: "Two balls in turn, every two rows" },
] as const;

const PARTS = [
  { value: "first", label: "part balls first" },
  { value: "last", label: "part balls last" },
] as const;

interface BallRow extends MappedBall {
  readonly ball: number;
}

/** Which of two balls in turn it is: the lot that its first row is of. */
const handOf = ({ rows }: Pick<MappedBall, "rows">, turns: number) =>
  rows[0] ? Math.floor((rows[0].from - 1) / turns) % 2 : null;

/** The two lots that are worked in turn, by their names where those are known. */
function lotsOf(entries: readonly ShelfEntry[], name: string): readonly [string, string] {
  const known = entries.filter(({ label }) => isLabelOf(label, name)).map(({ lot }) => lot.trim());
  const [one, other] = new Set(known.filter((lot) => lot !== ""));
  return one !== undefined && other !== undefined
    ? [`lot ${one}`, `lot ${other}`]
    : ["one lot", "the other lot"];
}

/** Rows of one piece, one run after the other; of balls in turn the whole span. */
function spansOf(rows: readonly BallRows[]) {
  const spans: { pieceId: string; copy: number; from: number; to: number; inTurn: boolean }[] = [];
  for (const one of rows) {
    const last = spans.at(-1);
    if (last && last.pieceId === one.pieceId && last.copy === one.copy) {
      last.to = one.to;
      last.inTurn = true;
    } else spans.push({ ...one, inTurn: false });
  }
  return spans;
}

interface BallsCardProps {
  readonly piece: Piece;
  readonly pieces: readonly Piece[];
  readonly yarnId: string;
}

/** Ball by ball: which rows each of them works, as it was told and as it is planned from here on. */
export function BallsCard({ piece, pieces, yarnId: own }: BallsCardProps) {
  const [other, setOther] = useState<string | null>(null);
  const { yarns, join } = useProject();
  const yarnId = yarns.some(({ id }) => id === other) ? (other ?? own) : own;
  const { entries } = useShelf();
  const name = yarns.find(({ id }) => id === yarnId)?.name ?? "";
  const [turns, setTurns] = useState<(typeof TURNS)[number]["value"]>("none");
  const [parts, setParts] = useState<(typeof PARTS)[number]["value"]>("first");
  const partsG = useMemo(
    () => entries.filter(({ label }) => isLabelOf(label, name)).flatMap((entry) => entry.partsG),
    [entries, name],
  );
  const asked = useMemo(
    () => ({ yarnId, turns: turns === "none" ? null : Number(turns), parts, partsG }),
    [yarnId, turns, parts, partsG],
  );
  const { told: map, current } = useAsked("ballMap", asked);
  // While another yarn's map is worked out the former one says nothing of it.
  const told = map?.yarnId === yarnId ? map : null;
  const choice = yarns.length > 1 && (
    <Select
      label="Balls of"
      options={yarns.map(({ id, name: called }) => ({ value: id, label: called }))}
      value={yarnId}
      onChange={setOther}
    />
  );
  if (map === null && !current) return <div className="h-96" />;
  if (!told)
    return choice ? (
      <Card title="Ball by ball">
        {choice}
        {map === null && <p className="mt-1 text-sm text-faint">This yarn is not used.</p>}
      </Card>
    ) : null;
  const untold = told.balls.filter((ball) => ball.untold).length;
  const names = new Map(pieces.map((one) => [one.key, one.name]));
  const inHand = told.balls.findLastIndex(({ rows }) =>
    rows.some((one) => keyOfPlace(one) === piece.key && one.from <= Math.max(1, piece.rows)),
  );
  const lots = lotsOf(entries, name);
  const lotOf = (ball: Pick<MappedBall, "rows">) => {
    const hand = asked.turns === null ? null : handOf(ball, asked.turns);
    return hand === null ? null : lots[hand];
  };
  const columns: readonly Column<BallRow>[] = [
    {
      id: "ball",
      head: "Ball",
      names: true,
      whole: true,
      cell: ({ ball, ...row }) => (
        <>
          {ball}
          {lotOf(row) && <span className="ml-1.5 text-faint">{lotOf(row)}</span>}
          {ball === inHand + 1 && <span className="ml-1.5 text-madder">in hand</span>}
        </>
      ),
    },
    {
      id: "rows",
      head: "Rows",
      cell: ({ rows, besideMm }) => (
        <ul>
          {spansOf(rows).map((one) => (
            <li key={`${keyOfPlace(one)} ${one.from}`}>
              {names.get(keyOfPlace(one)) ?? ""}, {one.from === one.to ? one.to : `${one.from} to ${one.to}`}
              {one.inTurn && <span className="text-faint">, in turn</span>}
            </li>
          ))}
          {besideMm > 1 && (
            <li className="text-faint">
              <Said>{say("besideRows", { m: besideMm / 1000 })}</Said>
            </li>
          )}
        </ul>
      ),
    },
    {
      id: "fill",
      head: <span className="sr-only">How much of it is used</span>,
      width: "25%",
      cell: (ball) => <Fill ball={ball} />,
    },
    {
      id: "left",
      head: "Left over",
      right: true,
      whole: true,
      cell: ({ leftMm }) => <Said>{say("yarnOf", { m: Math.max(0, leftMm) / 1000 })}</Said>,
    },
  ];
  return (
    <Card title="Ball by ball" aside={<Said>{say("joinsIn", { joins: joinsOf(told.balls) })}</Said>}>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        {choice}
        <Choice label="How balls follow one another" options={TURNS} value={turns} onChange={setTurns} />
        {partsG.length > 0 && (
          <Choice label="When part balls are used" options={PARTS} value={parts} onChange={setParts} />
        )}
      </div>
      <p className="mt-1 text-sm">
        <span className="text-faint">
          Pull from the middle or the outside, but from the same end of each ball.
        </span>{" "}
        <Button look="link" onClick={() => explain({ technique: OF_JOIN[join] })}>
          How balls are joined
        </Button>
      </p>
      {asked.turns !== null && (
        <p className="mt-1 text-sm">
          <Said>{say("lotsInTurn", { turns: asked.turns, lots })}</Said>
        </p>
      )}
      {untold > 0 && (
        <p className="mt-1 text-sm text-weld">
          <Said>{say("joinsNotTold", { count: untold })}</Said>
        </p>
      )}
      <div className="mt-2">
        <Table
          caption="Balls and the rows that each of them works"
          columns={columns}
          rows={told.balls.map((one, index) => ({ ...one, ball: index + 1 }))}
          keyOf={({ ball }) => ball}
          rowClass={({ ball }) => (ball === inHand + 1 ? "bg-paper" : "")}
        />
      </div>
    </Card>
  );
}

/** Joins and what they take of the balls. */
const joinsOf = (balls: readonly MappedBall[]) => ({
  count: Math.max(0, balls.length - 1),
  m: balls.reduce((sum, { joinsMm }) => sum + joinsMm, 0) / 1000,
});

/** A ball as a strand: what is knitted of it, what its joins take, and what is left. */
function Fill({ ball: { holdsMm, rowsMm, besideMm, joinsMm } }: { readonly ball: MappedBall }) {
  const share = (mm: number) => `${Math.min(100, (100 * mm) / Math.max(1, holdsMm))}%`;
  return (
    <span aria-hidden className="coloured flex h-3 overflow-hidden rounded-full bg-line">
      <span className="bg-woad" style={{ width: share(rowsMm) }} />
      <span className="bg-weld" style={{ width: share(besideMm) }} />
      <span className="bg-madder" style={{ width: share(joinsMm) }} />
    </span>
  );
}
