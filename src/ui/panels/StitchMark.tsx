import type { Mark, PlainRun } from "@/core/panels/chart";
import type { Cell } from "./ChartPatterns";

interface StitchMarkProps {
  readonly run: PlainRun;
  readonly cell: Cell;
  readonly ids: string;
}

/** Marks as small drawings in a box of one by one; each looks a little like what the stitch does. */
const DRAWINGS: Partial<Record<Mark, React.ReactNode>> = {
  hole: <ellipse cx={0.5} cy={0.5} rx={0.22} ry={0.28} fill="none" stroke="var(--ink)" strokeWidth={0.1} />,
  ball: <ellipse cx={0.5} cy={0.5} rx={0.32} ry={0.4} fill="var(--moss)" />,
  drop: <path d="M.5 .08C.75 .5 .72 .88 .5 .88S.25 .5 .5 .08Z" fill="var(--moss)" />,
  sprout: (
    <path
      d="M.5 .9V.45M.5 .5C.3 .5 .2 .3 .2 .12M.5 .5C.7 .5 .8 .3 .8 .12"
      fill="none"
      stroke="var(--moss)"
      strokeWidth={0.1}
    />
  ),
  slip: <path d="M.38 .9V.1M.62 .9V.1" stroke="var(--ink)" strokeWidth={0.09} />,
  twist: (
    <path d="M.25 .9C.8 .5 .75 .1 .5 .1S.2 .5 .75 .9" fill="none" stroke="var(--ink)" strokeWidth={0.09} />
  ),
  left: <path d="M.9 .92H.5L.1 .08Z" fill="var(--walnut)" />,
  right: <path d="M.1 .92H.5L.9 .08Z" fill="var(--walnut)" />,
  centre: <path d="M.1 .92H.9L.5 .08Z" fill="var(--walnut)" />,
  closed: <path d="M.08 .3C.2 .05 .8 .05 .92 .3V.42H.08Z" fill="var(--walnut)" />,
  resting: <path d="M.2 .5H.8" stroke="var(--edge)" strokeWidth={0.12} />,
};

/** A run of one operation: a fill for bumps, a drawing in each cell for what is rarer, nothing for plain. */
export function StitchMark({ run, cell, ids }: StitchMarkProps) {
  const { mark, width, face } = run;
  const ground = face === "purl" && (
    <rect width={width * cell.width} height={cell.height} fill={`url(#${ids}bump)`} />
  );
  if (mark === "blank" || mark === "bump")
    return ground || <rect width={width * cell.width} height={cell.height} fill="transparent" />;
  if (mark === "wrap")
    return (
      <path
        d={`M2 ${cell.height * 0.75}C${width * cell.width * 0.3} 0 ${width * cell.width * 0.7} 0 ${width * cell.width - 2} ${cell.height * 0.75}`}
        fill="none"
        stroke="var(--madder)"
        strokeWidth={3}
      />
    );
  return (
    <>
      {ground}
      {Array.from({ length: Math.max(1, width) }, (_, index) => (
        <g key={index} transform={`translate(${index * cell.width} 0) scale(${cell.width} ${cell.height})`}>
          {DRAWINGS[mark]}
        </g>
      ))}
    </>
  );
}
