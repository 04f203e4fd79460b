/** The answer to a project as plain figures, for programs: the same that the page shows. */
import { say } from "../words/message";
import { LEDGER_PARTS, type LedgerPart } from "../estimate/ledger";
import type { SectionLayouts } from "../garment/sectionLayout";
import type { Project } from "../project/project";
import { layProject } from "../garment/panelLayout";
import { toMetres } from "../units/brands";
import { toldChance } from "../units/format";
import { quantilesOfMass, type YarnForecast } from "./forecast";
import { type BallChance, type Quantile } from "./ballCounts";
import { omissionsOf, saidToLeaveOut, type Omission, type SaidToLeaveOut } from "./omissions";
import { forecastProject, type Finding } from "./projectForecast";
import { plainly } from "../words/plainly";

export interface EstimateReport {
  readonly yarns: readonly {
    readonly yarnId: string;
    /** Yarn needed, by quantile. */
    readonly metres: { readonly [Q in Quantile]: number };
    /** Null where nobody said what a ball weighs. */
    readonly grams: { readonly [Q in Quantile]: number } | null;
    /** Chances are null where something is left out. */
    readonly balls: readonly { readonly count: number; readonly chance: number | null }[];
    /** Balls needed for the certainty that the project asks for; null where something is left out. */
    readonly advised: number | null;
  }[];
  /** Whether the figures cover everything that the project holds, but what it says to leave out. */
  readonly complete: boolean;
  /** Whether a swatch of the pattern was weighed: before that no chance over 0.97 is told, however it comes out. */
  readonly weighed: boolean;
  readonly ledger: readonly { readonly part: LedgerPart; readonly yarnId: string; readonly metres: number }[];
  readonly diagnostics: readonly ReportDiagnostic[];
}

/** Something that is wrong or missing, with its path in the project file. */
export interface ReportDiagnostic {
  readonly path: string;
  readonly message: string;
}

/** Where in a section each kind of finding lies. */
const PATHS = { measuredWidth: ".measured.widthMm", section: "", colour: ".colours", piece: "" } as const;

const MISSING: { readonly [Field in "putUp" | "rows"]: ReportDiagnostic } = {
  putUp: { path: "yarns.0.putUp", message: plainly(say("sayWhatABallHolds")) },
  rows: { path: "pieces.0.sections", message: plainly(say("sayRowsOrLength")) },
};

function pathOf(
  { pieces }: Project,
  { pieceId, sectionId, field }: SaidToLeaveOut & Pick<Finding, "field">,
): string {
  const piece = pieces.findIndex(({ id }) => id === pieceId);
  if (sectionId === null) return `pieces.${piece}`;
  const section = pieces[piece]?.sections.findIndex(({ id }) => id === sectionId) ?? -1;
  return `pieces.${piece}.sections.${section}${PATHS[field]}`;
}

const pathOfItem = (project: Project, { of, id }: { readonly of: "seams" | "extras"; readonly id: string }) =>
  `${of}.${project[of].findIndex((one: { readonly id: string }) => one.id === id)}`;

/** Where what is left out lies in the file. */
function pathOfOmission(project: Project, omission: Omission): string {
  if (omission.kind === "figure") return `typed.${omission.figure.key}`;
  if (omission.kind === "field") return pathOf(project, { ...omission, field: "colour" });
  if (omission.kind === "finishing") return pathOfItem(project, omission);
  if (omission.kind === "reading")
    return `log.${project.log.findIndex(({ id }) => id === omission.reading.id)}`;
  if (omission.kind !== "measurement") return pathOf(project, { ...omission, field: omission.kind });
  const swatch = project.swatches.findIndex(({ id }) => id === omission.swatchId);
  return `swatches.${swatch}.${omission.measure}`;
}

function yarnReport(
  forecast: YarnForecast,
  { complete, weighed }: { readonly complete: boolean; readonly weighed: boolean },
): EstimateReport["yarns"][number] {
  const { yarn, quantilesMm, chances, advised } = forecast;
  const byQuantile = (tell: (mm: (typeof quantilesMm)[Quantile]) => number) =>
    Object.fromEntries(Object.entries(quantilesMm).map(([name, mm]) => [name, tell(mm)])) as {
      [Q in Quantile]: number;
    };
  return {
    yarnId: yarn.id,
    metres: byQuantile(toMetres),
    grams: yarn.putUp.noMass ? null : quantilesOfMass(forecast),
    balls: chances.map(({ balls, chance }: BallChance) => ({
      count: balls,
      chance: complete ? toldChance(chance, weighed) : null,
    })),
    advised: complete ? advised.balls : null,
  };
}

/**
 * Estimates a project; or says what it lacks.
 * Example: the demo project is advised 8 balls of its one yarn.
 */
export function reportOn(
  project: Project,
  laid: SectionLayouts = layProject(project),
): EstimateReport | { readonly missing: readonly ReportDiagnostic[] } {
  const answer = forecastProject(project, laid);
  const diagnosticOf = (finding: Finding) => ({
    path: pathOf(project, finding),
    message: plainly(finding.message),
  });
  if (!answer.known)
    return {
      missing: [...answer.missing.map((field) => MISSING[field]), ...answer.findings.map(diagnosticOf)],
    };
  const omissions = omissionsOf(project, answer);
  const complete = omissions.length === 0;
  return {
    complete,
    weighed: answer.weighed,
    yarns: answer.yarns.map((yarn) => yarnReport(yarn, { complete, weighed: answer.weighed })),
    ledger: answer.yarns.flatMap(({ yarn, ledger }) =>
      LEDGER_PARTS.map((part) => ({ part, yarnId: yarn.id, metres: toMetres(ledger[part]) })),
    ),
    diagnostics: [
      ...omissions.map((omission) => ({
        path: pathOfOmission(project, omission),
        message: plainly(omission.message),
      })),
      ...answer.findings.filter(({ leftOut }) => !leftOut).map(diagnosticOf),
      ...answer.finishing
        .filter(({ leftOut }) => !leftOut)
        .map((one) => ({ path: pathOfItem(project, one), message: plainly(one.message) })),
      ...saidToLeaveOut(project).map((one) => ({
        path: pathOf(project, { ...one, field: "section" }),
        message: plainly(say("leftOutAsSaid")),
      })),
    ],
  };
}
