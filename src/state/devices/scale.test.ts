import { uniformsFrom } from "@/core/forecast/draws";
import { connectSimulated, disconnectScale, reconnectScale, togglePan, useOnPan, useScale } from "./scale";

const weighs = (thing: string) => (thing === "bowl" ? 182 : 12);
const reading = () => useScale.getState().reading;
const kind = () => useScale.getState().connection.kind;

beforeEach(() => {
  jest.useFakeTimers();
  // The same chances at every run: a scale trembles, and one time in twenty it is not steady just when it is asked.
  jest.spyOn(Math, "random").mockImplementation(uniformsFrom(7));
});
afterEach(() => {
  disconnectScale();
  jest.useRealTimers();
  jest.restoreAllMocks();
});

test("it is looked for, then it reads, and what is laid on it settles", async () => {
  void connectSimulated(1);
  expect(kind()).toBe("connecting");
  await jest.advanceTimersByTimeAsync(800);
  expect(kind()).toBe("connected");
  togglePan("swatch", weighs);
  await jest.advanceTimersByTimeAsync(300);
  expect(reading()?.steady).toBe(false);
  await jest.advanceTimersByTimeAsync(6000);
  expect(reading()).toMatchObject({ massG: 12, steady: true });
  togglePan("swatch", weighs);
  await jest.advanceTimersByTimeAsync(6000);
  expect(reading()?.massG).toBe(0);
});

test("a lost connection says why; found again, it still bears what lay on it and has forgotten its tare", async () => {
  void connectSimulated(1);
  await jest.advanceTimersByTimeAsync(800);
  togglePan("bowl", weighs);
  await jest.advanceTimersByTimeAsync(6000);
  useScale.getState().scale?.tare();
  await jest.advanceTimersByTimeAsync(3000);
  expect(Math.abs(reading()?.massG ?? NaN)).toBeLessThanOrEqual(1);
  useScale.getState().scale?.loseConnection();
  expect(useScale.getState().connection).toMatchObject({ kind: "lost", why: expect.stringMatching(/reach/) });
  expect(reading()).toBeNull();
  await jest.advanceTimersByTimeAsync(5000);
  expect(reading()).toBeNull();
  void reconnectScale();
  await jest.advanceTimersByTimeAsync(6000);
  expect(reading()?.massG).toBeCloseTo(182, -1);
});

test("given up while it is looked for, it does not come back by itself", async () => {
  void connectSimulated(0.1);
  disconnectScale();
  await jest.advanceTimersByTimeAsync(5000);
  expect([kind(), reading(), useOnPan.getState().things]).toEqual(["none", null, []]);
  expect(jest.getTimerCount()).toBe(0);
});
