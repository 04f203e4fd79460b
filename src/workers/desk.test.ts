import fc from "fast-check";
import type { Steps } from "../core/steps";
import { Desk, URGENCIES, type Urgency } from "./desk";

/** Steps that write down each time they are taken. */
function* noted(name: string, steps: number, log: string[]): Steps<string> {
  for (let step = 0; step < steps; step += 1) {
    log.push(name);
    yield { share: step / steps };
  }
  return name;
}

test("the most urgent goes first, what came first is first among those alike; each ends with its result", async () => {
  const job = fc.record({ urgency: fc.constantFrom(...URGENCIES), steps: fc.integer({ min: 1, max: 6 }) });
  await fc.assert(
    fc.asyncProperty(fc.array(job, { maxLength: 8 }), async (jobs) => {
      const desk = new Desk();
      const log: string[] = [];
      const told = await Promise.all(
        jobs.map(({ urgency, steps }, id) => desk.do(noted(`${id}`, steps, log), { id, urgency })),
      );
      expect(told).toEqual(jobs.map((_, id) => ({ told: `${id}` })));
      const begun = [...new Set(log)].map(Number);
      const rank = (id: number) => URGENCIES.indexOf(jobs[id]?.urgency ?? "long") * 100 + id;
      expect(begun).toEqual(begun.toSorted((a, b) => rank(a) - rank(b)));
    }),
    { numRuns: 60 },
  );
});

/** Steps that go on until they are stopped; `began` hears of the first. */
function* endless(began: () => void): Steps<string> {
  for (let step = 0; ; step += 1) {
    if (step === 0) began();
    yield { share: 0.5 };
  }
}

const begin = (desk: Desk, id: number, urgency: Urgency, dated = false) => {
  let told: ReturnType<typeof desk.do<string>> = Promise.resolve(null);
  const began = new Promise<void>((resolve) => {
    told = desk.do(endless(resolve), { id, urgency, dated });
  });
  return { began, told: () => told };
};

test("long work lets what is urgent in, and can be stopped; what is of an older project is dropped", async () => {
  const desk = new Desk();
  const long = begin(desk, 1, "long");
  const dated = begin(desk, 2, "long", true);
  await long.began;
  expect(await desk.do(noted("answer", 3, []), { id: 3, urgency: "answer" })).toEqual({ told: "answer" });
  desk.dropDated();
  expect(await dated.told()).toBeNull();
  desk.stop(1);
  expect(await long.told()).toBeNull();
});

test("what throws ends its own job alone", async () => {
  const desk = new Desk();
  function* failing(): Steps<string> {
    yield { share: 0 };
    throw new Error("broken");
  }
  const failed = desk.do(failing(), { id: 1, urgency: "question" });
  const fine = desk.do(noted("fine", 2, []), { id: 2, urgency: "question" });
  await expect(failed).rejects.toThrow("broken");
  expect(await fine).toEqual({ told: "fine" });
});

test("an answer of nothing is told apart from none", async () => {
  const desk = new Desk();
  function* nothing(): Steps<null> {
    yield { share: 0 };
    return null;
  }
  expect(await desk.do(nothing(), { id: 1, urgency: "question" })).toEqual({ told: null });
  const stopped = desk.do(nothing(), { id: 2, urgency: "question" });
  desk.stop(2);
  expect(await stopped).toBeNull();
});
