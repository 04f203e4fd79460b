/** What a section is worked in, column by column: its rows cut to the stitches that are on the needle. */
import type { Columns, Reserved, Part } from "./cutRow";
import { NONE_RESERVED, face, single, cutParts } from "./cutRow";
import { cabledStitches, panelStitches, withEdges } from "../panels/across";
import { crossingsOf, joined, type Panel, type PanelRow } from "../panels/panel";
import { leastCommonMultiple, withoutRaised } from "../panels/transforms";
import type { Layout } from "./sectionLayout";

export interface StitchContent {
  /** Stitches that it is laid for; null where it fills any count. */
  readonly stitches: number | null;
  /** Stitches that come again, where it fills any count. */
  readonly multiple: number;
  /** Rows until all of it comes again. */
  readonly rows: number;
  /** Whether rows may not change sides: something is worked in them for one of the two. */
  readonly sided: boolean;
  readonly heightFactor: number;
  /** Share of its plain width that all of it keeps; and what the cabled part keeps, by each that says so. */
  readonly kept: {
    readonly all: number;
    readonly computed: number;
    /** As the knitter's draw-in is believed to be: the computed share, pulled further or less far. */
    readonly believed: number;
    readonly measured: number | null;
  };
  /** Columns that its panels begin in, behind the first: where a knitter puts markers. */
  readonly markers: readonly number[];
  /** Crossings that lie side by side. */
  readonly crossingsAcross: number;
  /** Share of its plain width that a column keeps. */
  readonly widthOf: (column: number) => number;
  /** A row, counted from 0, as it is worked on these columns. */
  readonly rowOn: (row: number, columns: Columns, reserved?: Reserved) => PanelRow;
}

/** More cut rows than this are not kept of one content. */
const MOST_KEPT = 20_000;

/** A text that the same columns have, and only they: short where none is missing between them. */
function keyOfColumns(columns: Columns): string {
  const [first = 0, last = -1] = [columns[0], columns.at(-1)];
  return last - first + 1 === columns.length ? `${first} ${last}` : columns.join();
}

/** Keeps rows that were cut: a piece that is worked again for a change elsewhere has the same rows again. */
function remembering(cut: (row: number, columns: Columns, reserved: Reserved) => PanelRow, rows: number) {
  const known = new Map<string, PanelRow>();
  const keys = new WeakMap<Columns, string>();
  return (row: number, columns: Columns, reserved = NONE_RESERVED): PanelRow => {
    const of = keys.get(columns) ?? keyOfColumns(columns);
    keys.set(columns, of);
    const special = [...reserved].map(([column, { id }]) => `${column} ${id}`).join();
    const key = `${row % rows} ${of} ${special}`;
    const before = known.get(key);
    if (before) return before;
    const made = cut(row, columns, reserved);
    if (known.size >= MOST_KEPT) known.clear();
    known.set(key, made);
    return made;
  };
}

/** Crossings of the row that has most of them. */
const mostCrossings = ({ rows }: Panel) => Math.max(0, ...rows.map((row) => crossingsOf(row).length));

/** How far fabrics pull in against what is computed: powers of the computed factors. 1 is as computed. */
export interface Pull {
  readonly width: number;
  readonly height: number;
}
export const AS_COMPUTED: Pull = { width: 1, height: 1 };

/**
 * Panels or ropes with their edges. `tape` is the share of its plain width that the cabled part was measured
 * to keep, null where nobody did.
 */
function panelled(
  { across, fabric }: Extract<Layout, { ok: true }>,
  tape: number | null,
  pull: Pull,
): StitchContent {
  const parts: Part[] = [];
  for (const [index, panel] of withEdges(across).entries()) {
    const from = parts.at(-1)?.to ?? 0;
    const widthFactor = fabric.panels[index]?.widthFactor ?? 1;
    parts.push({ panel, from, to: from + panelStitches(panel), widthFactor });
  }
  const cabled = across.edge > 0 ? parts.slice(1, -1) : parts;
  const mean = (power: number) =>
    cabled.reduce((sum, { from, to, widthFactor }) => sum + (to - from) * widthFactor ** power, 0) /
    cabledStitches(across);
  const [computed, believed] = [mean(1), mean(pull.width)];
  const scale = tape === null ? 1 : tape / believed;
  const widths = Float64Array.from({ length: fabric.stitches }, () => 1);
  for (const part of parts)
    widths.fill(part.widthFactor ** pull.width * (cabled.includes(part) ? scale : 1), part.from, part.to);
  const rows = parts.reduce((least, { panel }) => leastCommonMultiple(least, panel.rows.length), 1);
  return {
    stitches: fabric.stitches,
    multiple: 1,
    rows,
    sided: rows % 2 === 0 && parts.some(({ panel }) => panel.firstWrong || mostCrossings(panel) > 0),
    heightFactor: fabric.heightFactor ** pull.height,
    kept: {
      all: widths.reduce((sum, width) => sum + width, 0) / fabric.stitches,
      computed,
      believed,
      measured: tape,
    },
    markers: parts.slice(1).map(({ from }) => from),
    crossingsAcross: across.panels.reduce((sum, panel) => sum + mostCrossings(panel), 0),
    widthOf: (column) => widths[column] ?? 1,
    rowOn: remembering(
      (row, columns, reserved) => cutParts(parts, fabric.stitches, row, columns, reserved),
      rows,
    ),
  };
}

const modulo = (value: number, by: number) => ((value % by) + by) % by;

/** A ground, which goes on and on in both directions. */
function filling({ across, fabric }: Extract<Layout, { ok: true }>, pull: Pull): StitchContent {
  const [panel] = across.panels;
  const rows = panel?.rows ?? [];
  const multiple = fabric.stitches;
  const widthFactor = fabric.widthFactor ** pull.width;
  const each = rows.map((row) =>
    row.flatMap((work) =>
      "operation" in work ? Array.from({ length: work.times }, () => work.operation) : [],
    ),
  );
  return {
    stitches: null,
    multiple,
    rows: rows.length,
    sided: false,
    heightFactor: fabric.heightFactor ** pull.height,
    kept: { all: widthFactor, computed: fabric.widthFactor, believed: widthFactor, measured: null },
    markers: [],
    crossingsAcross: 0,
    widthOf: () => widthFactor,
    rowOn: remembering(
      (row, columns, reserved) =>
        joined(
          columns.map((column) =>
            single(
              reserved.get(column) ?? each[row % rows.length]?.[modulo(column, multiple)] ?? face("knit"),
            ),
          ),
        ),
      rows.length,
    ),
  };
}

interface ContentOptions {
  /** Whether it goes on over any count. */
  readonly fills: boolean;
  /** Share of its plain width that the cabled part was measured to keep; null where nobody did. */
  readonly tape: number | null;
  /** Whether bobbles and nupps are worked, or plain stitches in their place. */
  readonly raised: boolean;
  readonly pull: Pull;
}

/** More contents than this are not kept of one fabric: each new measure of a swatch pulls it a little otherwise. */
const MOST_READY = 16;

/** Contents by what they are laid of: the same fabric is made ready once. */
const ready = new WeakMap<Layout, Map<string, StitchContent>>();

const withPlainStitches = (laid: Extract<Layout, { ok: true }>) => {
  const plain = new Map(laid.across.panels.map((panel) => [panel, withoutRaised(panel)]));
  const panels = laid.across.panels.map((panel) => plain.get(panel) ?? panel);
  return { ...laid, across: { ...laid.across, panels } };
};

/** What is laid across as content of a section. Example: a rope of 8 with edges of 2 is laid for 12 stitches. */
export function stitchContent(laid: Extract<Layout, { ok: true }>, options: ContentOptions): StitchContent {
  const { fills, tape, raised, pull } = options;
  const made = ready.get(laid) ?? new Map<string, StitchContent>();
  ready.set(laid, made);
  const key = `${fills} ${tape} ${raised} ${pull.width} ${pull.height}`;
  const before = made.get(key);
  if (before) return before;
  const of = raised ? laid : withPlainStitches(laid);
  const content = fills ? filling(of, pull) : panelled(of, tape, pull);
  if (made.size >= MOST_READY) made.clear();
  made.set(key, content);
  return content;
}
