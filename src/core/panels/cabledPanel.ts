/** A row of ropes between purl columns, with plain stitches at both edges. */
import { operationOf } from "../stitches/operations";
import { crossingOf, type Lean, type Rope } from "./ropes";
import type { Panel, PanelRow, Work } from "./panel";

export interface CabledPanelPlan {
  readonly rope: Rope;
  readonly lean: Lean;
  readonly ropes: number;
  /** Purl columns before, between and after the ropes. */
  readonly purls: number;
  /** Plain stitches at each edge. */
  readonly edge: number;
}

/** Stitches of the cabled part, from the first purl column to the last. */
export const cabledStitches = ({ rope, ropes, purls }: CabledPanelPlan) =>
  ropes * 2 * rope.half + (ropes + 1) * purls;

/** Stitches of the whole row. */
export const allStitches = (plan: CabledPanelPlan) => cabledStitches(plan) + 2 * plan.edge;

/**
 * One repeat of the panel: all ropes cross in its first row.
 * Example: one rope 2/2, two purls, no edge: row 1 is purl 2, cross 2/2, purl 2; then three rows without.
 */
export function cabledPanel(plan: CabledPanelPlan): Panel {
  const { rope, lean, ropes, purls, edge } = plan;
  const run = (operation: "knit" | "purl", times: number): Work[] =>
    times > 0 ? [{ operation: operationOf(operation), times }] : [];
  const row = (ropeWork: readonly Work[]): PanelRow => [
    ...run("knit", edge),
    ...run("purl", purls),
    ...Array.from({ length: ropes }, () => [...ropeWork, ...run("purl", purls)]).flat(),
    ...run("knit", edge),
  ];
  const crossed = row([{ crossing: crossingOf(rope, lean) }]);
  const straight = row(run("knit", 2 * rope.half));
  return { rows: [crossed, ...Array.from({ length: rope.everyRows - 1 }, () => straight)] };
}
