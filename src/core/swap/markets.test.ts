import { priceList } from "@/demo/priceList";
import { demoShelf } from "@/demo/shelf";
import { demoProject } from "@/demo/slipover";
import { candidateSchema, type Candidate } from "../project/candidates";
import { labelSchema } from "../project/label";
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

test("a typed price is one more place to buy, with its seller and postage, beside the shop", () => {
  const [osmuth] = demoProject().swap.candidates;
  if (!osmuth) throw new Error("no candidate");
  const seller = { name: "Corrie Wools", postage: 9.5, freeFrom: 80 };
  const markets = (one: Sources) =>
    candidateMarkets(withCandidates({ ...osmuth, price: 1, seller }), one)["Osmuth Chunky, barley"];
  const sellers = markets(sources)?.sellers.map(({ name, postage }) => `${name} ${postage}`);
  expect(sellers).toContain("Corrie Wools 9.5");
  expect(new Set(markets(sources)?.offers.map(({ price }) => price === 1))).toEqual(new Set([true, false]));
  expect(markets(nowhere)?.offers.map(({ price }) => price)).toEqual([1]);
});

test("what was typed in for the pattern's own yarn counts on Swap as on Order", () => {
  const demo = demoProject();
  const offer = { id: "a", yarnId: "yarn-1", lot: "7", massG: 50, lengthM: 82, price: 3.2, balls: 20 };
  const own = { name: "Corrie Wools", postage: 4, freeFrom: null };
  const project = { ...demo, order: { ...demo.order, shop: false, shelf: false, own, offers: [offer] } };
  const market = candidateMarkets(project, sources)["Tarnock Aran, lichen"];
  expect(market?.offers).toMatchObject([{ price: 3.2, balls: 20 }]);
  expect(market?.sellers.at(-1)).toMatchObject({ name: "Corrie Wools", postage: 4 });
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
