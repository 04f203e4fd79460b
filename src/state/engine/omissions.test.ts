import { demoProject } from "@/demo/slipover";
import { omissionsOf } from "@/core/forecast/omissions";
import { forecastProject } from "@/core/forecast/projectForecast";
import { layProject } from "@/core/garment/panelLayout";
import type { Project } from "@/core/project/project";
import { leaveOut, takeIn } from "./omissions";
import { begin, undo, useProjectStore } from "../project/projectStore";

const project = () => useProjectStore.getState().project;

function omissions() {
  const answer = forecastProject(project(), layProject(project()));
  if (!answer.known) throw new Error("no answer");
  return omissionsOf(project(), answer, "metric");
}

/** Opens the demo with something about one of the back's sections changed. */
function beginWith(sectionId: string, part: object) {
  const demo = { ...demoProject(), log: [] };
  const pieces = demo.pieces.map((piece) => ({
    ...piece,
    sections: piece.sections.map((one) => (one.id === sectionId ? { ...one, ...part } : one)),
  }));
  begin({ ...demo, pieces } as Project);
}

const STRANGE = { kind: "one", bands: [{ yarnId: "of nobody", count: 1 }], carried: true };

test.each(demoProject().pieces[0]?.sections.map(({ id, kind }) => [kind, id] as const) ?? [])(
  "a colour that is not there can be left out of a section of kind %s, and undone",
  (_, sectionId) => {
    beginWith(sectionId, { colours: STRANGE });
    const [only, ...others] = omissions();
    expect([only?.kind, others]).toEqual(["colour", []]);
    if (only) leaveOut(only);
    expect(omissions()).toEqual([]);
    undo();
    expect(omissions()).toHaveLength(1);
  },
);

test("a section that cannot be worked is left out when the knitter says so, and taken in again", () => {
  beginWith("back/ropes", { measured: { widthMm: 20, stitches: 116 } });
  const [width] = omissions();
  expect(width?.kind).toBe("measuredWidth");
  if (width) leaveOut(width);
  expect(omissions()).toEqual([]);
  const shaping = project().pieces[0]?.sections.find(({ kind }) => kind === "shape");
  beginWith(shaping?.id ?? "", { times: 80 });
  const [section] = omissions();
  expect(section?.kind).toBe("section");
  if (section) leaveOut(section);
  expect(omissions().some((one) => one.kind === "section" && one.sectionId === shaping?.id)).toBe(false);
  takeIn("back", shaping?.id ?? null);
  expect(omissions().some((one) => one.kind === "section" && one.sectionId === shaping?.id)).toBe(true);
});
