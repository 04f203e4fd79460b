/** Fabric over many rows: ropes, panels, a ground, or on in what was worked before; buttonholes in its middle. */
import { say, type Message, type Says } from "../../words/message";
import { type FabricSection } from "../../project/sections";
import { operationOf } from "../../stitches/operations";
import { type StitchContent } from "../stitchContent";
import { buttonholes } from "../buttonholes";
import {
  after,
  centred,
  stitchesOn,
  workedOn,
  type Needle,
  type Worked,
  type WorkState,
  type WorkedRow,
  type WorkPlan,
} from "../work/workState";
import { begin, knittable, rowsOn } from "./onNeedle";
import { gradeFabric } from "./gradeFabric";
import type { SectionRecord } from "./kind";
import type { Across } from "../../panels/across";
import { ropesAcross } from "../../panels/across";
import { ropeOf } from "../../panels/ropes";
import type { ProjectPiece } from "../../project/project";
import type { LiesIn } from "./kind";

/** Rows of an extent, or why there are none. `rowMm` is the height of a row here. */
function rowsOf(
  extent: Pick<FabricSection, "by" | "rows" | "lengthMm" | "repeats" | "endRow">,
  rowMm: number,
  repeat: number,
  more: number,
): number | Message {
  if (extent.by === "rows") return extent.rows ?? say("sayHowManyRows");
  if (extent.by === "repeats") {
    if (extent.endRow > repeat) return say("rowNotInRepeat", { row: extent.endRow, repeat });
    return knittable(extent.repeats * repeat + extent.endRow + more);
  }
  if (extent.lengthMm === null) return say("sayHowLong");
  const rows = Math.round(extent.lengthMm / rowMm);
  return rows < 1 ? say("underOneRow", { lengthMm: extent.lengthMm, rowMm }) : knittable(rows);
}

/**
 * Rows of a content to leave out at its beginning so that its crossings fall on the right side: where the next row is
 * a wrong-side row, it begins with the last row of its repeat, which is one.
 */
const rowsBefore = ({ sided, rows }: StitchContent, { round, worked }: WorkState) =>
  sided && !round && worked % 2 === 1 ? rows - 1 : 0;

/** What does not keep it from being worked but is hardly meant. */
const hintOf = ({ columns }: Needle, { stitches, multiple }: StitchContent, round: boolean) =>
  stitches === null && round && columns.length % multiple !== 0
    ? {
        hint: say("noMultiple", { have: columns.length, multiple }),
      }
    : stitches !== null && columns.length > stitches
      ? {
          hint: say("plainAtEdges", { stitches: columns.length - stitches }),
        }
      : {};

/** Rows that buttonholes take: stitches are cast off in one and cast on again in the next. */
const HOLE_ROWS = 2;

/** Rows with buttonholes in their middle; or why there is no room for them. Holes are counted from the right. */
function withHoles(
  holes: FabricSection["holes"],
  needle: Needle,
  content: StitchContent,
  rows: readonly WorkedRow[],
  scale: number,
): { readonly rows: readonly WorkedRow[]; readonly partly: Says | null } {
  if (!holes) return { rows, partly: null };
  if (rows.length <= HOLE_ROWS) return { rows, partly: say("holesNeedRows") };
  const placed = buttonholes(
    Math.min(holes.over ?? Infinity, stitchesOn(needle)),
    holes.count,
    holes.stitches,
    holes.margin,
  );
  if (!placed.ok) return { rows, partly: say("withoutHoles", { why: placed.message }) };
  const columns = placed.value.at.flatMap((start) => needle.columns.slice(start, start + holes.stitches));
  const first = Math.floor((rows.length - HOLE_ROWS) / 2);
  const height = scale * content.heightFactor;
  const worked = rows.map((row, index) => {
    const at = index - first;
    if (at < 0 || at >= HOLE_ROWS) return row;
    const operation = operationOf(at === 0 ? "castOff" : "castOn");
    const reserved = new Map(columns.map((column) => [column, operation]));
    return workedOn(content.rowOn(needle.row + index, needle.columns, reserved), needle, height);
  });
  return { rows: worked, partly: null };
}

/** A length ends behind a wrong-side row, so that what follows begins on the right side; in the round anywhere. */
function endingRight(rows: number, exact: number, { round, worked }: WorkState): number {
  if (round || (rows + worked) % 2 === 0) return rows;
  return rows > 1 && exact < rows ? rows - 1 : rows + 1;
}

/** A repeat of an odd number of rows cannot keep its crossings on the right side: they would be worked blind. */
function crossesFromBehind(rows: readonly WorkedRow[], { round, worked }: WorkState): Message | null {
  if (round) return null;
  const at = rows.findIndex(
    ({ row }, index) => (worked + index) % 2 === 1 && row.some((work) => "crossing" in work),
  );
  if (at < 0) return null;
  return at === 0 ? say("crossingOnWrongSide") : say("crossingsFromBehind", { row: at + 1 });
}

/** Told where a fabric begins on a wrong-side row, so that nobody looks for its first row there. */
const beginsBefore = ({ row }: Needle, goesOn: boolean) =>
  row > 0 && !goesOn ? say("beginsLate", { row: row + 1 }) : null;

function work(section: FabricSection, state: WorkState, plan: WorkPlan): Worked {
  const scale = plan.scaleOf(section);
  const goesOn = section.content === "asBefore";
  const content = goesOn ? state.needle.content : plan.contentOf(section);
  if (!content) return { problem: say("nothingToGoOnIn") };
  if ("message" in content) return { problem: content.message };
  const begun = goesOn
    ? centred(state.needle, state.needle.columns, content, scale)
    : begin(state.needle, content, scale, rowsBefore(content, state));
  if ("code" in begun) return { problem: begun };
  const rowMm = plan.rowMm * scale * content.heightFactor;
  // A row that is worked before the first of the repeat is one more up to the row that it is to end with.
  const more = section.by === "repeats" && !goesOn && begun.row > 0 ? 1 : 0;
  const told = rowsOf(section, rowMm, content.rows, more);
  if (typeof told !== "number") return { problem: told };
  const count = section.by === "length" ? endingRight(told, (section.lengthMm ?? 0) / rowMm, state) : told;
  const { rows, partly } = withHoles(
    section.holes,
    begun,
    content,
    rowsOn(begun, content, count, scale),
    scale,
  );
  const wrongSide = crossesFromBehind(rows, state) ?? beginsBefore(begun, goesOn);
  const needle = { ...begun, row: begun.row + count };
  return {
    state: after(state, needle, count),
    rows,
    ...(partly !== null && { partly }),
    ...hintOf(begun, content, state.round),
    ...(wrongSide && !goesOn ? { hint: wrongSide } : {}),
  };
}

/** The ropes of a section as panels. In the round the purls behind the last rope are those before the first. */
export function ropesOf(section: FabricSection, { round }: Pick<ProjectPiece, "round">): Across {
  const flat = ropesAcross({ ...section, rope: ropeOf(section.ropeId) });
  return round ? { ...flat, panels: flat.panels.slice(0, section.ropes) } : flat;
}

function liesIn(section: FabricSection, piece: Pick<ProjectPiece, "round">): LiesIn | null {
  if (section.content === "asBefore") return null;
  if (section.content === "ground") return { by: "ground", ground: section.ground };
  if (section.content === "panels") return { by: "panels", section };
  const { ropeId, lean, ropes, purls, edge } = section;
  return { by: "ropes", key: [ropeId, lean, ropes, purls, edge], across: () => ropesOf(section, piece) };
}

export const fabric: SectionRecord<"fabric"> = {
  work,
  grade: gradeFabric,
  liesIn,
  isFabric: true,
  hasRows: ({ by, rows, lengthMm }) => by === "repeats" || (by === "rows" ? rows : lengthMm) !== null,
  toLength: ({ by }) => by === "length",
};
