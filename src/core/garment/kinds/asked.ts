/**
 * All that a pattern asks yarn for, with nothing told of its rows. It is worked as a strip of so many stitches, and of
 * as many rows as take that yarn: so all that is calculated of a fabric can be calculated of it.
 */
import { ALONG } from "../../project/bounds";
import type { SectionOf } from "../../project/sections";
import { nearestCount } from "../../typed/count";
import { ropeOf } from "../../panels/ropes";
import { ropesAcross } from "../../panels/across";
import {
  after,
  centred,
  columnsFrom,
  EMPTY,
  type Worked,
  type WorkPlan,
  type WorkState,
} from "../work/workState";
import { emptied, leftOn, rowsOn } from "./onNeedle";
import type { LiesIn, SectionRecord } from "./kind";

/** Stitches of the strip. */
export const STITCHES = 64;
/** The ropes that stand for all cables: 3 over 3 with two purls between them. */
const ROPE = "rope-3-3";
const PURLS = 2;
const MOST_ROPES = 7;

/** So many ropes as come nearest to the cabled share; one at least where anything is cabled. */
function ropesIn(cabledPercent: number): number {
  if (cabledPercent === 0) return 0;
  const each = 2 * ropeOf(ROPE).half + PURLS;
  return Math.min(MOST_ROPES, Math.max(1, Math.round((STITCHES * cabledPercent) / 100 / each)));
}

function liesIn({ cabledPercent }: SectionOf<"asked">): LiesIn {
  const ropes = ropesIn(cabledPercent);
  if (ropes === 0) return { by: "ground", ground: "stockinette" };
  const rope = ropeOf(ROPE);
  const edge = (STITCHES - ropes * (2 * rope.half + PURLS) - PURLS) / 2;
  return {
    by: "ropes",
    key: ["asked", ropes],
    across: () => ropesAcross({ rope, lean: "left", ropes, purls: PURLS, edge }),
  };
}

function work(section: SectionOf<"asked">, state: WorkState, plan: WorkPlan): Worked {
  const content = plan.contentOf(section);
  if ("message" in content) return { problem: content.message };
  const scale = plan.scaleOf(section);
  const rows = plan.askedRows(section, { content, stitches: STITCHES });
  if (typeof rows !== "number") return { problem: rows };
  const needle = centred(EMPTY, columnsFrom(0, STITCHES), content, scale);
  const left = leftOn(state);
  const begun = { ...state, side: "whole" as const, strip: state.strip + 1, worked: 0 };
  return {
    state: emptied(after(begun, { ...needle, row: rows }, rows)),
    rows: rowsOn(needle, content, rows, scale),
    ...(left && { hint: left }),
  };
}

export const asked: SectionRecord<"asked"> = {
  work,
  beginsStrip: true,
  liesIn,
  grade: (section, { by }) => ({
    ...section,
    across: nearestCount(section.across * by.across, ALONG),
    along: nearestCount(section.along * by.along, ALONG),
  }),
  hasRows: () => true,
  toLength: () => true,
};
