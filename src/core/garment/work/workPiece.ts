/** A piece worked from its first section to its last: every row of it, stitch by stitch. */
import type { ProjectSection, SectionKind, SectionOf } from "../../files/sections";
import { facesOfRow } from "../../panels/panel";
import { joined } from "../../panels/panel";
import { mirrorRow } from "../../panels/transforms";
import { operationOf } from "../../stitches/operations";
import type { Content } from "../content";
import {
  workCastOff,
  workCastOffAt,
  workCastOn,
  workChange,
  workHold,
  workPickUp,
  workShortRows,
} from "./ends";
import { workFabric, workHem } from "./fabric";
import {
  columnsFrom,
  EMPTY,
  plural,
  stitchesOn,
  widthOn,
  workedOn,
  type EdgeWork,
  type Needle,
  type Outcome,
  type Side,
  type State,
  type WorkedRow,
  type WorkPlan,
} from "./needle";
import { workShape } from "./shape";

export interface WorkedSection {
  readonly section: ProjectSection;
  readonly side: Side;
  readonly strip: number;
  /** Stitches on the needle before it and behind it. */
  readonly from: number;
  readonly to: number;
  readonly rows: readonly WorkedRow[];
  /** Size of its stitches against the project's gauge. */
  readonly scale: number;
  /** What was on the needle behind it. */
  readonly content: Content | null;
  readonly edges: readonly EdgeWork[];
  /** Whether its first row is worked on the wrong side; null in the round. */
  readonly firstWrong: boolean | null;
}

/** Something of a section that cannot be so, and then it is left out; or that should be thought of. */
export interface SectionFinding {
  readonly sectionId: string;
  readonly side: Side;
  readonly message: string;
  readonly leftOut: boolean;
}

export interface WorkedPiece {
  /** In the order of knitting; the sections of a divided part come once for each side. */
  readonly sections: readonly WorkedSection[];
  readonly findings: readonly SectionFinding[];
}

type Kinds = {
  readonly [Kind in Exclude<SectionKind, "divide" | "join">]: (
    section: SectionOf<Kind>,
    state: State,
    plan: WorkPlan,
  ) => Outcome;
};

/** How each kind of section is worked; dividing and joining, which have two sides, stand by themselves. */
const KINDS: Kinds = {
  castOn: workCastOn,
  fabric: workFabric,
  change: workChange,
  shape: workShape,
  castOffAt: workCastOffAt,
  shortRows: workShortRows,
  hold: workHold,
  pickUp: workPickUp,
  hem: workHem,
  castOff: workCastOff,
};

/** Sections that may begin with nothing on the needle. */
const FROM_NOTHING: readonly SectionKind[] = ["castOn", "pickUp"];

const START: State = { needle: EMPTY, held: 0, round: false, side: "whole", strip: -1, worked: 0 };

/** More rows than this are not kept of one piece, both sides counted. */
const MOST_ROWS = 20_000;

class Bench {
  readonly sections: WorkedSection[] = [];
  readonly findings: SectionFinding[] = [];
  /** Whether it was already told that nothing is on the needle. */
  private empty = false;
  private rows = 0;
  constructor(private readonly plan: WorkPlan) {}

  /** Works sections one after the other; what stands between a divide and its join is worked once a side. */
  run(sections: readonly ProjectSection[], start: State): State {
    let state = start;
    for (let index = 0; index < sections.length; index += 1) {
      const section = sections[index];
      if (!section) break;
      if (section.kind === "divide") {
        const rest = sections.slice(index + 1);
        const end = endOfSides(rest);
        state = this.divided(section, rest.slice(0, end.sides), end.join, state);
        index += end.sides + (end.join ? 1 : 0);
      } else if (section.kind === "join") {
        this.leaveOut(
          section,
          state,
          "Nothing is divided here that it could join: put it behind a divided part.",
        );
      } else {
        state = this.one(section, state);
      }
    }
    return state;
  }

  private one(section: Exclude<ProjectSection, { kind: "divide" | "join" }>, state: State): State {
    if (stitchesOn(state.needle) === 0 && !FROM_NOTHING.includes(section.kind)) {
      if (!this.empty)
        this.leaveOut(section, state, "Nothing is on the needle here: cast on or pick up first.");
      this.empty = true;
      return state;
    }
    this.empty = false;
    const work = KINDS[section.kind] as (section: ProjectSection, state: State, plan: WorkPlan) => Outcome;
    const outcome = work(section, state, this.plan);
    if ("problem" in outcome) return this.leaveOut(section, state, outcome.problem);
    this.rows += outcome.rows.length;
    if (this.rows > MOST_ROWS)
      return this.leaveOut(
        section,
        state,
        `With this the piece has over ${MOST_ROWS} rows: make several pieces of it.`,
      );
    if (outcome.hint) this.say(section, state, outcome.hint, false);
    this.put(section, state, outcome.state, outcome.rows, outcome.edges ?? []);
    return outcome.state;
  }

  private put(
    section: ProjectSection,
    before: State,
    behind: State,
    rows: readonly WorkedRow[],
    edges: readonly EdgeWork[],
  ) {
    const begun = behind.strip > before.strip;
    this.sections.push({
      section,
      side: behind.side,
      strip: behind.strip,
      from: begun ? 0 : stitchesOn(before.needle),
      to: stitchesOn(behind.needle),
      rows,
      scale: this.plan.scaleOf(section),
      content: behind.needle.content ?? before.needle.content,
      edges,
      firstWrong: behind.round ? null : (begun ? 0 : before.worked) % 2 === 1,
    });
  }

  private say({ id }: ProjectSection, { side }: State, message: string, leftOut: boolean) {
    this.findings.push({ sectionId: id, side, message, leftOut });
  }

  private leaveOut(section: ProjectSection, state: State, message: string): State {
    this.say(section, state, message, true);
    return state;
  }

  /** Works both sides of a divided needle, the right one first, and joins them if they are to be joined. */
  private divided(
    divide: SectionOf<"divide">,
    sides: readonly ProjectSection[],
    join: SectionOf<"join"> | null,
    state: State,
  ): State {
    const have = stitchesOn(state.needle);
    if (state.side !== "whole") {
      this.leaveOut(divide, state, "A side cannot be divided again: join first.");
      return this.run(sides, state);
    }
    if (have - divide.centre < 2) {
      this.leaveOut(
        divide,
        state,
        `${plural(divide.centre, "stitch")} in the middle of ${have} leave nothing at the sides: fewer, at most ${have - 2}.`,
      );
      return this.run(sides, state);
    }
    const split = halves(divide, state, this.plan.scaleOf(divide));
    this.put(divide, state, { ...split.first, side: "whole" }, split.rows, [{ kind: "end" }]);
    const first = this.run(sides, split.first);
    const second = this.run(sides, { ...split.second, held: first.held });
    if (!join) return second;
    const together = this.joined(join, first, second, state);
    const columns = [...first.needle.columns, ...second.needle.columns];
    const both = { ...second, needle: { ...second.needle, columns } };
    this.put(join, both, together.state, together.rows, []);
    return together.state;
  }

  /** One row over the second side, stitches cast on between, and the first side. */
  private joined(join: SectionOf<"join">, first: State, second: State, whole: State) {
    const scale = this.plan.scaleOf(join);
    const content = first.needle.content ?? second.needle.content;
    const [right, left] = [first.needle.columns, second.needle.columns];
    const count = right.length + join.castOn + left.length;
    const width = widthOn(right, content, scale) + join.castOn * scale + widthOn(left, content, scale);
    const middle = (whole.needle.right + whole.needle.left) / 2;
    const columns = content?.stitches === null ? columnsFrom(0, count) : between(right, left, join.castOn);
    const reserved = new Map(
      columns
        .slice(right.length, right.length + join.castOn)
        .map((column) => [column, operationOf("castOn")]),
    );
    const needle: Needle = {
      columns,
      content,
      row: first.needle.row + 1,
      right: middle - width / 2,
      left: middle + width / 2,
    };
    const height = scale * (content?.heightFactor ?? 1);
    const row = content
      ? content.rowOn(first.needle.row, columns, reserved)
      : joined([
          { operation: operationOf("knit"), times: right.length },
          { operation: operationOf("castOn"), times: join.castOn },
          { operation: operationOf("knit"), times: left.length },
        ]);
    const state: State = {
      needle,
      held: second.held,
      round: this.plan.piece.round,
      side: "whole",
      strip: whole.strip,
      worked: first.worked + 1,
    };
    return { state, rows: count > 0 ? [workedOn(row, needle, height)] : [] };
  }
}

/** How many sections each side has, and the join behind them; another strip ends the sides too. */
function endOfSides(rest: readonly ProjectSection[]): { sides: number; join: SectionOf<"join"> | null } {
  const end = rest.findIndex(({ kind }) => kind === "join" || FROM_NOTHING.includes(kind));
  const found = rest[end];
  return { sides: end < 0 ? rest.length : end, join: found?.kind === "join" ? found : null };
}

/** Columns of two sides with so many between them, as near to the panels' own as there is room for. */
function between(right: readonly number[], left: readonly number[], count: number): readonly number[] {
  const [last, next] = [right.at(-1) ?? -1, left[0] ?? (right.at(-1) ?? -1) + count + 1];
  const room = Math.max(0, next - last - 1);
  const inside = columnsFrom(
    last + 1 + Math.floor((room - Math.min(room, count)) / 2),
    Math.min(room, count),
  );
  const more = count - inside.length;
  const end = (left.at(-1) ?? inside.at(-1) ?? last) + 1;
  return [...right, ...inside, ...left, ...columnsFrom(end, more)];
}

/** Cuts the needle in two; the middle is cast off in one row, or left on hold. */
function halves(divide: SectionOf<"divide">, state: State, scale: number) {
  const { columns, content, row, right, left } = state.needle;
  const count = Math.floor((columns.length - divide.centre) / 2);
  const firsts = columns.slice(0, columns.length - count - divide.centre);
  const seconds = columns.slice(columns.length - count);
  const castOff = divide.centre > 0 && divide.centreTo === "castOff";
  const all = content
    ? content.rowOn(row, columns)
    : [{ operation: operationOf("knit"), times: columns.length }];
  const works = (part: readonly number[]) =>
    content
      ? content.rowOn(row, part)
      : facesOfRow(all)
          .slice(0, part.length)
          .map((shows) => ({ operation: operationOf(shows), times: 1 }));
  const worked = joined([
    ...works(firsts),
    { operation: operationOf("castOff"), times: divide.centre },
    ...works(seconds),
  ]);
  const height = scale * (content?.heightFactor ?? 1);
  const rows: readonly WorkedRow[] = castOff
    ? [{ ...workedOn(worked, state.needle, height), stitches: firsts.length + seconds.length }]
    : [];
  const half = (part: readonly number[], side: Side, edges: { right: number; left: number }): State => ({
    ...state,
    needle: { columns: part, content, row: row + rows.length, ...edges },
    round: false,
    side,
    held: state.held + (divide.centreTo === "hold" ? divide.centre : 0),
    worked: state.worked + rows.length,
  });
  return {
    rows,
    first: half(firsts, "first", { right, left: right + widthOn(firsts, content, scale) }),
    second: half(seconds, "second", { right: left - widthOn(seconds, content, scale), left }),
  };
}

/** A section as in a mirror. */
const mirrored = (worked: WorkedSection): WorkedSection => ({
  ...worked,
  rows: worked.rows.map((row) => ({ ...row, row: mirrorRow(row.row), right: -row.left, left: -row.right })),
});

/**
 * Works a piece. A section that cannot be worked is left out and told of; the rest goes on without it.
 * Example: cast on 12, four rows of a rope of 8 with edges of 2, cast off is four rows of 12 stitches.
 */
export function workPiece(plan: WorkPlan): WorkedPiece {
  const bench = new Bench(plan);
  const last = bench.run(plan.piece.sections, START);
  const left = stitchesOn(last.needle);
  const section = plan.piece.sections.at(-1);
  const open =
    left > 0 && section
      ? [
          {
            sectionId: section.id,
            side: last.side,
            message: `${plural(left, "stitch")} are still on the needle at the end: cast them off or hold them.`,
            leftOut: false,
          },
        ]
      : [];
  const sections = plan.piece.mirrored ? bench.sections.map(mirrored) : bench.sections;
  return { sections, findings: [...bench.findings, ...open] };
}
