import { checkProject } from "@/core/files/projectFile";
import { patternOf } from "./pattern";

interface Told {
  readonly title: string;
  readonly complete: boolean;
  readonly phrases: readonly {
    readonly text: string;
    readonly as: string;
    readonly wrong?: string;
    readonly chart?: { readonly rows: string | null };
  }[];
  readonly project: unknown;
}

function asked(body: unknown) {
  const { status, body: text } = patternOf(typeof body === "string" ? body : JSON.stringify(body));
  return { status, answer: JSON.parse(text) as Told };
}

const SCARF = "Scarf\nCast on 40 sts. Work in garter st for 90 cm. Bind off.";

test("a pattern is answered as a project that can be sent to be estimated", () => {
  const { status, answer } = asked({ text: SCARF });
  expect(status).toBe(200);
  expect(answer.complete).toBe(true);
  expect(checkProject(answer.project).ok).toBe(true);
});

test("a sentence that is not understood is told in its place, and can be settled", () => {
  const sentence = "Do the frobbly thing.";
  const text = SCARF.replace("Bind off.", `${sentence} Bind off.`);
  const { answer } = asked({ text });
  expect(answer.complete).toBe(false);
  expect(answer.phrases.filter(({ wrong }) => wrong)).toMatchObject([{ text: sentence, as: "unread" }]);
  expect(asked({ text, settled: { [sentence]: "" } }).answer.complete).toBe(true);
  expect(asked({ text, settled: { [sentence]: "Knit 2 rows." } }).answer.complete).toBe(true);
});

test("signs of a chart are told, and linked with stitches", () => {
  const text =
    "Chart A\n3 x o o x\n1 x o o x\nScarf\nCast on 40 sts. Work chart A over all sts. Repeat rows 1-4 9 times more. Bind off.";
  const chartOf = (answer: Told) => answer.phrases.find(({ chart }) => chart)?.chart;
  const { answer } = asked({ text });
  expect(answer.complete).toBe(false);
  expect(chartOf(answer)).toMatchObject({
    signs: [{ sign: "x", from: null }, { sign: "o" }],
    between: "asked",
  });
  const linked = asked({ text, links: { x: "purl", o: "knit" }, between: "shown" }).answer;
  expect(linked.complete).toBe(true);
  expect(chartOf(linked)?.rows).toBe("Rows 1, 3 (RS): p1, k2, p1.\nRows 2, 4 (WS): k1, p2, k1.");
});

test.each([[{ text: "" }], [{ text: SCARF, size: 3 }], [{ text: SCARF, more: 1 }], ["no json"]])(
  "%j is refused with a word",
  (body) => {
    const { status, answer } = asked(body);
    expect(status).toBeGreaterThanOrEqual(400);
    expect((answer as unknown as { error: string }).error).not.toBe("");
  },
);
