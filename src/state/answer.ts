/** The answer for the open project, reckoned once for each change however many places show it. */
import type { Project } from "@/core/files/project";
import { forecastProject, type ProjectForecast } from "@/core/forecast/projectForecast";
import { layStrand, type Strand } from "@/core/estimate/strand";
import { useProjectStore } from "./projectStore";

type Answer = ProjectForecast & { readonly strand: Strand | null };

let latest: { readonly project: Project; readonly answer: Answer } | undefined;

/** What the answer stands on; a change of anything else, such as a letter in a panel's text, leaves it. */
const BASIS = ["yarns", "pieces", "gauge", "needleMm", "certainty"] as const;

const sameBasis = (one: Project, other: Project) => BASIS.every((part) => one[part] === other[part]);

function answerTo(project: Project): Answer {
  if (!latest || !sameBasis(latest.project, project)) {
    const forecast = forecastProject(project);
    const strand = forecast.known ? layStrand(forecast.forecast.estimate) : null;
    latest = { project, answer: { ...forecast, strand } };
  }
  return latest.answer;
}

export const useAnswer = () => useProjectStore(({ project }) => answerTo(project));
