/** What was read off while knitting, worked out of the log: yarn that stretches of rows took, by weight, and heights. */
import type { EventOf } from "../project/log";
import type { InHand } from "./inHand";

/** A mass off a scale of such steps. */
export interface Weighed {
  readonly massG: number;
  readonly stepG: number;
}

/** Rows that were worked off one ball between two weights of it that are known. */
export interface BallStretch extends InHand {
  readonly kind: "ball";
  /** Name of the event that ended it. */
  readonly id: string;
  readonly yarnId: string;
  /** Rows of the piece that were worked at its beginning and at its end. */
  readonly from: number;
  readonly to: number;
  /** What the ball weighed at the beginning; null for a whole one that nobody weighed. */
  readonly begun: Weighed | null;
  readonly left: Weighed;
  /** Ends of joins that lie within it: at its beginning, at its end. */
  readonly ends: number;
}

/** A whole piece on the scale. */
interface PieceWeighed extends InHand, Weighed {
  readonly kind: "piece";
  readonly id: string;
  /** Rows that were worked then. */
  readonly to: number;
}

/** A piece measured on the needles, from its first row on. */
interface HeightMeasured extends InHand {
  readonly kind: "height";
  readonly id: string;
  readonly to: number;
  readonly heightMm: number;
}

/** A finished piece measured as it lies. */
interface SizeMeasured extends InHand {
  readonly kind: "size";
  readonly id: string;
  readonly which: "across" | "along";
  readonly to: number;
  readonly mm: number;
}

/** What is left of all balls of a yarn when everything is done. */
export interface LeftOver extends Weighed {
  readonly kind: "all";
  readonly id: string;
  readonly yarnId: string;
  /** Whole balls that were begun. */
  readonly balls: number;
}

type OfPiece = BallStretch | PieceWeighed | HeightMeasured | SizeMeasured;

/** Something that was read off, and is evidence of this knitter's hand. */
export type KnitReading = (OfPiece | LeftOver) & {
  /** The knitter looked again and stands by it. */
  readonly seen: boolean;
};

/** Whether a reading is of yarn by its weight. */
export const isWeighed = (kind: KnitReading["kind"]) => kind !== "height" && kind !== "size";

interface OpenBall {
  readonly from: number;
  readonly begun: Weighed | null;
  readonly ends: number;
}

type Telling = EventOf<"joined" | "weighed" | "pieceWeighed" | "measured" | "sized">;

/** What is left of a ball when the next one is joined is weighed to the gram. */
const LEFT_STEP_G = 1;

/** Follows the balls on one piece through its log. */
export class Readings {
  #told: OfPiece[] = [];
  readonly #open = new Map<string, OpenBall>();

  /** Rows were ripped back, so that `rows` are left: what a ball has given below its beginning is not known any more. */
  rippedTo(rows: number): void {
    for (const [yarnId, { from }] of this.#open) if (rows < from) this.#open.delete(yarnId);
  }

  /** An event at a row. A ball of which nobody said how it began tells nothing until it is weighed again. */
  take(event: Telling, row: number): void {
    const { id, pieceId, copy } = event;
    const of = { id, pieceId, copy, to: row };
    if (event.kind === "measured") this.#told.push({ ...of, kind: "height", heightMm: event.heightMm });
    if (event.kind === "pieceWeighed")
      this.#told.push({ ...of, kind: "piece", massG: event.massG, stepG: event.stepG });
    if (event.kind === "sized") {
      const { which, mm } = event;
      this.#told = this.#told.filter((one) => one.kind !== "size" || one.which !== which);
      this.#told.push({ ...of, kind: "size", which, mm });
    }
    if (event.kind === "weighed") {
      const left = { massG: event.massG, stepG: event.stepG };
      this.#ends(event, row, left, 0);
      this.#open.set(event.yarnId, { from: row, begun: left, ends: 0 });
    }
    if (event.kind === "joined") {
      const { massG, leftG } = event;
      if (leftG !== null) this.#ends(event, row, { massG: leftG, stepG: LEFT_STEP_G }, 1);
      const begun = massG === null ? null : { massG, stepG: LEFT_STEP_G };
      this.#open.set(event.yarnId, { from: row, begun, ends: row === 0 ? 0 : 1 });
    }
  }

  #ends(
    { id, pieceId, copy, yarnId }: EventOf<"joined" | "weighed">,
    row: number,
    left: Weighed,
    ends: number,
  ) {
    const open = this.#open.get(yarnId);
    if (!open || row <= open.from) return;
    const { from, begun } = open;
    this.#told.push({
      kind: "ball",
      id,
      pieceId,
      copy,
      yarnId,
      from,
      to: row,
      begun,
      left,
      ends: open.ends + ends,
    });
  }

  /** Another yarn is knitted from now on: what was read off before was the former one. */
  newYarn(yarnId: string): void {
    this.#open.delete(yarnId);
    this.#told = this.#told.filter((one) => one.kind === "ball" && one.yarnId !== yarnId);
  }

  all(): readonly OfPiece[] {
    return this.#told;
  }
}
