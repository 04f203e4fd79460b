import { priceList } from "@/demo/priceList";
import { demoShelf } from "@/demo/shelf";
import { demoProject } from "@/demo/slipover";
import { candidateSchema, type Candidate } from "../files/candidates";
import { labelSchema } from "../files/label";
import type { Sources } from "../order/market";
import { candidateMarkets } from "./markets";

const sources: Sources = { entries: demoShelf().entries, shop: priceList };
const nowhere: Sources = { entries: [], shop: null };

const hesper = labelSchema.parse({
  name: "Hesper Worsted",
  colour: "#555555",
  putUp: { massG: 100, lengthM: 190 },
});
const typed = (part: Partial<Candidate>) =>
  candidateSchema.parse({ id: "hesper", from: "typed", label: hesper, price: 7.5, ...part });
const withCandidates = (...candidates: Candidate[]) => {
  const demo = demoProject();
  return { ...demo, swap: { ...demo.swap, candidates } };
};

test("the pattern's yarn and each candidate have a market by their full names", () => {
  const markets = candidateMarkets(demoProject(), sources);
  expect(Object.keys(markets)).toEqual([
    "Tarnock Aran, lichen",
    "Osmuth Chunky, barley",
    "Vessin Fingering, plum",
  ]);
  const from = (name: string) => new Set(markets[name]?.offers.map(({ sellerId }) => sellerId));
  expect(from("Osmuth Chunky, barley")).toEqual(new Set(["shop"]));
  expect([...from("Tarnock Aran, lichen")].sort()).toEqual(["shelf", "shop"]);
});

test("a typed price is that of as many balls as are wanted, and needs to know what a ball holds", () => {
  const market = candidateMarkets(withCandidates(typed({})), nowhere)["Hesper Worsted"];
  expect(market?.offers).toEqual([
    expect.objectContaining({ price: 7.5, massG: 100, lengthM: 190, balls: 400 }),
  ]);
  expect(market?.sellers[0]).toMatchObject({ postage: 0 });
  for (const part of [{ price: null }, { label: { ...hesper, putUp: null } }])
    expect(candidateMarkets(withCandidates(typed(part)), nowhere)["Hesper Worsted"]?.offers).toEqual([]);
});

test("what the shelf or the shop has goes before a typed price", () => {
  const [osmuth] = demoProject().swap.candidates;
  if (!osmuth) throw new Error("no candidate");
  const markets = (one: Sources) =>
    candidateMarkets(withCandidates({ ...osmuth, price: 1 }), one)["Osmuth Chunky, barley"];
  expect(markets(sources)?.offers.every(({ sellerId }) => sellerId === "shop")).toBe(true);
  expect(markets(nowhere)?.offers.map(({ price }) => price)).toEqual([1]);
});

test("what is held beside another has a market too, and then no typed price counts for both", () => {
  const lace = labelSchema.parse({
    name: "Gossim Lace",
    colourName: "chalk",
    colour: "#eeeeee",
    putUp: null,
  });
  const markets = candidateMarkets(withCandidates(typed({ beside: { label: lace, strands: 1 } })), sources);
  expect(markets["Gossim Lace, chalk"]?.offers.length).toBeGreaterThan(0);
  expect(markets["Hesper Worsted"]?.offers).toEqual([]);
});
