/** A swatch made ready to be predicted: what its width, height and yarn would be for any vector of unknowns. */
import type { Says } from "../words/message";
import { pieceNeed, tallyNeed } from "../estimate/yarnNeed";
import { deviated } from "../estimate/measures";
import { planPiece, type PlanBasis } from "../estimate/planPiece";
import { ribPullOf, type Blocking } from "../fabric/blocking";
import type { Gauge } from "../stitches/plainStitch";
import type { Project } from "../project/project";
import type { Swatch } from "../project/swatches";
import { keyOfSection, type Layout } from "../garment/sectionLayout";
import type { GaugeSources } from "../garment/projectGauge";
import { swatchPiece, swatchPieceId } from "../garment/swatchPiece";
import { needleScale } from "../yarn/thickness";
import type { Unknowns } from "../estimate/unknowns";
import { putUpId, type Deviations } from "./unknowns";

/** Stitches with the share of their plain width that they are computed to keep. */
interface Run {
  readonly stitches: number;
  readonly factor: number;
}

/** One state of a swatch, as it lies. */
interface Lying {
  readonly all: readonly Run[];
  /** Without the plain stitches at the edges. */
  readonly cabled: readonly Run[];
  readonly heightFactor: number;
}

export interface SwatchModel {
  readonly swatch: Swatch;
  /** Stitches across it; null where nobody said. */
  readonly stitches: number | null;
  readonly rows: number | null;
  /** Size of its stitches against the project's. */
  readonly scale: number;
  /** Width in mm of so many of its stitches, or of all; null where it is not known what lies across. */
  readonly widthOf: (state: SwatchStateId, stitches: number | null) => ((of: Deviations) => number) | null;
  readonly heightOf: (state: SwatchStateId, rows: number | null) => ((of: Deviations) => number) | null;
  readonly massOf: ((of: Deviations) => number) | null;
  /** Yarn in mm of so many stitches of its fabric. */
  readonly yarnOf: ((stitches: number) => (of: Deviations) => number) | null;
  /** Why its panels cannot be laid; null where they can. */
  readonly problem: Says | null;
}

export type SwatchStateId = "asKnit" | "finished";

/** How far a finish goes on the way from as knit to wet-blocked: as far as it takes the pull out of ribs. */
export const washed = (blocking: Blocking) => (1 - ribPullOf(blocking)) / (1 - ribPullOf("wetBlocked"));

function lyingOf(laid: Layout | undefined, { fabric }: Swatch, stitches: number | null): Lying | null {
  if (!laid?.ok) return null;
  const runs = laid.fabric.panels.map((panel) => ({ stitches: panel.stitches, factor: panel.widthFactor }));
  const { heightFactor } = laid.fabric;
  if (fabric.content === "ground") {
    const factor = runs[0]?.factor ?? 1;
    const all = stitches === null ? [] : [{ stitches, factor }];
    return { all, cabled: [{ stitches: 1, factor }], heightFactor };
  }
  return { all: runs, cabled: laid.across.edge > 0 ? runs.slice(1, -1) : runs, heightFactor };
}

/** Plain widths of runs, the draw-in scaled; or the mean of one of their stitches. */
function plainWidths(runs: readonly Run[], drawWidth: number): { sum: number; mean: number } {
  const power = Math.exp(drawWidth);
  const sum = runs.reduce((all, { stitches, factor }) => all + stitches * factor ** power, 0);
  const count = runs.reduce((all, { stitches }) => all + stitches, 0);
  return { sum, mean: count > 0 ? sum / count : 1 };
}

export interface SwatchBasis {
  readonly project: Project;
  readonly gauge: Gauge;
  /** What swatches are planned with. */
  readonly plan: PlanBasis;
  /** Where the gauge comes from that was given. */
  readonly sources: GaugeSources;
  /** How the project will be finished. */
  readonly blocking: Blocking;
}

/** The put-up of a yarn by its band, else that of the first; null where its mass is not known. */
export function weighablePutUp({ yarns }: Pick<Project, "yarns">, yarnId: string) {
  const putUp = yarns.find(({ id }) => id === yarnId)?.putUp ?? yarns[0]?.putUp;
  return putUp && !putUp.noMass ? putUp : null;
}

/** Grams of a millimetre of it. */
export const gramsPerMm = ({ massG, lengthM }: { readonly massG: number; readonly lengthM: number }) =>
  massG / lengthM / 1000;

/** Grams of a metre of a project's first yarn: how thick it is; null where nobody knows. */
export function gramsPerMetre(project: Pick<Project, "yarns">): number | null {
  const putUp = weighablePutUp(project, project.yarns[0]?.id ?? "");
  return putUp && 1000 * gramsPerMm(putUp);
}

/** Stitches across a swatch: those of its panels, or those that were cast on for its ground. */
function stitchesAcross(laid: Layout | undefined, swatch: Swatch): number | null {
  if (swatch.fabric.content === "ground") return swatch.stitches;
  return laid?.ok ? laid.fabric.stitches : null;
}

/** What is off of a swatch: it does not drift behind itself, and all its rows are told. */
const asSwatch = (of: Deviations): Unknowns => ({ ...of, amount: 0 });

/** The yarn of all of a swatch, and of its stitches; null where its rows are not known. */
function yarnsOf(swatch: Swatch, stitches: number | null, { project, gauge, plan }: SwatchBasis) {
  if (stitches === null || swatch.rows === null) return null;
  const { plan: piece } = planPiece(project, swatchPiece(swatch, swatch.finish, stitches), plan);
  const fabric = piece?.sections.find(({ worked }) => worked.section.id === swatch.fabric.id);
  const [share] = fabric?.shares ?? [];
  if (!piece || !fabric || !share) return null;
  const rows = tallyNeed(share.tally, fabric.worked.scale, gauge);
  return {
    whole: pieceNeed(piece, gauge),
    each: (of: Deviations) => rows.at(asSwatch(of)) / share.tally.stitches,
  };
}

/** Height of a garter row against a plain one, as the mesh gives it. */
const GARTER = 0.7;

/** Makes a swatch ready. */
export function swatchModel(swatch: Swatch, basis: SwatchBasis): SwatchModel {
  const { project, gauge, plan, blocking: finish } = basis;
  const laidIn = (blocking: Blocking) =>
    plan.laid.get(keyOfSection({ id: swatchPieceId(swatch, blocking) }, swatch.fabric));
  const [asKnit, finished] = [laidIn("asKnit"), laidIn(swatch.finish)];
  const stitches = stitchesAcross(finished, swatch);
  const scale = swatch.needleMm === null ? 1 : needleScale(swatch.needleMm, plan.needleMm);
  const putUp = weighablePutUp(project, swatch.yarnId);
  const perMm = putUp && gramsPerMm(putUp);
  const yarns = yarnsOf(swatch, stitches, basis);
  const states = {
    asKnit: { lying: lyingOf(asKnit, swatch, stitches), away: -washed(finish) },
    finished: { lying: lyingOf(finished, swatch, stitches), away: washed(swatch.finish) - washed(finish) },
  };
  return {
    swatch,
    stitches,
    rows: swatch.rows,
    scale,
    widthOf: (state, over) => {
      const { lying, away } = states[state];
      if (!lying || (over === null && lying.all.length === 0)) return null;
      return (of) => {
        const widths =
          over === null
            ? plainWidths(lying.all, of.drawWidth).sum
            : over * plainWidths(lying.cabled, of.drawWidth).mean;
        return widths * scale * deviated(gauge, of).widthMm * Math.exp(away * of.blockWidth);
      };
    },
    heightOf: (state, over) => {
      const { lying, away } = states[state];
      const border = over === null ? 2 * swatch.borderRows * GARTER : 0;
      const rows = over ?? swatch.rows;
      if (!lying || rows === null) return null;
      return (of) => {
        const plain = rows * lying.heightFactor ** Math.exp(of.drawHeight) + border;
        return plain * scale * deviated(gauge, of).heightMm * Math.exp(away * of.blockHeight);
      };
    },
    massOf:
      yarns && perMm !== null
        ? (of) => yarns.whole.at(asSwatch(of)) * perMm * Math.exp(-(of[putUpId(swatch.yarnId)] ?? 0))
        : null,
    yarnOf: yarns ? (count) => (of) => count * yarns.each(of) : null,
    problem: finished && !finished.ok ? finished.message : null,
  };
}
