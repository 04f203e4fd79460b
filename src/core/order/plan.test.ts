import fc from "fast-check";
import { normalsFrom, uniformsFrom } from "../forecast/draws";
import { postageOf } from "./cover";
import { enoughOf, isEnough, valueOfRank, type Enough } from "./enough";
import { lotOf, type Offer, type Seller } from "./offers";
import { planOrder, type OrderQuestion } from "./plan";

/** A project that needs about so many metres, a tenth more or less. */
const aboutM = (metres: number, draws = 400) =>
  enoughOf(
    normalsFrom(7, draws).map((normal) => metres * 1000 * Math.exp(0.1 * normal)),
    normalsFrom(11, draws).map((normal) => 0.02 * normal),
  );

const forSure = (metres: number) => enoughOf(new Float64Array(4).fill(metres * 1000), null);

const shop = (given: Partial<Seller> = {}): Seller => ({
  id: "shop",
  name: "A shop",
  postage: 0,
  freeFrom: null,
  returnDays: null,
  ...given,
});

let made = 0;
const offer = (given: Partial<Offer>): Offer => ({
  id: `offer-${(made += 1)}`,
  sellerId: "shop",
  lot: "A",
  massG: 50,
  lengthM: 80,
  price: 5,
  balls: 10,
  ...given,
});

const ask = (given: Partial<OrderQuestion>): OrderQuestion => ({
  offers: [],
  sellers: [shop()],
  enough: forSure(200),
  chance: 0.95,
  lots: "few",
  ...given,
});

function planFor(given: Partial<OrderQuestion>) {
  const ordered = planOrder(ask(given));
  if (!ordered.ok) throw new Error(JSON.stringify(ordered.shortage));
  return ordered.plan;
}

const told = ({ lines }: ReturnType<typeof planFor>) =>
  lines.map(({ offer: { lot, lengthM }, balls }) => `${balls} x ${lengthM} ${lot}`);

test("two balls of 50 m lack the yarn of their join where one of 100 m is enough", () => {
  const enough = forSure(100);
  expect(enough.chanceOf(100, 1)).toBe(1);
  expect(enough.chanceOf(100, 2)).toBe(0);
  expect(enough.lengthFor(2, 0.5)).toBeCloseTo(100.3, 9);
});

test("one lot is taken whole, though balls of two would be cheaper; any lots if that is what is asked", () => {
  const offers = [offer({ lot: "A", balls: 2, price: 5 }), offer({ lot: "B", balls: 4, price: 6 })];
  expect(told(planFor({ offers }))).toEqual(["3 x 80 B"]);
  const mixed = planFor({ offers, lots: "any" });
  expect(told(mixed)).toEqual(["2 x 80 A", "1 x 80 B"]);
  expect(mixed.cost).toBe(16);
});

test("what lies on the shelf costs nothing, but is left there where it would mix lots", () => {
  const sellers = [shop({ postage: 4 }), shop({ id: "shelf" })];
  const shelved = offer({ sellerId: "shelf", lot: "A", price: 0, balls: 1 });
  const same = [shelved, offer({ lot: "A", balls: 9 })];
  expect(planFor({ offers: same, sellers })).toMatchObject({ cost: 14, postage: 4, balls: 3 });
  const other = [shelved, offer({ lot: "B", balls: 9 })];
  expect(told(planFor({ offers: other, sellers }))).toEqual(["3 x 80 B"]);
});

test("balls of unknown lots match only those that lie with them", () => {
  const [one, two] = [offer({ lot: "", balls: 2 }), offer({ lot: "", balls: 2 })];
  expect(planFor({ offers: [one, two] }).lots).toHaveLength(2);
});

test("a ball more is bought where that saves the postage", () => {
  const sellers = [shop({ postage: 6, freeFrom: 20 })];
  const plan = planFor({ offers: [offer({})], sellers });
  expect(plan).toMatchObject({ balls: 4, cost: 20, postage: 0 });
});

test("a larger ball is cheaper, and a small one beside it cheaper than two large ones", () => {
  const offers = [offer({ lengthM: 160, massG: 100, price: 9 }), offer({ lengthM: 50, massG: 30, price: 4 })];
  expect(planFor({ offers })).toMatchObject({ balls: 2, cost: 13, massG: 130 });
});

test("what is lacking is told where all there is is not enough", () => {
  const ordered = planOrder(ask({ offers: [offer({ balls: 2 })] }));
  if (ordered.ok) throw new Error("enough");
  expect(ordered.shortage).toMatchObject({ balls: 2, chance: 0 });
  expect(ordered.shortage.lackingM).toBeCloseTo(40.3, 6);
});

test("dozens of odd balls, each of a lot of its own, are planned soon, and told where not all was looked at", () => {
  const odd = (price: (index: number) => number) =>
    Array.from({ length: 30 }, (_, index) =>
      offer({ id: `odd-${index}`, lot: "", balls: 1, lengthM: 60 + index, price: price(index) }),
    );
  const free = planFor({ offers: odd(() => 0), enough: forSure(900) });
  expect(free).toMatchObject({ cost: 0, exact: true });
  expect(free.lots).toHaveLength(11);
  const paid = planFor({ offers: odd((index) => 4 + ((index * 7) % 5) / 10), enough: forSure(900) });
  expect(paid.lots).toHaveLength(11);
  expect(paid.chance).toBe(1);
});

test("a wish that nobody can buy more for is told as lacking all of it", () => {
  expect(planOrder(ask({}))).toMatchObject({ ok: false, shortage: { balls: 0, chance: 0 } });
});

const anyOffer = (index: number): fc.Arbitrary<Offer> =>
  fc
    .record({
      sellerId: fc.constantFrom("shop", "other", "shelf"),
      lot: fc.constantFrom("A", "B", "C", ""),
      lengthM: fc.constantFrom(41, 82, 82, 100, 165),
      cents: fc.integer({ min: 0, max: 900 }),
      balls: fc.integer({ min: 0, max: 3 }),
    })
    .map(({ cents, ...rest }) => ({
      ...rest,
      id: `offer-${index}`,
      massG: rest.lengthM / 2,
      price: rest.sellerId === "shelf" ? 0 : cents / 100,
    }));

const anySeller = (id: string): fc.Arbitrary<Seller> =>
  fc
    .record({
      cents: fc.integer({ min: 0, max: 600 }),
      freeFrom: fc.option(fc.integer({ min: 5, max: 25 }), { nil: null }),
    })
    .map(({ cents, freeFrom }) => shop({ id, postage: cents / 100, freeFrom }));

const anyQuestion: fc.Arbitrary<OrderQuestion> = fc.record({
  offers: fc
    .integer({ min: 1, max: 5 })
    .chain((count) => fc.tuple(...Array.from({ length: count }, (_, index) => anyOffer(index)))),
  sellers: fc.tuple(anySeller("shop"), anySeller("other"), fc.constant(shop({ id: "shelf" }))),
  enough: fc.integer({ min: 30, max: 600 }).map((needM) => aboutM(needM, 60)),
  chance: fc.constantFrom(0.5, 0.8, 0.95, 0.99),
  lots: fc.constantFrom("few" as const, "any" as const),
});

/** Every way to buy, one after the other. */
function* ways(offers: readonly Offer[]): Generator<readonly number[]> {
  const [first, ...rest] = offers;
  if (!first) return yield [];
  for (let balls = 0; balls <= first.balls; balls += 1)
    for (const others of ways(rest)) yield [balls, ...others];
}

const costOf = (counts: readonly number[], { offers, sellers }: OrderQuestion) =>
  sellers.reduce((sum, seller) => {
    const spent = offers.reduce(
      (paid, { sellerId, price }, index) =>
        sellerId === seller.id ? paid + price * (counts[index] ?? 0) : paid,
      0,
    );
    return sum + spent + postageOf(seller, spent);
  }, 0);

/** The best of all ways, by trying each: fewest lots where that is asked, cost, length. */
function byForce(question: OrderQuestion) {
  const { offers, enough, chance, lots } = question;
  let best: { lots: number; cost: number; lengthM: number } | null = null;
  for (const counts of ways(offers)) {
    const balls = counts.reduce((sum, count) => sum + count, 0);
    const lengthM = offers.reduce((sum, one, index) => sum + one.lengthM * (counts[index] ?? 0), 0);
    if (enough.chanceOf(lengthM, balls) < chance) continue;
    const used = new Set(offers.filter((_, index) => (counts[index] ?? 0) > 0).map(lotOf)).size;
    const way = { lots: lots === "few" ? used : 0, cost: costOf(counts, question), lengthM };
    if (!best || isBefore(way, best)) best = way;
  }
  return best;
}

type Way = NonNullable<ReturnType<typeof byForce>>;

function isBefore(one: Way, other: Way): boolean {
  if (one.lots !== other.lots) return one.lots < other.lots;
  if (Math.abs(one.cost - other.cost) > 1e-3) return one.cost < other.cost;
  return one.lengthM < other.lengthM - 1e-6;
}

test("over random small shops no way is better than the plan", () => {
  fc.assert(
    fc.property(anyQuestion, (question) => {
      const best = byForce(question);
      const ordered = planOrder(question);
      expect(ordered.ok).toBe(best !== null);
      if (!ordered.ok || !best) return;
      const { plan } = ordered;
      expect(plan.chance).toBeGreaterThanOrEqual(question.chance);
      expect(plan.cost).toBeCloseTo(best.cost, 6);
      expect(plan.exact).toBe(true);
      if (plan.lots.length <= 3 || question.lots === "any") expect(plan.lengthM).toBeCloseTo(best.lengthM, 6);
      if (question.lots === "few") expect(plan.lots).toHaveLength(best.lots);
      for (const { offer: bought, balls } of plan.lines) expect(balls).toBeLessThanOrEqual(bought.balls);
    }),
    { numRuns: 400 },
  );
});

test("the value of a rank is that of the sorted values", () => {
  fc.assert(
    fc.property(fc.array(fc.double({ noNaN: true }), { minLength: 1 }), fc.nat(), (values, any) => {
      const rank = any % values.length;
      const sorted = Float64Array.from(values).sort();
      expect(valueOfRank(Float64Array.from(values), rank)).toBe(sorted[rank]);
    }),
  );
});

test("the length for a chance is the least that has it", () => {
  fc.assert(
    fc.property(fc.integer({ min: 20, max: 900 }), fc.integer({ min: 1, max: 30 }), (needM, balls) => {
      const enough: Enough = aboutM(needM, 100);
      for (const chance of [0.5, 0.8, 0.95, 1]) {
        const least = enough.lengthFor(balls, chance);
        const bounds = enough.boundsFor(balls, chance);
        expect(bounds.least).toBeLessThanOrEqual(least + 1e-9);
        expect(bounds.most).toBeGreaterThanOrEqual(least - 1e-9);
        expect(isEnough(enough, { lengthM: least, balls, chance })).toBe(true);
        expect(isEnough(enough, { lengthM: least - 0.001, balls, chance })).toBe(false);
        expect(enough.chanceOf(least, balls)).toBeGreaterThanOrEqual(chance);
        expect(enough.chanceOf(least - 0.001, balls)).toBeLessThan(chance);
      }
    }),
  );
});

describe("planning ends, however much could be mixed", () => {
  const enough = enoughOf(Float64Array.of(2_000_000), null);
  const uniform = uniformsFrom(7);
  const oddBalls = Array.from({ length: 60 }, (_, index) => ({
    id: `odd ${index}`,
    sellerId: "shop",
    lot: `${index}`,
    massG: 50,
    lengthM: 20 + Math.round(600 * uniform()) / 10,
    price: 2 + Math.round(500 * uniform()) / 100,
    balls: 1,
  }));
  const shop = { id: "shop", name: "A shop", postage: 5, freeFrom: null, returnDays: null };
  const putUps = Array.from({ length: 40 }, (_, index) => ({
    ...(oddBalls[index] as (typeof oddBalls)[number]),
    lot: "one",
    lengthM: 30 + 3.7 * index,
    price: 0.06 * (30 + 3.7 * index),
    balls: 10,
  }));

  test.each([
    ["sixty odd balls, as few lots as can be", oddBalls, shop, "few"],
    ["sixty odd balls, any lots", oddBalls, shop, "any"],
    ["forty put-ups at one price a metre, free post further on", putUps, { ...shop, freeFrom: 150 }, "any"],
  ] as const)("%s: a plan that is enough, with what any costs at least", (_, offers, seller, lots) => {
    const ordered = planOrder({ offers, sellers: [seller], enough, chance: 0.95, lots });
    if (!ordered.ok) throw new Error("short");
    const { plan } = ordered;
    expect(plan.chance).toBe(1);
    expect(plan.lines.reduce((sum, { balls, offer }) => sum + balls * offer.lengthM, 0)).toBeCloseTo(
      plan.lengthM,
      6,
    );
    expect(plan.atLeast).toBeLessThanOrEqual(plan.cost + 1e-9);
    expect(plan.cost).toBeLessThan(1.1 * plan.atLeast + seller.postage + 3);
  });
});
