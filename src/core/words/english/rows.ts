/** What is said of rows as written, and of the fabric that is drawn from them. */
import type { Nested, Teller } from "../teller";

interface Named {
  /** A word of the text, to the letter. */
  readonly name: string;
}
interface InRow {
  readonly row: number;
}

const SIDE = { RS: "right", WS: "wrong" } as const;
const NTH = ["1st", "2nd", "3rd"] as const;
const SHAPES =
  "write MB = 5 sts, 2 rows, or nupp = 5 loops, or C3F = 2/1 LC, or how it is worked: sl 2 sts to cn and hold in front, k1, k2 from cn.";

export const rows = {
  inRow: ({ row, why }: InRow & { readonly why: Nested }, { tell }: Teller) => `Row ${row}: ${tell(why)}`,
  inLine: ({ line, why }: { readonly line: number; readonly why: Nested }, { tell }: Teller) =>
    `Line ${line}: ${tell(why)}`,
  textTooLong: () => "This text is over a million characters long: paste one pattern at a time.",
  multipleForm: () => "A multiple is written as: multiple of 14 + 8.",
  oddRepeat: ({ rows }: { readonly rows: number }) =>
    `The repeat has ${rows} rows, an odd number: worked flat, it begins the second time on the other side.`,
  repeatOpen: ({ ends, begins }: { readonly ends: number; readonly begins: number }, { count }: Teller) =>
    `The last row leaves ${count(ends, "stitch")}, but row 1 begins on ${begins}: the repeat does not close.`,
  rowNamedTwice: ({ row }: InRow) => `Row ${row} is named twice; the first one counts.`,
  rowsMissing: ({ from, to }: { readonly from: number; readonly to: number }) =>
    `${from === to ? `Row ${from} is` : `Rows ${from} to ${to} are`} missing before row ${to + 1}.`,
  notARow: () => "Not a row: taken as a remark.",
  pageNumber: () => "A number by itself: taken as a page number.",
  aside: () => "In brackets, and no stitch: taken as a remark.",
  setUpRow: () => "Worked once before the others: it is not one of the rows that repeat.",
  onlyANote: () => "It is only a note",
  sentenceNotUnderstood: () =>
    "This is not understood, and the rows may hang on it. Write it as a row, or say that it is only a note.",
  heldOtherwise: ({ held, worked }: { readonly held: number; readonly worked: number }, { count }: Teller) =>
    `${count(held, "stitch")} on the cable needle, but ${worked} worked from it.`,
  crossingToldUnknown: () =>
    "How this crossing is worked is not understood: say it as sl 2 sts to cn and hold in front, k2, k2 from cn.",
  definitionTells: ({ name, why }: Named & { readonly why: Nested }, { tell }: Teller) =>
    `${name}: ${tell(why)}`,
  sizesInRow: ({ row, sizes }: { readonly row: number | null; readonly sizes: number }, { count }: Teller) =>
    `${row === null ? "This row" : `Row ${row}`} gives ${count(sizes, "size")}: leave the number of yours, and take the brackets out.`,
  repeatedBetween: ({ next }: { readonly next: number }) =>
    `Rows are repeated here, but row ${next} goes on as if they were not: number the rows as they are worked, or move this to the end.`,
  againBeyond: ({ beyond, last }: { readonly beyond: number; readonly last: number }, { count }: Teller) =>
    `This speaks of ${count(beyond, "row")}, but only ${last} ${last === 1 ? "is" : "are"} written.`,
  sideFallsOtherwise: ({
    row,
    side,
    falls,
  }: InRow & { readonly side: "RS" | "WS"; readonly falls: "RS" | "WS" }) =>
    `Row ${row} is said to be on the ${SIDE[side]} side, but counted from the rows before it falls on the ${SIDE[falls]} side.`,
  asInTheRound: () => "All in the round",
  asFlat: () => "All flat",
  setUpCount: ({ leaves, takes }: { readonly leaves: number; readonly takes: number }, { count }: Teller) =>
    `The row before the others leaves ${count(leaves, "stitch")}, but row 1 is worked on ${takes}.`,
  unlikeRepeats: (
    { row, odd, other }: InRow & { readonly odd: number; readonly other: number },
    { count }: Teller,
  ) =>
    `Row ${row} repeats over ${count(odd, "stitch")}, and the row beside it over ${other}. Is one of them a slip of the pen?`,
  rightOverSo: ({ stitches }: { readonly stitches: number }, { count }: Teller) =>
    `Both are right, over ${count(stitches, "stitch")}`,
  oneRepeat: () => "How often the rows are worked: the panel is these rows once.",
  seemRounds: ({ row }: InRow) =>
    `Row ${row}, worked on the wrong side, would turn the cable over. Are these rounds?`,
  roundsAmongRows: () => "Some of these are rows, and some are rounds. Which are they?",
  leavesOtherwise: (
    { row, left, said }: InRow & { readonly left: number; readonly said: number },
    { count }: Teller,
  ) => `Row ${row} leaves ${count(left, "stitch")}, but says that it leaves ${said}.`,
  otherThanStated: (
    { stated, takes }: { readonly stated: number; readonly takes: number },
    { count }: Teller,
  ) => `This says ${count(stated, "stitch")}, but row 1 is worked on ${takes}.`,
  besideItsCable: ({ row, by }: InRow & { readonly by: number }, { count }: Teller) =>
    `Row ${row}: a crossing lies ${count(by, "stitch")} beside the cable that runs below it. Is it meant there?`,
  moreThanWhat: ({ times }: { readonly times: number }) =>
    `“more” leaves open whether this is worked ${times} or ${times + 1} times in all. Which is it?`,
  noSuchPanelRow: ({ panel, row }: InRow & { readonly panel: string }) =>
    `row ${row} of panel ${panel} is not written in this text.`,
  letterForFigure: () => "This is the letter l where a row has its number. Is it the figure 1?",
  acrossWhat: () =>
    "is this alone worked to the end, or all that stands before it too? Write [k1, p1] to end, or p to end.",
  timesInAll: ({ times }: { readonly times: number }) => `${times} times in all`,
  likeOtherRows: ({ rows, like }: { readonly rows: number; readonly like: number }, { count }: Teller) =>
    `${count(rows, "row")} cannot be worked as ${like}: name as many.`,
  rowBreaksOff: ({ row }: { readonly row: number | null }) =>
    `${row === null ? "This row" : `Row ${row}`} breaks off before its end.`,
  wordNotUnderstood: (
    { row, name, near }: Named & { readonly row: number | null; readonly near: readonly string[] },
    { either }: Teller,
  ) =>
    `${row === null ? "This row" : `Row ${row}`}: “${name}” is not understood here.${near.length > 0 ? ` Did you mean ${either(near)}?` : ""}`,
  wrongCount: (
    { row, used, below }: InRow & { readonly used: number; readonly below: number },
    { count }: Teller,
  ) => `Row ${row} works ${count(used, "stitch")}, but the row below has ${below}.`,
  /** A mend that leaves words out; `nth` as below. */
  withoutIt: ({ said, nth }: { readonly said: string; readonly nth: number | null }) =>
    `Without ${said}${nth === null ? "" : `, the ${NTH[nth] ?? nth + 1}`}`,
  /** A mend; `nth` where the same words mean several places. */
  insteadOf: ({
    mended,
    said,
    nth,
  }: {
    readonly mended: string;
    readonly said: string;
    readonly nth: number | null;
  }) => `${mended} instead of ${said}${nth === null ? "" : `, the ${NTH[nth] ?? nth + 1}`}`,
  definitionNotRead: ({ name }: Named) => `What “${name}” is to mean is not understood: ${SHAPES}`,
  roundsWorkedFlat: () =>
    "These are rounds, and this part is worked back and forth: write rows, or work the piece in the round.",
  noRowWritten: () => "No row is written yet: write rows such as: Row 1: K2tog to end.",
  firstRowTakes: (
    { takes, have }: { readonly takes: number; readonly have: number },
    { count, are }: Teller,
  ) => `it works ${count(takes, "stitch")}, and ${have} ${are(have)} on the needle.`,
  otherSide: ({ written, falls }: { readonly written: "RS" | "WS"; readonly falls: "RS" | "WS" }) =>
    `Its first row is written for the ${SIDE[written]} side, but falls on the ${SIDE[falls]} side here: work one row more or fewer before it.`,
  moreStitchesThan: ({ most }: { readonly most: number }) => `more than ${most} stitches stand here.`,
  stitchesTooMany: ({ times }: { readonly times: number }) => `${times} stitches are more than any row has.`,
  repeatsTooMany: ({ times }: { readonly times: number }) => `${times} repeats are more than any row has.`,
  unknownStitch: ({ name }: Named) => `“${name}” is not a stitch that Brenok knows.`,
  crossingCannotBe: ({ name }: Named) => `“${name}” is a crossing with a count that it cannot have.`,
  crossingAmbiguous: ({ name }: Named) =>
    `“${name}” means different things in different patterns. Which is it in this one?`,
  emptyRepeat: () => "there is nothing in this repeat.",
  tooMuchToWork: () =>
    "this asks for more stitches than any panel has: check how often its repeats are worked.",
  rowNumberTooLarge: ({ most }: { readonly most: number }, { count }: Teller) =>
    `A panel has at most ${count(most, "row")}: this row is left out.`,
  rowNestedTooDeep: ({ row }: { readonly row: number | null }) =>
    `${row === null ? "This row" : `Row ${row}`} nests its repeats too deep: write it out.`,
  nestedTooDeep: () => "these repeats are nested too deep.",
  countUnknown: () =>
    "how many stitches there are is not known; begin with a row that counts them, or say: multiple of 14 + 8.",
  repeatUsesNothing: () => "this repeat uses no stitches, so it would never end.",
  repeatDoesNotFit: (
    {
      unit,
      room,
      below,
      fits,
    }: {
      readonly unit: number;
      readonly room: number;
      readonly below: number;
      readonly fits: readonly number[];
    },
    { count, are, either }: Teller,
  ) =>
    `this repeat takes ${count(unit, "stitch")} at a time, and ${room} of the ${below} ${are(room)} left for it. It would fit ${either(fits.map(String))} stitches.`,
  passedOverNothing: () => "psso needs a slipped stitch and a knitted one before it: sl 1, k1, psso.",
  likeNoRow: ({ row }: InRow) => `row ${row} is not written, so this row cannot be like it.`,
  noRowBelow: () => "there is no row below whose knits and purls could be followed.",
  noStitchInPanel: () => "A panel needs at least one row of one stitch.",
  countChanges: (
    {
      row,
      does,
      count,
      first,
    }: InRow & { readonly does: "leaves" | "works"; readonly count: number; readonly first: number },
    { count: countOf }: Teller,
  ) =>
    `Row ${row} ${does} ${countOf(count, "stitch")} where row 1 has ${first}: only panels that keep their count can be relaxed.`,
  didNotSettle: ({ force }: { readonly force: number }) =>
    `This panel did not settle: a force of ${force.toExponential(1)} is left on a stitch.`,
  nothingToDraw: () => "There is no row to knit yet.",
  rowNotDrawn: () => "A row could not be read: fix it in the text, then the fabric is drawn.",
  drawingStopped: () => "Stopped. Change the text or the finish to draw it again.",
} as const;
