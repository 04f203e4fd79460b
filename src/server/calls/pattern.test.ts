import { checkProject } from "@/core/files/projectFile";
import { patternOf } from "./pattern";

interface Told {
  readonly title: string;
  readonly complete: boolean;
  readonly phrases: readonly { readonly text: string; readonly as: string; readonly wrong?: string }[];
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

test.each([[{ text: "" }], [{ text: SCARF, size: 3 }], [{ text: SCARF, more: 1 }], ["no json"]])(
  "%j is refused with a word",
  (body) => {
    const { status, answer } = asked(body);
    expect(status).toBeGreaterThanOrEqual(400);
    expect((answer as unknown as { error: string }).error).not.toBe("");
  },
);
