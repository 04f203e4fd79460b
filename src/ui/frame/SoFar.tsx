"use client";
import type { KnownSeen } from "@/core/engine/seen";
import { toMetres } from "@/core/units/brands";
import { formatYarn } from "@/core/units/format";
import { countOf } from "@/core/words/things";
import { tellBall } from "@/core/yarn/putUp";
import { useUnits } from "@/state/keeping/settings";
import { useProjectPart } from "@/state/project/projectStore";
import { AnswerLine, Small } from "./AnswerLine";

interface SoFarProps {
  readonly yarns: KnownSeen["yarns"];
  /** Whether another answer is on its way. */
  readonly faded: boolean;
}

/** Something is left out: what the rest takes, and no chance, since there is none for the whole. */
export function SoFar({ yarns, faded }: SoFarProps) {
  const units = useUnits();
  const names = useProjectPart((project) => project.yarns);
  return (
    <AnswerLine
      faded={faded}
      more={false}
      head={
        <div role="status">
          {yarns.map(({ yarn, advised }) => (
            <p key={yarn.id} className="whitespace-nowrap">
              {countOf(advised.balls, "ball")} <Small>of {tellBall(yarn.putUp, units)} so far</Small>
            </p>
          ))}
        </div>
      }
      first={
        <>
          <strong>No chance is given</strong> while something is left out.
        </>
      }
      second={yarns
        .map(({ yarn: { id }, totalMm }) => {
          const whose = yarns.length > 1 ? `${names.find((one) => one.id === id)?.name ?? ""}: ` : "";
          return `${whose}${formatYarn(toMetres(totalMm), units)} for the rest`;
        })
        .join("; ")}
    />
  );
}
