import type { CrossingRun } from "@/core/panels/chart";
import type { Cell } from "./ChartPatterns";

/** A crossing as two ribbons: the one behind goes under, the one in front over it, each to its side. */
export function CrossingRibbons({ run, cell }: { readonly run: CrossingRun; readonly cell: Cell }) {
  const { front, centre, back, lean, width, faces } = run;
  const { height } = cell;
  const all = width * cell.width;
  const [frontWide, backWide] = [front * cell.width, back * cell.width];
  // Leaning left, the strand in front starts at the right below and ends at the left above.
  const [frontFrom, frontTo] = lean === "left" ? [all - frontWide, 0] : [0, all - frontWide];
  const [backFrom, backTo] = lean === "left" ? [0, all - backWide] : [all - backWide, 0];
  const [first, last] = [faces[0], faces.at(-1)];
  const [frontFace, backFace] = lean === "left" ? [last, first] : [first, last];
  return (
    <>
      <rect width={all} height={height} fill="var(--card)" />
      <path
        d={ribbon(backFrom, backTo, backWide, height)}
        fill={backFace === "purl" ? "var(--faint)" : "var(--woad)"}
        opacity={backFace === "purl" ? 0.45 : 0.6}
      />
      {centre > 0 && (
        <rect
          x={lean === "left" ? backWide : frontWide}
          y={height * 0.2}
          width={centre * cell.width}
          height={height * 0.6}
          rx={3}
          fill="var(--walnut)"
          opacity={0.6}
        />
      )}
      <path
        d={ribbon(frontFrom, frontTo, frontWide, height)}
        fill={frontFace === "purl" ? "var(--walnut)" : "var(--madder)"}
        stroke="var(--card)"
        strokeWidth={1.6}
      />
    </>
  );
}

/** A band from one place at the foot of the row to another at its head; it stays in the row that it belongs to. */
function ribbon(from: number, to: number, wide: number, height: number): string {
  const [low, high, inset] = [height - 0.5, 0.5, 1.5];
  const [steepLow, steepHigh] = [height * 0.66, height * 0.34];
  const [left, right] = [from + inset, from + wide - inset];
  const [leftEnd, rightEnd] = [to + inset, to + wide - inset];
  return `M${left} ${low}C${left} ${steepLow} ${leftEnd} ${steepHigh} ${leftEnd} ${high}H${rightEnd}C${rightEnd} ${steepHigh} ${right} ${steepLow} ${right} ${low}Z`;
}
