/** Rows as they are worked, one by one: what a knitter reads with the wool in hand, and what is to come. */
import { sharing } from "../estimate/colourWork";
import { recordOf } from "../garment/kinds/kinds";
import { inBrackets } from "../garment/spread";
import type { WorkedSection } from "../garment/work/workPiece";
import type { Side, WorkedRow } from "../garment/work/workState";
import { explained, worksPrinter } from "../instructions/print";
import { seenFromTheFront } from "../instructions/seenFromTheFront";
import { chartOf, type ChartRow } from "../panels/chart";
import { crossingsOf, joined, type Panel } from "../panels/panel";
import type { Crossing } from "../stitches/crossings";
import { crossingName } from "../stitches/crossingNames";
import type { Wording } from "../stitches/wording";
import { crossingsIn, cutAtMarkers, markersIn } from "./markers";
import { say, type Message } from "../words/message";

/** What is worked from one marker to the next, or to the end of the row. */
interface Stretch {
  readonly text: string;
  /** The marker behind it, counted from the right of the right side; null at the end of the row. */
  readonly marker: number | null;
  readonly crosses: boolean;
}

export interface KnitRow {
  /** Of the piece, counted from 1. */
  readonly row: number;
  readonly sectionId: string;
  readonly side: Side;
  /** Of the section, counted from 1, and how many it has. */
  readonly inSection: number;
  readonly ofSection: number;
  /** Of the repeat of what it is worked in; null where that is one row, or all of the section. */
  readonly ofRepeat: { readonly row: number; readonly rows: number } | null;
  /** Null in the round, where there is no wrong side. */
  readonly wrongSide: boolean | null;
  /** On the needle behind it. */
  readonly stitches: number;
  readonly yarnIds: readonly string[];
  /** In the order in which they are worked. */
  readonly stretches: readonly Stretch[];
  /** As it is seen while it is worked, its first stitch at the right. */
  readonly chart: ChartRow;
  /** Crossings of it, or of the next row that has some, as they are worked: what may have to be explained. */
  readonly toExplain: readonly Crossing[];
  /** What is done before it. */
  readonly before: readonly Message[];
  /** What comes: the next crossing first, then what ends soon. */
  readonly ahead: readonly Message[];
}

export interface KnitRows {
  readonly pieceId: string;
  readonly rows: readonly KnitRow[];
  /** Of the whole piece. */
  readonly all: number;
  /** What is done behind its last row. */
  readonly atEnd: readonly Message[];
  /** What its bobbles and nupps are. */
  readonly meanings: readonly string[];
}

/** So many rows before it happens the end of a section is told. */
const TOLD_BEFORE = 4;

/** And so many rows before it should be reached, a length. */
const MEASURED_BEFORE = 10;

interface Placed {
  readonly worked: WorkedSection;
  readonly index: number;
}

/** A piece laid out row by row. */
class Rows {
  readonly placed: readonly Placed[];
  /** Its rows, those that are alike once. */
  readonly panel: Panel;
  private readonly print;
  private readonly shares = new Map<WorkedSection, ReturnType<typeof sharing>>();

  constructor(
    readonly sections: readonly WorkedSection[],
    private readonly piece: { readonly mirrored: boolean; readonly yarnId: string },
    private readonly style: Wording,
    private readonly nameOf: (yarnId: string) => string,
  ) {
    this.placed = sections.flatMap((worked) => worked.rows.map((_, index) => ({ worked, index })));
    this.panel = { rows: [...new Set(this.placed.map(({ worked, index }) => rowOf(worked, index).row))] };
    this.print = worksPrinter(this.panel, style);
  }

  private partsOf({ worked, index }: Placed) {
    const row = rowOf(worked, index);
    return cutAtMarkers(row.row, markersIn(row, worked, this.piece.mirrored));
  }

  /** The first row from `at` on in which something crosses; null where none does. */
  private crossingFrom(at: number): number | null {
    const next = this.placed.findIndex(
      ({ worked, index }, row) => row >= at && rowOf(worked, index).row.some((work) => "crossing" in work),
    );
    return next < 0 ? null : next;
  }

  /** Crossings of a row as they are worked, each kind once. */
  private crossingsOf(at: number): readonly Crossing[] {
    const placed = this.placed[at] as Placed;
    const { row } = rowOf(placed.worked, placed.index);
    const seen = isWrong(placed) === true ? seenFromTheFront(row) : row;
    return [...new Map(crossingsOf(seen).map((one) => [crossingName(one), one])).values()];
  }

  private crossingAhead(at: number, next: number | null): Message {
    if (next === null) return say("noCrossingAhead");
    const placed = this.placed[next] as Placed;
    const each = crossingsIn(this.partsOf(placed), isWrong(placed) === true, this.style);
    return next === at ? say("crossingInRow", { each }) : say("crossingAhead", { rows: next - at, each });
  }

  /** What is done between the rows `at - 1` and `at`: sections without a row, and the other side. */
  private actsBefore(at: number): readonly Message[] {
    const placed = this.placed[at];
    if (placed && placed.index > 0) return [];
    const to = placed ? this.sections.indexOf(placed.worked) : this.sections.length;
    const former = this.placed[at - 1];
    const from = former ? this.sections.indexOf(former.worked) + 1 : 0;
    const acts = this.sections.slice(from, to).flatMap(actOf);
    const own = placed ? actOf(placed.worked) : [];
    const turned = placed?.worked.side === "second" && former?.worked.side === "first";
    return [...acts, ...(turned ? [say("otherSideNow")] : []), ...own];
  }

  private yarnsOf({ worked, index }: Placed): readonly string[] {
    const share = this.shares.get(worked) ?? sharing(worked.section, this.piece.yarnId);
    this.shares.set(worked, share);
    return share(rowOf(worked, index).row, index).map(({ yarnId }) => yarnId);
  }

  /** The next row of other yarns than this one's, where it comes soon. */
  private colourAhead(at: number): readonly Message[] {
    const own = this.yarnsOf(this.placed[at] as Placed).join(" ");
    for (let rows = 1; rows <= TOLD_BEFORE; rows += 1) {
      const next = this.placed[at + rows];
      if (!next) return [];
      const ids = this.yarnsOf(next);
      if (ids.join(" ") !== own) return [say("colourAhead", { rows, yarns: ids.map(this.nameOf) })];
    }
    return [];
  }

  private endsAfter({ worked, index }: Placed, at: number): readonly Message[] {
    const rows = worked.rows.length - 1 - index;
    if (rows >= TOLD_BEFORE) return [];
    return this.actsBefore(at + rows + 1).map((what) => say("inRows", { rows, what }));
  }

  row(at: number): KnitRow {
    const placed = this.placed[at] as Placed;
    const { worked, index } = placed;
    const { row, stitches } = rowOf(worked, index);
    const wrongSide = isWrong(placed);
    const behind = wrongSide === true;
    const parts = this.partsOf(placed);
    const next = this.crossingFrom(at);
    const stretches = parts.map((part, marker): Stretch => {
      const last = behind ? marker === 0 : marker === parts.length - 1;
      return {
        text: inBrackets(this.print(part, behind)),
        marker: last ? null : behind ? marker : marker + 1,
        crosses: part.some((work) => "crossing" in work),
      };
    });
    const seen = { rows: [behind ? joined(seenFromTheFront(row)) : row] };
    const [chart] = chartOf(seen, { wrongSide: [false], numbers: [at + 1], repeat: null }, this.style).rows;
    return {
      row: at + 1,
      sectionId: worked.section.id,
      side: worked.side,
      inSection: index + 1,
      ofSection: worked.rows.length,
      ofRepeat: repeatAt(worked, index),
      wrongSide,
      stitches,
      yarnIds: this.yarnsOf(placed),
      stretches: behind ? stretches.reverse() : stretches,
      chart: chart as ChartRow,
      toExplain: next === null ? [] : this.crossingsOf(next),
      before: this.actsBefore(at),
      ahead: [
        this.crossingAhead(at, next),
        ...this.colourAhead(at),
        ...this.endsAfter(placed, at),
        ...untilOf(placed),
      ],
    };
  }

  atEnd(): readonly Message[] {
    return this.actsBefore(this.placed.length);
  }
}

const rowOf = ({ rows }: WorkedSection, index: number) => rows[index] as WorkedRow;

const isWrong = ({ worked: { firstWrong }, index }: Placed) =>
  firstWrong === null ? null : (index % 2 === 1) !== firstWrong;

const actOf = ({ section, from, to }: WorkedSection): readonly Message[] => {
  const told = recordOf(section).tells?.(section, { from, to });
  return told ? [told] : [];
};

/** What is worked to a length is told so at its beginning and when it comes near: its rows are what that should take. */
function untilOf({ worked: { section, rows }, index }: Placed): readonly Message[] {
  if (index > 0 && rows.length - index > MEASURED_BEFORE) return [];
  const length = recordOf(section).toLength?.(section) && "lengthMm" in section ? section.lengthMm : null;
  return length ? [say("workUntil", { lengthMm: length, rows: rows.length })] : [];
}

/** Where a row lies in its repeat: the rows of a section come again as those of its content do. */
function repeatAt({ content, rows, firstRow }: WorkedSection, index: number) {
  if (!content || content.rows < 2 || rows.length < content.rows) return null;
  return { row: ((firstRow + index) % content.rows) + 1, rows: content.rows };
}

interface WantedRows {
  readonly from: number;
  readonly to: number;
  readonly style: Wording;
  /** What a yarn is called. */
  readonly nameOf: (yarnId: string) => string;
}

/**
 * Rows `from` to `to` of a worked piece, counted from 1; fewer where it has fewer.
 * Example: row 1 of a scarf has "Cast on 40 stitches, long-tail" before it, and its next crossing ahead.
 */
export function knitRows(
  sections: readonly WorkedSection[],
  piece: { readonly id: string; readonly mirrored: boolean; readonly yarnId: string },
  { from, to, style, nameOf }: WantedRows,
): KnitRows {
  const rows = new Rows(sections, piece, style, nameOf);
  const all = rows.placed.length;
  const first = Math.max(1, from);
  const wanted = Array.from(
    { length: Math.max(0, Math.min(to, all) - first + 1) },
    (_, index) => first + index,
  );
  return {
    pieceId: piece.id,
    rows: wanted.map((row) => rows.row(row - 1)),
    all,
    atEnd: rows.atEnd(),
    meanings: explained(rows.panel).map(({ line }) => line),
  };
}
