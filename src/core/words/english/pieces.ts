/** What is said of pieces: of their sections, seams and extras. */
import type { Teller } from "../teller";

interface OnNeedle {
  /** Stitches that are on the needle. */
  readonly have: number;
}

export const pieces = {
  stillReading: () => "It is still being read.",
  sayHowManyToCastOn: () => "Nothing above says how many stitches it takes: say how many to cast on.",
  sayToHowMany: () => "Nothing above says how many stitches it takes: say to how many.",
  strandedBefore: ({ have }: OnNeedle, { count, are, castOff }: Teller) =>
    `${count(have, "stitch")} of what was worked before it ${are(have)} still on the needle: ${castOff} or hold them first.`,
  strandedAtEnd: ({ have }: OnNeedle, { count, are, castOff }: Teller) =>
    `${count(have, "stitch")} ${are(have)} still on the needle at the end: ${castOff} or hold them.`,
  nothingHeldOrPickedUp: () =>
    "Nothing is on hold, and nothing is picked up: say how many stitches, or along how long an edge.",
  nothingPickedUp: () => "Nothing is picked up: say how many stitches, or along how long an edge.",
  nothingOnNeedle: () => "Nothing is on the needle here: cast on or pick up first.",
  castOffTooMany: ({ going, have }: OnNeedle & { readonly going: number }, { count, castOff }: Teller) =>
    `${count(going, "stitch")} to ${castOff}, and ${have} are on the needle: ${castOff} fewer.`,
  holdTooMany: ({ going, have }: OnNeedle & { readonly going: number }, { count }: Teller) =>
    `${count(going, "stitch")} to hold, and ${have} are on the needle: hold fewer.`,
  turnsTooMany: (
    {
      turns,
      step,
      resting,
      have,
    }: OnNeedle & { readonly turns: number; readonly step: number; readonly resting: number },
    { count }: Teller,
  ) =>
    `${count(turns, "turn")} of ${step} leave ${count(resting, "stitch")} unworked, and ${have} are on the needle: turn less often, or leave fewer.`,
  nothingAtSides: ({ centre, have }: OnNeedle & { readonly centre: number }, { count }: Teller) =>
    `${count(centre, "stitch")} in the middle of ${have} leave nothing at the sides: fewer, at most ${have - 2}.`,
  cannotDivideAgain: () => "A side cannot be divided again: join first.",
  nothingToJoin: () => "Nothing is divided here that it could join: put it after a divided part.",
  tooManyRowsInPiece: ({ most }: { readonly most: number }) =>
    `With this the piece has over ${most} rows: make several pieces of it.`,
  tooManyRows: ({ rows, most }: { readonly rows: number; readonly most: number }) =>
    `${rows} rows are more than anybody knits in one section: at most ${most}.`,
  sayHowManyRows: () => "No rows yet: say how many.",
  sayOverHowManyRows: () => "No rows yet: say over how many.",
  sayHowLong: () => "No length yet: say how long.",
  sayOverHowLong: () => "No length yet: say over how long.",
  rowNotInRepeat: ({ row, repeat }: { readonly row: number; readonly repeat: number }, { count }: Teller) =>
    `Row ${row} is not in a repeat of ${count(repeat, "row")}: end with one of those.`,
  underOneRow: (
    { lengthMm, rowMm }: { readonly lengthMm: number; readonly rowMm: number },
    { size, fine }: Teller,
  ) => `${size(lengthMm)} is under one row: a row here is ${fine(rowMm)} high.`,
  panelsTooWide: ({ need, have }: OnNeedle & { readonly need: number }, { count }: Teller) =>
    `The panels here take ${count(need, "stitch")}, and ${have} are on the needle: increase to ${need} first, or make the panels or their edges narrower.`,
  noMultiple: ({ have, multiple }: OnNeedle & { readonly multiple: number }, { count }: Teller) =>
    `${count(have, "stitch")} are no multiple of ${multiple}: in the round this does not meet where it began.`,
  plainAtEdges: ({ stitches }: { readonly stitches: number }, { count }: Teller) =>
    `${count(stitches, "stitch")} more than the panels take: they are worked plain at the edges.`,
  holesNeedRows: () => "Buttonholes take two rows of their own: work three rows at least.",
  withoutHoles: ({ why }: { readonly why: string }) => `Without its buttonholes: ${why}`,
  nothingToGoOnIn: () => "Nothing was worked before this that it could go on in: choose a fabric.",
  crossingOnWrongSide: () =>
    "Its first crossing falls on a wrong-side row: work one row more or fewer before it.",
  crossingsFromBehind: ({ row }: { readonly row: number }) =>
    `Row ${row} crosses on a wrong-side row: its repeat has an odd number of rows.`,
  beginsLate: ({ row }: { readonly row: number }) =>
    `It begins on a wrong-side row, so with row ${row} of its repeat; row 1 follows on the right side.`,
  nothingToShape: () => "There is no fabric to shape yet: put one before it.",
  sayToCount: () => "No count yet: say to how many stitches.",
  thereAlready: (
    { have, way }: OnNeedle & { readonly way: "decrease" | "increase" },
    { count, are }: Teller,
  ) =>
    `There ${are(have)} ${count(have, "stitch")} already: ${way === "decrease" ? "decrease to fewer" : "increase to more"}, or turn the shaping round.`,
  shapingUnderOneRow: ({ rowMm }: { readonly rowMm: number }, { fine }: Teller) =>
    `That is under one row: a row here is ${fine(rowMm)} high.`,
  shapedShort: ({ have, lacking }: OnNeedle & { readonly lacking: number }, { count }: Teller) =>
    `It ends on ${count(have, "stitch")}: the rule would take ${lacking} more than three together can. Decrease less often, or draw the yarn through what is left.`,
  rowOfTwoColours: ({ row }: { readonly row: number }) =>
    `Row ${row} of these names two colours: which stitches are of which is told under colours, as areas.`,
  colourNotThere: (
    { row, colour, yarns }: { readonly row: number; readonly colour: string | null; readonly yarns: number },
    { count }: Teller,
  ) =>
    `Row ${row} of these is in ${colour ?? "a colour"}, and the project has ${yarns === 1 ? "one yarn" : count(yarns, "yarn")}: add it.`,
  choosePanel: () => "No panel is chosen yet: put one in.",
  panelGone: () => "A panel of this row is no longer there: choose another one.",
  panelNotRead: ({
    name,
    line,
    why,
  }: {
    readonly name: string;
    readonly line: number | null;
    readonly why: string | null;
  }) =>
    `${name || "A panel without a name"} cannot be read yet${line === null ? "" : ` (line ${line})`}: ${why ?? "it has no rows."}`,
  noPanelRows: () => "It has no rows.",
  widthCannotBe: (
    {
      share,
      stitches,
      narrow,
    }: { readonly share: number; readonly stitches: number; readonly narrow: boolean },
    { percent }: Teller,
  ) =>
    `${narrow ? "Only " : ""}${percent(share)} of the plain width of ${stitches} stitches: ${narrow ? "no cable pulls in that far" : "cables do not spread"}. Check the width, its unit, and the stitches it was measured across.`,
  takenWhole: ({
    times,
    stitches,
    shared,
  }: {
    readonly times: number;
    readonly stitches: number;
    readonly shared: number;
  }) =>
    `A panel is taken whole ${times} times here, its edges each time, as when this project was saved: ${stitches} stitches. Its repeat between its edges would be ${shared}.`,
  strangeColour: () => "A colour here is of a yarn that is not in the project: choose one that is.",
  areasTooWide: ({ row, stitches }: { readonly row: number; readonly stitches: number }) =>
    `In row ${row} the ${stitches} stitches do not reach for all areas: fewer stitches to each, or fewer areas.`,
  noRowsInPiece: () =>
    "No row of this piece can be worked yet: give it a fabric, and say over how many rows.",
  seamPieceGone: () => "It is sewn to a piece that is not there any more: say to which.",
  sayWhichEdge: () => "Say which edge is sewn, or how long the seam is.",
  noSuchEdge: (_given: undefined, { hasCastOff }: Teller) =>
    `The piece has no such edge: it is not ${hasCastOff} for an armhole, or has no row.`,
  nothingSewn: () => "More is left open than the seam is long: nothing would be sewn.",
  edgesUnlike: ({ over }: { readonly over: number }, { percent }: Teller) =>
    `Its edges are not equally long: one is ${percent(over)} longer. As much of it as the shorter one has is sewn.`,
  extraLacksMass: () =>
    "It is given by weight, and the weight of a ball of this yarn is missing: type that too, or give a length.",
  extraYarnGone: () => "It is of a yarn that is not in the project: choose one that is.",
  countNotRead: () => "What is typed there cannot be read: the last count is used.",
  leftOutAsSaid: () => "Left out, as the project says.",
  sayWhatABallHolds: () => "Say what a ball holds: its mass and its length.",
  sayRowsOrLength: () => "Say how many rows or how long a fabric is.",
} as const;
