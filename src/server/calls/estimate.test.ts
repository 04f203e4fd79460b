import { emptyProject } from "@/core/project/project";
import type { EstimateReport } from "@/core/forecast/report";
import { forecastProject } from "@/core/forecast/projectForecast";
import { demoProject } from "@/demo/slipover";
import { writeProject } from "@/core/files/projectFile";
import { estimateOf } from "./estimate";
import { schema } from "./schema";

function asked(text: string) {
  const { status, body } = estimateOf(text);
  return { status, answer: JSON.parse(body) as unknown };
}

/** A demo project of one fabric, changed. */
function withFabric(given: object) {
  const [piece] = emptyProject().pieces;
  const sections = piece?.sections.map((section) =>
    section.kind === "fabric" ? { ...section, ropes: 4, rows: 60, ...given } : section,
  );
  return { ...demoProject(), pieces: [{ ...piece, sections }] };
}

test("the demo, fetched and sent back, is answered with the figures of the page", () => {
  const { status, answer } = asked(writeProject(demoProject()));
  expect(status).toBe(200);
  const report = answer as EstimateReport;
  const page = forecastProject(demoProject());
  if (!page.known) throw new Error("no answer");
  const { estimate } = page;
  const [{ quantilesMm, advised, around }] = page.yarns;
  const [yarn] = report.yarns;
  expect(yarn?.advised).toBe(advised.balls);
  for (const name of ["p5", "p10", "p50", "p90", "p95"] as const)
    expect(yarn?.metres[name]).toBeCloseTo(quantilesMm[name] / 1000, 9);
  for (const { balls, chance } of around.filter((one) => one.chance > 0.001 && one.chance < 0.999))
    expect(yarn?.balls.find(({ count }) => count === balls)?.chance).toBeCloseTo(chance, 12);
  const total = report.ledger.reduce((sum, { metres }) => sum + metres, 0);
  expect(total).toBeCloseTo(estimate.totalMm / 1000, 9);
  expect(report.diagnostics).toEqual([]);
});

test("chances only grow with the balls, and grams are those of need and ball together", () => {
  const { answer } = asked(JSON.stringify(demoProject()));
  const [yarn] = (answer as EstimateReport).yarns;
  const chances = yarn?.balls.map(({ chance }) => chance ?? NaN) ?? [];
  expect(chances.length).toBeGreaterThan(1);
  expect(chances).toEqual([...chances].sort((a, b) => a - b));
  const gramsPerM = (name: "p5" | "p50") => (yarn?.grams?.[name] ?? 0) / (yarn?.metres[name] ?? 1);
  // A weighed swatch says what the stitches weigh, whatever a ball holds: the band of grams is the narrower one.
  const spread = (of: "grams" | "metres") => Math.log((yarn?.[of]?.p95 ?? 0) / (yarn?.[of]?.p5 ?? 1));
  expect(spread("grams")).toBeLessThan(spread("metres"));
  // As the band says, but for what the swatches say of this lot.
  expect(gramsPerM("p50") / (50 / 82)).toBeCloseTo(1, 1);
});

test("a row of panels is read and relaxed as on the page; a panel that is gone is named", () => {
  const withRow = (panelId: string) =>
    JSON.stringify(withFabric({ content: "panels", across: [{ panelId, times: 4 }] }));
  const { status, answer } = asked(withRow("horseshoe"));
  expect(status).toBe(200);
  expect((answer as EstimateReport).ledger.find(({ part }) => part === "drawIn")?.metres).toBeGreaterThan(5);
  expect(asked(withRow("nowhere"))).toMatchObject({
    status: 422,
    answer: { diagnostics: [{ path: "pieces.0.sections.1" }] },
  });
});

test("a width that cannot be is questioned in the diagnostics, and no chance is given with it", () => {
  const { answer } = asked(JSON.stringify(withFabric({ measured: { widthMm: 760, stitches: 18 } })));
  const { complete, yarns, diagnostics } = answer as EstimateReport;
  expect(diagnostics[0]?.path).toBe("pieces.0.sections.1.measured.widthMm");
  expect([complete, yarns[0]?.advised, yarns[0]?.balls[0]?.chance]).toEqual([false, null, null]);
});

test.each([
  ["an empty project", JSON.stringify(emptyProject()), "yarns.0.putUp"],
  ["no project", JSON.stringify({ format: "other" }), "body"],
  ["a newer version", JSON.stringify({ ...demoProject(), version: 99 }), "version"],
  ["a part that cannot be", JSON.stringify({ ...demoProject(), needleMm: -3 }), "needleMm"],
])("%s: 422 with its path and what to do", (_, body, path) => {
  const { status, answer } = asked(body);
  const { diagnostics } = answer as { diagnostics: { path: string; message: string }[] };
  expect([status, diagnostics[0]?.path]).toEqual([422, path]);
  expect(diagnostics[0]?.message).not.toBe("");
});

test("the schema served is JSON Schema and names what a file must have", () => {
  const { required, properties } = JSON.parse(schema().body) as { required: string[]; properties: object };
  expect(required).toEqual(expect.arrayContaining(["format", "version", "yarns", "pieces"]));
  expect(Object.keys(properties)).toContain("certainty");
});

test("nothing is taken apart that is nested deeper than any project", () => {
  for (const deep of [
    `${"[".repeat(100_000)}${"]".repeat(100_000)}`,
    `${'{"a":'.repeat(65)}1${"}".repeat(65)}`,
  ]) {
    const { status, answer } = asked(deep);
    expect(status).toBe(422);
    expect(answer).toMatchObject({ error: "The body is nested over 64 deep." });
  }
  expect(asked(JSON.stringify({ text: "[".repeat(1000) })).answer).toMatchObject({
    error: "This is not a project that can be read.",
  });
});

test("two things of one name in a file are refused with their place, and not answered twice", () => {
  const demo = demoProject();
  const [yarn] = demo.yarns;
  const { status, answer } = asked(JSON.stringify({ ...demo, yarns: [...demo.yarns, yarn] }));
  expect(status).toBe(422);
  expect(answer).toMatchObject({ diagnostics: [{ path: `yarns.${demo.yarns.length}.id` }] });
});
