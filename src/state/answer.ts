/** The answer for the open project, reckoned once for each change however many places show it. */
import type { Project } from "@/core/files/project";
import { forecastProject, type ProjectForecast } from "@/core/forecast/projectForecast";
import { layStrand, type Strand } from "@/core/estimate/strand";
import { useProject } from "./projectStore";

type Answer = ProjectForecast & { readonly strand: Strand | null };

let latest: { readonly project: Project; readonly answer: Answer } | undefined;

function answerTo(project: Project): Answer {
  if (latest?.project !== project) {
    const forecast = forecastProject(project);
    const strand = forecast.known ? layStrand(forecast.forecast.estimate) : null;
    latest = { project, answer: { ...forecast, strand } };
  }
  return latest.answer;
}

export const useAnswer = () => answerTo(useProject());
