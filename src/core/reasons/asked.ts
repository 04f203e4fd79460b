/** What can be asked why of: every figure that is shown, by its name. */
import type { LedgerPart } from "../estimate/ledger";
import type { WeighedBall } from "../forecast/willItLast";
import type { Market } from "../order/market";

interface OfYarn {
  readonly yarnId: string;
}
interface OfPiece {
  readonly pieceId: string;
}
interface OfSection extends OfPiece {
  readonly sectionId: string;
}
interface OfItem {
  readonly id: string;
}
interface OfPurchase extends OfYarn {
  readonly market: Market;
}
type OfProject = unknown;

/** What each figure is of. */
interface Figures {
  readonly balls: OfYarn;
  readonly chance: OfYarn & { readonly balls: number; readonly keptWidth?: boolean };
  readonly need: OfYarn;
  readonly total: OfProject;
  readonly mass: OfYarn;
  readonly allMass: OfProject;
  readonly leftOver: OfYarn;
  readonly ballLength: OfYarn;
  /** Of all yarns, pieces and sections where none is said. */
  readonly part: Partial<OfYarn> & Partial<OfSection> & { readonly part: LedgerPart };
  /** Of a piece as often as it is worked, or of a section of it. */
  readonly pieceYarn: OfPiece;
  readonly sectionYarn: OfSection;
  /** Rows behind the first `from` ones, up to the `to`th. */
  readonly stretch: OfPiece & OfYarn & { readonly from: number; readonly to: number };
  /** Of a ball that was weighed, when so many rows are worked. */
  readonly ballLeft: { readonly ball: WeighedBall; readonly rows: number };
  readonly stitchWidth: OfProject;
  readonly rowHeight: OfProject;
  readonly usualStitch: OfProject;
  readonly loop: OfProject;
  readonly leg: { readonly columns: number };
  readonly seam: OfItem;
  readonly extra: OfItem;
  readonly tail: OfPiece;
  readonly width: OfSection;
  readonly kept: OfSection;
  readonly height: OfPiece;
  readonly firmness: OfProject;
  readonly clothWeight: OfProject;
  readonly clarity: OfProject;
  /** At so many stitches a minute. */
  readonly hours: { readonly pace: number };
  readonly cost: OfPurchase;
  readonly boughtChance: OfPurchase;
}

export type FigureId = keyof Figures;

export type WhyAsked = {
  readonly [Id in FigureId]: {
    readonly figure: Id;
    /** The substitute whose project it is of; the open project where none is said. */
    readonly candidateId?: string;
  } & Figures[Id];
}[FigureId];

export type AskedFor<Id extends FigureId> = Extract<WhyAsked, { readonly figure: Id }>;
