/** What questions cost beside the answer itself: twenty of them about one revision of the demo. */
import { Engine } from "@/core/engine/engine";
import { ask } from "@/core/engine/questions";
import type { Project } from "@/core/project/project";
import { toEnd } from "@/core/steps";
import { demoProject } from "@/demo/slipover";
import { timesOf } from "./times";

const style = { naming: "halves", words: "US" } as const;
const market = { offers: [], sellers: [] };
const engine = new Engine();
const demo = demoProject();
/** Another revision each time: the first piece is worked anew, as behind a keystroke. */
const revision = () => {
  const pieces = demo.pieces.map((piece, index) => (index === 0 ? { ...piece } : piece));
  const project: Project = { ...demo, pieces };
  return engine.at(project);
};

const answer = await timesOf(() => toEnd(ask(revision(), "answer", null)));
const asked = await timesOf(() => {
  const one = revision();
  for (let time = 0; time < 4; time += 1) {
    toEnd(ask(one, "answer", null));
    toEnd(ask(one, "nextMeasures", null));
    toEnd(ask(one, "rows", { pieceId: "back", sectionId: "back/ropes", style }));
    toEnd(ask(one, "order", { yarnId: "yarn-1", market }));
    toEnd(ask(one, "rank", { entries: [], shop: null }));
  }
});
const variants = await timesOf(() => {
  const one = revision();
  for (const id of ["answer", "savings", "sweep"] as const) toEnd(ask(one, id, null));
});
const ms = (value: number) => `${value.toFixed(1)} ms`;
console.log(
  `Engine, the demo: an answer ${ms(answer.medianMs)}; with twenty questions about it ${ms(asked.medianMs)}, ${(asked.medianMs / answer.medianMs).toFixed(2)} times as much; with what leaving out would save and the sweep of the gauge ${ms(variants.medianMs)}`,
);
