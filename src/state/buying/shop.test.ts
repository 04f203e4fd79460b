import { priceList } from "@/demo/priceList";
import { askShop, stopAsking, useShop, type ShopFeed } from "./shop";

/** A browser's storage that keeps nothing. */
jest.mock("localforage", () => ({
  createInstance: () => ({ getItem: () => Promise.resolve(null), setItem: () => Promise.resolve() }),
}));

const reset = () => useShop.setState({ list: null, asking: false, problem: null, weather: "fair" });
const shop = () => useShop.getState();

beforeEach(() => {
  jest.useFakeTimers();
  reset();
});
afterEach(() => jest.useRealTimers());

const closed: ShopFeed = () => Promise.reject(new Error("It is closed for a moment."));
const fair: ShopFeed = () => Promise.resolve(priceList);

test("a list that comes is kept, and no problem is told", async () => {
  const asked = askShop(fair);
  expect(shop().asking).toBe(true);
  await asked;
  expect(shop()).toMatchObject({ list: priceList, asking: false, problem: null });
});

test("a closed shop is asked three times with pauses, and what was known stands", async () => {
  useShop.setState({ list: priceList });
  const feed = jest.fn(closed);
  const asked = askShop(feed);
  await jest.advanceTimersByTimeAsync(100);
  expect(feed).toHaveBeenCalledTimes(1);
  expect(shop()).toMatchObject({ asking: true, problem: "It is closed for a moment.", list: priceList });
  await jest.advanceTimersByTimeAsync(5000);
  await asked;
  expect(feed).toHaveBeenCalledTimes(3);
  expect(shop()).toMatchObject({ asking: false, problem: "It is closed for a moment.", list: priceList });
});

test("one that opens again meanwhile is forgiven", async () => {
  const feed = jest.fn(closed).mockImplementationOnce(closed).mockImplementation(fair);
  const asked = askShop(feed);
  await jest.advanceTimersByTimeAsync(2000);
  await asked;
  expect(shop()).toMatchObject({ list: priceList, problem: null });
});

test("nobody waits longer than eight seconds for one answer", async () => {
  jest.useRealTimers();
  const times: number[] = [];
  const timeout = jest.spyOn(AbortSignal, "timeout").mockImplementation((ms) => {
    times.push(ms);
    return AbortSignal.abort(new DOMException("too long", "TimeoutError"));
  });
  const deaf: ShopFeed = (signal) =>
    new Promise((_, reject) => {
      const fail = () => reject(signal.reason as Error);
      if (signal.aborted) fail();
      else signal.addEventListener("abort", fail);
    });
  await askShop(deaf);
  expect(times).toEqual([8000, 8000, 8000]);
  expect(shop()).toMatchObject({ asking: false, problem: "It does not answer." });
  timeout.mockRestore();
});

test("a list that is none is refused in words", async () => {
  const asked = askShop(() => Promise.resolve({ format: "something else" }));
  await jest.advanceTimersByTimeAsync(5000);
  await asked;
  expect(shop()).toMatchObject({ list: null, problem: "It sent a list that cannot be read." });
});

test("a newer question takes the place of an older one, and asking can be stopped", async () => {
  let answer: (list: unknown) => void = () => {};
  const late: ShopFeed = () =>
    new Promise((resolve) => {
      answer = resolve;
    });
  const older = askShop(late);
  await askShop(fair);
  answer({ ...priceList, name: "An older answer" });
  await older;
  expect(shop().list?.name).toBe(priceList.name);
  const stopped = askShop(closed);
  await jest.advanceTimersByTimeAsync(100);
  stopAsking();
  await stopped;
  expect(shop().asking).toBe(false);
});
