/** Panels side by side, as they lie across a piece: how wide and how high they come out together. */
import { panelStitches } from "../panels/across";
import { facesOfRow, type Panel, type PanelRow } from "../panels/panel";
import { joinPanels } from "../panels/transforms";
import { operationOf } from "../stitches/operations";
import { unevenRow } from "./mesh";
import {
  relaxPanel,
  type Fabric,
  type KnownFabrics,
  type Relaxed,
  type RelaxOptions,
  type Unrelaxed,
} from "./relax";

/** One panel of a section. */
interface PanelFabric {
  readonly stitches: number;
  readonly rows: number;
  readonly widthFactor: number;
  readonly heightFactor: number;
}

export interface SectionFabric {
  readonly ok: true;
  readonly stitches: number;
  /** Of the whole section: widths by stitch, heights weighted by stitches. */
  readonly widthFactor: number;
  readonly heightFactor: number;
  /** From the right. */
  readonly panels: readonly PanelFabric[];
}

/** Which panel could not be relaxed, counted from 0 at the right, and why. */
export interface UnrelaxedSection extends Unrelaxed {
  readonly panel: number;
}

/** Stitches of a neighbour that a panel feels. */
const NEIGHBOUR_STITCHES = 2;
/** A panel whose rows and its neighbours' meet only after more stitches than this is solved over its own rows. */
const MOST_STITCHES = 40_000;

/** The edge of a neighbour as knits and purls: what it shows decides how the fold between them lies. */
function edgeOf(panel: Panel | undefined, side: "right" | "left"): readonly Panel[] {
  if (!panel || panelStitches(panel) === 0) return [];
  const cut = side === "right" ? [0, NEIGHBOUR_STITCHES] : [-NEIGHBOUR_STITCHES];
  const rows = panel.rows.map((row): PanelRow =>
    facesOfRow(row)
      .slice(...cut)
      .map((face) => ({ operation: operationOf(face), times: 1 })),
  );
  return [{ rows }];
}

/** A panel between the edges of its neighbours, its rows repeated until they meet theirs. */
function between(panel: Panel, right: readonly Panel[], left: readonly Panel[]): Panel {
  const joined = joinPanels([...right, panel, ...left]);
  if (joined && joined.rows.length * (panelStitches(panel) + 2 * NEIGHBOUR_STITCHES) <= MOST_STITCHES)
    return joined;
  const cut = (edges: readonly Panel[]) =>
    edges.map(({ rows }) => ({ rows: panel.rows.map((_, index) => rows[index % rows.length] ?? []) }));
  return joinPanels([...cut(right), panel, ...cut(left)]) ?? panel;
}

/** Width of the columns from `from` to before `to`, each as wide as half of the gaps at its sides. */
function shareOfWidth({ x, rows, stitches }: Relaxed, from: number, to: number): number {
  if (stitches === 1) return 1;
  let sum = 0;
  for (let row = 0; row < rows; row += 1) {
    const at = (column: number) => x[row * stitches + column] ?? 0;
    // At the outer edge of the section there is one gap only, and it stands for both.
    const low = from === 0 ? at(0) - (at(1) - at(0)) / 2 : (at(from - 1) + at(from)) / 2;
    const high = to === stitches ? at(to - 1) + (at(to - 1) - at(to - 2)) / 2 : (at(to - 1) + at(to)) / 2;
    sum += high - low;
  }
  return sum / rows / (to - from);
}

/** Height that a fabric loses, summed over its stitches: rows are as high as all that lies in them lets them be. */
const heightLoss = (fabric: Fabric) => (fabric.ok ? (1 - fabric.heightFactor) * fabric.stitches : 0);

/** One panel with two stitches of each neighbour. */
function relaxBetween(
  panel: Panel,
  rightOf: Panel | undefined,
  leftOf: Panel | undefined,
  options: RelaxOptions,
  known: KnownFabrics,
): PanelFabric | Unrelaxed {
  // What a panel's own rows cannot do is said of it, not of the composition.
  const uneven = unevenRow(panel);
  if (uneven) return { ok: false, ...uneven };
  const [right, left] = [edgeOf(rightOf, "left"), edgeOf(leftOf, "right")];
  const together = relaxPanel(between(panel, right, left), options, known);
  if (!together.ok) return together;
  const from = right.reduce((sum, edge) => sum + panelStitches(edge), 0);
  const loss = [...right, ...left].reduce(
    (sum, edge) => sum - heightLoss(relaxPanel(edge, options, known)),
    heightLoss(together),
  );
  return {
    stitches: panelStitches(panel),
    rows: panel.rows.length,
    widthFactor: shareOfWidth(together, from, from + panelStitches(panel)),
    heightFactor: 1 - loss / panelStitches(panel),
  };
}

interface Solved {
  readonly panel: Panel;
  readonly rightOf: Panel | undefined;
  readonly leftOf: Panel | undefined;
  readonly fabric: PanelFabric;
}

/**
 * Relaxes panels that lie side by side, the first at the right: each together with two stitches of its
 * neighbours. Equal compositions are solved once.
 * Example: stockinette beside a rope keeps all its width but at the fold beside the rope's purls.
 */
export function relaxSection(
  panels: readonly Panel[],
  options: RelaxOptions,
  known: KnownFabrics = new Map(),
): SectionFabric | UnrelaxedSection {
  const fabrics: PanelFabric[] = [];
  const solved: Solved[] = [];
  for (const [index, panel] of panels.entries()) {
    const [rightOf, leftOf] = [panels[index - 1], panels[index + 1]];
    // The same panel between the same neighbours, as ropes are, need not even be looked up by its content.
    const before = solved.find(
      (one) => one.panel === panel && one.rightOf === rightOf && one.leftOf === leftOf,
    );
    const fabric = before?.fabric ?? relaxBetween(panel, rightOf, leftOf, options, known);
    if (!("stitches" in fabric)) return { ...fabric, panel: index };
    if (!before) solved.push({ panel, rightOf, leftOf, fabric });
    fabrics.push(fabric);
  }
  const stitches = fabrics.reduce((sum, fabric) => sum + fabric.stitches, 0);
  const weighted = (part: "widthFactor" | "heightFactor") =>
    fabrics.reduce((sum, fabric) => sum + fabric.stitches * fabric[part], 0) / stitches;
  return {
    ok: true,
    stitches,
    widthFactor: weighted("widthFactor"),
    heightFactor: weighted("heightFactor"),
    panels: fabrics,
  };
}
