/** Bodies of requests, taken in without trusting their type, their size or their pace. */
import type { IncomingMessage } from "node:http";
import { refused, type Answered, type Diagnostic } from "./answered";

interface Limits {
  readonly mostBytes: number;
  /** A body that takes longer is not waited for. */
  readonly mostMs: number;
  readonly types: readonly string[];
}

export type Taken<Value> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly refusal: Answered };

const refuse = (status: number, error: string, ...diagnostics: readonly Diagnostic[]) => ({
  ok: false as const,
  refusal: refused(status, error, diagnostics),
});

/** Refused, and not heard any further. */
const cutOff = (status: number, error: string) => ({
  ok: false as const,
  refusal: refused(status, error, [], { connection: "close" }),
});

const tooLarge = (mostBytes: number) =>
  refuse(413, `The body is over ${mostBytes / 1_000_000} MB.`, {
    path: "body",
    message: `Send at most ${mostBytes.toLocaleString("en")} bytes.`,
  });

const typeOf = ({ headers }: IncomingMessage) =>
  (headers["content-type"] ?? "").split(";")[0]?.trim().toLowerCase() ?? "";

/**
 * Gives each part of a body to `take` as text. Errors: 415 of another type, which a page of
 * somebody else could send without asking; 413 over the limit, told or found out while reading; 408 where it comes too
 * slowly; 400 where it is no UTF-8 text, or ends before its end.
 */
export function takeBody(
  request: IncomingMessage,
  { mostBytes, mostMs, types }: Limits,
  take: (text: string) => void,
): Promise<Taken<null>> {
  if (!types.includes(typeOf(request)))
    return Promise.resolve(
      refuse(415, "Only JSON is taken.", {
        path: "content-type",
        message: `Send the header content-type: ${types.join(" or ")}.`,
      }),
    );
  if (Number(request.headers["content-length"] ?? 0) > mostBytes) return Promise.resolve(tooLarge(mostBytes));
  const decoder = new TextDecoder("utf-8", { fatal: true });
  return new Promise((resolve) => {
    let bytes = 0;
    const end = (taken: Taken<null>) => {
      clearTimeout(timer);
      request.removeAllListeners("data");
      // What is still to come is let by: cut off in the middle of it, nobody would read why.
      request.resume();
      resolve(taken);
    };
    const timer = setTimeout(() => end(cutOff(408, "The body came too slowly.")), mostMs);
    const took = (part?: Buffer) => {
      try {
        take(part ? decoder.decode(part, { stream: true }) : decoder.decode());
      } catch {
        end(refuse(400, "The body is not text in UTF-8."));
      }
    };
    request.on("data", (part: Buffer) => {
      bytes += part.byteLength;
      if (bytes > mostBytes) end(tooLarge(mostBytes));
      else took(part);
    });
    request.once("end", () => {
      took();
      end({ ok: true, value: null });
    });
    request.once("close", () => end(cutOff(400, "The body ended before its end.")));
  });
}

const JSON_BODY: Limits = { mostBytes: 5_000_000, mostMs: 15_000, types: ["application/json"] };

/** A JSON body of at most 5 MB as text, not taken apart yet. */
export async function bodyOf(request: IncomingMessage): Promise<Taken<string>> {
  const parts: string[] = [];
  const taken = await takeBody(request, JSON_BODY, (part) => parts.push(part));
  return taken.ok ? { ok: true, value: parts.join("") } : taken;
}
