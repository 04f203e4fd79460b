/** The outline of a worked piece, part by part, to be drawn to scale. */
import type { PlainStitch } from "../stitches/plainStitch";
import { beginsFabric } from "./layout";
import type { WorkedSection } from "./work/workPiece";
import type { Side } from "./work/workState";

/** One section as it lies. Sideways from the middle of the piece, to the left; upwards from its first edge. */
export interface OutlinePart {
  readonly sectionId: string;
  readonly side: Side;
  /** The section that began the fabric that it is worked in; null where it is plain. */
  readonly fabricId: string | null;
  /** Where that fabric's first row and its middle lie. */
  readonly originMm: { readonly x: number; readonly y: number };
  /** Its edge all round, in mm: up at its right, so many of them, and down at its left. */
  readonly points: readonly (readonly [x: number, y: number])[];
  readonly atRight: number;
  readonly fromMm: number;
  readonly toMm: number;
}

/** Between strips that are worked one after the other: a band that is picked up lies above. */
const APART_MM = 30;

interface Origin {
  readonly id: string;
  readonly x: number;
  readonly y: number;
}

/** Corners of rows that lie on one another: only where an edge moves. */
function corners(section: WorkedSection, base: number, { widthMm, heightMm }: PlainStitch) {
  const [right, left]: [[number, number][], [number, number][]] = [[], []];
  let y = base;
  const push = (edge: [number, number][], x: number, from: number, to: number) => {
    const last = edge.at(-1);
    if (last?.[0] === x && last[1] === from) edge[edge.length - 1] = [x, to];
    else edge.push([x, from], [x, to]);
  };
  for (const row of section.rows) {
    const top = y + row.rise * heightMm;
    push(right, row.right * widthMm, y, top);
    push(left, row.left * widthMm, y, top);
    y = top;
  }
  return { points: [...right, ...left.reverse()], atRight: right.length, to: y };
}

/**
 * The parts of a piece. The second side of a divided piece stands beside the first; each strip above the last.
 * Example: a rectangle is one part of four corners.
 */
export function outlineOf(sections: readonly WorkedSection[], plain: PlainStitch): readonly OutlinePart[] {
  const parts: OutlinePart[] = [];
  let fabric: Origin | null = null;
  let [strip, top, divided] = [0, 0, 0];
  let before: Origin | null = null;
  let side: Side = "whole";
  let highest = 0;
  for (const worked of sections) {
    if (worked.strip !== strip) {
      strip = worked.strip;
      top = highest + (parts.length > 0 ? APART_MM : 0);
      fabric = null;
    }
    if (worked.side !== side) {
      if (side === "whole") [divided, before] = [top, fabric];
      if (worked.side === "second") [top, fabric] = [divided, before];
      if (worked.side === "whole") top = highest;
      side = worked.side;
    }
    const [first] = worked.rows;
    const middle = first ? ((first.right + first.left) / 2) * plain.widthMm : 0;
    if (beginsFabric(worked.section)) fabric = { id: worked.section.id, x: middle, y: top };
    else if (worked.content === null) fabric = null;
    if (worked.rows.length === 0) continue;
    const { points, atRight, to } = corners(worked, top, plain);
    parts.push({
      sectionId: worked.section.id,
      side: worked.side,
      fabricId: fabric?.id ?? null,
      originMm: { x: fabric?.x ?? middle, y: fabric?.y ?? top },
      points,
      atRight,
      fromMm: top,
      toMm: to,
    });
    top = to;
    highest = Math.max(highest, to);
  }
  return parts;
}
