"use client";
import { useEffect } from "react";
import type { KnownSeen } from "@/core/engine/seen";
import { referenceClass, type Made, type ReferenceClass } from "@/core/forecast/madeBefore";
import { METRES_IN_YARD, metres, type UnitSystem } from "@/core/units/brands";
import { formatYarn, plain } from "@/core/units/format";
import { countOf } from "@/core/words/things";
import { takenBy, type ProjectCard } from "@/state/keeping/cards";
import { lookHome, useHome } from "@/state/keeping/home";
import { useUnits } from "@/state/keeping/settings";
import { useOmissions } from "@/state/engine/omissions";
import { useProject } from "@/state/project/projectStore";
import { Card } from "@/ui/parts/Card";
import { ChartTable } from "@/ui/parts/ChartTable";

/** Projects that were kept, as things that took so much; demos and what is deleted are none of one's own. */
const madeOf = (cards: readonly ProjectCard[]): readonly Made[] =>
  cards.flatMap(({ id, name, took, demo, goneAt, stage }) =>
    took && !demo && goneAt === null
      ? [{ id, name: name || "Untitled project", kind: null, ...took, used: stage === "finished" }]
      : [],
  );

/** What like things of one's own took, with this one among them; nothing where there is none. */
export function MadeBefore({ answer }: { readonly answer: KnownSeen }) {
  const project = useProject();
  const { cards } = useHome();
  const whole = useOmissions().length === 0;
  useEffect(() => void lookHome(), []);
  const took = whole ? takenBy(project, answer) : null;
  if (!took || !cards) return null;
  const [{ quantilesMm }] = answer.yarns;
  // Of several yarns the first one's doubt stands for all.
  const all = took.mPerDm2 * took.areaDm2;
  const of = (mm: number) => (all * mm) / quantilesMm.p50;
  const told = referenceClass(madeOf(cards), {
    made: { id: project.id, name: project.name, used: false, kind: null, ...took },
    areaDm2: took.areaDm2,
    p10M: of(quantilesMm.p10),
    p50M: all,
    p90M: of(quantilesMm.p90),
  });
  if (!told) return null;
  return <LikeThings told={told} here={took.mPerDm2} modelM={all} />;
}

interface LikeThingsProps {
  readonly told: ReferenceClass;
  /** What this one takes in a square decimetre by the model, and in all. */
  readonly here: number;
  readonly modelM: number;
}

/** dm² in a square foot. */
const DM2_IN_FOOT2 = 9.290304;

/** Yarn over an area, in the chosen units. Example: 13.6 m per square decimetre, or 138 yd per square foot. */
function perArea(units: UnitSystem) {
  const metric = units === "metric";
  const unit = metric ? "m per square decimetre" : "yd per square foot";
  const figure = (value: number) =>
    metric ? plain(value, 1) : plain((value * DM2_IN_FOOT2) / METRES_IN_YARD, 0);
  return { unit, figure, tell: (value: number) => `${figure(value)} ${unit}` };
}

const AMISS_WORDS = {
  more: "The model says a good deal more than that: look for what this one has that those had not, or for a slip.",
  less: "The model says a good deal less than that: look whether a part is missing, or a gauge mistyped.",
} as const;

function LikeThings({ told, here, modelM }: LikeThingsProps) {
  const units = useUnits();
  const { things, kind, lowM, middleM, highM, amiss } = told;
  const [least, most] = [things[0]?.here ?? 0, things.at(-1)?.here ?? 0];
  const per = perArea(units);
  const yarn = (m: number) => formatYarn(metres(m), units);
  const look = things[0]?.cabled ? "cabled" : "not cabled";
  return (
    <Card title="What you made before">
      <p className="mt-1">
        Your {countOf(things.length, kind ?? "project")}
        {kind ? "" : " of other kinds"}, {look} and in yarn like this, took{" "}
        {things.length === 1 ? per.tell(least) : `${per.figure(least)} to ${per.tell(most)}`}. So this one
        takes <strong>{yarn(middleM)}</strong>, between {yarn(lowM)} and {yarn(highM)}; the model says{" "}
        <strong>{yarn(modelM)}</strong>.
      </p>
      {amiss && <p className="mt-1 border-l-4 border-weld pl-2">{AMISS_WORDS[amiss]}</p>}
      <StripPlot values={things.map((one) => one.here)} here={here} per={per} />
      <ChartTable
        caption="Like things"
        columns={[
          { id: "name", head: "Project", names: true, cell: (one) => one.name },
          { id: "took", head: per.unit, cell: (one) => per.figure(one.here) },
          { id: "used", head: "", cell: (one) => (one.used ? "as used" : "as planned") },
        ]}
        rows={things}
        keyOf={({ id }) => id}
      />
    </Card>
  );
}

const BOX = { width: 300, height: 34 };

/** Things as dots on one line, this one as a mark among them. */
function StripPlot({
  values,
  here,
  per,
}: {
  readonly values: readonly number[];
  readonly here: number;
  readonly per: ReturnType<typeof perArea>;
}) {
  const all = [...values, here];
  const [least, most] = [Math.min(...all), Math.max(...all)];
  const margin = Math.max(0.05 * most, (most - least) / 6);
  const x = (value: number) => (BOX.width * (value - least + margin)) / (most - least + 2 * margin);
  return (
    <svg
      viewBox={`0 0 ${BOX.width} ${BOX.height}`}
      role="img"
      aria-label={`Like things from ${per.figure(least)} to ${per.tell(most)}; this one ${per.figure(here)}`}
      className="mt-2 w-full"
    >
      <path d={`M0 17H${BOX.width}`} className="stroke-edge" />
      {values.map((value, at) => (
        <circle key={at} cx={x(value)} cy={17} r={5} className="fill-woad/60 stroke-woad" />
      ))}
      <path d={`M${x(here)} 3V31`} strokeWidth={3} className="stroke-madder" />
      <text x={Math.min(BOX.width - 40, x(here) + 5)} y={10} fontSize={10} className="fill-madder">
        this one
      </text>
    </svg>
  );
}
