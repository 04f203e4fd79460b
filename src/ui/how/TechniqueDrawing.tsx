import type { TechniqueId } from "@/core/words/english/techniques";
import { DRAWING, DRAWINGS, type Stroke } from "./drawings";

const LOOKS: { readonly [Of in Stroke["of"]]: string } = {
  yarn: "stroke-woad",
  other: "stroke-weld",
  needle: "stroke-walnut opacity-60",
  mark: "stroke-madder",
};
const WIDTHS = { yarn: 3.4, other: 3.4, needle: 5, mark: 2.6 } as const;

/** A technique in a few strokes: what is being done is red. */
export const TechniqueDrawing = ({ of, name }: { readonly of: TechniqueId; readonly name: string }) => (
  <svg
    viewBox={`0 0 ${DRAWING.width} ${DRAWING.height}`}
    role="img"
    aria-label={`Drawing: ${name}`}
    className="h-36 w-full max-w-72 rounded-lg border border-line bg-paper"
  >
    {DRAWINGS[of].map(({ of: kind, path }, index) => (
      <path
        key={index}
        d={path}
        className={`fill-none ${LOOKS[kind]}`}
        strokeWidth={WIDTHS[kind]}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    ))}
  </svg>
);
