"use client";
import { Said, useSaid } from "@/ui/parts/Said";
import { curveOf, type BeliefLine } from "@/core/belief/beliefSummary";
import type { KnownSeen } from "@/core/engine/seen";
import { formatPercent } from "@/core/units/format";
import { putUpId, type UnknownId } from "@/core/belief/unknowns";
import type { WhyAsked } from "@/core/reasons/asked";
import { say } from "@/core/words/message";
import { useProjectPart } from "@/state/project/projectStore";
import { Card } from "@/ui/parts/Card";
import { SourceMark } from "@/ui/parts/SourceMark";
import { Why } from "@/ui/parts/Why";

/** What is believed of the knitter and the yarn: before any swatch, now, and what moved it. */
export function BeliefCard({ answer }: { readonly answer: KnownSeen }) {
  const { told, handChanged } = answer.belief;
  const hand = useProjectPart((project) => project.hand);
  return (
    <Card title="What your swatches say" aside="dashed: before; filled: now">
      {hand !== null && handChanged !== null && handChanged > 0.5 && (
        <p className="mt-1 border-l-4 border-weld pl-2 text-sm">
          <Said>{say("handMayHaveChanged", { projects: hand.projects, changed: handChanged })}</Said>.
        </p>
      )}
      <ul className="mt-2 grid gap-2.5">
        {told.map((one) => (
          <li key={one.id} className="grid grid-cols-[5.5rem_1fr] items-center gap-x-3">
            <Curves told={one} />
            <div className="text-sm leading-snug">
              <p className="font-semibold">
                <Said>{one.name}</Said>
              </p>
              <p>
                <Said>{one.says}</Said>
              </p>
              <p>
                <SourceMark source={one.source} /> <WhyOf id={one.id} />{" "}
                {one.from !== null && (
                  <span className="text-faint">
                    by {typeof one.from === "string" ? `“${one.from}”` : <Said>{one.from}</Said>}
                  </span>
                )}
              </p>
            </div>
          </li>
        ))}
      </ul>
    </Card>
  );
}

/** What each line stands on is asked by the figure that hangs on it. */
const ASKED: { readonly [Id in UnknownId]?: WhyAsked } = {
  width: { figure: "stitchWidth" },
  height: { figure: "rowHeight" },
  loop: { figure: "loop" },
};

function WhyOf({ id }: { readonly id: UnknownId }) {
  const yarnId = useProjectPart((project) => project.yarns[0]?.id ?? "");
  const of = ASKED[id] ?? (id === putUpId(yarnId) ? ({ figure: "ballLength", yarnId } as const) : null);
  return of && <Why of={of}>Why?</Why>;
}

const REACH = 2.8;

/** The belief before and now, drawn over the same span. */
function Curves({ told: { name, before, now } }: { readonly told: BeliefLine }) {
  const said = useSaid();
  const reach = REACH * before.sd;
  const highest = Math.min(before.sd, now.sd);
  const spread = (sd: number) => formatPercent(sd, 1);
  return (
    <svg
      viewBox="0 0 100 31"
      preserveAspectRatio="none"
      role="img"
      aria-label={`${said(name)}: doubt ${spread(before.sd)} before, ${spread(now.sd)} now`}
      className="h-10 w-full"
    >
      <path
        d={curveOf(now, reach, highest)}
        className="fill-woad/25 stroke-woad"
        strokeWidth="1.5"
        vectorEffect="non-scaling-stroke"
      />
      <path
        d={curveOf(before, reach, highest)}
        className="fill-none stroke-ink"
        strokeDasharray="3 3"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}
