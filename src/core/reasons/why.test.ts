import { demoCap } from "@/demo/cap";
import { demoProject } from "@/demo/slipover";
import { Engine } from "../engine/engine";
import { ask } from "../engine/questions";
import { LEDGER_PARTS } from "../estimate/ledger";
import { yarnOfItem } from "../estimate/wholeProject";
import type { KnownForecast } from "../forecast/projectForecast";
import type { Market } from "../order/market";
import type { Project } from "../project/project";
import { toEnd } from "../steps";
import { beginProject } from "../templates/beginProject";
import { STARTS, type StartId } from "../templates/startList";
import { massOf } from "../yarn/putUp";
import { english } from "../words/english";
import { say } from "../words/message";
import { tell } from "../words/tell";
import type { WhyAsked } from "./asked";
import { figuresIn, isFigure, worth, type Expression, type Figure } from "./expression";
import type { Reason } from "./reason";

const engine = new Engine();

const market: Market = {
  sellers: [{ id: "one", name: "Anselm", postage: 4, freeFrom: null, returnDays: null }],
  offers: [
    { id: "a", sellerId: "one", lot: "12", massG: 50, lengthM: 85, price: 8.4, balls: 7 },
    { id: "b", sellerId: "one", lot: "13", massG: 50, lengthM: 85, price: 7.9, balls: 40 },
  ],
};

function answerOf(project: Project): KnownForecast {
  const answer = toEnd(engine.at(project).answer());
  if (!answer.known) throw new Error("no answer");
  return answer;
}

const why = (project: Project, asked: WhyAsked): Reason => {
  const reason = toEnd(ask(engine.at(project), "why", asked));
  if (!reason) throw new Error(`no reason: ${JSON.stringify(asked)}`);
  return reason;
};

/** Every figure that a screen shows, with its value as the answer tells it. */
function shown(project: Project): readonly (readonly [WhyAsked, number])[] {
  const { estimate, yarns, plan } = answerOf(project);
  return [
    [{ figure: "total" }, estimate.totalMm],
    ...yarns.flatMap(({ yarn, ...of }): (readonly [WhyAsked, number])[] => [
      [{ figure: "need", yarnId: yarn.id }, of.totalMm],
      [{ figure: "mass", yarnId: yarn.id }, massOf((of.totalMm / 1000) as never, yarn.putUp)],
      [{ figure: "leftOver", yarnId: yarn.id }, of.leftOver * 1000],
      [{ figure: "ballLength", yarnId: yarn.id }, yarn.putUp.lengthM * 1000],
      [{ figure: "balls", yarnId: yarn.id }, of.advised.balls],
      ...of.around.map(
        ({ balls, chance }) => [{ figure: "chance", yarnId: yarn.id, balls }, chance] as const,
      ),
      ...of.atWidth.around.map(
        ({ balls, chance }) =>
          [{ figure: "chance", yarnId: yarn.id, balls, keptWidth: true }, chance] as const,
      ),
      ...LEDGER_PARTS.map((part) => [{ figure: "part", part, yarnId: yarn.id }, of.ledger[part]] as const),
    ]),
    ...LEDGER_PARTS.map((part) => [{ figure: "part", part }, estimate.ledger[part]] as const),
    ...estimate.pieces.flatMap(({ id: pieceId, estimate: of }): (readonly [WhyAsked, number])[] => [
      [{ figure: "height", pieceId }, of.heightMm],
      ...of.widths.sections.map(
        ({ sectionId, widthMm }) => [{ figure: "width", pieceId, sectionId }, widthMm] as const,
      ),
    ]),
    ...plan.seams.map(({ id }) => [{ figure: "seam", id }, yarnOfItem(estimate.lines, id)] as const),
    ...plan.extras.map(({ id }) => [{ figure: "extra", id }, yarnOfItem(estimate.lines, id)] as const),
  ];
}

/** Figures that a reason leads on to. */
const onward = ({ formula, beside }: Reason): readonly Figure[] =>
  [...(formula ? figuresIn(formula) : []), ...beside].filter((figure) => figure.why !== null);

/** Checks a reason and all that it leads to: what a formula comes to is the figure, and so is what is behind each part. */
function follow(project: Project, asked: WhyAsked, value: number, seen: Set<string>) {
  const key = JSON.stringify(asked);
  if (seen.has(key)) return;
  seen.add(key);
  const reason = why(project, asked);
  expect([key, reason.figure.value]).toEqual([key, expect.closeTo(value, 6)]);
  if (reason.formula) expect([key, worth(reason.formula)]).toEqual([key, expect.closeTo(value, 4)]);
  for (const figure of onward(reason)) if (figure.why) follow(project, figure.why, figure.value, seen);
}

const begun = (start: StartId): Project => {
  const { across, along, easeMm } = STARTS[start];
  const reading = beginProject({
    start,
    acrossMm: across.usualMm,
    easeMm,
    alongMm: along.usualMm,
    thickness: "aran",
    cabled: "half",
  });
  if (!reading.ok) throw new Error("cannot be begun");
  return reading.value;
};

const PROJECTS: readonly (readonly [string, () => Project])[] = [
  ["the demo", demoProject],
  ["the demo by an allowance", () => ({ ...demoProject(), school: { by: "allowance", percent: 25 } })],
  ["the demo as it was before any swatch", () => ({ ...demoProject(), swatches: [], log: [] })],
  ["the second demo", demoCap],
  ["a cardigan", () => begun("cardigan")],
  ["a hat", () => begun("hat")],
  ["a blanket", () => begun("blanket")],
  ["a drop-shoulder jumper", () => begun("jumper")],
];

test.each(PROJECTS)(
  "every figure of %s is what its formula comes to, and so is every figure in it",
  (_, of) => {
    const project = of();
    const seen = new Set<string>();
    for (const [asked, value] of shown(project)) follow(project, asked, value, seen);
    expect(seen.size).toBeGreaterThan(40);
  },
);

test("a substitute's figures are those of its column", () => {
  const project = demoProject();
  const sides = toEnd(ask(engine.at(project), "sides", { markets: {}, pace: 22 }));
  expect(sides.length).toBeGreaterThan(2);
  for (const { compared } of sides) {
    if (!compared.ok) continue;
    const { outcome } = compared;
    const told = (asked: WhyAsked) => {
      const { figure, formula } = why(project, { ...asked, candidateId: outcome.id });
      if (formula) expect(worth(formula)).toBeCloseTo(figure.value, 6);
      return figure.value;
    };
    const yarnId = project.yarns[0]?.id ?? "";
    expect(told({ figure: "need", yarnId })).toBeCloseTo(outcome.needM * 1000, 4);
    expect(told({ figure: "firmness" })).toBeCloseTo(outcome.firmness, 9);
    expect(told({ figure: "clothWeight" })).toBeCloseTo(outcome.plainG, 9);
    expect(told({ figure: "hours", pace: 22 })).toBeCloseTo(outcome.hours, 9);
    expect(told({ figure: "clarity" })).toBe(outcome.clarity.score);
    expect(told({ figure: "stitchWidth" })).toBeCloseTo(100 / outcome.gauge.stitchesPer10Cm, 9);
  }
});

test("what a purchase costs is its balls at their price and the post", () => {
  const project = demoProject();
  const asked = { yarnId: project.yarns[0]?.id ?? "", market };
  const order = toEnd(ask(engine.at(project), "order", asked));
  const cost = why(project, { figure: "cost", ...asked });
  expect(cost.figure.value).toBe(order?.plan?.cost);
  expect(cost.formula && worth(cost.formula)).toBeCloseTo(order?.plan?.cost ?? 0, 9);
  const chance = why(project, { figure: "boughtChance", ...asked });
  expect(chance.formula && worth(chance.formula)).toBeCloseTo(order?.plan?.chance ?? 0, 9);
});

const VOICE = { words: "UK", units: "metric" } as const;
const spelt = ({ value, kind }: { readonly value: number; readonly kind: Figure["kind"] }) =>
  tell(say("quantity", { value, quantity: kind }), VOICE, english);

const TO_BASE: Readonly<Record<string, number>> = { cm: 10, mm: 1, m: 1000, g: 1, h: 1, "g/m²": 1 };

/** A told figure as a reader would type it again: its number, in the unit that it is told in. */
function readAgain(figure: Figure): number {
  if (figure.kind === "chance" || figure.kind === "unweighedChance") return figure.value;
  const [, number = "", unit = ""] = /^([+−\d.,]+)\s?(\S*)/.exec(spelt(figure)) ?? [];
  return Number(number.replaceAll(",", "").replace("−", "-")) * (TO_BASE[unit] ?? 1);
}

/** The same formula of the figures as they are told. */
const asTold = (one: Expression): Expression =>
  isFigure(one)
    ? { ...one, value: readAgain(one) }
    : ({ ...one, of: one.of.map(asTold) } as unknown as Expression);

test("whoever calculates with the figures that are told comes to the figure that is told, within a hundredth", () => {
  const project = demoProject();
  for (const [asked] of shown(project)) {
    const { formula, figure } = why(project, asked);
    if (!formula || figure.value === 0 || asked.figure === "leftOver") continue;
    const again = worth(asTold(formula));
    expect([asked, Math.abs(again / figure.value - 1) < 0.01]).toEqual([asked, true]);
  }
});

test("each reason is told in words: what it is, how it comes about, where that is from", () => {
  const project = demoProject();
  for (const [asked] of shown(project)) {
    const { name, says, from, beside, formula } = why(project, asked);
    const said = [name, says, from].map((one) => tell(one, VOICE, english));
    expect([asked, said.every((one) => one.length > 0)]).toEqual([asked, true]);
    for (const figure of [...beside, ...(formula ? figuresIn(formula) : [])]) {
      expect(tell(figure.name, VOICE, english)).toMatch(/\w|π/);
      expect(spelt(figure)).not.toMatch(/NaN|undefined/);
    }
  }
});

test("before any swatch the loop would be sharpened by weighing one; after it there is nothing to say", () => {
  const bare = { ...demoProject(), swatches: [], log: [] };
  expect(why(bare, { figure: "loop" }).sharper).toEqual(say("sharperLoop"));
  expect(why(demoProject(), { figure: "loop" }).sharper).toBeNull();
});

test("a figure of a piece that is not there has no reason", () => {
  const asked = { figure: "height", pieceId: "nowhere" } as const;
  expect(toEnd(ask(engine.at(demoProject()), "why", asked))).toBeNull();
});
