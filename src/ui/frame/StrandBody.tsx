import type { SeenYarn } from "@/core/engine/seen";
import type { Strand, StrandPart } from "@/core/estimate/strand";

const COLOURS: { readonly [Part in StrandPart]: string } = {
  swatch: "var(--moss)",
  castOn: "var(--walnut)",
  rows: "var(--woad)",
  castOff: "var(--walnut)",
  ends: "var(--weld)",
};

/** More ticks than this would run into one another. */
const MOST_TICKS = 120;

interface StrandBodyProps {
  readonly forecast: SeenYarn;
  readonly strand: Strand;
  readonly share: (mm: number) => string;
}

/**
 * The strand itself: parts in their colours, crossings as ticks, the end fading out between the tenth
 * and the ninety-fifth percentile of the need, and behind it the bare outline of what the balls hold.
 */
export function StrandBody({ forecast, strand, share }: StrandBodyProps) {
  const { quantilesMm } = forecast;
  const ticks = Array.from(strand.crosses.keys()).filter((row) => strand.crosses[row] === 1);
  const fade = `linear-gradient(90deg, #000 ${share(quantilesMm.p10)}, transparent ${share(quantilesMm.p95)})`;
  return (
    <>
      <div className="absolute inset-0 rounded-full border border-dashed border-edge" />
      <div className="coloured absolute inset-0 overflow-hidden rounded-full" style={{ maskImage: fade }}>
        {strand.stretches.map(({ part, fromMm, toMm }, index) => (
          <div
            key={fromMm}
            className="plied absolute inset-y-0"
            style={{
              left: share(fromMm),
              right: index === strand.stretches.length - 1 ? 0 : undefined,
              width: index === strand.stretches.length - 1 ? undefined : share(toMm - fromMm),
              backgroundColor: COLOURS[part],
            }}
          />
        ))}
        {ticks.length <= MOST_TICKS &&
          ticks.map((row) => (
            <span
              key={row}
              className="absolute inset-y-0 w-0.5 bg-madder sm:w-1"
              style={{ left: share(strand.rowEndsMm[row] ?? 0) }}
            />
          ))}
      </div>
    </>
  );
}
