/** What a pattern asks for, held against what its rows need: a designer's own need, rounded up to balls. */
import { DESIGNER_SD } from "../estimate/asked";
import { say, type Message } from "../words/message";
import { AMISS } from "./askedEvidence";

/** Balls that a pattern asks for, and what one of them holds, in m. */
export interface Requirement {
  readonly balls: number;
  readonly ballM: number;
}

/** Yarn that is needed, in m: between the tenth and the ninetieth in a hundred, and the middle. */
export interface Needed {
  readonly p10M: number;
  readonly p50M: number;
  readonly p90M: number;
}

/** From the tenth to the ninetieth in a hundred, in standard deviations. */
const P10_TO_P90 = 2.563;

export interface HeldAgainst {
  /** What is asked for holds "more" than the rows can need, or "less"; null where both can be. */
  readonly amiss: "more" | "less" | null;
  readonly holdsM: number;
}

/**
 * Holds a requirement against the forecast of the rows. The designer used up to all of the balls, or left the last or
 * the last two untouched. Example: 9 balls of 82 m say that between 574 and 738 m were used; 400 m are too few.
 */
export function heldAgainst({ balls, ballM }: Requirement, { p10M, p50M, p90M }: Needed): HeldAgainst {
  const holdsM = balls * ballM;
  const sd = Math.hypot(Math.log(p90M / p10M) / P10_TO_P90, DESIGNER_SD);
  const least = Math.max(0, balls - 2) * ballM;
  const over = Math.log(p50M / holdsM) / sd;
  const under = least > 0 ? Math.log(least / p50M) / sd : 0;
  return { amiss: over > AMISS ? "less" : under > AMISS ? "more" : null, holdsM };
}

/** The same in words. */
export function tellHeldAgainst(requirement: Requirement, needed: Needed): Message {
  const { amiss, holdsM } = heldAgainst(requirement, needed);
  const given = { balls: requirement.balls, m: holdsM, needM: needed.p50M };
  if (amiss === "more") return say("patternAsksMore", given);
  return amiss === "less" ? say("patternAsksLess", given) : say("patternAsksLikewise", given);
}
