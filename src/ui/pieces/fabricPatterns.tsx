/** The fills of the drawn piece: plain fabric, purl ground, and a rope whose strands pass over and under. */
import type { CabledPanelPlan } from "@/core/panels/cabledPanel";

interface FabricProps {
  readonly id: string;
  /** Size of a stitch on the drawing. */
  readonly stitch: number;
  readonly row: number;
  readonly bottom: number;
  readonly colour: string;
}

const mix = (colour: string, share: number, other: "black" | "white") =>
  `color-mix(in oklab, ${colour} ${share}%, ${other})`;

/** Plain stitches, each the small V that it shows on the right side. */
export function KnitPattern({
  id,
  stitch,
  row,
  left,
  bottom,
  colour,
}: FabricProps & { readonly left: number }) {
  const [middle, low] = [stitch / 2, row * 0.95];
  return (
    <pattern id={id} patternUnits="userSpaceOnUse" x={left} y={bottom} width={stitch} height={row}>
      <rect width={stitch} height={row} fill={mix(colour, 82, "white")} />
      <path
        d={`M0 ${row * 0.1} L${middle} ${low} L${stitch} ${row * 0.1}`}
        fill="none"
        stroke={mix(colour, 78, "black")}
        strokeWidth={Math.max(0.35, stitch * 0.13)}
      />
    </pattern>
  );
}

/** Purl ground: it lies back, so it is darker, with a bump across each stitch. */
export function PurlPattern({
  id,
  stitch,
  row,
  left,
  bottom,
  colour,
}: FabricProps & { readonly left: number }) {
  return (
    <pattern id={id} patternUnits="userSpaceOnUse" x={left} y={bottom} width={stitch} height={row}>
      <rect width={stitch} height={row} fill={mix(colour, 62, "black")} />
      <path
        d={`M${stitch * 0.15} ${row / 2} H${stitch * 0.85}`}
        stroke={mix(colour, 88, "black")}
        strokeWidth={row * 0.38}
        strokeLinecap="round"
      />
    </pattern>
  );
}

/** One repeat of a rope, crossing in its first row; the strand in front leans as the plan says. */
export function RopePattern({
  id,
  plan,
  stitch,
  row,
  bottom,
  colour,
}: FabricProps & { readonly plan: CabledPanelPlan }) {
  const width = 2 * plan.rope.half * stitch;
  const height = plan.rope.everyRows * row;
  const strand = plan.rope.half * stitch;
  const [near, far] = [strand / 2, width - strand / 2];
  const [from, to] = plan.lean === "left" ? [far, near] : [near, far];
  // The crossing lies half a row above the bottom of the repeat; each strand is drawn from the middle
  // of the repeat below it to the middle of its own.
  const centre = height - row / 2;
  const sweep = (start: number, end: number) => {
    const [low, high] = [height / 2, -height / 2];
    return `M${start} ${low} C${start} ${low * 0.25} ${end} ${high * 0.25} ${end} ${high}`;
  };
  const ribbon = (path: string, key: string, light: number) => (
    <g key={key} fill="none" strokeLinecap="butt">
      <path d={path} stroke={mix(colour, 45, "black")} strokeWidth={strand * 1.02} />
      <path d={path} stroke={mix(colour, light, "white")} strokeWidth={strand * 0.86} />
      <path
        d={path}
        stroke={mix(colour, 70, "black")}
        strokeWidth={strand * 0.06}
        strokeDasharray={`${row * 0.5} ${row * 0.35}`}
      />
    </g>
  );
  return (
    <pattern id={id} patternUnits="userSpaceOnUse" x={0} y={bottom} width={width} height={height}>
      <rect width={width} height={height} fill={mix(colour, 62, "black")} />
      {[centre - height, centre].map((at) => (
        <g key={at} transform={`translate(0 ${at})`}>
          {ribbon(sweep(to, from), "behind", 82)}
          {ribbon(sweep(from, to), "front", 72)}
        </g>
      ))}
    </pattern>
  );
}
