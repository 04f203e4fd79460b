"use client";
import { countOf } from "@/core/words/things";
import { Table, type Column } from "@/ui/parts/Table";
import type { KnownSeen, SeenYarn } from "@/core/engine/seen";
import { toMetres, type UnitSystem } from "@/core/units/brands";
import { formatChance, formatYarn } from "@/core/units/format";
import { useProjectPart } from "@/state/project/projectStore";
import { useUnits } from "@/state/keeping/settings";
import { ColourDot } from "@/ui/parts/Colour";
import { Why } from "@/ui/parts/Why";
import { AtKeptWidth, bare, Beside, Certainty } from "./AnswerFigures";

/** What a yarn is called, its balls, its length, and its chances with a ball more or fewer. */
const yarnColumns = (
  units: UnitSystem,
  weighed: boolean,
  kept: readonly { readonly id: string; readonly name: string; readonly colour: string }[],
): readonly Column<SeenYarn>[] => [
  {
    id: "name",
    names: true,
    className: "max-w-44 truncate",
    cell: ({ yarn: { id } }) => {
      const { name, colour } = kept.find((one) => one.id === id) ?? { name: "", colour: "#888888" };
      return (
        <>
          <ColourDot colour={colour} /> {name}
        </>
      );
    },
  },
  {
    id: "balls",
    whole: true,
    className: "font-semibold",
    cell: ({ advised, yarn }) => (
      <Why of={{ figure: "balls", yarnId: yarn.id }}>{countOf(advised.balls, "ball")}</Why>
    ),
  },
  {
    id: "length",
    whole: true,
    cell: ({ totalMm, yarn }) => (
      <Why of={{ figure: "need", yarnId: yarn.id }}>{formatYarn(toMetres(totalMm), units)}</Why>
    ),
  },
  {
    id: "chance",
    whole: true,
    cell: (forecast) => (
      <>
        <Why of={{ figure: "chance", yarnId: forecast.yarn.id, balls: forecast.advised.balls }}>
          {formatChance(forecast.advised.chance, weighed)}
        </Why>
        <span className="text-faint">
          {forecast.around
            .filter(({ balls }) => balls !== forecast.advised.balls)
            .map(({ balls, chance }) => ` · ${balls}: ${bare(chance, weighed)}`)
            .join("")}
        </span>
        <span className="block text-sm text-faint">
          <AtKeptWidth yarn={forecast} weighed={weighed} />
        </span>
      </>
    ),
  },
];

/** Balls of each yarn, one under the other. */
export function SeveralYarns({
  yarns,
  weighed,
}: {
  readonly yarns: KnownSeen["yarns"];
  readonly weighed: boolean;
}) {
  const units = useUnits();
  const kept = useProjectPart((project) => project.yarns);
  const all = yarns.reduce((sum, { advised }) => sum + advised.balls, 0);
  const [first] = yarns;
  return (
    <div className="flex flex-wrap items-start gap-x-5 gap-y-1 md:justify-end">
      <div>
        <p role="status" className="font-display text-3xl leading-none font-semibold sm:whitespace-nowrap">
          {countOf(all, "ball")}{" "}
          <span className="font-text text-lg font-normal">needed in {yarns.length} yarns</span>
        </p>
        <Table
          bare
          className="mt-1 text-[0.95rem] leading-snug"
          caption="Balls of each yarn"
          columns={yarnColumns(units, weighed, kept)}
          rows={yarns}
          keyOf={({ yarn }) => yarn.id}
        />
      </div>
      <div>
        <Certainty />
        <Beside yarn={first} />
      </div>
    </div>
  );
}
