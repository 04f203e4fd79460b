import type { CardPicture as Picture } from "@/state/keeping/cards";

/** The pieces of a project side by side in its yarns; a ball of its yarn where there is no answer yet. */
export function CardPicture({
  picture,
  colour,
}: {
  readonly picture: Picture | null;
  readonly colour: string;
}) {
  if (!picture)
    return (
      <svg viewBox="-40 -40 80 80" className="h-24 w-full" aria-hidden>
        <circle r="24" fill={colour} className="stroke-edge" strokeWidth="1" strokeDasharray="4 4" />
      </svg>
    );
  const { widthMm, heightMm, parts } = picture;
  const edge = Math.max(widthMm, heightMm) * 0.02;
  return (
    <svg
      viewBox={`${-edge} ${-edge} ${widthMm + 2 * edge} ${heightMm + 2 * edge}`}
      className="h-24 w-full"
      aria-hidden
    >
      {parts.map(({ colour: of, points }, at) => (
        <polygon
          key={at}
          points={points.map(([x, y]) => `${x},${y}`).join(" ")}
          fill={of}
          className="stroke-ink"
          strokeWidth={1}
          strokeLinejoin="round"
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </svg>
  );
}
