import type { FabricFigures as Figures } from "@/core/fabric/drawnFabric";
import { DRAW_IN_SD } from "@/core/fabric/drawIn";
import { millimetres } from "@/core/units/brands";
import { formatPercent, tellSize } from "@/core/units/format";
import { useUnits } from "@/state/keeping/settings";
import { SourceMark } from "@/ui/parts/SourceMark";

interface FabricFiguresProps {
  readonly figures: Figures;
  readonly stitchMm: number;
}

const percent = (share: number) => formatPercent(share, 1);
/** A band told from its lower end to its upper end, whichever way the factor lies. */
const band = (factor: number) => {
  const ends = [factor ** Math.exp(DRAW_IN_SD), factor ** Math.exp(-DRAW_IN_SD)].sort((a, b) => a - b);
  return ends.map((end) => Math.round(100 * end)).join(" to ");
};

/** What the mesh says of a panel, in words and figures; the same figures as the interface for programs gives. */
export function FabricFigures({ figures, stitchMm }: FabricFiguresProps) {
  const units = useUnits();
  const { widthFactor, heightFactor, crossingExtra, stitches } = figures;
  const { narrowest, widest, widthOfNarrowest, widthOfWidest } = figures;
  const size = (inStitches: number) => tellSize(millimetres(inStitches * stitchMm), units);
  return (
    <dl className="mt-3 grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1 text-sm">
      <dt>Keeps of its plain width</dt>
      <dd>
        <strong className="text-woad">{percent(widthFactor)}</strong>, {size(stitches * widthFactor)} instead
        of {size(stitches)}{" "}
        <span className="text-faint">
          <SourceMark source="computed" /> likely {band(widthFactor)} %
        </span>
      </dd>
      <dt>and of its height</dt>
      <dd>
        <strong>{percent(heightFactor)}</strong>
      </dd>
      <dt>Extra yarn for crossings, per repeat</dt>
      <dd>
        <strong className="text-madder">{crossingExtra.toFixed(2)}</strong> stitch widths of yarn,{" "}
        {size(crossingExtra)}
      </dd>
      {widthOfWidest - widthOfNarrowest > 0.0005 && (
        <>
          <dt>Narrowest and widest row</dt>
          <dd>
            row {narrowest} {percent(widthOfNarrowest)}, row {widest} {percent(widthOfWidest)}
          </dd>
        </>
      )}
    </dl>
  );
}
