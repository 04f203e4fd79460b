/** Yarns that could stand in for the pattern's, from the shelf and a shop, in one to four strands, and with a lace. */
import { candidateSchema, type Candidate } from "../project/candidates";
import { isLabelOf, labelKey, type YarnLabel } from "../project/label";
import type { ShelfEntry } from "../project/shelf";
import type { ShopList } from "../files/shopList";
import { classOf } from "../yarn/classes";
import type { PutUp } from "../yarn/putUp";

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

/**
 * Candidates of all yarns but the pattern's own. Example: a fingering comes in one to four strands, and one or two of
 * them with each lace.
 */
export function candidateSources(
  patternYarn: string,
  { entries, shop }: { readonly entries: readonly ShelfEntry[]; readonly shop: ShopList | null },
): readonly Candidate[] {
  const yarns = yarnsOf(entries, shop);
  const laces = yarns.filter(({ label }) => isLace(label));
  const made = (one: Found, strands: number, lace: Found | null): readonly Candidate[] => {
    const { putUp } = one.label;
    if (!putUp || (100 * putUp.lengthM) / putUp.massG / strands < THICKEST) return [];
    return [
      candidateSchema.parse({
        id: `${labelKey(one.label).slice(0, 40)} ${strands} ${lace ? laces.indexOf(lace) : ""}`,
        label: one.label,
        strands,
        beside: lace && { label: lace.label, strands: 1 },
        from: one.from,
        price: one.price,
      }),
    ];
  };
  return yarns
    .filter(({ label }) => !isLabelOf(label, patternYarn))
    .flatMap((one) => [
      ...Array.from({ length: MOST_STRANDS }, (_, index) => made(one, index + 1, null)).flat(),
      ...(isLace(one.label) ? [] : laces.flatMap((lace) => [...made(one, 1, lace), ...made(one, 2, lace)])),
    ]);
}
