/** The answer to a project as plain figures, for programs: the same that the page shows. */
import { LEDGER_PARTS, type LedgerPart } from "../estimate/ledger";
import type { KnownFabrics } from "../fabric/relax";
import type { Project } from "../files/project";
import { layProject } from "../garment/layPanels";
import { toMetres } from "../units/brands";
import { massOf } from "../yarn/putUp";
import type { BallChance } from "./forecast";
import type { Quantile } from "./normal";
import { forecastProject } from "./projectForecast";

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

/** Where in a piece each kind of finding lies. */
const PATHS = { measuredWidth: "measured.widthMm", rows: "rows", across: "across" } as const;

const MISSING: { readonly [Field in "putUp" | "rows"]: ReportDiagnostic } = {
  putUp: { path: "yarns.0.putUp", message: "Say what a ball holds: its mass and its length." },
  rows: { path: "pieces.0.rows", message: "Say how many rows the piece has." },
};

/**
 * Estimates a project; or says what it lacks.
 * Example: the demo project needs 322 m at the median and is advised 5 balls.
 */
export function reportOn(
  project: Project,
  known?: KnownFabrics,
): EstimateReport | { readonly missing: readonly ReportDiagnostic[] } {
  const answer = forecastProject(project, layProject(project, known));
  const told = answer.findings.map(({ pieceId, field, message }) => ({
    path: `pieces.${project.pieces.findIndex(({ id }) => id === pieceId)}.${PATHS[field]}`,
    message,
  }));
  if (!answer.known) return { missing: [...answer.missing.map((field) => MISSING[field]), ...told] };
  const { forecast, plan } = answer;
  const yarnId = project.yarns[0]?.id ?? "";
  const byQuantile = (tell: (mm: (typeof forecast.quantilesMm)[Quantile]) => number) =>
    Object.fromEntries(Object.entries(forecast.quantilesMm).map(([name, mm]) => [name, tell(mm)])) as {
      [Q in Quantile]: number;
    };
  return {
    yarns: [
      {
        yarnId,
        metres: byQuantile(toMetres),
        grams: byQuantile((mm) => massOf(toMetres(mm), plan.putUp)),
        balls: forecast.chances.map(({ balls, chance }: BallChance) => ({ count: balls, chance })),
        advised: forecast.advised.balls,
      },
    ],
    ledger: LEDGER_PARTS.map(({ id }) => ({
      part: id,
      yarnId,
      metres: toMetres(forecast.estimate.ledger[id]),
    })),
    diagnostics: told,
  };
}
