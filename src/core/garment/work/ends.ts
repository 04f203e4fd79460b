/** Sections that put stitches on the needle or take them off: cast-ons, cast-offs, holds, edges, short rows. */
import type { ProjectSection, SectionOf } from "../../project/sections";
import type { PanelRow, Work } from "../../panels/panel";
import { operationOf } from "../../stitches/operations";
import { groundBalance } from "../../panels/grounds";
import { changeRow } from "../changeCount";
import {
  after,
  centred,
  columnsFrom,
  EMPTY,
  plural,
  stitchesOn,
  widthOn,
  workedOn,
  type Needle,
  type Worked,
  type WorkState,
  type WorkedRow,
  type WorkPlan,
} from "./workState";
import { edgesAt } from "./shape";

const works = (id: string, times: number): Work[] =>
  times > 0 ? [{ operation: operationOf(id), times }] : [];

const BEGINS: readonly ProjectSection["kind"][] = ["castOn", "pickUp"];

/** The sections that follow, up to where another strip begins. */
function ahead(section: ProjectSection, plan: WorkPlan): readonly ProjectSection[] {
  const rest = plan.after(section);
  const end = rest.findIndex(({ kind }) => BEGINS.includes(kind));
  return end < 0 ? rest : rest.slice(0, end);
}

/** The next panels above, which know how many stitches they take; null where there are none. */
function panelsAhead(section: ProjectSection, plan: WorkPlan) {
  for (const one of ahead(section, plan)) {
    if (one.kind !== "fabric" || one.content === "asBefore" || one.content === "ground") continue;
    const content = plan.contentOf(one);
    if (!("message" in content) && content.stitches !== null)
      return { section: one, stitches: content.stitches, kept: content.kept.all };
  }
  return null;
}

/** Stitches of a rib that lies as wide as the panels above it, in whole repeats of the rib. */
function belowPanels(
  section: ProjectSection,
  plan: WorkPlan,
  panels: NonNullable<ReturnType<typeof panelsAhead>>,
): number {
  const before = ahead(section, plan);
  const rib = before.find((one) => one.kind === "fabric" && one.content === "ground");
  const scale = plan.scaleOf(panels.section) / plan.scaleOf(rib ?? section);
  const wanted = Math.min(panels.stitches, panels.stitches * panels.kept * scale);
  if (rib?.kind !== "fabric") return Math.max(1, Math.round(wanted));
  const content = plan.contentOf(rib);
  const multiple = "message" in content ? 1 : content.multiple;
  const balance = plan.piece.round ? 0 : groundBalance(rib.ground);
  return Math.max(1, Math.round((wanted - balance) / multiple)) * multiple + balance;
}

export function workCastOn(section: SectionOf<"castOn">, state: WorkState, plan: WorkPlan): Worked {
  let stitches = section.stitches;
  if (stitches === null) {
    const panels = panelsAhead(section, plan);
    if (!panels)
      return { problem: "Nothing above says how many stitches it takes: say how many to cast on." };
    const changes = ahead(section, plan).find(({ kind }) => kind === "change");
    const changesFirst = changes && ahead(changes, plan).includes(panels.section);
    stitches = changesFirst ? belowPanels(section, plan, panels) : panels.stitches;
  }
  const left = leftOn(state);
  const wrongFirst = section.firstRow === "wrong" && !plan.piece.round;
  const needle = centred(EMPTY, columnsFrom(0, stitches), null, plan.scaleOf(section));
  const edge = {
    kind: "castOn",
    method: section.method,
    stitches,
    width: needle.left - needle.right,
  } as const;
  return {
    state: {
      ...state,
      needle,
      round: plan.piece.round,
      side: "whole",
      strip: state.strip + 1,
      worked: wrongFirst ? 1 : 0,
    },
    rows: [],
    edges: [edge],
    ...(left && { hint: left }),
  };
}

const leftOn = ({ needle }: WorkState) =>
  stitchesOn(needle) > 0
    ? `${plural(stitchesOn(needle), "stitch")} of what was worked before it are still on the needle: cast them off or hold them first.`
    : null;

export function workPickUp(section: SectionOf<"pickUp">, state: WorkState, plan: WorkPlan): Worked {
  const scale = plan.scaleOf(section);
  const along = section.alongMm === null ? 0 : Math.round(section.alongMm / (plan.stitchMm * scale));
  const picked = section.stitches ?? along;
  const stitches = picked + (section.held ? state.held : 0);
  if (stitches === 0)
    return {
      problem: section.held
        ? "Nothing is on hold, and nothing is picked up: say how many stitches, or along how long an edge."
        : "Nothing is picked up: say how many stitches, or along how long an edge.",
    };
  const needle = centred(EMPTY, columnsFrom(0, stitches), null, scale);
  const row = [...works("pickUp", picked), ...works("knit", stitches - picked)];
  const left = leftOn(state);
  return {
    state: {
      needle,
      held: section.held ? 0 : state.held,
      round: section.round,
      side: "whole",
      strip: state.strip + 1,
      worked: 1,
    },
    rows: [workedOn(row, needle, scale)],
    edges: [{ kind: "end" }],
    ...(left && { hint: left }),
  };
}

/** A row to another count; worked plain, since a rib has no place for it. */
export function workChange(section: SectionOf<"change">, state: WorkState, plan: WorkPlan): Worked {
  const to = section.to ?? panelsAhead(section, plan)?.stitches ?? null;
  if (to === null) return { problem: "Nothing above says how many stitches it takes: say to how many." };
  const row = changeRow(stitchesOn(state.needle), to);
  if (!row.ok) return { problem: row.message };
  const scale = plan.scaleOf(section);
  const { content } = state.needle;
  // A ground goes on over any count; panels would have to be begun anew.
  const goesOn = content?.stitches === null ? content : null;
  // One row between two fabrics lies as wide as the one below it.
  const needle = { ...state.needle, columns: columnsFrom(0, to), content: goesOn, row: state.needle.row + 1 };
  return { state: after(state, needle, 1), rows: [workedOn(row.value, needle, scale)] };
}

/** Drops so many stitches from each edge and moves the edges in. */
function narrowed(needle: Needle, right: number, left: number, scale: number): Needle {
  const { columns, content } = needle;
  const kept = columns.slice(right, columns.length - left);
  return {
    ...needle,
    columns: kept,
    right: needle.right + widthOn(columns.slice(0, right), content, scale),
    left: needle.left - widthOn(columns.slice(columns.length - left), content, scale),
  };
}

/**
 * Casts stitches off at the beginning of a row, and at the beginning of the next where both edges are meant. A
 * row that begins at the other edge is worked plain before it.
 */
export function workCastOffAt(section: SectionOf<"castOffAt">, state: WorkState, plan: WorkPlan): Worked {
  const { right, left } = edgesAt(section.at, state.side);
  const scale = plan.scaleOf(section);
  const have = stitchesOn(state.needle);
  if (section.goes === "hold") return holdAt(section, state, scale);
  const going = section.stitches * (Number(right) + Number(left));
  if (going >= have)
    return {
      problem: `${plural(going, "stitch")} to cast off, and ${have} are on the needle: cast off fewer.`,
    };
  const rows: WorkedRow[] = [];
  let { needle } = state;
  const height = scale * (needle.content?.heightFactor ?? 1);
  const take = (atRight: number, atLeft: number) => {
    needle = narrowed(needle, atRight, atLeft, scale);
    const rest = plainRow(needle);
    const row = [...works("castOff", atRight), ...rest, ...works("castOff", atLeft)];
    rows.push(workedOn(row, needle, height));
    needle = { ...needle, row: needle.row + 1 };
  };
  // Stitches are cast off where a row begins: at the right on the right side, at the left on the wrong side.
  const beginsLeft = !state.round && state.worked % 2 === 1;
  const takeRight = () => take(right ? section.stitches : 0, 0);
  const takeLeft = () => take(0, left ? section.stitches : 0);
  const order = beginsLeft ? [takeLeft, takeRight] : [takeRight, takeLeft];
  const last = right && left ? 2 : (right ? takeRight : takeLeft) === order[0] ? 1 : 2;
  for (const one of order.slice(0, last)) one();
  return { state: after(state, needle, rows.length), rows };
}

/** Moves stitches of the edges onto a thread; nothing is worked. */
function holdAt(section: SectionOf<"castOffAt">, state: WorkState, scale: number): Worked {
  const { right, left } = edgesAt(section.at, state.side);
  const [atRight, atLeft] = [right ? section.stitches : 0, left ? section.stitches : 0];
  const have = stitchesOn(state.needle);
  const going = atRight + atLeft;
  if (going >= have)
    return { problem: `${plural(going, "stitch")} to hold, and ${have} are on the needle: hold fewer.` };
  const needle = narrowed(state.needle, atRight, atLeft, scale);
  return { state: { ...state, needle, held: state.held + going }, rows: [] };
}

/** The next row in the pattern; plain where nothing was begun. */
const plainRow = ({ content, columns, row }: Needle): PanelRow =>
  content ? content.rowOn(row, columns) : works("knit", columns.length);

/** Rows that turn before the end, each further from it; then two rows over all. */
export function workShortRows(section: SectionOf<"shortRows">, state: WorkState, plan: WorkPlan): Worked {
  const { turns, step } = section;
  const at = edgesAt(section.at, state.side);
  const scale = plan.scaleOf(section);
  const have = stitchesOn(state.needle);
  const resting = turns * step * (Number(at.right) + Number(at.left));
  if (resting >= have)
    return {
      problem: `${plural(turns, "turn")} of ${step} leave ${plural(resting, "stitch")} unworked, and ${have} are on the needle: turn less often, or leave fewer.`,
    };
  const height = scale * (state.needle.content?.heightFactor ?? 1);
  const rows: WorkedRow[] = [];
  let needle = centred(state.needle, state.needle.columns, state.needle.content, scale);
  const work = (right: number, left: number) => {
    const inner = { ...needle, columns: needle.columns.slice(right, have - left) };
    const rest = (count: number, turned: boolean) =>
      turned && count > 0 ? [works("rest", count - 1), works("turn", 1)] : [works("rest", count)];
    const row = [...rest(right, true).flat(), ...plainRow(inner), ...rest(left, true).reverse().flat()];
    const share = inner.columns.length / have;
    rows.push({ ...workedOn(row, needle, height * share), stitches: have });
    needle = { ...needle, row: needle.row + 1 };
  };
  for (let turn = 1; turn <= turns; turn += 1) {
    const [now, before] = [turn * step, (turn - 1) * step];
    if (at.right && at.left) {
      work(before, now);
      work(now, now);
    } else {
      work(at.right ? now : 0, at.left ? now : 0);
      work(at.right ? now : 0, at.left ? now : 0);
    }
  }
  work(0, 0);
  work(0, 0);
  return { state: after(state, needle, rows.length), rows };
}

const emptied = (state: WorkState): WorkState => ({
  ...state,
  needle: { ...EMPTY, ...middleOf(state.needle) },
});
const middleOf = ({ right, left }: Needle) => ({ right: (right + left) / 2, left: (right + left) / 2 });

export function workHold(_: SectionOf<"hold">, state: WorkState): Worked {
  return {
    state: { ...emptied(state), held: state.held + stitchesOn(state.needle) },
    rows: [],
    edges: [{ kind: "end" }],
  };
}

export function workCastOff(section: SectionOf<"castOff">, state: WorkState): Worked {
  const { needle } = state;
  const stitches = stitchesOn(needle);
  const edge = {
    kind: "castOff",
    method: section.method,
    stitches,
    width: needle.left - needle.right,
  } as const;
  return { state: emptied(state), rows: [], edges: [edge, { kind: "end" }] };
}
