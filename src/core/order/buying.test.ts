import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { demoProject } from "@/demo/slipover";
import { answerTo, cabledBack, projectOf, rectangleOf } from "@testing/anyProject";
import { labelSchema } from "../project/label";
import { orderSchema, type Kit } from "../project/orders";
import type { Project } from "../project/project";
import { newEntry, type ShelfEntry } from "../project/shelf";
import { stockAt } from "@/demo/standIn";
import { shopListSchema, type ShopList } from "../files/shopList";
import { layProject, type KnownLaid } from "../garment/panelLayout";
import { orderAdvice } from "./advice";
import { calculatingGroup, type GroupBalls } from "./group";
import { componentsOf, marketOf, offersIn, projectMarket, sellerOf } from "./market";

const KNOWN = new Map();
const KEPT: KnownLaid = new Map();
const layOf = (project: Project) => layProject(project, KNOWN, KEPT);

const label = labelSchema.parse({
  name: "Tarnock Aran",
  colourName: "lichen",
  colour: "#7a8b6f",
  putUp: { massG: 50, lengthM: 82 },
});

const entry = (given: Partial<ShelfEntry> = {}): ShelfEntry =>
  newEntry("entry", { label, lot: "A", balls: 2, ...given });

const shopOf = (balls: number, given: Partial<ShopList> = {}): ShopList =>
  shopListSchema.parse({
    format: "brenok-shop",
    version: 1,
    name: "A shop",
    postage: 3.9,
    freeFrom: null,
    returnDays: 30,
    at: "",
    yarns: [
      {
        id: "tarnock",
        label,
        putUps: [
          {
            massG: 50,
            lengthM: 82,
            price: 4.9,
            lots: [
              { lot: "B", balls },
              { lot: "C", balls: 3 },
            ],
          },
        ],
      },
    ],
    ...given,
  });

const demo = (given: Partial<Project> = {}): Project => ({ ...demoProject(), ...given });
const yarnId = "yarn-1";
const component = { name: "Tarnock Aran, lichen", strands: 1, key: yarnId };

const advise = (
  project: Project,
  { entries = [], shop = shopOf(40) }: { entries?: readonly ShelfEntry[]; shop?: ShopList | null },
) => {
  const advice = orderAdvice(project, answerTo(project), {
    yarnId,
    market: projectMarket(project, component, { entries, shop }),
  });
  if (!advice) throw new Error("the yarn is not used");
  return advice;
};

test("with one put-up and one lot the plan is what the answer advises, and its chance", () => {
  const project = demo();
  const [{ advised }] = answerTo(project).yarns;
  const { plan } = advise(project, {});
  expect(plan).toMatchObject({ balls: advised.balls, lots: ["B"] });
  expect(plan?.chance).toBeCloseTo(advised.chance, 9);
  expect(plan?.cost).toBeCloseTo(4.9 * advised.balls + 3.9, 9);
});

test("each step up is surer and dearer, the step down less sure and cheaper", () => {
  const back = cabledBack({ measured: { widthMm: null, stitches: null } });
  const named = back.yarns.map((yarn) => ({ ...yarn, name: "Tarnock Aran, lichen" }));
  const { plan, steps } = advise({ ...back, yarns: named, gauge: { ...back.gauge, source: "band" } }, {});
  expect(steps.length).toBeGreaterThan(1);
  for (const step of steps) {
    const surer = step.plan.chance > (plan?.chance ?? 0);
    expect(Math.sign(step.costs)).toBe(surer ? 1 : -1);
    expect(step.balls).toBe(step.plan.balls - (plan?.balls ?? 0));
  }
  expect(steps.some(({ costs, balls }) => balls === 1 && Math.abs(costs - 4.9) < 1e-9)).toBe(true);
});

test("what is lacking is told where the shop has too few", () => {
  const { plan, shortage } = advise(demo(), { shop: shopOf(4) });
  expect(plan).toBeNull();
  expect(shortage).toMatchObject({ balls: 7 });
  expect(shortage?.lackingM).toBeGreaterThan(100);
});

test("mixing lots is offered where it saves, and taken where it is wished for", () => {
  const entries = [entry({ lot: "A", balls: 4 })];
  const few = advise(demo(), { entries });
  expect(few.plan?.lots).toEqual(["B"]);
  expect(few.mixed?.costs).toBeCloseTo(-4 * 4.9, 6);
  const any = advise(demo({ order: { ...orderSchema.parse(undefined), lots: "any" } }), { entries });
  expect(any.plan?.lots).toHaveLength(2);
  expect(any.mixed).toBeNull();
});

test("what is left over would still make something small, if it is enough for that", () => {
  const { leftM, makes } = advise(demo(), {});
  expect(leftM).toBeGreaterThan(20);
  for (const { needM } of makes) expect(needM).toBeLessThanOrEqual(leftM);
  const much = orderAdvice(demo(), answerTo(demo()), {
    yarnId,
    market: projectMarket(demo(), component, {
      entries: [],
      shop: shopOf(2, {
        yarns: [
          {
            id: "t",
            label,
            putUps: [{ massG: 1000, lengthM: 1640, price: 60, lots: [{ lot: "B", balls: 2 }] }],
          },
        ],
      }),
    }),
  });
  expect(much?.makes.map(({ id }) => id)).toContain("hat");
});

test("a yarn that is not used is not bought", () => {
  const project = demo();
  expect(
    orderAdvice(project, answerTo(project), {
      yarnId: "nobody",
      market: projectMarket(project, component, { entries: [], shop: null }),
    }),
  ).toBeNull();
});

test("the market holds free whole balls, parts worth a join, the shop's lots and what was typed", () => {
  const entries = [
    entry({
      id: "a",
      balls: 5,
      partsG: [30, 2],
      reserved: [
        { project: "Cap", balls: 2 },
        { project: "Harrow slipover", balls: 1 },
      ],
    }),
    entry({ id: "b", label: { ...label, colourName: "moss" } }),
    entry({ id: "c", label: { ...label, putUp: null } }),
  ];
  const typed = { id: "typed", yarnId, lot: "Z", massG: 100, lengthM: 164, price: 9, balls: 3 };
  const order = {
    ...orderSchema.parse(undefined),
    offers: [typed, { ...typed, yarnId: "other" }],
    own: { name: "Corner shop", postage: 2, freeFrom: 30 },
  };
  const { offers, sellers } = projectMarket(demo({ order }), component, { entries, shop: shopOf(9) });
  expect(offers.map(({ id, balls }) => `${id} x ${balls}`)).toEqual([
    "a x 3",
    "a part 0 x 1",
    "tarnock 50 B x 9",
    "tarnock 50 C x 3",
    "typed x 3",
  ]);
  expect(offers[1]?.lengthM).toBeCloseTo(49.2, 9);
  expect(sellers.at(-1)).toMatchObject({ name: "Corner shop", postage: 2, freeFrom: 30 });
  const without = projectMarket(
    demo({ order: { ...order, shelf: false, shop: false, offers: [] } }),
    component,
    { entries, shop: shopOf(9) },
  );
  expect(without.offers).toEqual([]);
  expect(marketOf("tarnock  ARAN (Lichen)", { entries, shop: null }, "").offers).toHaveLength(2);
});

test("the stand-in's stock is the same for everybody in the same minutes, and never more than it has", () => {
  fc.assert(
    fc.property(fc.date({ noInvalidDate: true }), fc.integer({ min: 0, max: 80 }), (time, balls) => {
      const list = shopOf(balls);
      const now = stockAt(list, time);
      const again = stockAt(list, time);
      expect(now).toEqual(again);
      const [before, after] = [offersIn(list, "Tarnock Aran, lichen"), offersIn(now, "Tarnock Aran, lichen")];
      for (const [index, offer] of after.entries()) {
        expect(offer.balls).toBeLessThanOrEqual(before[index]?.balls ?? 0);
        expect(offer.balls).toBeGreaterThanOrEqual((3 * (before[index]?.balls ?? 0)) / 4);
      }
    }),
  );
  const hours = [0, 1, 2, 3].map((hour) =>
    JSON.stringify(stockAt(shopOf(40), new Date(Date.UTC(2026, 0, 1, hour))).yarns),
  );
  expect(new Set(hours).size).toBeGreaterThan(1);
  expect(sellerOf(shopOf(1))).toMatchObject({ id: "shop", postage: 3.9, returnDays: 30 });
});

const kit = (id: string, count: number, given: Partial<Kit> = {}): Kit => ({
  id,
  name: id,
  count,
  acrossMm: null,
  alongMm: null,
  ...given,
});

function groupOf(project: Project, kits: readonly Kit[]): GroupBalls {
  const steps = calculatingGroup(
    { ...project, order: { ...project.order, kits: [...kits] } },
    { yarnId, layOf },
  );
  const shares: number[] = [];
  let step = steps.next();
  for (; !step.done; step = steps.next()) shares.push(step.value.share);
  expect(shares).toEqual(shares.toSorted((a, b) => a - b));
  if (!step.value.ok) throw new Error(sentence(step.value.message));
  return step.value.group;
}

const cap = projectOf(
  [rectangleOf({ content: "ground", ground: "stockinette", rows: 60 })].map((piece) => ({
    ...piece,
    sections: piece.sections.map((section) =>
      section.kind === "castOn" ? { ...section, stitches: 96 } : section,
    ),
  })),
  {
    yarns: projectOf([]).yarns.map((yarn) => ({ ...yarn, putUp: { massG: 25, lengthM: 41 } })),
  },
);

test("a group needs fewer balls than its kits by themselves, and never fewer than most likely", () => {
  const group = groupOf(cap, [kit("small", 6), kit("large", 6, { acrossMm: 560 })]);
  const [small, large] = group.kits;
  expect(large?.needM).toBeGreaterThan(small?.needM ?? 0);
  expect(large?.acrossMm).toBeCloseTo(560, -1);
  expect(group.apart).toBe(6 * (small?.balls ?? 0) + 6 * (large?.balls ?? 0));
  expect(group.together).toBeLessThan(group.apartForAll);
  expect(group.allEnough).toBeLessThan(0.95);
  expect(group.chance).toBeGreaterThanOrEqual(0.95);
  const likely = 6 * ((small?.needM ?? 0) + (large?.needM ?? 0));
  expect(group.together * 41).toBeGreaterThan(likely);
});

test("one kit alone needs what the group needs; the same group is told the same again", () => {
  const one = groupOf(cabledBack(), [kit("one", 1)]);
  expect(one.together).toBe(one.apart);
  expect(one.apartForAll).toBe(one.apart);
  expect(groupOf(cap, [kit("a", 4)])).toEqual(groupOf(cap, [kit("a", 4)]));
});

test("no kits, and a size that cannot be, are told", () => {
  const told = (kits: readonly Kit[]) => {
    const steps = calculatingGroup({ ...cap, order: { ...cap.order, kits: [...kits] } }, { yarnId, layOf });
    let step = steps.next();
    while (!step.done) step = steps.next();
    return step.value.ok ? "calculated" : sentence(step.value.message);
  };
  expect(told([])).toMatch(/Add kits first/);
  const empty = projectOf([rectangleOf({ rows: null })]);
  const steps = calculatingGroup(
    { ...empty, order: { ...empty.order, kits: [kit("one", 1)] } },
    { yarnId, layOf },
  );
  const end = steps.next();
  expect(end.done && !end.value.ok && sentence(end.value.message)).toMatch(/one cannot be worked/);
});

test("yarns that are held together are bought each by itself, their balls as far as they go", () => {
  const held = {
    strands: 2,
    putUp: { massG: 50, lengthM: 82 },
    beside: { label: { ...label, name: "Moth Lace" }, strands: 1 },
  };
  const [yarn] = demo().yarns;
  if (!yarn) throw new Error("no yarn");
  const [first, second] = componentsOf({ ...yarn, held });
  expect(first).toEqual({ name: "Tarnock Aran, lichen", strands: 2, key: "yarn-1" });
  expect(second).toEqual({ name: "Moth Lace, lichen", strands: 1, key: "yarn-1 beside" });
  const { offers } = projectMarket(demo(), first, { entries: [entry()], shop: null });
  expect(offers).toMatchObject([{ balls: 2, massG: 50, lengthM: 41 }]);
  expect(componentsOf(yarn)).toHaveLength(1);
});
