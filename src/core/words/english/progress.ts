/** What is said of work on the needles as a whole: yarn in hand, what was weighed, balls, finishing, days. */
import type { Nested, Teller } from "../teller";

const REACHES = {
  row: "This row",
  repeat: "To the end of the repeat",
  section: "To the end of this section",
  piece: "To the end of the piece",
} as const;
const READINGS = {
  ball: "the weighing",
  piece: "the weight",
  height: "the height",
  size: "the size",
  all: "what is left",
} as const;
const BLOCKS = { asKnit: "Leave as knit:", steamed: "Steam", wetBlocked: "Wash and pin out" } as const;

/** Hours by quarters. Example: "1 to 1.25 h". */
function spanOfHours(least: number, most: number): string {
  const [low, high] = [least, most].map((hours) => Math.max(0.25, Math.round(4 * hours) / 4));
  return low === high ? `${low} h` : `${low} to ${high} h`;
}

export const progress = {
  /** What is left of a ball now, in m. */
  ballLeft: (
    { p10, p50, p90 }: { readonly p10: number; readonly p50: number; readonly p90: number },
    { yarn }: Teller,
  ) => `${yarn(p50)} left on this ball, likely ${yarn(p10)} to ${yarn(p90)}`,
  /** How far it goes: the last sure row, and before which the next ball is joined. */
  ballLasts: ({
    rows,
    sureTo,
    joinBefore,
    all,
  }: {
    readonly rows: number;
    readonly sureTo: number;
    readonly joinBefore: number;
    readonly all: number;
  }) => {
    if (sureTo >= all) return "It lasts to the end of this piece, its edge counted in";
    const left = sureTo - rows;
    if (left <= 0) return "It may not last this row: join the next ball now";
    return `${left} more ${left === 1 ? "row is" : "rows are"} safe: join the next ball before row ${joinBefore}`;
  },
  /** A piece may be stopped: after so many repeats more, behind a row. */
  mayStop: (
    { repeats, rows, spare }: { readonly repeats: number; readonly rows: number; readonly spare: number },
    { count, CastOff }: Teller,
  ) =>
    `${CastOff} after ${repeats === 1 ? "this repeat" : `${count(repeats, "repeat")} more, this one counted`} (row ${rows}) at the latest${spare > 0 ? `, with ${count(spare, "ball")} more` : ""}: then the yarn is enough for the edge too`,
  mayNotStop: (_: undefined, { castOff }: Teller) =>
    `There may not be enough to end this repeat and ${castOff}: ${castOff} now, or join another ball`,
  rowTakes: ({ rowM, ruleM }: { readonly rowM: number; readonly ruleM: number }, { yarn }: Teller) =>
    `This row alone takes ${yarn(rowM)}; three widths would say ${yarn(ruleM)}`,
  reaches: (
    {
      what,
      chance,
      needM,
    }: {
      readonly what: "row" | "repeat" | "section" | "piece";
      readonly chance: number;
      readonly needM: number;
    },
    { yarn, chance: chanceOf }: Teller,
  ) => `${REACHES[what]}: ${chanceOf(chance)}, takes ${yarn(needM)}`,
  noMassNoBall: () =>
    "What a ball of this yarn weighs is not known: type it on the Pieces bench, and weighing can tell how far it goes",
  rowGaugeFollows: (
    { rows, per10Cm }: { readonly rows: number; readonly per10Cm: number },
    { count, gauge }: Teller,
  ) => `${count(rows, "row")} over that are ${gauge(per10Cm, "rows")}`,
  /** A reading by name, within a sentence. */
  readingOfRows: ({
    kind,
    piece,
    from,
    to,
  }: {
    readonly kind: keyof typeof READINGS;
    readonly piece: string;
    readonly from: number;
    readonly to: number;
  }) =>
    to === 0 ? `${READINGS[kind]}, ${piece}` : `${READINGS[kind]} of rows ${from + 1} to ${to}, ${piece}`,
  /** Rows that were weighed, against what all else lets one expect. */
  rowsTook: (
    {
      from,
      to,
      found,
      expected,
    }: { readonly from: number; readonly to: number; readonly found: number; readonly expected: number },
    { mass }: Teller,
  ) => `Rows ${from + 1} to ${to} took ${mass(found)}, ${mass(expected)} expected`,
  pieceWeighs: (
    { found, expected }: { readonly found: number; readonly expected: number },
    { mass }: Teller,
  ) => `The whole piece weighs ${mass(found)}, ${mass(expected)} expected`,
  rowsMeasure: (
    { to, found, expected }: { readonly to: number; readonly found: number; readonly expected: number },
    { size, count }: Teller,
  ) => `${count(to, "row")} measure ${size(found)}, ${size(expected)} expected`,
  /** Two lots, so many rows each. */
  lotsInTurn: ({
    turns,
    lots: [one, other],
  }: {
    readonly turns: number;
    readonly lots: readonly [string, string];
  }) => {
    const rows = (first: number) =>
      turns === 1
        ? `${first}, ${first + 2}, ${first + 4} and so on`
        : `${first} and ${first + 1}, ${first + 4} and ${first + 5}, and so on`;
    return `Rows ${rows(1)} of each piece show ${one}; rows ${rows(turns + 1)} show ${other}`;
  },
  needleNow: ({ needleMm }: { readonly needleMm: number }, { fine }: Teller) =>
    `on ${fine(needleMm)} needles`,
  ballUsedUp: ({ row }: { readonly row: number }) =>
    `The ball that was weighed at row ${row} must be used up by now: tell of the new one`,
  joinsNotTold: ({ count: balls }: { readonly count: number }, { count }: Teller) =>
    `So many rows take ${count(balls, "ball")} more than were told of: tell of each with “New ball” when you join it`,
  pieceMeasures: (
    {
      which,
      found,
      expected,
    }: { readonly which: "across" | "along"; readonly found: number; readonly expected: number },
    { size }: Teller,
  ) => `${which === "across" ? "Across" : "Along"}: ${size(found)}, ${size(expected)} expected`,
  allTook: ({ found, expected }: { readonly found: number; readonly expected: number }, { mass }: Teller) =>
    `It took ${mass(found)} in all, ${mass(expected)} expected`,
  /** How the forecast has moved; `more` is a share, of yarn in the rows so far. */
  rowsTakeMore: ({ more }: { readonly more: number }, { percent }: Teller) =>
    Math.abs(more) < 0.005
      ? "Your rows take just what was expected"
      : `Your rows take ${percent(Math.abs(more), 0)} ${more > 0 ? "more" : "less"} than was expected`,
  stillSoMany: (
    { balls, before, now }: { readonly balls: number; readonly before: number; readonly now: number },
    { count, chance }: Teller,
  ) =>
    Math.round(100 * before) === Math.round(100 * now)
      ? `still ${count(balls, "ball")}, ${chance(now)} as before`
      : `still ${count(balls, "ball")}, now ${chance(now)} (${chance(before)} before)`,
  nowSoMany: (
    {
      before,
      now,
      chance: how,
      stillEnough,
    }: {
      readonly before: number;
      readonly now: number;
      readonly chance: number;
      readonly stillEnough: number;
    },
    { count, chance }: Teller,
  ) =>
    `now ${count(now, "ball")}, ${chance(how)}, rather than ${before}${now > before ? `, which would do ${chance(stillEnough)}` : ""}`,
  yarnOf: ({ m }: { readonly m: number }, { yarn }: Teller) => yarn(m),
  besideRows: ({ m }: { readonly m: number }, { yarn }: Teller) => `${yarn(m)} for seams, ends and extras`,
  joinsIn: (
    { joins }: { readonly joins: { readonly count: number; readonly m: number } },
    { count, yarn }: Teller,
  ) => `${count(joins.count, "join")}, ${yarn(joins.m)} of yarn`,
  blockPiece: ({
    piece,
    blocking,
    times,
  }: {
    readonly piece: string;
    readonly blocking: keyof typeof BLOCKS;
    readonly times: number;
  }) => `${BLOCKS[blocking]} ${piece}${times > 1 ? `, all ${times}` : ""}`,
  measuresOf: (
    { widthMm, heightMm }: { readonly widthMm: number; readonly heightMm: number },
    { size }: Teller,
  ) => `${size(widthMm)} wide, ${size(heightMm)} high`,
  sewSeam: (
    { seam, lengthMm, times }: { readonly seam: Nested; readonly lengthMm: number; readonly times: number },
    { tell, size }: Teller,
  ) => `Sew ${tell(seam)}: ${size(lengthMm)}${times > 1 ? `, ${times} times` : ""}`,
  meetsEvenly: ({
    first,
    second,
    things,
  }: {
    readonly first: number;
    readonly second: number;
    readonly things: readonly ["rows" | "stitches", "rows" | "stitches"];
  }) => `${first} ${things[0]} to ${second} ${things[1]}, spread evenly`,
  putOnExtra: ({ extra, times }: { readonly extra: string; readonly times: number }) =>
    times > 1 ? `${extra}: ${times}` : extra,
  weaveIn: ({ ends }: { readonly ends: number }) => `Weave in some ${ends} ends`,
  joinedBy: ({ join }: { readonly join: string }) => `balls joined by: ${join.toLowerCase()}`,
  /** `quickMs` and `slowMs` are what a row takes; null where nobody has seen that. */
  rowsADay: (
    {
      rows,
      days,
      quickMs,
      slowMs,
    }: {
      readonly rows: number;
      readonly days: number;
      readonly quickMs: number | null;
      readonly slowMs: number | null;
    },
    { count }: Teller,
  ) => {
    const each = rows / days;
    const [least, most] = [Math.floor(each), Math.ceil(each)];
    const said = least === most ? count(most, "row") : `${least} to ${count(most, "row")}`;
    const hours =
      quickMs !== null && slowMs !== null
        ? `, some ${spanOfHours((each * quickMs) / 3_600_000, (each * slowMs) / 3_600_000)}`
        : "";
    return `${said} a day${hours}, on ${days === 1 ? "one day" : `${days} days`}`;
  },
  noDaysLeft: () => "No day of knitting is left until then: choose a later day, or rest less",
  /** How long so many rows take, quick and slow ones, in ms. */
  paceTold: (
    {
      rowsAnHour,
      stitchesAnHour,
      rows,
      quickMs,
      slowMs,
    }: {
      readonly rowsAnHour: number;
      readonly stitchesAnHour: number;
      readonly rows: number;
      readonly quickMs: number;
      readonly slowMs: number;
    },
    { count }: Teller,
  ) => {
    const [least, most] = [quickMs, slowMs].map((ms) => Math.round((2 * rows * ms) / 3_600_000) / 2);
    const hours = least === most ? `${least}` : `${least} to ${most}`;
    const stitches = count(Math.round(stitchesAnHour / 10) * 10, "stitch");
    return `${count(Math.round(rowsAnHour), "row")} an hour so far, some ${stitches}: ${hours} h for the ${count(rows, "row")} left of this piece`;
  },
} as const;
