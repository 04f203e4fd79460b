/** What one kind of section is, as far as it can be knitted: how it is worked, how it grows, what it is worked in. */
import type { Message, Says } from "../../words/message";
import type { GroundId } from "../../panels/grounds";
import type { Across } from "../../panels/across";
import type { ProjectPiece } from "../../project/project";
import type { FabricSection, ProjectSection, SectionKind, SectionOf } from "../../project/sections";
import type { Worked, WorkPlan, WorkState, WorkedRow } from "../work/workState";
import type { GradeContext } from "./grading";

/** What lies across a section that begins a fabric of its own, or the rows that it is written in. */
export type LiesIn =
  | { readonly by: "ground"; readonly ground: GroundId }
  /** `key` is all that the ropes hang on; they are laid out only when they are asked for. */
  | { readonly by: "ropes"; readonly key: readonly unknown[]; readonly across: () => Across }
  /** Panels have to be read before they can lie side by side. */
  | { readonly by: "panels"; readonly section: FabricSection }
  | { readonly by: "text"; readonly text: string };

/** A needle cut in two. */
export interface Halves {
  readonly rows: readonly WorkedRow[];
  readonly first: WorkState;
  readonly second: WorkState;
}

/** Two sides that are to be joined, and what was on the needle before it was divided. */
export interface TwoSides {
  readonly first: WorkState;
  readonly second: WorkState;
  readonly whole: WorkState;
}

/** Stitches on the needle before a section and behind it. */
interface StitchCounts {
  readonly from: number;
  readonly to: number;
}

/** Adding a kind is one such record and one line in `kinds.ts`; its schema is in `project/sections.ts`. */
export interface SectionRecord<Kind extends SectionKind> {
  /** Rows, stitches and edges of it; those that have two sides are worked by `divide` and `join`. */
  readonly work?: (section: SectionOf<Kind>, state: WorkState, plan: WorkPlan) => Worked;
  readonly divide?: (
    section: SectionOf<Kind>,
    state: WorkState,
    plan: WorkPlan,
  ) => { readonly problem: Says } | Halves;
  readonly join?: (
    section: SectionOf<Kind>,
    sides: TwoSides,
    plan: WorkPlan,
  ) => { readonly state: WorkState; readonly rows: readonly WorkedRow[] };
  /** Whether it may begin with nothing on the needle: it begins a strip. */
  readonly beginsStrip?: true;
  /** The section in another size; where there is nothing here it is the same in every size. */
  readonly grade?: (section: SectionOf<Kind>, context: GradeContext) => SectionOf<Kind>;
  /** What it is worked in, where that begins with it. */
  readonly liesIn?: (section: SectionOf<Kind>, piece: Pick<ProjectPiece, "round">) => LiesIn | null;
  /** Whether it can be most of a piece. */
  readonly isFabric?: true;
  /** Whether it says over how many rows it goes. */
  readonly hasRows?: (section: SectionOf<Kind>) => boolean;
  /** What is done before its rows, or in them, as a knitter is told beforehand; a fabric just goes on. */
  readonly tells?: (section: SectionOf<Kind>, counts: StitchCounts) => Message;
  /** Whether it goes on until it is so long, however many rows that takes. */
  readonly toLength?: (section: SectionOf<Kind>) => boolean;
}

/** Any record, asked about any section: the list hands out the record of the section's own kind. */
export type AnyRecord = {
  readonly [Key in keyof SectionRecord<SectionKind>]: SectionRecord<SectionKind>[Key] extends
    ((section: never, ...rest: infer Rest) => infer Answer) | undefined
    ? (section: ProjectSection, ...rest: Rest) => Answer
    : SectionRecord<SectionKind>[Key];
};
