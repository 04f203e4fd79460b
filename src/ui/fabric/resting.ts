/** What has not moved for so long rests: a hand on a slider is not held up by what it has left already. */
const RESTS_MS = 180;

/** Until what is drawn rests. Example: `await resting()`, then look whether it is still what is wanted. */
export const resting = () =>
  new Promise<void>((resolve) => {
    setTimeout(resolve, RESTS_MS);
  });
