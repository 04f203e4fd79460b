/** Everything that balls of one yarn can be had from: the shelf, a shop, and what was typed in. */
import { fullName, isLabelOf } from "../project/label";
import type { OwnShop } from "../project/orders";
import type { Project } from "../project/project";
import { reservedElsewhere, type ShelfEntry } from "../project/shelf";
import type { ShopList } from "../files/shopList";
import { SHELF_ID, THE_SHELF, type Offer, type Seller } from "./offers";

export interface Market {
  /** Lengths are as far as balls go in the strands that are held. */
  readonly offers: readonly Offer[];
  readonly sellers: readonly Seller[];
}

/** One of the yarns that a project's yarn is held of: each is bought by itself. */
export interface Component {
  /** Its full name. */
  readonly name: string;
  readonly strands: number;
  /** What typed offers of it name as their yarn. */
  readonly key: string;
}

/** A yarn of a project as it is bought. Example: a fingering held double with a lace has two components. */
export function componentsOf({
  id,
  name,
  held,
}: Project["yarns"][number]): readonly [Component, ...Component[]] {
  const first = { name, strands: held?.strands ?? 1, key: id };
  if (!held?.beside) return [first];
  const { label, strands } = held.beside;
  return [first, { name: fullName(label), strands, key: `${id} beside` }];
}

export interface Sources {
  readonly entries: readonly ShelfEntry[];
  readonly shop: ShopList | null;
}

const SHOP_ID = "shop";

export const sellerOf = ({ name, postage, freeFrom, returnDays }: ShopList): Seller => ({
  id: SHOP_ID,
  name,
  postage,
  freeFrom,
  returnDays,
});

/** What the shop has of a yarn, by its full name. */
export const offersIn = ({ yarns }: ShopList, name: string): readonly Offer[] =>
  yarns
    .filter(({ label }) => isLabelOf(label, name))
    .flatMap(({ id, putUps }) =>
      putUps.flatMap(({ massG, lengthM, price, lots }) =>
        lots.map(({ lot, balls }) => ({
          id: `${id} ${massG} ${lot}`,
          sellerId: SHOP_ID,
          lot,
          massG,
          lengthM,
          price,
          balls,
        })),
      ),
    );

/** Part balls shorter than this are not worth their joins. */
const LEAST_PART_M = 4;

/** Balls of an entry that are free for a project, and its part balls, each by itself. */
function shelved(entry: ShelfEntry, project: string): readonly Offer[] {
  const { id, label, lot, balls, partsG } = entry;
  if (!label.putUp) return [];
  const { massG, lengthM } = label.putUp;
  const offer = { sellerId: SHELF_ID, lot, price: 0, with: id };
  const whole = Math.max(0, balls - reservedElsewhere(entry, project));
  const parts = partsG.map((partG, index) => ({
    ...offer,
    id: `${id} part ${index}`,
    massG: partG,
    lengthM: (partG * lengthM) / massG,
    balls: 1,
  }));
  return [
    ...(whole > 0 ? [{ ...offer, id, massG, lengthM, balls: whole }] : []),
    ...parts.filter((part) => part.lengthM >= LEAST_PART_M),
  ];
}

/** What there is of a yarn by its full name, wherever it lies; what was typed in is left out. */
export function marketOf(name: string, { entries, shop }: Sources, project: string): Market {
  const own = entries.filter(({ label }) => isLabelOf(label, name));
  return {
    offers: [...own.flatMap((entry) => shelved(entry, project)), ...(shop ? offersIn(shop, name) : [])],
    sellers: [THE_SHELF, ...(shop ? [sellerOf(shop)] : [])],
  };
}

/** A shop that was typed in, as a seller. */
const typedSeller = (id: string, { name, postage, freeFrom }: OwnShop): Seller => ({
  id,
  name: name || "another shop",
  postage,
  freeFrom,
  returnDays: null,
});

/** Balls that were typed in for a yarn; of an unknown price nothing can be said to be cheap: it is not planned with. */
const typedBalls = ({ order }: Pick<Project, "order">, key: string, sellerId: string): readonly Offer[] =>
  order.offers
    .filter((offer) => offer.yarnId === key)
    .flatMap(({ id, lot, massG, lengthM, price, balls }) =>
      price === null ? [] : [{ id, lot, massG, lengthM, price, balls, sellerId }],
    );

/** More balls than anything is knitted of. */
export const PLENTY = 400;

/**
 * What was typed in of a yarn: balls one by one, and one price for as many as are wanted, both from one shop.
 * Nothing where no price is known.
 */
export function typedMarket(
  project: Pick<Project, "order">,
  of: {
    readonly key: string;
    readonly shop: OwnShop;
    readonly putUp: { readonly massG: number; readonly lengthM: number } | null;
    readonly price: number | null;
  },
): Market {
  const { key, shop, putUp, price } = of;
  const sellerId = `typed ${key}`;
  const plenty: readonly Offer[] =
    putUp && price !== null
      ? [
          {
            id: sellerId,
            sellerId,
            lot: "as typed",
            massG: putUp.massG,
            lengthM: putUp.lengthM,
            price,
            balls: PLENTY,
          },
        ]
      : [];
  const offers = [...typedBalls(project, key, sellerId), ...plenty];
  return { offers, sellers: offers.length > 0 ? [typedSeller(sellerId, shop)] : [] };
}

/** Several markets as one. */
export const together = (...markets: readonly Market[]): Market => ({
  offers: markets.flatMap(({ offers }) => offers),
  sellers: markets.flatMap(({ sellers }) => sellers),
});

/** Balls of a component of a project's yarn as they are sold, as far as the project wants to take them. */
export function ballsOf(
  project: Pick<Project, "order" | "name">,
  { name, key }: Pick<Component, "name" | "key">,
  { entries, shop }: Sources,
): Market {
  const { order } = project;
  const sources = { entries: order.shelf ? entries : [], shop: order.shop ? shop : null };
  return together(
    marketOf(name, sources, project.name),
    typedMarket(project, { key, shop: order.own, putUp: null, price: null }),
  );
}

/** What there is of a component of a project's yarn, as far as the project wants to take it. */
export function projectMarket(
  project: Project,
  { name, strands, key }: Component,
  { entries, shop }: Sources,
): Market {
  const { offers, sellers } = ballsOf(project, { name, key }, { entries, shop });
  return { offers: offers.map((offer) => ({ ...offer, lengthM: offer.lengthM / strands })), sellers };
}
