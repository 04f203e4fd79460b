/** How wide the sections of a piece lie: a piece has no width of its own, its fabrics have. */
import type { PlannedSection } from "./plan";
import type { PlainStitch } from "../stitches/plainStitch";
import type { StitchContent } from "../garment/stitchContent";
import { beginsFabric } from "../garment/layout";
import { millimetres, type Millimetres } from "../units/brands";
import { recordOf } from "../garment/kinds/kinds";

export interface SectionWidth {
  readonly sectionId: string;
  /** Stitches of its widest row. */
  readonly stitches: number;
  /** That row as it comes out, and what its stitches would be if they were plain. */
  readonly widthMm: Millimetres;
  readonly plainWidthMm: Millimetres;
  /** The same width, had the draw-in one standard deviation less or more of its pull. */
  readonly bandMm: { readonly wide: Millimetres; readonly narrow: Millimetres };
  readonly kept: StitchContent["kept"];
}

export interface PieceWidths {
  /** Every fabric and hem that lies across the whole piece, in the order of knitting; shaping where that is most of it. */
  readonly sections: readonly SectionWidth[];
  /** That of the fabric that makes up most of the piece; null for a piece without a row. */
  readonly main: SectionWidth | null;
  readonly narrowest: SectionWidth | null;
  readonly widest: SectionWidth | null;
}

const { exp } = Math;
/** Deviation of a measured width in ln. */
const MEASURED_SD = 0.025;
const ALL_PLAIN: StitchContent["kept"] = { all: 1, computed: 1, believed: 1, measured: null };

/** How far the width can be off by the draw-in alone. */
function bandOf({ all, measured }: StitchContent["kept"], widthMm: number, drawInSd: number) {
  const off = (times: number) =>
    widthMm * (measured === null ? all ** (exp(times * drawInSd) - 1) : exp(-times * MEASURED_SD));
  return { wide: millimetres(off(-1)), narrow: millimetres(off(1)) };
}

function widthOf({ worked }: PlannedSection, plain: PlainStitch, drawInSd: number): SectionWidth | null {
  const [first] = worked.rows;
  if (!first) return null;
  const widest = worked.rows.reduce((most, row) =>
    row.left - row.right > most.left - most.right ? row : most,
  );
  const widthMm = (widest.left - widest.right) * plain.widthMm;
  const kept = worked.content?.kept ?? ALL_PLAIN;
  return {
    sectionId: worked.section.id,
    stitches: widest.stitches,
    widthMm: millimetres(widthMm),
    plainWidthMm: millimetres(widest.stitches * worked.scale * plain.widthMm),
    bandMm: bandOf(kept, widthMm, drawInSd),
    kept,
  };
}

/** A fabric with all that goes on in it: shaping, sides, and on as before. */
interface Fabric {
  readonly sections: PlannedSection[];
  area: number;
}

function fabricsOf(sections: readonly PlannedSection[]): readonly Fabric[] {
  const fabrics: Fabric[] = [];
  for (const planned of sections) {
    const { section, content, rows, strip } = planned.worked;
    if (rows.length === 0 || strip > 0) continue;
    let fabric = fabrics.at(-1);
    if (!fabric || beginsFabric(section) || content === null) {
      fabric = { sections: [], area: 0 };
      fabrics.push(fabric);
    }
    fabric.sections.push(planned);
    fabric.area += planned.area * planned.worked.scale ** 2;
  }
  return fabrics;
}

const isWhole = ({ worked }: PlannedSection) => worked.side === "whole" && worked.rows.length > 0;
const isFabric = ({ worked: { section } }: PlannedSection) => recordOf(section).isFabric === true;
const largest = <One extends { readonly area: number }>(all: readonly One[]): One | undefined =>
  all.reduce<One | undefined>((best, one) => (best && best.area >= one.area ? best : one), undefined);

const mostIn = (rows: PlannedSection["worked"]["rows"]) =>
  rows.reduce((widest, { stitches }) => Math.max(widest, stitches), 0);

/** The largest of sections, those of one count taken together: a gusset between two is not most of a hand. */
function largestCount(sections: readonly PlannedSection[]): PlannedSection | undefined {
  const areas = new Map<number, number>();
  for (const { worked, area } of sections)
    areas.set(mostIn(worked.rows), (areas.get(mostIn(worked.rows)) ?? 0) + area);
  const of = (one: PlannedSection) => areas.get(mostIn(one.worked.rows)) ?? 0;
  return sections.reduce<PlannedSection | undefined>(
    (best, one) =>
      best && (of(best) > of(one) || (of(best) === of(one) && best.area >= one.area)) ? best : one,
    undefined,
  );
}

/**
 * The widths of a piece on its first cast-on. Example: a rib of 20 cm, one plain row of 36 and cables of 31 over 40 cm
 * are told as 31 cm, from 20 to 31: a row between two fabrics has no width of its own.
 */
export function widthsOf(
  sections: readonly PlannedSection[],
  plain: PlainStitch,
  drawInSd: number,
): PieceWidths {
  const told = (planned: PlannedSection) => widthOf(planned, plain, drawInSd);
  const whole = sections.filter((one) => isWhole(one) && one.worked.strip === 0);
  const fabrics = whole.filter(isFabric);
  const main = largestCount(largest(fabricsOf(sections))?.sections.filter(isWhole) ?? []) ?? largest(whole);
  const counted = whole.filter((one) => one === main || fabrics.includes(one));
  const all = counted.flatMap((one) => told(one) ?? []);
  const by = (best: (a: number, b: number) => boolean) =>
    all.reduce<SectionWidth | null>(
      (found, one) => (found && !best(one.widthMm, found.widthMm) ? found : one),
      null,
    );
  return {
    sections: all,
    main: main ? told(main) : null,
    narrowest: by((a, b) => a < b),
    widest: by((a, b) => a > b),
  };
}
