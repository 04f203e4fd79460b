import { english } from "../words/english";
import { tell } from "../words/tell";
import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { demoProject as knittedDemo } from "@/demo/slipover";
import { answerTo, anyProject, cabledBack, projectOf, rectangleOf } from "@testing/anyProject";
import { newSwatch } from "../project/swatches";
import { candidateName, candidateSchema, KEEPS, type Candidate, type Keep } from "../project/candidates";
import type { Project } from "../project/project";
import { newSection } from "../project/sections";
import { forecastProject, calculateProject } from "../forecast/projectForecast";
import { layProject, type KnownLaid } from "../garment/panelLayout";
import { checkProject } from "../files/projectFile";
import { assumedGauge } from "../yarn/thickness";
import { compare, outcomeOf, patternFigures, type Comparison, type Outcome } from "./outcome";
import { inOrder } from "./ranked";
import { quickly, rankBasis, ranking } from "./rank";
import { candidateClarity } from "./candidateClarity";
import { swapProject } from "./swapProject";
import { ownCandidate } from "./candidateYarn";
import { takenUp } from "./takeUp";
import { verdictOf } from "./verdict";

/** The demo before its first row: what was weighed on the needles is the pattern's own yarn alone. */
const demoProject = (): Project => ({ ...knittedDemo(), log: [] });
const newYarn = { id: "new yarn", at: 9e15 };

const KNOWN = new Map();
const KEPT: KnownLaid = new Map();
const layOf = (project: Project) => layProject(project, KNOWN, KEPT);
const comparison = (given: Partial<Comparison> = {}): Comparison => ({
  keep: "size",
  layOf,
  offersOf: () => ({ offers: [], sellers: [] }),
  pace: 22,
  ...given,
});

type Given = Partial<Omit<Candidate, "label">> & { readonly label?: Partial<Candidate["label"]> };

const candidate = ({ label, ...given }: Given = {}): Candidate =>
  candidateSchema.parse({
    id: "candidate",
    label: { name: "Fennel Fingering", colour: "#5a7a9a", putUp: { massG: 50, lengthM: 210 }, ...label },
    ...given,
  });

function ownOf(project: Project): Candidate {
  const own = ownCandidate(project);
  if (!own) throw new Error("no yarn");
  return own;
}

function figuresOf(project: Project, given: Partial<Comparison> = {}) {
  const figures = patternFigures(project, ownOf(project), comparison(given));
  if (!figures) throw new Error("no answer");
  return figures;
}

function outcome(project: Project, of: Candidate, given: Partial<Comparison> = {}): Outcome {
  const compared = compare(project, of, figuresOf(project, given), comparison(given));
  if (!compared.ok) throw new Error(sentence(compared.message));
  return compared.outcome;
}

const chunky = candidate({
  id: "chunky",
  label: {
    name: "Osmuth Chunky",
    putUp: { massG: 100, lengthM: 110 },
    stitchesPer10Cm: 13.5,
    rowsPer10Cm: 18.5,
    needleMm: 6.5,
  },
});
const triple = candidate({ strands: 3 });

test.each(KEEPS)("swapped for itself, keeping the %s, the demo is what it was to the last figure", (keep) => {
  const project = demoProject();
  const own = figuresOf(project, { keep });
  expect(outcome(project, ownOf(project), { keep })).toEqual(outcomeOf(own, own, "Tarnock Aran, lichen"));
});

test("any project swapped for its own yarn has the same yarn, balls and chances", () => {
  fc.assert(
    fc.property(anyProject, fc.constantFrom(...KEEPS), (project, keep) => {
      const before = forecastProject(project, layOf(project));
      const so = swapProject(project, ownOf(project), { keep, layOf });
      if (!before.known) return;
      const after = so && forecastProject(so, layOf(so));
      if (!after?.known) throw new Error("no answer any more");
      expect(after.estimate.lines).toEqual(before.estimate.lines);
      expect(after.yarns.map(({ advised, chances }) => ({ advised, chances }))).toEqual(
        before.yarns.map(({ advised, chances }) => ({ advised, chances })),
      );
    }),
    { numRuns: 12 },
  );
});

test("two strands of half the thickness are one, in every figure", () => {
  const project = demoProject();
  const one = candidate({ label: { putUp: { massG: 100, lengthM: 160 } } });
  const two = candidate({ strands: 2, label: { putUp: { massG: 100, lengthM: 320 } } });
  for (const keep of KEEPS) {
    const [single, double] = [outcome(project, one, { keep }), outcome(project, two, { keep })];
    // Strands that lie side by side are not one round strand: that alone is seen.
    const { clarity, name, strands, project: knitted } = single;
    const unheld = {
      ...double.project,
      yarns: double.project.yarns.map((yarn) => ({ ...yarn, held: null })),
    };
    expect({ ...double, clarity, name, strands, project: knitted }).toEqual(single);
    expect(unheld).toEqual(knitted);
    expect(double.strands[0]?.metres).toBe(2 * (single.strands[0]?.metres ?? 0));
    expect(double.strands[0]?.balls).toBe(single.strands[0]?.balls);
  }
});

test("at the same finished size a thicker yarn never needs more metres", () => {
  const plain = projectOf([
    rectangleOf({ content: "ground", ground: "stockinette", by: "length", lengthMm: 500, rows: null }),
  ]);
  const wide = {
    ...plain,
    pieces: plain.pieces.map((piece) => ({
      ...piece,
      sections: piece.sections.map((section) =>
        section.kind === "castOn" ? { ...section, stitches: 100 } : section,
      ),
    })),
  };
  for (const project of [wide, cabledBack({ measured: { widthMm: null, stitches: null } })]) {
    const needs = [600, 420, 300, 220, 160, 110, 75].map((lengthM) => {
      const { needM, acrossMm, alongMm } = outcome(
        project,
        candidate({ label: { putUp: { massG: 100, lengthM } } }),
      );
      return needM / (acrossMm * alongMm);
    });
    expect(needs).toEqual(needs.toSorted((a, b) => b - a));
  }
});

test("keeping the size finds counts that bring it; keeping the stitches tells the size that comes out", () => {
  const project = demoProject();
  for (const yarn of [chunky, triple]) {
    const kept = outcome(project, yarn);
    expect(Math.abs(kept.offAcrossMm)).toBeLessThan(12);
    expect(Math.abs(kept.offAlongMm)).toBeLessThan(12);
    expect(kept.castOn).toBeLessThan(94);
    const same = outcome(project, yarn, { keep: "stitches" });
    expect(same).toMatchObject({ castOn: 94, rows: 164, across: { count: 11, things: "ropes" } });
    expect(same.offAcrossMm).toBeGreaterThan(60);
    expect(same.hours).toBeCloseTo(figuresOf(project).hours, 1);
  }
});

test("a substitute is a whole project: its file can be opened, and nothing of it is left out", () => {
  for (const keep of KEEPS)
    for (const yarn of [chunky, triple]) {
      const so = swapProject(demoProject(), yarn, { keep, layOf });
      if (!so) throw new Error("no project");
      expect(checkProject(JSON.parse(JSON.stringify(so)))).toEqual({ ok: true, project: so });
      const answer = answerTo(so);
      expect(answer.findings.filter(({ leftOut }) => leftOut)).toEqual([]);
    }
});

test("needles follow the yarn, ribs keep their depth, and a tape of the former yarn is forgotten", () => {
  const so = swapProject(cabledBack(), chunky, { keep: "size", layOf });
  const [piece] = so?.pieces ?? [];
  expect(so?.needleMm).toBe(6.5);
  for (const section of piece?.sections ?? [])
    if (section.kind === "fabric") expect(section.measured).toEqual({ widthMm: null, stitches: null });
  const demo = swapProject(demoProject(), chunky, { keep: "size", layOf });
  const rib = demo?.pieces[0]?.sections[1];
  // Odd as it was: a row more or fewer below the cables would put their crossings on the wrong side.
  expect(rib).toMatchObject({ rows: 13, needleMm: 6 });
});

test("a candidate with a swatch of its own uses it, and those of the pattern's yarn do not speak for it", () => {
  const project = demoProject();
  const unswatched = outcome(project, chunky);
  expect(unswatched.swatched).toBe(false);
  expect(unswatched.sources.width).toBe("band");
  const swatch = newSwatch("of-chunky", {
    yarnId: "chunky",
    stitches: 20,
    rows: 26,
    finished: { widthMm: 100, stitches: 13, heightMm: 100, rows: 18 },
    massG: 24,
    scaleStepG: 0.1,
  });
  const swatched = outcome({ ...project, swatches: [...project.swatches, swatch] }, chunky);
  expect(swatched).toMatchObject({ swatched: true, sources: { width: "measured" } });
  expect(swatched.gauge.stitchesPer10Cm).toBeLessThan(13.4);
  const width = ({ spreadM: [low, high] }: Outcome) => high / low;
  expect(width(swatched)).toBeLessThan(width(unswatched));
});

test("a band speaks for one strand alone: held triple, the gauge is that of such a strand", () => {
  const banded = { stitchesPer10Cm: 28, rowsPer10Cm: 38, needleMm: 3 };
  const { gauge, sources } = outcome(demoProject(), candidate({ strands: 3, label: banded }));
  expect(gauge.stitchesPer10Cm).toBeCloseTo(
    assumedGauge({ massG: 150, lengthM: 210 } as never).stitchesPer10Cm,
    9,
  );
  expect(sources).toEqual({ width: "assumed", height: "assumed", needle: "assumed" });
});

test("a fingering with a lace needs balls of both", () => {
  const beside = {
    label: { ...candidate().label, name: "Moth Lace", putUp: { massG: 25, lengthM: 210 } },
    strands: 1,
  };
  const both = outcome(demoProject(), candidate({ strands: 2, beside }));
  const fuzzy = { ...beside, label: { ...beside.label, fibres: "70 % mohair, 30 % silk" } };
  const wool = { label: { fibres: "100 % wool" } };
  const [alone, haloed] = [candidate(wool), candidate({ ...wool, beside: fuzzy })].map(candidateClarity);
  expect(haloed?.score).toBeLessThan((alone?.score ?? 0) - 8);
  expect(haloed?.reasons.map(({ says }) => sentence(says)).join()).toMatch(/halo/);
  expect(both.strands.map(({ name }) => name)).toEqual(["Fennel Fingering", "Moth Lace"]);
  const [first, second] = both.strands;
  expect(first?.metres).toBeCloseTo(2 * (second?.metres ?? 0), 6);
  expect(both.grams).toBeCloseTo((first?.grams ?? 0) + (second?.grams ?? 0), 6);
  expect(both.balls).toBe((first?.balls ?? 0) + (second?.balls ?? 0));
  expect(candidateName(candidate({ strands: 2, beside }))).toBe(
    "Fennel Fingering, held double, with Moth Lace",
  );
});

test("what it costs is the cheapest plan of what can be bought, the shelf first", () => {
  const offer = { lot: "A", massG: 100, lengthM: 110, price: 8, balls: 9 };
  const offersOf: Comparison["offersOf"] = (name) =>
    name === "Osmuth Chunky"
      ? {
          offers: [
            { ...offer, id: "one", sellerId: "shop" },
            { ...offer, id: "two", sellerId: "shelf", price: 0, balls: 2 },
          ],
          sellers: [
            { id: "shop", name: "A shop", postage: 4, freeFrom: null, returnDays: null },
            { id: "shelf", name: "shelf", postage: 0, freeFrom: null, returnDays: null },
          ],
        }
      : { offers: [], sellers: [] };
  const { cost, balls, strands } = outcome(demoProject(), chunky, { offersOf });
  expect(strands[0]?.bought).toEqual({ cost, balls, fromShelf: 2 });
  expect(cost).toBe((balls - 2) * 8 + 4);
  expect(outcome(demoProject(), triple, { offersOf }).cost).toBeNull();
});

test("a candidate without a put-up, or that leaves nothing to knit, says so", () => {
  const project = demoProject();
  const own = figuresOf(project);
  const bare = compare(project, candidate({ label: { putUp: null } }), own, comparison());
  expect(bare?.ok).toBe(false);
  expect(sentence(bare && "message" in bare ? bare.message : null)).toMatch(/what a ball of it holds/);
});

const told = (of: Candidate, keep: Keep, units: "metric" | "imperial" = "metric") =>
  verdictOf(outcome(demoProject(), of, { keep }), figuresOf(demoProject(), { keep }), keep).map((said) =>
    tell(said, { words: "UK", units }, english),
  );

test("the verdict says what decides: size, fabric, cables, weight", () => {
  expect(told(ownOf(demoProject()), "size")).toEqual([expect.stringMatching(/does as well/)]);
  const other = candidate({
    label: { putUp: { massG: 100, lengthM: 160 }, stitchesPer10Cm: 17, rowsPer10Cm: 24 },
  });
  expect(told(other, "stitches")[0]).toMatch(
    /^Right length, wrong thickness: it would be 53\.8\scm wide instead of 49\.9\scm/,
  );
  expect(told(other, "stitches", "imperial")[0]).toMatch(/21\.18\sin wide/);
  const dense = candidate({
    label: { putUp: { massG: 100, lengthM: 110 }, stitchesPer10Cm: 18, rowsPer10Cm: 25 },
  });
  expect(told(dense, "size").join(" ")).toMatch(/Firmer fabric: \d+\s%/);
  const thin = candidate({
    label: { putUp: { massG: 100, lengthM: 400 }, stitchesPer10Cm: 18, rowsPer10Cm: 25, dyed: "variegated" },
  });
  expect(told(thin, "size").join(" ")).toMatch(/Drapier fabric: \d+\s%.*less clearly: its colours.*Lighter/);
});

test("the quick order is within 6 in 100 of the whole calculating, and the own yarn is no way off", () => {
  const project = demoProject();
  const answer = answerTo(project);
  for (const keep of KEEPS) {
    const basis = rankBasis(answer, { keep, certainty: "steady" });
    const wool = {
      stitchesPer10Cm: answer.plan.gauge.stitchesPer10Cm,
      rowsPer10Cm: answer.plan.gauge.rowsPer10Cm,
    };
    const same = quickly(candidate({ label: { ...wool, putUp: { massG: 50, lengthM: 82 } } }), basis);
    expect(same?.far).toBeLessThan(0.02);
    for (const yarn of [chunky, triple, candidate(), candidate({ strands: 2 })]) {
      const quick = quickly(yarn, basis);
      const exact = outcome(project, yarn, { keep });
      const area =
        keep === "size"
          ? (exact.acrossMm * exact.alongMm) / (figuresOf(project).acrossMm * figuresOf(project).alongMm)
          : 1;
      expect(Math.abs((quick?.needM ?? 0) / (exact.needM / area) - 1)).toBeLessThan(0.06);
    }
  }
});

test("an order tells how far it is, and can be asked for by price, clarity or weight", () => {
  const basis = rankBasis(answerTo(cabledBack()), { keep: "size", certainty: "steady" });
  const many = Array.from({ length: 60 }, (_, index) =>
    candidate({
      id: String(index),
      price: 5 + (index % 7),
      label: { putUp: { massG: 100, lengthM: 80 + 7 * index } },
    }),
  );
  const steps = ranking([...many, candidate({ label: { putUp: null } })], basis);
  const shares: number[] = [];
  let step = steps.next();
  for (; !step.done; step = steps.next()) shares.push(step.value.share);
  expect(shares).toEqual([25 / 61, 50 / 61]);
  expect(step.value).toHaveLength(60);
  const far = step.value.map((one) => one.far);
  expect(far).toEqual(far.toSorted((a, b) => a - b));
  const costs = inOrder(step.value, "cheap").map(({ cost }) => cost ?? 0);
  expect(costs).toEqual(costs.toSorted((a, b) => a - b));
});

test("a project with no answer cannot be swapped", () => {
  const empty = projectOf([rectangleOf({ rows: null })]);
  expect(calculateProject(empty, layOf(empty))).toBeNull();
  expect(swapProject(empty, chunky, { keep: "size", layOf })).toBeNull();
  expect(newSection("hem", "h").rows).toBe(8);
});

test("a yarn that is held together is swapped for itself without a change, and taken back in its strands", () => {
  const beside = {
    label: { ...candidate().label, name: "Moth Lace", putUp: { massG: 25, lengthM: 210 } },
    strands: 1,
  };
  for (const yarn of [triple, candidate({ strands: 2, beside })]) {
    const so = swapProject(demoProject(), yarn, { keep: "size", layOf });
    if (!so) throw new Error("no project");
    expect(so.yarns[0]?.held).toEqual({
      strands: yarn.strands,
      putUp: yarn.label.putUp,
      beside: yarn.beside,
    });
    expect(ownOf(so)).toMatchObject({
      strands: yarn.strands,
      beside: yarn.beside,
      label: { putUp: yarn.label.putUp },
    });
    const own = figuresOf(so);
    expect(outcome(so, ownOf(so))).toEqual(outcomeOf(own, own, candidateName(yarn)));
    expect(own.strands).toHaveLength(yarn.beside ? 2 : 1);
  }
});

test("taken up and taken back, a project has the stitches, the swatches and the answer that it had", () => {
  const project = { ...demoProject(), swap: { keep: "stitches" as const, candidates: [chunky] } };
  const so = swapProject(project, chunky, { keep: "stitches", layOf });
  if (!so) throw new Error("no project");
  const taken = takenUp(project, so, { candidateId: "chunky", formerId: "former", told: newYarn });
  expect(taken.yarns[0]?.name).toBe("Osmuth Chunky");
  expect(taken.swatches.map(({ yarnId }) => yarnId)).toEqual(["former", "former"]);
  expect(answerTo(taken).belief.measured).toEqual([]);
  const [former] = taken.swap.candidates;
  const back = former && swapProject(taken, former, { keep: "stitches", layOf });
  if (!former || !back) throw new Error("no way back");
  const again = takenUp(taken, back, { candidateId: "former", formerId: "again", told: newYarn });
  expect(again.swatches).toEqual(project.swatches);
  expect(again.swap.candidates).toMatchObject([{ id: "again", label: { name: "Osmuth Chunky" } }]);
  const [before, after] = [answerTo(project), answerTo(again)];
  expect(after.yarns[0].advised.balls).toBe(before.yarns[0].advised.balls);
  expect(after.estimate.pieces[0]?.estimate.castOn).toBe(94);
});

test("what was weighed on the needles stays with the yarn that was weighed", () => {
  const project = { ...knittedDemo(), swap: { keep: "size" as const, candidates: [chunky] } };
  const so = swapProject(project, chunky, { keep: "size", layOf });
  if (!so) throw new Error("no project");
  expect(answerTo(project).belief.knitted.map(({ taken }) => taken)).toEqual([true, true, true]);
  const taken = takenUp(project, so, { candidateId: "chunky", formerId: "former", told: newYarn });
  expect(answerTo(taken).belief.knitted).toEqual([]);
  expect(answerTo(taken).estimate.totalMm).toBe(answerTo(so).estimate.totalMm);
  expect(taken.log.length).toBe(project.log.length + 1);
});

test("knitting it in another yarn takes that yarn's offers and price along, and the former one's go with it", () => {
  const offer = (id: string, yarnId: string, price: number) => ({
    id,
    yarnId,
    lot: "",
    massG: 50,
    lengthM: 82,
    price,
    balls: 9,
  });
  const seller = { name: "Corrie Wools", postage: 9.5, freeFrom: null };
  const chunky = candidate({ id: "chunky", price: 7, seller });
  const own = { name: "Quay Yarns", postage: 3, freeFrom: 50 };
  const start = cabledBack({}, { swap: { keep: "size", candidates: [chunky] } });
  const project = { ...start, order: { ...start.order, own, offers: [offer("mine", "yarn-1", 4)] } };
  const so = swapProject(project, chunky, { keep: "size", layOf });
  if (!so) throw new Error("no answer");
  const taken = takenUp(project, so, { candidateId: "chunky", formerId: "former", told: newYarn });
  expect(taken.order.own).toEqual(seller);
  expect(taken.order.offers.map(({ yarnId, price }) => `${yarnId} ${price}`)).toEqual([
    "former 4",
    "yarn-1 7",
  ]);
  const [former] = taken.swap.candidates;
  expect(former?.seller).toEqual(own);
  const back = former && swapProject(taken, former, { keep: "size", layOf });
  if (!former || !back) throw new Error("no way back");
  const again = takenUp(taken, back, { candidateId: "former", formerId: "again", told: newYarn });
  expect(again.order.own).toEqual(own);
  expect(again.order.offers.map(({ id, yarnId }) => `${id} ${yarnId}`)).toEqual([
    "mine yarn-1",
    "price-chunky again",
  ]);
});

test("the same label under another id is the same yarn: its swatches speak for it, and the answer is the same", () => {
  const swatch = newSwatch("own", { yarnId: "yarn-1", stitches: 20, rows: 28, massG: 11 });
  const [yarn] = cabledBack().yarns;
  if (!yarn) throw new Error("no yarn");
  const project = cabledBack(
    { measured: { widthMm: null, stitches: null } },
    { swatches: [{ ...swatch, finished: { ...swatch.finished, widthMm: 98, stitches: 18 } }] },
  );
  const twin = candidate({ id: "twin", label: { name: yarn.name, colour: yarn.colour, putUp: yarn.putUp } });
  const told = outcome(project, twin);
  expect(told.swatched).toBe(true);
  expect(told.balls).toBe(answerTo(project).yarns[0].advised.balls);
});
