import { sentence } from "@testing/sentence";
import { readTable } from "../files/tableText";
import { listCsv, listLines, listText } from "./shoppingList";
import type { OrderPlan } from "./plan";

const offer = (given: object) => ({
  id: "one",
  sellerId: "shop",
  lot: "T417",
  massG: 50,
  lengthM: 82,
  price: 4.9,
  balls: 9,
  ...given,
});

const plan: OrderPlan = {
  lines: [
    { offer: offer({}), balls: 3 },
    { offer: offer({ id: "two", sellerId: "shelf", lot: "", price: 0 }), balls: 1 },
  ],
  balls: 4,
  lengthM: 328,
  massG: 200,
  cost: 19.2,
  postage: 4.5,
  lots: ["T417"],
  chance: 0.97,
  exact: true,
  atLeast: 0,
};
const sellers = [
  { id: "shop", name: "A shop", postage: 4.5, freeFrom: null, returnDays: null },
  { id: "shelf", name: "your shelf", postage: 0, freeFrom: null, returnDays: null },
];
const lines = listLines(plan, { yarn: "Tarnock Aran, lichen", strands: 1, sellers, units: "metric" });

test("the shelf comes first, and the sum tells its postage", () => {
  const [first, second, sum] = listText(lines, plan).map(sentence);
  expect(first).toBe("1 x Tarnock Aran, lichen, 50 g, 82 m: from your shelf");
  expect(second).toBe("3 x Tarnock Aran, lichen, 50 g, 82 m, dye lot T417: 14.70 at A shop");
  expect(sum).toBe("Together 19.20, 4.50 of it postage");
  expect(sentence(listText(lines, { cost: 5, postage: 0 }).at(-1))).toBe("Together 5.00");
});

test("in yards and ounces for those who count so", () => {
  const [line] = listLines(plan, { yarn: "Tarnock", strands: 2, sellers, units: "imperial" });
  expect(line?.ball).toMatch(/^1\.8\soz, 179\syd$/);
});

test("the table reads back as it was written", () => {
  const table = readTable(new TextEncoder().encode(listCsv(lines)));
  expect(table.head).toEqual(["from", "yarn", "dye lot", "one ball", "balls", "price"]);
  expect(table.rows.map(({ cells }) => cells[5])).toEqual(["", "14.70"]);
  expect(table.rows[1]?.cells.slice(0, 3)).toEqual(["A shop", "Tarnock Aran, lichen", "T417"]);
});
