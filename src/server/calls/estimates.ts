/** POST /api/estimates: many project files, a list or a line each; a line of JSON for each, as they are worked out. */
import type { IncomingMessage, ServerResponse } from "node:http";
import { notNow, unanswerable, type Answered, type Streamed } from "../answered";
import { takeBody, type Taken } from "../body";
import type { Heavy } from "../heavy";
import { ValuesIn } from "../valuesIn";

const LIMITS = {
  mostBytes: 50_000_000,
  mostMs: 60_000,
  types: ["application/json", "application/x-ndjson"],
};
const MOST_PROJECTS = 5000;
const MOST_LETTERS = 5_000_000;
/** So many bodies are held at a time; each may be large. */
const MOST_AT_ONCE = 2;

/** Tasks of one body that are with the pool at a time: enough to keep each thread busy. */
const AHEAD = 8;

const wrong = (message: string) =>
  unanswerable("The projects cannot be told apart.", [{ path: "body", message }]);

async function projectsOf(request: IncomingMessage): Promise<Taken<readonly string[]>> {
  const projects: string[] = [];
  const values = new ValuesIn((text) => projects.push(text), MOST_LETTERS);
  let problem: unknown = null;
  const take = (text: string) => {
    // A body is read to its end even where it is wrong from some place on: whoever sends it hears why.
    if (problem) return;
    try {
      values.take(text);
      if (projects.length > MOST_PROJECTS) problem = new RangeError();
    } catch (one) {
      problem = one;
    }
  };
  const taken = await takeBody(request, LIMITS, take);
  if (!taken.ok) return taken;
  try {
    if (problem === null) values.end();
  } catch (one) {
    problem = one;
  }
  if (problem instanceof RangeError)
    return { ok: false, refusal: wrong(`Send at most ${MOST_PROJECTS} projects, each of at most 5 MB.`) };
  if (problem !== null || projects.length === 0)
    return { ok: false, refusal: wrong("Send a list of projects, or a project on each line.") };
  return { ok: true, value: projects };
}

const lineOf = (index: number, { status, body }: Answered) =>
  `{"index":${index},"status":${status},"answer":${body}}\n`;

/** Lines for all projects, in the order in which they are ready. */
async function* linesOf(projects: readonly string[], heavy: Heavy): AsyncGenerator<string> {
  const underway = new Map<number, Promise<readonly [index: number, line: string]>>();
  let next = 0;
  while (next < projects.length || underway.size > 0) {
    for (; next < projects.length && underway.size < AHEAD; next += 1) {
      const index = next;
      const text = projects[index] ?? "";
      underway.set(
        index,
        heavy.do({ call: "estimate", text }, { patient: true }).then((one) => [index, lineOf(index, one)]),
      );
    }
    const [index, line] = await Promise.race(underway.values());
    underway.delete(index);
    yield line;
  }
}

/** A handler with a memory of its own: it counts the bodies that it holds. */
export function estimating(heavy: Heavy) {
  let held = 0;
  return async (request: IncomingMessage, response: ServerResponse): Promise<Answered | Streamed> => {
    if (held >= MOST_AT_ONCE) return notNow(429, "Others have sent many projects. Ask again in two seconds.");
    held += 1;
    response.once("close", () => (held -= 1));
    const projects = await projectsOf(request);
    if (!projects.ok) return projects.refusal;
    const headers = { "content-type": "application/x-ndjson" };
    return { status: 200, lines: linesOf(projects.value, heavy), headers };
  };
}
