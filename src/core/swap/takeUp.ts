/** Taking a substitute up: it becomes the yarn of the project, and the former yarn a substitute for it. */
import type { Candidate } from "../project/candidates";
import { MOST_OFFERS, type TypedOffer } from "../project/orders";
import { PLENTY } from "../order/market";
import { withEvent } from "../progress/merge";
import type { Project } from "../project/project";
import { ownCandidate } from "./candidateYarn";

/**
 * What is bought from now on: offers that were typed for the candidate, or its one price, are the yarn's; those of the
 * former yarn go with it and come back with it.
 */
function bought(
  { order }: Project,
  { id, label, price, seller }: Candidate,
  { yarnId, formerId }: { readonly yarnId: string; readonly formerId: string },
): Project["order"] {
  const offers = order.offers.map((offer): TypedOffer => {
    const [owner = "", ...beside] = offer.yarnId.split(" ");
    const to = owner === yarnId ? formerId : owner === id ? yarnId : owner;
    return { ...offer, yarnId: [to, ...beside].join(" ") };
  });
  const { putUp } = label;
  const once =
    putUp && price !== null && offers.length < MOST_OFFERS
      ? [
          {
            id: `price-${id}`.slice(0, 64),
            yarnId,
            lot: "",
            massG: putUp.massG,
            lengthM: putUp.lengthM,
            price,
            balls: PLENTY,
          },
        ]
      : [];
  return { ...order, own: seller, offers: [...offers, ...once] };
}

/**
 * The project in the yarn of a candidate, `so` as `swapProject` gives it. The former yarn takes the candidate's place
 * under `formerId`, and its swatches with it, so that nothing is lost and the way back stands open; `told` is told in the
 * log, since what was weighed on the needles says nothing of the new yarn.
 * Example: taken up and taken back, the project has the stitches and the swatches that it had.
 */
export function takenUp(
  project: Project,
  so: Project,
  {
    candidateId,
    formerId,
    told,
  }: {
    readonly candidateId: string;
    readonly formerId: string;
    readonly told: { readonly id: string; readonly at: number };
  },
): Project {
  const former = ownCandidate(project);
  const yarnId = project.yarns[0]?.id ?? "";
  const others = project.swatches
    .filter((swatch) => swatch.yarnId !== candidateId)
    .map((swatch) => (swatch.yarnId === yarnId ? { ...swatch, yarnId: formerId } : swatch));
  const kept = new Set(so.swatches.map(({ id }) => id));
  const candidate = project.swap.candidates.find(({ id }) => id === candidateId);
  return {
    ...so,
    log:
      project.log.length > 0
        ? [...withEvent(project.log, { kind: "newYarn", id: told.id, yarnId }, told.at)]
        : project.log,
    order: candidate ? bought(project, candidate, { yarnId, formerId }) : project.order,
    swatches: [...so.swatches, ...others.filter(({ id }) => !kept.has(id))],
    swap: {
      ...project.swap,
      candidates: project.swap.candidates.flatMap((candidate) => {
        if (candidate.id !== candidateId) return [candidate];
        return former ? [{ ...former, id: formerId, seller: project.order.own }] : [];
      }),
    },
  };
}
