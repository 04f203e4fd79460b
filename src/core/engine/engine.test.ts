/** Questions about one revision are answered from one forecast, and what is seen of it can be handed over. */
import { priceList } from "@/demo/priceList";
import { demoProject } from "@/demo/slipover";
import { forecasting } from "../forecast/projectForecast";
import { toEnd } from "../steps";
import { Engine } from "./engine";
import type { Project } from "../project/project";
import { HANGS_ON } from "./basis";
import { ask, type AskedOf, type QuestionId } from "./questions";

test("what is seen can be handed over, and holds no draw", () => {
  const seen = toEnd(ask(new Engine().at(demoProject()), "answer", null));
  expect(structuredClone(seen)).toEqual(seen);
  expect(seen.known && "drawn" in seen.yarns[0]).toBe(false);
});

test("a project is laid and forecast once, whatever is asked of it and however often", () => {
  const engine = new Engine();
  const revision = engine.at(demoProject());
  const first = toEnd(revision.answer());
  const once: readonly QuestionId[] = ["answer", "sweep", "nextMeasures", "savings"];
  const told = once.map((id) => toEnd(ask(revision, id, null)));
  expect(once.map((id) => toEnd(ask(engine.at(revision.project), id, null)))).toEqual(told);
  const style = { naming: "halves", words: "US" } as const;
  toEnd(ask(revision, "rows", { pieceId: "back", sectionId: "back/ropes", style }));
  // No step is taken any more: the answer is the same object.
  const again = forecasting(revision.project, engine.layOf(revision.project)).next();
  expect(again).toEqual({ done: true, value: first });
  expect(again.value).toBe(first);
});

test("a project whose figures are those of another takes its answer over", () => {
  const engine = new Engine();
  const demo = demoProject();
  const answer = toEnd(engine.at(demo).answer());
  const renamed = { ...demo, notes: "Knitted at night." };
  engine.takeOver(renamed, demo);
  expect(toEnd(engine.at(renamed).answer())).toBe(answer);
});

test("a question hangs on what the table says of it, and on nothing else beside the figures", () => {
  const demo = demoProject();
  const market = { offers: [], sellers: [] };
  const asked: { readonly [Id in QuestionId]: AskedOf<Id> } = {
    answer: null,
    savings: null,
    sweep: null,
    rowGauge: { pieceId: "back", units: "metric" },
    nextMeasures: null,
    sizes: null,
    rows: { pieceId: "back", sectionId: "back/rib", style: { naming: "halves", words: "US" } },
    lasts: { ball: { pieceId: "back", yarnId: "yarn-1", row: 10, massG: 20, stepG: 1 }, rows: 12, to: [13] },
    knit: { pieceId: "back", from: 1, to: 4, style: { naming: "halves", words: "US" } },
    moved: null,
    ballMap: { yarnId: "yarn-1", turns: null, parts: "first", partsG: [] },
    closing: null,
    finishing: null,
    burnDown: { pieceId: "back", copy: 1, yarnId: "yarn-1" },
    useUp: {
      freed: { by: "length", sections: [{ pieceId: "back", sectionId: "back/ropes" }] },
      inHand: [{ yarnId: "yarn-1", lengthM: 600, balls: 8 }],
    },
    order: { yarnId: "yarn-1", market },
    group: { yarnId: "yarn-1" },
    sides: { markets: {}, pace: 22 },
    sizeTable: { markets: {} },
    rank: { entries: [], shop: priceList },
    ways: { by: "near", find: "", of: 1 },
    why: { figure: "cost", yarnId: "yarn-1", market },
  };
  const beside: readonly Partial<Project>[] = [
    { size: { ...demo.size, around: 2, of: { pieceId: "back", sectionId: "back/rib" } } },
    { order: { ...demo.order, lots: "any", kits: [] } },
    { swap: { ...demo.swap, keep: "stitches" } },
    { typed: { ...demo.typed, needle: "about five" } },
    { notes: "Knitted at night." },
  ];
  const engine = new Engine();
  const told = (project: Project, id: QuestionId) => {
    const given = toEnd(ask(engine.at(project), id, asked[id] as never));
    // The project that an outcome is of is looked at when it is taken up, not before; a kept list has another number
    // each time.
    return JSON.stringify(given, (key, value: unknown) =>
      key === "project" || key === "number" ? undefined : value,
    );
  };
  for (const id of Object.keys(asked) as QuestionId[]) {
    const before = told(demo, id);
    for (const part of beside) {
      const [changed] = Object.keys(part) as (keyof Project)[];
      if (changed && !HANGS_ON[id].includes(changed))
        expect([id, changed, told({ ...demo, ...part }, id) === before]).toEqual([id, changed, true]);
    }
  }
  // Whose width the kits of a group are told by is one of these.
  const [width] = beside;
  expect(told({ ...demo, ...width }, "group")).not.toBe(told(demo, "group"));
});
