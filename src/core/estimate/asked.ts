/**
 * How much yarn a thing takes of which nothing is known but what its pattern asks for: evidence about the need, not
 * a number to copy. The designer used up so much in hand, and then rounded up as designers do.
 */
import { say, type Says } from "../words/message";
import { columnsFrom } from "../garment/work/workState";
import type { StitchContent } from "../garment/stitchContent";
import type { PanelRow } from "../panels/panel";
import type { Asks } from "../project/asks";
import type { SectionOf } from "../project/sections";
import { plainStitch, type Gauge } from "../stitches/plainStitch";
import { lengthOf, measuresOf } from "./measures";
import { allCounts, tallyRow } from "./tally";

/** A designer's hand against the model's, standard deviation in ln. */
export const DESIGNER_SD = 0.06;

/**
 * What a loop is off by so much in all: of its variance the hand's part is each knitter's own, and this share is the
 * model's, the same for designer and knitter. `restSd` is what the loop leaves unknown of that.
 */
export function shareOfModel(loopSd: number): { readonly share: number; readonly restSd: number } {
  const model = max(0, loopSd ** 2 - DESIGNER_SD ** 2);
  const share = loopSd > 0 ? model / loopSd ** 2 : 0;
  return { share, restSd: sqrt(model * (1 - share)) };
}

/** So many designers ask for one ball more than was used up; the others round up. */
export const SPARE = 0.35;
/** Who takes less than this of the one ball that is asked for would say so. */
const LEAST_OF_BALL = 1 / 3;
/** "Nearly three balls" leave at most so much of the third, and a length is at most so much more than was used. */
const NEARLY = 0.35;
const ROUNDED = 0.1;

const { exp, hypot, log, max, sqrt } = Math;

/** A need by what is asked for: its middle in m, and its standard deviation in ln. */
export interface AskedNeed {
  readonly middleM: number;
  readonly sd: number;
}

/** Between two lengths and as likely at each ln between them; so likely as `share` says. */
interface Between {
  readonly fromM: number;
  readonly toM: number;
  readonly share: number;
}

/** Where the designer's own need may have lain; none where too little is said. */
function lyingIn({ by, balls, ball, lengthM }: Asks): readonly Between[] {
  if (by === "length")
    return lengthM === null ? [] : [{ fromM: lengthM * (1 - ROUNDED), toM: lengthM, share: 1 }];
  if (balls === null || balls < 1 || ball === null) return [];
  const upTo = (count: number, share: number): Between => ({
    fromM: ball.lengthM * max(LEAST_OF_BALL, count - 1),
    toM: ball.lengthM * count,
    share,
  });
  if (by === "nearly")
    return [{ fromM: (balls - NEARLY) * ball.lengthM, toM: balls * ball.lengthM, share: 1 }];
  return balls === 1 ? [upTo(1, 1)] : [upTo(balls, 1 - SPARE), upTo(balls - 1, SPARE)];
}

/**
 * The need that a pattern's own requirement tells of, as the lognormal of the same mean and deviation; null where it
 * says too little. Example: 9 balls of 82 m were 665 m or so, 11 % more or less: from eight to nine balls, or one fewer.
 */
export function askedNeed(asks: Asks): AskedNeed | null {
  const all = lyingIn(asks);
  if (all.length === 0) return null;
  const middle = ({ fromM, toM }: Between) => (log(fromM) + log(toM)) / 2;
  const mean = all.reduce((sum, one) => sum + one.share * middle(one), 0);
  const variance = all.reduce(
    (sum, one) => sum + one.share * ((middle(one) - mean) ** 2 + log(one.toM / one.fromM) ** 2 / 12),
    0,
  );
  return { middleM: exp(mean), sd: hypot(sqrt(variance), DESIGNER_SD) };
}

/** The gauge that a pattern asks for its yarn at; what it does not say is the project's. */
export const gaugeAsked = ({ stitchesPer10Cm, rowsPer10Cm }: Asks, own: Gauge): Gauge => ({
  stitchesPer10Cm: stitchesPer10Cm ?? own.stitchesPer10Cm,
  rowsPer10Cm: rowsPer10Cm ?? own.rowsPer10Cm,
});

/** Yarn in a row of a content at a gauge, the mean of its rows, in mm. */
function rowYarn({ rows, rowOn }: StitchContent, stitches: number, gauge: Gauge): number {
  const at = measuresOf(plainStitch(gauge));
  const columns = columnsFrom(0, stitches);
  const yarnOf = (row: PanelRow) => lengthOf(allCounts(tallyRow(row)), at);
  let sum = 0;
  for (let row = 0; row < rows; row += 1) sum += yarnOf(rowOn(row, columns));
  return sum / rows;
}

/**
 * Rows of so many stitches that take what a pattern asks for, at its own gauge, and as many as lie as high at the
 * project's; or what still has to be said. `own` is the project's gauge as it was told, `rowMm` its row as it is now.
 */
export function askedRows(
  asks: Asks,
  { across, along }: Pick<SectionOf<"asked">, "across" | "along">,
  { content, stitches, own, rowMm }: { content: StitchContent; stitches: number; own: Gauge; rowMm: number },
): number | Says {
  const need = askedNeed(asks);
  if (!need) return say("sayWhatIsAsked");
  const gauge = gaugeAsked(asks, own);
  const rows = (1000 * need.middleM) / rowYarn(content, stitches, gauge);
  return max(1, Math.round((rows * across * along * plainStitch(gauge).heightMm) / rowMm));
}
