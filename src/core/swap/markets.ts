/** Where the yarns of a comparison can be had, so that each is told with its cost. */
import { fullName } from "../files/label";
import type { Candidate } from "../files/candidates";
import type { Project } from "../files/project";
import { marketOf, type Market, type Sources } from "../order/market";

/** More balls than anything is knitted of. */
const PLENTY = 400;

const TYPED = { id: "typed", name: "as typed", postage: 0, freeFrom: null, returnDays: null };

/** A price that was typed in is that of as many balls as are wanted, without postage. */
function typedMarket({ label, price }: Candidate): Market | null {
  if (!label.putUp || price === null) return null;
  const balls = { lot: "as typed", ...label.putUp, price, balls: PLENTY };
  return { sellers: [TYPED], offers: [{ id: TYPED.id, sellerId: TYPED.id, ...balls }] };
}

/**
 * The markets of the pattern's own yarn and of all candidates, by full name, those that are held beside others too.
 * What can be had on the shelf or in the shop costs what it costs there; else the typed price counts.
 * Example: of a demo with three yarns there are three markets, and that of the chunky has offers of the shop alone.
 */
export function candidateMarkets(
  { name: projectName, yarns, swap: { candidates } }: Pick<Project, "name" | "yarns" | "swap">,
  sources: Sources,
): Readonly<Record<string, Market>> {
  const labels = candidates.flatMap(({ label, beside }) => (beside ? [label, beside.label] : [label]));
  const names = new Set([yarns[0]?.name ?? "", ...labels.map(fullName)]);
  const markets = new Map([...names].map((name) => [name, marketOf(name, sources, projectName)]));
  for (const candidate of candidates) {
    const name = fullName(candidate.label);
    const typed = candidate.beside || markets.get(name)?.offers.length ? null : typedMarket(candidate);
    if (typed) markets.set(name, typed);
  }
  return Object.fromEntries(markets);
}
