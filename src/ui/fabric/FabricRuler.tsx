/** A ruler along a drawn fabric, at the knitter's gauge. */

const UNITS = {
  cm: { mm: 10, parts: 2 },
  in: { mm: 25.4, parts: 4 },
} as const;

interface FabricRulerProps {
  readonly unit: keyof typeof UNITS;
  /** Length on the page, in pixels, and how many of them are a millimetre. */
  readonly lengthPx: number;
  readonly pxPerMm: number;
  /** The fabric lies above or below it. */
  readonly side: "above" | "below";
}

const HEIGHT = 26;
/** Numbers closer than this, in pixels, run into one another. */
const LEAST_APART = 26;
/** What stands at 0 tells the unit too, and takes so much room. */
const FIRST = 36;

export function FabricRuler({ unit, lengthPx, pxPerMm, side }: FabricRulerProps) {
  const { mm, parts } = UNITS[unit];
  const step = (mm * pxPerMm) / parts;
  const marks = Array.from({ length: Math.floor(lengthPx / step) + 1 }, (_, index) => index);
  const every = [1, 2, 5, 10, 20, 50].find((count) => count * step * parts >= LEAST_APART) ?? 100;
  const [edge, into] = side === "above" ? [0, 1] : [HEIGHT, -1];
  return (
    <svg width={lengthPx + 24} height={HEIGHT} className="block" role="img" aria-label={`Ruler in ${unit}`}>
      <line x1={0} x2={lengthPx} y1={edge} y2={edge} stroke="var(--faint)" strokeWidth={1.5} />
      {marks.map((mark) => {
        const whole = mark % parts === 0;
        const told = whole && (mark / parts) % every === 0 && (mark === 0 || mark * step >= FIRST);
        if (every > 1 && !whole) return null;
        return (
          <g key={mark}>
            <line
              x1={mark * step}
              x2={mark * step}
              y1={edge}
              y2={edge + into * (whole ? 9 : 5)}
              stroke="var(--faint)"
            />
            {told && (
              <text x={mark * step + 3} y={side === "above" ? 20 : 14} fontSize={12} fill="var(--faint)">
                {mark === 0 ? `0 ${unit}` : mark / parts}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
