"use client";
import { useSyncExternalStore } from "react";
import { facesOf, widthOf, type Crossing } from "@/core/stitches/crossings";

const STILL = "(prefers-reduced-motion: reduce)";

function onStill(heard: () => void) {
  const asked = window.matchMedia(STILL);
  asked.addEventListener("change", heard);
  return () => asked.removeEventListener("change", heard);
}

/** Whether things should stand still. */
const useStill = () =>
  useSyncExternalStore(
    onStill,
    () => window.matchMedia(STILL).matches,
    () => true,
  );

const COLUMN = 22;
const HEIGHT = 96;
const EDGE = 6;

/** A column of yarn from where it stands below to where it stands above. */
function columnPath(from: number, to: number): string {
  const [low, high] = [(from + 0.5) * COLUMN, (to + 0.5) * COLUMN];
  return `M${low} ${HEIGHT + EDGE}V${HEIGHT - 8}C${low} ${HEIGHT * 0.55} ${high} ${HEIGHT * 0.45} ${high} 8V${-EDGE}`;
}

interface Column {
  readonly from: number;
  readonly to: number;
  readonly part: "front" | "centre" | "back";
  readonly purl: boolean;
}

/** The columns of a crossing from the left, each with its place above; what lies behind comes first. */
function columnsOf(crossing: Crossing): readonly Column[] {
  const { front, centre, back, lean } = crossing;
  const all = widthOf(crossing);
  // Leaning left, the strand in front begins at the right.
  const frontFrom = lean === "left" ? all - front : 0;
  const backFrom = lean === "left" ? 0 : all - back;
  const frontTo = lean === "left" ? 0 : all - front;
  const backTo = lean === "left" ? all - back : 0;
  const middle = lean === "left" ? back : front;
  const faces = [...facesOf(crossing)].reverse();
  const strand = (part: Column["part"], count: number, from: number, to: number): readonly Column[] =>
    Array.from({ length: count }, (_, at) => ({
      from: from + at,
      to: to + at,
      part,
      purl: faces[to + at] === "purl",
    }));
  return [
    ...strand("back", back, backFrom, backTo),
    ...strand("centre", centre, middle, lean === "left" ? front : back),
    ...strand("front", front, frontFrom, frontTo),
  ];
}

const LOOKS = { front: "stroke-madder", centre: "stroke-walnut", back: "stroke-woad" } as const;

/** The strands of a crossing trading places, over and over; they stand still where motion is not wanted. */
export function CrossingMoves({ crossing, words }: { readonly crossing: Crossing; readonly words: string }) {
  const still = useStill();
  const wide = widthOf(crossing) * COLUMN;
  return (
    <svg
      viewBox={`-4 ${-EDGE} ${wide + 8} ${HEIGHT + 2 * EDGE}`}
      className="h-28 max-w-[60%] shrink-0 rounded-lg border border-line bg-paper"
      role="img"
      aria-label={still ? words : `${words}, moving`}
    >
      {columnsOf(crossing).map(({ from, to, part, purl }) => {
        const [straight, crossed] = [columnPath(from, from), columnPath(from, to)];
        const moves = !still && (
          <animate
            attributeName="d"
            dur="5s"
            repeatCount="indefinite"
            keyTimes="0;0.15;0.5;0.85;1"
            values={[straight, straight, crossed, crossed, straight].join(";")}
          />
        );
        return (
          <g key={`${part} ${from}`} className="fill-none" strokeLinecap="butt">
            <path d={crossed} stroke="var(--paper)" strokeWidth={COLUMN - 3}>
              {moves}
            </path>
            <path
              d={crossed}
              className={LOOKS[part]}
              strokeWidth={COLUMN - 7}
              strokeDasharray={purl ? "5 3" : undefined}
            >
              {moves}
            </path>
          </g>
        );
      })}
    </svg>
  );
}
