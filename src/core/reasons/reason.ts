/** Why a figure is what it is: how it is calculated, with the figures that went into it, and what would sharpen it. */
import type { Message, Says } from "../words/message";
import type { AskedFor, FigureId } from "./asked";
import type { ReasonBasis } from "./basis";
import type { Expression, Figure, Quantity } from "./expression";

export interface Reason {
  readonly of: FigureId;
  readonly name: Says;
  readonly figure: Quantity;
  /** How it is calculated, in a sentence. */
  readonly says: Message;
  /** Null for what is counted out over drawn projects or judged, and follows from no formula. */
  readonly formula: Expression | null;
  /** Figures beside it that say more than a formula would. */
  readonly beside: readonly Figure[];
  /** Where the relation comes from: published, or an estimate of ours. */
  readonly from: Message;
  /** What would make it surer; null where nothing would. */
  readonly sharper: Message | null;
}

/** What is said of one figure; what it does not say of itself is as usual of its kind. */
interface Said {
  readonly name?: Says;
  readonly says?: Message;
  readonly figure: Quantity;
  readonly formula: Expression | null;
  readonly beside?: readonly Figure[];
  readonly sharper?: Message | null;
}

/** Null where there is no such figure. */
export type Because<Id extends FigureId> = (basis: ReasonBasis, asked: AskedFor<Id>) => Said | null;
