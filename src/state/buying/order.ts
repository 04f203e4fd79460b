/** Buying for the project: what is taken from where, what to buy, kits of a group. */
import { freshId } from "../project/freshId";
import { useMemo } from "react";
import type { Draft } from "immer";
import type { Kit, TypedOffer } from "@/core/project/orders";
import type { Project } from "@/core/project/project";
import type { OrderAdvice } from "@/core/order/advice";
import { projectMarket, type Component, type Market } from "@/core/order/market";
import { useAsked, type Answered } from "../engine/asked";
import { change, useProject, useProjectStore, useShelf } from "../project/projectStore";
import { useShop } from "./shop";

export function editOrder(what: string, recipe: (order: Draft<Project["order"]>) => void) {
  change(`order ${what}`, (draft) => recipe(draft.order));
}

/** Balls that a shop has which Brenok does not know, wound as the yarn's own to begin with. */
export function addOffer(yarnId: string) {
  const { yarns } = useProjectStore.getState().project;
  const yarn = yarns.find(({ id }) => id === yarnId);
  const putUp = yarn?.held?.putUp ?? yarn?.putUp ?? { massG: 50, lengthM: 85 };
  const id = freshId("offer");
  editOrder("add offer", ({ offers }) => {
    offers.push({ id, yarnId, lot: "", massG: putUp.massG, lengthM: putUp.lengthM, price: null, balls: 20 });
  });
}

export const editOffer = (id: string, part: Partial<TypedOffer>) =>
  editOrder(`offer ${Object.keys(part).join()} ${id}`, ({ offers }) => {
    const offer = offers.find((one) => one.id === id);
    if (offer) Object.assign(offer, part);
  });

export const removeOffer = (id: string) =>
  editOrder("remove offer", (order) => {
    order.offers = order.offers.filter((one) => one.id !== id);
  });

export function addKit() {
  const id = freshId("kit");
  editOrder("add kit", ({ kits }) => {
    const last = kits.at(-1);
    kits.push({
      id,
      name: `Size ${kits.length + 1}`,
      count: 1,
      acrossMm: last?.acrossMm ?? null,
      alongMm: last?.alongMm ?? null,
    });
  });
}

export const editKit = (id: string, part: Partial<Kit>) =>
  editOrder(`kit ${Object.keys(part).join()} ${id}`, ({ kits }) => {
    const kit = kits.find((one) => one.id === id);
    if (kit) Object.assign(kit, part);
  });

export const removeKit = (id: string) =>
  editOrder("remove kit", (order) => {
    order.kits = order.kits.filter((one) => one.id !== id);
  });

/** Everything that balls of a component of the project's yarn can be had from. */
export function useMarket(component: Component): Market {
  const project = useProject();
  const { entries } = useShelf();
  const shop = useShop(({ list }) => list);
  const { name, strands, key } = component;
  return useMemo(
    () => projectMarket(project, { name, strands, key }, { entries, shop }),
    [project, name, strands, key, entries, shop],
  );
}

/** What to buy for a yarn, worked out by the engine when typing rests; null until then or without an answer. */
export const useAdvice = (yarnId: string, market: Market): OrderAdvice | null =>
  useAsked(
    "order",
    useMemo(() => ({ yarnId, market }), [yarnId, market]),
  ).told;

/** Balls for the kits of a group, worked out by the engine when typing rests. */
export const useGroup = (yarnId: string): Answered<"group"> =>
  useAsked(
    "group",
    useMemo(() => ({ yarnId }), [yarnId]),
  );
