/** What is still to be done when the last row is worked, made from the project: blocked, sewn, put on, woven in. */
import { JOINS } from "../estimate/balls";
import { extraName } from "../estimate/extras";
import { meeting, type PiecePlan } from "../estimate/plan";
import { seamName } from "../estimate/seamName";
import type { KnownForecast } from "../forecast/projectForecast";
import type { Project } from "../project/project";
import { isAsked } from "../project/sectionKinds";
import { say, type Message } from "../words/message";

export interface FinishingItem {
  /** Told in the log when it is done. */
  readonly key: string;
  readonly what: Message;
  /** How: measures, which rows meet which stitches. */
  readonly how: Message | null;
}

/** Ends of yarn that one copy of a piece leaves, its cast-on's and cast-off's, its colours' and its seams' own. */
const endsOf = ({ sections }: PiecePlan) =>
  sections.reduce((sum, { worked: { edges }, extras }) => {
    const of = (wanted: (typeof edges)[number]["kind"]) => edges.filter(({ kind }) => kind === wanted).length;
    // A cast-off runs out into an end of its own.
    const edgeEnds = of("castOn") + Math.max(of("castOff"), of("end"));
    return sum + edgeEnds + extras.reduce((ends, extra) => ends + extra.ends, 0);
  }, 0);

/** Blocking: each piece to its measures, all copies together. */
const blocked = (project: Project, { estimate }: KnownForecast): readonly FinishingItem[] =>
  estimate.pieces.map(({ id, times, estimate: { widths, heightMm } }) => {
    const piece = project.pieces.find((one) => one.id === id);
    return {
      key: `block ${id}`,
      what: say("blockPiece", { piece: piece?.name ?? "", blocking: piece?.blocking ?? "wetBlocked", times }),
      // Nobody knows how large what is only asked for will be.
      how: piece?.sections.some(isAsked)
        ? null
        : say("measuresOf", { widthMm: widths.main?.widthMm ?? 0, heightMm }),
    };
  });

const sewn = (project: Project, { plan }: KnownForecast): readonly FinishingItem[] =>
  plan.seams.map((seam) => {
    const own = project.seams.find(({ id }) => id === seam.id);
    const met = meeting(seam);
    return {
      key: `seam ${seam.id}`,
      what: say("sewSeam", {
        seam: own ? seamName(project, own) : say("edgeName", { side: "side" }),
        lengthMm: seam.lengthMm,
        times: seam.times,
      }),
      how:
        met && seam.of && seam.to && seam.of.things !== seam.to.things
          ? say("meetsEvenly", {
              first: met[0],
              second: met[1],
              things: [seam.of.things, seam.to.things],
            })
          : null,
    };
  });

const putOn = (project: Project, { plan }: KnownForecast): readonly FinishingItem[] =>
  project.extras
    .filter(({ id, kind }) => kind !== "kept" && plan.extras.some((extra) => extra.id === id))
    .map((extra) => ({
      key: `extra ${extra.id}`,
      what: say("putOnExtra", { extra: extraName(extra), times: extra.times }),
      how: null,
    }));

/** Ends to weave in; a splice leaves none. */
function wovenIn(project: Project, { plan, yarns }: KnownForecast): readonly FinishingItem[] {
  const own = plan.pieces.reduce((sum, piece) => sum + piece.times * endsOf(piece), 0);
  const joins = yarns.reduce((sum, { balls }) => sum + balls - 1, 0);
  const ends = own + (project.join === "splice" ? 0 : 2 * joins);
  return ends > 0
    ? [
        {
          key: "ends",
          what: say("weaveIn", { ends }),
          how: say("joinedBy", { join: JOINS[project.join].name }),
        },
      ]
    : [];
}

/**
 * All that finishes a project, in the order in which it is usually done. What the project leaves out is not in it.
 * Example: a scarf is blocked to its measures, and its ends are woven in.
 */
export const finishingList = (project: Project, answer: KnownForecast): readonly FinishingItem[] =>
  [blocked, sewn, putOn, wovenIn].flatMap((items) => items(project, answer));
