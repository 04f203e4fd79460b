/** Panels made of panels: mirrored, repeated, joined, trimmed. */
import type { Crossing } from "../stitches/crossings";
import { allOperations, operationOf, type Operation } from "../stitches/operations";
import { joined, type Panel, type PanelRow, type Work } from "./panel";

/** Operations that lean, and what they become in a mirror. */
const MIRRORED: Readonly<Record<string, string>> = {
  k2tog: "ssk",
  ssk: "k2tog",
  skp: "k2tog",
  k3tog: "sssk",
  sssk: "k3tog",
  sk2p: "k3tog",
  p2tog: "ssp",
  ssp: "p2tog",
  p3tog: "sssp",
  sssp: "p3tog",
  m1l: "m1r",
  m1r: "m1l",
  m1lp: "m1rp",
  m1rp: "m1lp",
  liftl: "liftr",
  liftr: "liftl",
};

const mirroredOperation = (operation: Operation): Operation =>
  allOperations.find(({ id }) => id === MIRRORED[operation.id]) ?? operation;

const mirroredCrossing = (crossing: Crossing): Crossing => ({
  ...crossing,
  lean: crossing.lean === "left" ? "right" : "left",
});

const mirroredRow = (row: PanelRow): PanelRow =>
  joined(
    row
      .map((work): Work =>
        "crossing" in work
          ? { crossing: mirroredCrossing(work.crossing) }
          : { operation: mirroredOperation(work.operation), times: work.times },
      )
      .reverse(),
  );

const mirrors = new WeakMap<PanelRow, PanelRow>();

/** A row as in a mirror; the same row always gives the same one. */
export function mirrorRow(row: PanelRow): PanelRow {
  const mirrored = mirrors.get(row) ?? mirroredRow(row);
  mirrors.set(row, mirrored);
  return mirrored;
}

/** Left to right: for the other piece of a pair. Example: 2/1 LPC becomes 2/1 RPC, ssk becomes k2tog. */
export const mirror = (panel: Panel): Panel => ({ ...panel, rows: panel.rows.map(mirroredRow) });

/** Example: 70 and 90 share 10. */
export const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/** Example: panels of 4 and 6 rows meet every 12. */
export const leastCommonMultiple = (a: number, b: number) => (a * b) / gcd(a, b);

/** More rows than this are not joined: panels of 7 and 11 rows already need 77. */
const MOST_JOINED_ROWS = 2000;

/**
 * Panels side by side, the first at the right; each is repeated upwards to the least common multiple of
 * their rows. Null where that is over 2000 rows, or nothing is joined.
 * Example: a rope of 4 rows beside a braid of 6 gives 12 rows.
 */
export function joinPanels(panels: readonly Panel[]): Panel | null {
  if (panels.length === 0 || panels.some(({ rows }) => rows.length === 0)) return null;
  const height = panels.reduce((least, { rows }) => leastCommonMultiple(least, rows.length), 1);
  if (height > MOST_JOINED_ROWS) return null;
  return {
    rows: Array.from({ length: height }, (_, index) =>
      joined(panels.flatMap(({ rows }) => rows[index % rows.length] ?? [])),
    ),
  };
}

/** The panel and its mirror image, crossings leaning away from or towards the middle between them. */
export const mirrorAboutCentre = (panel: Panel): Panel | null => joinPanels([panel, mirror(panel)]);

/** The panel so many times side by side. */
export const repeatAcross = (panel: Panel, times: number): Panel | null =>
  joinPanels(Array.from({ length: times }, () => panel));

/** The panel so many times on top of itself. */
export const repeatUp = ({ rows }: Panel, times: number): Panel => ({
  rows: Array.from({ length: times }, () => rows).flat(),
});

/**
 * The panel worked upwards for at least `atLeast` rows and on to the next row that is the named one of its
 * repeat, so that the ends of two pieces match. Row numbers count from 1.
 * Example: a repeat of 6 rows, at least 20 rows, ending with row 3, is 21 rows.
 */
export function endWithRow({ rows }: Panel, endRow: number, atLeast: number): Panel {
  const height = rows.length;
  const repeats = Math.max(0, Math.ceil((atLeast - endRow) / height));
  const all = repeats * height + endRow;
  return { rows: Array.from({ length: all }, (_, index) => rows[index % height] ?? []) };
}

/** The panel with a plain stitch in place of each bobble and nupp. */
export const withoutRaised = (panel: Panel): Panel => ({
  ...panel,
  rows: panel.rows.map((row) =>
    joined(
      row.map((work) =>
        "operation" in work && work.operation.raised
          ? { operation: operationOf(work.operation.face), times: work.times }
          : work,
      ),
    ),
  ),
});
