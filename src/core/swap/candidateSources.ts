/** Yarns that could stand in for the pattern's, from the shelf and a shop, in one to four strands, and with a lace. */
import { candidateSchema, type Candidate } from "../project/candidates";
import { isLabelOf, labelKey, type YarnLabel } from "../project/label";
import type { ShelfEntry } from "../project/shelf";
import type { ShopList } from "../files/shopList";
import { classOf } from "../yarn/classes";
import { texOf, type PutUp } from "../yarn/putUp";

interface Found {
  readonly label: YarnLabel;
  readonly from: "shelf" | "shop";
  readonly price: number | null;
}

/** Finer than this is held with another yarn rather than by itself. */
const isLace = ({ putUp, bandClass }: YarnLabel) =>
  (bandClass ?? (putUp ? classOf(putUp as PutUp) : null)) === "lace";

/** Each yarn once, the shelf before the shop. */
function yarnsOf(entries: readonly ShelfEntry[], shop: ShopList | null): readonly Found[] {
  const shelved = entries
    .filter(({ balls, partsG }) => balls > 0 || partsG.length > 0)
    .map(({ label, price }): Found => ({ label, price, from: "shelf" }));
  const sold = (shop?.yarns ?? []).map(({ label, putUps }): Found => ({
    label,
    price: putUps[0]?.price ?? null,
    from: "shop",
  }));
  const found = new Map<string, Found>();
  for (const one of [...shelved, ...sold]) {
    const key = labelKey(one.label);
    if (!found.has(key) && one.label.putUp) found.set(key, one);
  }
  return [...found.values()];
}

const MOST_STRANDS = 4;
/** Strands together that are thicker than this are no yarn: metres in 100 g. */
const THICKEST = 40;
/** Of yarns with a lace so many are looked at: of a large shelf those that come nearest to the wanted thickness. */
const MOST_WITH_LACE = 4000;
const WITH_LACE = [1, 2] as const;

/** What a candidate has that nobody has said anything about. */
const PLAIN = candidateSchema.parse({ id: "", label: { name: "", colour: "#000000", putUp: null } });

const metresIn100G = ({ putUp }: YarnLabel) => (putUp ? (100 * putUp.lengthM) / putUp.massG : 0);
const texOfLabel = ({ putUp }: YarnLabel) => (putUp ? texOf(putUp as PutUp) : 0);

/** The places of a sorted list that are nearest to a value, at most so many. Example: of 1, 2, 4, 9 the two nearest to 3 are 1 and 2. */
function nearest(sorted: readonly number[], value: number, most: number): readonly number[] {
  let [from, to] = [0, sorted.length];
  while (from < to) {
    const middle = (from + to) >> 1;
    if ((sorted[middle] ?? Infinity) < value) from = middle + 1;
    else to = middle;
  }
  while (to - from < most && (from > 0 || to < sorted.length)) {
    const [below, above] = [sorted[from - 1] ?? -Infinity, sorted[to] ?? Infinity];
    if (value - below <= above - value) from -= 1;
    else to += 1;
  }
  return Array.from({ length: to - from }, (_, index) => from + index);
}

/** Where yarns are looked for. */
export interface CandidateSources {
  readonly entries: readonly ShelfEntry[];
  readonly shop: ShopList | null;
}

export interface GatheredCandidates {
  readonly candidates: readonly Candidate[];
  /** Yarns with a lace that were not looked at, because others come nearer. */
  readonly passedOver: number;
}

/**
 * Candidates of all yarns but the pattern's own; with laces on a large shelf those alone that come nearest to `tex`, the
 * thickness that is wanted. Example: a fingering comes in one to four strands, and one or two of them with each lace.
 */
export function candidateSources(
  patternYarn: string,
  tex: number,
  sources: CandidateSources,
): GatheredCandidates {
  const yarns = yarnsOf(sources.entries, sources.shop);
  const others = yarns.filter(({ label }) => !isLabelOf(label, patternYarn));
  const laces = yarns.filter(({ label }) => isLace(label));
  const byTex = others
    .filter(({ label }) => !isLace(label))
    .toSorted((a, b) => texOfLabel(a.label) - texOfLabel(b.label));
  const texes = byTex.map(({ label }) => texOfLabel(label));
  const candidates: Candidate[] = [];
  const add = ({ label, from, price }: Found, strands: number, lace: YarnLabel | null) => {
    if (metresIn100G(label) / strands < THICKEST) return;
    const beside = lace && { label: lace, strands: 1 };
    candidates.push({ ...PLAIN, id: String(candidates.length), label, strands, beside, from, price });
  };
  for (const one of others)
    for (let strands = 1; strands <= MOST_STRANDS; strands += 1) add(one, strands, null);
  const all = WITH_LACE.length * laces.length * byTex.length;
  const each = Math.max(1, Math.floor(MOST_WITH_LACE / (WITH_LACE.length * Math.max(1, laces.length))));
  // Of more laces than there is room for those come first that are on the shelf.
  const looked = laces.slice(0, MOST_WITH_LACE / WITH_LACE.length);
  for (const { label: lace } of looked)
    for (const strands of WITH_LACE)
      for (const at of nearest(texes, (tex - texOfLabel(lace)) / strands, each)) {
        const one = byTex[at];
        if (one) add(one, strands, lace);
      }
  return { candidates, passedOver: all - WITH_LACE.length * looked.length * Math.min(each, byTex.length) };
}
