"use client";
import { countOf } from "@/core/words/things";
import { Table } from "@/ui/parts/Table";
import { lazily } from "@/ui/parts/lazily";
import type { SeenYarn } from "@/core/engine/seen";
import { toMetres } from "@/core/units/brands";
import { formatChance, formatYarn } from "@/core/units/format";
import { tellBall, tellLength } from "@/core/yarn/putUp";
import { change, useProjectPart } from "@/state/project/projectStore";
import { useUnits } from "@/state/keeping/settings";
import { Choice } from "@/ui/parts/Choice";
import { Why } from "@/ui/parts/Why";
import { NextStepHint } from "./NextStepHint";

export const SaidToLeaveOut = lazily("What is left out", () =>
  import("./LeftOut").then((file) => file.SaidToLeaveOut),
);

const CERTAINTY = [
  { value: "daring", label: "Daring", name: "Daring: 80 in 100" },
  { value: "steady", label: "Steady", name: "Steady: 95 in 100" },
  { value: "careful", label: "Careful", name: "Careful: 99 in 100" },
] as const;

/** How sure the knitter wants to be. */
export function Certainty() {
  const certainty = useProjectPart((project) => project.certainty);
  return (
    <div className="not-printed mt-1 text-sm">
      <Choice
        label="How sure to be"
        options={CERTAINTY}
        value={certainty}
        onChange={(wanted) =>
          change("certainty", (draft) => {
            draft.certainty = wanted;
          })
        }
      />
    </div>
  );
}

/**
 * What would sharpen the answer, and what it was told to leave out. The first is worked out behind the page: its room is
 * kept, so that nothing below moves under a hand when it comes.
 */
export const Beside = ({ yarn }: { readonly yarn: SeenYarn }) => (
  <div className="min-h-16 max-w-72 text-sm max-md:min-h-11 max-md:max-w-none">
    <NextStepHint doubts={yarn.doubts} />
    <SaidToLeaveOut />
  </div>
);

interface OneYarnProps {
  readonly yarn: SeenYarn;
  readonly weighed: boolean;
}

const KEPT_WIDTH =
  "If you add stitches where the fabric comes out narrower, and leave some out where it comes out wider, so that it is as wide as planned.";

export const bare = (chance: number, weighed: boolean) =>
  formatChance(chance, weighed).replace(" in 100", "");

const chanceAtWidth = ({ atWidth }: SeenYarn, balls: number) =>
  atWidth.around.find((one) => one.balls === balls)?.chance ?? 0;

/** The second chance of the balls that are advised. */
export const AtKeptWidth = ({ yarn, weighed }: OneYarnProps) => (
  <>
    <Why of={{ figure: "chance", yarnId: yarn.yarn.id, balls: yarn.advised.balls, keptWidth: true }}>
      {bare(chanceAtWidth(yarn, yarn.advised.balls), weighed)}
    </Why>{" "}
    <abbr title={KEPT_WIDTH} className="decoration-dotted">
      if you keep the width
    </abbr>
  </>
);

/** Balls of the one yarn with their two chances, and those of a ball more and a ball fewer. */
export function OneYarn({ yarn: forecast, weighed }: OneYarnProps) {
  const units = useUnits();
  const { advised, around, leftOver, totalMm, yarn } = forecast;
  const need = toMetres(totalMm);
  return (
    <div className="flex flex-wrap items-start gap-x-5 gap-y-1 md:justify-end">
      <div>
        <p
          role="status"
          className="font-display text-[2.6rem] leading-none font-semibold sm:whitespace-nowrap"
        >
          <Why of={{ figure: "balls", yarnId: yarn.id }}>{countOf(advised.balls, "ball")}</Why>{" "}
          <span className="font-text text-lg font-normal">of {tellBall(yarn.putUp, units)} needed</span>
        </p>
        <p className="mt-1 leading-snug sm:whitespace-nowrap">
          <Why of={{ figure: "chance", yarnId: yarn.id, balls: advised.balls }}>
            <strong>{formatChance(advised.chance, weighed)}</strong>
          </Why>{" "}
          as written, <AtKeptWidth yarn={forecast} weighed={weighed} />
        </p>
        <p className="text-[0.95rem] leading-snug text-faint sm:whitespace-nowrap">
          <Why of={{ figure: "need", yarnId: yarn.id }}>{tellLength(need, yarn.putUp, units)}</Why>;{" "}
          <Why of={{ figure: "leftOver", yarnId: yarn.id }}>{formatYarn(leftOver, units)}</Why> left over
        </p>
        <Beside yarn={forecast} />
      </div>
      <div>
        <Table
          bare
          className="text-[0.95rem] leading-snug [&_td]:py-0.5"
          caption="Chances in 100 with a ball more or fewer"
          columns={[
            {
              id: "balls",
              head: <span className="sr-only">Balls</span>,
              names: true,
              whole: true,
              className: "text-faint",
              cell: ({ balls }) => `${balls} would be`,
            },
            {
              id: "written",
              head: "as written",
              cell: ({ balls, chance }) => (
                <Why of={{ figure: "chance", yarnId: yarn.id, balls }}>{bare(chance, weighed)}</Why>
              ),
            },
            {
              id: "kept",
              head: "width kept",
              cell: ({ balls }) => (
                <Why of={{ figure: "chance", yarnId: yarn.id, balls, keptWidth: true }}>
                  {bare(chanceAtWidth(forecast, balls), weighed)}
                </Why>
              ),
            },
          ]}
          rows={around.filter(({ balls }) => balls !== advised.balls)}
          keyOf={({ balls }) => balls}
        />
        <Certainty />
      </div>
    </div>
  );
}
