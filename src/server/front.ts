/**
 * What hears requests: it refuses what cannot be answered before anything is read, sends what is, says which content a
 * page may have, and counts and logs all of it.
 */
import {
  createServer,
  STATUS_CODES,
  type IncomingMessage,
  type Server,
  type ServerResponse,
} from "node:http";
import { Readable, type Duplex } from "node:stream";
import { pipeline } from "node:stream/promises";
import { broken, refused, type Answered, type Streamed } from "./answered";
import { READING, type Calls } from "./calls";
import { contentPolicy, type ScriptHashes } from "./contentPolicy";
import type { Log } from "./log";
import type { Metrics } from "./metrics";

/** Answers with a file of the built pages, or tells that there is none. */
type Files = (request: IncomingMessage, response: ServerResponse, missing: () => void) => void;

interface FrontOptions {
  readonly calls: Calls;
  readonly metrics: Metrics;
  readonly log: Log;
  readonly files: Files;
  /** What is shown where there is no page. */
  readonly missingPage: string;
  /** Hashes of the scripts that stand in each page. */
  readonly scripts: ScriptHashes;
}

/** A head that takes longer is not waited for; bodies have limits of their own, below this one. */
const HEAD_MS = 10_000;
const WHOLE_MS = 75_000;
/** Longer than proxies keep a connection that nobody uses, so that it is they who end it. */
const IDLE_MS = 75_000;

/** What every answer says of itself. */
const HEADERS = {
  "x-content-type-options": "nosniff",
  "x-frame-options": "DENY",
  "referrer-policy": "no-referrer",
  "permissions-policy": "geolocation=(), microphone=(), payment=(), usb=()",
  "cross-origin-opener-policy": "same-origin",
} as const;

const unreadable = refused(400, "The address cannot be read.", [
  { path: "address", message: "Write a percent sign as %25." },
]);
const noCall = refused(404, "There is no such call.", [
  { path: "address", message: "docs/api.md lists the calls." },
]);
const otherMethod = (method: string, allow: readonly string[]) =>
  refused(405, `${method} is not taken here.`, [{ path: "method", message: `Send ${allow.join(" or ")}.` }], {
    allow: allow.join(", "),
  });

const pathOf = (address: string): string | null => {
  try {
    return decodeURIComponent(new URL(address, "http://here").pathname);
  } catch {
    return null;
  }
};

async function send(response: ServerResponse, answer: Answered | Streamed): Promise<void> {
  response.writeHead(answer.status, {
    "content-type": "application/json",
    "cache-control": "no-store",
    ...answer.headers,
  });
  if (response.req.method === "HEAD") response.end();
  else if ("body" in answer) response.end(answer.body);
  else await pipeline(Readable.from(answer.lines), response);
}

/** What is wrong with a request that is none; a slow one is told so. */
function refuseUnreadable(problem: NodeJS.ErrnoException, socket: Duplex): void {
  if (problem.code === "ECONNRESET" || !socket.writable) return;
  const slow = problem.code === "ERR_HTTP_REQUEST_TIMEOUT";
  const status = slow ? 408 : problem.code === "HPE_HEADER_OVERFLOW" ? 431 : 400;
  const { body } = refused(status, slow ? "The request came too slowly." : "This is no request.");
  socket.end(
    `HTTP/1.1 ${status} ${STATUS_CODES[status]}\r\ncontent-type: application/json\r\ncontent-length: ${Buffer.byteLength(body)}\r\nconnection: close\r\n\r\n${body}`,
  );
}

/** A server that is not listening yet. */
export function frontOf({ calls, metrics, log, files, missingPage, scripts }: FrontOptions): Server {
  const showMissing = (response: ServerResponse) => {
    response.writeHead(404, { "content-type": "text/html; charset=utf-8", "cache-control": "no-store" });
    response.end(response.req.method === "HEAD" ? undefined : missingPage);
  };

  /** Answers, and gives the name of the request in logs and metrics: they hold no address as it was sent. */
  function answer(
    request: IncomingMessage,
    response: ServerResponse,
  ): { route: string; sent: Promise<void> } {
    const method = request.method ?? "";
    const path = pathOf(request.url ?? "");
    const sends = (route: string, told: Answered) => ({ route, sent: send(response, told) });
    if (path === null) return sends("unreadable", unreadable);
    if (path === "/api" || path.startsWith("/api/")) {
      const call = calls.get(path);
      if (!call) return sends("no call", noCall);
      if (!call.allow.includes(method)) return sends(path, otherMethod(method, call.allow));
      // What a handler throws is its answer's fault, whether it promises one or gives it at once.
      const told = Promise.resolve().then(() => call.handle(request, response));
      return { route: path, sent: told.then((one) => send(response, one)) };
    }
    if (!READING.includes(method)) return sends("page", otherMethod(method, READING));
    response.setHeader("content-security-policy", contentPolicy(scripts, path));
    files(request, response, () => showMissing(response));
    return { route: path.startsWith("/_next/") ? "part" : "page", sent: Promise.resolve() };
  }

  const server = createServer(
    { headersTimeout: HEAD_MS, requestTimeout: WHOLE_MS, connectionsCheckingInterval: 1000 },
    (request, response) => {
      const started = performance.now();
      for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
      const { route, sent } = answer(request, response);
      response.on("close", () => {
        const ms = performance.now() - started;
        const { statusCode: status, writableFinished: whole } = response;
        const method = request.method ?? "";
        metrics.requested(route, method, status, ms / 1000);
        log.say(status >= 500 ? "error" : "info", "request", {
          method,
          route,
          status,
          ms: Math.round(10 * ms) / 10,
          ...(!whole && { cutOff: true }),
        });
      });
      sent.catch((problem: unknown) => {
        if (response.destroyed) return;
        log.say("error", "broken", { problem: problem instanceof Error ? problem.name : "unknown" });
        if (response.headersSent) response.destroy();
        else void send(response, broken);
      });
    },
  );
  server.keepAliveTimeout = IDLE_MS;
  server.on("clientError", refuseUnreadable);
  return server;
}
