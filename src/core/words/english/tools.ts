/** What is said of what the tools work out, and of what is begun or made in another size. */
import type { Teller } from "../teller";

export const tools = {
  increasesDoNotFit: (
    { change, from, first }: { readonly change: number; readonly from: number; readonly first: number },
    { count }: Teller,
  ) =>
    `${change} increases do not fit into ${count(from, "stitch")}, one for each at most: increase over two rows, first to ${first}.`,
  decreasesDoNotFit: (
    { change, from, first }: { readonly change: number; readonly from: number; readonly first: number },
    { are }: Teller,
  ) =>
    `${change} decreases need ${2 * change} stitches, and there ${are(from)} ${from}: decrease over two rows, first to ${first}.`,
  moreThanOneARow: (
    { rows, stitches }: { readonly rows: number; readonly stitches: number },
    { count }: Teller,
  ) =>
    `${count(rows, "row")} would need ${count(stitches, "stitch")}: more than one a row. Is the gauge the right way round, stitches first?`,
  holesDoNotFit: ({
    holes,
    wide,
    margin,
    among,
    most,
  }: {
    readonly holes: number;
    readonly wide: number;
    readonly margin: number;
    readonly among: number;
    readonly most: number;
  }) =>
    `${holes} holes of ${wide} do not fit between margins of ${margin} in ${among}: ${most === 0 ? "none does" : `at most ${most} do`}.`,
  /** Which bars are taken along a seam; `wider` are those that take one more. */
  seamPlan: (
    {
      of,
      taken,
      few,
      each,
      wider,
      left,
    }: {
      readonly of: "stitch" | "row";
      readonly taken: "stitch" | "row";
      readonly few: number;
      readonly each: number;
      readonly wider: readonly number[];
      readonly left: readonly [few: number, many: number];
    },
    { few: fewOf, several, list }: Teller,
  ) => {
    // A row of a side is taken by its bar.
    const bars = (count: number) => fewOf(count, taken === "row" ? "bar" : "stitch");
    const plan =
      wider.length === 0
        ? `Take ${bars(each)} for each ${of}.`
        : `Of every ${few} ${several(of)}: ${bars(each)} for each, but ${bars(each + 1)} for ${wider.length === 1 ? of : several(of)} ${list(wider.map(String))}.`;
    const over =
      left[0] === 0 && left[1] === 0
        ? ""
        : ` At the end ${fewOf(left[0], of)} and ${bars(left[1])} are left: ease them in.`;
    return plan + over;
  },
  sayMeasureAndLength: () => "Say a measure and a length first.",
  nothingLeftOfSize: () => "With so much taken off nothing is left: less negative ease, or a larger measure.",
  noAnswerYet: () => "The project has no answer yet: what it lacks is told at the top.",
  partLeftOut: () => "Something is left out of the project: fix it first, so that all of it can grow.",
  underFourRows: () => "That is under four rows: a longer measure, or a finer yarn.",
  sayYarnOrGauge: () =>
    "Say first what a ball of the yarn holds, or the gauge: what is added is worked in it.",
  tooManyPieces: ({ most }: { readonly most: number }, { count }: Teller) =>
    `A project has at most ${count(most, "piece")}.`,
  stillOpening: () => "The project is still being opened.",
} as const;
