/** Functions that keep their last few answers, for what is asked again behind every keystroke. */

/**
 * `make`, remembered by a text that says all that its answer hangs on; of the answers that are kept the oldest goes
 * first. Example: `remembering(4, String, draw)` draws nothing twice in a row.
 */
export function remembering<Of, Answer>(
  most: number,
  keyOf: (of: Of) => string,
  make: (of: Of) => Answer,
): (of: Of) => Answer {
  const known = new Map<string, Answer>();
  return (of) => {
    const key = keyOf(of);
    const before = known.get(key);
    if (before !== undefined) {
      known.delete(key);
      known.set(key, before);
      return before;
    }
    const made = make(of);
    known.set(key, made);
    for (const oldest of known.keys()) {
      if (known.size <= most) break;
      known.delete(oldest);
    }
    return made;
  };
}
