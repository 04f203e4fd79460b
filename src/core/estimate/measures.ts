/** What yarn is counted in, and how long each of it is: all that hangs on the unknowns, in one place. */
import { plainStitch, type Gauge, type PlainStitch } from "../stitches/plainStitch";
import { legExtra } from "../stitches/crossings";
import { millimetres } from "../units/brands";
import { NOTHING_OFF, type Unknowns } from "./unknowns";

const { exp, log } = Math;

/** How much yarn something takes, by what it is measured in; what is missing is nought. Sizes of needles are in it. */
export interface Counts {
  /** Loops of plain fabric, and loops as long as the knitter casts off. */
  readonly loops?: number;
  readonly castOffLoops?: number;
  /** Widths of a plain stitch, and widths as loose as the knitter casts off. */
  readonly widths?: number;
  readonly castOffWidths?: number;
  /** Heights of a plain row. */
  readonly heights?: number;
  /** Legs of crossings by how many columns they travel, as what they take beyond plain ones. */
  readonly legs?: ReadonlyMap<number, number>;
  /** Yarn in mm that hangs on nothing, and yarn by a guess. */
  readonly mm?: number;
  readonly guessedMm?: number;
}

/** How long each measure is, in mm; guesses by a factor. */
export interface Measures extends PlainStitch {
  readonly castOff: number;
  readonly give: number;
  readonly guess: number;
}

/** The plain stitch of a gauge with its deviations. */
export function deviated(
  { stitchesPer10Cm, rowsPer10Cm }: Gauge,
  { width, height, loop }: Pick<Unknowns, "width" | "height" | "loop">,
): PlainStitch {
  const gauged = plainStitch({
    stitchesPer10Cm: stitchesPer10Cm * exp(-width),
    rowsPer10Cm: rowsPer10Cm * exp(-height),
  });
  return { ...gauged, loopMm: millimetres(gauged.loopMm * exp(loop)) };
}

/** The measures of a plain stitch with what else is off. */
export const measuresOf = (
  plain: PlainStitch,
  { castOff, give, extras }: Pick<Unknowns, "castOff" | "give" | "extras"> = NOTHING_OFF,
): Measures => ({ ...plain, castOff: exp(castOff), give: exp(give), guess: exp(extras) });

/** What a leg of a crossing takes beyond a plain one, in mm. */
export const legMm = (span: number, { aspect, give, widthMm }: Measures) =>
  give * legExtra(span, aspect) * widthMm;

const NO_LEGS: ReadonlyMap<number, number> = new Map();

/** Yarn of what is counted by stitches: as many more of them take as much more. */
export function stitchesLength(
  { loops = 0, castOffLoops = 0, widths = 0, legs = NO_LEGS }: Counts,
  at: Measures,
): number {
  let sum = (loops + at.castOff * castOffLoops) * at.loopMm + widths * at.widthMm;
  for (const [span, count] of legs) sum += count * legMm(span, at);
  return sum;
}

/** Yarn of what is as long however many stitches there are. */
export const fixedLength = (
  { castOffWidths = 0, heights = 0, mm = 0, guessedMm = 0 }: Counts,
  at: Measures,
) => mm + guessedMm * at.guess + heights * at.heightMm + at.castOff * castOffWidths * at.widthMm;

/** Yarn in mm. Example: 20 loops and an end at 20 x 28 are 532.6 mm. */
export const lengthOf = (counts: Counts, at: Measures): number =>
  stitchesLength(counts, at) + fixedLength(counts, at);

/** Counts, so many times. */
export interface Times {
  readonly counts: Counts;
  readonly times: number;
}

/** Everything of a list of counts together, each so many times. */
export function sumCounts(all: readonly Times[]): Required<Counts> {
  const sum = { loops: 0, castOffLoops: 0, widths: 0, castOffWidths: 0, heights: 0, mm: 0, guessedMm: 0 };
  const legs = new Map<number, number>();
  for (const { counts, times } of all) {
    sum.loops += times * (counts.loops ?? 0);
    sum.castOffLoops += times * (counts.castOffLoops ?? 0);
    sum.widths += times * (counts.widths ?? 0);
    sum.castOffWidths += times * (counts.castOffWidths ?? 0);
    sum.heights += times * (counts.heights ?? 0);
    sum.mm += times * (counts.mm ?? 0);
    sum.guessedMm += times * (counts.guessedMm ?? 0);
    for (const [span, count] of counts.legs ?? NO_LEGS) legs.set(span, (legs.get(span) ?? 0) + times * count);
  }
  return { ...sum, legs };
}

/**
 * Rows of a section against those that were planned. One that is worked to a length has as many as fill it: `toLength`
 * is the share of its height that its fabric keeps, null where its rows are counted.
 * Example: rows 2 % higher than planned give 2 % fewer of them.
 */
export function rowsFactor(toLength: number | null, { height, drawHeight }: Unknowns): number {
  if (toLength === null) return 1;
  return exp(-height - (exp(drawHeight) - 1) * log(toLength));
}

/**
 * Stitches that give the planned width, against those that were planned, where a fabric keeps the share `kept` of its
 * plain width. Example: 3 % narrower ones are 3 % more.
 */
export const stitchesFactor = (kept: number, { width, drawWidth }: Unknowns) =>
  exp(-width) * kept ** (1 - exp(drawWidth));
