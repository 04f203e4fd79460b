/** The answer for the open project, reckoned once for each change however many places show it. */
import type { Project } from "@/core/files/project";
import type { KnownFabrics } from "@/core/fabric/relax";
import type { EstimatedPiece } from "@/core/estimate/wholeProject";
import { forecastProject, layUnread, type ProjectForecast } from "@/core/forecast/projectForecast";
import { layStrand, type Strand } from "@/core/estimate/strand";
import { useChosenPiece } from "./chosenPiece";
import { laidPanels, useLaidPanels } from "./laidPanels";
import { useProjectStore } from "./projectStore";

type Answer = ProjectForecast & { readonly strand: Strand | null };

let latest: { readonly project: Project; readonly laid: unknown; readonly answer: Answer } | undefined;

/** What the answer stands on; a change of anything else, such as a note, leaves it. */
const BASIS = ["yarns", "pieces", "gauge", "needleMm", "swatchMm", "extrasM", "certainty"] as const;

const sameBasis = (one: Project, other: Project) => BASIS.every((part) => one[part] === other[part]);

/** Fabrics relaxed on the page: ropes are small, and what was relaxed before is not relaxed again. */
const known: KnownFabrics = new Map();

function answerTo(project: Project): Answer {
  const laid = laidPanels(project);
  if (latest && sameBasis(latest.project, project) && latest.laid === laid) return latest.answer;
  // While a changed row of panels is being read, the last answer stands; it is not blinked away.
  if (laid === "reading" && latest?.answer.known) return latest.answer;
  const forecast = forecastProject(
    project,
    laid === "reading" || laid === null ? layUnread(project, known) : laid,
  );
  const strand = forecast.known ? layStrand(forecast.forecast.estimate) : null;
  latest = { project, laid, answer: { ...forecast, strand } };
  return latest.answer;
}

export function useAnswer(): Answer {
  useLaidPanels();
  return useProjectStore(({ project }) => answerTo(project));
}

/** The chosen piece as it is in an answer; null where the answer leaves it out. */
export function usePieceIn(answer: ProjectForecast): EstimatedPiece | null {
  const { id } = useChosenPiece();
  return (answer.known && answer.forecast.estimate.pieces.find((piece) => piece.id === id)) || null;
}
