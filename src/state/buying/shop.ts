/** The shop that prices come from: asked with patience, remembered, and never waited for. */
import { database } from "../keeping/database";
import { create } from "zustand";
import { shopListSchema, type ShopList } from "@/core/files/shopList";

/** How the stand-in is to behave, so that one can see how the page bears it. */
export type Weather = "fair" | "slow" | "down";

/** Where a price list comes from; a real shop is another function of this shape. Throws where it cannot be had. */
export type ShopFeed = (signal: AbortSignal) => Promise<unknown>;

interface Shop {
  /** The last list that came, however old. */
  readonly list: ShopList | null;
  readonly asking: boolean;
  /** Why the last question was not answered; null where it was. */
  readonly problem: string | null;
  readonly weather: Weather;
}

export const useShop = create<Shop>()(() => ({ list: null, asking: false, problem: null, weather: "fair" }));

const store = () => database("brenok-shop", "lists");
const LAST = "last";

/** Longer than this nobody waits. */
const PATIENCE_MS = 8000;
/** It is asked again so many times, after pauses that grow. */
const PAUSES_MS = [800, 2000];

/** The stand-in shop, which answers from this page's own server. */
const standIn: ShopFeed = async (signal) => {
  const response = await fetch(`/api/shop?weather=${useShop.getState().weather}`, { signal });
  if (!response.ok)
    throw new Error(response.status === 503 ? "It is closed for a moment." : "It does not answer.");
  return response.json();
};

const wait = (ms: number, signal: AbortSignal) =>
  new Promise<void>((resolve, reject) => {
    const timer = setTimeout(resolve, ms);
    signal.addEventListener("abort", () => {
      clearTimeout(timer);
      reject(new Error("stopped"));
    });
  });

/** One question, given up after a while. */
async function askOnce(feed: ShopFeed, stopped: AbortSignal): Promise<ShopList> {
  const signal = AbortSignal.any([stopped, AbortSignal.timeout(PATIENCE_MS)]);
  const checked = shopListSchema.safeParse(await feed(signal));
  if (checked.success) return checked.data;
  throw new Error("It sent a list that cannot be read.");
}

let running: AbortController | null = null;

/** Why it failed, in words. */
function reasonOf(error: unknown): string {
  const { name = "", message = "" } = (error ?? {}) as Partial<Error>;
  if (name === "TimeoutError" || message === "") return "It does not answer.";
  return name === "TypeError" ? "It cannot be reached." : message;
}

/**
 * Asks for the list, again after a pause where that fails. What is known stands in the meantime; a newer question
 * takes the place of an older one.
 */
export async function askShop(feed: ShopFeed = standIn) {
  running?.abort();
  const mine = new AbortController();
  running = mine;
  useShop.setState({ asking: true });
  let problem = "";
  for (const pause of [0, ...PAUSES_MS]) {
    try {
      if (pause > 0) await wait(pause, mine.signal);
      const list = await askOnce(feed, mine.signal);
      if (mine.signal.aborted) return;
      useShop.setState({ list, asking: false, problem: null });
      void store()
        .then((lists) => lists.setItem(LAST, list))
        .catch(() => {});
      return;
    } catch (error) {
      if (mine.signal.aborted) return;
      problem = reasonOf(error);
      useShop.setState({ problem });
    }
  }
  useShop.setState({ asking: false, problem });
}

/** Gives up a question that is on its way. */
export function stopAsking() {
  running?.abort();
  useShop.setState({ asking: false });
}

let opened = false;

/** The list of last time at once, and today's when it comes. Asked once in a visit. */
export async function openShop() {
  if (opened) return;
  opened = true;
  const kept = shopListSchema.safeParse(
    await store()
      .then((lists) => lists.getItem(LAST))
      .catch(() => null),
  );
  if (kept.success && useShop.getState().list === null) useShop.setState({ list: kept.data });
  await askShop();
}

/** Changes how the stand-in behaves, and asks it. */
export function setWeather(weather: Weather) {
  useShop.setState({ weather });
  void askShop();
}
