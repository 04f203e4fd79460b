import { mixed } from "@/core/yarn/colour";
import { dyeBy } from "@/drawing/dye";

interface YarnLegendProps {
  readonly least: number;
  readonly most: number;
}

/** What the colours of the yarn scale mean, in plain loops. */
export function YarnLegend({ least, most }: YarnLegendProps) {
  const colourOf = dyeBy({ least, most });
  const [low, high] = [Math.min(1, least), Math.max(1, most)];
  const marks = [...new Set([low, 1, high])];
  const stops = Array.from({ length: 9 }, (_, step) => colourOf(low + ((high - low) * step) / 8));
  const flat = high - low < 0.001;
  return (
    <div className="text-sm">
      <p className="text-faint">
        {flat
          ? "Every stitch uses as much yarn as a plain one."
          : "Yarn in each stitch, against a plain one (1):"}
      </p>
      {!flat && (
        <>
          <div
            aria-hidden
            className="coloured mt-1 h-3 rounded-full"
            style={{
              background: `linear-gradient(to right, ${stops.join()})`,
              outline: `1px solid ${mixed("#000000", "#ffffff", 0.6)}`,
            }}
          />
          <div className="flex justify-between">
            {marks.map((mark) => (
              <span key={mark}>{mark === 1 ? "1" : mark.toFixed(2)}</span>
            ))}
          </div>
        </>
      )}
    </div>
  );
}
