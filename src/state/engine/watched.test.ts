/** A worker that does not come back is ended and replaced, and only what it was at is lost. */
import { expose } from "comlink";
import { Lost, SILENT_S, watched } from "./watched";

/** A worker in this thread: it answers, turns to a job, or is silent from some call on. */
class FakeWorker extends EventTarget {
  ended = false;
  #silent = false;
  readonly #inside: MessagePort;
  readonly #outside: MessagePort;

  constructor(begun: FakeWorker[]) {
    super();
    begun.push(this);
    const { port1, port2 } = new MessageChannel();
    [this.#outside, this.#inside] = [port1, port2];
    port1.onmessage = ({ data }: MessageEvent<object>) => {
      if (this.#silent) return;
      this.dispatchEvent(Object.assign(new Event("message"), { data }));
      this.#silent = "turnedTo" in data;
    };
    const api = {
      pulse: () => {},
      double: (value: number) => 2 * value,
      stick: (job: number) => {
        port2.postMessage({ turnedTo: job });
        return new Promise(() => {});
      },
    };
    expose(api, port2 as never);
    port2.start();
  }

  postMessage(message: unknown) {
    this.#outside.postMessage(message);
  }

  start() {}

  terminate() {
    this.ended = true;
    this.#inside.close();
    this.#outside.close();
  }
}

interface Api {
  readonly pulse: () => void;
  readonly double: (value: number) => number;
  readonly stick: (job: number) => Promise<void>;
}

function begin(stateless: boolean) {
  const begun: FakeWorker[] = [];
  const lost: Lost[] = [];
  const api = watched<Api>(() => new FakeWorker(begun) as unknown as Worker, {
    stateless,
    onLost: (one) => lost.push(one),
  });
  return { api, begun, lost };
}

beforeEach(() => jest.useFakeTimers({ doNotFake: ["setImmediate", "nextTick", "queueMicrotask"] }));
afterEach(() => jest.useRealTimers());

/** Lets so many seconds of the page go by, and messages come and go in each. */
async function seconds(count: number) {
  for (let second = 0; second < count; second += 1) {
    for (let turn = 0; turn < 5; turn += 1) await new Promise((resolve) => setImmediate(resolve));
    await jest.advanceTimersByTimeAsync(1000);
  }
}

const settled = (promise: Promise<unknown>) =>
  promise.then(
    (told) => told,
    (problem: unknown) => problem,
  );

test("it is called as the worker would be, and begun once, when it is needed", async () => {
  const { api, begun } = begin(true);
  expect(begun).toHaveLength(0);
  expect(await Promise.all([api.double(4), api.double(5)])).toEqual([8, 10]);
  expect(begun).toHaveLength(1);
  await seconds(3 * SILENT_S);
  expect(begun[0]?.ended).toBe(false);
  begun[0]?.terminate();
});

test("one that is silent is ended: what it was at is lost, the rest is asked of another", async () => {
  const { api, begun, lost } = begin(true);
  const stuck = settled(api.stick(7) as Promise<unknown>);
  await seconds(1);
  const other = api.double(21);
  await seconds(SILENT_S - 3);
  expect(begun).toHaveLength(1);
  await seconds(6);
  expect(await stuck).toMatchObject({ job: 7, silent: true });
  expect(await stuck).toBeInstanceOf(Lost);
  expect(await other).toBe(42);
  expect(begun.map(({ ended }) => ended)).toEqual([true, false]);
  expect(lost).toHaveLength(1);
  begun[1]?.terminate();
});

test("of one that remembers everything that was asked is lost, and the next question begins another", async () => {
  const { api, begun } = begin(false);
  const all = [settled(api.stick(3) as Promise<unknown>), settled(api.double(1))];
  await seconds(SILENT_S + 4);
  for (const one of await Promise.all(all)) expect(one).toMatchObject({ job: 3, silent: true });
  expect(await api.double(2)).toBe(4);
  expect(begun).toHaveLength(2);
  begun[1]?.terminate();
});

test("one that cannot be loaded is told of, and not tried again by itself", async () => {
  const { api, begun, lost } = begin(true);
  const asked = [settled(api.stick(1) as Promise<unknown>), settled(api.double(1))];
  begun[0]?.dispatchEvent(new Event("error"));
  for (const one of await Promise.all(asked)) expect(one).toMatchObject({ silent: false });
  expect([begun.length, lost.length]).toEqual([1, 1]);
});
