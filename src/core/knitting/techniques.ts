/** Which technique an act of the knitting is, and what it takes of the project's yarn. */
import { JOINS } from "../estimate/balls";
import type { LedgerPart } from "../estimate/ledger";
import { CAST_OFFS, CAST_ONS, type CastOff, type CastOn } from "../project/edgeKinds";
import type { JoinId } from "../project/finishing";
import type { TechniqueId } from "../words/english/techniques";
import type { Message } from "../words/message";

const OF_CAST_ON: { readonly [Id in CastOn]: TechniqueId } = {
  longTail: "castOnLongTail",
  knittedOn: "castOnKnitted",
  cable: "castOnCable",
  tubular: "castOnTubular",
};

const OF_CAST_OFF: { readonly [Id in CastOff]: TechniqueId } = {
  plain: "castOffPlain",
  threeWidths: "castOffPlain",
  threeNeedle: "castOffThreeNeedle",
  sewn: "castOffSewn",
  tubular: "castOffSewn",
  grafted: "graft",
  gathered: "castOffGathered",
};

export const OF_JOIN: { readonly [Id in JoinId]: TechniqueId } = {
  knot: "joinKnot",
  splice: "joinSplice",
  overlap: "joinOverlap",
};

/** Others that are an answer to the same question. */
export const BESIDE: { readonly [Id in TechniqueId]?: readonly TechniqueId[] } = {
  castOnLongTail: ["castOnTwoNeedles", "joinRound"],
  castOnTubular: ["joinRound"],
  castOnKnitted: ["castOnCable", "joinRound"],
  castOnCable: ["castOnKnitted", "joinRound"],
  castOffPlain: ["decreaseAfterCables", "castOffSewn"],
  increaseAboveRib: ["purlBesideCable"],
  decreaseAfterCables: ["decreaseAtCrossing"],
  shapeAtEdge: ["decreaseAtCrossing", "slippedEdge"],
  seamStockinette: ["seamGarter", "seamRowsToStitches"],
  seamRowsToStitches: ["seamStockinette", "pickUp"],
  joinKnot: ["joinSplice", "joinOverlap", "weaveIn"],
  joinSplice: ["joinKnot", "joinOverlap"],
  joinOverlap: ["joinKnot", "joinSplice"],
  blockWater: ["blockSteam"],
  blockSteam: ["blockWater"],
  colourAtBorder: ["tubeTwoColours", "weaveIn"],
};

/** The part of the ledger that each takes from; none where it takes no yarn, or no more than its stitches. */
const PARTS: { readonly [Id in TechniqueId]?: LedgerPart } = {
  castOnLongTail: "castOn",
  castOnTwoNeedles: "castOn",
  castOnKnitted: "castOn",
  castOnCable: "castOn",
  castOnTubular: "castOn",
  castOffPlain: "castOff",
  castOffThreeNeedle: "castOff",
  castOffSewn: "castOff",
  castOffGathered: "castOff",
  graft: "castOff",
  bobble: "texture",
  nupp: "texture",
  seamStockinette: "seams",
  seamGarter: "seams",
  seamRowsToStitches: "seams",
  weaveIn: "ends",
};

const idNamed = <Id extends string>(
  table: { readonly [One in Id]: { readonly name: string } },
  name: string,
): Id | undefined => (Object.keys(table) as Id[]).find((id) => table[id].name === name);

type GivenOf<C extends Message["code"]> = Extract<Message, { readonly code: C }>["given"];

/** Which technique each act is, by what is said of it. */
const OF_ACT: {
  readonly [C in Message["code"]]?: (given: GivenOf<C>) => TechniqueId | null | undefined;
} = {
  castOnSo: ({ method }) => OF_CAST_ON[idNamed(CAST_ONS, method) ?? "longTail"],
  castOffSo: ({ method }) => OF_CAST_OFF[idNamed(CAST_OFFS, method) ?? "plain"],
  castOffAtEdges: ({ goes }) => (goes === "castOff" ? "castOffPlain" : null),
  pickUpSo: () => "pickUp",
  joinTwoSides: ({ stitches }) => (stitches > 0 ? "castOnKnitted" : null),
  changeCountTo: ({ from, to }) => (to > from ? "increaseAboveRib" : "decreaseAfterCables"),
  shapeAt: () => "shapeAtEdge",
  sewSeam: () => "seamStockinette",
  meetsEvenly: () => "seamRowsToStitches",
  blockPiece: ({ blocking }) =>
    blocking === "wetBlocked" ? "blockWater" : blocking === "steamed" ? "blockSteam" : null,
  weaveIn: () => "weaveIn",
  inRows: ({ what }) => techniqueOf(what as Message),
};

/** The technique that an act asks for; null where it is none. Example: "Cast on 94 stitches, long-tail". */
export function techniqueOf({ code, given }: Message): TechniqueId | null {
  const of = OF_ACT[code] as ((given: unknown) => TechniqueId | null | undefined) | undefined;
  return of?.(given) ?? null;
}

interface Takes {
  /** In the whole project, in mm; or each time. */
  readonly mm: number;
  readonly each: boolean;
}

/** What a technique takes of the project's yarn; null where that is none of its own. */
export function takenBy(
  technique: TechniqueId,
  lines: readonly { readonly part: LedgerPart; readonly mm: number }[],
): Takes | null {
  const join = (Object.keys(OF_JOIN) as JoinId[]).find((id) => OF_JOIN[id] === technique);
  if (join) return { mm: JOINS[join].mm, each: true };
  const part = PARTS[technique];
  if (!part) return null;
  const mm = lines.filter((line) => line.part === part).reduce((sum, line) => sum + line.mm, 0);
  return mm > 0 ? { mm, each: false } : null;
}
