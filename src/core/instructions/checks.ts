/** What a text says of its rows as a whole, held against them: its counts, whether it closes, where its cables run. */
import { crossingsOf, facesOfRow, joined, stitchesOf, stitchesUsedBy, type PanelRow } from "../panels/panel";
import { facesOf, widthOf } from "../stitches/crossings";
import type { Face } from "../stitches/operations";
import { say } from "../words/message";
import type { RepeatColumns, RepeatUnit } from "./expand";
import { spanOfRow } from "./ast";
import { FLAT, IN_THE_ROUND, remark, type UnplacedFinding } from "./findings";
import type { Numbered } from "./rowNumbers";
import type { Said } from "./sentences";

export interface Checked {
  readonly rows: readonly (PanelRow | null)[];
  readonly numbered: readonly Numbered[];
  readonly said: readonly Said[];
  readonly units: readonly (RepeatUnit | null)[];
  /** Whether the text, or who asks, says how many stitches there are. */
  readonly counted: boolean;
  /** What is worked once before the others, and leaves them their stitches. */
  readonly setUp: readonly (PanelRow | null)[];
  readonly repeat: RepeatColumns | null;
  readonly round: boolean;
  /** Whether it says on which side its rows are worked. */
  readonly sided: boolean;
}

/** Worked flat, an odd number of rows begins its second time on the other side, and two pieces do not match. */
function* parity({ numbered, round }: Checked): Iterable<UnplacedFinding> {
  const last = numbered.at(-1);
  if (round || !last || last.row % 2 === 0 || last.row === 1) return;
  const { from, to } = last.written.heading;
  yield remark("warning", from, to, say("oddRepeat", { rows: last.row }), last.row);
}

/** The repeat must close: its last row leaves what its first row uses. */
function* closing({ rows, numbered }: Checked): Iterable<UnplacedFinding> {
  const [first, last] = [rows[0], rows.at(-1)];
  const heading = numbered.at(-1)?.written.heading;
  if (!first || !last || !heading || rows.length < 2 || rows.includes(null)) return;
  const [begins, ends] = [stitchesUsedBy(first), stitchesOf(last)];
  if (begins !== ends)
    yield remark(
      "error",
      heading.from,
      heading.to,
      say("repeatOpen", { ends, begins }),
      numbered.at(-1)?.row ?? null,
    );
}

/** The stitches that a text says it is worked over, against those that its first row takes. */
function* statedCounts({ rows, said, repeat }: Checked): Iterable<UnplacedFinding> {
  const [first] = rows;
  if (!first) return;
  const takes = stitchesUsedBy(first);
  const of = repeat ? repeat.to - repeat.from : 0;
  for (const { sentence, from, to } of said) {
    if (sentence.says !== "stitches" || sentence.stitches === takes) continue;
    if (of > 0 && sentence.stitches > 0 && (sentence.stitches - takes) % of === 0) continue;
    yield remark("error", from, to, say("otherThanStated", { stated: sentence.stitches, takes }));
  }
}

/** A row that is worked once before the others leaves what the first of them takes. */
function* setUpCount({ rows, setUp, repeat }: Checked): Iterable<UnplacedFinding> {
  const [first, before] = [rows[0], setUp.at(-1)];
  if (!first || !before || repeat) return;
  const [leaves, takes] = [stitchesOf(before), stitchesUsedBy(first)];
  if (leaves !== takes) yield remark("error", 0, 0, say("setUpCount", { leaves, takes }));
}

/**
 * Rows that repeat over counts of which neither holds the other: they fit together only over many more stitches, and
 * one of them is likely a slip of the pen.
 */
function* unlikeRepeats({ rows, units, numbered, counted }: Checked): Iterable<UnplacedFinding> {
  const [first] = rows;
  if (counted || !first) return;
  const often = new Map<number, number>();
  for (const unit of units) if (unit) often.set(unit.uses, (often.get(unit.uses) ?? 0) + 1);
  for (let at = 1; at < units.length; at += 1) {
    const [under, own] = [units[at - 1], units[at]];
    if (!under || !own) continue;
    const [less, more] = [under.leaves, own.uses].sort((one, other) => one - other);
    if (!less || !more || more % less === 0) continue;
    const rarer = (often.get(under.uses) ?? 0) < (often.get(own.uses) ?? 0) ? at - 1 : at;
    const [odd, other] = rarer === at ? [own.uses, under.leaves] : [under.leaves, own.uses];
    const written = numbered[rarer];
    if (!written) return;
    const { row } = written;
    const stitches = stitchesUsedBy(first);
    yield {
      severity: "question",
      row,
      ...spanOfRow(written.written),
      message: say("unlikeRepeats", { row, odd, other }),
      mends: [
        {
          label: say("rightOverSo", { stitches }),
          edit: { from: 0, to: 0, text: `Worked over ${stitches} sts.\n` },
        },
      ],
    };
    return;
  }
}

/** Rounds among rows: one of the two words is a slip of the pen, and stitches hang on which. */
function* rounds({ numbered, said }: Checked): Iterable<UnplacedFinding> {
  if (said.some(({ sentence }) => sentence.says === "manner")) return;
  const headings = [...new Set(numbered.map(({ written }) => written))].map(({ heading }) => heading);
  const inRounds = headings.filter(({ round }) => round);
  if (inRounds.length === 0 || inRounds.length === headings.length) return;
  const fewer = inRounds.length * 2 > headings.length ? headings.filter(({ round }) => !round) : inRounds;
  const [odd] = fewer;
  if (!odd) return;
  yield {
    severity: "question",
    row: odd.rows[0] ?? null,
    from: odd.from,
    to: odd.to,
    message: say("roundsAmongRows"),
    mends: [IN_THE_ROUND, FLAT],
  };
}

/** The faces of a row with one of its crossings worked so many columns further left; null where it does not fit there. */
function movedFaces(row: PanelRow, at: number, by: number): readonly Face[] | null {
  const before = joined(row.slice(0, at));
  const crossing = row[at];
  if (!crossing || !("crossing" in crossing)) return null;
  const faces = facesOfRow(row);
  const from = stitchesOf(before);
  const width = widthOf(crossing.crossing);
  const own = faces.slice(from, from + width);
  const rest = [...faces.slice(0, from), ...faces.slice(from + width)];
  const place = from + by;
  if (place < 0 || place > rest.length) return null;
  return [...rest.slice(0, place), ...own, ...rest.slice(place)];
}

const unlike = (faces: readonly Face[], below: readonly Face[]) =>
  faces.reduce((sum, face, column) => sum + (face === below[column] ? 0 : 1), 0);

/** How far a crossing that is written beside its cable is looked for. */
const BESIDE = 4;

/**
 * A crossing beside the cable that it crosses: all knit, over stitches that show purl, while all would agree with the
 * row below a few stitches further on.
 */
function* besideCables({ rows, numbered }: Checked): Iterable<UnplacedFinding> {
  for (let at = 1; at < rows.length; at += 1) {
    const [row, under] = [rows[at], rows[at - 1]];
    const written = numbered[at];
    if (
      !row ||
      !under ||
      !written ||
      stitchesOf(under) !== stitchesUsedBy(row) ||
      stitchesOf(row) !== stitchesOf(under)
    )
      continue;
    if (!row.some((work) => "crossing" in work && work.crossing.kind === "knit")) continue;
    const below = facesOfRow(under);
    if (unlike(facesOfRow(row), below) === 0) continue;
    for (const [place, work] of row.entries()) {
      if (!("crossing" in work) || new Set(facesOf(work.crossing)).size > 1) continue;
      const beside = Array.from({ length: 2 * BESIDE + 1 }, (_, index) => index - BESIDE).find((by) => {
        const faces = by === 0 ? null : movedFaces(row, place, by);
        return faces !== null && unlike(faces, below) === 0;
      });
      if (beside === undefined) continue;
      const { from, to } = spanOfRow(written.written);
      yield remark(
        "question",
        from,
        to,
        say("besideItsCable", { row: written.row, by: Math.abs(beside) }),
        written.row,
      );
    }
  }
}

/**
 * Rows that show a cable on both sides as they are written: worked flat, every second one would turn it over. Nothing
 * says that they are rounds, and yet they seem to be.
 */
function* seemRounds({ rows, numbered, said, round, sided }: Checked): Iterable<UnplacedFinding> {
  if (round || sided || said.some(({ sentence }) => sentence.says === "manner")) return;
  if (!rows.some((row) => row && crossingsOf(row).length > 0)) return;
  let seen = 0;
  for (let at = 1; at < rows.length; at += 2) {
    const [under, row] = [rows[at - 1], rows[at]];
    if (!under || !row || stitchesOf(under) !== stitchesOf(row) || crossingsOf(row).length > 0) return;
    const below = facesOfRow(under);
    // As it would lie in the round: read the same way, and not turned over.
    const around = [...facesOfRow(row)].reverse().map((face) => (face === "knit" ? "purl" : "knit"));
    if (new Set(below).size < 2 || unlike(around, below) > 0) return;
    seen += 1;
  }
  const [second] = numbered.slice(1);
  if (seen === 0 || !second) return;
  const { from, to } = second.written.heading;
  yield {
    severity: "question",
    row: second.row,
    from,
    to,
    message: say("seemRounds", { row: second.row }),
    mends: [IN_THE_ROUND, FLAT],
  };
}

const CHECKS = [setUpCount, unlikeRepeats, seemRounds, parity, rounds, statedCounts, besideCables] as const;

/** All that is wrong with the rows as a whole; whether the repeat closes only where each row is right. */
export const checked = (given: Checked, allRight: boolean): readonly UnplacedFinding[] => [
  ...CHECKS.flatMap((check) => [...check(given)]),
  ...(allRight ? closing(given) : []),
];
