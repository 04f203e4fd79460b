/** Long work in steps, between which whoever drives it can show how far it is, let others in, or stop it. */

/** Steps that tell the share that is done, 0 to 1, and end with a result. */
export type Steps<Result> = Generator<{ readonly share: number }, Result>;

/** Runs steps to their end without heeding their progress. Example: `toEnd(solving(mesh, start))`. */
export function toEnd<Result>(steps: Generator<unknown, Result>): Result {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}

/** Steps as a part of longer work: what they say of their share is told between these two. */
export function* between<Result>(from: number, to: number, steps: Steps<Result>): Steps<Result> {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
    yield { share: from + (to - from) * value.share };
  }
}
