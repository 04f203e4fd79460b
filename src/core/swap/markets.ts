/** Where the yarns of a comparison can be had, so that each is told with its cost. */
import { fullName } from "../project/label";
import type { Project } from "../project/project";
import {
  ballsOf,
  componentsOf,
  marketOf,
  together,
  typedMarket,
  type Market,
  type Sources,
} from "../order/market";

/**
 * The markets of the pattern's own yarn and of all candidates, by full name, those that are held beside others too:
 * the shelf, the shop, and what was typed in with its seller and postage. What the pattern's own yarn is bought from is
 * what the Order bench is told to buy from.
 * Example: of a demo with three yarns there are three markets, and that of the chunky has offers of the shop alone.
 */
export function candidateMarkets(
  project: Pick<Project, "name" | "yarns" | "swap" | "order">,
  sources: Sources,
): Readonly<Record<string, Market>> {
  const { candidates } = project.swap;
  const markets = new Map<string, Market>();
  const [own] = project.yarns;
  for (const component of own ? componentsOf(own) : [])
    markets.set(component.name, ballsOf(project, component, sources));
  const put = (name: string, typed: Market) => {
    const before = markets.get(name) ?? marketOf(name, sources, project.name);
    markets.set(name, together(before, typed));
  };
  for (const { id: key, label, beside, price, seller: shop } of candidates) {
    // Of two yarns one price says nothing of either.
    put(
      fullName(label),
      typedMarket(project, { key, shop, putUp: label.putUp, price: beside ? null : price }),
    );
    if (beside) put(fullName(beside.label), { offers: [], sellers: [] });
  }
  return Object.fromEntries(markets);
}
