/** Fills that the cells of a chart share: the ground with its grid, and the bump of a purl. */

export interface Cell {
  readonly width: number;
  readonly height: number;
}

interface ChartPatternsProps {
  readonly ids: string;
  readonly cell: Cell;
  /** Where the grid begins. */
  readonly left: number;
}

export function ChartPatterns({ ids, cell, left }: ChartPatternsProps) {
  const { width, height } = cell;
  return (
    <defs>
      <pattern id={`${ids}ground`} patternUnits="userSpaceOnUse" x={left} width={width} height={height}>
        <rect width={width} height={height} fill="var(--card)" />
        <path d={`M0 0H${width}M0 0V${height}`} stroke="var(--line)" strokeWidth={1} />
      </pattern>
      <pattern id={`${ids}bump`} patternUnits="userSpaceOnUse" width={width} height={height}>
        <rect x={0.5} y={0.5} width={width - 1} height={height - 1} fill="var(--line)" opacity={0.55} />
        <rect
          x={width * 0.24}
          y={height * 0.4}
          width={width * 0.52}
          height={height * 0.24}
          rx={height * 0.12}
          fill="var(--faint)"
        />
      </pattern>
    </defs>
  );
}
