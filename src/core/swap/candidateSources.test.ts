import { demoShelf } from "@/demo/shelf";
import { priceList } from "@/demo/priceList";
import { demoProject } from "@/demo/slipover";
import { answerTo } from "@testing/anyProject";
import { largeShelf } from "@testing/largeShelf";
import { candidateName, type Candidate } from "../project/candidates";
import { layProject, type KnownLaid } from "../garment/panelLayout";
import { marketOf } from "../order/market";
import { toMetres } from "../units/brands";
import { massOf, texOf, type PutUp } from "../yarn/putUp";
import { candidateSources } from "./candidateSources";
import { compareCandidates, type ComparedCandidate } from "./compareCandidates";

const sources = { entries: demoShelf().entries, shop: priceList };
const TEX = 610;
const found = candidateSources("Tarnock Aran, lichen", TEX, sources).candidates;
const named = (name: string) => found.filter((one) => candidateName(one).startsWith(name));

test("each yarn comes once, the shelf before the shop, and the pattern's own not at all", () => {
  expect(named("Tarnock Aran, lichen")).toEqual([]);
  expect(named("Tarnock Aran, bracken").length).toBeGreaterThan(0);
  expect(named("Vessin Fingering, plum").every(({ from }) => from === "shelf")).toBe(true);
  expect(named("Vessin Fingering, chalk").every(({ from }) => from === "shop")).toBe(true);
  expect(new Set(found.map(({ id }) => id)).size).toBe(found.length);
});

test("a fingering comes in one to four strands and with each lace, a super chunky by itself alone", () => {
  const plum = named("Vessin Fingering, plum").map(candidateName);
  expect(plum).toContain("Vessin Fingering, plum, held triple");
  expect(plum).toContain("Vessin Fingering, plum, held double, with Gossim Lace, chalk");
  expect(named("Brumel Super Chunky").every(({ strands }) => strands === 1)).toBe(true);
  expect(named("Gossim Lace").every(({ beside }) => beside === null)).toBe(true);
});

test("with nothing on the shelf and no shop there is nothing to gather", () => {
  expect(candidateSources("any", TEX, { entries: [], shop: null })).toEqual({
    candidates: [],
    passedOver: 0,
  });
});

test("of a large shelf those with a lace are looked at that come nearest, as many on any shelf, and the rest is told", () => {
  const gathered = (count: number) =>
    candidateSources("any", TEX, { entries: largeShelf(count), shop: null });
  const texOfOne = ({ label, strands, beside }: Candidate) =>
    strands * texOf(label.putUp as PutUp) + (beside ? texOf(beside.label.putUp as PutUp) : 0);
  const small = gathered(60);
  expect(small.passedOver).toBe(0);
  for (const count of [800, 3200]) {
    const { candidates, passedOver } = gathered(count);
    const pairs = candidates.filter(({ beside }) => beside !== null);
    expect(pairs.length).toBeLessThanOrEqual(4000);
    // Those that are too thick to be knitted are not among them.
    const laces = count / 8;
    expect(passedOver).toBeGreaterThanOrEqual(2 * laces * (count - laces) - 4000);
    // Whatever is looked at with a lace is nearer to the wanted thickness than what is not, by brute force.
    const [first] = pairs;
    const lace = first?.beside?.label;
    const mine = pairs.filter(({ beside, strands }) => beside?.label === lace && strands === 1);
    const far = (one: Candidate) => Math.abs(texOfOne(one) - TEX);
    const names = new Set(mine.map(({ label }) => label.name));
    const others = candidates.filter(
      ({ label, strands, beside }) =>
        strands === 1 && beside === null && !names.has(label.name) && (label.putUp?.lengthM ?? 0) < 380,
    );
    const worst = Math.max(...mine.map(far));
    for (const one of others)
      expect(far({ ...one, beside: first?.beside ?? null })).toBeGreaterThanOrEqual(worst - 1e-9);
  }
});

const KNOWN = new Map();
const KEPT: KnownLaid = new Map();

test("columns are told one by one, the pattern's own first, what cannot be calculated in words", () => {
  const project = demoProject();
  const bare: Candidate = { ...(project.swap.candidates[0] as Candidate), id: "bare" };
  const swap = {
    ...project.swap,
    candidates: [...project.swap.candidates, { ...bare, label: { ...bare.label, putUp: null } }],
  };
  const sides: ComparedCandidate[] = [];
  const markets = { "Osmuth Chunky, barley": marketOf("Osmuth Chunky, barley", sources, project.name) };
  const steps = compareCandidates(
    { ...project, swap },
    { layOf: (one) => layProject(one, KNOWN, KEPT), markets, pace: 22, onSide: (side) => sides.push(side) },
  );
  let step = steps.next();
  expect(sides).toHaveLength(1);
  for (; !step.done; step = steps.next()) expect(step.value.share).toBeLessThanOrEqual(1);
  expect(sides.map(({ own }) => own)).toEqual([true, false, false, false]);
  const [own, osmuth, vessin, last] = sides.map(({ compared }) => compared);
  const [first] = answerTo(project).yarns;
  expect(own?.ok && own.outcome.balls).toBe(first.advised.balls);
  // The weighed swatch says that its balls hold less than their band: the headline's weight, not the band's.
  const grams = massOf(toMetres(first.totalMm), first.yarn.putUp);
  expect(own?.ok && own.outcome.strands[0]?.grams).toBeCloseTo(grams, 6);
  expect(osmuth?.ok && osmuth.outcome.cost).toBeGreaterThan(40);
  expect(vessin?.ok && vessin.outcome.cost).toBeNull();
  expect(last).toMatchObject({ ok: false, id: "bare" });
});
