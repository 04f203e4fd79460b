import type { Chart } from "@/core/panels/chart";

const SIZE = { width: 56, height: 44 };

/** A panel small: purls dark, crossings as leaning strokes; enough to know it by. */
export function ChartThumb({ chart }: { readonly chart: Chart }) {
  const { columns, rows } = chart;
  const [x, y] = [1, 0.8];
  return (
    <svg
      aria-hidden
      width={SIZE.width}
      height={SIZE.height}
      viewBox={`0 0 ${columns * x} ${rows.length * y}`}
      preserveAspectRatio="none"
      className="shrink-0 rounded border border-line bg-paper"
    >
      {rows.map((row) => {
        const top = (rows.length - row.place) * y;
        return row.runs.map((run) => {
          const left = (columns - run.column - run.width) * x;
          if (run.type === "run")
            return (
              run.face === "purl" && (
                <rect
                  key={run.column}
                  x={left}
                  y={top}
                  width={run.width}
                  height={y}
                  fill="var(--edge)"
                  opacity={0.5}
                />
              )
            );
          const [from, to] = run.lean === "left" ? [left + run.width, left] : [left, left + run.width];
          return (
            <line
              key={run.column}
              x1={from}
              x2={to}
              y1={top + y}
              y2={top}
              stroke="var(--madder)"
              strokeWidth={3}
              vectorEffect="non-scaling-stroke"
            />
          );
        });
      })}
    </svg>
  );
}
