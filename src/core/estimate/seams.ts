/** Seams of a project: how long the edges are that meet, what sewing them takes, and how their rows and stitches match. */
import { say, type Message, type Says } from "../words/message";
import type { EdgeSide, Seam } from "../project/finishing";
import type { Project } from "../project/project";
import { plainStitch, type Gauge } from "../stitches/plainStitch";
import type { WorkedSection } from "../garment/work/workPiece";
import { millimetres } from "../units/brands";
import { armholeAt, seamRows } from "./piece";
import type { PiecePlan, PlannedSection, SeamPlan, SewnEdge } from "./plan";

const { abs, hypot, max } = Math;

const isOn = ({ worked }: PlannedSection) => worked.strip <= 0 && worked.side !== "second";

/** How far an outer edge runs over rows: upwards, and inwards where stitches go. */
function pathOf(
  sections: readonly PlannedSection[],
  { widthMm, heightMm }: { widthMm: number; heightMm: number },
) {
  let [length, rows] = [0, 0];
  let before: number | null = null;
  for (const { worked } of sections)
    for (const { left, right, rise } of worked.rows) {
      const out = max(abs(left), abs(right));
      length += hypot((out - (before ?? out)) * widthMm, rise * heightMm);
      before = out;
      rows += 1;
    }
  return { length, rows };
}

const widthEdge = (pieceId: string, stitches: number, width: number, widthMm: number): SewnEdge => ({
  pieceId,
  lengthMm: millimetres(width * widthMm),
  things: "stitches",
  count: stitches,
  heights: 0,
  widths: width,
});

const heightEdge = (pieceId: string, rows: number, lengthMm: number, heightMm: number): SewnEdge => ({
  pieceId,
  lengthMm: millimetres(lengthMm),
  things: "rows",
  count: rows,
  heights: lengthMm / heightMm,
  widths: 0,
});

const rowsOf = (sections: readonly PlannedSection[]) =>
  sections.reduce((sum, { worked }) => sum + worked.rows.length, 0);

/** The stitches that a piece ends with, and their width: cast off, or the last row. */
function endOf(sections: readonly WorkedSection[]) {
  const whole = sections.filter(({ strip }) => strip <= 0);
  const offs = whole.flatMap(({ edges }) => edges.filter((edge) => edge.kind === "castOff"));
  if (offs.length > 0)
    return {
      stitches: offs.reduce((sum, edge) => sum + edge.stitches, 0),
      width: offs.reduce((sum, edge) => sum + edge.width, 0),
    };
  const last = whole.findLast(({ rows }) => rows.length > 0)?.rows.at(-1);
  return last ? { stitches: last.stitches, width: last.left - last.right } : null;
}

/** Stitches and width that a piece begins with: its cast-on, or its first row. */
function startOf(sections: readonly WorkedSection[]) {
  const first = sections.find(({ rows }) => rows.length > 0);
  const row = first?.rows[0];
  if (!first || !row) return null;
  return { stitches: first.from > 0 ? first.from : row.stitches, width: row.left - row.right };
}

/**
 * An edge of a piece at a gauge, as it is finished; null where the piece has no such edge.
 * Example: the side of a back up to its armhole is as long as its rows are high.
 */
export function edgeOf(plan: PiecePlan, side: EdgeSide, gauge: Gauge): SewnEdge | null {
  const { widthMm, heightMm } = plainStitch(gauge);
  const sections = plan.sections.filter(isOn);
  const worked = plan.sections.map((one) => one.worked);
  const armhole = armholeAt(sections);
  if (side === "side") {
    const below = sections.slice(0, armhole);
    return heightEdge(plan.id, rowsOf(below), seamRows(plan.sections) * heightMm, heightMm);
  }
  if (side === "above" || side === "cap") {
    if (armhole === sections.length) return null;
    const { length, rows } = pathOf(sections.slice(max(0, armhole - 1)), { widthMm, heightMm });
    const below = pathOf(sections.slice(max(0, armhole - 1), armhole), { widthMm, heightMm });
    const top = side === "cap" ? ((endOf(worked)?.width ?? 0) * widthMm) / 2 : 0;
    return heightEdge(plan.id, rows - below.rows, length - below.length + top, heightMm);
  }
  const end = side === "start" ? startOf(worked) : endOf(worked);
  return end && widthEdge(plan.id, end.stitches, end.width, widthMm);
}

/** Something of a seam or an extra that cannot be so, and then it is left out; or that should be thought of. */
export interface FinishingFinding {
  readonly of: "seams" | "extras";
  readonly id: string;
  readonly message: Says;
  readonly leftOut: boolean;
}

export interface PlannedSeams {
  readonly seams: readonly SeamPlan[];
  readonly findings: readonly FinishingFinding[];
}

/** Edges that differ by more than this share, and by more than two rows or stitches, are told to differ. */
const ALIKE = 0.05;
const EASED = 2;
/** From here on nobody takes them for equal: a short side is sewn to a part of a long one. */
const MEANT = 1.5;

/** What is wrong with a seam, or its plan. */
function planSeam(
  seam: Seam,
  project: Project,
  { gauge, pieces }: { readonly gauge: Gauge; readonly pieces: readonly PiecePlan[] },
): SeamPlan | Message | null {
  const ends = [seam.of, seam.to].filter((one) => one !== null);
  if (ends.some(({ pieceId }) => !project.pieces.some(({ id }) => id === pieceId)))
    return say("seamPieceGone");
  // Of a piece that is left out, or of which nothing can be worked, nothing is sewn; the piece tells of that itself.
  const planOf = (end: Seam["of"]) => pieces.find(({ id }) => id === end?.pieceId);
  if (ends.some((end) => !planOf(end))) return null;
  if (ends.length === 0 && seam.lengthMm === null) return say("sayWhichEdge");
  const edge = (end: Seam["of"]) => {
    const plan = planOf(end);
    return end && plan ? edgeOf(plan, end.side, gauge) : null;
  };
  const [of, to] = [edge(seam.of), edge(seam.to)];
  if ((seam.of && !of) || (seam.to && !to)) return say("noSuchEdge");
  const shorter = of && to ? (to.lengthMm < of.lengthMm ? to : of) : (of ?? to);
  const openMm = seam.openMm ?? 0;
  const whole = seam.lengthMm ?? shorter?.lengthMm ?? 0;
  if (openMm >= whole && whole > 0) return say("nothingSewn");
  const told = seam.lengthMm !== null;
  return {
    id: seam.id,
    pieceId: seam.of?.pieceId ?? seam.to?.pieceId ?? null,
    yarnId: yarnOf(project, seam.yarnId ?? planOf(seam.of)?.yarnId ?? null),
    times: seam.times,
    heights: told ? 0 : (shorter?.heights ?? 0),
    widths: told ? 0 : (shorter?.widths ?? 0),
    mm: (seam.lengthMm ?? 0) - openMm,
    lengthMm: millimetres(whole - openMm),
    of,
    to,
  };
}

const yarnOf = ({ yarns }: Project, id: string | null) =>
  yarns.find((yarn) => yarn.id === id)?.id ?? yarns[0]?.id ?? "";

/** Edges of one seam that are not equally long. */
function unlike({ id, of, to }: SeamPlan): readonly FinishingFinding[] {
  if (!of || !to) return [];
  const [short, long] = of.lengthMm < to.lengthMm ? [of.lengthMm, to.lengthMm] : [to.lengthMm, of.lengthMm];
  const thing = max(...[of, to].map(({ lengthMm, count }) => lengthMm / max(1, count)));
  if (long - short <= max(ALIKE * short, EASED * thing) || long > MEANT * short) return [];
  const message = say("edgesUnlike", { over: (long - short) / short });
  return [{ of: "seams", id, message, leftOut: false }];
}

/**
 * The seams of a project, each as long as the shorter of its edges, less what is left open.
 * Example: two sides of 59 cm with 3 cm left open at each are sewn over 56 cm.
 */
export function planSeams(
  project: Project,
  basis: { readonly gauge: Gauge; readonly pieces: readonly PiecePlan[] },
): PlannedSeams {
  const seams: SeamPlan[] = [];
  const findings: FinishingFinding[] = [];
  for (const seam of project.seams) {
    const plan = planSeam(seam, project, basis);
    if (plan && "code" in plan) findings.push({ of: "seams", id: seam.id, message: plan, leftOut: true });
    else if (plan) {
      seams.push(plan);
      findings.push(...unlike(plan));
    }
  }
  return { seams, findings };
}
