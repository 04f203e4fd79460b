import { createHash } from "node:crypto";
import { request as ask, type IncomingHttpHeaders } from "node:http";
import { connect, type AddressInfo } from "node:net";
import { callsOf } from "./calls";
import { frontOf } from "./front";
import { workedHere, type Heavy } from "./heavy";
import { logTo } from "./log";
import { Metrics } from "./metrics";
import { demoProject } from "@/demo/slipover";

const lines: string[] = [];
let broken = false;
const heavy: Heavy = {
  do: (task) => (broken ? Promise.reject(new Error("secret words")) : Promise.resolve(workedHere(task))),
};
const metrics = new Metrics(() => ({ waiting: 3, working: 1 }));
const HASH = `sha256-${createHash("sha256").update("one").digest("base64")}`;
const server = frontOf({
  calls: callsOf({ heavy, metrics }),
  metrics,
  log: logTo(
    (line) => lines.push(line),
    () => new Date(0),
  ),
  files: (_, response, missing) =>
    response.req.url?.startsWith("/knit") ? response.end("<h1>Knit</h1>") : missing(),
  missingPage: "<h1>Nothing</h1>",
  scripts: { "/knit": [HASH], "/404": [] },
});
beforeAll(() => new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve)));
afterAll(() => new Promise((resolve) => server.close(resolve)));

const port = () => (server.address() as AddressInfo).port;

interface Heard {
  readonly status: number;
  readonly headers: IncomingHttpHeaders;
  readonly text: string;
}

function sent(
  method: string,
  address: string,
  body = "",
  headers: Record<string, string> = { "content-type": "application/json" },
): Promise<Heard> {
  return new Promise((resolve, reject) => {
    const out = ask({ port: port(), method, path: address, headers, agent: false }, (response) => {
      let text = "";
      response.on("data", (part: Buffer) => (text += part.toString()));
      response.on("end", () =>
        resolve({ status: response.statusCode ?? 0, headers: response.headers, text }),
      );
    });
    out.on("error", reject);
    out.end(body);
  });
}

/** Sends bytes as they are, and gives all that comes back until the connection is closed. */
const raw = (bytes: string) =>
  new Promise<string>((resolve) => {
    let text = "";
    const socket = connect(port(), "127.0.0.1", () => socket.write(bytes));
    socket.on("data", (part) => (text += part.toString()));
    socket.on("close", () => resolve(text));
  });

const METHODS = ["GET", "HEAD", "POST", "PUT", "PATCH", "DELETE", "OPTIONS", "TRACE"];
const SENT = ["fabric", "estimate", "estimates"];
const CALLS = ["health", "metrics", "schema", "demo", "shop", ...SENT];

test("each call answers each method in JSON, or names those that it takes", async () => {
  for (const call of CALLS)
    for (const method of METHODS) {
      const takesBody = ["POST", "PUT", "PATCH"].includes(method);
      const { status, headers, text } = await sent(method, `/api/${call}`, takesBody ? "{}" : "");
      const isText = call === "metrics" && status === 200;
      expect(headers["content-type"]).toMatch(isText ? /^text\/plain/ : /^application\/(?:x-nd)?json$/);
      if (method !== "HEAD" && !isText) expect(() => JSON.parse(text) as unknown).not.toThrow();
      if (status === 405) expect(headers.allow).toBe(SENT.includes(call) ? "POST" : "GET, HEAD");
      else expect([200, 422]).toContain(status);
    }
});

test.each([
  ["GET", "/api", 404],
  ["GET", "/api/nothing", 404],
  ["POST", "/api/health/", 404],
  ["GET", "/%", 400],
  ["GET", "/%E0%A4%A", 400],
  ["GET", "//", 400],
  ["POST", "/", 405],
  ["TRACE", "/knit", 405],
])("%s %s: %i in JSON, with a word", async (method, address, expected) => {
  const { status, text, headers } = await sent(method, address, "", {});
  expect([status, headers["content-type"]]).toEqual([expected, "application/json"]);
  const { error, diagnostics } = JSON.parse(text) as { error: string; diagnostics: unknown[] };
  expect(error).not.toBe("");
  expect(diagnostics).not.toEqual([]);
});

test("a page may have the scripts that were built into it, and stands in no frame", async () => {
  const { headers, text } = await sent("GET", "/knit", "", {});
  expect(text).toBe("<h1>Knit</h1>");
  const policy = headers["content-security-policy"] ?? "";
  expect(policy).toContain(`script-src 'self' '${HASH}'`);
  expect(policy).not.toMatch(/script-src[^;]*(unsafe|\*)|default-src[^;]*(unsafe|\*)/);
  expect(policy).toContain("frame-ancestors 'none'");
  // By the name of its file, as what keeps the page in the browser asks for it, it has the same.
  for (const name of ["/knit.html", "/knit/"])
    expect((await sent("GET", name, "", {})).headers["content-security-policy"]).toBe(policy);
  expect(headers["x-frame-options"]).toBe("DENY");
  expect(headers["x-powered-by"]).toBeUndefined();
  const missing = await sent("GET", "/nowhere", "", {});
  expect([missing.status, missing.text]).toEqual([404, "<h1>Nothing</h1>"]);
});

test("only JSON is taken; over 5 MB is refused, told or found out while reading", async () => {
  for (const type of ["text/plain", "", "application/json-not", "multipart/form-data"])
    expect((await sent("POST", "/api/estimate", "{}", { "content-type": type })).status).toBe(415);
  expect(
    (await sent("POST", "/api/fabric", "{}", { "content-type": "Application/JSON; charset=utf-8" })).status,
  ).toBe(422);
  const large = JSON.stringify({ instructions: "k".repeat(5_100_000) });
  expect((await sent("POST", "/api/fabric", large)).status).toBe(413);
  const chunked = await sent("POST", "/api/fabric", large, {
    "content-type": "application/json",
    "transfer-encoding": "chunked",
  });
  expect(chunked.status).toBe(413);
});

test("what is no text, ends too soon or is no request at all is told so", async () => {
  const head =
    "POST /api/fabric HTTP/1.1\r\nhost: a\r\ncontent-type: application/json\r\nconnection: close\r\n";
  expect(await raw("wibble\r\n\r\n")).toMatch(/^HTTP\/1.1 400 [^]*This is no request/);
  expect(await raw(`GET / HTTP/1.1\r\nhost: a\r\nx: ${"y".repeat(20_000)}\r\n\r\n`)).toMatch(
    /^HTTP\/1.1 431/,
  );
  const bytes = new Promise<string>((resolve) => {
    let text = "";
    const socket = connect(port(), "127.0.0.1", () => {
      socket.write(`${head}content-length: 3\r\n\r\n`);
      socket.write(Buffer.from([0x22, 0xff, 0x22]));
    });
    socket.on("data", (part) => (text += part.toString()));
    socket.on("close", () => resolve(text));
  });
  expect(await bytes).toMatch(/^HTTP\/1.1 400 [^]*not text in UTF-8/);
});

test("many projects are answered line by line, each under its place, what is wrong with one is told in its line", async () => {
  const [one, other] = [demoProject(), { ...demoProject(), name: "Another" }];
  const body = `${JSON.stringify(one)}\n{"format":"other"}\n${JSON.stringify(other)}`;
  const { status, headers, text } = await sent("POST", "/api/estimates", body, {
    "content-type": "application/x-ndjson",
  });
  expect([status, headers["content-type"]]).toEqual([200, "application/x-ndjson"]);
  const told = text
    .trim()
    .split("\n")
    .map((line) => JSON.parse(line) as { index: number; status: number; answer: { yarns: object[] } })
    .toSorted((a, b) => a.index - b.index);
  expect(told.map(({ status: of }) => of)).toEqual([200, 422, 200]);
  const alone = await sent("POST", "/api/estimate", JSON.stringify(other));
  expect(told[2]?.answer).toEqual(JSON.parse(alone.text));
  const list = await sent("POST", "/api/estimates", JSON.stringify([one, other]));
  expect(list.text.trim().split("\n")).toHaveLength(2);
  for (const wrong of ["", "[]", "[{]", "5", "[[{}]]"])
    expect((await sent("POST", "/api/estimates", wrong)).status).toBe(422);
});

test("logs and metrics say what was asked, and nothing of who asked or what was sent", async () => {
  lines.length = 0;
  await sent("POST", "/api/estimate", JSON.stringify({ format: "brenok", name: "Aunt Orla" }));
  await sent("GET", "/nowhere/Orla?name=Orla", "", {});
  await sent("GET", "/api/Orla", "", {});
  const { text } = await sent("GET", "/api/metrics", "", {});
  const told = lines.map((line) => JSON.parse(line) as object);
  expect(told[0]).toMatchObject({
    at: "1970-01-01T00:00:00.000Z",
    level: "info",
    event: "request",
    method: "POST",
    route: "/api/estimate",
    status: 422,
  });
  expect(text).toMatch(
    /brenok_request_seconds_count\{route="\/api\/estimate",method="POST",status="422"\} \d/,
  );
  expect(text).toMatch(/brenok_tasks_waiting 3/);
  for (const one of [...lines, text]) expect(one).not.toMatch(/Orla|127\.0\.0\.1/);
});

test("what breaks is told without its words, and the server goes on", async () => {
  broken = true;
  const { status, text } = await sent("POST", "/api/estimate", "{}");
  broken = false;
  expect(status).toBe(500);
  expect(text).not.toMatch(/secret/);
  expect((await sent("GET", "/api/health", "", {})).status).toBe(200);
});
