/** Panels across a piece: side by side from the right, between plain edges. */
import { operationOf } from "../stitches/operations";
import { crossingOf, type Lean, type Rope } from "./ropes";
import { stitchesOf, type Panel, type Work } from "./panel";
import type { PanelRepeat } from "./repeats";

/** One place of a row of panels: what is taken there how often, and what that comes to. */
export interface Taken {
  readonly panelId: string;
  readonly times: number;
  readonly repeat: PanelRepeat;
  /** Whether the whole panel comes again, its edges with it. */
  readonly whole: boolean;
  /** Purl columns at its right and left side, of which it can be laid bare. */
  readonly purls: number;
  /** A ground, which fills any count: `times` are its stitches. */
  readonly fills: boolean;
  /** All its stitches, and how many panels of the row they are. */
  readonly stitches: number;
  readonly parts: number;
}

export interface Across {
  /** Plain stitches at each edge. */
  readonly edge: number;
  /** The cabled part, from the right. Each panel keeps its stitch count. */
  readonly panels: readonly Panel[];
  /** What those panels were taken from, where they are a row of written ones. */
  readonly taken?: readonly Taken[];
}

/** Ropes of one kind between purl columns. */
export interface RopesPlan {
  readonly rope: Rope;
  readonly lean: Lean;
  readonly ropes: number;
  /** Purl columns before, between and after the ropes. */
  readonly purls: number;
  readonly edge: number;
}

/** The place of a row whose panel comes again most often; a ground that fills what is beside them only where nothing else is there. */
export function mostRepeated(taken: readonly Taken[]): number {
  const rank = ({ fills, times }: Taken) => (fills ? 0 : times);
  return taken.reduce((best, one, at) => (rank(one) > (taken[best] ? rank(taken[best]) : 0) ? at : best), 0);
}

/** Where the repeat of a place of the row lies among its panels; the panel whole where it could not be cut. */
export function partsOfTaken(taken: readonly Taken[], place: number) {
  const first = taken.slice(0, place).reduce((sum, { parts }) => sum + parts, 0);
  const { parts = 0, times = 0, repeat } = taken[place] ?? {};
  const before = parts > times && (repeat?.before ?? 0) > 0 ? 1 : 0;
  const cut = parts >= times;
  return { first, parts, before, after: cut ? parts - times - before : 0, cut };
}

/** Stitches across a panel. */
export const panelStitches = ({ rows }: Panel) => (rows[0] ? stitchesOf(rows[0]) : 0);

/** Stitches of the cabled part. Example: two ropes of 2/2 between two purls each are 14. */
export const cabledStitches = ({ panels }: Across) =>
  panels.reduce((sum, panel) => sum + panelStitches(panel), 0);

/** Stitches of the whole row. */
export const allStitches = (across: Across) => cabledStitches(across) + 2 * across.edge;

const plain = (stitches: number): Panel => ({
  rows: [[{ operation: operationOf("knit"), times: stitches }]],
});

/** All panels of the row with their edges, from the right; edges of no stitches are left out. */
export const withEdges = ({ edge, panels }: Across): readonly Panel[] =>
  edge > 0 ? [plain(edge), ...panels, plain(edge)] : panels;

/**
 * Ropes as panels: each rope with the purls to its right, then the last purls. All ropes cross in row 1.
 * Example: one rope 2/2 with two purls is "P2, 2/2 LC" and three rows of "P2, K4", then "P2".
 */
export function ropesAcross({ rope, lean, ropes, purls, edge }: RopesPlan): Across {
  const run = (operation: "knit" | "purl", times: number): Work[] =>
    times > 0 ? [{ operation: operationOf(operation), times }] : [];
  const crossed = [...run("purl", purls), { crossing: crossingOf(rope, lean) }];
  const straight = [...run("purl", purls), ...run("knit", 2 * rope.half)];
  const one: Panel = { rows: [crossed, ...Array.from({ length: rope.everyRows - 1 }, () => straight)] };
  const last: Panel = { rows: [run("purl", purls)] };
  return {
    edge,
    panels: [...Array.from({ length: ropes }, () => one), ...(purls > 0 ? [last] : [])],
  };
}
