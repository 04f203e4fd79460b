import { say } from "@/core/words/message";
import { Said } from "@/ui/parts/Said";
import { Fragment, type ReactNode } from "react";
import { boughtOf, leastChance, spreadShare } from "@/core/swap/bought";
import type { Outcome } from "@/core/swap/outcome";
import type { StrandNeed } from "@/core/swap/strandNeeds";
import { grams, metres, millimetres, type UnitSystem } from "@/core/units/brands";
import {
  formatChance,
  formatFine,
  formatMass,
  formatOff,
  formatSize,
  formatYarn,
  plain,
} from "@/core/units/format";
import { BARE_SPAN_MM } from "@/core/units/brands";
import { formatMoney } from "@/core/units/money";
import { SourceMark } from "@/ui/parts/SourceMark";
import { Why } from "@/ui/parts/Why";

/** A line of the comparison: what it is called, and what it says of a yarn. */
interface SwapRow {
  readonly name: string;
  /** Told where this is so of any side; always where it is not said. */
  readonly when?: (outcome: Outcome) => boolean;
  readonly show: (outcome: Outcome, units: UnitSystem, own: boolean) => ReactNode;
}

const off = (mm: number, units: UnitSystem) => formatOff(millimetres(mm), units);

function Size({ outcome, units, own }: { outcome: Outcome; units: UnitSystem; own: boolean }) {
  const { acrossMm, alongMm, offAcrossMm, offAlongMm } = outcome;
  const size = (mm: number) => formatSize(millimetres(mm), units);
  return (
    <>
      {size(acrossMm)} × {size(alongMm)}
      {!own && (
        <span className="block text-faint">
          {off(offAcrossMm, units)} wide, {off(offAlongMm, units)} long
        </span>
      )}
    </>
  );
}

function GaugeOf({
  outcome: { id, gauge, sources, swatched },
  units,
}: {
  outcome: Outcome;
  units: UnitSystem;
}) {
  const per = (count: number) => plain((count * BARE_SPAN_MM[units]) / 100, 1);
  return (
    <>
      <Why of={{ figure: "stitchWidth", candidateId: id }}>{per(gauge.stitchesPer10Cm)}</Why> ×{" "}
      <Why of={{ figure: "rowHeight", candidateId: id }}>{per(gauge.rowsPer10Cm)}</Why>{" "}
      <SourceMark source={sources.width} />
      {swatched && <span className="block text-faint">by its own swatch</span>}
    </>
  );
}

const strandWords = ({ metres: length, grams: mass }: StrandNeed, units: UnitSystem) =>
  `${formatYarn(metres(length), units)}, ${formatMass(grams(mass), units)}`;

const needOf = ({ id, project }: Outcome) =>
  ({ figure: "need", yarnId: project.yarns[0]?.id ?? "", candidateId: id }) as const;

function Yarn({ outcome, units }: { readonly outcome: Outcome; readonly units: UnitSystem }) {
  const { strands, needM } = outcome;
  const [only, second] = strands;
  return (
    <>
      {strands.map((strand) => (
        <span key={strand.name} className="block">
          {second && `${strand.name}: `}
          {second ? strandWords(strand, units) : <Why of={needOf(outcome)}>{strandWords(strand, units)}</Why>}
        </span>
      ))}
      <span className="block text-faint">
        {only && Math.abs(only.metres / needM - 1) > 0.01 && (
          <>
            <Why of={needOf(outcome)}>{formatYarn(needM, units)}</Why> of all strands;{" "}
          </>
        )}
        {Math.round(100 * spreadShare(outcome))} % up or down
      </span>
    </>
  );
}

function costWords(outcome: Outcome): ReactNode {
  const { cost } = outcome;
  const { fromShelf: shelved, balls: all } = boughtOf(outcome);
  if (cost === null) return <span className="text-faint">not enough of it on sale, or no price known</span>;
  if (shelved === all) return "nothing: all of it is on the shelf";
  return (
    <>
      {formatMoney(cost)}
      <span className="block text-faint">
        {all - shelved} to buy{shelved > 0 && `, ${shelved} from the shelf`}
      </span>
    </>
  );
}

function firmnessWords(ratio: number): string {
  const percent = Math.round(100 * Math.abs(ratio - 1));
  if (percent < 5) return "like the pattern’s";
  const much = percent > 15 ? "much " : "a little ";
  return `${much}${ratio > 1 ? "firmer" : "drapier"}, ${percent} %`;
}

/** In the order in which they decide. Balls and the verdict stand above them. */
export const SWAP_ROWS: readonly SwapRow[] = [
  {
    name: "Finished size",
    when: ({ acrossMm }) => acrossMm > 0,
    show: (outcome, units, own) => <Size {...{ outcome, units, own }} />,
  },
  { name: "Cost with postage", show: costWords },
  { name: "Yarn", show: (outcome, units) => <Yarn {...{ outcome, units }} /> },
  { name: "Gauge", show: (outcome, units) => <GaugeOf {...{ outcome, units }} /> },
  {
    name: "Needle",
    show: ({ needleMm, sources }) => (
      <>
        {formatFine(needleMm)} {sources.needle === "assumed" && <SourceMark source="assumed" />}
      </>
    ),
  },
  {
    name: "Cast on, across, rows",
    when: ({ castOn }) => castOn !== null,
    show: ({ castOn, across, rows }) =>
      `${castOn} st${across ? `, ${across.count} ${across.things}` : ""}, ${rows} rows`,
  },
  {
    name: "Cables show",
    when: ({ across }) => across !== null,
    show: ({ id, clarity: { score, level, reasons } }) => (
      <>
        <strong>{level}</strong>, <Why of={{ figure: "clarity", candidateId: id }}>{score}</Why> of 100
        <span className="block text-faint">
          {reasons.slice(0, 3).map(({ says }, index) => (
            <Fragment key={says.code}>
              {index > 0 && "; "}
              <Said>{says}</Said>
            </Fragment>
          ))}
        </span>
      </>
    ),
  },
  {
    name: "Fabric",
    show: ({ id, firmnessRatio, plainG }, _, own) => (
      <>
        <Why of={{ figure: "firmness", candidateId: id }}>
          {own ? "the pattern’s own" : firmnessWords(firmnessRatio)}
        </Why>
        <span className="mt-1 block text-faint">
          <Why of={{ figure: "clothWeight", candidateId: id }}>
            <Said>{say("plainWeighs", { massG: plainG })}</Said>
          </Why>
        </span>
      </>
    ),
  },
  {
    name: "Knitting",
    show: ({ id, hours, pace }) => (
      <>
        about <Why of={{ figure: "hours", pace, candidateId: id }}>{Math.max(1, Math.round(hours))} h</Why>
      </>
    ),
  },
  {
    name: "To be surer",
    show: ({ next }) =>
      next && next.left < 0.97 ? (
        <span>
          <Said>{next.says}</Said>
          <span className="block text-faint">leaves {Math.round(100 * next.left)} % of the doubt</span>
        </span>
      ) : (
        <span className="text-faint">nothing would help much</span>
      ),
  },
];

/** How many balls, of what, and how sure. */
export function BallsCell({
  outcome,
  units,
  whole,
}: {
  readonly outcome: Outcome;
  readonly units: UnitSystem;
  /** Whether the project leaves nothing out. */
  readonly whole: boolean;
}) {
  const { strands, weighed, leftOut } = outcome;
  const least = leastChance(outcome);
  return (
    <>
      {strands.map(({ name, balls, ballG }) => (
        <span
          key={name}
          className="block font-display text-2xl leading-tight font-semibold whitespace-nowrap"
        >
          {balls} <span className="font-text text-base font-normal">× {formatMass(grams(ballG), units)}</span>
          {strands.length > 1 && <span className="block font-text text-xs font-normal">{name}</span>}
        </span>
      ))}
      {leftOut !== null ? (
        <span className="text-sm text-madder">
          Not all of it: <Said>{leftOut}</Said>
        </span>
      ) : (
        <span className="text-sm text-faint">
          {whole ? `${formatChance(least, weighed)} that it is enough` : "so far; no chance is given"}
        </span>
      )}
    </>
  );
}
