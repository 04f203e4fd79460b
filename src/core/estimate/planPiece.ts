/** A project's piece, worked and counted: all that its yarn depends on. */
import type { PieceFinding } from "./pieceFindings";
import { tapeOf, wholePanels, strangeColours, emptyAreas, onlyOnce } from "./pieceFindings";
import { say } from "../words/message";
import type { PieceFabric, PiecePlan, PlannedSection } from "./plan";
import { plainStitch, type Gauge } from "../stitches/plainStitch";
import { LEAVABLE, type Leavable, type Project, type ProjectPiece } from "../project/project";
import { isFabric } from "../project/sectionKinds";
import type { ProjectSection } from "../project/sections";
import { stitchContent, type StitchContent, type Pull } from "../garment/stitchContent";
import { keyOfSection, type Layout, type SectionLayouts, type NoLayout } from "../garment/sectionLayout";
import { beginsFabric, fillsGround } from "../garment/layout";
import { workPiece, type WorkedPiece, type WorkedSection } from "../garment/work/workPiece";
import type { ParsedPattern } from "../instructions/read";
import type { PanelRow } from "../panels/panel";
import { grams, metres, millimetres, type Millimetres } from "../units/brands";
import { needleScale, thicknessOf } from "../yarn/thickness";
import { colourExtras, sharing } from "./colourWork";
import { tallyRows } from "./tally";
import { askedRows } from "./asked";
import { recordOf } from "../garment/kinds/kinds";

/** A cast-on stitch takes about so many widths of a plain one, where nobody measured twenty of them. */
const CAST_ON_WIDTHS = 4;

export interface PlanBasis {
  readonly gauge: Gauge;
  readonly needleMm: Millimetres;
  readonly laid: SectionLayouts;
  readonly without: readonly Leavable[];
  /** How far fabrics pull in against what is computed, and how sure that is. */
  readonly pull: Pull;
  readonly drawInSd: number;
}

export interface PlannedPiece {
  /** Null where no row can be worked. */
  readonly plan: PiecePlan | null;
  readonly worked: WorkedPiece;
  readonly findings: readonly PieceFinding[];
}

/** Contents of a piece's sections, each made once; and what is wrong with their measures. */
function contentsOf(
  piece: ProjectPiece,
  { laid, without, pull }: PlanBasis,
  stitchMmOf: (section: ProjectSection) => number,
) {
  const contents = new Map<string, StitchContent | NoLayout>();
  const findings: PieceFinding[] = [];
  for (const section of piece.sections) {
    if (!beginsFabric(section)) continue;
    const lying: Layout | undefined = laid.get(keyOfSection(piece, section));
    if (!lying) continue;
    if (!lying.ok) {
      contents.set(section.id, lying);
      continue;
    }
    findings.push(...wholePanels(section, lying.across));
    const { tape, message } = isFabric(section)
      ? tapeOf(section, lying.across, stitchMmOf(section))
      : { tape: null };
    if (message) findings.push({ sectionId: section.id, field: "measuredWidth", message, leftOut: true });
    contents.set(
      section.id,
      stitchContent(lying, { fills: fillsGround(section), tape, raised: !without.includes("bobbles"), pull }),
    );
  }
  return { contents, findings };
}

/** Counts a section: each yarn's stitches, and the area. */
function counted(worked: WorkedSection, yarnId: string, needleMm: Millimetres): PlannedSection {
  const share = sharing(worked.section, yarnId);
  const byYarn = new Map<string, Map<PanelRow, number>>();
  let area = 0;
  for (const [index, { row, left, right, height }] of worked.rows.entries()) {
    area += (left - right) * height;
    for (const mine of share(row, index)) {
      const rows = byYarn.get(mine.yarnId) ?? new Map<PanelRow, number>();
      rows.set(mine.row, (rows.get(mine.row) ?? 0) + 1);
      byYarn.set(mine.yarnId, rows);
    }
  }
  return {
    worked,
    shares: [...byYarn].map(([id, rows]) => ({ yarnId: id, tally: tallyRows(rows) })),
    extras: colourExtras(worked.section, worked.rows.length, yarnId),
    area: area / worked.scale ** 2,
    needleMm: millimetres(worked.section.needleMm ?? needleMm),
    toLength: recordOf(worked.section).toLength?.(worked.section)
      ? (worked.content?.heightFactor ?? 1)
      : null,
  };
}

/** The first panels of a piece that are worked; null where it has none. */
function cabledOf(sections: readonly WorkedSection[]): PieceFabric | null {
  const one = sections.find(
    ({ section, content }) => isFabric(section) && (content?.stitches ?? null) !== null,
  );
  return one?.content ? { sectionId: one.section.id, content: one.content, stitches: one.to } : null;
}

const writtenOf = (found: Layout | undefined): ParsedPattern | NoLayout => {
  if (!found) return { ok: false, message: say("stillReading") };
  if (!found.ok) return found;
  return found.written ?? { ok: false, message: say("stillReading") };
};

interface Planned {
  readonly of: readonly unknown[];
  readonly plan: PlannedPiece;
}

/**
 * Plans of a piece as it is and with each part left out, as savings ask for them behind every pause in typing; each by
 * what swatches say, and by what knitting says beside them.
 */
const MOST_PLANNED = 2 * (1 + LEAVABLE.length);
const planned = new WeakMap<ProjectPiece, readonly Planned[]>();

/** The same as `planPiece`; asked again for the same piece on one of the last bases it is the same object. */
export function planOnce(project: Project, piece: ProjectPiece, basis: PlanBasis): PlannedPiece {
  const { gauge, needleMm, laid, without, pull, drawInSd } = basis;
  const lying = piece.sections.map((section) => laid.get(keyOfSection(piece, section)));
  const figures = [gauge.stitchesPer10Cm, gauge.rowsPer10Cm, needleMm, pull.width, pull.height, drawInSd];
  const of = [project.yarns, project.asks, without.join(), ...figures, ...lying];
  const before = planned.get(piece) ?? [];
  const same = before.find((one) => one.of.every((part, index) => Object.is(part, of[index])));
  const found = same ?? { of, plan: planPiece(project, piece, basis) };
  planned.set(piece, [...before.filter((one) => one !== same), found].slice(-MOST_PLANNED));
  return found.plan;
}

/**
 * Works and counts a piece, but what the knitter wants left out. `basis.laid` must hold what lies across all of its
 * sections.
 */
export function planPiece(project: Project, whole: ProjectPiece, basis: PlanBasis): PlannedPiece {
  const piece = { ...whole, sections: whole.sections.filter(({ leftOut }) => !leftOut) };
  const { gauge, needleMm, laid, without, drawInSd } = basis;
  const plain = plainStitch(gauge);
  const scaleOf = ({ needleMm: own }: ProjectSection) => (own === null ? 1 : needleScale(own, needleMm));
  const { contents, findings } = contentsOf(piece, basis, (section) => plain.widthMm * scaleOf(section));
  // Where panels cannot be laid, that is told alone: all else that cannot be worked may follow from it.
  const unlaid = piece.sections.flatMap(({ id }): readonly PieceFinding[] => {
    const content = contents.get(id);
    if (!content || !("message" in content)) return [];
    return [{ sectionId: id, field: "section", message: content.message, leftOut: true }];
  });
  const worked = workPiece({
    piece,
    contentOf: (section) => contents.get(section.id) ?? { ok: false, message: say("stillReading") },
    writtenOf: (section) => writtenOf(laid.get(keyOfSection(piece, section))),
    yarnIds: project.yarns.map(({ id }) => id),
    scaleOf,
    stitchMm: plain.widthMm,
    rowMm: plain.heightMm,
    foldHems: !without.includes("hems"),
    askedRows: (section, on) =>
      askedRows(project.asks, section, { ...on, own: gauge, rowMm: plain.heightMm }),
    after: (section) => {
      const rest = piece.sections.slice(piece.sections.indexOf(section) + 1);
      const end = rest.findIndex((one) => recordOf(one).beginsStrip);
      return end < 0 ? rest : rest.slice(0, end);
    },
  });
  const told = [
    ...findings,
    ...(unlaid.length > 0 ? unlaid : onlyOnce(worked.findings)),
    ...strangeColours(project, piece),
    ...emptyAreas(worked.sections),
  ];
  if (worked.sections.every(({ rows }) => rows.length === 0)) {
    const [first] = whole.sections;
    const silent = first && !told.some(({ leftOut }) => leftOut);
    const none: readonly PieceFinding[] = silent
      ? [{ sectionId: first.id, field: "piece", message: say("noRowsInPiece"), leftOut: true }]
      : [];
    return { plan: null, worked, findings: [...told, ...none] };
  }
  const yarn = project.yarns.find(({ id }) => id === piece.yarnId) ?? project.yarns[0];
  const yarnId = yarn?.id ?? "";
  const putUp = yarn?.putUp ?? project.yarns[0]?.putUp ?? null;
  const sections = worked.sections.map((section) => counted(section, yarnId, needleMm));
  const plan: PiecePlan = {
    id: piece.id,
    times: piece.times,
    yarnId,
    thicknessMm: putUp
      ? thicknessOf({ massG: grams(putUp.massG), lengthM: metres(putUp.lengthM) })
      : millimetres(needleMm / 2),
    sections,
    cabled: cabledOf(worked.sections),
    tail: {
      school: piece.tail.school,
      twentyMm: millimetres(piece.tail.twentyMm ?? 20 * CAST_ON_WIDTHS * plain.widthMm),
    },
    drawInSd,
  };
  return { plan, worked, findings: told };
}
