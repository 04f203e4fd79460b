/** A piece worked from its first section to its last: every row of it, stitch by stitch. */
import { say, type Says } from "../../words/message";
import type { ProjectSection } from "../../project/sections";
import { mirrorRow } from "../../panels/transforms";
import type { StitchContent } from "../stitchContent";
import { recordOf } from "../kinds/kinds";
import {
  EMPTY,
  stitchesOn,
  type EdgeWork,
  type Side,
  type WorkState,
  type WorkedRow,
  type WorkPlan,
} from "./workState";

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
  readonly content: StitchContent | null;
  readonly edges: readonly EdgeWork[];
  /** Whether its first row is worked on the wrong side; null in the round. */
  readonly firstWrong: boolean | null;
  /** Row of its content that its first row is, counted from 0. */
  readonly firstRow: number;
}

/** Something of a section that cannot be so, and then it is left out; or that should be thought of. */
export interface SectionFinding {
  readonly sectionId: string;
  readonly side: Side;
  readonly message: Says;
  readonly leftOut: boolean;
}

export interface WorkedPiece {
  /** In the order of knitting; the sections of a divided part come once for each side. */
  readonly sections: readonly WorkedSection[];
  readonly findings: readonly SectionFinding[];
}

const START: WorkState = { needle: EMPTY, held: 0, round: false, side: "whole", strip: -1, worked: 0 };

/** More rows than this are not kept of one piece, both sides counted. */
const MOST_ROWS = 20_000;

/** How many sections each side has, and the join behind them; another strip ends the sides too. */
function endOfSides(rest: readonly ProjectSection[]): { sides: number; join: ProjectSection | null } {
  const end = rest.findIndex((one) => recordOf(one).join || recordOf(one).beginsStrip);
  const found = rest[end];
  return { sides: end < 0 ? rest.length : end, join: found && recordOf(found).join ? found : null };
}

class Bench {
  readonly sections: WorkedSection[] = [];
  readonly findings: SectionFinding[] = [];
  private rows = 0;
  constructor(private readonly plan: WorkPlan) {}

  /** Works sections one after the other; what stands between a divide and its join is worked once a side. */
  run(sections: readonly ProjectSection[], start: WorkState): WorkState {
    let state = start;
    for (let index = 0; index < sections.length; index += 1) {
      const section = sections[index];
      if (!section) break;
      const record = recordOf(section);
      if (record.divide) {
        const rest = sections.slice(index + 1);
        const end = endOfSides(rest);
        state = this.divided(section, rest.slice(0, end.sides), end.join, state);
        index += end.sides + (end.join ? 1 : 0);
      } else if (record.join) {
        this.leaveOut(section, state, say("nothingToJoin"));
      } else {
        state = this.one(section, state);
      }
    }
    return state;
  }

  private one(section: ProjectSection, state: WorkState): WorkState {
    const { beginsStrip, work } = recordOf(section);
    if (stitchesOn(state.needle) === 0 && !beginsStrip)
      return this.leaveOut(section, state, say("nothingOnNeedle"));
    if (!work) return state;
    const outcome = work(section, state, this.plan);
    if ("problem" in outcome) return this.leaveOut(section, state, outcome.problem);
    this.rows += outcome.rows.length;
    if (this.rows > MOST_ROWS)
      return this.leaveOut(section, state, say("tooManyRowsInPiece", { most: MOST_ROWS }));
    if (outcome.partly) this.find(section, state, outcome.partly, true);
    if (outcome.hint) this.find(section, state, outcome.hint, false);
    const coloured = outcome.colours ? { ...section, colours: outcome.colours } : section;
    this.put(coloured, state, outcome.state, outcome.rows, outcome.edges ?? []);
    return outcome.state;
  }

  private put(
    section: ProjectSection,
    before: WorkState,
    behind: WorkState,
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
      firstRow: behind.needle.row - rows.length,
      firstWrong: behind.round ? null : (begun ? 0 : before.worked) % 2 === 1,
    });
  }

  private find({ id }: ProjectSection, { side }: WorkState, message: Says, leftOut: boolean) {
    this.findings.push({ sectionId: id, side, message, leftOut });
  }

  private leaveOut(section: ProjectSection, state: WorkState, message: Says): WorkState {
    this.find(section, state, message, true);
    return state;
  }

  /** Works both sides of a divided needle, the right one first, and joins them if they are to be joined. */
  private divided(
    divide: ProjectSection,
    sides: readonly ProjectSection[],
    join: ProjectSection | null,
    state: WorkState,
  ): WorkState {
    if (state.side !== "whole") {
      this.leaveOut(divide, state, say("cannotDivideAgain"));
      return this.run(sides, state);
    }
    const split = recordOf(divide).divide?.(divide, state, this.plan);
    if (!split || "problem" in split) {
      if (split) this.leaveOut(divide, state, split.problem);
      return this.run(sides, state);
    }
    this.put(divide, state, { ...split.first, side: "whole" }, split.rows, [{ kind: "end" }]);
    const first = this.run(sides, split.first);
    const second = this.run(sides, { ...split.second, held: first.held });
    const together = join && recordOf(join).join?.(join, { first, second, whole: state }, this.plan);
    if (!join || !together) return second;
    const columns = [...first.needle.columns, ...second.needle.columns];
    const both = { ...second, needle: { ...second.needle, columns } };
    this.put(join, both, together.state, together.rows, []);
    return together.state;
  }
}

/** A section as in a mirror. */
const mirrored = (worked: WorkedSection): WorkedSection => ({
  ...worked,
  rows: worked.rows.map((row) => ({
    ...row,
    row: mirrorRow(row.row),
    right: -row.left,
    left: -row.right,
    // The last stitch at the left is the first at the right.
    firstColumn: -row.firstColumn - row.stitches,
  })),
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
            message: say("strandedAtEnd", { have: left }),
            leftOut: false,
          },
        ]
      : [];
  const sections = plan.piece.mirrored ? bench.sections.map(mirrored) : bench.sections;
  return { sections, findings: [...bench.findings, ...open] };
}
