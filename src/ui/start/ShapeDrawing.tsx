import type { StartId } from "@/core/templates/startList";

/** Outlines on a board of 60 by 44, and the lines of cables in them. */
const SHAPES: { readonly [Id in StartId]: { readonly outline: string; readonly cables: string } } = {
  slipover: {
    outline: "M17 41V19q3-4 2-10 0-3 2-5h4l5 9 5-9h4q2 2 2 5-1 6 2 10v22Z",
    cables: "M25 41V17M30 41V19M35 41V17M17 38h26",
  },
  jumper: {
    outline: "M20 41V23l-6 16-7-3L16 8l8-4q6 5 12 0l8 4 9 28-7 3-6-16v18Z",
    cables: "M26 41V9M30 41V10M34 41V9M20 38h20",
  },
  jumperDrop: {
    outline: "M18 41V21l-6 17-8-3L12 7l11-3q7 5 14 0l11 3 8 28-8 3-6-17v20Z",
    cables: "M25 41V9M30 41V10M35 41V9M18 38h24",
  },
  vest: {
    outline: "M17 41V19q3-4 2-10 0-3 2-5h4l5 15 5-15h4q2 2 2 5-1 6 2 10v22ZM30 19v22",
    cables: "M24 41V16M36 41V16M27.5 41V15M32.5 41V15",
  },
  cardigan: {
    outline: "M17 41V18q3-4 2-9 0-3 2-5h4l5 8 5-8h4q2 2 2 5-1 5 2 9v23ZM30 12v29",
    cables: "M24 41V12M36 41V12M28 41V13M32 41V13",
  },
  cardiganSleeves: {
    outline: "M20 41V23l-6 16-7-3L16 8l8-4 6 9 6-9 8 4 9 28-7 3-6-16v18ZM30 13v28",
    cables: "M25 41V11M35 41V11M28 41V14M32 41V14",
  },
  cardiganDrop: {
    outline: "M18 41V21l-6 17-8-3L12 7l11-3 7 10 7-10 11 3 8 28-8 3-6-17v20ZM30 14v27",
    cables: "M24 41V10M36 41V10M28 41V15M32 41V15",
  },
  sleeve: {
    outline: "M15 41h9l3-26q-2-9-7.500-11-5.500 2-7.500 11ZM36 41h9l3-26q-2-9-7.500-11-5.500 2-7.500 11Z",
    cables: "M19.500 41V6M40.500 41V6M15 38h9M36 38h9",
  },
  hat: {
    outline: "M13 40V25Q13 8 30 7q17 1 17 18v15ZM30 7a3 3 0 1 0-.1 0Z",
    cables: "M13 34h34M22 34q-1-17 6-26M30 34V8M38 34q1-17-6-26",
  },
  cowl: {
    outline: "M12 14q0-7 18-7t18 7v18q0 7-18 7t-18-7ZM12 14q0 7 18 7t18-7",
    cables: "M20 37V20M30 39V21M40 37V20",
  },
  scarf: {
    outline: "M20 4h9v30h-9ZM31 10h9v31h-9ZM20 4q10-3 20 6M29 9q1-3 6-2",
    cables: "M24.500 34V5M35.500 41V11",
  },
  mat: { outline: "M12 8h36v28H12Z", cables: "M20 36V8M30 36V8M40 36V8" },
  shawl: { outline: "M4 8h52L30 41Z", cables: "M16 23V8M23 32V8M30 41V8M37 32V8M44 23V8" },
  blanket: {
    outline: "M8 5h44v34H8ZM22.700 5v34M37.300 5v34M8 16.300h44M8 27.700h44",
    cables: "M15 16V5M45 16V5M30 27V17M15 39V28M45 39V28",
  },
  mitts: {
    outline:
      "M11 41V15q0-10 6-10t6 10v5l3-3q3 0 2 4l-4 10v10ZM49 41V15q0-10-6-10t-6 10v5l-3-3q-3 0-2 4l4 10v10Z",
    cables: "M17 36V6M43 36V6M11 36h13M36 36h13",
  },
  socks: {
    outline: "M16 4h10v27q0 4 4 4v5h-8q-6 0-6-6ZM36 4h10v27q0 4 4 4v5h-8q-6 0-6-6Z",
    cables: "M21 34V9M41 34V9M16 9h10M36 9h10",
  },
  cushion: {
    outline: "M13 6q17 4 34 0-3 16 0 32-17-4-34 0 3-16 0-32Z",
    cables: "M22 37V7M30 36V8M38 37V7",
  },
  empty: { outline: "M15 5h30v34H15Z", cables: "" },
};

/** A thing to be knitted, as a small schematic. */
export function ShapeDrawing({ of }: { readonly of: StartId }) {
  const { outline, cables } = SHAPES[of];
  return (
    <svg viewBox="0 0 60 44" aria-hidden className="h-11 w-15" fill="none" stroke="currentColor">
      <path d={cables} strokeWidth={1.6} strokeDasharray="2.500 2" className="stroke-madder" />
      <path d={outline} strokeWidth={1.7} strokeLinejoin="round" />
    </svg>
  );
}
