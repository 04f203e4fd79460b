/** One question to the engine, asked once: for what is written and not shown. */
import { proxy } from "comlink";
import type { AskedOf, QuestionId, ToldOf } from "@/core/engine/questions";
import { nextJob } from "./job";
import { engine } from "./workers";

/** What the engine says; null where it was overtaken by a change. Rejects with `Lost` where it was lost over it. */
export async function askOnce<Id extends QuestionId>(id: Id, asked: AskedOf<Id>): Promise<ToldOf<Id> | null> {
  const done = await engine().answer(
    nextJob(),
    id,
    asked,
    proxy(() => {}),
    proxy(() => {}),
  );
  return (done?.told as ToldOf<Id> | undefined) ?? null;
}
