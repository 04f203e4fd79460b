/** The open front of a cardigan: its halves, and the one band with buttonholes. */
import type { Body } from "./body";
import { toArmhole, even, upperRows, onFor } from "./body";
import type { ProjectPiece } from "../project/project";
import { withFabric } from "../project/sectionKinds";
import { newSection } from "../project/sections";
import { band, countOf, piece, ropesOver, stitchesIn, type StartPlan } from "./start";

/**
 * Half a front of a cardigan, its neck shaped so that its shoulder has the stitches of the back's. The right one is
 * worn at the right: looked at, its armhole is at its left, where a right-side row ends, so that it is mirrored.
 */
export function halfFront(body: Body, id: "right" | "left"): ProjectPiece {
  const { plan, widthMm, underarm, slope, shoulder } = body;
  const ropes = ropesOver("", widthMm / 2, plan, false, {});
  const upper = countOf(ropes, false) - underarm - slope;
  const rows = upperRows(body);
  const neckRows = even(rows * 0.4, 2);
  const straight = rows - neckRows;
  // A front is half as wide as the back as near as its ropes allow: what it has more than a shoulder is its neck.
  const more = upper - shoulder;
  const neck =
    more === 0
      ? onFor(`${id}/on`, neckRows)
      : [
          newSection("shape", `${id}/neck`, {
            way: more > 0 ? "decrease" : "increase",
            at: "inner",
            by: "count",
            to: shoulder,
            over: "rows",
            rows: neckRows,
          }),
        ];
  return piece(
    id,
    id === "left" ? "Left front" : "Right front",
    [
      ...toArmhole(id, widthMm / 2, body, "outer"),
      ...onFor(`${id}/upper`, straight),
      ...neck,
      newSection("castOff", `${id}/shoulder`, { method: "threeNeedle" }),
    ],
    { mirrored: id === "right" },
  );
}

/** One band up a front, round the neck and down the other: both edges, and what rests of the back's neck. */
export function frontBand({ plan, neck }: Body): ProjectPiece {
  const bands = band("bands", "Bands", 2 * plan.alongMm + neck * plan.stitchMm * plan.kept, 35, plan, {
    round: false,
  });
  return {
    ...bands,
    sections: bands.sections.map((section) =>
      withFabric(section, ({ rows }) => ({ rows: Math.max(3, rows ?? 0), holes: holesOf(plan) })),
    ),
  };
}

/** A buttonhole about every so many mm of one front, each for a button of so many. */
const HOLE_APART_MM = 80;

const BUTTON_MM = 18;

/** Buttonholes along one front, as many as there is room for. */
function holesOf(plan: StartPlan) {
  const over = stitchesIn(plan.alongMm, plan, 8);
  const stitches = Math.max(1, stitchesIn(BUTTON_MM, plan));
  const margin = 2;
  const most = Math.floor((over - 2 * margin + 1) / (stitches + 1));
  return { count: Math.min(most, 1 + Math.round(plan.alongMm / HOLE_APART_MM)), stitches, margin, over };
}
