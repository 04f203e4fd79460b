/** JSON from outside, taken apart only where it is not nested deeper than any project. */
import type { z } from "zod";
import { diagnosticsOf, unanswerable, type Answered } from "./answered";
import { Nesting } from "./nesting";

type Parsed<Value = unknown> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly refusal: Answered };

/** Deeper than any project goes; a reader that follows a deeper one may not come back. */
const MOST_DEPTH = 64;

/** How deep lists and objects of a JSON text lie in one another, without taking it apart. */
function depthOf(text: string): number {
  const nesting = new Nesting();
  let deepest = 0;
  for (let at = 0; at < text.length; at += 1) {
    nesting.take(text[at] ?? "");
    deepest = Math.max(deepest, nesting.depth);
  }
  return deepest;
}

const refuse = (message: string): Parsed<never> => ({
  ok: false,
  refusal: unanswerable(message, [{ path: "body", message }]),
});

/** The value of a JSON text; or the answer that refuses it: 422 where it is none, or nested over 64 deep. */
export function parsed(text: string): Parsed {
  if (depthOf(text) > MOST_DEPTH) return refuse(`The body is nested over ${MOST_DEPTH} deep.`);
  try {
    return { ok: true, value: JSON.parse(text) as unknown };
  } catch {
    return refuse(text.trim() === "" ? "The body is empty: send JSON." : "The body is not JSON.");
  }
}

/** What a body asks for, as its call wants it; or the answer that refuses it with the places that are not valid. */
export function askedIn<Asked>(text: string, schema: z.ZodType<Asked>): Parsed<Asked> {
  const body = parsed(text);
  if (!body.ok) return body;
  const asked = schema.safeParse(body.value);
  if (asked.success) return { ok: true, value: asked.data };
  const refusal = unanswerable("The request has a part that is not valid.", diagnosticsOf(asked.error));
  return { ok: false, refusal };
}
