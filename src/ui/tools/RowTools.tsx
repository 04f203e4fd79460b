"use client";
import { useState } from "react";
import { buttonholes } from "@/core/garment/buttonholes";
import { changeCount } from "@/core/garment/changeCount";
import { matchingEnds, type End } from "@/core/garment/matchEnds";
import { meeting } from "@/core/estimate/plan";
import { mixedSeam, pickUp, type Along } from "@/core/garment/pickUp";
import { gaugeOrUsual } from "@/core/garment/projectGauge";
import { useAnswer, usePieceIn } from "@/state/engine/answer";
import { useProject } from "@/state/project/projectStore";
import { Choice } from "@/ui/parts/Choice";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import { useSaid, Said } from "@/ui/parts/Said";
import { Select } from "@/ui/parts/Select";
import { seamName } from "@/core/estimate/seamName";
import { problemOf, Result, ToolFields } from "./Result";
import { ENTERED } from "@/core/project/enteredFigures";
import { useEntered } from "@/ui/parts/useEntered";

/** From one count to another over a row. */
export function ChangeCountTool() {
  const above = usePieceIn(useAnswer())?.estimate.aboveRib;
  const from = useEntered(ENTERED.stitchesBefore, above?.rib ?? 78);
  const to = useEntered(ENTERED.stitches, above ? above.rib + above.add : 96);
  const row = from.value !== null && to.value !== null ? changeCount(from.value, to.value) : null;
  return (
    <>
      <ToolFields>
        <MeasureInput label="From stitches" {...from.input} />
        <MeasureInput label="To stitches" {...to.input} />
      </ToolFields>
      <Result
        problem={problemOf(row)}
        answer={row?.ok ? row.value : null}
        says={from.value !== null && `Uses all ${from.value} stitches and leaves ${to.value}.`}
      />
    </>
  );
}

/** How many stitches to pick up along rows. */
export function PickUpTool() {
  const gauge = gaugeOrUsual(useProject());
  const rows = useEntered(ENTERED.rows, 60);
  const stitches = useEntered(ENTERED.stitchesIn10Cm, Math.round(gauge.stitchesPer10Cm));
  const per = useEntered(ENTERED.rowsIn10Cm, Math.round(gauge.rowsPer10Cm));
  const plan =
    rows.value !== null && stitches.value !== null && per.value !== null
      ? pickUp(rows.value, { stitchesPer10Cm: stitches.value, rowsPer10Cm: per.value })
      : null;
  return (
    <>
      <ToolFields>
        <MeasureInput label="Rows along the edge" {...rows.input} />
        <MeasureInput label="Stitches in 10 cm of the band" {...stitches.input} />
        <MeasureInput label="Rows in 10 cm of the piece" {...per.input} />
      </ToolFields>
      <Result
        problem={problemOf(plan)}
        answer={plan?.ok ? `${plan.value.stitches} stitches` : null}
        says={plan?.ok && plan.value.text}
      />
    </>
  );
}

/** Seams of the open project whose edges are both said, by name; and one of one's own. */
function useSeamsToMatch() {
  const said = useSaid();
  const answer = useAnswer();
  const project = useProject();
  if (!answer.known) return [];
  return project.seams.flatMap((seam) => {
    const sewn = answer.plan.seams.find(({ id }) => id === seam.id);
    const met = sewn && meeting(sewn);
    if (!met || !sewn.of || !sewn.to) return [];
    return [
      {
        id: seam.id,
        name: said(seamName(project, seam)),
        met,
        things: [sewn.of.things, sewn.to.things] as const,
      },
    ];
  });
}

const OWN = "";
const THINGS = [
  { value: "stitches", label: "stitches" },
  { value: "rows", label: "rows" },
] as const;

/** A seam of two edges, row by row or stitch by stitch; it begins with those of the project. */
export function MixedSeamTool() {
  const seams = useSeamsToMatch();
  const [chosen, choose] = useState<string | null>(null);
  const seam = seams.find(({ id }) => id === (chosen ?? seams[0]?.id));
  return (
    <>
      {seams.length > 0 && (
        <Select
          label="Seam"
          options={[
            ...seams.map(({ id, name }) => ({ value: id, label: name })),
            { value: OWN, label: "another one" },
          ]}
          value={seam?.id ?? OWN}
          onChange={choose}
        />
      )}
      <SeamCounts
        key={seam?.id ?? OWN}
        met={seam?.met ?? [35, 45]}
        begun={seam?.things ?? ["stitches", "rows"]}
      />
    </>
  );
}

interface SeamCountsProps {
  readonly met: readonly [number, number];
  readonly begun: readonly [Along, Along];
}

function SeamCounts({ met, begun }: SeamCountsProps) {
  const [things, setThings] = useState(begun);
  const one = useEntered(ENTERED[things[0]], met[0]);
  const other = useEntered(ENTERED[things[1]], met[1]);
  const seam = one.value !== null && other.value !== null ? mixedSeam(one.value, other.value, things) : null;
  return (
    <>
      <ToolFields>
        <MeasureInput label="Along one edge" {...one.input} />
        <MeasureInput label="Along the other" {...other.input} />
        <Choice
          label="Counted along one edge"
          options={THINGS}
          value={things[0]}
          onChange={(thing) => setThings([thing, things[1]])}
        />
        <Choice
          label="Counted along the other"
          options={THINGS}
          value={things[1]}
          onChange={(thing) => setThings([things[0], thing])}
        />
      </ToolFields>
      <Result
        problem={null}
        answer={seam && `${seam.few} to ${seam.many}`}
        says={seam && <Said>{seam.text}</Said>}
      />
    </>
  );
}

/** Buttonholes at even distances. */
export function ButtonholeTool() {
  const band = useEntered(ENTERED.stitches, 90);
  const holes = useEntered(ENTERED.holes, 6);
  const wide = useEntered(ENTERED.holeStitches, 2);
  const margin = useEntered(ENTERED.holeMargin, 4);
  const placed =
    band.value !== null && holes.value !== null && wide.value !== null && margin.value !== null
      ? buttonholes(band.value, holes.value, wide.value, margin.value)
      : null;
  return (
    <>
      <ToolFields>
        <MeasureInput label="Stitches or rows of the band" {...band.input} />
        <MeasureInput label="Buttonholes" {...holes.input} />
        <MeasureInput label="Each this wide" {...wide.input} />
        <MeasureInput label="Free at both ends" {...margin.input} />
      </ToolFields>
      <Result
        problem={problemOf(placed)}
        answer={
          placed?.ok && placed.value.between.length > 0 ? `${placed.value.between.join(", ")} between` : null
        }
        says={placed?.ok && placed.value.text}
      />
    </>
  );
}

const tellEnd = ({ rows, repeats, off }: End, endRow: number) =>
  `${rows} rows: ${repeats} repeats and ${endRow} more${off === 0 ? "" : `, ${Math.abs(off)} ${off > 0 ? "over" : "under"}`}`;

/** Where to stop, so that both pieces end with the same row. */
export function MatchingEndsTool() {
  const piece = usePieceIn(useAnswer());
  const main = piece?.sections.find(({ sectionId }) => sectionId === piece.estimate.widths.main?.sectionId);
  const wanted = useEntered(ENTERED.rows, main?.rows ?? 150);
  const repeat = useEntered(ENTERED.repeatRows, main?.content?.rows ?? 6);
  const end = useEntered(ENTERED.repeatRows, 1);
  const known = wanted.value !== null && repeat.value !== null && end.value !== null;
  const beyond = known && (end.value ?? 0) > (repeat.value ?? 0);
  const ends = known && !beyond ? matchingEnds(wanted.value ?? 1, repeat.value ?? 1, end.value ?? 1) : null;
  return (
    <>
      <ToolFields>
        <MeasureInput label="Rows wanted" {...wanted.input} />
        <MeasureInput label="Rows of the repeat" {...repeat.input} />
        <MeasureInput label="Ends with row" {...end.input} />
      </ToolFields>
      <Result
        problem={beyond ? `The repeat has ${repeat.value} rows: there is no row ${end.value} in it.` : null}
        answer={ends && tellEnd(ends.above, end.value ?? 1)}
        says={
          ends?.below && ends.below.rows !== ends.above.rows && `Or ${tellEnd(ends.below, end.value ?? 1)}.`
        }
      />
    </>
  );
}
