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

/** The JSON of a request; or the answer that refuses it: 413 over 5 MB, 422 where it is no JSON. */
export async function jsonOf(request: Request): Promise<Body> {
  const text = await textOf(request);
  if (text === null) return { ok: false, response: tooLarge() };
  try {
    return { ok: true, value: JSON.parse(text) as unknown };
  } catch {
    const message = text.trim() === "" ? "The body is empty: send JSON." : "The body is not JSON.";
    return { ok: false, response: unanswerable(message, [{ path: "body", message }]) };
  }
}
