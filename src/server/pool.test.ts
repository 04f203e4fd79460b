import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import type { Task } from "./heavy";
import { Pool, type Outcome } from "./pool";

/** A thread that does as it is told: answers, never ends, eats memory, throws, or is refused. */
const THREAD = `
import { appendFileSync } from "node:fs";
const held = [];
export default async ({ text }) => {
  const { does, notes } = JSON.parse(text);
  if (notes) appendFileSync(notes, does + "\\n");
  if (does === "endless") for (;;);
  if (does === "memory") for (;;) held.push(new Array(1e5).fill(0.5));
  if (does === "throws") throw new Error("secret words");
  return { status: does === "refused" ? 422 : 200, body: JSON.stringify({ does }) };
};
`;

let folder = "";
beforeAll(() => {
  folder = mkdtempSync(path.join(tmpdir(), "pool-"));
  writeFileSync(path.join(folder, "thread.mjs"), THREAD);
});
afterAll(() => rmSync(folder, { recursive: true }));

const tasked = (does: string, more: object = {}): Task => ({
  call: "estimate",
  text: JSON.stringify({ does, ...more }),
});

async function withPool(
  work: (pool: Pool, outcomes: readonly Outcome[]) => Promise<void>,
  given: Partial<ConstructorParameters<typeof Pool>[0]> = {},
) {
  const outcomes: Outcome[] = [];
  const pool = new Pool({
    filename: path.join(folder, "thread.mjs"),
    threads: 1,
    budgetMs: 1500,
    mostWaiting: 3,
    memoryMb: 32,
    onEnd: (_, outcome) => outcomes.push(outcome),
    ...given,
  });
  try {
    await work(pool, outcomes);
  } finally {
    await pool.end();
  }
}

test("what does not come to an end is stopped with its thread, and the next is answered", () =>
  withPool(async (pool, outcomes) => {
    const { status, headers, body } = await pool.do(tasked("endless"));
    expect([status, headers?.["retry-after"]]).toEqual([503, "2"]);
    expect(body).toMatch(/longer than the 1.5 s/);
    expect((await pool.do(tasked("fine"))).status).toBe(200);
    expect(outcomes).toEqual(["tooLong", "done"]);
  }));

test("what takes too much memory ends its own thread alone", () =>
  withPool(
    async (pool, outcomes) => {
      expect((await pool.do(tasked("memory"))).status).toBe(503);
      expect((await pool.do(tasked("fine"))).status).toBe(200);
      expect(outcomes).toEqual(["tooMuch", "done"]);
    },
    { budgetMs: 60_000 },
  ));

test("what is broken is told without its words", () =>
  withPool(async (pool) => {
    const { status, body } = await pool.do(tasked("throws"));
    expect(status).toBe(500);
    expect(body).not.toMatch(/secret/);
  }));

test("behind a full queue it is refused at once; patient work waits, and goes last", () =>
  withPool(async (pool, outcomes) => {
    const notes = path.join(folder, "order");
    const slow = pool.do(tasked("endless"));
    const patient = pool.do(tasked("patient", { notes }), { patient: true });
    const waiting = ["a", "b", "c"].map((does) => pool.do(tasked(does, { notes })));
    expect(pool.waiting).toBe(4);
    const refused = await pool.do(tasked("one too many"));
    expect([refused.status, refused.headers?.["retry-after"]]).toEqual([429, "2"]);
    const all = await Promise.all([slow, ...waiting, patient]);
    expect(all.map(({ status }) => status)).toEqual([503, 200, 200, 200, 200]);
    expect(outcomes).toEqual(["queueFull", "tooLong", "done", "done", "done", "done"]);
    expect([pool.waiting, pool.working]).toEqual([0, 0]);
    const { readFileSync } = await import("node:fs");
    expect(readFileSync(notes, "utf8")).toBe("a\nb\nc\npatient\n");
  }));

test("the same is worked once: while it is underway, and afterwards; what failed is tried again", () =>
  withPool(async (pool, outcomes) => {
    const [one, other] = await Promise.all([pool.do(tasked("fine")), pool.do(tasked("fine"))]);
    expect(other).toEqual(one);
    expect(await pool.do(tasked("fine"))).toEqual(one);
    for (const does of ["refused", "refused", "throws", "throws"]) await pool.do(tasked(does));
    expect(outcomes.toSorted()).toEqual(
      ["done", "shared", "kept", "done", "kept", "broken", "broken"].toSorted(),
    );
  }));

test("at its end what is underway is answered, and what waits is told to ask again", async () => {
  let told: readonly number[] = [];
  await withPool(async (pool) => {
    const asked = ["a", "b"].map((does) => pool.do(tasked(does)));
    await pool.end();
    told = (await Promise.all(asked)).map(({ status }) => status);
  });
  expect(told).toEqual([200, 503]);
});
