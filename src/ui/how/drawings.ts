/** Small drawings of how things are done, each a few strokes: yarn, another yarn, needles, and what is looked at. */
import type { TechniqueId } from "@/core/words/english/techniques";

export const DRAWING = { width: 160, height: 84 };

export interface Stroke {
  readonly of: "yarn" | "other" | "needle" | "mark";
  readonly path: string;
}

type Of = Stroke["of"];

const stroke = (of: Of, path: string): Stroke => ({ of, path });

/** A loop that hangs over a needle at a height, its legs down. */
const loop = (x: number, y: number, reach = 24) =>
  `M${x - 7} ${y + reach}C${x - 1} ${y + 10} ${x - 9} ${y - 8} ${x} ${y - 8}S${x + 1} ${y + 10} ${x + 7} ${y + reach}`;

/** The same standing up, its legs up: the other side of a seam. */
const turned = (x: number, y: number, reach = 24) =>
  `M${x - 7} ${y - reach}C${x - 1} ${y - 10} ${x - 9} ${y + 8} ${x} ${y + 8}S${x + 1} ${y - 10} ${x + 7} ${y - reach}`;

const loops = (from: number, count: number, y: number, apart = 18) =>
  Array.from({ length: count }, (_, at) => loop(from + at * apart, y)).join("");

const needle = (from: number, to: number, y: number) => stroke("needle", `M${from} ${y}H${to}`);

/** A V of a knit stitch. */
const knitted = (x: number, y: number) => `M${x - 6} ${y - 9}L${x} ${y + 3}L${x + 6} ${y - 9}`;

const column = (x: number, rows: number) =>
  Array.from({ length: rows }, (_, at) => knitted(x, 16 + at * 14)).join("");

/** The bump of a purl. */
const bump = (x: number, y: number) => `M${x - 7} ${y + 4}Q${x} ${y - 7} ${x + 7} ${y + 4}`;

const bumps = (y: number, from = 16, count = 9) =>
  Array.from({ length: count }, (_, at) => bump(from + at * 16, y)).join("");

const box = "M34 18H126V68H34Z";

export const DRAWINGS: { readonly [Id in TechniqueId]: readonly Stroke[] } = {
  castOnLongTail: [
    needle(20, 150, 26),
    stroke("yarn", `${loops(40, 4, 26)}M112 50C116 34 108 18 116 18S126 40 150 36`),
    stroke("mark", "M112 50C104 66 84 60 60 76"),
  ],
  castOnTwoNeedles: [
    needle(20, 150, 24),
    needle(20, 150, 32),
    stroke("yarn", `${loops(44, 5, 26)}M130 50C150 60 146 70 156 74`),
  ],
  castOnKnitted: [
    needle(10, 110, 28),
    stroke("needle", "M150 8L86 44"),
    stroke("yarn", loops(30, 4, 28)),
    stroke("mark", "M84 52C100 60 118 40 104 26S84 20 84 20"),
  ],
  castOnCable: [
    needle(10, 110, 28),
    stroke("needle", "M150 6L74 50"),
    stroke("yarn", loops(30, 4, 28)),
    stroke("mark", "M75 56C92 66 118 46 110 28"),
  ],
  castOnTubular: [
    needle(14, 150, 24),
    stroke("yarn", loops(32, 3, 24, 40)),
    stroke("other", loops(52, 3, 30, 40)),
    stroke("mark", "M14 58H150"),
  ],
  joinRound: [
    stroke("needle", "M80 12C130 12 138 30 138 42S120 72 80 72S22 60 22 42S34 12 74 12"),
    stroke(
      "yarn",
      "M34 26L44 34M26 42H38M36 60L46 50M62 70L64 58M96 70L94 58M124 58L114 50M134 42H122M126 26L116 34",
    ),
    stroke("mark", "M77 4V20"),
  ],
  castOffPlain: [
    needle(14, 150, 26),
    stroke("yarn", loops(34, 5, 26)),
    stroke("mark", "M106 30C96 6 128 4 126 34"),
  ],
  castOffThreeNeedle: [
    needle(14, 112, 22),
    needle(22, 120, 34),
    stroke("needle", "M152 60L96 22"),
    stroke("yarn", loops(30, 4, 22)),
    stroke("other", loops(40, 4, 34)),
  ],
  castOffSewn: [
    needle(14, 130, 24),
    stroke("yarn", loops(34, 5, 24)),
    stroke("mark", "M150 66C130 36 106 30 88 40S96 60 110 50S136 20 150 24"),
  ],
  castOffGathered: [
    stroke(
      "yarn",
      "M80 20C86 20 88 28 80 34S74 20 80 20M104 32C108 36 102 44 94 42S98 28 104 32M96 62C92 66 84 60 86 52S102 58 96 62M64 62C60 58 68 50 74 52S68 66 64 62M56 32C62 28 66 40 66 42S50 36 56 32",
    ),
    stroke("mark", "M80 30C96 30 98 44 90 52S62 54 66 40S90 30 112 44S140 60 150 74"),
  ],
  graft: [
    stroke(
      "yarn",
      `${loops(34, 5, 52)}${Array.from({ length: 5 }, (_, at) => turned(34 + at * 18, 30)).join("")}`,
    ),
    stroke("mark", "M14 42C24 42 26 34 34 34S42 50 52 50S62 34 70 34S80 50 88 50S98 34 106 34S118 42 146 42"),
  ],
  increaseAboveRib: [
    needle(14, 150, 22),
    stroke("yarn", `${loops(40, 2, 22)}${loops(104, 2, 22)}M64 50H98`),
    stroke("mark", "M76 50C70 30 88 26 82 14C76 26 92 32 88 50"),
  ],
  decreaseAfterCables: [
    needle(14, 150, 22),
    stroke("yarn", `${loops(34, 2, 22)}${loops(116, 2, 22)}`),
    stroke("mark", `${loop(76, 26)}${loop(86, 26)}M70 62L81 70L92 62`),
  ],
  decreaseAtCrossing: [
    stroke("other", "M40 80C40 60 70 54 80 30V10"),
    stroke("other", "M56 80C56 62 76 56 84 32V10"),
    stroke("yarn", "M120 80C120 60 90 54 80 30V10"),
    stroke("yarn", "M104 80C104 62 84 56 76 32V10"),
    stroke("mark", "M66 24H94"),
  ],
  shapeAtEdge: [
    stroke("mark", "M40 80L52 44L66 10"),
    stroke("yarn", `${column(80, 5)}${column(98, 5)}${knitted(62, 44)}${knitted(62, 58)}${knitted(62, 72)}`),
  ],
  bobble: [
    stroke("yarn", `${column(30, 5)}${column(48, 5)}${column(112, 5)}${column(130, 5)}`),
    stroke("mark", "M62 44C62 28 98 28 98 44S62 60 62 44M72 40C76 36 84 36 88 40M70 48C76 54 84 54 90 48"),
  ],
  nupp: [
    needle(14, 150, 22),
    stroke("yarn", `${loops(30, 1, 22)}${loops(130, 1, 22)}`),
    stroke(
      "mark",
      "M80 70C50 50 52 12 58 14S74 50 80 70C66 46 68 12 74 12S78 50 80 70C82 50 84 12 88 12S94 46 80 70C86 50 98 14 104 14S110 50 80 70",
    ),
  ],
  slippedEdge: [
    stroke("yarn", `${column(80, 5)}${column(98, 5)}${column(116, 5)}`),
    stroke(
      "mark",
      "M52 10C40 16 40 32 52 36C64 32 64 16 52 10M52 36C40 42 40 58 52 62C64 58 64 42 52 36M52 62C42 68 42 78 48 82",
    ),
  ],
  pickUp: [
    stroke("yarn", `${column(40, 5)}${column(58, 5)}${column(76, 5)}`),
    stroke("needle", "M110 6V80"),
    stroke(
      "mark",
      "M84 20C100 12 116 14 118 20S100 28 84 24M84 48C100 40 116 42 118 48S100 56 84 52M84 62C100 54 116 56 118 62S100 70 84 66",
    ),
  ],
  seamStockinette: [
    stroke("yarn", `${column(22, 5)}${column(42, 5)}`),
    stroke("other", `${column(118, 5)}${column(138, 5)}`),
    stroke(
      "mark",
      "M80 80C60 76 46 70 46 66C66 62 92 64 114 56C94 48 66 50 46 42C66 34 94 36 114 28C94 20 66 20 46 12",
    ),
  ],
  seamGarter: [
    stroke("yarn", `${bumps(20, 16, 4)}${bumps(44, 16, 4)}${bumps(68, 16, 4)}`),
    stroke("other", `${bumps(20, 104, 4)}${bumps(44, 104, 4)}${bumps(68, 104, 4)}`),
    stroke(
      "mark",
      "M80 82C66 76 70 70 66 66C80 60 98 62 104 62C90 50 70 48 66 42C80 36 98 38 104 38C90 26 70 26 66 18",
    ),
  ],
  seamRowsToStitches: [
    stroke(
      "yarn",
      `${knitted(20, 70)}${knitted(44, 70)}${knitted(68, 70)}${knitted(92, 70)}${knitted(116, 70)}${knitted(140, 70)}`,
    ),
    stroke(
      "other",
      "M16 30H36M16 20H36M42 30H58M42 20H58M64 30H80M64 20H80M86 30H102M86 20H102M108 30H124M108 20H124M130 30H146M130 20H146",
    ),
    stroke(
      "mark",
      "M8 50C16 62 26 62 28 50S36 28 44 34S52 62 64 60S74 30 84 34S96 62 108 60S120 30 128 34S144 60 152 56",
    ),
  ],
  colourAtBorder: [
    stroke(
      "yarn",
      `${knitted(20, 24)}${knitted(38, 24)}${knitted(56, 24)}M62 18C76 30 96 44 92 58S66 74 40 78`,
    ),
    stroke(
      "other",
      `${knitted(104, 24)}${knitted(122, 24)}${knitted(140, 24)}M98 18C84 34 66 42 72 58S110 74 130 78`,
    ),
  ],
  tubeTwoColours: [
    stroke("yarn", "M80 14C30 14 22 30 22 42S34 70 80 70"),
    stroke("other", "M80 14C130 14 138 30 138 42S126 70 80 70"),
    stroke("mark", "M72 8L88 20M88 8L72 20M72 64L88 76M88 64L72 76"),
  ],
  joinKnot: [
    stroke("yarn", "M10 40H70C82 40 84 60 78 76"),
    stroke("other", "M150 40H92C80 40 76 60 84 76"),
    stroke("mark", "M70 34C90 30 92 50 74 48"),
  ],
  joinSplice: [
    stroke("yarn", "M10 42H60C74 42 78 34 90 38S104 44 112 42"),
    stroke("other", "M150 42H100C86 42 82 50 70 46S56 40 48 42"),
    stroke(
      "mark",
      "M56 30L60 36M72 28L74 34M88 28L88 34M104 30L100 36M56 54L60 48M72 56L74 50M88 56L88 50M104 54L100 48",
    ),
  ],
  joinOverlap: [
    stroke("yarn", "M10 38H112"),
    stroke("other", "M150 46H48"),
    stroke("mark", knitted(60, 66) + knitted(76, 66) + knitted(92, 66)),
  ],
  weaveIn: [
    stroke("yarn", `${bumps(20)}${bumps(42)}${bumps(64)}`),
    stroke(
      "mark",
      "M8 48C16 34 20 34 24 44S36 34 40 44S52 34 56 44S68 34 72 44S84 34 88 44S100 34 104 44C120 52 120 60 104 62S92 56 88 64S76 56 72 64S60 58 54 64",
    ),
  ],
  purlBesideCable: [
    stroke("yarn", `M40 80C40 50 70 40 70 10M54 80C54 54 84 44 84 10`),
    stroke("other", bump(110, 22) + bump(110, 40) + bump(110, 58) + bump(110, 76)),
    stroke("mark", "M72 36C86 32 96 30 103 24M62 54C82 52 94 48 103 42"),
  ],
  blockWater: [
    stroke("yarn", `${box}M46 18V68M60 18V68M100 18V68M114 18V68`),
    stroke(
      "mark",
      "M28 12L38 22M80 10V22M132 12L122 22M24 43H38M136 43H122M28 74L38 64M80 76V64M132 74L122 64",
    ),
  ],
  blockSteam: [
    stroke("yarn", "M24 62H136V76H24Z"),
    stroke("needle", "M52 12H104L124 34H44Z"),
    stroke(
      "mark",
      "M56 40C52 46 60 50 56 56M72 40C68 46 76 50 72 56M88 40C84 46 92 50 88 56M104 40C100 46 108 50 104 56",
    ),
  ],
};
