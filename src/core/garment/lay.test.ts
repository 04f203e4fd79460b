import { demoProject } from "@/demo/slipover";
import { forecastProject } from "../forecast/projectForecast";
import { aspectOf, projectGauge } from "../forecast/projectGauge";
import { emptyProject, type Project, type ProjectPanel, type ProjectPiece } from "../files/project";
import type { PieceEstimate } from "../estimate/piece";
import { layPiece, layProject } from "./layPanels";

const origin = { from: "", version: "", date: "", text: "" };
const own = (text: string): ProjectPanel => ({ id: "own", name: "Mine", text, notes: "", origin });

function withRow(across: ProjectPiece["across"], panels: ProjectPanel[] = []): Project {
  const demo = demoProject();
  return {
    ...demo,
    panels,
    pieces: demo.pieces.map((piece) => ({
      ...piece,
      edge: 4,
      across,
      measured: { widthMm: null, stitches: null },
    })),
  };
}

const laid = (project: Project) => {
  const [piece] = project.pieces;
  if (!piece) throw new Error("no piece");
  return layPiece(project, piece);
};

function estimated(project: Project): PieceEstimate {
  const answer = forecastProject(project, layProject(project));
  if (!answer.known) throw new Error("no answer");
  const [piece] = answer.forecast.estimate.pieces;
  if (!piece) throw new Error("no piece");
  return piece.estimate;
}

test("panels of the library and of one's own lie side by side, each so many times", () => {
  const project = withRow(
    [
      { panelId: "rope-2-2-l-4", times: 2 },
      { panelId: "own", times: 1 },
      { panelId: "seed", times: 3 },
    ],
    [own("Row 1 (RS): P1, 3/3 RC, P1.\nRow 2 and all WS rows: K1, P6, K1.\nRow 3: P1, K6, P1.")],
  );
  const row = laid(project);
  if (!row.ok) throw new Error(row.message);
  expect(row.fabric.stitches).toBe(4 + 2 * 8 + 8 + 3 * 2 + 4);
  const estimate = estimated(project);
  expect(estimate.stitches).toBe(38);
  expect(estimate.ledger.drawIn).toBeGreaterThan(0);
  expect(estimate.ledger.crossings).toBeGreaterThan(0);
  expect(estimate.kept.width).toBeLessThan(0.95);
});

test("taking the crossings out never raises the yarn, and widens the piece", () => {
  const text = (crossing: string) => `Rnd 1: P2, ${crossing}, P2.\nRnds 2-6: P2, K6, P2.`;
  const [crossed, straight] = ["3/3 LC", "K6"].map((what) => {
    const project = withRow([{ panelId: "own", times: 5 }], [own(text(what))]);
    return estimated(project);
  });
  expect(straight?.totalMm).toBeLessThan(crossed?.totalMm ?? 0);
  expect(straight?.widthMm).toBeGreaterThan(crossed?.widthMm ?? Infinity);
});

test("a wider crossing narrows the piece and takes more yarn", () => {
  const [narrow, wide] = ["2/2 LC, K2", "3/3 LC"].map((what) => {
    const text = `Rnd 1: P2, ${what}, P2.\nRnds 2-6: P2, K6, P2.`;
    const project = withRow([{ panelId: "own", times: 5 }], [own(text)]);
    return estimated(project);
  });
  expect(wide?.widthMm).toBeLessThan(narrow?.widthMm ?? 0);
  expect(wide?.totalMm).toBeGreaterThan(narrow?.totalMm ?? Infinity);
});

test.each([
  ["a panel that is gone", [{ panelId: "nowhere", times: 1 }], [], /no longer there/],
  [
    "an unread one",
    [{ panelId: "own", times: 1 }],
    [own("Rnd 1: P2, wibble.")],
    /Mine cannot be read yet \(line 1\)/,
  ],
  ["one without rows", [{ panelId: "own", times: 1 }], [own("")], /Mine cannot be read yet/],
  ["one that asks", [{ panelId: "own", times: 1 }], [own("Rnd 1: P2, C3F, P2.")], /Mine cannot be read yet/],
])("%s is told in words, and there is no answer until it is mended", (_, across, panels, words) => {
  const project = withRow(across, panels);
  const row = laid(project);
  expect(row).toMatchObject({ ok: false, message: expect.stringMatching(words) as string });
  expect(forecastProject(project, [row])).toMatchObject({
    known: false,
    findings: [{ pieceId: "piece-1", field: "across" }],
  });
});

test("a row of panels that is being read has no answer and no complaint yet", () => {
  const project = withRow([{ panelId: "seed", times: 1 }]);
  expect(forecastProject(project)).toEqual({ known: false, missing: [], findings: [] });
});

test("the aspect is the gauge's; without any gauge or yarn the usual one", () => {
  expect(aspectOf(demoProject())).toBeCloseTo(18 / 25, 9);
  expect(aspectOf(emptyProject())).toBe(0.72);
  expect(projectGauge(emptyProject())).toBeNull();
});

test("a mirrored piece has its crossings lean the other way, and is as wide and as hungry", () => {
  const text = "Rnd 1: P2, 3/3 LC, K2, P1.\nRnds 2-6: P2, K8, P1.";
  const [one, other] = [false, true].map((mirrored) => {
    const project = withRow([{ panelId: "own", times: 3 }], [own(text)]);
    return { ...project, pieces: project.pieces.map((piece) => ({ ...piece, mirrored })) };
  }) as [Project, Project];
  const row = laid(other);
  expect(row.ok && JSON.stringify(row.across.panels)).toContain('"lean":"right"');
  expect(estimated(other).totalMm).toBeCloseTo(estimated(one).totalMm, 4);
  expect(estimated(other).widthMm).toBeCloseTo(estimated(one).widthMm, 3);
});
