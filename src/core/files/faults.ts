/** What is wrong with a file, part by part, in a knitter's words and with the place in it. */
import type { $ZodIssue } from "zod/v4/core";
import { say, type Message } from "../words/message";

export interface Fault {
  /** Example: "pieces.0.sections.1.rows". */
  readonly path: string;
  readonly message: Message;
}

/** More are not told at once. */
const MOST_FAULTS = 20;

const inside = (found: unknown, step: PropertyKey): unknown =>
  typeof found === "object" && found !== null ? (found as Record<PropertyKey, unknown>)[step] : undefined;

function whyOf(issue: $ZodIssue, there: unknown): Message {
  if (there === undefined && issue.code !== "unrecognized_keys") return say("partMissing");
  if (issue.code === "too_small")
    return say("partTooSmall", { least: Number(issue.minimum), what: issue.origin });
  if (issue.code === "too_big")
    return say("partTooLarge", { most: Number(issue.maximum), what: issue.origin });
  if (issue.code === "invalid_type") return say("partOfOtherKind", { wanted: issue.expected });
  if (issue.code === "invalid_value") return say("partNoneOf", { options: issue.values.map(String) });
  if (issue.code === "unrecognized_keys") return say("partUnknown", { keys: issue.keys });
  return say("partWrittenWrongly");
}

/**
 * The faults that a schema found, the first 20 of them.
 * Example: a project whose needle is −3 mm has one, at "needleMm": it is under 0.5.
 */
export const faultsOf = (issues: readonly $ZodIssue[], found: unknown): readonly Fault[] =>
  issues.slice(0, MOST_FAULTS).map((issue) => {
    const path = issue.path.map(String).join(".");
    const there = issue.path.reduce(inside, found);
    return { path, message: say("invalidPart", { path, why: whyOf(issue, there) }) };
  });
