import { useId } from "react";
import type { SeenPart } from "@/core/engine/seen";
import { GROUNDS } from "@/core/panels/grounds";
import type { ProjectSection, SectionKind } from "@/core/project/sections";

const BOX = { width: 34, height: 20 };
/** A section of a few rows is not lost beside one of a hundred. */
const LEAST_HIGH = 5;
/** Side of a stitch that is drawn, of a ground and of a cable. */
const CELL = 2.5;
const ROPE = 6;

interface SectionSketchProps {
  readonly section: ProjectSection;
  /** Where it lies in the piece: once, twice where it is worked on both sides, not at all for an edge. */
  readonly parts: readonly SeenPart[];
  /** The section whose fabric it is worked in. */
  readonly fabric: ProjectSection | undefined;
  /** Half of the widest and all of the highest section of the piece, in mm. */
  readonly most: { readonly halfMm: number; readonly highMm: number };
}

/** A section as a small drawing: its outline, the wider and higher the more of the piece it is, and what it is worked in. */
export function SectionSketch({ section, parts, fabric, most }: SectionSketchProps) {
  const clip = useId().replaceAll(":", "");
  const edge = EDGES[section.kind];
  const drawn = parts.filter(({ fromMm, toMm }) => toMm > fromMm);
  return (
    <svg
      viewBox={`0 0 ${BOX.width} ${BOX.height}`}
      width={BOX.width}
      height={BOX.height}
      aria-hidden
      className="shrink-0"
      fill="none"
      stroke="currentColor"
      strokeLinecap="round"
    >
      {edge === undefined && drawn.length > 0 ? (
        <>
          <clipPath id={clip}>
            <path d={outline(drawn, most)} />
          </clipPath>
          <g clipPath={`url(#${clip})`} strokeWidth={1} opacity={0.75}>
            <Texture of={fabric ?? section} />
          </g>
          <path d={outline(drawn, most)} strokeWidth={1} strokeLinejoin="round" />
        </>
      ) : (
        <path d={edge ?? WORDS} strokeWidth={1.2} />
      )}
    </svg>
  );
}

/** Outlines of the parts on the box's floor, as wide as they are against the widest. */
function outline(parts: readonly SeenPart[], { halfMm, highMm }: SectionSketchProps["most"]): string {
  const wide = (BOX.width - 2) / (2 * halfMm);
  const [from, to] = [Math.min(...parts.map((one) => one.fromMm)), Math.max(...parts.map((one) => one.toMm))];
  const high = Math.max(LEAST_HIGH, ((BOX.height - 2) * (to - from)) / highMm);
  const y = (mm: number) => (BOX.height + high) / 2 - (high * (mm - from)) / (to - from);
  return parts
    .map(({ points }) => {
      const corners = points.map(
        ([px, py]) => `${(BOX.width / 2 - px * wide).toFixed(1)} ${y(py).toFixed(1)}`,
      );
      return `M${corners.join("L")}Z`;
    })
    .join("");
}

/** Purls of a ground lie back and are dark; ropes wind; rows as written are a text. */
function Texture({ of }: { readonly of: ProjectSection }) {
  if (of.kind === "written") return <path d={lines(4)} />;
  if (of.kind === "fabric" && of.content !== "ground") return <path d={ropes()} />;
  const ground = of.kind === "fabric" || of.kind === "hem" ? of.ground : "stockinette";
  const { rows } = GROUNDS[ground];
  const cells: string[] = [];
  for (let row = 0; row * CELL < BOX.height; row += 1)
    for (let stitch = 0; stitch * CELL < BOX.width; stitch += 1) {
      const letters: string = rows[row % rows.length] ?? "k";
      if (letters[stitch % letters.length] === "p")
        cells.push(`M${stitch * CELL} ${BOX.height - (row + 1) * CELL}h${CELL}v${CELL}h${-CELL}Z`);
    }
  return <path d={cells.join("")} fill="currentColor" stroke="none" opacity={0.6} />;
}

/** Pairs of strands that wind about each other, side by side. */
function ropes(): string {
  const paths: string[] = [];
  for (let x = 2; x < BOX.width; x += ROPE + 2)
    for (const side of [1, -1]) {
      const bends = Array.from(
        { length: Math.ceil(BOX.height / ROPE) + 1 },
        (_, bend) => `q${side * (bend % 2 ? -1 : 1) * ROPE} ${-ROPE / 2} 0 ${-ROPE}`,
      );
      paths.push(`M${x + ROPE / 2} ${BOX.height}${bends.join("")}`);
    }
  return paths.join("");
}

/** Lines, as of a text. */
const lines = (apart: number) =>
  Array.from({ length: Math.floor(BOX.height / apart) }, (_, at) => `M3 ${apart * (at + 0.5)}h28`).join("");

/** What is worked in hardly a row: what is done there says more than how it lies. */
const EDGES: { readonly [Kind in SectionKind]?: string } = {
  castOn: "M2 15h30M4 15q2-8 4 0M10 15q2-8 4 0M16 15q2-8 4 0M22 15q2-8 4 0M28 15q2-8 3 0",
  castOff: "M2 10l3 3 3-3 3 3 3-3 3 3 3-3 3 3 3-3 3 3 3-3",
  castOffAt: "M2 14h6v-5h18v5h6",
  change: "M11 16L3 4M15 16L12 4M19 16L22 4M23 16L31 4",
  divide: "M4 16h26M4 16V6h9v10M21 16V6h9v10",
  join: "M4 5h26M4 5v10h9V5M21 15V5M21 15h9V5",
  hold: "M2 12h30M6 12v-4M12 12v-4M18 12v-4M24 12v-4M30 12v-4",
  pickUp: "M2 15h30M6 15l3-9M14 15l3-9M22 15l3-9M29 15l2-9",
};

/** Not worked yet. */
const WORDS = "M4 6h26M4 10h26M4 14h16";
