/** An answer as it is looked at: plain data, so that it can be handed from where it is calculated to where it is shown. */
import { deviationsOf } from "../belief/unknowns";
import type { Measured } from "../belief/belief";
import type { Knitted } from "../belief/knitted";
import { isGaugeMeasured } from "../belief/believe";
import { swatchWarnings, type SwatchWarning } from "../belief/swatchWarnings";
import { beliefSummary, type BeliefLine } from "../belief/beliefSummary";
import type { PieceEstimate } from "../estimate/piece";
import { isDrawInSwatched } from "../estimate/piece";
import type { ExtraPlan, SeamPlan } from "../estimate/plan";
import type { FinishingFinding } from "../estimate/seams";
import { layStrand } from "../estimate/layStrand";
import type { Strand } from "../estimate/strand";
import type { EstimatedPiece, PlannedYarn, ProjectEstimate } from "../estimate/wholeProject";
import type { Gauge } from "../stitches/plainStitch";
import type { YarnForecast } from "../forecast/forecast";
import type { Finding, KnownForecast, MissingField, ProjectForecast } from "../forecast/projectForecast";
import type { StitchContent } from "../garment/stitchContent";
import { colourBands, type ColourBand } from "../estimate/colourBands";
import type { SectionLayouts } from "../garment/sectionLayout";
import { outlineOf, type OutlinePart } from "../garment/outline";
import type { WorkedPiece, WorkedSection } from "../garment/work/workPiece";
import type { Side } from "../garment/work/workState";
import type { Taken } from "../panels/across";
import type { Millimetres } from "../units/brands";

/** A section as it was worked; a divided one is worked once for each side. */
export interface SeenSection {
  readonly sectionId: string;
  readonly side: Side;
  readonly rows: number;
  /** Stitches that it begins and ends with. */
  readonly from: number;
  readonly to: number;
  /** Size of its stitches against the project's. */
  readonly scale: number;
  /** Of the fabric that it is worked in; null where it is plain. */
  readonly content: {
    readonly rows: number;
    readonly kept: StitchContent["kept"];
    readonly heightFactor: number;
  } | null;
}

/** A part of the outline with the colours that lie over it. */
export interface SeenPart extends OutlinePart {
  readonly bands: readonly ColourBand[];
}

export interface SeenPiece {
  readonly id: string;
  readonly times: number;
  readonly yarnId: string;
  readonly estimate: PieceEstimate;
  readonly sections: readonly SeenSection[];
  readonly outline: readonly SeenPart[];
  /** What its first panels keep of their width; null where nothing is cabled. */
  readonly cabledKept: StitchContent["kept"] | null;
  /** Whether a swatch has said how far its cables pull in. */
  readonly drawInSwatched: boolean;
}

export type SeenYarn = Omit<YarnForecast, "drawn" | "slope">;

/** What the swatches say. */
interface SeenBelief {
  readonly measured: readonly Measured[];
  readonly knitted: readonly Knitted[];
  /** How likely it is that the hand which the project began with has changed; null where none was known. */
  readonly handChanged: number | null;
  readonly gaugeMeasured: { readonly width: boolean; readonly height: boolean };
  readonly told: readonly BeliefLine[];
  readonly swatches: ReadonlyMap<string, SeenSwatch>;
}

interface SeenSwatch {
  readonly stitches: number | null;
  readonly hints: readonly SwatchWarning[];
  /** What it should weigh as it was expected before any swatch was; null where that cannot be told. */
  readonly expectedG: number | null;
}

export interface KnownSeen {
  readonly known: true;
  readonly weighed: boolean;
  readonly sources: KnownForecast["sources"];
  readonly findings: readonly Finding[];
  readonly finishing: readonly FinishingFinding[];
  readonly plan: {
    readonly gauge: Gauge;
    readonly needleMm: Millimetres;
    readonly yarns: readonly PlannedYarn[];
    readonly seams: readonly SeamPlan[];
    readonly extras: readonly ExtraPlan[];
  };
  readonly estimate: Pick<ProjectEstimate, "lines" | "ledger" | "totalMm"> & {
    readonly pieces: readonly SeenPiece[];
  };
  readonly yarns: readonly [SeenYarn, ...SeenYarn[]];
  /** One for each yarn, in the same order. */
  readonly strands: readonly Strand[];
  readonly belief: SeenBelief;
  /** Sections of every piece as they were worked, by piece; of those without a row too. */
  readonly worked: ReadonlyMap<string, readonly SeenSection[]>;
}

interface UnknownSeen {
  readonly known: false;
  readonly missing: readonly MissingField[];
  readonly findings: readonly Finding[];
}

export type Seen = (KnownSeen | UnknownSeen) & {
  /** What each place of a section's row of panels comes to, by `keyOfSection`. */
  readonly taken: ReadonlyMap<string, readonly Taken[]>;
};

function seenSection({ section, side, rows, from, to, scale, content }: WorkedSection): SeenSection {
  return {
    sectionId: section.id,
    side,
    rows: rows.length,
    from,
    to,
    scale,
    content: content && { rows: content.rows, kept: content.kept, heightFactor: content.heightFactor },
  };
}

/** What was seen of an estimate: of a piece that is as it was, it is the very same. */
const seenOfEstimate = new WeakMap<PieceEstimate, SeenPiece>();
const seenOfWorked = new WeakMap<WorkedPiece, readonly SeenSection[]>();

function seenPiece(piece: EstimatedPiece): SeenPiece {
  const before = seenOfEstimate.get(piece.estimate);
  if (before) return before;
  const seen = pieceSeen(piece);
  seenOfEstimate.set(piece.estimate, seen);
  return seen;
}

function seenWorked(worked: WorkedPiece): readonly SeenSection[] {
  const seen = seenOfWorked.get(worked) ?? worked.sections.map(seenSection);
  seenOfWorked.set(worked, seen);
  return seen;
}

function pieceSeen(piece: EstimatedPiece): SeenPiece {
  const worked = piece.sections.map((planned) => planned.worked);
  return {
    id: piece.id,
    times: piece.times,
    yarnId: piece.yarnId,
    estimate: piece.estimate,
    sections: worked.map(seenSection),
    outline: outlineOf(worked, piece.estimate.plain).map((part) => {
      const section = worked.find((one) => one.section.id === part.sectionId && one.side === part.side);
      return { ...part, bands: section ? colourBands(part, section) : [] };
    }),
    cabledKept: piece.cabled?.content.kept ?? null,
    drawInSwatched: isDrawInSwatched(piece),
  };
}

function seenBelief({ belief, estimate }: KnownForecast): SeenBelief {
  const kept = estimate.pieces.find(({ cabled }) => cabled)?.cabled?.content.kept ?? null;
  const before = deviationsOf(belief.prior.axes, belief.prior.mean);
  return {
    measured: belief.measured,
    knitted: belief.knitted,
    handChanged: belief.handChanged,
    gaugeMeasured: { width: isGaugeMeasured(belief, "Width"), height: isGaugeMeasured(belief, "Height") },
    told: beliefSummary({ belief, kept }, belief.basis.sources),
    swatches: new Map(
      belief.swatches.map((of) => [
        of.swatch.id,
        {
          stitches: of.stitches,
          hints: swatchWarnings(of, belief.basis.blocking),
          expectedG: of.massOf?.(before) ?? null,
        },
      ]),
    ),
  };
}

function seenYarn(yarn: YarnForecast): SeenYarn {
  const { drawn, slope, ...seen } = yarn;
  void [drawn, slope];
  return seen;
}

const takenOf = (laid: SectionLayouts): ReadonlyMap<string, readonly Taken[]> =>
  new Map(
    [...laid].flatMap(([key, one]) => (one.ok && one.across.taken ? [[key, one.across.taken] as const] : [])),
  );

/** What is looked at of an answer. Example: it can be cloned by `structuredClone`, and holds no draw. */
export function seenOf(answer: ProjectForecast, laid: SectionLayouts): Seen {
  const taken = takenOf(laid);
  if (!answer.known) return { ...answer, taken };
  const { weighed, sources, findings, finishing, plan, estimate, yarns } = answer;
  const { gauge, needleMm, seams, extras } = plan;
  const { lines, ledger, totalMm } = estimate;
  const [first, ...others] = yarns.map(seenYarn);
  if (!first) throw new Error("an answer has at least one yarn");
  return {
    known: true,
    weighed,
    sources,
    findings,
    finishing,
    plan: { gauge, needleMm, yarns: plan.yarns, seams, extras },
    estimate: { lines, ledger, totalMm, pieces: estimate.pieces.map(seenPiece) },
    yarns: [first, ...others],
    strands: yarns.map((yarn) => layStrand(estimate, yarn)),
    belief: seenBelief(answer),
    worked: new Map([...answer.worked].map(([id, piece]) => [id, seenWorked(piece)])),
    taken,
  };
}
