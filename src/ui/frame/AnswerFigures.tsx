"use client";
import type { SeenYarn } from "@/core/engine/seen";
import { toMetres, type UnitSystem } from "@/core/units/brands";
import { formatChance, formatYarn } from "@/core/units/format";
import { countOf } from "@/core/words/things";
import { tellLength } from "@/core/yarn/putUp";
import { Why } from "@/ui/parts/Why";

/** Figures of one yarn as they stand in the answer's line and in all that is behind it; each can be asked why. */
interface OneProps {
  readonly yarn: SeenYarn;
  readonly weighed: boolean;
}

const KEPT_WIDTH =
  "If you add stitches where the fabric comes out narrower, and leave some out where it comes out wider, so that it is as wide as planned.";

const bare = (chance: number, weighed: boolean) => formatChance(chance, weighed).replace(" in 100", "");

const chanceAtWidth = ({ atWidth }: SeenYarn, balls: number) =>
  atWidth.around.find((one) => one.balls === balls)?.chance ?? 0;

interface ChanceProps extends OneProps {
  readonly balls: number;
}

export const ChanceAsWritten = ({ yarn: { yarn, around }, weighed, balls }: ChanceProps) => (
  <Why of={{ figure: "chance", yarnId: yarn.id, balls }}>
    {bare(around.find((one) => one.balls === balls)?.chance ?? 0, weighed)}
  </Why>
);

export const ChanceAtWidth = ({ yarn, weighed, balls }: ChanceProps) => (
  <Why of={{ figure: "chance", yarnId: yarn.yarn.id, balls, keptWidth: true }}>
    {bare(chanceAtWidth(yarn, balls), weighed)}
  </Why>
);

/** The chance of the balls that are advised. */
export const Chance = ({ yarn: { yarn, advised }, weighed }: OneProps) => (
  <Why of={{ figure: "chance", yarnId: yarn.id, balls: advised.balls }}>
    <strong>{formatChance(advised.chance, weighed)}</strong>
  </Why>
);

/** The second chance of the balls that are advised. */
export const AtKeptWidth = ({ yarn, weighed }: OneProps) => (
  <>
    <ChanceAtWidth yarn={yarn} weighed={weighed} balls={yarn.advised.balls} />{" "}
    <abbr title={KEPT_WIDTH} className="decoration-dotted">
      if you keep the width
    </abbr>
  </>
);

/** The balls that are advised. */
export const Balls = ({ yarn: { yarn, advised } }: { readonly yarn: SeenYarn }) => (
  <Why of={{ figure: "balls", yarnId: yarn.id }}>{countOf(advised.balls, "ball")}</Why>
);

/** What the rows take, and what is left of the balls. */
export const NeedAndRest = ({
  yarn: { yarn, totalMm, leftOver },
  units,
}: {
  readonly yarn: SeenYarn;
  readonly units: UnitSystem;
}) => (
  <>
    <Why of={{ figure: "need", yarnId: yarn.id }}>{tellLength(toMetres(totalMm), yarn.putUp, units)}</Why>;{" "}
    <Why of={{ figure: "leftOver", yarnId: yarn.id }}>{formatYarn(leftOver, units)}</Why> left over
  </>
);
