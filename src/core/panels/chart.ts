/** A panel as a chart: plain data, so that a worker can hand it to the page. */
import { crossingWords } from "../stitches/crossingNames";
import { facesOf, widthOf } from "../stitches/crossings";
import type { Face, Operation } from "../stitches/operations";
import { abbreviationOf, nameOf, wordsOf, type Wording } from "../stitches/wording";
import { keyOfRow, type Panel, type PanelRow, type Work } from "./panel";

/** What is drawn into cells. One more drawing is one more kind of mark. */
export type Mark =
  | "blank"
  | "bump"
  | "hole"
  | "ball"
  | "drop"
  | "sprout"
  | "slip"
  | "twist"
  | "left"
  | "right"
  | "centre"
  | "wrap"
  | "closed"
  | "resting";

export interface PlainRun {
  readonly type: "run";
  /** First column, from the right, and how many columns. */
  readonly column: number;
  readonly width: number;
  readonly mark: Mark;
  readonly face: Face;
  readonly name: string;
  readonly words: string;
}

export interface CrossingRun {
  readonly type: "crossing";
  readonly column: number;
  readonly width: number;
  readonly front: number;
  readonly centre: number;
  readonly back: number;
  readonly lean: "left" | "right";
  readonly faces: readonly Face[];
  readonly name: string;
  readonly words: string;
}

export interface ChartRow {
  /** Counted from the bottom of the chart, from 1; `number` is the row's own, in the text. */
  readonly place: number;
  readonly number: number;
  readonly wrongSide: boolean;
  readonly stitches: number;
  /** Columns further left that it begins than the chart, where stitches were taken away at the right edge. */
  readonly shift: number;
  readonly runs: readonly (PlainRun | CrossingRun)[];
}

export interface Chart {
  /** Bottom row first. */
  readonly rows: readonly ChartRow[];
  readonly columns: number;
  /** Columns that repeat, from the right; drawn in a frame. */
  readonly repeat: { readonly from: number; readonly to: number } | null;
}

/** How the rows of a panel are worked and numbered. */
interface Manner {
  readonly wrongSide: readonly boolean[];
  readonly numbers: readonly number[];
  readonly repeat: Chart["repeat"];
  /** How far left each row begins; all at the right edge where none is given. */
  readonly shifts?: readonly number[];
}

const MARKS: Readonly<Record<string, Mark>> = {
  knit: "blank",
  purl: "bump",
  ktbl: "twist",
  ptbl: "twist",
  yo: "hole",
  slip: "slip",
  slipf: "slip",
  wrap3: "wrap",
  ssk: "left",
  sssk: "left",
  skp: "left",
  sk2p: "left",
  ssp: "left",
  sssp: "left",
  cdd: "centre",
  cddp: "centre",
  castOff: "closed",
  castOn: "sprout",
  pickUp: "sprout",
  rest: "resting",
  turn: "resting",
};

function markOf({ id, uses, leaves }: Operation): Mark {
  if (id.startsWith("bobble")) return "ball";
  if (id.startsWith("nupp")) return "drop";
  return MARKS[id] ?? (uses > leaves ? "right" : leaves > uses ? "sprout" : "blank");
}

function runsOf(row: PanelRow, wording: Wording): ChartRow["runs"] {
  let column = 0;
  return row.map((work: Work) => {
    const start = column;
    if ("crossing" in work) {
      const { crossing } = work;
      const width = widthOf(crossing);
      column += width;
      const { front, centre, back, lean } = crossing;
      const told = { name: nameOf(crossing, wording), words: crossingWords(crossing) };
      return {
        type: "crossing" as const,
        column: start,
        width,
        front,
        centre,
        back,
        lean,
        faces: facesOf(crossing),
        ...told,
      };
    }
    const { operation, times } = work;
    // A stitch that is cast off leaves none, and still has a place in its row.
    const width = (operation.belongs === "castOff" ? operation.uses : operation.leaves) * times;
    column += width;
    const told = { name: abbreviationOf(operation, wording), words: wordsOf(operation, wording) };
    return {
      type: "run" as const,
      column: start,
      width,
      mark: markOf(operation),
      face: operation.face,
      ...told,
    };
  });
}

/** How one work is drawn, by itself. */
export const signOf = (work: Work, wording: Wording): ChartRow["runs"][number] | undefined =>
  runsOf([work], wording)[0];

/** The signs that occur in a chart, each once, a run of one kind as one stitch of it. */
export function signsOf({ rows }: Chart): ChartRow["runs"] {
  const signs = new Map<string, ChartRow["runs"][number]>();
  for (const run of rows.flatMap(({ runs }) => runs)) {
    if (signs.has(run.name) || run.width === 0) continue;
    const width = run.type === "crossing" || run.mark === "wrap" ? run.width : 1;
    signs.set(run.name, { ...run, column: 0, width });
  }
  return [...signs.values()];
}

/** The chart of a panel. Example: purl 2, cross 2/2, purl 2 is two bumps, a crossing of four, two bumps. */
export function chartOf(
  { rows }: Panel,
  { wrongSide, numbers, repeat, shifts = [] }: Manner,
  wording: Wording,
): Chart {
  // Rows that are worked alike share their runs, which makes a large chart small to copy between threads.
  const known = new Map<string, ChartRow["runs"]>();
  const drawn = rows.map((row, index): ChartRow => {
    const key = keyOfRow(row);
    const runs = known.get(key) ?? runsOf(row, wording);
    known.set(key, runs);
    const stitches = runs.reduce((sum, { width }) => sum + width, 0);
    return {
      place: index + 1,
      number: numbers[index] ?? index + 1,
      wrongSide: wrongSide[index] ?? false,
      stitches,
      shift: shifts[index] ?? 0,
      runs,
    };
  });
  return {
    rows: drawn,
    columns: Math.max(0, ...drawn.map(({ stitches, shift }) => stitches + shift)),
    repeat,
  };
}
