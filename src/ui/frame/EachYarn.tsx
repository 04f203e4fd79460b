"use client";
import type { KnownSeen } from "@/core/engine/seen";
import { useProjectPart } from "@/state/project/projectStore";
import { ColourDot } from "@/ui/parts/Colour";
import { Balls, Chance } from "./AnswerFigures";

/** Balls of each yarn, one behind the other. */
export function EachYarn({ yarns, weighed }: Pick<KnownSeen, "yarns" | "weighed">) {
  const kept = useProjectPart((project) => project.yarns);
  return (
    <ul aria-label="Balls of each yarn" className="flex flex-wrap gap-x-5 max-md:sr-only">
      {yarns.map((forecast) => {
        const { name = "", colour = "#888888" } = kept.find(({ id }) => id === forecast.yarn.id) ?? {};
        return (
          <li key={forecast.yarn.id} className="min-w-0">
            <ColourDot colour={colour} />{" "}
            <span className="inline-block max-w-40 truncate align-bottom">{name}</span>{" "}
            <strong>
              <Balls yarn={forecast} />
            </strong>
            , <Chance yarn={forecast} weighed={weighed} /> as written
          </li>
        );
      })}
    </ul>
  );
}
