/** What is said of pieces: of their sections, seams and extras. */
import type { Nested, Teller } from "../teller";

interface OnNeedle {
  /** Stitches that are on the needle. */
  readonly have: number;
}

/** Parts of the ledger: what each is called, and why it takes yarn. */
const LEDGER = {
  plain: () => ["Plain fabric", "Plain stitches enough to cover the finished size."],
  drawIn: () => ["Draw-in", "More plain stitches, because cables and purls pull the width in."],
  /** What draws in where nothing is cabled: ribs and garter want more stitches or rows for the same size. */
  denser: () => [
    "Denser fabric",
    "More plain stitches and rows, because ribs pull in and rows of garter are low.",
  ],
  crossings: () => ["Crossings", "Loops that travel over their neighbours are pulled longer."],
  texture: () => [
    "Texture",
    "Bobbles and nupps; and a stitch that shows purl takes 2 % more than one that shows knit.",
  ],
  castOn: () => [
    "Cast on",
    "Loops on the needle and the tail beside them; stitches picked up along an edge.",
  ],
  castOff: ({ CastOff }) => [CastOff, "Loops drawn over one another, or sewn."],
  seams: () => ["Seams", "One and a half times each seam or hem, and two ends."],
  ends: ({ round }) => [
    "Ends and joins",
    `${round(150)} for each end; two ends where a ball is joined; yarn carried along.`,
  ],
  swatch: () => ["Swatch", "A square of plain fabric with its edges, where it is counted in."],
  extras: () => ["Extras", "Pompons, fringe, tassels, cords, buttons, what is kept for mending."],
} as const satisfies Record<string, (teller: Teller) => readonly [name: string, why: string]>;

/** Edges of a piece: what each is called, and what of the piece it is. */
const EDGES = {
  side: () => ["side", "up to an armhole"],
  above: () => ["armhole", "the side from there on"],
  cap: () => ["cap", "of a sleeve, half its top counted in"],
  start: () => ["cast-on edge", ""],
  end: ({ castOffEdge }) => [`${castOffEdge} edge`, ""],
} as const satisfies Record<string, (teller: Teller) => readonly [name: string, why: string]>;

type EdgeId = keyof typeof EDGES;

const STRAND_PARTS = {
  swatch: () => "swatch",
  castOn: () => "cast-on",
  rows: () => "rows",
  castOff: ({ castOffEdge }) => castOffEdge,
  ends: () => "seams, ends, joins and extras",
} as const satisfies Record<string, (teller: Teller) => string>;

type LedgerPartId = keyof typeof LEDGER;

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
  sayWhatIsAsked: () =>
    "Nothing is asked for yet: say how many balls the pattern asks for, and what one holds.",
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
  withoutHoles: ({ why }: { readonly why: Nested }, { tell }: Teller) =>
    `Without its buttonholes: ${tell(why)}`,
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
  panelNotRead: (
    { name, line, why }: { readonly name: string; readonly line: number | null; readonly why: Nested | null },
    { tell }: Teller,
  ) =>
    `${name || "A panel without a name"} cannot be read yet${line === null ? "" : ` (line ${line})`}: ${why ? tell(why) : "it has no rows."}`,
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
  ledgerPart: ({ part }: { readonly part: LedgerPartId }, teller: Teller) => LEDGER[part](teller)[0],
  ledgerWhy: ({ part }: { readonly part: LedgerPartId }, teller: Teller) => LEDGER[part](teller)[1],
  /** Grams that a pompon weighs; `density` in g in each cm³. */
  pomponTakes: (
    { density, massG }: { readonly density: number; readonly massG: number },
    { weight }: Teller,
  ) => `a ball of ${density} g in each cm³: ${weight(massG)}, a quarter more or less`,
  takesOfThisYarn: ({ massG }: { readonly massG: number }, { weight }: Teller) =>
    `${weight(massG)} of this yarn`,
  fringeTakes: (
    { strands, lengthMm }: { readonly strands: number; readonly lengthMm: number },
    { count, size }: Teller,
  ) =>
    `${count(strands, "strand")} of ${size(lengthMm)}: laid double, their knot and what is trimmed counted in`,
  tasselTakes: (
    {
      winds,
      windMm,
      neckMm,
      hangerMm,
    }: {
      readonly winds: number;
      readonly windMm: number;
      readonly neckMm: number;
      readonly hangerMm: number;
    },
    { count, size }: Teller,
  ) =>
    `${count(winds, "wind")} of ${size(windMm)}, ${size(neckMm)} round its neck, ${size(hangerMm)} to hang it by`,
  buttonTakes: ({ lengthMm }: { readonly lengthMm: number }, { size }: Teller) =>
    `${size(lengthMm)} for each, or for each pair`,
  twistedTakes: (
    { strands, cut, lengthMm }: { readonly strands: number; readonly cut: number; readonly lengthMm: number },
    { count, size }: Teller,
  ) =>
    `${count(strands, "strand")} of ${size(cut * lengthMm)}, ${count(cut, "timesAsLong")} as the cord, twisted and folded`,
  knittedTakes: (
    { stitches, rows }: { readonly stitches: number; readonly rows: number },
    { count }: Teller,
  ) => `${count(stitches, "stitch")} over ${count(rows, "row")}, and two ends`,
  lengthAsSaid: ({ lengthM }: { readonly lengthM: number }, { yarn }: Teller) =>
    `${yarn(lengthM)}, as you said`,
  massAsSaid: ({ massG }: { readonly massG: number }, { weight }: Teller) => `${weight(massG)}, as you said`,
  edgeName: ({ side }: { readonly side: EdgeId }, teller: Teller) => EDGES[side](teller)[0],
  /** What of the piece an edge is, where its name alone does not tell. */
  edgeWhy: ({ side }: { readonly side: EdgeId }, teller: Teller) => EDGES[side](teller)[1],
  seamBetween: (
    { ends }: { readonly ends: readonly { readonly piece: string; readonly side: EdgeId }[] },
    teller: Teller,
  ) =>
    ends.length === 0
      ? "of no edge"
      : ends.map(({ piece, side }) => `${piece || "a piece"}, ${EDGES[side](teller)[0]}`).join(" to "),
  strandPart: ({ part }: { readonly part: keyof typeof STRAND_PARTS }, teller: Teller) =>
    STRAND_PARTS[part](teller),
  tailHolds: ({ endMm, stepMm }: { readonly endMm: number; readonly stepMm: number }, { span }: Teller) =>
    `Each holds ${span(endMm)} for the end and is rounded up to ${span(stepMm)}: a tail that is too short costs the whole cast-on.`,
  castOffAct: (_given: undefined, { CastOff }: Teller) => CastOff,
  castOffEdge: (_given: undefined, { CastOff }: Teller) => CastOff.replace(" ", "-"),
  rowsLeft: (
    { rows, before }: { readonly rows: number; readonly before: number },
    { count, castOffEdge }: Teller,
  ) => `${count(rows, "row")}, or ${before} and the ${castOffEdge}`,
  rowsLeftWhy: (
    {
      rowMm,
      castOffMm,
      byWidthsMm,
      byWidths,
    }: {
      readonly rowMm: number;
      readonly castOffMm: number;
      readonly byWidthsMm: number;
      readonly byWidths: number;
    },
    { yarn, castOffEdge }: Teller,
  ) =>
    `A row takes ${yarn(rowMm / 1000)}, the ${castOffEdge} ${yarn(castOffMm / 1000)} with its end. By the rule of three widths per row (${yarn(byWidthsMm / 1000)}) it would be ${byWidths}.`,
} as const;
