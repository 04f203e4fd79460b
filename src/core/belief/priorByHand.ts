/** The prior of a project that begins with a hand that is known. */
import type { GaugeSources } from "../garment/projectGauge";
import { HAND_IDS, HAND_SIZE, type Hand, type HandId } from "../project/hand";
import { believedHand } from "./hand";
import { changedBy, GENERAL, mixed, type HandEvidence } from "./handEvidence";
import { ASPECT_SD, follow, GENERAL_SD, type Gaussian } from "./prior";

/** Gauge in a project is never surer than it drifts behind a swatch, however often a hand was seen. */
const DRIFTS = [
  { gauge: "width", drift: "driftWidth" },
  { gauge: "height", drift: "driftHeight" },
] as const;

interface HandBasis {
  /** What the project has told of the hand by itself: how likely that has changed. */
  readonly evidence: HandEvidence;
  readonly sources: GaugeSources;
  /** Of its yarn; null where nobody knows. */
  readonly gramsPerM: number | null;
}

/** How far a hand in one yarn is that in another: of one twice as thick, 0.6. */
const likeness = (one: number | null, other: number) =>
  one === null ? 1 : Math.exp(-0.5 * (Math.log(one / other) / Math.LN2) ** 2);

/**
 * The prior of a project by a hand that is known: what the hand says takes the place of what most do. A gauge that was
 * counted stands; one that is assumed keeps the doubt of its yarn, and its rows follow its stitches.
 */
export function priorByHand(
  prior: Gaussian,
  hand: Hand,
  { evidence, sources, gramsPerM }: HandBasis,
): { readonly prior: Gaussian; readonly changed: number } {
  const { axes } = prior;
  const size = axes.length;
  const mean = Float64Array.from(prior.mean);
  const covariance = Float64Array.from(prior.covariance);
  const believed = believedHand(hand);
  const changed = changedBy(believed, evidence);
  const known = mixed(believed, GENERAL, 1 - (1 - changed) * likeness(gramsPerM, hand.gramsPerM));
  const ids = HAND_IDS.filter((id) =>
    id === "width" ? sources.width !== "measured" : id !== "height" || sources.height === "band",
  );
  const place = (id: HandId) => axes.indexOf(id);
  for (const id of ids) {
    const from = HAND_IDS.indexOf(id);
    mean[place(id)] = known.mean[from] ?? 0;
    for (const other of ids)
      covariance[place(id) * size + place(other)] =
        known.covariance[from * HAND_SIZE + HAND_IDS.indexOf(other)] ?? 0;
  }
  const add = (one: HandId, other: HandId, more: number) => {
    const at = place(one) * size + place(other);
    covariance[at] = (covariance[at] ?? 0) + more;
  };
  for (const id of ["width", "height"] as const) if (sources[id] === "band") add(id, id, sources.awaySd ** 2);
  if (sources.width === "assumed")
    add("width", "width", Math.max(0, sources.assumedSd ** 2 - GENERAL_SD.width ** 2));
  const byHand = { axes, mean, covariance };
  if (sources.height === "assumed" && sources.width !== "measured")
    follow(byHand, { one: "height", other: "width", slope: 1, sd: ASPECT_SD });
  const amount = axes.indexOf("amount");
  if (amount >= 0) {
    // What is asked for hangs on the loop of whoever knits as it did before that was known.
    const [loop, asked] = [place("loop"), axes.length * amount];
    const slope = (prior.covariance[asked + loop] ?? 0) / (prior.covariance[loop * size + loop] ?? 1);
    const own = (prior.covariance[asked + amount] ?? 0) - slope * (prior.covariance[asked + loop] ?? 0);
    follow(byHand, { one: "amount", other: "loop", slope, sd: Math.sqrt(own) });
  }
  for (const { gauge, drift } of DRIFTS) {
    const at = (one: HandId, other: HandId) => covariance[place(one) * size + place(other)] ?? 0;
    const both = at(gauge, gauge) + at(drift, drift) + 2 * at(gauge, drift);
    add(drift, drift, Math.max(0, GENERAL_SD[drift] ** 2 - both));
  }
  return { prior: byHand, changed };
}
