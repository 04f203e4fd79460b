import { shopListSchema } from "@/core/files/shopList";
import { shop } from "./shop";

async function ask(query = "") {
  const { status, body, headers } = await shop(new URLSearchParams(query));
  return { status, headers, told: JSON.parse(body) as unknown };
}

test("the shop answers with a price list that can be read, counted now", async () => {
  const response = await ask();
  const list = shopListSchema.parse(response.told);
  expect(list.yarns.length).toBeGreaterThan(10);
  expect(Math.abs(Date.parse(list.at) - Date.now())).toBeLessThan(10_000);
  expect(new Set(list.yarns.map(({ id }) => id)).size).toBe(list.yarns.length);
});

test("it can be closed, and says when to ask again", async () => {
  const response = await ask("?weather=down");
  expect(response.status).toBe(503);
  expect(response.headers?.["retry-after"]).toBe("2");
});

test("it can be slow", async () => {
  jest.useFakeTimers();
  const answered = jest.fn();
  const asked = ask("?weather=slow").then(answered);
  await jest.advanceTimersByTimeAsync(3000);
  expect(answered).not.toHaveBeenCalled();
  await jest.advanceTimersByTimeAsync(2000);
  await asked;
  expect(answered).toHaveBeenCalled();
  jest.useRealTimers();
});

test("a question that it does not know is refused with the place", async () => {
  const response = await ask("?weather=hail");
  expect(response.status).toBe(422);
  expect(response.told).toMatchObject({ diagnostics: [{ path: "weather" }] });
});
