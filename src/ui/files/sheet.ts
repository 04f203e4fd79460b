/** The knitting sheet: all that is needed beside the needles, as blocks that are printed, pasted or drawn. */
import { seamName } from "@/core/estimate/seamName";
import { tailLength } from "@/core/estimate/longTail";
import { countOf } from "@/core/words/things";
import { extraName } from "@/core/estimate/extras";
import type { BallMap } from "@/core/estimate/ballMap";
import type { KnownSeen, SeenPiece } from "@/core/engine/seen";
import type { FinishingItem } from "@/core/knitting/finishingList";
import type { KnitRows } from "@/core/knitting/knitRows";
import type { Chart } from "@/core/panels/chart";
import { ropesOf } from "@/core/garment/kinds/fabric";
import { printInManner } from "@/core/instructions/print";
import { LIBRARY } from "@/core/panels/library";
import { ropeOf } from "@/core/panels/ropes";
import { joinPanels } from "@/core/panels/transforms";
import type { SectionOf } from "@/core/project/sections";
import type { Project, ProjectPiece } from "@/core/project/project";
import type { Wording } from "@/core/stitches/wording";
import { grams, millimetres, toMetres, type UnitSystem } from "@/core/units/brands";
import {
  formatChance,
  formatGauge,
  formatMass,
  formatSize,
  formatYarn,
  tellPutUp,
} from "@/core/units/format";
import type { Says } from "@/core/words/message";
import { massOf } from "@/core/yarn/putUp";
import { askOnce } from "@/state/engine/askOnce";
import { reader } from "@/state/engine/workers";
import { groupsOf } from "@/ui/pieces/ledgerGroups";
import { CAUTIONS } from "@/ui/parts/cautions";
import { sectionName } from "@/ui/pieces/sectionWords";
import { rowLines } from "./rowLines";

/** A piece to scale, in mm: each part's edge all round, upwards from below. */
export interface Outline {
  readonly colour: string;
  readonly parts: readonly (readonly (readonly [x: number, y: number])[])[];
  readonly wide: string;
  readonly high: string;
}

export type Block =
  | { readonly kind: "heading"; readonly level: 1 | 2 | 3; readonly text: string }
  | { readonly kind: "words"; readonly text: string }
  | { readonly kind: "list"; readonly items: readonly string[] }
  | { readonly kind: "outline"; readonly outline: Outline }
  | {
      readonly kind: "chart";
      readonly chart: Chart;
      readonly name: string;
      /** The same in letters and signs, with their key; null where it has too many kinds of stitches. */
      readonly signs: string | null;
    }
  | {
      readonly kind: "table";
      readonly head: readonly string[];
      readonly rows: readonly (readonly string[])[];
      /** The column that is as wide as there is room; its texts may take several lines. */
      readonly wide: number;
    };

/** What the sheet is written of. */
export interface SheetBasis {
  readonly project: Project;
  readonly answer: KnownSeen;
  readonly units: UnitSystem;
  readonly style: Wording;
  readonly tell: (says: Says) => string;
  /** Names of what the answer leaves out. */
  readonly leftOut: readonly string[];
}

type NamedChart = Omit<Extract<Block, { readonly kind: "chart" }>, "kind">;

/** What has to be asked for it. */
interface Asked {
  readonly charts: readonly NamedChart[];
  readonly knit: ReadonlyMap<string, KnitRows>;
  readonly maps: readonly BallMap[];
  readonly finishing: readonly FinishingItem[];
}

const heading = (level: 1 | 2 | 3, text: string): Block => ({ kind: "heading", level, text });
const words = (text: string): Block => ({ kind: "words", text });
const list = (items: readonly string[]): readonly Block[] =>
  items.length > 0 ? [{ kind: "list", items }] : [];

/** The whole of a piece is asked for in one go: it is written and not scrolled. */
const ALL_ROWS = 100_000;

/** The rows of one rope of a section, with the purls at its sides. */
function ropeRows(
  section: SectionOf<"fabric">,
  style: Wording,
): { readonly name: string; readonly text: string } {
  const one = joinPanels(ropesOf({ ...section, ropes: 1, edge: 0 }, { round: false }).panels);
  const name = `${ropeOf(section.ropeId).name}, to the ${section.lean}`;
  return { name, text: one ? printInManner(one, { round: false, firstWrong: false }, style) : "" };
}

/** The charts of all panels and ropes that are worked, each once. */
async function askCharts({ project, answer, style }: SheetBasis): Promise<readonly NamedChart[]> {
  const worked = new Set(answer.estimate.pieces.map(({ id }) => id));
  const fabrics = project.pieces
    .filter(({ id }) => worked.has(id))
    .flatMap(({ sections }) => sections.flatMap((section) => (section.kind === "fabric" ? [section] : [])));
  const used = new Set(
    fabrics
      .filter(({ content }) => content === "panels")
      .flatMap(({ across }) => across.map(({ panelId }) => panelId)),
  );
  const ropes = fabrics
    .filter(({ content }) => content === "ropes")
    .map((section) => ropeRows(section, style));
  const texts = [
    ...[...project.panels, ...LIBRARY].filter(({ id }) => used.has(id)),
    ...new Map(ropes.map((rope) => [rope.text, rope])).values(),
  ];
  const charts = await Promise.all(
    texts.map(async ({ name, text }) => {
      const { chart } = await reader().analysePattern(text, style);
      return chart && { name, chart, signs: await reader().inSigns(text, style) };
    }),
  );
  return charts.filter((chart) => chart !== null);
}

/** Which ball works which rows, of each yarn that is used. */
export async function askBallMaps({ yarns }: Project): Promise<readonly BallMap[]> {
  const maps = await Promise.all(
    yarns.map(({ id }) => askOnce("ballMap", { yarnId: id, turns: null, parts: "first", partsG: [] })),
  );
  return maps.filter((map) => map !== null);
}

async function ask(basis: SheetBasis): Promise<Asked> {
  const { project, answer, style } = basis;
  const pieces = await Promise.all(
    answer.estimate.pieces.map(({ id }) => askOnce("knit", { pieceId: id, from: 1, to: ALL_ROWS, style })),
  );
  return {
    knit: new Map(pieces.flatMap((one) => (one ? [[one.pieceId, one] as const] : []))),
    maps: await askBallMaps(project),
    finishing: (await askOnce("finishing", null)) ?? [],
    charts: await askCharts(basis),
  };
}

function answerBlocks({ project, answer, units, leftOut }: SheetBasis): readonly Block[] {
  const weighed = answer.yarns.every(({ yarn }) => !yarn.putUp.noMass);
  const rows = answer.yarns.map(({ yarn, advised, totalMm, atWidth }) => {
    const named = project.yarns.find(({ id }) => id === yarn.id);
    const length = toMetres(totalMm);
    const atWidthOf = atWidth.around.find(({ balls }) => balls === advised.balls)?.chance ?? 0;
    const chance = `${formatChance(advised.chance, answer.weighed)} as written, ${formatChance(atWidthOf, answer.weighed)} if you keep the width`;
    return [
      named?.name ?? "",
      tellPutUp(named?.putUp ?? yarn.putUp, units),
      countOf(advised.balls, "ball"),
      formatYarn(length, units) +
        (weighed ? `, ${formatMass(grams(massOf(length, yarn.putUp)), units)}` : ""),
      leftOut.length > 0 ? "none is given" : chance,
    ];
  });
  return [
    heading(2, "Yarn"),
    {
      kind: "table",
      head: ["Yarn", "A ball holds", "Balls", "Yarn needed", "Chance that it lasts"],
      rows,
      wide: 4,
    },
    ...(leftOut.length > 0
      ? [words(`This is not all of it. Left out of the answer: ${leftOut.join("; ")}.`)]
      : []),
    words(
      `Needle ${formatNeedle(answer.plan.needleMm)}. Gauge of plain stitches: ${formatGauge(answer.plan.gauge.stitchesPer10Cm, "stitches", units)}, ${formatGauge(answer.plan.gauge.rowsPer10Cm, "rows", units)}.`,
    ),
  ];
}

const formatNeedle = (mm: number) => `${Number(mm.toFixed(2))} mm`;

const copies = ({ times }: SeenPiece) => (times > 1 ? `, worked ${times} times` : "");

function pieceBlocks(
  basis: SheetBasis,
  piece: SeenPiece,
  of: ProjectPiece,
  knit: KnitRows | undefined,
): readonly Block[] {
  const { project, units, style, tell } = basis;
  const { estimate } = piece;
  const tail = estimate.tailBasis && tailLength(of.tail.school, estimate.tailBasis);
  const size = `${formatSize(estimate.widthMm, units)} ${of.round ? "round" : "wide"}, ${formatSize(estimate.heightMm, units)} high`;
  const nameOf = (id: string) => {
    const section = of.sections.find((one) => one.id === id);
    return section ? sectionName(section, style.words) : "";
  };
  const colour = project.yarns.find(({ id }) => id === piece.yarnId)?.colour ?? "#888888";
  const sections = piece.sections
    .filter(({ rows }) => rows > 0)
    .map(({ sectionId, side, rows, from, to }) => [
      nameOf(sectionId) + (side === "whole" ? "" : `, ${side} side`),
      String(rows),
      from === to ? String(from) : `${from} to ${to}`,
    ]);
  const lines = rowLines(knit?.rows ?? []);
  return [
    heading(2, `${of.name || "A piece"}${copies(piece)}`),
    words(
      `${size}. ${countOf(estimate.castOn, "stitch")} cast on${tail === null ? "" : `, with a tail of ${formatSize(tail, units)}`}; ${countOf(estimate.rows, "row")}.${of.mirrored ? " Worked as in a mirror." : ""}`,
    ),
    {
      kind: "outline",
      outline: {
        colour,
        parts: piece.outline.map(({ points }) => points),
        wide: formatSize(estimate.widthMm, units),
        high: formatSize(estimate.heightMm, units),
      },
    },
    { kind: "table", head: ["Section", "Rows", "Stitches"], rows: sections, wide: 0 },
    ...(lines.length > 0
      ? [
          heading(3, "Row by row"),
          ...(lines.some(({ text }) => text.includes(" | "))
            ? [words("A bar between stitches is a marker.")]
            : []),
          {
            kind: "table",
            head: ["Row", "Work", "Stitches"],
            rows: lines.map((line) => [line.rows, line.text, String(line.stitches)]),
            wide: 1,
          } as const,
        ]
      : []),
    ...list([
      ...(knit?.rows ?? []).flatMap(({ row, before }) =>
        before.map((one) => `Before row ${row}: ${tell(one)}`),
      ),
      ...(knit?.atEnd ?? []).map(tell),
      ...(knit?.meanings ?? []),
    ]),
  ];
}

function ballBlocks({ project, units }: SheetBasis, maps: readonly BallMap[]): readonly Block[] {
  const nameOf = (id: string) => project.pieces.find((piece) => piece.id === id)?.name ?? "";
  const timesOf = (id: string) => project.pieces.find((piece) => piece.id === id)?.times ?? 1;
  return maps.flatMap(({ yarnId, balls }) => [
    heading(3, `Ball by ball: ${project.yarns.find(({ id }) => id === yarnId)?.name ?? ""}`),
    {
      kind: "table" as const,
      head: ["Ball", "Rows", "Left of it"],
      rows: balls.map(({ rows, leftMm }, at) => [
        String(at + 1),
        rows
          .map(
            ({ pieceId, copy, from, to }) =>
              `${nameOf(pieceId)}${timesOf(pieceId) > 1 ? ` ${copy}` : ""} ${from === to ? from : `${from}–${to}`}`,
          )
          .join("; ") || "no rows",
        formatYarn(toMetres(millimetres(leftMm)), units),
      ]),
      wide: 1,
    },
  ]);
}

/** Ledger, seams, extras and what finishes it. */
function restBlocks(basis: SheetBasis, finishing: readonly FinishingItem[]): readonly Block[] {
  const { project, answer, units, style, tell } = basis;
  const groups = groupsOf("part", answer.estimate.lines, project, style.words, tell);
  const seams = project.seams.map((seam) => tell(seamName(project, seam)));
  const extras = project.extras.map((extra) => extraName(extra));
  return [
    ...(seams.length + extras.length > 0
      ? [heading(2, "Seams and extras"), ...list([...seams, ...extras])]
      : []),
    ...(finishing.length > 0
      ? [
          heading(2, "Finishing"),
          ...list(finishing.map(({ what, how }) => tell(what) + (how ? `: ${tell(how)}` : ""))),
        ]
      : []),
    heading(2, "Where the yarn goes"),
    {
      kind: "table",
      head: ["Use", "Yarn"],
      rows: groups.map(({ name, mm }) => [name, formatYarn(toMetres(millimetres(mm)), units)]),
      wide: 0,
    },
    heading(2, "Cautions"),
    ...list(Object.values(CAUTIONS)),
  ];
}

/** The whole sheet. Rejects where the engine is lost over it. */
export async function knittingSheet(basis: SheetBasis, date: string): Promise<readonly Block[]> {
  const { project, answer } = basis;
  const { knit, maps, finishing, charts } = await ask(basis);
  return [
    heading(1, project.name || "Untitled project"),
    words([project.madeFor && `For ${project.madeFor}.`, `Written on ${date}.`].filter(Boolean).join(" ")),
    ...(project.notes ? [words(project.notes)] : []),
    ...answerBlocks(basis),
    ...answer.estimate.pieces.flatMap((piece) => {
      const of = project.pieces.find(({ id }) => id === piece.id);
      return of ? pieceBlocks(basis, piece, of, knit.get(piece.id)) : [];
    }),
    ...(charts.length > 0 ? [heading(2, "Charts")] : []),
    ...charts.map((chart) => ({ kind: "chart", ...chart }) as const),
    heading(2, "Which ball works which rows"),
    ...ballBlocks(basis, maps),
    ...restBlocks(basis, finishing),
  ];
}
