/** How much work one reading of a text may be: what is worked is counted, not how it is written. */

/**
 * Steps that a text is worked in before it is given up: about a row of 600 stitches in each of the 2,000 rows that a
 * panel can have. A text of 60 letters can ask for a billion.
 */
const MOST_STEPS = 1_200_000;

/** A panel has no more rows than this. */
export const MOST_ROWS = 2000;

/** Repeats within repeats, and rows as other rows: deeper ones are no pattern. */
export const MOST_DEPTH = 20;

/** Steps that are left. Example: a budget of 3 is over behind its fourth step. */
export class Budget {
  constructor(private left: number = MOST_STEPS) {}

  /** Whether there is still some for so many steps more. */
  spend(steps = 1): boolean {
    this.left -= steps;
    return this.left >= 0;
  }

  get isOver(): boolean {
    return this.left < 0;
  }

  /** A part of what is left, for something that is only tried; what it takes is taken from the whole too. */
  part(share: number): Budget {
    const part = new Budget(Math.max(0, Math.floor(this.left * share)));
    this.left -= part.left;
    return part;
  }
}
