/** Questions about one revision are answered from one forecast, and what is seen of it can be handed over. */
import { demoProject } from "@/demo/slipover";
import { forecasting } from "../forecast/projectForecast";
import { toEnd } from "../steps";
import { Engine } from "./engine";
import { ask, type QuestionId } from "./questions";

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
