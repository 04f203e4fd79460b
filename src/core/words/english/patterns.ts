/** What is said of a whole pattern that is read: what was taken for what, and why something was not. */
import type { Teller } from "../teller";

interface Has {
  readonly printed: number;
  readonly have: number;
}

interface Asks {
  readonly balls: number;
  /** What they hold. */
  readonly m: number;
  readonly needM: number;
}

interface Sign {
  /** As it is drawn; empty for a blank cell. */
  readonly name: string;
}

const drawn = (sign: string) => (sign === "" ? "a blank cell" : `“${sign}”`);

export const patterns = {
  patternGauge: (
    { stitches, rows }: { readonly stitches: number; readonly rows: number | null },
    { gauge }: Teller,
  ) =>
    `Gauge: ${gauge(stitches, "stitches")}${rows === null ? "; no rows are said" : `, ${gauge(rows, "rows")}`}.`,
  patternGaugeInPattern: () =>
    "This gauge is counted in a pattern, not in plain fabric: it is not taken. Measure a swatch of your own.",
  patternSizes: ({ sizes }: { readonly sizes: number }, { count }: Teller) =>
    sizes === 1 ? "One size." : `${count(sizes, "size")}: choose yours above.`,
  patternNeedles: ({ least, most }: { readonly least: number; readonly most: number }, { fine }: Teller) =>
    `Needles of ${least === most ? "" : `${fine(least)} and `}${fine(most)}.`,
  patternYarn: (
    { balls, name }: { readonly balls: number | null; readonly name: string },
    { count }: Teller,
  ) =>
    `${name === "" ? "The yarn" : `Yarn: ${name}`}${balls === null ? "" : `; the pattern asks for ${count(balls, "ball")}`}.`,
  patternNotUnderstood: () => "Not understood.",
  patternOtherCount: ({ printed, have }: Has, { count }: Teller) =>
    `The pattern says ${count(printed, "stitch")}, but there are ${have} here.`,
  patternCountUnknown: () => "How many stitches there are here is not known.",
  patternHowOften: ({ times }: { readonly times: number }, { count }: Teller) =>
    `${count(times, "time")} or one more? Write how many stitches are left.`,
  patternOtherRows: ({ from, to }: { readonly from: number; readonly to: number }) =>
    `Only all rows before this, ${from} to ${to}, can come again: write out what else is meant.`,
  patternRoundsInRows: () => "These are rounds, and what was worked before is in rows.",
  patternTooLong: () => "So long a pattern is not read to its end: read what follows by itself.",
  patternPieceFull: () => "This piece has more sections than one can have: part it in two.",
  patternNoFirstSide: () => "No first side was worked before this that it could go with.",
  patternSecondSide: () =>
    "A second side that is told in full is not read: say that it is worked to match the first.",
  patternBeyond: () => "A figure of this is more than any piece can have: look whether it was printed so.",
  patternWhichNeedle: () => "Which needle is meant is not known: name its size in mm.",
  patternWhichPanel: () => "Which of the patterns is meant is not known: call it by its name.",
  patternOutside: () => "This seems to be work, and stands outside of any piece.",
  patternSeveralYarns: () =>
    "Yarn held together, and several colours, are not read: set them in Pieces, once the project is begun.",
  patternOddRows: ({ rows }: { readonly rows: number }) =>
    `At the beginning of ${rows} rows, an odd number: one edge would get more than the other.`,
  patternHigherAlready: (
    { lengthMm, haveMm }: { readonly lengthMm: number; readonly haveMm: number },
    { size }: Teller,
  ) => `The work is ${size(haveMm)} high here already, and is to be ${size(lengthMm)}.`,
  patternNothingToGoOn: () => "Nothing was worked before that this could go on with.",
  patternHowFar: () => "How far this fabric is worked before that is not said.",
  patternNoRowsToRepeat: () => "Which rows are meant is not known: none stand before this.",
  patternRowsDoNotClose: () =>
    "These rows do not end with the stitches that they begin with, so they cannot come again.",
  patternPanelNotYet: ({ name }: { readonly name: string }) =>
    `Not all of ${name} is read yet: what is said of it comes first.`,
  patternFromRowOne: ({ name }: { readonly name: string }) =>
    `Only ${name} from its row 1 on is read here: write out which rows are worked.`,
  patternNoSuchRow: ({ row, name }: { readonly row: number; readonly name: string }) =>
    `${name} has no row ${row}.`,
  patternNoSuchPanel: ({ name }: { readonly name: string }) =>
    `The pattern has no panel of this name: ${name}.`,
  patternPanelDoesNotFit: (
    {
      name,
      of,
      have,
      more,
    }: { readonly name: string; readonly of: number; readonly have: number; readonly more: number },
    { count }: Teller,
  ) =>
    `${name} repeats over ${of}${more > 0 ? ` and ${more} more` : ""}: it does not fit into ${count(have, "stitch")}.`,
  patternPanelNotRead: () => "These rows are not all read: mend them in Panels, where each is told.",
  patternNoSuchPiece: ({ name }: { readonly name: string }) =>
    `No piece of this name was read before: ${name}.`,
  patternNoSuchPlace: ({ name }: { readonly name: string }) => `${name} has no such place.`,
  patternAsksLikewise: ({ balls, m, needM }: Asks, { count, yarn }: Teller) =>
    `The pattern’s ${count(balls, "ball")} hold ${yarn(m)}, and its rows need ${yarn(needM)} here: they agree.`,
  patternAsksMore: ({ balls, m, needM }: Asks, { count, yarn }: Teller) =>
    `These rows need ${yarn(needM)}, and the pattern’s ${count(balls, "ball")} hold ${yarn(m)}: a part may be missing here, or the pattern is generous.`,
  patternAsksLess: ({ balls, m, needM }: Asks, { count, yarn }: Teller) =>
    `These rows need ${yarn(needM)}, but the pattern’s ${count(balls, "ball")} hold only ${yarn(m)}: look whether something is worked too often, or the gauge was read amiss.`,
  signExplained: ({ name, key }: Sign & { readonly key: string }) =>
    `In the chart ${drawn(name)} is: ${key}.`,
  signUnknown: ({ name, times }: Sign & { readonly times: number }, { count }: Teller) =>
    `No key says what ${drawn(name)} stands for, which is drawn ${count(times, "time")}.`,
  signNotUnderstood: ({ name, key }: Sign & { readonly key: string }) =>
    `What the key says of ${drawn(name)} is not understood: ${key}.`,
  signWithoutStitch: ({ row, name }: Sign & { readonly row: number }) =>
    `Row ${row}: ${drawn(name)} stands for no stitch.`,
  signCut: ({
    row,
    name,
    most,
    have,
  }: Sign & { readonly row: number; readonly most: number; readonly have: number }) =>
    `Row ${row}: ${drawn(name)} lies over ${most} cells, but there are ${have}.`,
  chartNumbers: ({ from, to }: { readonly from: number; readonly to: number }) =>
    `The rows of this chart are numbered ${from} to ${to}: they have to begin with 1.`,
  chartRowWidth: ({
    row,
    have,
    need,
  }: {
    readonly row: number;
    readonly have: number;
    readonly need: number;
  }) => `Row ${row} of the chart has ${have} cells, and the others have ${need}.`,
  chartBetween: ({ row }: { readonly row: number }) =>
    `Only every other row is drawn: what is worked in row ${row} and those like it is not said.`,
  chartTooManySigns: ({ most }: { readonly most: number }) =>
    `This chart has more than ${most} different signs: it is not read.`,
} as const;
