import fc from "fast-check";
import { anyProject, answerTo, cabledBack } from "@testing/anyProject";
import { sentence } from "@testing/sentence";
import { demoProject } from "@/demo/slipover";
import { progressOf } from "../progress/places";
import { withEvent } from "../progress/merge";
import { finishingList } from "./finishingList";

const plain = (says: Parameters<typeof sentence>[0]) => sentence(says).replaceAll("\u00a0", " ");

test("every piece is blocked, every seam sewn and every extra made, each by a key of its own", () => {
  fc.assert(
    fc.property(anyProject, (project) => {
      const answer = answerTo(project);
      const keys = finishingList(project, answer).map(({ key }) => key);
      expect(new Set(keys).size).toBe(keys.length);
      for (const { id } of answer.plan.pieces) expect(keys).toContain(`block ${id}`);
      for (const { id } of answer.plan.seams) expect(keys).toContain(`seam ${id}`);
      for (const { id } of answer.plan.extras)
        if (project.extras.find((one) => one.id === id)?.kind !== "kept")
          expect(keys).toContain(`extra ${id}`);
    }),
    { numRuns: 40 },
  );
});

test("ends are those of cast-on and cast-off and two for each join; a splice leaves none of these", () => {
  const told = (join: "knot" | "splice") => {
    const project = cabledBack({}, { join });
    const answer = answerTo(project);
    const last = finishingList(project, answer).at(-1);
    return { says: last ? plain(last.what) : "", balls: answer.yarns[0].balls };
  };
  const knotted = told("knot");
  expect(knotted.says).toBe(`Weave in some ${2 + 2 * (knotted.balls - 1)} ends`);
  expect(told("splice").says).toBe("Weave in some 2 ends");
});

test("the demo says where rows meet stitches; what is ticked is known by its key, and taken back by its event", () => {
  const demo = demoProject();
  const list = finishingList(demo, answerTo(demo));
  expect(list.map(({ what }) => plain(what))).toEqual(
    expect.arrayContaining([expect.stringMatching(/^Wash and pin out Back/), expect.stringMatching(/^Sew /)]),
  );
  const key = list[0]?.key ?? "";
  const ticked = withEvent([], { kind: "ticked", id: "t", of: key }, 5);
  expect([...progressOf(ticked).ticked]).toEqual([[key, "t"]]);
  expect(progressOf(withEvent(ticked, { kind: "takenBack", id: "b", of: "t" }, 6)).ticked.size).toBe(0);
});
