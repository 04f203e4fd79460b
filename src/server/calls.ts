/** The calls that the server knows, each with the methods that it takes and its handler. */
import type { IncomingMessage, ServerResponse } from "node:http";
import { writeProject } from "@/core/files/projectFile";
import { demoProject } from "@/demo/slipover";
import { version } from "../../package.json";
import { answered, type Answered, type Streamed } from "./answered";
import { bodyOf } from "./body";
import { estimating } from "./calls/estimates";
import { schema } from "./calls/schema";
import { shop } from "./calls/shop";
import type { Call, Heavy } from "./heavy";
import type { Metrics } from "./metrics";

type Handler = (
  request: IncomingMessage,
  response: ServerResponse,
) => Answered | Streamed | Promise<Answered | Streamed>;

interface KnownCall {
  readonly allow: readonly string[];
  readonly handle: Handler;
}

/** Reading, and asking for the head alone. */
export const READING: readonly string[] = ["GET", "HEAD"];

const read = (handle: Handler): KnownCall => ({ allow: READING, handle });
const send = (handle: Handler): KnownCall => ({ allow: ["POST"], handle });

/** A call whose answer takes long: worked out beside the thread that hears requests. */
const sendHeavy = (heavy: Heavy, call: Call) =>
  send(async (request) => {
    const body = await bodyOf(request);
    return body.ok ? heavy.do({ call, text: body.value }) : body.refusal;
  });

const queryOf = ({ url = "" }: IncomingMessage) => new URL(url, "http://here").searchParams;

/** Example: `callsOf({ heavy, metrics }).get("/api/health")` takes GET and HEAD. */
export function callsOf({ heavy, metrics }: { readonly heavy: Heavy; readonly metrics: Metrics }) {
  const [told, demo] = [schema(), { status: 200, body: writeProject(demoProject()) }];
  return new Map<string, KnownCall>([
    ["/api/health", read(() => answered({ ok: true, version }))],
    ["/api/metrics", read(() => metrics.told())],
    ["/api/schema", read(() => told)],
    ["/api/demo", read(() => demo)],
    ["/api/shop", read((request) => shop(queryOf(request)))],
    ["/api/fabric", sendHeavy(heavy, "fabric")],
    ["/api/pattern", sendHeavy(heavy, "pattern")],
    ["/api/estimate", sendHeavy(heavy, "estimate")],
    ["/api/estimates", send(estimating(heavy))],
  ]);
}

export type Calls = ReturnType<typeof callsOf>;
