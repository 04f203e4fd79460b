/** What an exact plan of a purchase costs: six put-ups in eight lots, sixty balls of each, for about sixty balls. */
import { normalsFrom } from "@/core/forecast/draws";
import { enoughOf } from "@/core/order/enough";
import type { Offer, Seller } from "@/core/order/offers";
import { planOrder } from "@/core/order/plan";
import { usingUp } from "@/core/order/useUp";
import { layProject } from "@/core/garment/panelLayout";
import type { Project } from "@/core/project/project";
import { toEnd } from "@/core/steps";
import { demoProject } from "@/demo/slipover";
import { timesOf } from "./times";

const PUT_UPS = [
  { massG: 25, lengthM: 41, price: 2.6 },
  { massG: 50, lengthM: 82, price: 4.9 },
  { massG: 50, lengthM: 85, price: 5.1 },
  { massG: 100, lengthM: 165, price: 9.4 },
  { massG: 150, lengthM: 246, price: 14.2 },
  { massG: 200, lengthM: 328, price: 18.6 },
];
const LOTS = ["A", "B", "C", "D", "E", "F", "G", "H"];

const offersOf = (balls: number, priceOf: (putUp: (typeof PUT_UPS)[number], lot: number) => number) =>
  LOTS.flatMap((lot, lotIndex) =>
    PUT_UPS.map((putUp, index): Offer => ({
      id: `${lot}${index}`,
      sellerId: "shop",
      lot,
      ...putUp,
      price: priceOf(putUp, lotIndex),
      balls,
    })),
  );

const shop = (freeFrom: number | null): Seller => ({
  id: "shop",
  name: "A shop",
  postage: 4.9,
  freeFrom,
  returnDays: null,
});

const needs = normalsFrom(3).map((normal) => 4_800_000 * Math.exp(0.07 * normal));
const putUps = normalsFrom(5).map((normal) => 0.02 * normal);

const told = async (name: string, offers: readonly Offer[], lots: "few" | "any", freeFrom: number | null) => {
  let cost = 0;
  const { medianMs, p95Ms } = await timesOf(() => {
    const enough = enoughOf(needs, putUps);
    const ordered = planOrder({ offers, sellers: [shop(freeFrom)], enough, chance: 0.95, lots });
    cost = ordered.ok ? ordered.plan.cost : NaN;
  });
  console.log(`${name}: ${medianMs.toFixed(1)} ms, p95 ${p95Ms.toFixed(1)} ms (costs ${cost.toFixed(2)})`);
};

const dearer = ({ price }: { readonly price: number }, lot: number) => price + lot / 100;
await told("60 of each, one lot", offersOf(60, dearer), "few", null);
await told("60 of each, any lots", offersOf(60, dearer), "any", null);
await told("60 of each, any lots, free post from 400", offersOf(60, dearer), "any", 400);
await told("8 of each, so that lots must be mixed", offersOf(8, dearer), "few", null);
await told("3 of each, so that three lots must be mixed", offersOf(3, dearer), "few", null);
const alike = ({ lengthM }: { readonly lengthM: number }) => Math.round(lengthM * 6) / 100;
await told("60 of each, all of one price a metre", offersOf(60, alike), "few", null);
await told("60 of each, one price a metre, free post a little further on", offersOf(60, alike), "few", 345);
const grams = ({ massG }: { readonly massG: number }) => massG / 10;
await told("60 of each, all of one price a gram, any lots", offersOf(60, grams), "any", null);

/** The demo's ropes of the back as long as nine balls last; each run is of a project that nothing is known of. */
const known = new Map();
const layOf = (project: Project) => layProject(project, known);
const freed = { by: "length", sections: [{ pieceId: "back", sectionId: "back/ropes" }] } as const;
let repeats: number | undefined;
const { medianMs, p95Ms } = await timesOf(() => {
  const demo = structuredClone({ ...demoProject(), log: [] });
  const used = toEnd(usingUp(demo, { freed, inHand: [{ yarnId: "yarn-1", lengthM: 738, balls: 9 }] }, layOf));
  repeats = used?.found?.count;
}, 2000);
console.log(
  `The demo as long as nine balls last: ${medianMs.toFixed(0)} ms, p95 ${p95Ms.toFixed(0)} ms (${repeats ?? "no"} repeats)`,
);
