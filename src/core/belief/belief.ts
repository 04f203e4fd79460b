/** What is believed of a project, and what became of each measurement. */
import type { Says } from "../words/message";
import type { MeasureId } from "../project/swatches";
import type { Gauge } from "../stitches/plainStitch";
import type { UnknownId, Deviations } from "./unknowns";
import type { HandEvidence } from "./handEvidence";
import type { Gaussian } from "./prior";
import type { Knitted } from "./knitted";
import type { SwatchBasis, SwatchModel } from "./swatchModel";

/** A measurement, and what became of it. */
export interface Measured {
  readonly swatchId: string;
  readonly kind: MeasureId;
  /** In mm or g, as its kind says. */
  readonly found: number;
  /** What all else lets one expect; null where the swatch does not say enough of itself. */
  readonly expected: number | null;
  readonly taken: boolean;
  /** What to ask the knitter before it is taken in; null where it is no surprise. */
  readonly question: Says | null;
  /** So far off that it is not taken in even where the knitter stands by it. */
  readonly impossible: boolean;
}

export interface Belief extends Gaussian {
  readonly prior: Gaussian;
  /** How likely it is that the hand which the project began with is another one now; null where none was known. */
  readonly handChanged: number | null;
  /** What all that was measured tells of the hand. */
  readonly evidence: HandEvidence;
  readonly measured: readonly Measured[];
  /** What was weighed and measured while knitting, in the order in which it happened on each piece. */
  readonly knitted: readonly Knitted[];
  readonly swatches: readonly SwatchModel[];
  /** Name of the swatch, or of the reading while knitting, that moved an unknown most; null where none did. */
  readonly movedBy: (id: UnknownId) => string | null;
  /** The gauge of the project, as it is believed. */
  readonly gauge: Gauge;
  readonly likely: Deviations;
  readonly basis: SwatchBasis;
}
