/** The answer for the open project, reckoned once for each change however many places show it. */
import type { Project } from "@/core/files/project";
import type { KnownFabrics } from "@/core/fabric/relax";
import type { EstimatedPiece } from "@/core/estimate/wholeProject";
import {
  forecastProject,
  layUnread,
  type KnownLaid,
  type ProjectForecast,
} from "@/core/forecast/projectForecast";
import { layStrand, type Strand } from "@/core/estimate/strand";
import { useChosenPiece } from "./chosenPiece";
import { laidPanels, useLaidPanels } from "./laidPanels";
import { useProjectStore } from "./projectStore";

/** One strand for each yarn, in the order of the answer's yarns. */
type Answer = ProjectForecast & { readonly strands: readonly Strand[] };

let latest: { readonly project: Project; readonly laid: unknown; readonly answer: Answer } | undefined;

/** What the answer stands on; a change of anything else, such as a note, leaves it. */
const BASIS = [
  "yarns",
  "pieces",
  "gauge",
  "needleMm",
  "swatchMm",
  "seams",
  "extras",
  "join",
  "certainty",
  "without",
  "swatches",
  "school",
] as const;

const sameBasis = (one: Project, other: Project) => BASIS.every((part) => one[part] === other[part]);

/** Fabrics relaxed on the page: ropes and grounds are small, and nothing is relaxed twice. */
const known: KnownFabrics = new Map();
const kept: KnownLaid = new Map();

function answerTo(project: Project): Answer {
  const laid = laidPanels(project);
  if (latest && sameBasis(latest.project, project) && latest.laid === laid) return latest.answer;
  // While a changed row of panels is being read, the last answer stands; it is not blinked away.
  if (laid === "reading" && latest?.answer.known) return latest.answer;
  const forecast = forecastProject(
    project,
    laid === "reading" || laid === null ? layUnread(project, known, kept) : laid,
  );
  const strands = forecast.known ? forecast.yarns.map((yarn) => layStrand(forecast.estimate, yarn)) : [];
  latest = { project, laid, answer: { ...forecast, strands } };
  return latest.answer;
}

export function useAnswer(): Answer {
  useLaidPanels();
  return useProjectStore(({ project }) => answerTo(project));
}

/** Whether a changed row of panels is still being read, so that the answer that stands is the one before. */
export function useAnswerIsBehind(): boolean {
  useLaidPanels();
  return useProjectStore(({ project }) => laidPanels(project) === "reading");
}

/** The chosen piece as it is in an answer; null where the answer leaves it out. */
export function usePieceIn(answer: ProjectForecast): EstimatedPiece | null {
  const { id } = useChosenPiece();
  return (answer.known && answer.estimate.pieces.find((piece) => piece.id === id)) || null;
}
