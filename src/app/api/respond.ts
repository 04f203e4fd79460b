/** What every route handler answers with, and how it takes in a body without trusting its size. */
import type { ZodError } from "zod";

/** A place in the request: a path in its JSON, or a line and column in a text of it; and what to do there. */
export type Diagnostic =
  | { readonly path: string; readonly message: string }
  | { readonly line: number; readonly column: number; readonly message: string };

const MOST_BYTES = 5_000_000;

const refuse = (status: number, error: string, diagnostics: readonly Diagnostic[]) =>
  Response.json({ error, diagnostics }, { status });

/** 422: the request can be understood, but not answered as it is. */
export const unanswerable = (error: string, diagnostics: readonly Diagnostic[]) =>
  refuse(422, error, diagnostics);

/** The findings of a schema as diagnostics, each with its path. */
export const diagnosticsOf = ({ issues }: ZodError): readonly Diagnostic[] =>
  issues.map(({ path, message }) => ({ path: path.join(".") || "body", message }));

type Body =
  { readonly ok: true; readonly value: unknown } | { readonly ok: false; readonly response: Response };

const tooLarge = () =>
  refuse(413, "The body is over 5 MB.", [{ path: "body", message: "Send at most 5,000,000 bytes." }]);

/** Reads a body of at most 5 MB, or stops reading there. */
async function textOf(request: Request): Promise<string | null> {
  if (Number(request.headers.get("content-length") ?? 0) > MOST_BYTES) return null;
  const reader = request.body?.getReader();
  if (!reader) return "";
  const decoder = new TextDecoder();
  let [text, bytes] = ["", 0];
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return text + decoder.decode();
    bytes += value.byteLength;
    if (bytes > MOST_BYTES) {
      await reader.cancel();
      return null;
    }
    text += decoder.decode(value, { stream: true });
  }
}

/** Deeper than any project goes; a reader that follows a deeper one may not come back. */
const MOST_DEPTH = 64;

/** How deep lists and objects of a JSON text lie in one another, without taking it apart. */
function depthOf(text: string): number {
  let [depth, deepest, quoted] = [0, 0, false];
  for (let at = 0; at < text.length; at += 1) {
    const sign = text[at];
    if (quoted) {
      if (sign === "\\") at += 1;
      else if (sign === '"') quoted = false;
    } else if (sign === '"') quoted = true;
    else if (sign === "{" || sign === "[") deepest = Math.max(deepest, (depth += 1));
    else if (sign === "}" || sign === "]") depth -= 1;
  }
  return deepest;
}

const isJson = (request: Request) =>
  /^application\/json\s*(?:;|$)/i.test(request.headers.get("content-type") ?? "");

/**
 * The JSON of a request; or the answer that refuses it: 415 of another type, which a page of somebody else could send
 * without asking, 413 over 5 MB, 422 where it is no JSON or nested over 64 deep.
 */
export async function jsonOf(request: Request): Promise<Body> {
  if (!isJson(request)) {
    const message = "Send the header content-type: application/json.";
    return { ok: false, response: refuse(415, "Only JSON is taken.", [{ path: "content-type", message }]) };
  }
  const text = await textOf(request);
  if (text === null) return { ok: false, response: tooLarge() };
  if (depthOf(text) > MOST_DEPTH) {
    const message = `The body is nested over ${MOST_DEPTH} deep.`;
    return { ok: false, response: unanswerable(message, [{ path: "body", message }]) };
  }
  try {
    return { ok: true, value: JSON.parse(text) as unknown };
  } catch {
    const message = text.trim() === "" ? "The body is empty: send JSON." : "The body is not JSON.";
    return { ok: false, response: unanswerable(message, [{ path: "body", message }]) };
  }
}
