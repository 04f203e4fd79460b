/** Taking a substitute up: it becomes the yarn of the project, and the former yarn a substitute for it. */
import type { Project } from "../files/project";
import { ownCandidate } from "./swapProject";

/**
 * The project in the yarn of a candidate, `so` as `swapProject` gives it. The former yarn takes the candidate's place
 * under `formerId`, and its swatches with it, so that nothing is lost and the way back stands open.
 * Example: taken up and taken back, the project has the stitches and the swatches that it had.
 */
export function takenUp(
  project: Project,
  so: Project,
  { candidateId, formerId }: { readonly candidateId: string; readonly formerId: string },
): Project {
  const former = ownCandidate(project);
  const yarnId = project.yarns[0]?.id ?? "";
  const others = project.swatches
    .filter((swatch) => swatch.yarnId !== candidateId)
    .map((swatch) => (swatch.yarnId === yarnId ? { ...swatch, yarnId: formerId } : swatch));
  const kept = new Set(so.swatches.map(({ id }) => id));
  return {
    ...so,
    swatches: [...so.swatches, ...others.filter(({ id }) => !kept.has(id))],
    swap: {
      ...project.swap,
      candidates: project.swap.candidates.flatMap((candidate) => {
        if (candidate.id !== candidateId) return [candidate];
        return former ? [{ ...former, id: formerId }] : [];
      }),
    },
  };
}
