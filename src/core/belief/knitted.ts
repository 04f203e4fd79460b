/** What knitting itself has measured: evidence like a swatch's. */
import type { PiecePlan } from "../estimate/plan";
import type { Beside } from "../estimate/yarnNeed";
import type { Pull } from "../garment/stitchContent";
import type { InHand } from "../progress/inHand";
import { progressOf, readingsOf } from "../progress/places";
import type { KnitReading } from "../progress/readings";
import type { Project } from "../project/project";
import type { Says } from "../words/message";
import type { KnitModel, KnitRead } from "./knitModel";
import { ballModel, heightModel, pieceModel } from "./onNeedles";
import type { SwatchBasis } from "./swatchModel";
import { allModel, sizeModel } from "./whenDone";

/** What became of a reading. */
export interface Knitted {
  /** Name of the event in the log. */
  readonly id: string;
  readonly kind: KnitReading["kind"];
  /** Null where it is of all that was knitted. */
  readonly pieceId: string | null;
  readonly copy: number;
  readonly yarnId: string | null;
  /** Of a measured size, which; else null. */
  readonly which: "across" | "along" | null;
  /** Rows that it is of. */
  readonly from: number;
  readonly to: number;
  /** In g or mm. */
  readonly found: number;
  readonly expected: number;
  readonly taken: boolean;
  readonly question: Says | null;
  readonly impossible: boolean;
}

const MODELS = { ball: ballModel, piece: pieceModel, height: heightModel, size: sizeModel } as const;

/** Makes a reading ready; null where nothing can be expected of it. Example: of a yarn without a weight. */
export const knitModel = (read: KnitRead, basis: SwatchBasis): KnitModel | null =>
  "piece" in read ? MODELS[read.reading.kind](read, basis) : allModel(read, basis);

/** A ball that weighs as much as before, or more, is told of by itself: no logarithm can be taken of that. */
export const isBackwards = ({ found }: KnitModel) => found <= 0;

export const knitted = (
  { read: { reading }, found }: KnitModel,
  became: Pick<Knitted, "expected" | "taken" | "question" | "impossible">,
): Knitted => {
  const { id, kind } = reading;
  const of =
    kind === "all"
      ? { pieceId: null, copy: 1, from: 0, to: 0 }
      : {
          pieceId: reading.pieceId,
          copy: reading.copy,
          from: kind === "ball" ? reading.from : 0,
          to: reading.to,
        };
  const yarnId = kind === "ball" || kind === "all" ? reading.yarnId : null;
  const which = kind === "size" ? reading.which : null;
  return { id, kind, ...of, yarnId, which, found, ...became };
};

interface Planned {
  readonly plans: readonly PiecePlan[];
  /** Scale of their draw-in that they are planned with. */
  readonly pull: Pull;
  readonly beside: Beside;
  readonly joinMm: number;
}

/** Readings of pieces that are worked, with their plans; those of balls with all that was worked of them. */
export function knitReads(
  { pieces, log }: Project,
  { plans, pull, beside, joinMm }: Planned,
): readonly KnitRead[] {
  const isWorked = ({ pieceId, copy }: InHand) =>
    pieces.some(({ id, times }) => id === pieceId && copy <= times);
  return readingsOf(log).flatMap((reading): readonly KnitRead[] => {
    if (reading.kind === "all") {
      const worked = progressOf(log)
        .places.filter(isWorked)
        .map(({ pieceId, rows }) => ({ pieceId, rows }));
      return [{ reading, of: plans, worked, beside, joinMm }];
    }
    const piece = plans.find(({ id }) => id === reading.pieceId);
    return piece && isWorked(reading) ? [{ reading, piece, pull }] : [];
  });
}
