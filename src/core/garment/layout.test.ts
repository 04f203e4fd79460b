import { sentence } from "@testing/sentence";
import { demoProject } from "@/demo/slipover";
import { forecastProject } from "../forecast/projectForecast";
import { aspectOf, projectGauge } from "./projectGauge";
import { emptyProject, type Project, type ProjectPanel } from "../project/project";
import type { PieceEstimate } from "../estimate/piece";
import { cabledBack } from "@testing/anyProject";
import { ledgerOf } from "../estimate/ledger";
import type { FabricSection } from "../project/sections";
import { layProject } from "./panelLayout";

const origin = { from: "", version: "", date: "", text: "" };
const own = (text: string): ProjectPanel => ({ id: "own", name: "Mine", text, notes: "", origin });

const withRow = (across: FabricSection["across"], panels: ProjectPanel[] = []): Project =>
  cabledBack({ content: "panels", edge: 4, across, measured: { widthMm: null, stitches: null } }, { panels });

const laid = (project: Project) => {
  const [row] = layProject(project).values();
  if (!row) throw new Error("no section");
  return row;
};

function estimated(project: Project): PieceEstimate {
  const answer = forecastProject(project, layProject(project));
  if (!answer.known) throw new Error("no answer");
  const [piece] = answer.estimate.pieces;
  if (!piece) throw new Error("no piece");
  return piece.estimate;
}

test("panels of the library and of one's own lie side by side, each so many times", () => {
  const project = withRow(
    [
      { panelId: "rope-2-2-l-4", times: 2, joined: "repeat" },
      { panelId: "own", times: 1, joined: "repeat" },
      { panelId: "seed", times: 6, joined: "repeat" },
    ],
    [own("Row 1 (RS): P1, 3/3 RC, P1.\nRow 2 and all WS rows: K1, P6, K1.\nRow 3: P1, K6, P1.")],
  );
  const row = laid(project);
  if (!row.ok) throw new Error(sentence(row.message));
  // A rope is 6 + 2: two of them share the purls between them.
  expect(row.fabric.stitches).toBe(4 + (2 * 6 + 2) + 8 + 3 * 2 + 4);
  const estimate = estimated(project);
  expect(estimate.stitches).toBe(36);
  expect(ledgerOf(estimate.lines).drawIn).toBeGreaterThan(0);
  expect(ledgerOf(estimate.lines).crossings).toBeGreaterThan(0);
  expect(estimate.widths.main?.kept.all).toBeLessThan(0.95);
});

test("taking the crossings out never raises the yarn, and widens the piece", () => {
  const text = (crossing: string) => `Rnd 1: P2, ${crossing}, P2.\nRnds 2-6: P2, K6, P2.`;
  const [crossed, straight] = ["3/3 LC", "K6"].map((what) => {
    const project = withRow([{ panelId: "own", times: 5, joined: "repeat" }], [own(text(what))]);
    return estimated(project);
  });
  expect(straight?.totalMm).toBeLessThan(crossed?.totalMm ?? 0);
  expect(straight?.widthMm).toBeGreaterThan(crossed?.widthMm ?? Infinity);
});

test("a wider crossing narrows the piece and takes more yarn", () => {
  const [narrow, wide] = ["2/2 LC, K2", "3/3 LC"].map((what) => {
    const text = `Rnd 1: P2, ${what}, P2.\nRnds 2-6: P2, K6, P2.`;
    const project = withRow([{ panelId: "own", times: 5, joined: "repeat" }], [own(text)]);
    return estimated(project);
  });
  expect(wide?.widthMm).toBeLessThan(narrow?.widthMm ?? 0);
  expect(wide?.totalMm).toBeGreaterThan(narrow?.totalMm ?? Infinity);
});

test.each([
  [
    "a panel that is gone",
    [{ panelId: "nowhere", times: 1, joined: "repeat" as const }],
    [],
    /no longer there/,
  ],
  [
    "an unread one",
    [{ panelId: "own", times: 1, joined: "repeat" as const }],
    [own("Rnd 1: P2, wibble.")],
    /Mine cannot be read yet \(line 1\)/,
  ],
  [
    "one without rows",
    [{ panelId: "own", times: 1, joined: "repeat" as const }],
    [own("")],
    /Mine cannot be read yet/,
  ],
  [
    "one that asks",
    [{ panelId: "own", times: 1, joined: "repeat" as const }],
    [own("Rnd 1: P2, C3F, P2.")],
    /Mine cannot be read yet/,
  ],
])("%s is told in words, and there is no answer until it is mended", (_, across, panels, words) => {
  const project = withRow(across, panels);
  const row = laid(project);
  expect(row?.ok).toBe(false);
  expect(sentence(row && "message" in row ? row.message : null)).toMatch(words);
  const answer = forecastProject(project, layProject(project));
  expect(answer.known).toBe(false);
  expect(answer.findings).toMatchObject([{ pieceId: "piece", sectionId: "fabric", leftOut: true }]);
  expect(sentence(answer.findings[0]?.message)).toMatch(words);
});

test("a row of panels that is being read has no answer and no complaint yet", () => {
  const project = withRow([{ panelId: "seed", times: 1, joined: "repeat" }]);
  expect(forecastProject(project, new Map())).toEqual({ known: false, missing: [], findings: [] });
});

test("the aspect is the gauge's; without any gauge or yarn the usual one", () => {
  expect(aspectOf(demoProject())).toBeCloseTo(18 / 25, 9);
  expect(aspectOf(emptyProject())).toBe(0.72);
  expect(projectGauge(emptyProject())).toBeNull();
});

test("a mirrored piece has its crossings lean the other way, and is as wide and as hungry", () => {
  const text = "Rnd 1: P2, 3/3 LC, K2, P1.\nRnds 2-6: P2, K8, P1.";
  const [one, other] = [false, true].map((mirrored) => {
    const project = withRow([{ panelId: "own", times: 3, joined: "repeat" }], [own(text)]);
    return { ...project, pieces: project.pieces.map((piece) => ({ ...piece, mirrored })) };
  }) as [Project, Project];
  const answer = forecastProject(other, layProject(other));
  const rows = answer.known ? answer.worked.get("piece")?.sections[1]?.rows : [];
  expect(JSON.stringify(rows?.[0]?.row)).toContain('"lean":"right"');
  expect(estimated(other).totalMm).toBeCloseTo(estimated(one).totalMm, 4);
  expect(estimated(other).widthMm).toBeCloseTo(estimated(one).widthMm, 3);
});

test.each([
  ["garter", 6],
  ["garter", 20],
  ["seed", 7],
  ["rib-3-2", 13],
])("%s among panels fills %d stitches, whatever its repeat", (panelId, stitches) => {
  const project = withRow([
    { panelId, times: stitches, joined: "repeat" },
    { panelId: "honeycomb", times: 1, joined: "repeat" },
    { panelId, times: stitches, joined: "repeat" },
  ]);
  const [laid] = [...layProject(project).values()];
  if (!laid?.ok) throw new Error(sentence(laid?.message));
  expect(laid.across.taken?.map((one) => one.stitches)).toEqual([stitches, 12, stitches]);
  expect(laid.fabric.stitches).toBe(2 * stitches + 12 + 2 * laid.across.edge);
});

test("a rope without its purls lies between grounds stitch to stitch, as often as it is taken", () => {
  const project = withRow([
    { panelId: "garter", times: 5, joined: "repeat" },
    { panelId: "rope-3-3-l-6", times: 2, joined: "bare" },
    { panelId: "garter", times: 15, joined: "repeat" },
  ]);
  const [laid] = [...layProject(project).values()];
  if (!laid?.ok) throw new Error(sentence(laid?.message));
  expect(laid.across.taken?.map(({ stitches, purls }) => [stitches, purls])).toEqual([
    [5, 0],
    [12, 4],
    [15, 0],
  ]);
  const crossings = laid.across.panels.flatMap(
    ({ rows }) => rows[0]?.filter((work) => "crossing" in work) ?? [],
  );
  expect(crossings).toHaveLength(2);
});
