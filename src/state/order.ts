/** Buying for the project: what is taken from where, what to buy, kits of a group. */
import { proxy } from "comlink";
import { useEffect, useMemo, useState } from "react";
import type { Draft } from "immer";
import type { Kit, TypedOffer } from "@/core/files/orders";
import type { Project } from "@/core/files/project";
import type { OrderAdvice } from "@/core/order/advice";
import type { GroupReckoned } from "@/core/order/group";
import { projectMarket, type Market } from "@/core/order/market";
import { change, useProject, useProjectStore, useShelf } from "./projectStore";
import { useSettled } from "./settled";
import { useShop } from "./shop";
import { reckoner } from "./workers";

export function editOrder(what: string, recipe: (order: Draft<Project["order"]>) => void) {
  change(`order ${what}`, (draft) => recipe(draft.order));
}

/** Balls that a shop has which Brenok does not know, as the yarn's own to begin with. */
export function addOffer(yarnId: string) {
  const { yarns } = useProjectStore.getState().project;
  const putUp = yarns.find(({ id }) => id === yarnId)?.putUp ?? { massG: 50, lengthM: 85 };
  const id = `offer-${crypto.randomUUID().slice(0, 8)}`;
  editOrder("add offer", ({ offers }) => {
    offers.push({ id, yarnId, lot: "", massG: putUp.massG, lengthM: putUp.lengthM, price: 0, balls: 20 });
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
  const id = `kit-${crypto.randomUUID().slice(0, 8)}`;
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

/** Everything that balls of a yarn of the project can be had from. */
export function useMarket(yarnId: string): Market {
  const project = useProject();
  const { entries } = useShelf();
  const shop = useShop(({ list }) => list);
  return useMemo(() => projectMarket(project, yarnId, { entries, shop }), [project, yarnId, entries, shop]);
}

interface Asked {
  readonly project: Project;
  readonly yarnId: string;
  readonly market: Market;
}

const ask = ({ project, yarnId, market }: Asked) => reckoner().adviseOrder(project, yarnId, market);

/** What to buy for a yarn, reckoned in the worker when typing rests; null until then or without an answer. */
export function useAdvice(yarnId: string, market: Market): OrderAdvice | null {
  const project = useProject();
  return useSettled(
    useMemo(() => ({ project, yarnId, market }), [project, yarnId, market]),
    ask,
  );
}

let jobs = 1_000_000;

export interface Group {
  readonly reckoned: GroupReckoned | null;
  /** Share that is done; null while nothing runs. */
  readonly progress: number | null;
  readonly stop: () => void;
}

const SETTLE_MS = 400;

/** Balls for the kits of a group, reckoned in the worker when typing rests. */
export function useGroup(yarnId: string): Group {
  const project = useProject();
  const [told, setTold] = useState<Omit<Group, "stop">>({ reckoned: null, progress: null });
  const [job] = useState(() => (jobs += 1000));
  useEffect(() => {
    let current = true;
    const onProgress = (share: number) => {
      if (current) setTold(({ reckoned }) => ({ reckoned, progress: share }));
    };
    const reckon = async () => {
      const reckoned = await reckoner().reckonGroup(job, project, yarnId, proxy(onProgress));
      if (current) setTold(({ reckoned: former }) => ({ reckoned: reckoned ?? former, progress: null }));
    };
    const timer = setTimeout(() => void reckon(), SETTLE_MS);
    return () => {
      current = false;
      clearTimeout(timer);
      void reckoner().stopJob(job);
    };
  }, [project, yarnId, job]);
  return { ...told, stop: () => void reckoner().stopJob(job) };
}
