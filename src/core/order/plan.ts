/** The plan of a purchase: whole balls, one dye lot if possible, the cheapest of those. */
import { cheapestCover, postageOf, type Cover } from "./cover";
import { HALF_CENT } from "../units/money";
import { SLACK_M, type Enough } from "./enough";
import { lotOf, type Offer, type Seller } from "./offers";

export interface OrderQuestion {
  readonly offers: readonly Offer[];
  readonly sellers: readonly Seller[];
  readonly enough: Enough;
  /** The chance that is wanted, 0 to 1. */
  readonly chance: number;
  /** As few lots as can be, or whatever is cheapest. */
  readonly lots: "few" | "any";
}

export interface OrderLine {
  readonly offer: Offer;
  readonly balls: number;
}

export interface OrderPlan {
  readonly lines: readonly OrderLine[];
  readonly balls: number;
  readonly lengthM: number;
  readonly massG: number;
  /** With postage. */
  readonly cost: number;
  readonly postage: number;
  /** Dye lots in it, each once. */
  readonly lots: readonly string[];
  /** That it is enough. */
  readonly chance: number;
  /** False where so much could be mixed that not every way was looked at: then it is the cheapest that was found. */
  readonly exact: boolean;
  /** What any plan costs at least, as is proven; the cost itself where every way was looked at. */
  readonly atLeast: number;
}

interface Lot {
  readonly name: string;
  readonly offers: readonly Offer[];
  readonly lengthM: number;
  readonly balls: number;
  /** All of it but its name: lots with the same are as good as one another. */
  readonly worth: string;
}

const worthOf = (offers: readonly Offer[]) =>
  offers
    .map(({ sellerId, lengthM, price, balls }) => `${sellerId} ${lengthM} ${price} ${balls}`)
    .toSorted()
    .join();

function lotsOf(offers: readonly Offer[]): readonly Lot[] {
  const byLot = new Map<string, Offer[]>();
  for (const offer of offers)
    if (offer.balls > 0) byLot.set(lotOf(offer), [...(byLot.get(lotOf(offer)) ?? []), offer]);
  return [...byLot]
    .map(([name, own]) => ({
      name,
      offers: own,
      lengthM: own.reduce((sum, { lengthM, balls }) => sum + lengthM * balls, 0),
      balls: own.reduce((sum, { balls }) => sum + balls, 0),
      worth: worthOf(own),
    }))
    .toSorted((a, b) => b.lengthM - a.lengthM || a.worth.localeCompare(b.worth));
}

/** The plan that a cover comes to, its lines in the order of the question's offers. */
function planOf(
  { cover, offers }: Found,
  { enough, chance, offers: asked }: OrderQuestion,
  exact = true,
): OrderPlan {
  const lines = asked.flatMap((offer): readonly OrderLine[] => {
    const balls = cover.counts[offers.indexOf(offer)] ?? 0;
    return balls > 0 ? [{ offer, balls }] : [];
  });
  return {
    lines,
    balls: cover.balls,
    lengthM: cover.lengthM,
    massG: lines.reduce((sum, { offer, balls }) => sum + balls * offer.massG, 0),
    cost: cover.cost,
    postage: cover.postage,
    lots: [...new Set(lines.map(({ offer }) => lotOf(offer)))],
    chance: enough.chanceOf(cover.lengthM, cover.balls),
    exact,
    atLeast: exact ? cover.cost : Math.min(cover.cost, leastCost(asked, enough.lengthFor(1, chance))),
  };
}

/** Everything there is, where all of it is not enough. */
export interface Shortage {
  /** The chance that all of it would be enough. */
  readonly chance: number;
  readonly balls: number;
  /** What is lacking to the chance that is wanted. */
  readonly lackingM: number;
}

export type Ordered =
  { readonly ok: true; readonly plan: OrderPlan } | { readonly ok: false; readonly shortage: Shortage };

interface Found {
  readonly cover: Cover;
  readonly offers: readonly Offer[];
}

/** So many mixtures of lots are looked at; more than that only where some dozen odd lots have to be mixed. */
const MOST_MIXTURES = 20_000;
/** Mixtures of more lots than this are told apart by money alone, not by what they leave over. */
const FEW_LOTS = 3;

/** What so many metres cost at least of these offers: fractions of balls, the cheapest by length first. */
function leastCost(offers: readonly Offer[], wantedM: number): number {
  let [wanted, cost] = [wantedM, 0];
  for (const { lengthM, price, balls } of offers.toSorted(
    (a, b) => a.price / a.lengthM - b.price / b.lengthM,
  )) {
    const taken = Math.min(wanted, lengthM * balls);
    cost += (taken * price) / lengthM;
    wanted -= taken;
    if (wanted <= 0) break;
  }
  return cost;
}

/** So many choices are tried for a plan, about two seconds of them; then the cheapest that was found stands. */
const MOST_CHOICES = 350_000;
/** And so many more to find any plan at all, where none was found by then. */
const LAST_CHOICES = 20_000;

/** The cheapest cover out of exactly `many` lots; lots that could not be enough, or not cheaper, are not gone into. */
function ofSoManyLots(lots: readonly Lot[], many: number, question: OrderQuestion, budget: { left: number }) {
  const { sellers, enough, chance } = question;
  const leastM = enough.lengthFor(1, chance);
  let best: Found | null = null;
  let left = MOST_MIXTURES;
  const bar = () => {
    if (!best) return Infinity;
    return many <= FEW_LOTS ? best.cover.weighed : best.cover.cost - HALF_CENT;
  };
  const choose = (from: number, chosen: readonly Lot[]) => {
    if (chosen.length === many) {
      left -= 1;
      const offers = chosen.flatMap((lot) => lot.offers);
      const cover = cheapestCover(offers, sellers, { enough, chance, under: bar(), budget });
      if (cover) best = { cover, offers };
      return;
    }
    for (let index = from; index < lots.length && left > 0 && budget.left > 0; index += 1) {
      // Lots are sorted by length: those that follow are the most that could still come to it.
      const most = [...chosen, ...lots.slice(index, index + many - chosen.length)];
      if (most.length < many || !couldDo(most, question)) return;
      // A lot that is as good as the one before it was tried in its place.
      if (index > from && lots[index]?.worth === lots[index - 1]?.worth) continue;
      const open = [...chosen, ...lots.slice(index)].flatMap((lot) => lot.offers);
      if (best && leastCost(open, leastM) >= bar()) return;
      choose(index + 1, [...chosen, lots[index] as Lot]);
    }
  };
  choose(0, []);
  return { found: best as Found | null, exact: left > 0 && budget.left > 0 };
}

/** All that there is: it is enough, and where nothing else was found in time it is the plan. */
function everything(question: OrderQuestion): OrderPlan {
  const { offers, sellers } = question;
  const counts = offers.map(({ balls }) => balls);
  const sum = (of: (offer: Offer) => number) =>
    offers.reduce((total, offer) => total + offer.balls * of(offer), 0);
  const spentAt = ({ id }: Seller) =>
    offers.reduce((total, one) => (one.sellerId === id ? total + one.balls * one.price : total), 0);
  const postage = sellers.reduce((total, seller) => total + postageOf(seller, spentAt(seller)), 0);
  const cost = sum(({ price }) => price) + postage;
  const cover = {
    counts,
    balls: sum(() => 1),
    lengthM: sum(({ lengthM }) => lengthM),
    cost,
    postage,
    weighed: cost,
  };
  return planOf({ cover, offers }, question, false);
}

const couldDo = (lots: readonly Lot[], { enough, chance }: OrderQuestion) =>
  lots.reduce((sum, { lengthM }) => sum + lengthM, 0) >= enough.lengthFor(1, chance) - SLACK_M;

/**
 * The best plan, exactly. With `lots: "few"` no plan of more lots is looked at where one of fewer is enough; among
 * those of as few lots, and with "any" among all, it is the cheapest, and of equally cheap ones of up to three lots
 * that which leaves least over. Where all there is is not enough, what is lacking.
 * Example: 3 balls needed, 2 of one lot at 5 and 4 of another at 6: three of the second.
 */
export function planOrder(question: OrderQuestion): Ordered {
  const { offers, sellers, enough, chance } = question;
  const lots = lotsOf(offers);
  const [lengthM, balls] = [
    lots.reduce((sum, lot) => sum + lot.lengthM, 0),
    lots.reduce((sum, lot) => sum + lot.balls, 0),
  ];
  const wantedM = enough.lengthFor(Math.max(1, balls), chance);
  if (lengthM < wantedM - SLACK_M) {
    const shortage = { chance: enough.chanceOf(lengthM, balls), balls, lackingM: wantedM - lengthM };
    return { ok: false, shortage };
  }
  const budget = { left: MOST_CHOICES };
  const all = lots.flatMap((lot) => lot.offers);
  const ofAny = (within: { left: number }): OrderPlan | null => {
    const cover = cheapestCover(all, sellers, { enough, chance, budget: within });
    return cover && planOf({ cover, offers: all }, question, within.left > 0);
  };
  if (question.lots === "few")
    for (let many = 1; many <= lots.length && budget.left > 0; many += 1) {
      const { found, exact } = ofSoManyLots(lots, many, question, budget);
      if (found) return { ok: true, plan: planOf(found, question, exact) };
    }
  const plan = (question.lots === "any" ? ofAny(budget) : null) ?? ofAny({ left: LAST_CHOICES });
  return { ok: true, plan: plan ? { ...plan, exact: plan.exact && budget.left > 0 } : everything(question) };
}
