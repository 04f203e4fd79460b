/** The answer to a project as plain figures, for programs: the same that the page shows. */
import { LEDGER_PARTS, type LedgerPart } from "../estimate/ledger";
import type { KnownFabrics } from "../fabric/relax";
import type { Project } from "../files/project";
import { layProject } from "../garment/layPanels";
import { toMetres } from "../units/brands";
import { massOf } from "../yarn/putUp";
import type { BallChance, Quantile, YarnForecast } from "./forecast";
import { forecastProject, type Finding } from "./projectForecast";

export interface EstimateReport {
  readonly yarns: readonly {
    readonly yarnId: string;
    /** Yarn needed, by quantile. */
    readonly metres: { readonly [Q in Quantile]: number };
    readonly grams: { readonly [Q in Quantile]: number };
    readonly balls: readonly { readonly count: number; readonly chance: number }[];
    /** Balls to buy for the certainty that the project asks for. */
    readonly advised: number;
  }[];
  readonly ledger: readonly { readonly part: LedgerPart; readonly yarnId: string; readonly metres: number }[];
  readonly diagnostics: readonly ReportDiagnostic[];
}

/** Something that is wrong or missing, with its path in the project file. */
export interface ReportDiagnostic {
  readonly path: string;
  readonly message: string;
}

/** Where in a section each kind of finding lies. */
const PATHS = { measuredWidth: ".measured.widthMm", section: "" } as const;

const MISSING: { readonly [Field in "putUp" | "rows"]: ReportDiagnostic } = {
  putUp: { path: "yarns.0.putUp", message: "Say what a ball holds: its mass and its length." },
  rows: { path: "pieces.0.sections", message: "Say how many rows or how long a fabric is." },
};

function pathOf({ pieces }: Project, { pieceId, sectionId, field }: Finding): string {
  const piece = pieces.findIndex(({ id }) => id === pieceId);
  const section = pieces[piece]?.sections.findIndex(({ id }) => id === sectionId) ?? -1;
  return `pieces.${piece}.sections.${section}${PATHS[field]}`;
}

function yarnReport({ yarn, quantilesMm, chances, advised }: YarnForecast): EstimateReport["yarns"][number] {
  const byQuantile = (tell: (mm: (typeof quantilesMm)[Quantile]) => number) =>
    Object.fromEntries(Object.entries(quantilesMm).map(([name, mm]) => [name, tell(mm)])) as {
      [Q in Quantile]: number;
    };
  return {
    yarnId: yarn.id,
    metres: byQuantile(toMetres),
    grams: byQuantile((mm) => massOf(toMetres(mm), yarn.putUp)),
    balls: chances.map(({ balls, chance }: BallChance) => ({ count: balls, chance })),
    advised: advised.balls,
  };
}

/**
 * Estimates a project; or says what it lacks.
 * Example: the demo project is advised 8 balls of its one yarn.
 */
export function reportOn(
  project: Project,
  known?: KnownFabrics,
): EstimateReport | { readonly missing: readonly ReportDiagnostic[] } {
  const answer = forecastProject(project, layProject(project, known));
  const told = answer.findings.map((finding) => ({
    path: pathOf(project, finding),
    message: finding.message,
  }));
  if (!answer.known) return { missing: [...answer.missing.map((field) => MISSING[field]), ...told] };
  return {
    yarns: answer.yarns.map(yarnReport),
    ledger: answer.yarns.flatMap(({ yarn, ledger }) =>
      LEDGER_PARTS.map(({ id }) => ({ part: id, yarnId: yarn.id, metres: toMetres(ledger[id]) })),
    ),
    diagnostics: told,
  };
}
